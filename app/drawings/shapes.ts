import { box, closed, line, type Drawing } from './strokes'

export const piece = (outline: string, fine = '', edge = line([10, 74], [110, 74])): Drawing => ({
  outline,
  fine,
  edge
})
/** A top on four legs. */
export const table = (left: number, right: number, top: number, more = ''): Drawing =>
  piece(
    box(left, top, right - left, 6) +
      box(left + 6, top + 6, 5, 74 - top - 6) +
      box(right - 11, top + 6, 5, 74 - top - 6) +
      more,
    line([left + 11, top + 14], [right - 11, top + 14])
  )
/** A case with shelves. */
export const shelves = (
  left: number,
  right: number,
  top: number,
  ...at: readonly number[]
): Drawing =>
  piece(
    box(left, top, right - left, 74 - top),
    box(left + 4, top + 4, right - left - 8, 66 - top) +
      at
        .map(
          (y) => line([left + 4, y], [right - 4, y]) + line([left + 4, y + 3], [right - 4, y + 3])
        )
        .join('')
  )
export const drawers = (
  left: number,
  right: number,
  top: number,
  ...at: readonly number[]
): Drawing =>
  piece(
    box(left, top, right - left, 74 - top),
    at.map((y) => line([left, y], [right, y])).join('') +
      [top, ...at]
        .map((y) => line([(left + right) / 2 - 5, y + 6], [(left + right) / 2 + 5, y + 6]))
        .join('')
  )
export const lid = (left: number, right: number, top: number): Drawing =>
  piece(
    box(left, top + 14, right - left, 60 - top) +
      closed([left, top + 14], [left + 8, top], [right + 8, top], [right, top + 14]) +
      closed([right, top + 14], [right + 8, top], [right + 8, 60], [right, 74]),
    box((left + right) / 2 - 4, top + 18, 8, 6)
  )
export const frame = (
  left: number,
  top: number,
  right: number,
  bottom: number,
  wide: number
): Drawing =>
  piece(
    box(left, top, right - left, bottom - top) +
      box(left + wide, top + wide, right - left - 2 * wide, bottom - top - 2 * wide),
    line([left, top], [left + wide, top + wide]) +
      line([right, top], [right - wide, top + wide]) +
      line([left, bottom], [left + wide, bottom - wide]) +
      line([right, bottom], [right - wide, bottom - wide]),
    box(left + wide, top + wide, right - left - 2 * wide, bottom - top - 2 * wide)
  )
export const wall = line([8, 6], [112, 6])
export const pickets = (from: number, to: number, step: number, top: number): string => {
  let all = ''
  for (let x = from; x <= to; x += step) all += box(x, top, step * 0.6, 72 - top)
  return all
}
