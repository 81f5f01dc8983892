import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { library } from '../../data'
import { demoWorld } from '../../tests/helpers/workspaces'
import { addDays, daysBetween } from '../calendar'
import {
  levelOf,
  salesWithin,
  seenPrices,
  shifted,
  standingOf,
  staysFor,
  typicalOf,
  type PriceKind,
  type Quote,
  type SaleWindow,
  type SeenPrice
} from '.'

const world = demoWorld('hive-yard')
const kind: PriceKind = { tool: 'jigsaw', tier: 'weekend', condition: 'new', power: 'corded' }
const pricing = { ...world.pricing, library, quotes: [] }
const typical = typicalOf(pricing, kind) ?? 0
const asOf = '2026-05-04'
const quote = (share: number, daysAgo: number, rest: Partial<Quote> = {}): Quote => ({
  id: `q${share}-${daysAgo}`,
  offer: 'jigsaw/weekend/new/buy/corded',
  date: addDays(asOf, -daysAgo),
  price: Math.round(typical * share),
  seller: 'online',
  ...rest
})
const level = (quotes: readonly Quote[]): NonNullable<ReturnType<typeof levelOf>> => {
  const found = levelOf(pricing, seenPrices(pricing, quotes, []), kind, asOf)
  if (!found) throw new Error('no price is known')
  return found
}

describe('what a kind costs, by what was seen', () => {
  test('without a price it is the typical one, with the usual spread about it', () => {
    const { middle, low, high, prices, trend } = level([])
    expect(middle).toBeCloseTo(typical, 6)
    expect([prices, trend]).toEqual([0, undefined])
    // Eight of ten prices: common practice has them within about a fifth of the middle.
    expect(high / middle).toBeGreaterThan(1.2)
    expect(high / middle).toBeLessThan(1.35)
    expect(low * high).toBeCloseTo(middle * middle, 3)
  })
  test('each price moves it, a fresh one more than an old one, one set aside not at all', () => {
    const one = level([quote(0.7, 0)]).middle
    const old = level([quote(0.7, 720)]).middle
    expect(one).toBeLessThan(old)
    expect(old).toBeLessThan(typical)
    expect(level([quote(0.7, 0, { aside: true })]).middle).toBeCloseTo(typical, 6)
  })
  test('many prices outweigh what is typical, and the band holds eight of ten of them', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: -20, max: 20 }), { minLength: 30, maxLength: 60 }),
        (list) => {
          const shares = list.map((per) => 1.4 * Math.exp(per / 100))
          const { low, high, middle } = level(shares.map((share, i) => quote(share, i % 30)))
          const prices = shares.map((share) => share * typical)
          const inside = prices.filter((one) => one >= low && one <= high).length / prices.length
          expect(inside).toBeGreaterThan(0.6)
          expect(middle).toBeGreaterThan(1.2 * typical)
        }
      )
    )
  })
  test('a trend is told where prices fall by a fifth a year, and not where they only scatter', () => {
    const falling = [0, 90, 180, 270, 360].map((days, i) =>
      quote(1.0 * 0.8 ** (-days / 365) * (1 + (i % 2 === 0 ? 0.005 : -0.005)), days)
    )
    expect(level(falling).trend).toBeCloseTo(-0.2, 1)
    const scattered = [0, 90, 180, 270, 360].map((days, i) => quote(i % 2 === 0 ? 1.1 : 0.9, days))
    expect(level(scattered).trend).toBeUndefined()
    expect(level(falling.slice(0, 3)).trend).toBeUndefined()
    // What falls within half a year may be the season, and a sale says nothing of where prices go.
    const soon = [0, 40, 80, 120, 160].map((days) => quote(0.8 ** (-days / 365), days))
    expect(level(soon).trend).toBeUndefined()
    const sales = falling.map((one) => ({ ...one, until: addDays(one.date, 5) }))
    expect(level(sales).trend).toBeUndefined()
  })
  test('what was paid counts without its tax and delivery; a purchase that was taken back and a gift do not', () => {
    const offer = 'jigsaw/weekend/new/buy/corded'
    const paid = {
      id: 'e1',
      date: asOf,
      kind: 'tool',
      amount: -7000,
      tax: 1000,
      delivery: 500,
      offer
    }
    const [one] = seenPrices(pricing, [], [paid])
    expect([one?.price, one?.source]).toEqual([5500, 'receipt'])
    const back = { id: 'e2', date: asOf, kind: 'reversal', amount: 7000, reverses: 'e1' }
    expect(seenPrices(pricing, [], [paid, back])).toEqual([])
    expect(seenPrices(pricing, [quote(0, 0)], [])).toEqual([])
  })
})

describe('where a price stands', () => {
  const ten = Array.from({ length: 10 }, (_, i) => quote(0.9 + i * 0.02, 0))
  const standing = (share: number, quotes: readonly Quote[]): ReturnType<typeof standingOf> =>
    standingOf(pricing, seenPrices(pricing, quotes, []), kind, Math.round(typical * share), asOf)
  test('cheaper than eight of ten, of its own kind', () => {
    expect(standing(0.93, ten)).toMatchObject({ among: 'kind', of: 10 })
    expect(standing(0.93, ten)?.cheaperThan).toBeCloseTo(0.8, 6)
    expect(standing(0.5, ten)?.cheaperThan).toBe(1)
    expect(standing(2, ten)?.cheaperThan).toBe(0)
  })
  test('with few of its kind, against the tool’s other prices, each by what is typical of its kind', () => {
    const others = Array.from({ length: 5 }, (_, i) => ({
      ...quote(1, i, { id: `h${i}` }),
      offer: 'jigsaw/trade/used/buy/corded',
      price: Math.round(
        (typicalOf(pricing, { ...kind, tier: 'trade', condition: 'used' }) ?? 0) * 0.8
      )
    }))
    expect(standing(0.7, others)).toMatchObject({ among: 'tool', of: 5, cheaperThan: 1 })
    expect(standing(0.9, others)?.cheaperThan).toBe(0)
  })
  test('with nothing seen, against what is usual: the middle price stands in the middle', () => {
    expect(standing(1, [])?.cheaperThan).toBeCloseTo(0.5, 2)
    expect(standing(0.8, [])?.cheaperThan).toBeGreaterThan(0.9)
    expect(standing(1, [])?.among).toBe('usual')
  })
})

describe('sales that come round', () => {
  const sale: SaleWindow = {
    id: 's',
    name: 'Late autumn',
    from: '2025-11-20',
    until: '2025-11-30',
    off: 0.2,
    chance: 0.8,
    tools: [],
    yearly: true
  }
  test('once in each year a plan touches, under an id of its own; those that come once stay as they are', () => {
    const once: SaleWindow = { ...sale, id: 'o', yearly: undefined }
    expect(salesWithin([once], '2030-01-01', '2031-01-01')).toEqual([once])
    expect(
      salesWithin([sale], '2026-05-04', '2028-05-04').map(({ id, from }) => [id, from])
    ).toEqual([
      ['s/2026', '2026-11-20'],
      ['s/2027', '2027-11-20']
    ])
    expect(salesWithin([sale], '2026-11-25', '2026-12-31')).toHaveLength(1)
    expect(salesWithin([sale], '2026-12-01', '2027-11-19')).toEqual([])
  })
  test('one over the end of the year keeps its length; one of the last of February has its day', () => {
    const end = { ...sale, from: '2024-12-27', until: '2025-01-10' }
    const next = shifted(end, 2)
    expect([next.from, next.until]).toEqual(['2026-12-27', '2027-01-10'])
    expect(daysBetween(next.from, next.until)).toBe(daysBetween(end.from, end.until))
    expect(shifted({ ...sale, from: '2024-02-29' }, 1).from).toBe('2025-02-28')
    expect(salesWithin([end], '2026-01-05', '2026-06-01').map(({ from }) => from)).toEqual([
      '2025-12-27'
    ])
  })
})

describe('how long a price stays', () => {
  const priced = (prices: readonly number[], apart: number): SeenPrice[] =>
    prices.map((price, i) => ({
      ...kind,
      id: `${i}`,
      date: addDays('2026-01-05', i * apart),
      price,
      source: 'seen',
      seller: 'online',
      until: undefined,
      aside: false,
      ratio: 1
    }))
  test('about four weeks where nothing was seen (common practice)', () => {
    expect(staysFor([], kind)).toBe(28)
  })
  test('longer where it was the same at every look, shorter where it never was', () => {
    const same = staysFor(priced([50, 50, 50, 50, 50, 50, 50, 50], 21), kind)
    const other = staysFor(priced([50, 55, 48, 60, 52, 49, 58, 47], 7), kind)
    // 4 changes in 4 × 28 and 7 × 21 days without any; 7 more in 7 half weeks.
    expect(same).toBeCloseTo((4 * 28 + 7 * 21) / 4)
    expect(other).toBeCloseTo((4 * 28 + 7 * 3.5) / 11)
  })
})
