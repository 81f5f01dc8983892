import { normalBelow } from '../../core/kernel'

/** What a price may turn out to be: all that a decision about waiting asks of it. Amounts in minor units. */
export interface PriceChances {
  /** Chance of a price at or below an amount, 0 to 1. */
  below(amount: number): number
  /** E[max(amount − X, 0)]: what a price below an amount saves against it, on average over all prices. Never falls with the amount. */
  saved(amount: number): number
  readonly mean: number
}

/** A price whose logarithm is normal. @param middle its median @param spread standard deviation of its logarithm */
export function lognormalChances(middle: number, spread: number): PriceChances {
  const mean = middle * Math.exp((spread * spread) / 2)
  if (!(spread > 0) || !(middle > 0)) return certainly(middle)
  const z = (amount: number): number => Math.log(amount / middle) / spread
  return {
    mean,
    below: (amount) => (amount <= 0 ? 0 : normalBelow(z(amount))),
    saved: (amount) =>
      amount <= 0
        ? 0
        : Math.max(0, amount * normalBelow(z(amount)) - mean * normalBelow(z(amount) - spread))
  }
}

/** A price that is known. */
export const certainly = (price: number): PriceChances => ({
  mean: price,
  below: (amount) => (amount >= price ? 1 : 0),
  saved: (amount) => Math.max(0, amount - price)
})

/** The same price with a share taken off. @param off 0 to 1 */
export const reduced = (chances: PriceChances, off: number): PriceChances => {
  const left = 1 - off
  if (left <= 0) return certainly(0)
  return {
    mean: chances.mean * left,
    below: (amount) => chances.below(amount / left),
    saved: (amount) => left * chances.saved(amount / left)
  }
}

/** One price or another. @param share chance of the first, 0 to 1 */
export const eitherOr = (share: number, one: PriceChances, other: PriceChances): PriceChances => ({
  mean: share * one.mean + (1 - share) * other.mean,
  below: (amount) => share * one.below(amount) + (1 - share) * other.below(amount),
  saved: (amount) => share * one.saved(amount) + (1 - share) * other.saved(amount)
})
