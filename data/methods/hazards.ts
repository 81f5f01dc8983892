import type { Method } from '../../core/catalogue'

type Hazard = NonNullable<Method['hazard']>
const hazard = (kind: Hazard['kind'], level: Hazard['level']): Hazard => ({ kind, level })

/** What can hurt in a method, and how much practice it wants; one judgement for all methods alike. Common practice. */
export const edge = hazard('sharp-edge', 1)
export const bit = hazard('spinning-bit', 1)
export const press = hazard('spinning-bit', 2)
export const jig = hazard('hand-blade', 1)
/** A hand-held blade on a rail, or one that is fenced in. */
export const guided = hazard('hand-blade', 2)
export const circ = hazard('hand-blade', 3)
export const mitre = hazard('fixed-blade', 2)
export const band = hazard('fixed-blade', 2)
export const table = hazard('fixed-blade', 3)
export const trim = hazard('router-bit', 1)
export const router = hazard('router-bit', 2)
export const tabled = hazard('router-bit', 3)
export const feed = hazard('feed-rollers', 2)
export const cutterhead = hazard('feed-rollers', 3)
export const dust = hazard('dust', 1)

/** A bit's shank has to fit the router's collet. */
export const shank = (role: string, withRole: string): Method['ties'] => [
  { comparator: 'shank-fits-collet', role, withRole }
]
