/** Figures that differ by no more than this are the same figure: what rounding of binary fractions leaves behind. */
export const TOLERANCE = 1e-9
