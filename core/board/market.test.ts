import { describe, expect, test } from '@jest/globals'
import { library } from '../../data'
import { BOARD_NAME, marketFor } from '../../data/board'
import { addDays } from '../calendar'
import { typicalOf } from '../prices'
import { cheapestOn, feedOn, roundPrice, type Listing, type Market } from '.'

const DAY = '2026-09-07'
const market = (seed?: number): Market => {
  const made = marketFor(library, 'EUR', seed)
  if (!made) throw new Error('no market')
  return made
}
const on = (date: string, seed?: number): readonly Listing[] =>
  feedOn(market(seed), date, BOARD_NAME).listings
const SAW = { tool: 'circular-saw', tier: 'weekend', power: 'corded' } as const

describe('the simulated market', () => {
  test('a day is the same for everybody, another seed is another market', () => {
    expect(on(DAY)).toEqual(on(DAY))
    expect(on(DAY, 1)).not.toEqual(on(DAY, 2))
  })
  test('it says it is simulated, in the currency it was asked for; one whose prices are not known has none', () => {
    expect(feedOn(market(), DAY, BOARD_NAME)).toMatchObject({ simulated: true, currency: 'EUR' })
    expect(marketFor(library, 'XAF')).toBeUndefined()
  })
  test('each listing has an id of its own, a tool that is sold in that form, and a price above 0', () => {
    const listings = on(DAY)
    expect(new Set(listings.map(({ id }) => id)).size).toBe(listings.length)
    for (const { tool, power, price } of listings) {
      const known = library.tools.get(tool)
      expect(known?.madeBy).toBeUndefined()
      expect(known?.forms.some((form) => form.power === power)).toBe(true)
      expect(Number.isInteger(price) && price > 0).toBe(true)
    }
  })
  test('protection and what wears out is sold new alone (common practice)', () => {
    for (const { tool, condition } of on(DAY))
      if (library.tools.get(tool)?.kind !== 'tool') expect(condition).toBe('new')
  })
  test('prices lie around what is usual, and change: not from day to day, but over a season', () => {
    const days = Array.from({ length: 120 }, (_, i) => addDays('2027-01-11', i))
    const prices = days.map((date) => cheapestOn(market(), SAW, date)?.price ?? 0)
    const typical = typicalOf(market(), { ...SAW, condition: 'new' }) ?? 0
    for (const price of prices) {
      expect(price).toBeGreaterThan(typical * 0.55)
      expect(price).toBeLessThan(typical * 1.45)
    }
    const moved = prices.filter((price, i) => i > 0 && price !== prices[i - 1]).length
    expect(moved).toBeGreaterThan(3)
    expect(moved).toBeLessThan(80)
  })
  test('of all years a sale comes in about as many as its chance says, within its days alone', () => {
    const counted = { came: 0, of: 0 }
    for (let seed = 0; seed < 60; seed++)
      for (const seller of market(seed).sellers.filter(({ sells }) => sells === 'new')) {
        const one: Market = { ...market(seed), sellers: [seller] }
        const isReduced = (date: string): boolean =>
          ['circular-saw', 'jigsaw', 'ro-sander', 'f-clamp-600', 'chisels', 'tape', 'drill-bits']
            .flatMap((tool) =>
              seller.tiers.flatMap((tier) =>
                (library.tools.get(tool)?.forms ?? []).map(
                  ({ power }) => cheapestOn(one, { tool, tier, power }, date)?.before
                )
              )
            )
            .some((before) => before !== undefined)
        expect(isReduced('2026-10-10')).toBe(false)
        counted.of++
        if (isReduced('2026-11-24')) counted.came++
      }
    // Four in five by the window; a seller may have none of the seven things in it.
    const share = counted.came / counted.of
    expect(share).toBeGreaterThan(0.65)
    expect(share).toBeLessThan(0.9)
  })
  test('a used piece comes, stays some days at one price, and is gone', () => {
    const pieces = new Map<string, { days: number; prices: Set<number> }>()
    for (let i = 0; i < 60; i++)
      for (const { id, condition, price } of on(addDays(DAY, i)))
        if (condition === 'used') {
          const one = pieces.get(id) ?? { days: 0, prices: new Set() }
          one.days++
          one.prices.add(price)
          pieces.set(id, one)
        }
    expect(pieces.size).toBeGreaterThan(100)
    for (const { days, prices } of pieces.values()) {
      expect(prices.size).toBe(1)
      expect(days).toBeLessThan(60)
    }
  })
  test('prices are round: at most three figures, the last of three 0 or 5', () => {
    expect([1234, 12_345, 98_765, 7, 103].map(roundPrice)).toEqual([1250, 12_500, 99_000, 7, 105])
  })
})
