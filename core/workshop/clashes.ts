import {
  depthOf,
  overlaps,
  rectOf,
  type FloorPlan,
  type Opening,
  type Rect,
  type Standing
} from './floor-plan'
import { alongWall, distanceTo, liesInside, runToWall, strip, wallsOf } from './outline'
import { bodyStored, bodyUsed, wantedAt, type Shape, type Wanted } from './shape'

/** What something runs into. */
export type Against =
  | { readonly kind: 'wall' }
  | { readonly kind: 'opening'; readonly id: string }
  | { readonly kind: 'thing'; readonly id: string }
  | { readonly kind: 'tool'; readonly id: string }

/** Something that does not go at one moment: put away, or with one tool in use and the others put away. */
export interface Clash {
  readonly moment: 'put-away' | 'in-use'
  readonly tool: string
  readonly part: 'body' | Wanted['part']
  readonly against: Against
  /** By how much, mm: overlap of bodies, or what is missing of a run. */
  readonly byMm: number
}

/** Something that takes floor, with what it is. */
export interface Obstacle {
  readonly rect: Rect
  readonly against: Against
}

/** Floor before a door or gate that stays free to walk through, mm; a leaf that swings in takes its own breadth. */
const PASSAGE_MM = 600

/** The floor in the room that a door wants free. */
export function passageOf({ outline }: FloorPlan, opening: Opening): Rect | undefined {
  const wall = wallsOf(outline)[opening.wall]
  if (!wall || opening.kind === 'window') return undefined
  const a = alongWall(wall, opening.fromMm)
  const b = alongWall(wall, opening.fromMm + opening.widthMm)
  const gap: Rect = {
    x: Math.min(a.xMm, b.xMm),
    y: Math.min(a.yMm, b.yMm),
    w: Math.abs(a.xMm - b.xMm),
    h: Math.abs(a.yMm - b.yMm)
  }
  const deep = opening.inward ? Math.max(PASSAGE_MM, opening.widthMm) : PASSAGE_MM
  const level = gap.w < gap.h
  for (const way of level ? (['left', 'right'] as const) : (['up', 'down'] as const)) {
    const free = strip(gap, way, deep)
    if (liesInside(outline, { ...free, ...thinner(free, level) })) return free
  }
  return undefined
}

/** A passage is tried by its middle third: a door may stand close to a corner. */
const thinner = ({ x, y, w, h }: Rect, level: boolean): Rect =>
  level ? { x, y: y + h / 3, w: w / 2, h: h / 3 } : { x: x + w / 3, y, w: w / 3, h: h / 2 }

/** What stands in the room whatever the tools do. @param working what is away while one works is not there */
export function fixedIn(plan: FloorPlan, working: boolean): Obstacle[] {
  const things = plan.things
    .filter(({ away }) => !(working && away))
    .map((thing): Obstacle => ({ rect: rectOf(thing), against: { kind: 'thing', id: thing.id } }))
  const passages = plan.openings.flatMap((opening): Obstacle[] => {
    const rect = passageOf(plan, opening)
    return rect ? [{ rect, against: { kind: 'opening', id: opening.id } }] : []
  })
  return [...things, ...passages]
}

/** How far a strip gets, mm, and what it runs into first. */
export interface Reach {
  readonly mm: number
  readonly against: Against | undefined
}

/** How far what a tool wants free really is. Stock goes out by an open door, and over the floor before it. */
export function reachOf(plan: FloorPlan, wanted: Wanted, obstacles: readonly Obstacle[]): Reach {
  const { edge, way, mm } = wanted
  const run = runToWall(plan, edge, way)
  let best: Reach = {
    mm: Math.min(mm, run.mm),
    against: run.mm < mm ? { kind: 'wall' } : undefined
  }
  for (const { rect, against } of obstacles) {
    if (against.kind === 'opening' && (wanted.part === 'user' || against.id === run.through))
      continue
    const far = distanceTo(edge, way, rect)
    if (far < best.mm) best = { mm: far, against }
  }
  return best
}

/** A tool's body put away, as something in the way of others. */
export const storedObstacle = (shape: Shape, standing: Standing): Obstacle => ({
  rect: bodyStored(shape, standing),
  against: { kind: 'tool', id: shape.tool }
})

/** A body's clashes with walls and obstacles. */
export function bodyClashes(
  plan: FloorPlan,
  rect: Rect,
  obstacles: readonly Obstacle[]
): { readonly against: Against; readonly byMm: number }[] {
  const walls = liesInside(plan.outline, rect)
    ? []
    : [{ against: { kind: 'wall' } as const, byMm: Math.min(rect.w, rect.h) }]
  return [
    ...walls,
    ...obstacles
      .filter((one) => overlaps(rect, one.rect))
      .map((one) => ({ against: one.against, byMm: Math.round(depthOf(rect, one.rect)) }))
  ]
}

/** Clashes of one tool while it is in use, the others put away. */
export function clashesInUse(
  plan: FloorPlan,
  shape: Shape,
  standing: Standing,
  obstacles: readonly Obstacle[]
): Clash[] {
  const its = { moment: 'in-use', tool: shape.tool } as const
  const body = bodyClashes(plan, bodyUsed(shape, standing), obstacles)
  return [
    ...body.map((one): Clash => ({ ...its, part: 'body', ...one })),
    ...wantedAt(shape, standing).flatMap((wanted): Clash[] => {
      const { mm, against } = reachOf(plan, wanted, obstacles)
      return against && wanted.mm - mm >= 1
        ? [{ ...its, part: wanted.part, against, byMm: Math.round(wanted.mm - mm) }]
        : []
    })
  ]
}

/**
 * All that does not go as drawn: put away, with whatever is in the room; and each tool in use by itself, with the others put away and the car
 * out where it is driven out.
 * @param shapes of the tools that stand in the plan, by tool
 */
export function clashesOf(plan: FloorPlan, shapes: ReadonlyMap<string, Shape>): Clash[] {
  const clashes: Clash[] = []
  const resting = fixedIn(plan, false)
  const working = fixedIn(plan, true)
  const drawn = plan.stands.flatMap((standing) => {
    const shape = shapes.get(standing.tool)
    return shape ? [{ shape, standing, body: storedObstacle(shape, standing) }] : []
  })
  drawn.forEach(({ shape, standing, body }, i) => {
    const before = drawn.slice(0, i).map((one) => one.body)
    for (const one of bodyClashes(plan, body.rect, [...resting, ...before]))
      clashes.push({ moment: 'put-away', tool: shape.tool, part: 'body', ...one })
    const others = drawn.flatMap((one, k) => (k === i ? [] : [one.body]))
    clashes.push(...clashesInUse(plan, shape, standing, [...working, ...others]))
  })
  return clashes
}
