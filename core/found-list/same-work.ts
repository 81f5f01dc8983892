import type { Tool } from '../catalogue'

/** Whether a tool of the same group plays all roles of another one, whatever their sizes. */
export const doesWorkOf = (other: Tool, tool: Tool): boolean =>
  other.group === tool.group &&
  tool.roles.length > 0 &&
  tool.roles.every((role) => other.roles.includes(role))
