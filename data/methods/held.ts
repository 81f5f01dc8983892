import type { Method } from '../../core/catalogue'

/**
 * What only holds, strikes or rubs. A dear clamp makes no panel flatter and no case squarer than a plain one: how exact the work comes
 * out is up to whoever sets it. Common practice.
 */
const HOLDS: ReadonlySet<string> = new Set([
  'clamp',
  'strap-clamp',
  'parallel-clamp',
  'corner-clamp',
  'spring-clamp',
  'edge-clamp',
  'toggle-clamp',
  'g-clamp',
  'hand-screw',
  'template-tape',
  'vice',
  'holdfast',
  'work-holding',
  'bench',
  'sanding-block',
  'hammer',
  'stapler',
  'nailer',
  'screwdriver',
  'impact-driver'
])

/** A method with whether its error comes from its leading tool at all. */
export const held = (method: Method): Method => {
  const lead = method.roles[0]?.role
  return lead !== undefined && HOLDS.has(lead) ? { ...method, held: true } : method
}
