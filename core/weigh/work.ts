import type { Part } from './candidate'

export const doesWork = ({ buyable }: Part, leads: ReadonlySet<string>): boolean =>
  buyable.jig === undefined && buyable.entry.tool.roles.some((role) => leads.has(role))
