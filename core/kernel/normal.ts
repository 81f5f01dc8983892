/**
 * The standard normal distribution function, to 1.5·10⁻⁷ (Abramowitz and Stegun, Handbook of Mathematical Functions, 7.1.26).
 */
export function normalBelow(z: number): number {
  const x = Math.abs(z) / Math.SQRT2
  const t = 1 / (1 + 0.3275911 * x)
  const tail =
    t *
    (0.254829592 + t * (-0.284496736 + t * (1.421413741 + t * (-1.453152027 + t * 1.061405429)))) *
    Math.exp(-x * x)
  return z >= 0 ? 1 - tail / 2 : tail / 2
}

/** Four of five values of a normal distribution lie within so many standard deviations. */
export const FOUR_OF_FIVE = 1.2816
