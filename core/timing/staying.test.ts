import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { seededRandom } from '../kernel'
import jstat from 'jstat'
import { waitingRule } from '../../tests/helpers/independent-looks'
import { eitherOr, lognormalChances, reduced } from '../../tests/helpers/price-chances'
import { priceGrid, stayingFollowed, stayingRule, type StayingLook } from '.'

const look = (more: Partial<StayingLook> = {}): StayingLook => ({
  middle: 100,
  changes: 0.3,
  sale: undefined,
  wait: 2,
  ...more
})

describe('waiting for a price that mostly stays', () => {
  test('where each look brings a new price it is the rule for independent looks, sales included', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            wait: fc.integer({ min: 0, max: 15 }),
            chance: fc.constantFrom(0, 0.4, 0.9),
            off: fc.constantFrom(0.1, 0.3)
          }),
          { minLength: 1, maxLength: 6 }
        ),
        fc.integer({ min: 40, max: 300 }),
        fc.constantFrom(0.08, 0.2),
        (rows, without, spread) => {
          const usual = lognormalChances(100, spread)
          const expected = waitingRule(
            rows.map(({ wait, chance, off }) => ({
              wait,
              chances: chance > 0 ? eitherOr(chance, reduced(usual, off), usual) : usual
            })),
            without
          ).takes
          const takes = stayingRule(
            rows.map(({ wait, chance, off }) =>
              look({ wait, changes: 1, sale: chance > 0 ? { chance, off } : undefined })
            ),
            priceGrid(spread, 1),
            without
          )
          takes.forEach((one, t) => expect(Math.abs(one - (expected[t] ?? 0))).toBeLessThan(0.6))
        }
      ),
      { numRuns: 60 }
    )
  })
  test('a price that never changes is taken at once, however high, unless a sale is ahead', () => {
    const row = Array.from({ length: 8 }, () => look({ changes: 0 }))
    const dear = priceGrid(0.1, 1.4)
    expect(stayingRule(row, dear, 1000)[0]).toBeGreaterThan(140)
    const sale = row.map((one, t) => (t === 3 ? { ...one, sale: { chance: 1, off: 0.3 } } : one))
    // 140 stays until the sale: three waits of 2, then 98.
    const takes = stayingRule(sale, dear, 1000)
    expect(takes[0]).toBeLessThan(140)
    expect(takes[3]).toBeGreaterThan(98)
  })
  test('the less a price changes, the more is to be paid rather than looked again', () => {
    const at = (changes: number): number =>
      stayingRule(
        Array.from({ length: 12 }, () => look({ changes })),
        priceGrid(0.15, 1),
        500
      )[0] ?? 0
    expect(at(0.1)).toBeGreaterThan(at(0.4))
    expect(at(0.4)).toBeGreaterThan(at(1))
  })
  test('drawn ten thousand times it comes to what it says, and no other threshold does better', () => {
    const looks = Array.from({ length: 10 }, (_, t) =>
      look({ changes: 0.25, sale: t === 5 ? { chance: 0.7, off: 0.2 } : undefined })
    )
    const spread = 0.12
    const grid = priceGrid(spread, 1.1)
    const without = 400
    const takes = stayingRule(looks, grid, without)
    const random = seededRandom(7)
    const fresh = (): number => jstat.lognormal.inv(random(), Math.log(100), spread)
    /** Price and waits on average from the second look on. */
    const costOf = (rule: readonly number[]): { cost: number; price: number } => {
      let [cost, price, bought] = [0, 0, 0]
      const times = 10_000
      for (let i = 0; i < times; i++) {
        let now = 110
        let got = false
        for (let t = 0; t < looks.length && !got; t++) {
          if (t > 0 && random() < 0.25) now = fresh()
          const { sale, wait } = looks[t]!
          const asked = sale && random() < sale.chance ? now * (1 - sale.off) : now
          if (t > 0 && asked <= (rule[t] ?? 0)) {
            cost += asked
            price += asked
            bought++
            got = true
          } else cost += wait
        }
        if (!got) cost += without
      }
      return { cost: cost / times, price: price / bought }
    }
    const kept = costOf(takes)
    const said = stayingFollowed(looks, grid, takes, 1, takes)
    expect(Math.abs(kept.price - said.price)).toBeLessThan(0.5)
    for (const factor of [0.85, 1.15])
      expect(costOf(takes.map((one) => one * factor)).cost).toBeGreaterThan(kept.cost - 0.1)
  })
  test('what is expected begins at today’s price and moves to the middle', () => {
    const looks = Array.from({ length: 20 }, () => look({ changes: 0.3 }))
    const { mean, at } = stayingFollowed(
      looks,
      priceGrid(0.1, 1.5),
      looks.map(() => 0),
      1,
      []
    )
    expect(mean[0]).toBeCloseTo(150, 6)
    expect(mean[1]).toBeCloseTo(0.7 * 150 + 0.3 * 100.5, 0)
    expect(Math.abs((mean[19] ?? 0) - 100.5)).toBeLessThan(1)
    expect(at.every((one) => one === 0)).toBe(true)
  })
})
