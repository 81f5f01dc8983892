import { TOLERANCE } from '../../core/kernel'
import type { PriceChances } from './price-chances'

const STEPS = 60

/**
 * The reservation price where prices do not change with time: the highest price at which one should buy rather than look once more, which
 * solves `cost = E[max(r − X, 0)]` (the optimal search rule: J. J. McCall, Economics of Information and Job Search, 1970, from memory).
 * Minor units; where a look costs nothing it is the least price there is.
 * @param cost of one more look, minor units
 */
export function reservationPrice(chances: PriceChances, cost: number): number {
  // Nothing is saved below r = cost, and at mean + cost as much as the look costs at the least.
  let [low, high] = [0, chances.mean + Math.max(0, cost)]
  for (let i = 0; i < STEPS && high - low > TOLERANCE; i++) {
    const middle = (low + high) / 2
    if (chances.saved(middle) < cost) low = middle
    else high = middle
  }
  return high
}

/** One look at the price, with what it costs to wait from it until the next one. */
export interface Look {
  readonly chances: PriceChances
  /** What is lost between this look and the next, minor units; of the last one to the end. */
  readonly wait: number
}

/** The rule for a row of looks: at each the highest price at which to buy, and what the rest comes to on average. */
export interface WaitingRule {
  /** Highest price to take at each look; what it would cost to go on from there. */
  readonly takes: readonly number[]
  /** What price and waiting come to on average from each look on, before its price is known. */
  readonly expects: readonly number[]
}

/**
 * When to buy where each look has its own prices: backward induction over the looks. The last one stands against going without.
 * @param without what it costs never to have it, minor units
 */
export function waitingRule(looks: readonly Look[], without: number): WaitingRule {
  const takes = new Array<number>(looks.length).fill(0)
  const expects = new Array<number>(looks.length).fill(0)
  let after = without
  for (let t = looks.length - 1; t >= 0; t--) {
    const { chances, wait } = looks[t]!
    const takes_ = wait + after
    takes[t] = takes_
    after = takes_ - chances.saved(takes_)
    expects[t] = after
  }
  return { takes, expects }
}

/** What waiting comes to when the rule is kept from a look on. */
export interface Waited {
  /** Chance that it is bought at all, 0 to 1. */
  readonly bought: number
  /** Price paid on average where it is bought, minor units. */
  readonly price: number
  /** Chance that it is bought at each look from the first one waited for. */
  readonly at: readonly number[]
}

/** Follows the rule from a look on, without taking any look before. @param from number of the first look that may be taken */
export function followed(looks: readonly Look[], rule: WaitingRule, from: number): Waited {
  let open = 1
  let paid = 0
  const at = looks.map(({ chances }, t) => {
    if (t < from) return 0
    const most = rule.takes[t] ?? 0
    const below = chances.below(most)
    // E[X; X ≤ r] = r P(X ≤ r) − E[max(r − X, 0)]
    paid += open * (most * below - chances.saved(most))
    const here = open * below
    open -= here
    return here
  })
  const bought = 1 - open
  return { bought, price: bought > TOLERANCE ? paid / bought : Number.NaN, at }
}
