import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { library } from '../../data'
import { findOffer, offerId, priceOf, typicalOffer, type Offer, type Pricing, type Quote } from '.'

const pricing: Pricing = {
  library,
  minorPer100Points: 10_000,
  taxBasisPoints: 0,
  deliveryEach: 0,
  offers: [],
  quotes: []
}
const saw = (change: Partial<Offer> = {}): Offer => {
  const offer: Offer = { id: '', tool: 'circular-saw', tier: 'weekend', condition: 'new', acquisition: 'buy', power: 'corded', ...change }
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
    expect(priceOf(taxed, saw(), DAY)).toMatchObject({ tag: 5500, tax: 385, delivery: 450, repair: 0, payment: 6335, allIn: 6335 })
    expect(priceOf(taxed, saw({ condition: 'used' }), DAY)).toMatchObject({ tax: 0, delivery: 0, repair: 330, payment: 2750, allIn: 3080 })
  })
  test('the newest quote that still stands replaces the typical price', () => {
    const quotes = [quote({ price: 6000 }), quote({ id: 'q2', date: '2026-04-20', price: 5100 }), quote({ id: 'q3', date: '2026-04-25', price: 100, until: '2026-05-01' })]
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
      fc.property(amount, amount, basisPoints, fc.constantFrom('new' as const, 'used' as const, 'refurbished' as const), (a, b, taxBasisPoints, condition) => {
        const offer = saw({ condition })
        const allIn = (price: number): number => priceOf({ ...pricing, taxBasisPoints, quotes: [quote({ offer: offer.id, price })] }, offer, DAY)?.allIn ?? -1
        expect(allIn(Math.max(a, b))).toBeGreaterThanOrEqual(allIn(Math.min(a, b)))
      })
    )
  })
})
