import {
  OPENINGS,
  THINGS,
  lengthOf,
  liesInside,
  overlaps,
  passageOf,
  rectOf,
  wallsOf,
  type FloorPlan,
  type Stand
} from '../../../core/workshop'
import type { Sides } from '../../../core/catalogue'

/** What is put into a room besides tools. */
export const ADDED = [...OPENINGS, 'outlet', ...THINGS] as const
type Added = (typeof ADDED)[number]

/** Usual sizes, mm. Common practice: a single door, a single garage door, a middle car. */
const SIZES: Readonly<Record<(typeof THINGS)[number], Sides>> = {
  car: [1800, 4300],
  bikes: [600, 1800],
  boiler: [600, 600],
  shelves: [1000, 400],
  bench: [1500, 600],
  other: [600, 600]
}
const DOORS: Readonly<Record<(typeof OPENINGS)[number], readonly [width: number, height: number]>> =
  {
    door: [850, 2000],
    gate: [2400, 2100],
    window: [1000, 1000]
  }
const isOpening = (kind: Added): kind is (typeof OPENINGS)[number] =>
  (OPENINGS as readonly string[]).includes(kind)

const LEAST_MM = 200
const STEP_MM = 100

/**
 * The first free stretch of a wall, from the third wall on: the lower one of a plain room. A gate is put into the shortest wall that takes it: one
 * drives in along the room.
 */
function freeWall(
  plan: FloorPlan,
  widthMm: number,
  isGate: boolean
): { wall: number; fromMm: number } {
  const walls = wallsOf(plan.outline)
  const order = walls.map((_, k) => (k + 2) % walls.length)
  if (isGate) order.sort((a, b) => lengthOf(walls[a]!) - lengthOf(walls[b]!))
  for (const wall of order) {
    const most = lengthOf(walls[wall]!) - widthMm
    for (let fromMm = Math.min(LEAST_MM, most); fromMm >= 0 && fromMm <= most; fromMm += STEP_MM)
      if (
        plan.openings.every(
          (one) =>
            one.wall !== wall ||
            one.fromMm >= fromMm + widthMm + STEP_MM ||
            fromMm >= one.fromMm + one.widthMm + STEP_MM
        )
      )
        return { wall, fromMm }
  }
  return { wall: Math.min(2, walls.length - 1), fromMm: LEAST_MM }
}

/** Where something of some sides stands on nothing else; the middle of the room where there is no such place. */
function freePlace(plan: FloorPlan, sides: Sides): Stand {
  const [xs, ys] = [plan.outline.map(({ xMm }) => xMm), plan.outline.map(({ yMm }) => yMm)]
  const [x, y, w, h] = [Math.min(...xs), Math.min(...ys), Math.max(...xs), Math.max(...ys)]
  const taken = plan.things.map(rectOf)
  const passages = plan.openings.flatMap((one) => passageOf(plan, one) ?? [])
  for (const turn of [0, 1] as const) {
    const [across, deep] = turn === 0 ? sides : [sides[1], sides[0]]
    for (let yMm = y + deep / 2; yMm <= h - deep / 2; yMm += STEP_MM)
      for (let xMm = x + across / 2; xMm <= w - across / 2; xMm += STEP_MM) {
        const rect = { x: xMm - across / 2, y: yMm - deep / 2, w: across, h: deep }
        if (
          liesInside(plan.outline, rect) &&
          ![...taken, ...passages].some((one) => overlaps(one, rect))
        )
          return { xMm, yMm, turn }
      }
  }
  return { xMm: Math.round((x + w) / 2), yMm: Math.round((y + h) / 2), turn: 0 }
}

/** A drawing with something more in it, where there is room. */
export function added(plan: FloorPlan, kind: Added, id: string, circuit: string): FloorPlan {
  if (isOpening(kind)) {
    const [widthMm, heightMm] = DOORS[kind]
    return {
      ...plan,
      openings: [
        ...plan.openings,
        { id, kind, ...freeWall(plan, widthMm, kind === 'gate'), widthMm, heightMm }
      ]
    }
  }
  if (kind === 'outlet')
    return {
      ...plan,
      outlets: [...plan.outlets, { id, wall: 0, atMm: 500 + 1000 * plan.outlets.length, circuit }]
    }
  const sides = SIZES[kind]
  return {
    ...plan,
    things: [
      ...plan.things,
      {
        id,
        kind,
        ...freePlace(plan, sides),
        sides,
        ...(kind === 'car' ? { away: true as const } : {})
      }
    ]
  }
}
