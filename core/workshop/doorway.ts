import type { FloorPlan, Opening } from './floor-plan'
import { areaOf, crossingWalls, lengthOf, wallsOf } from './outline'

/** Outside sizes of a box, mm. */
export interface Box {
  readonly length: number
  readonly width: number
  readonly height: number
}

/** Clearance one carries things through a door with, mm. Common practice. */
const CLEARANCE_MM = 10

/**
 * Whether a rectangle goes into another, turned as it may be (Carver 1957): with p ≥ q and a ≥ b, either p ≤ a and q ≤ b, or p > a, q ≤ b and
 * b ≥ (2·p·q·a + (p² − q²)·√(p² + q² − a²)) / (p² + q²).
 */
export function goesInto(
  [one, other]: readonly [number, number],
  [high, wide]: readonly [number, number]
): boolean {
  const [p, q] = one >= other ? [one, other] : [other, one]
  const [a, b] = high >= wide ? [high, wide] : [wide, high]
  if (p <= a) return q <= b
  const square = p * p + q * q
  return q <= b && b >= (2 * p * q * a + (p * p - q * q) * Math.sqrt(square - a * a)) / square
}

/** Whether a box can be carried straight through an opening, on any of its ends and tilted. */
export function goesThrough(
  { length, width, height }: Box,
  { widthMm, heightMm }: Opening
): boolean {
  const opening = [heightMm - CLEARANCE_MM, widthMm - CLEARANCE_MM] as const
  return (
    [
      [width, height],
      [length, height],
      [length, width]
    ] as const
  ).some((end) => goesInto(end, opening))
}

/** The doors and gates a box goes through. */
export const waysOut = ({ openings }: FloorPlan, box: Box): Opening[] =>
  openings.filter((one) => one.kind !== 'window' && goesThrough(box, one))

/** What is wrong with a drawing of a room. */
export type PlanFault =
  | { readonly kind: 'no-floor' }
  | { readonly kind: 'walls-cross'; readonly walls: readonly [number, number] }
  | { readonly kind: 'opening-beyond-wall'; readonly id: string; readonly wallMm: number }
  | { readonly kind: 'outlet-beyond-wall'; readonly id: string; readonly wallMm: number }

/** The least floor and side a room is drawn with. */
const LEAST_M2 = 0.25
const LEAST_SIDE_MM = 500

/** What is wrong with a drawing: nothing is refused, all is said. */
export function planFaults(plan: FloorPlan): PlanFault[] {
  const { outline, openings, outlets } = plan
  const span = (list: readonly number[]): number =>
    Math.max(0, ...list) - Math.min(Infinity, ...list)
  const flat = Math.min(span(outline.map(({ xMm }) => xMm)), span(outline.map(({ yMm }) => yMm)))
  if (outline.length < 3 || flat < LEAST_SIDE_MM) return [{ kind: 'no-floor' }]
  const crossing = crossingWalls(outline)
  if (crossing) return [{ kind: 'walls-cross', walls: crossing }]
  if (areaOf(outline) < LEAST_M2) return [{ kind: 'no-floor' }]
  const walls = wallsOf(outline)
  const wallMm = (wall: number): number => (walls[wall] ? lengthOf(walls[wall]) : 0)
  return [
    ...openings
      .filter(({ wall, fromMm, widthMm }) => fromMm < 0 || fromMm + widthMm > wallMm(wall) + 1)
      .map(
        ({ id, wall }) =>
          ({ kind: 'opening-beyond-wall', id, wallMm: Math.round(wallMm(wall)) }) as const
      ),
    ...outlets
      .filter(({ wall, atMm }) => atMm < 0 || atMm > wallMm(wall) + 1)
      .map(
        ({ id, wall }) =>
          ({ kind: 'outlet-beyond-wall', id, wallMm: Math.round(wallMm(wall)) }) as const
      )
  ]
}
