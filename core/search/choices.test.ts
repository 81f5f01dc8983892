import { describe, expect, test } from '@jest/globals'
import { TODAY, build, item } from '../../tests/helpers/workspaces'
import { type Plan, type World } from '../workspace'
import { comesTo, evaluate, movePurchase, emptyPlan } from '../plan'
import { owned, world, planned, codes, DRILL } from '../../tests/helpers/choices'

describe('bundles', () => {
  const bundle = {
    id: 'my/set',
    name: 'Drill set',
    pieces: [
      {
        tool: 'drill-driver',
        tier: 'weekend' as const,
        condition: 'new' as const,
        power: 'corded' as const,
        count: 1
      }
    ]
  }
  const quote = { id: 'q', offer: 'my/set', date: TODAY, price: 2000, seller: 'online' as const }
  const there = world({ bundles: [bundle], quotes: [quote] })
  test('a cheap one is bought instead of its pieces, once, at its price', () => {
    const plan = planned(there)
    expect(
      plan.purchases
        .filter(({ offer }) => offer === 'my/set')
        .map(({ count, price }) => [count, price])
    ).toEqual([[1, 2000]])
    expect(plan.purchases.some(({ offer }) => offer.startsWith('drill-driver/'))).toBe(false)
  })
  test('twice, or at another price, is refused', () => {
    const plan = planned(there)
    const twice = plan.purchases.map((one) =>
      one.offer === 'my/set' ? { ...one, count: 2, price: 4000 } : one
    )
    expect(codes(there, { ...plan, purchases: twice })).toContain('plan.only-one')
    expect(
      codes(there, {
        ...plan,
        purchases: plan.purchases.map((one) =>
          one.offer === 'my/set' ? { ...one, price: 1 } : one
        )
      })
    ).toContain('plan.price-differs')
  })
})

describe('sale windows', () => {
  const sale = (chance: number) => ({
    id: 's',
    name: 'Autumn',
    from: '2026-07-01',
    until: '2026-07-31',
    off: 0.5,
    chance,
    tools: ['drill-driver']
  })
  const plan = (there: World, date: string): Plan =>
    movePurchase(
      there,
      {
        ...emptyPlan(there),
        purchases: [
          {
            id: 'p',
            offer: DRILL,
            count: 1,
            date: TODAY,
            price: evaluate(there, emptyPlan(there)).spent
          }
        ]
      },
      'p',
      date
    )
  test('a certain one lowers the price on its days; one that only may come leaves the full price to be kept ready, and counts by its chance', () => {
    const [plain, sure, perhaps] = [
      world(),
      world({ saleWindows: [sale(1)] }),
      world({ saleWindows: [sale(0.4)] })
    ]
    const price = plan(plain, '2026-07-10').purchases[0]?.price ?? 0
    expect(plan(sure, '2026-07-10').purchases[0]?.price).toBe(price - Math.floor(price / 2 + 0.5))
    expect(plan(sure, '2026-08-10').purchases[0]?.price).toBe(price)
    expect(plan(perhaps, '2026-07-10').purchases[0]?.price).toBe(price)
    const payments = (there: World): number =>
      evaluate(there, plan(there, '2026-07-10')).value.payments
    expect(payments(perhaps) / payments(plain)).toBeCloseTo(1 - 0.4 * 0.5, 3)
  })
})

describe('deals', () => {
  const there = world({
    deals: [{ id: 'd', name: 'Two for one', buy: 1, free: 1, tools: ['f-clamp-300'] }]
  })
  const id = 'f-clamp-300/weekend/new/buy/hand'
  const each =
    movePurchase(
      there,
      { ...emptyPlan(there), purchases: [{ id: 'p', offer: id, count: 1, date: TODAY, price: 1 }] },
      'p',
      TODAY
    ).purchases[0]?.price ?? 0
  test('what is bought together saves what the deal says; more than that is refused', () => {
    const two = movePurchase(
      there,
      { ...emptyPlan(there), purchases: [{ id: 'p', offer: id, count: 2, date: TODAY, price: 1 }] },
      'p',
      TODAY
    )
    expect(two.savings).toEqual([{ deal: 'd', date: TODAY, amount: each }])
    expect(evaluate(there, two).spent).toBe(each)
    expect(codes(there, two)).toEqual([])
    expect(
      codes(there, { ...two, savings: [{ deal: 'd', date: TODAY, amount: each + 1 }] })
    ).toContain('plan.saving-differs')
    expect(
      codes(there, { ...two, savings: [...(two.savings ?? []), ...(two.savings ?? [])] })
    ).toContain('plan.saving-differs')
  })
})

describe('an old one sold for a better one', () => {
  const cost = 8000
  const old = item('drill-driver', { tier: 'get-by', cost, power: 'corded' })
  const there = world({ items: [...owned, old] })
  const better = movePurchase(
    there,
    {
      ...emptyPlan(there),
      purchases: [{ id: 'p', offer: DRILL, count: 1, date: TODAY, price: 1 }]
    },
    'p',
    '2026-06-01'
  )
  // A get-by tool brings a fifth of what was paid; common practice.
  const resale = { item: old.id, date: '2026-06-01', amount: cost / 5 }
  test('brings its money on the day and is gone; before, unreplaced, at another price or twice it is refused', () => {
    expect(codes(there, { ...better, resales: [resale] })).toEqual([])
    const [without, sold] = [
      evaluate(there, better),
      evaluate(there, { ...better, resales: [resale] })
    ]
    expect((sold.balances.at(-1)?.balance ?? 0) - (without.balances.at(-1)?.balance ?? 0)).toBe(
      cost / 5
    )
    expect(codes(there, { ...better, resales: [{ ...resale, date: TODAY }] })).toContain(
      'plan.not-replaced'
    )
    expect(codes(there, { ...emptyPlan(there), resales: [resale] })).toContain('plan.not-replaced')
    expect(codes(there, { ...better, resales: [{ ...resale, amount: cost }] })).toContain(
      'plan.resale-differs'
    )
    expect(codes(there, { ...better, resales: [resale, resale] })).toContain('plan.unknown-item')
  })
})

describe('copies in batches', () => {
  const sold = build('bird-box', {
    copies: 6,
    batchSize: 2,
    sale: { netEach: 4000, daysToSell: 10 },
    hourValue: 100
  })
  const there = world({ builds: [sold], time: { minutesPerWeek: 60 } })
  const plan = planned(there)
  test('a build for sale is split where hours are short, and never made more often than asked', () => {
    const copies = plan.builds
      .filter(({ build: id }) => id === 'bird-box')
      .map((one) => one.copies ?? 6)
    expect(copies.length).toBeGreaterThan(1)
    expect(copies.reduce((sum, one) => sum + one, 0)).toBeLessThanOrEqual(6)
    const first = plan.builds.find(({ build: id }) => id === 'bird-box')
    if (!first) throw new Error('no batch')
    expect(
      codes(there, { ...plan, builds: [...plan.builds, first, first, first, first] })
    ).toContain('plan.build-twice')
    expect(codes(there, { ...plan, builds: [{ ...first, copies: 7 }] })).toContain('plan.copies')
    expect(comesTo(there, plan).builds.filter(({ build: id }) => id === 'bird-box')).toHaveLength(1)
  })
})
