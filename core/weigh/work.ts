import type { PackageLine } from './candidate'

export const doesWork = ({ buyable }: PackageLine, leads: ReadonlySet<string>): boolean =>
  buyable.jig === undefined && buyable.entry.tool.roles.some((role) => leads.has(role))
