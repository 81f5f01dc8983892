import {
  alongWall,
  lengthOf,
  wallsOf,
  type FloorPlan,
  type Point,
  type Wall
} from '../../../core/workshop'

/** A door or window as it is drawn: its ends on the wall, and whether a leaf swings in. */
export interface Leaf {
  readonly a: Point
  readonly b: Point
  readonly inward: boolean
  readonly kind: string
}
export function leafIn({ openings, outline }: FloorPlan, id: string): Leaf | undefined {
  const one = openings.find((opening) => opening.id === id)
  const wall = one && wallsOf(outline)[one.wall]
  return wall
    ? {
        a: alongWall(wall, one.fromMm),
        b: alongWall(wall, one.fromMm + one.widthMm),
        inward: one.inward === true,
        kind: one.kind
      }
    : undefined
}

/** The quarter circle of a leaf that swings in, to the inner side of its wall; corners go round clockwise. */
export function swing({ a, b }: Pick<Leaf, 'a' | 'b'>): string {
  const [dx, dy] = [b.xMm - a.xMm, b.yMm - a.yMm]
  const radius = Math.hypot(dx, dy)
  return `M ${b.xMm} ${b.yMm} A ${radius} ${radius} 0 0 1 ${a.xMm - dy} ${a.yMm + dx} L ${a.xMm} ${a.yMm}`
}

/** Where a wall's number stands: outside, before its middle. @param letter height of a letter, mm */
export function numberAt(wall: Wall, letter: number): Point {
  const middle = alongWall(wall, lengthOf(wall) / 2)
  const length = Math.max(1, lengthOf(wall))
  const [dx, dy] = [wall.to.xMm - wall.from.xMm, wall.to.yMm - wall.from.yMm]
  return {
    xMm: middle.xMm + (dy / length) * letter * 1.1,
    yMm: middle.yMm - (dx / length) * letter * 1.1
  }
}

const MOVES: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1]
}
const ARROW_MM = 50
const FINE_MM = 10

/** What an arrow key moves, mm: half a decimetre, or a centimetre with Shift. */
export function arrowOf({ key, shiftKey }: KeyboardEvent): [dx: number, dy: number] | undefined {
  const move = MOVES[key]
  const by = shiftKey ? FINE_MM : ARROW_MM
  return move && [move[0] * by, move[1] * by]
}
