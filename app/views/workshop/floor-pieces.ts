import {
  alongWall,
  bodyStored,
  bodyUsed,
  lengthOf,
  rectOf,
  storedAt,
  stripOf,
  rewalled,
  wallsOf,
  wantedAt,
  type FloorPlan,
  type Rect,
  type Shape,
  type Standing,
  type Turn
} from '../../../core/workshop'

/** Something in the drawing that can be chosen and moved; its key says what it is. */
export interface Piece {
  readonly key: string
  readonly kind: 'thing' | 'tool' | 'stored' | 'opening' | 'outlet'
  readonly id: string
  readonly rect: Rect
  /** A tool in use: the runs it wants. */
  readonly runs: readonly Rect[]
}

const DOT_MM = 160
const WALL_MM = 90

/** A stretch of a wall as a rectangle that can be taken hold of. */
function onWall(plan: FloorPlan, wall: number, fromMm: number, widthMm: number): Rect {
  const its = wallsOf(plan.outline)[wall] ?? { from: { xMm: 0, yMm: 0 }, to: { xMm: 0, yMm: 0 } }
  const [a, b] = [alongWall(its, fromMm), alongWall(its, fromMm + widthMm)]
  return {
    x: Math.min(a.xMm, b.xMm) - WALL_MM,
    y: Math.min(a.yMm, b.yMm) - WALL_MM,
    w: Math.abs(a.xMm - b.xMm) + 2 * WALL_MM,
    h: Math.abs(a.yMm - b.yMm) + 2 * WALL_MM
  }
}

function ofTool(shape: Shape, standing: Standing): Piece[] {
  const its = { id: standing.tool, runs: wantedAt(shape, standing).map(stripOf) }
  const used: Piece = {
    ...its,
    key: `tool:${its.id}`,
    kind: 'tool',
    rect: bodyUsed(shape, standing)
  }
  return standing.stored
    ? [
        used,
        {
          ...its,
          key: `stored:${its.id}`,
          kind: 'stored',
          rect: bodyStored(shape, standing),
          runs: []
        }
      ]
    : [used]
}

/** All that can be chosen, from the walls to what stands before them. */
export function piecesOf(plan: FloorPlan, shapes: ReadonlyMap<string, Shape>): Piece[] {
  return [
    ...plan.openings.map(({ id, wall, fromMm, widthMm }): Piece => ({
      key: `opening:${id}`,
      kind: 'opening',
      id,
      rect: onWall(plan, wall, fromMm, widthMm),
      runs: []
    })),
    ...plan.outlets.map(({ id, wall, atMm }): Piece => ({
      key: `outlet:${id}`,
      kind: 'outlet',
      id,
      rect: onWall(plan, wall, atMm - DOT_MM / 2, DOT_MM),
      runs: []
    })),
    ...plan.things.map((thing): Piece => ({
      key: `thing:${thing.id}`,
      kind: 'thing',
      id: thing.id,
      rect: rectOf(thing),
      runs: []
    })),
    ...plan.stands.flatMap((standing) => {
      const shape = shapes.get(standing.tool)
      return shape ? ofTool(shape, standing) : []
    })
  ]
}

/** Figures of a place are kept to the centimetre. */
const STEP_MM = 10
const round = (mm: number): number => Math.round(mm / STEP_MM) * STEP_MM

/** How far along its wall a shift goes, mm. */
function alongBy(plan: FloorPlan, wall: number, dx: number, dy: number): number {
  const its = wallsOf(plan.outline)[wall]
  if (!its) return 0
  const length = Math.max(1, lengthOf(its))
  return ((its.to.xMm - its.from.xMm) * dx + (its.to.yMm - its.from.yMm) * dy) / length
}

const clamp = (value: number, most: number): number => Math.max(0, Math.min(value, most))

interface Placed {
  readonly xMm: number
  readonly yMm: number
  readonly turn: Turn
}
type Change = <P extends Placed>(at: P) => P

/** A drawing in which one thing or tool stands otherwise. */
function changed(plan: FloorPlan, key: string, how: Change): FloorPlan {
  const [kind, id] = split(key)
  if (kind === 'thing')
    return { ...plan, things: plan.things.map((one) => (one.id === id ? how(one) : one)) }
  return {
    ...plan,
    stands: plan.stands.map((one) => {
      if (one.tool !== id) return one
      if (kind === 'tool') return how(one)
      const { xMm, yMm, turn } = how(storedAt(one))
      return { ...one, stored: { xMm, yMm, turn } }
    })
  }
}

export const split = (key: string): [kind: string, id: string] => {
  const at = key.indexOf(':')
  return [key.slice(0, at), key.slice(at + 1)]
}

/** A drawing with one piece shifted, mm; what is on a wall stays on it. */
export function moved(plan: FloorPlan, key: string, dx: number, dy: number): FloorPlan {
  const [kind, id] = split(key)
  const walls = wallsOf(plan.outline)
  const most = (wall: number): number => (walls[wall] ? lengthOf(walls[wall]) : 0)
  if (kind === 'opening')
    return {
      ...plan,
      openings: plan.openings.map((one) =>
        one.id === id
          ? {
              ...one,
              fromMm: round(
                clamp(one.fromMm + alongBy(plan, one.wall, dx, dy), most(one.wall) - one.widthMm)
              )
            }
          : one
      )
    }
  if (kind === 'outlet')
    return {
      ...plan,
      outlets: plan.outlets.map((one) =>
        one.id === id
          ? {
              ...one,
              atMm: round(clamp(one.atMm + alongBy(plan, one.wall, dx, dy), most(one.wall)))
            }
          : one
      )
    }
  return changed(plan, key, (at) => ({ ...at, xMm: round(at.xMm + dx), yMm: round(at.yMm + dy) }))
}

/** A drawing with one piece a quarter turn further, or on the next wall. */
export function turned(plan: FloorPlan, key: string): FloorPlan {
  const [kind, id] = split(key)
  const next = (wall: number): number => (wall + 1) % Math.max(1, plan.outline.length)
  if (kind === 'opening')
    return {
      ...plan,
      openings: plan.openings.map((one) =>
        one.id === id ? { ...one, wall: next(one.wall), fromMm: 0 } : one
      )
    }
  if (kind === 'outlet')
    return {
      ...plan,
      outlets: plan.outlets.map((one) =>
        one.id === id ? { ...one, wall: next(one.wall), atMm: 200 } : one
      )
    }
  return changed(plan, key, (at) => ({ ...at, turn: ((at.turn + 1) % 4) as Turn }))
}

/** A drawing without a piece. */
export function without(plan: FloorPlan, key: string): FloorPlan {
  const [kind, id] = split(key)
  const notIt = (one: { readonly id: string }): boolean => one.id !== id
  switch (kind) {
    case 'opening':
      return { ...plan, openings: plan.openings.filter(notIt) }
    case 'outlet':
      return { ...plan, outlets: plan.outlets.filter(notIt) }
    case 'thing':
      return { ...plan, things: plan.things.filter(notIt) }
    case 'stored':
      return {
        ...plan,
        stands: plan.stands.map(({ stored, ...one }) =>
          one.tool === id || !stored ? one : { ...one, stored }
        )
      }
    default:
      return { ...plan, stands: plan.stands.filter(({ tool }) => tool !== id) }
  }
}

/** An empty room of two sides, mm. */
export const roomOf = (lengthMm: number, widthMm: number): FloorPlan => ({
  outline: [
    { xMm: 0, yMm: 0 },
    { xMm: lengthMm, yMm: 0 },
    { xMm: lengthMm, yMm: widthMm },
    { xMm: 0, yMm: widthMm }
  ],
  openings: [],
  outlets: [],
  things: [],
  stands: []
})

/** A drawing with other walls: what is on them moves along where it would reach beyond. */
export function resized(plan: FloorPlan, outline: FloorPlan['outline']): FloorPlan {
  const walls = wallsOf(outline)
  const length = (wall: number): number => (walls[wall] ? lengthOf(walls[wall]) : 0)
  return {
    ...plan,
    outline,
    openings: plan.openings.map((one) => ({
      ...one,
      fromMm: clamp(one.fromMm, length(one.wall) - one.widthMm)
    })),
    outlets: plan.outlets.map((one) => ({ ...one, atMm: clamp(one.atMm, length(one.wall)) }))
  }
}

/** A room of four walls with one corner cut out, clockwise from the top left. */
export function cutOut(
  plan: FloorPlan,
  corner: number,
  alongMm: number,
  acrossMm: number
): FloorPlan {
  const [xs, ys] = [plan.outline.map(({ xMm }) => xMm), plan.outline.map(({ yMm }) => yMm)]
  const [w, h] = [Math.max(...xs), Math.max(...ys)]
  const [dx, dy] = [Math.min(alongMm, w), Math.min(acrossMm, h)]
  const corners = [
    [
      [0, dy],
      [dx, dy],
      [dx, 0]
    ],
    [
      [w - dx, 0],
      [w - dx, dy],
      [w, dy]
    ],
    [
      [w, h - dy],
      [w - dx, h - dy],
      [w - dx, h]
    ],
    [
      [dx, h],
      [dx, h - dy],
      [0, h - dy]
    ]
  ] as const
  const plain = [
    [0, 0],
    [w, 0],
    [w, h],
    [0, h]
  ] as const
  const outline = plain.flatMap((point, i) => (i === corner ? [...corners[i]!] : [point]))
  return rewalled(
    plan,
    outline.map(([xMm, yMm]) => ({ xMm, yMm }))
  )
}
