import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import jstat from 'jstat'
import { normalBelow, seededRandom } from '../kernel'
import {
  certainly,
  eitherOr,
  lognormalChances,
  reduced,
  type PriceChances
} from '../../tests/helpers/price-chances'
import {
  followed,
  reservationPrice,
  waitingRule,
  type Look
} from '../../tests/helpers/independent-looks'

/** A price that is one of a few, each as likely as the others. */
const oneOf = (prices: readonly number[]): PriceChances => ({
  mean: prices.reduce((sum, one) => sum + one, 0) / prices.length,
  below: (amount) => prices.filter((one) => one <= amount).length / prices.length,
  saved: (amount) => prices.reduce((sum, one) => sum + Math.max(0, amount - one), 0) / prices.length
})
const uniform = (low: number, high: number): PriceChances => ({
  mean: (low + high) / 2,
  below: (amount) => Math.min(1, Math.max(0, (amount - low) / (high - low))),
  saved: (amount) =>
    amount <= low
      ? 0
      : amount >= high
        ? amount - (low + high) / 2
        : (amount - low) ** 2 / (2 * (high - low))
})
const exponential = (mean: number): PriceChances => ({
  mean,
  below: (amount) => 1 - Math.exp(-Math.max(0, amount) / mean),
  saved: (amount) => (amount <= 0 ? 0 : amount - mean * (1 - Math.exp(-amount / mean)))
})
/** Prices drawn one after another, by seed. */
const logNormalDraws = (middle: number, spread: number, seed: number): (() => number) => {
  const random = seededRandom(seed)
  return () => jstat.lognormal.inv(random(), Math.log(middle), spread)
}

describe('chances of a price', () => {
  test('the normal distribution is jstat’s', () => {
    for (let z = -6; z <= 6; z += 0.37)
      expect(Math.abs(normalBelow(z) - jstat.normal.cdf(z, 0, 1))).toBeLessThan(2e-7)
  })
  test('what a price saves is its integral, for every kind of chances (Simpson’s rule)', () => {
    const kinds = [
      lognormalChances(80, 0.2),
      reduced(lognormalChances(80, 0.2), 0.25),
      eitherOr(0.3, reduced(lognormalChances(80, 0.2), 0.25), lognormalChances(80, 0.2))
    ]
    for (const one of kinds)
      for (const amount of [50, 75, 90, 140]) {
        const n = 4000
        let sum = 0
        for (let i = 0; i <= n; i++)
          sum += one.below((amount * i) / n) * (i === 0 || i === n ? 1 : i % 2 === 1 ? 4 : 2)
        expect(Math.abs(one.saved(amount) - (sum * amount) / n / 3)).toBeLessThan(1e-3)
      }
  })
  test('a price without spread is certain, and one for nothing too', () => {
    expect(lognormalChances(40, 0).below(39.99)).toBe(0)
    expect(lognormalChances(40, 0).saved(41)).toBe(1)
    expect(reduced(lognormalChances(40, 0.2), 1).mean).toBe(0)
  })
})

describe('the reservation price', () => {
  test('of prices even from a to b: a + √(2c(b − a)), as long as that is not above b', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 500 }),
        fc.integer({ min: 1, max: 500 }),
        fc.double({ min: 0.01, max: 0.5, noNaN: true }),
        (low, width, share) => {
          const cost = share * width
          const expected = low + Math.sqrt(2 * cost * width)
          expect(reservationPrice(uniform(low, low + width), cost)).toBeCloseTo(expected, 5)
        }
      )
    )
  })
  test('of exponential prices: r with r − m(1 − e^(−r/m)) = c, by Lambert’s W', () => {
    // With u = r/m − 1 − c/m: −e^(−r/m) = u, so that r = m(1 + c/m + W(−e^(−1 − c/m))), the branch above −1.
    const lambert = (x: number): number => {
      let w = Math.max(x, -0.3)
      for (let i = 0; i < 100; i++) w -= (w * Math.exp(w) - x) / (Math.exp(w) * (w + 1))
      return w
    }
    for (const mean of [20, 90])
      for (const cost of [2, 15, 60]) {
        const r = mean * (1 + cost / mean + lambert(-Math.exp(-1 - cost / mean)))
        expect(reservationPrice(exponential(mean), cost)).toBeCloseTo(r, 5)
      }
  })
  test('a look that costs more than any price could save: the first price is taken', () => {
    expect(reservationPrice(uniform(50, 70), 40)).toBeCloseTo(100, 6)
    expect(reservationPrice(certainly(50), 5)).toBeCloseTo(55, 6)
  })
  test('whoever keeps to it pays as much as it says, looks included; a fifth higher or lower costs more', () => {
    const [middle, spread, cost] = [100, 0.25, 3]
    const rule = reservationPrice(lognormalChances(middle, spread), cost)
    const draw = logNormalDraws(middle, spread, 11)
    const costOf = (most: number): { mean: number; error: number } => {
      const all = Array.from({ length: 6000 }, () => {
        let sum = 0
        for (;;) {
          const price = draw()
          sum += cost
          if (price <= most) return sum + price
        }
      })
      return {
        mean: jstat.mean(all),
        error: jstat.stdev(all, true) / Math.sqrt(all.length)
      }
    }
    const kept = costOf(rule)
    expect(Math.abs(kept.mean - rule)).toBeLessThan(4 * kept.error)
    for (const other of [rule * 0.8, rule * 1.2])
      expect(costOf(other).mean).toBeGreaterThan(kept.mean)
  })
})

/** What every rule of one highest price for each look comes to; the least of them. */
function leastOfAllRules(
  prices: readonly (readonly number[])[],
  waits: readonly number[],
  without: number
): number {
  const cost = (at: number, most: readonly number[]): number => {
    const list = prices[at]
    if (!list) return without
    const later = (waits[at] ?? 0) + cost(at + 1, most)
    return (
      list.reduce((sum, price) => sum + (price <= (most[at] ?? 0) ? price : later), 0) / list.length
    )
  }
  const rules = (at: number): number[][] =>
    at === prices.length
      ? [[]]
      : [0, ...(prices[at] ?? [])].flatMap((most) => rules(at + 1).map((rest) => [most, ...rest]))
  return Math.min(...rules(0).map((most) => cost(0, most)))
}

describe('waiting for what has its day', () => {
  test('backward induction is the best of all rules, tried one by one on small trees', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.tuple(
            fc.array(fc.integer({ min: 20, max: 120 }), { minLength: 1, maxLength: 3 }),
            fc.integer({ min: 0, max: 20 })
          ),
          { minLength: 1, maxLength: 4 }
        ),
        fc.integer({ min: 10, max: 200 }),
        (rows, without) => {
          const looks = rows.map(([prices, wait]): Look => ({ chances: oneOf(prices), wait }))
          const least = leastOfAllRules(
            rows.map(([prices]) => prices),
            rows.map(([, wait]) => wait),
            without
          )
          expect(waitingRule(looks, without).expects[0]).toBeCloseTo(least, 9)
        }
      ),
      { numRuns: 200 }
    )
  })
  test('where nothing changes and there is no end, its price is the reservation price', () => {
    const chances = lognormalChances(100, 0.2)
    const looks = Array.from({ length: 400 }, (): Look => ({ chances, wait: 2 }))
    expect(waitingRule(looks, 1000).takes[0]).toBeCloseTo(reservationPrice(chances, 2), 6)
  })
  test('before a sale that is certain the price to take falls; behind it, it is as before', () => {
    const usual = lognormalChances(100, 0.05)
    const looks = [0, 1, 2, 3].map((t): Look => ({
      chances: t === 2 ? reduced(usual, 0.3) : usual,
      wait: 4
    }))
    const { takes } = waitingRule(looks, 300)
    // Two waits of 4, then about 70 once the sale is on.
    expect(takes[0]).toBeGreaterThan(75)
    expect(takes[0]).toBeLessThan(79)
    expect(takes[2]).toBeGreaterThan(98)
  })
  test('a sale that does not come costs what the model says: followed, drawn, and reckoned by hand', () => {
    const usual = lognormalChances(100, 0.1)
    const wait = 3
    const hoped = [0, 1, 2, 3, 4].map((t): Look => ({
      chances: t === 3 ? eitherOr(0.8, reduced(usual, 0.3), usual) : usual,
      wait
    }))
    const rule = waitingRule(hoped, 400)
    const truth = hoped.map(({ wait: its }): Look => ({ chances: usual, wait: its }))
    const said = followed(truth, rule, 1)
    const draw = logNormalDraws(100, 0.1, 5)
    const paid: number[] = []
    const at = [0, 0, 0, 0, 0]
    const times = 20_000
    for (let i = 0; i < times; i++)
      for (let t = 1; t < truth.length; t++) {
        const price = draw()
        if (price > (rule.takes[t] ?? 0)) continue
        paid.push(price)
        at[t]! += 1
        break
      }
    expect(paid.length / times).toBeCloseTo(said.bought, 2)
    expect(jstat.mean(paid)).toBeCloseTo(said.price, 0)
    at.forEach((count, t) => expect(count / times).toBeCloseTo(said.at[t] ?? 0, 1.7))
    // Hoping costs more than it would have to know.
    expect(said.price).toBeGreaterThan(followed(hoped, rule, 1).price)
  })
  test('nobody pays more than going without costs', () => {
    const { takes, expects } = waitingRule([{ chances: lognormalChances(100, 0.2), wait: 0 }], 0)
    expect([takes[0], expects[0]]).toEqual([0, 0])
  })
})
