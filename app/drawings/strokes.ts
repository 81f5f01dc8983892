/**
 * A line drawing on a canvas of 120 by 80, in three layers of path data: the outline, fine detail,
 * and the edge: what cuts, measures, grips or holds, drawn heaviest so that it is seen first.
 */
export interface Drawing {
  readonly outline: string
  readonly fine?: string | undefined
  readonly edge?: string | undefined
}
export type Drawings = Readonly<Record<string, Drawing>>
export const CANVAS = { width: 120, height: 80 } as const

type Point = readonly [x: number, y: number]
const short = (value: number): string => String(Math.round(value * 10) / 10)
const at = ([x, y]: Point): string => `${short(x)} ${short(y)}`

export const line = (...points: readonly Point[]): string => `M${points.map(at).join('L')}`
export const closed = (...points: readonly Point[]): string => `${line(...points)}Z`
export const box = (x: number, y: number, width: number, height: number): string =>
  `M${at([x, y])}h${short(width)}v${short(height)}h${short(-width)}Z`
export const ring = (x: number, y: number, radius: number): string =>
  `M${at([x - radius, y])}a${short(radius)} ${short(radius)} 0 1 0 ${short(2 * radius)} 0a${short(radius)} ${short(radius)} 0 1 0 ${short(-2 * radius)} 0`

/** A row of saw teeth from one point to another, standing out to the left of the way by `depth`. */
export function teeth(from: Point, to: Point, count: number, depth = 3): string {
  const [dx, dy] = [(to[0] - from[0]) / count, (to[1] - from[1]) / count]
  const length = Math.hypot(dx, dy)
  const [outX, outY] = [(-dy / length) * depth, (dx / length) * depth]
  const points = Array.from({ length: count }, (_, index): Point[] => [
    [from[0] + dx * index, from[1] + dy * index],
    [from[0] + dx * (index + 0.5) + outX, from[1] + dy * (index + 0.5) + outY]
  ])
  return line(...points.flat(), to)
}

/** Marks across a way from one point to another, every third longer, as on a rule. */
export function marks(from: Point, to: Point, count: number, length = 4): string {
  return Array.from({ length: count }, (_, index) => {
    const [x, y] = [
      from[0] + ((to[0] - from[0]) * (index + 1)) / (count + 1),
      from[1] + ((to[1] - from[1]) * (index + 1)) / (count + 1)
    ]
    const tall = index % 3 === 2 ? length * 1.6 : length
    const way = Math.hypot(to[0] - from[0], to[1] - from[1])
    const [ux, uy] = [-(to[1] - from[1]) / way, (to[0] - from[0]) / way]
    return line([x, y], [x + ux * tall, y + uy * tall])
  }).join('')
}

/** A round blade with teeth all around. */
export function roundBlade(x: number, y: number, radius: number, count: number): string {
  const points = Array.from({ length: 2 * count }, (_, index): Point => {
    const turn = (Math.PI * index) / count
    const out = index % 2 === 0 ? radius : radius - 3
    return [x + out * Math.cos(turn), y + out * Math.sin(turn)]
  })
  return closed(...points)
}

/** The part of a round blade that stands out below a sole: an arc from left to right with its teeth. */
export function bladeBelow(
  x: number,
  y: number,
  half: number,
  deep: number,
  count: number
): string {
  const points = Array.from({ length: 2 * count + 1 }, (_, index): Point => {
    const across = -1 + index / count
    const out = index % 2 === 1 ? 3 : 0
    return [x + across * half, y + (deep + out) * (1 - across * across)]
  })
  return line(...points)
}

/** Bands wound round a shaft between two heights: a drill's flutes, a screw's thread. */
export const wound = (
  x: number,
  top: number,
  bottom: number,
  width: number,
  turns: number
): string =>
  Array.from({ length: turns }, (_, index) => {
    const y = top + ((bottom - top) * index) / turns
    return line([x - width / 2, y], [x + width / 2, y + (bottom - top) / turns])
  }).join('')

/** The blade of a circular saw, lying flat. */
export const disc = (count: number, radius = 30): Drawing => ({
  outline: ring(60, 40, 6),
  fine: `${ring(60, 40, radius - 8)}M78 24q6 4 8 8M42 56q-6-4-8-8`,
  edge: roundBlade(60, 40, radius, count)
})
