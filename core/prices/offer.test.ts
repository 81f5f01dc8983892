import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { library } from '../../data'
import {
  calibratedLevel,
  findOffer,
  offerId,
  priceOf,
  typicalOffer,
  type Offer,
  type Pricing,
  type Quote
} from '.'

const pricing: Pricing = {
  library,
  minorPer100Points: 10_000,
  taxBasisPoints: 0,
  deliveryEach: 0,
  offers: [],
  quotes: []
}
const saw = (change: Partial<Offer> = {}): Offer => {
  const offer: Offer = {
    id: '',
    tool: 'circular-saw',
    tier: 'weekend',
    condition: 'new',
    acquisition: 'buy',
    power: 'corded',
    ...change
  }
  return { ...offer, id: change.id ?? offerId(offer) }
}
const quote = (change: Partial<Quote> = {}): Quote => ({
  id: 'q',
  offer: saw().id,
  date: '2026-04-01',
  price: 5000,
  seller: 'online',
  ...change
})
const DAY = '2026-05-04'

describe('ids of typical offers', () => {
  test('spell out tool, tier, condition, acquisition and power, and can be read again', () => {
    expect(saw().id).toBe('circular-saw/weekend/new/buy/corded')
    expect(typicalOffer(library, saw().id)).toEqual(saw())
  })
  test.each([
    'warp-drive/weekend/new/buy/hand',
    'circular-saw/superb/new/buy/corded',
    'circular-saw/weekend/new/buy/hand',
    'circular-saw/weekend/new/hire/corded',
    'bench-hook/weekend/new/buy/hand',
    'circular-saw',
    ''
  ])('%s is none', (id) => expect(typicalOffer(library, id)).toBeUndefined())
  test('an own offer comes before a typical one', () => {
    const own = saw({ id: 'my/find', condition: 'used' })
    expect(findOffer({ library, offers: [own] }, 'my/find')).toBe(own)
  })
})

describe('what an offer costs', () => {
  test('the typical price is index points times level, tier and condition', () => {
    // 55 points at 100 a point; trade 1.95 times, used half of it.
    expect(priceOf(pricing, saw(), DAY)?.tag).toBe(5500)
    expect(priceOf(pricing, saw({ tier: 'trade' }), DAY)?.tag).toBe(10_725)
    expect(priceOf(pricing, saw({ condition: 'used' }), DAY)?.tag).toBe(2750)
    expect(priceOf(pricing, saw(), DAY)?.typical).toBe(true)
  })
  test('tax and delivery are added for new ones, a repair reserve for used ones', () => {
    const taxed = { ...pricing, taxBasisPoints: 700, deliveryEach: 450 }
    expect(priceOf(taxed, saw(), DAY)).toMatchObject({
      tag: 5500,
      tax: 385,
      delivery: 450,
      repair: 0,
      payment: 6335,
      allIn: 6335
    })
    expect(priceOf(taxed, saw({ condition: 'used' }), DAY)).toMatchObject({
      tax: 0,
      delivery: 0,
      repair: 330,
      payment: 2750,
      allIn: 3080
    })
  })
  test('the newest quote that still stands replaces the typical price', () => {
    const quotes = [
      quote({ price: 6000 }),
      quote({ id: 'q2', date: '2026-04-20', price: 5100 }),
      quote({ id: 'q3', date: '2026-04-25', price: 100, until: '2026-05-01' })
    ]
    const price = priceOf({ ...pricing, quotes }, saw(), DAY)
    expect(price).toMatchObject({ tag: 5100, typical: false, quoted: '2026-04-20' })
    expect(priceOf({ ...pricing, quotes }, saw(), '2026-05-01')?.tag).toBe(100)
  })
  test('a gift costs nothing; an own offer nobody quoted has no price', () => {
    expect(priceOf({ ...pricing, quotes: [quote({ price: 0 })] }, saw(), DAY)?.allIn).toBe(0)
    expect(priceOf(pricing, saw({ id: 'my/find' }), DAY)).toBeUndefined()
    expect(priceOf(pricing, saw({ tool: 'warp-drive' }), DAY)).toBeUndefined()
  })
  test('a higher price never lowers what it costs all in', () => {
    const amount = fc.integer({ min: 0, max: 1_000_000 })
    const basisPoints = fc.integer({ min: 0, max: 3000 })
    fc.assert(
      fc.property(
        amount,
        amount,
        basisPoints,
        fc.constantFrom('new' as const, 'used' as const, 'refurbished' as const),
        (a, b, taxBasisPoints, condition) => {
          const offer = saw({ condition })
          const allIn = (price: number): number =>
            priceOf(
              { ...pricing, taxBasisPoints, quotes: [quote({ offer: offer.id, price })] },
              offer,
              DAY
            )?.allIn ?? -1
          expect(allIn(Math.max(a, b))).toBeGreaterThanOrEqual(allIn(Math.min(a, b)))
        }
      )
    )
  })
})

describe('the level of typical prices, by the user’s own quotes', () => {
  // The saw is 55 index points, so 5500 minor units for one is a level of 10000.
  const at = (price: number, change: Partial<Quote> = {}): Quote => quote({ price, ...change })
  test('without quotes the usual level stands; a quote at that level changes nothing', () => {
    expect(calibratedLevel(library, [], 12_000)).toBe(12_000)
    expect(calibratedLevel(library, [at(6600)], 12_000)).toBeCloseTo(12_000, 6)
  })
  test('one quote draws it a quarter of the way, on the logarithm: half price takes it to 2^(-1/4)', () =>
    expect(calibratedLevel(library, [at(3300)], 12_000)).toBeCloseTo(12_000 / 2 ** 0.25, 6))
  test('the median counts: one odd price among many moves little', () => {
    const fair = Array.from({ length: 8 }, () => at(6600))
    expect(calibratedLevel(library, [...fair, at(66_000)], 12_000)).toBeCloseTo(12_000, 6)
  })
  test('sale prices, gifts and offers of one’s own are left out', () =>
    expect(
      calibratedLevel(
        library,
        [at(2000, { until: '2026-06-01' }), at(0), at(9999, { offer: 'my/find' })],
        12_000
      )
    ).toBe(12_000))
  test('always between the usual level and the quotes, nearer to them the more there are', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 500, max: 40_000 }),
        fc.integer({ min: 1, max: 30 }),
        (price, many) => {
          const target = (price * 100) / 55
          const level = calibratedLevel(
            library,
            Array.from({ length: many }, () => at(price)),
            12_000
          )
          const more = calibratedLevel(
            library,
            Array.from({ length: many + 1 }, () => at(price)),
            12_000
          )
          expect(level).toBeGreaterThanOrEqual(Math.min(12_000, target) - 1e-6)
          expect(level).toBeLessThanOrEqual(Math.max(12_000, target) + 1e-6)
          expect(Math.abs(Math.log(more / target))).toBeLessThanOrEqual(
            Math.abs(Math.log(level / target)) + 1e-9
          )
        }
      )
    )
  })
})
