import { sumOf } from '../kernel'
import { NEAR, type FloorPlan, type Opening, type Point, type Rect } from './floor-plan'

/** A wall from one corner to the next. */
export interface Wall {
  readonly from: Point
  readonly to: Point
}

export const wallsOf = (outline: readonly Point[]): Wall[] =>
  outline.map((from, i) => ({ from, to: outline[(i + 1) % outline.length] ?? from }))

export const lengthOf = ({ from, to }: Wall): number =>
  Math.hypot(to.xMm - from.xMm, to.yMm - from.yMm)

/** A place on a wall, so far from its first corner, mm. */
export function alongWall(wall: Wall, atMm: number): Point {
  const length = Math.max(lengthOf(wall), 1)
  const share = atMm / length
  return {
    xMm: wall.from.xMm + (wall.to.xMm - wall.from.xMm) * share,
    yMm: wall.from.yMm + (wall.to.yMm - wall.from.yMm) * share
  }
}

/** Floor within an outline, mm²; below 0 where its corners go round the other way (shoelace formula). */
const signedArea = (outline: readonly Point[]): number =>
  sumOf(wallsOf(outline), ({ from, to }) => from.xMm * to.yMm - to.xMm * from.yMm) / 2

/** Floor of the room, m². */
export const areaOf = (outline: readonly Point[]): number => Math.abs(signedArea(outline)) / 1e6

const cross = (a: Point, b: Point, c: Point): number =>
  (b.xMm - a.xMm) * (c.yMm - a.yMm) - (b.yMm - a.yMm) * (c.xMm - a.xMm)

/** Whether two walls cross or touch elsewhere than at a shared corner. */
function meet(a: Wall, b: Wall): boolean {
  const [d1, d2] = [cross(a.from, a.to, b.from), cross(a.from, a.to, b.to)]
  const [d3, d4] = [cross(b.from, b.to, a.from), cross(b.from, b.to, a.to)]
  const within = (w: Wall, p: Point): boolean =>
    Math.min(w.from.xMm, w.to.xMm) <= p.xMm &&
    p.xMm <= Math.max(w.from.xMm, w.to.xMm) &&
    Math.min(w.from.yMm, w.to.yMm) <= p.yMm &&
    p.yMm <= Math.max(w.from.yMm, w.to.yMm)
  return (
    (d1 * d2 < 0 && d3 * d4 < 0) ||
    (d1 === 0 && within(a, b.from)) ||
    (d2 === 0 && within(a, b.to)) ||
    (d3 === 0 && within(b, a.from)) ||
    (d4 === 0 && within(b, a.to))
  )
}

/** Two walls of an outline that cross, by their numbers; undefined where none do. */
export function crossingWalls(outline: readonly Point[]): readonly [number, number] | undefined {
  const walls = wallsOf(outline)
  for (let i = 0; i < walls.length; i++)
    for (let k = i + 2; k < walls.length; k++)
      if (!(i === 0 && k === walls.length - 1) && meet(walls[i]!, walls[k]!)) return [i, k]
  return undefined
}

/** Whether a place lies within the outline, by counting the walls to its right. */
export function isInside(outline: readonly Point[], { xMm, yMm }: Point): boolean {
  let inside = false
  for (const { from, to } of wallsOf(outline))
    if (
      from.yMm > yMm !== to.yMm > yMm &&
      xMm < from.xMm + ((yMm - from.yMm) / (to.yMm - from.yMm)) * (to.xMm - from.xMm)
    )
      inside = !inside
  return inside
}

/** The part of a wall that lies within a rectangle, as shares of the wall (Liang and Barsky 1984); undefined where none does. */
function within({ from, to }: Wall, { x, y, w, h }: Rect): readonly [number, number] | undefined {
  const [dx, dy] = [to.xMm - from.xMm, to.yMm - from.yMm]
  let [first, last] = [0, 1]
  for (const [p, q] of [
    [-dx, from.xMm - x],
    [dx, x + w - from.xMm],
    [-dy, from.yMm - y],
    [dy, y + h - from.yMm]
  ] as const) {
    if (p === 0) {
      if (q <= 0) return undefined
    } else if (p < 0) first = Math.max(first, q / p)
    else last = Math.min(last, q / p)
  }
  return last - first > 1e-9 ? [first, last] : undefined
}

const shrunk = ({ x, y, w, h }: Rect): Rect => ({
  x: x + NEAR,
  y: y + NEAR,
  w: Math.max(NEAR, w - 2 * NEAR),
  h: Math.max(NEAR, h - 2 * NEAR)
})

/** Whether a rectangle lies in the room: its middle within, and no wall through it. */
export function liesInside(outline: readonly Point[], rect: Rect): boolean {
  const { x, y, w, h } = rect
  if (!isInside(outline, { xMm: x + w / 2, yMm: y + h / 2 })) return false
  const inner = shrunk(rect)
  return wallsOf(outline).every((wall) => !within(wall, inner))
}

/** The four ways along the axes. */
export type Way = 'left' | 'right' | 'up' | 'down'
export const isLevel = (way: Way): boolean => way === 'left' || way === 'right'

/** How far it is from a rectangle, in its whole breadth, to something in a direction, mm; Infinity where it is not in the way. */
export function distanceTo(from: Rect, way: Way, to: Rect): number {
  const level = isLevel(way)
  const [a, b] = level ? [from.y, from.y + from.h] : [from.x, from.x + from.w]
  const [c, d] = level ? [to.y, to.y + to.h] : [to.x, to.x + to.w]
  if (a >= d - NEAR || c >= b - NEAR) return Infinity
  switch (way) {
    case 'right':
      return to.x + to.w <= from.x + from.w + NEAR ? Infinity : Math.max(0, to.x - from.x - from.w)
    case 'left':
      return to.x >= from.x - NEAR ? Infinity : Math.max(0, from.x - to.x - to.w)
    case 'down':
      return to.y + to.h <= from.y + from.h + NEAR ? Infinity : Math.max(0, to.y - from.y - from.h)
    case 'up':
      return to.y >= from.y - NEAR ? Infinity : Math.max(0, from.y - to.y - to.h)
  }
}

const FAR = 1e7

/** The strip from a rectangle on, in its whole breadth, mm long. */
export function strip({ x, y, w, h }: Rect, way: Way, length: number): Rect {
  switch (way) {
    case 'right':
      return { x: x + w, y, w: length, h }
    case 'left':
      return { x: x - length, y, w: length, h }
    case 'down':
      return { x, y: y + h, w, h: length }
    case 'up':
      return { x, y: y - length, w, h: length }
  }
}

/** A doorway as a strip on its wall; undefined for a window, and for a wall that runs aslant. */
function gapOf({ outline }: FloorPlan, opening: Opening, way: Way): [number, number] | undefined {
  const wall = wallsOf(outline)[opening.wall]
  if (!wall || opening.kind === 'window') return undefined
  const a = alongWall(wall, opening.fromMm)
  const b = alongWall(wall, opening.fromMm + opening.widthMm)
  if (isLevel(way))
    return a.xMm === b.xMm ? [Math.min(a.yMm, b.yMm), Math.max(a.yMm, b.yMm)] : undefined
  return a.yMm === b.yMm ? [Math.min(a.xMm, b.xMm), Math.max(a.xMm, b.xMm)] : undefined
}

/** What a wall leaves free before a strip: through an open door it goes on. */
export interface Run {
  readonly mm: number
  /** The wall it ends at. */
  readonly wall: number
  /** The door it goes out by. */
  readonly through: string | undefined
}

/** A strip that begins a little before its edge, so that a wall at the edge itself is met. */
function overEdge(rect: Rect, way: Way): Rect {
  const back = 3 * NEAR
  const { x, y, w, h } = rect
  switch (way) {
    case 'right':
      return { x: x - back, y, w: w + back, h }
    case 'left':
      return { x, y, w: w + back, h }
    case 'down':
      return { x, y: y - back, w, h: h + back }
    case 'up':
      return { x, y, w, h: h + back }
  }
}

/** How far it is from a rectangle to the walls in a direction. */
export function runToWall(plan: FloorPlan, from: Rect, way: Way): Run {
  const ahead = overEdge(shrunk(strip(from, way, FAR)), way)
  let best: Run = { mm: Infinity, wall: -1, through: undefined }
  wallsOf(plan.outline).forEach((wall, i) => {
    const part = within(wall, ahead)
    if (!part) return
    const ends = part.map((share) => alongWall(wall, share * lengthOf(wall)))
    const mm = Math.min(
      ...ends.map(({ xMm, yMm }) => {
        if (way === 'right') return xMm - from.x - from.w
        if (way === 'left') return from.x - xMm
        return way === 'down' ? yMm - from.y - from.h : from.y - yMm
      })
    )
    if (mm < best.mm) best = { mm: Math.max(0, mm), wall: i, through: undefined }
  })
  const [low, high] = isLevel(way) ? [from.y, from.y + from.h] : [from.x, from.x + from.w]
  const door = plan.openings.find((one) => {
    if (one.wall !== best.wall) return false
    const gap = gapOf(plan, one, way)
    return gap !== undefined && gap[0] <= low + NEAR && high - NEAR <= gap[1]
  })
  return door ? { ...best, mm: Infinity, through: door.id } : best
}
