import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import type { PricePoint } from '../builds'
import { demandAt } from '../builds'
import { atPrice, bestPrices, bidAdvice } from '.'

/** Prices are whole: so much may be left of a piece between two of them, minor units. */
const WHOLE = 100
const FREE = { cost: 0, most: Infinity, rate: 0 }
const point = (price: number, perMonth: number, days = 0, outlet?: string): PricePoint => ({
  price,
  perMonth,
  days,
  ...(outlet === undefined ? {} : { outlet })
})

describe('demand at a price', () => {
  test('between two known prices along a straight line, beyond them as at the nearest', () => {
    const known = [point(22_000, 4, 5), point(26_000, 2, 21)]
    expect(demandAt(known, 24_000)).toEqual({ perMonth: 3, days: 13 })
    expect(demandAt(known, 10_000)).toEqual({ perMonth: 4, days: 5 })
    expect(demandAt(known, 99_000)).toEqual({ perMonth: 2, days: 21 })
    expect(demandAt([], 100)).toBeUndefined()
  })
})

describe('the best price by the margin of a month', () => {
  test('straight demand q = 20 − p/10, cost 40: the monopoly price of every economics textbook, (200 + 40) / 2 = 120', () => {
    const known = [point(4000, 16), point(20_000, 0)]
    const best = bestPrices({}, known, { ...FREE, cost: 4000 }, 100)!
    expect(best.at[0]).toMatchObject({ price: 12_000, perMonth: 8, perMonthLeft: 64_000 })
    expect(best.limited).toBe(false)
  })
  test('pieces that wait are money tied up, by Little’s law: two sold a month that wait 45 days are three in the shop', () => {
    const days = 365 / 12
    const at = atPrice([point(10_000, 2, 1.5 * days)], undefined, 10_000, {
      cost: 2000,
      most: Infinity,
      rate: 0.3
    })
    expect(at.waiting).toBeCloseTo(3, 9)
    expect(at.perMonthLeft).toBeCloseTo(2 * 8000 - (3 * 2000 * 0.3) / 12, 6)
  })
  test('where hours make no more, the price rises until the buyers are as many as the pieces', () => {
    const known = [point(4000, 16), point(20_000, 0)]
    const best = bestPrices({}, known, { ...FREE, cost: 4000, most: 4 }, 100)!
    expect(best.at[0]).toMatchObject({ price: 16_000, perMonth: 4 })
    expect(best.limited).toBe(true)
  })

  const some = fc
    .array(
      fc.record({
        price: fc.integer({ min: 10, max: 300 }).map((euros) => euros * 100),
        perMonth: fc.integer({ min: 0, max: 120 }).map((tenths) => tenths / 10),
        days: fc.integer({ min: 0, max: 90 })
      }),
      { minLength: 1, maxLength: 4 }
    )
    .map((list) => {
      // Dearer sells no better: that is what demand is.
      const prices = [...new Set(list.map(({ price }) => price))].sort((a, b) => a - b)
      const demand = list.map(({ perMonth }) => perMonth).sort((a, b) => b - a)
      return prices.map((price, i) => point(price, demand[i] ?? 0, list[i]?.days ?? 0))
    })
  test('no whole price of a grid leaves more, with a share and a fee taken off and pieces limited', () => {
    fc.assert(
      fc.property(
        some,
        fc.integer({ min: 0, max: 8000 }),
        fc.integer({ min: 1, max: 15 }),
        fc.integer({ min: 0, max: 30 }),
        (known, cost, most, share) => {
          const outlet = {
            id: 'o',
            name: 'O',
            feeShare: share / 100,
            feeFixed: 150,
            deliveryEach: 300
          }
          const there = known.map((one) => ({ ...one, outlet: 'o' }))
          const ground = { cost, most, rate: 0.3 }
          const best = bestPrices({ outlets: [outlet] }, there, ground, 100)!
          const low = known[0]!.price
          const high = known.at(-1)!.price
          let grid = 0
          for (let price = low; price <= high; price += 100)
            grid = Math.max(grid, atPrice(there, outlet, price, ground).perMonthLeft)
          // Fees are whole cents, so that a neighbouring price may round by one more each.
          expect(Math.max(0, best.perMonthLeft)).toBeGreaterThanOrEqual(
            grid - 0.02 * Math.max(1, most)
          )
        }
      ),
      { numRuns: 300 }
    )
  })
  test('two outlets with the pieces of a month between them: hardly worse than any pair of prices of a grid', () => {
    fc.assert(
      fc.property(some, some, fc.integer({ min: 1, max: 12 }), (one, other, most) => {
        const ground = { cost: 2000, most, rate: 0 }
        const outlets = ['a', 'b'].map((id) => ({
          id,
          name: id,
          feeShare: 0,
          feeFixed: 0,
          deliveryEach: 0
        }))
        const known = [
          ...one.map((each) => ({ ...each, outlet: 'a' })),
          ...other.map((each) => ({ ...each, outlet: 'b' }))
        ]
        const best = bestPrices({ outlets }, known, ground, 100)!
        const prices = (list: readonly PricePoint[]): number[] => {
          const [low, high] = [list[0]!.price, list.at(-1)!.price]
          return Array.from({ length: 13 }, (_, i) => low + ((high - low) * i) / 12)
        }
        let grid = 0
        for (const a of prices(one))
          for (const b of prices(other)) {
            const at = (list: readonly PricePoint[], price: number, limit: number) =>
              atPrice(list, undefined, price, { ...ground, most: limit })
            const [dear, cheap] =
              a >= b
                ? ([
                    [one, a],
                    [other, b]
                  ] as const)
                : ([
                    [other, b],
                    [one, a]
                  ] as const)
            const first = at(dear[0], dear[1], most)
            const second = at(cheap[0], cheap[1], most - first.perMonth)
            grid = Math.max(grid, first.perMonthLeft + Math.max(0, second.perMonthLeft))
          }
        expect(best.perMonth).toBeLessThanOrEqual(most + 1e-9)
        expect(Math.max(0, best.perMonthLeft)).toBeGreaterThanOrEqual(grid * 0.9 - WHOLE * most)
      }),
      { numRuns: 150 }
    )
  })
  test('nothing is known, or no price leaves anything', () => {
    expect(bestPrices({}, [], FREE, 100)).toBeUndefined()
    expect(
      bestPrices({}, [point(1000, 3)], { ...FREE, cost: 1500 }, 100)!.perMonthLeft
    ).toBeLessThan(0)
  })
})

describe('what a buyer offers', () => {
  const ground = { cost: 2000, minutes: 120, hourValue: 1000, days: 365, rate: 0.25 }
  test('a year’s wait at a quarter a year makes 100 into 80; below cost and hours it is never worth it', () => {
    const at = (bid: number) => bidAdvice(10_000, bid, undefined, ground)
    expect(at(8000)).toEqual({ asGood: 8000, never: 4000, takes: 'take' })
    expect(at(7999).takes).toBe('maybe')
    expect(at(3999).takes).toBe('leave')
  })
  test('an outlet’s share is added again: of 90 at 10 % and a fee of 1 the seller has 80', () => {
    const outlet = { id: 'o', name: 'O', feeShare: 0.1, feeFixed: 100, deliveryEach: 0 }
    expect(bidAdvice(9000, 9000, outlet, { ...ground, days: 0 }).asGood).toBe(9000)
    expect(bidAdvice(9000, 0, outlet, { ...ground, days: 0, minutes: 0, cost: 8000 }).never).toBe(
      9000
    )
  })
})
