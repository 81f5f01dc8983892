import type { Family, Method } from '../../core/catalogue'

/** What hardwood and sheets make of a method’s time, where its time holds for softwood. */
type Times = NonNullable<Method['species']>

/**
 * By what leads the work. Hand tools feel the timber most: half as long again in oak or beech; a motor hardly does. Plywood is slow
 * under a hand saw for its glue lines. Judgements, common practice.
 */
const BY_FAMILY: Readonly<Record<Family, Times>> = {
  'hand-saws': { hard: 1.5, sheet: 1.25 },
  'edge-tools': { hard: 1.5, sheet: 1.3 },
  'hand-power': { hard: 1.15 },
  routers: { hard: 1.25 },
  machines: { hard: 1.15 },
  joints: { hard: 1.25 }
}
/** Hand work that belongs to no family. */
const BY_ROLE: Readonly<Record<string, Times>> = {
  'sanding-block': { hard: 1.4 },
  rasp: { hard: 1.4 }
}

export function inTimber(method: Method): Method {
  const times = (method.family && BY_FAMILY[method.family]) ?? BY_ROLE[method.roles[0]?.role ?? ''] ?? undefined
  return times === undefined ? method : { ...method, species: times }
}
