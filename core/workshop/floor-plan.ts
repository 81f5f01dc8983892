import type { Sides } from '../catalogue'

/** A place in the room, mm: x from left to right, y from the top of the drawing down. */
export interface Point {
  readonly xMm: number
  readonly yMm: number
}

/** Quarter turns clockwise; at 0 the user stands below and looks up the drawing. */
export type Turn = 0 | 1 | 2 | 3
export const TURNS: readonly Turn[] = [0, 1, 2, 3]

/** The middle of something and how it is turned. */
export interface Stand extends Point {
  readonly turn: Turn
}

export const OPENINGS = ['door', 'gate', 'window'] as const

/** A door, a wide gate or a window in a wall. */
export interface Opening {
  readonly id: string
  readonly kind: (typeof OPENINGS)[number]
  /** The wall from this corner of the outline to the next. */
  readonly wall: number
  /** From that corner to the nearer edge of the opening, mm. */
  readonly fromMm: number
  readonly widthMm: number
  readonly heightMm: number
  /** Its leaf swings into the room. */
  readonly inward?: true | undefined
}

/** A socket on a wall. */
export interface Outlet {
  readonly id: string
  readonly wall: number
  readonly atMm: number
  /** The circuit it is on. */
  readonly circuit: string
}

export const THINGS = ['car', 'bikes', 'boiler', 'shelves', 'bench', 'other'] as const

/** Something in the room that is no tool of the plan. */
export interface Thing extends Stand {
  readonly id: string
  readonly kind: (typeof THINGS)[number]
  readonly name?: string | undefined
  readonly sides: Sides
  /** It is out of the room while one works: a car that is driven out. */
  readonly away?: true | undefined
}

/** Where a tool stands when it is used, and where it is put away. */
export interface Standing extends Stand {
  readonly tool: string
  /** Put away elsewhere; it stays where it is used where this is left out. */
  readonly stored?: Stand | undefined
}

/** The room as a drawing to scale. */
export interface FloorPlan {
  /** Its corners, one after another. */
  readonly outline: readonly Point[]
  readonly openings: readonly Opening[]
  readonly outlets: readonly Outlet[]
  readonly things: readonly Thing[]
  readonly stands: readonly Standing[]
  /** The board or sheet that has to go through what is fed, mm; each tool's own usual one where it is left out. */
  readonly stock?: { readonly lengthMm: number; readonly widthMm: number } | undefined
}

/** A rectangle along the axes, mm: its corner nearest the origin and its sides. */
export interface Rect {
  readonly x: number
  readonly y: number
  readonly w: number
  readonly h: number
}

export const overlaps = (a: Rect, b: Rect): boolean =>
  a.x < b.x + b.w - NEAR &&
  b.x < a.x + a.w - NEAR &&
  a.y < b.y + b.h - NEAR &&
  b.y < a.y + a.h - NEAR

/** Less than this is no overlap, mm. */
export const NEAR = 0.5

/** How far two rectangles lie over one another on the shorter way out, mm; 0 where they do not. */
export const depthOf = (a: Rect, b: Rect): number =>
  Math.max(
    0,
    Math.min(
      Math.min(a.x + a.w, b.x + b.w) - Math.max(a.x, b.x),
      Math.min(a.y + a.h, b.y + b.h) - Math.max(a.y, b.y)
    )
  )

/** A rectangle given about the middle of something, as it lies in the room when that stands somewhere. */
export function placed({ x, y, w, h }: Rect, { xMm, yMm, turn }: Stand): Rect {
  switch (turn) {
    case 0:
      return { x: xMm + x, y: yMm + y, w, h }
    case 1:
      return { x: xMm - y - h, y: yMm + x, w: h, h: w }
    case 2:
      return { x: xMm - x - w, y: yMm - y - h, w, h }
    case 3:
      return { x: xMm + y, y: yMm - x - w, w: h, h: w }
  }
}

/** A body with its middle at the origin. */
export const about = ([across, deep]: Sides): Rect => ({
  x: -across / 2,
  y: -deep / 2,
  w: across,
  h: deep
})

export const rectOf = (thing: Thing): Rect => placed(about(thing.sides), thing)
