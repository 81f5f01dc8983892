import { sumOf } from '../kernel'
import { bodyClashes, clashesInUse, fixedIn, reachOf, storedObstacle } from './clashes'
import { TURNS, overlaps, type FloorPlan, type Point, type Rect, type Stand } from './floor-plan'
import { alongWall, distanceTo, liesInside, wallsOf } from './outline'
import { bodyStored, bodyUsed, storedAt, wantedAt, type Shape, type Wanted } from './shape'

/**
 * What counts against a layout, by the third of a millimetre: run that is missing, a body that does not go, a tool that stands nowhere, one that has to
 * be moved for its use and how far, a cord that does not reach, and what is put away in the middle of the room, where one walks.
 */
const AGAINST = {
  run: 3,
  body: 10_000,
  nowhere: 30_000,
  move: 300,
  perMetreMoved: 100,
  perMetreOfCord: 300,
  perMetreFromWall: 200
} as const
/** Length of a usual tool's own cord with one extension lying along the wall, mm. */
const CORD_MM = 3000
const METRE = 1000

const apart = (a: Point, b: Point): number => Math.hypot(a.xMm - b.xMm, a.yMm - b.yMm)

/** Where the outlets are. */
export const outletsOf = (plan: FloorPlan): Point[] => {
  const walls = wallsOf(plan.outline)
  return plan.outlets.flatMap(({ wall, atMm }) => {
    const its = walls[wall]
    return its ? [alongWall(its, atMm)] : []
  })
}

/** What counts against a place for its outlet: nothing where none is drawn. */
export function cordCost({ corded }: Shape, stand: Point, outlets: readonly Point[]): number {
  if (!corded || outlets.length === 0) return 0
  const nearest = Math.min(...outlets.map((one) => apart(one, stand)))
  return (Math.max(0, nearest - CORD_MM) / METRE) * AGAINST.perMetreOfCord
}

/** What counts against putting a tool away elsewhere than where it is used. */
export const moveCost = (used: Stand, stored: Stand): number => {
  const far = apart(used, stored)
  const turned = (used.turn - stored.turn) % 2 !== 0
  return far < 1 && !turned ? 0 : AGAINST.move + (far / METRE) * AGAINST.perMetreMoved
}

/** What counts against putting something away in the open: its distance from the nearest wall. */
export function openCost({ outline }: FloorPlan, body: Rect): number {
  const far = Math.min(
    ...wallsOf(outline).map((wall) => {
      const [x1, x2] = [wall.from.xMm, wall.to.xMm].sort((a, b) => a - b) as [number, number]
      const [y1, y2] = [wall.from.yMm, wall.to.yMm].sort((a, b) => a - b) as [number, number]
      const dx = Math.max(0, x1 - body.x - body.w, body.x - x2)
      const dy = Math.max(0, y1 - body.y - body.h, body.y - y2)
      return Math.hypot(dx, dy)
    })
  )
  return (far / METRE) * AGAINST.perMetreFromWall
}

/**
 * What counts against a layout as drawn; see `AGAINST`. 0 is a room in which everything has its run, its place and its outlet.
 * @param shapes of all that has to stand in it
 */
export function layoutCost(plan: FloorPlan, shapes: readonly Shape[]): number {
  const [resting, working, outlets] = [fixedIn(plan, false), fixedIn(plan, true), outletsOf(plan)]
  const stands = shapes.map(({ tool }) => plan.stands.find((one) => one.tool === tool))
  const bodies = shapes.map((shape, i) => stands[i] && storedObstacle(shape, stands[i]))
  return shapes.reduce((sum, shape, i) => {
    const at = stands[i]
    if (!at) return sum + AGAINST.nowhere
    const before = bodies.slice(0, i).flatMap((one) => one ?? [])
    const others = bodies.flatMap((one, k) => (one && k !== i ? [one] : []))
    const rest = bodyClashes(plan, bodyStored(shape, at), [...resting, ...before]).length
    const use = sumOf(clashesInUse(plan, shape, at, [...working, ...others]), ({ part, byMm }) =>
      part === 'body' ? AGAINST.body : byMm * AGAINST.run
    )
    return (
      sum +
      rest * AGAINST.body +
      use +
      moveCost(at, storedAt(at)) +
      openCost(plan, bodyStored(shape, at)) +
      cordCost(shape, at, outlets)
    )
  }, 0)
}

/** A place where a tool could be used: what counts against it whatever else stands there, and how far its strips get. */
export interface UsePlace {
  readonly stand: Stand
  readonly body: Rect
  readonly strips: readonly { readonly wanted: Wanted; readonly reach: number }[]
  readonly cost: number
  /** Run that is missing there by what is fixed, mm. */
  readonly lost: number
}

/** Places tried for each tool and turn at most. */
const PLACES = 700
const LEAST_STEP_MM = 50

const boxOf = (plan: FloorPlan): Rect => {
  const [xs, ys] = [plan.outline.map(({ xMm }) => xMm), plan.outline.map(({ yMm }) => yMm)]
  const [x, y] = [Math.min(...xs), Math.min(...ys)]
  return { x, y, w: Math.max(...xs) - x, h: Math.max(...ys) - y }
}

/** Distance of the places tried in a room, mm. */
export const stepFor = (plan: FloorPlan): number => {
  const { w, h } = boxOf(plan)
  return Math.max(LEAST_STEP_MM, Math.ceil(Math.sqrt((w * h) / PLACES) / 10) * 10)
}

/** Middles along a line so that a body stands flush at both ends. */
function middles(from: number, length: number, side: number, step: number): number[] {
  const room = length - side
  if (room < 0) return []
  const at: number[] = []
  for (let k = 0; k < room; k += step) at.push(from + side / 2 + k)
  return [...at, from + side / 2 + room]
}

/** Every place in a room where a body of some size could have its middle. */
export function gridFor(plan: FloorPlan, { w, h }: Rect, step: number): Point[] {
  const box = boxOf(plan)
  return middles(box.x, box.w, w, step).flatMap((xMm) =>
    middles(box.y, box.h, h, step).map((yMm) => ({ xMm, yMm }))
  )
}

/** Places where a tool could be used as far as walls and what is fixed go. */
export function* useSpots(plan: FloorPlan, shape: Shape, step: number): Generator<UsePlace> {
  const [fixed, outlets] = [fixedIn(plan, true), outletsOf(plan)]
  for (const turn of TURNS) {
    const size = bodyUsed(shape, { xMm: 0, yMm: 0, turn })
    for (const at of gridFor(plan, size, step)) {
      const stand: Stand = { ...at, turn }
      const body = bodyUsed(shape, stand)
      if (fixed.some(({ rect }) => overlaps(rect, body)) || !liesInside(plan.outline, body))
        continue
      const strips = wantedAt(shape, stand).map((wanted) => ({
        wanted,
        reach: reachOf(plan, wanted, fixed).mm
      }))
      const lost = sumOf(strips, ({ wanted, reach }) => Math.max(0, wanted.mm - reach))
      const cost = lost * AGAINST.run + cordCost(shape, stand, outlets)
      yield { stand, body, strips, lost, cost }
    }
  }
}

/** Places where a tool could be put away as far as walls and what is fixed go. */
export function* storeSpots(plan: FloorPlan, shape: Shape, step: number): Generator<Stand> {
  const fixed = fixedIn(plan, false)
  for (const turn of [0, 1] as const) {
    const of = (at: Point): Rect => bodyStored(shape, { tool: shape.tool, ...at, turn })
    for (const at of gridFor(plan, of({ xMm: 0, yMm: 0 }), step)) {
      const body = of(at)
      if (!fixed.some(({ rect }) => overlaps(rect, body)) && liesInside(plan.outline, body))
        yield { ...at, turn }
    }
  }
}

/** The best place to use a tool among bodies put away, and what counts against it. */
export interface Used {
  readonly stand: Stand | undefined
  readonly cost: number
  /** Run that is missing there, mm. */
  readonly lost: number
}

/**
 * The best of the places of a tool, the bodies of the others put away.
 * @param places the best first
 * @param most no place that costs as much or more is looked for
 */
export function bestUse(
  places: readonly UsePlace[],
  stored: Stand,
  others: readonly Rect[],
  most: number = AGAINST.nowhere
): Used {
  let best: Used = { stand: undefined, cost: Math.min(most, AGAINST.nowhere), lost: 0 }
  for (const { stand, body, strips, cost, lost: fixed } of places) {
    if (cost >= best.cost) break
    if (others.some((one) => overlaps(one, body))) continue
    let sum = cost + moveCost(stand, stored)
    let lost = fixed
    for (const { wanted, reach } of strips) {
      if (sum >= best.cost) break
      let far = reach
      for (const one of others) far = Math.min(far, distanceTo(wanted.edge, wanted.way, one))
      const less = Math.min(wanted.mm, reach) - Math.min(wanted.mm, far)
      lost += less
      sum += less * AGAINST.run
    }
    if (sum < best.cost) best = { stand, cost: sum, lost }
  }
  return best
}
