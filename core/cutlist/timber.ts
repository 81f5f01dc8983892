import { MM_PER_INCH } from '../units'

/** Cubic millimetres in a board foot: 144 cubic inches, by definition. */
export const MM3_PER_BOARD_FOOT = 144 * MM_PER_INCH ** 3

/** Volume in board feet of a piece with sizes in mm. */
export const boardFeet = (lengthMm: number, widthMm: number, thicknessMm: number): number =>
  (lengthMm * widthMm * thicknessMm) / MM3_PER_BOARD_FOOT

/**
 * Dressed size of softwood by its nominal inches, dry. American Softwood Lumber Standard PS 20 (values from memory).
 * Thickness: 1 → 3/4, 2 → 1 1/2; width as listed.
 */
const DRESSED_IN: Readonly<Record<number, number>> = {
  1: 0.75,
  2: 1.5,
  3: 2.5,
  4: 3.5,
  6: 5.5,
  8: 7.25,
  10: 9.25,
  12: 11.25
}

/** Real thickness and width in mm of a nominal size such as "2x4"; undefined where the standard has none. */
export function dressedSize(
  nominal: string
): { readonly thicknessMm: number; readonly widthMm: number } | undefined {
  const [, thick, wide] = /^\s*(\d+)\s*[x×*]\s*(\d+)\s*$/i.exec(nominal) ?? []
  const thickness = DRESSED_IN[Number(thick)]
  const width = DRESSED_IN[Number(wide)]
  return thickness === undefined || width === undefined
    ? undefined
    : { thicknessMm: thickness * MM_PER_INCH, widthMm: width * MM_PER_INCH }
}

/**
 * Thickness left of rough hardwood planed on both faces, mm, by its rough quarters of an inch. NHLA rules (values from memory):
 * 4/4 → 13/16, 5/4 → 1 1/16, 6/4 → 1 5/16, 8/4 → 1 3/4 in.
 */
const SURFACED_IN: Readonly<Record<number, number>> = {
  4: 13 / 16,
  5: 1 + 1 / 16,
  6: 1 + 5 / 16,
  8: 1.75
}
export const surfacedThicknessMm = (quarters: number): number | undefined => {
  const inches = SURFACED_IN[quarters]
  return inches === undefined ? undefined : inches * MM_PER_INCH
}

/** Rough thicknesses sold, quarters of an inch. */
const QUARTERS = [4, 5, 6, 8] as const

/** The thinnest rough board that still planes to a thickness, mm; thicker stock is glued up. */
export function roughThicknessFor(thicknessMm: number): number {
  const quarters = QUARTERS.find((q) => (surfacedThicknessMm(q) ?? 0) >= thicknessMm - 0.05)
  return ((quarters ?? 8) / 4) * MM_PER_INCH
}

/** What is bought over what is used: ends, knots, kerf, snipe. Common practice: sheets counted whole, planed a tenth, rough a third. */
export const WASTE_SHARE = {
  sheet: 0,
  softwood: 0.1,
  'hardwood-surfaced': 0.2,
  'hardwood-rough': 0.35
} as const
