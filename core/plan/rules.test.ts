import { describe, expect, test } from '@jest/globals'
import { TODAY, funds } from '../../tests/helpers/workspaces'
import { type Plan, type PlannedBuild, type PlannedPurchase } from '../workspace'
import { evaluate } from '.'
import { base, ground, plan, codes } from '../../tests/helpers/ground-plan'

const purchase = (tool: string): PlannedPurchase => {
  const found = plan.purchases.find(({ offer }) => offer.startsWith(`${tool}/`))
  if (!found)
    throw new Error(`${tool} is not in ${plan.purchases.map(({ offer }) => offer).join()}`)
  return found
}
const withPurchase = (tool: string, change: Partial<PlannedPurchase>): Plan => ({
  ...plan,
  purchases: plan.purchases.map((one) =>
    one.id === purchase(tool).id ? { ...one, ...change } : one
  )
})
const withBuild = (id: string, change: (planned: PlannedBuild) => Partial<PlannedBuild>): Plan => ({
  ...plan,
  builds: plan.builds.map((one) => (one.build === id ? { ...one, ...change(one) } : one))
})

describe('every rule broken once on purpose', () => {
  test.each<[string, () => Plan]>([
    [
      'plan.miss.role',
      () => ({
        ...plan,
        purchases: plan.purchases.filter(({ id }) => id !== purchase('drill-driver').id)
      })
    ],
    [
      'plan.miss.companion',
      () => ({
        ...plan,
        purchases: plan.purchases.filter(({ id }) => id !== purchase('drill-bits').id)
      })
    ],
    ['plan.protection-late', () => withPurchase('safety-glasses', { date: '2027-01-01' })],
    [
      'plan.miss.protection',
      () => ({
        ...plan,
        purchases: plan.purchases.filter(({ id }) => id !== purchase('safety-glasses').id)
      })
    ],
    ['plan.price-differs', () => withPurchase('drill-driver', { price: 1 })],
    [
      'plan.unknown-offer',
      () => withPurchase('drill-driver', { offer: 'warp-drive/weekend/new/buy/hand' })
    ],
    [
      'plan.unknown-offer',
      () => withPurchase('drill-driver', { offer: 'bench-hook/weekend/new/buy/hand' })
    ],
    ['plan.count', () => withPurchase('drill-driver', { count: 0, price: 0 })],
    ['plan.date-outside', () => withPurchase('drill-driver', { date: '2026-05-03' })],
    ['plan.date-outside', () => withPurchase('drill-driver', { date: '2031-01-01' })],
    ['day.does-not-exist', () => withPurchase('drill-driver', { date: '2026-02-30' })],
    [
      'plan.duplicate-id',
      () => ({ ...plan, purchases: [...plan.purchases, ...plan.purchases.slice(0, 1)] })
    ],
    ['plan.unknown-build', () => withBuild('bird-box', () => ({ build: 'castle' }))],
    ['plan.build-twice', () => ({ ...plan, builds: [...plan.builds, ...plan.builds.slice(0, 1)] })],
    [
      'plan.build-dates',
      () => withBuild('bird-box', ({ begin }) => ({ done: begin, begin: '2026-05-01' }))
    ],
    [
      'plan.minutes-differ',
      () =>
        withBuild('bird-box', ({ work }) => ({
          work: work.map((share) => ({ ...share, minutes: share.minutes - 1 }))
        }))
    ],
    [
      'plan.work-outside',
      () =>
        withBuild('bird-box', ({ work }) => ({
          work: work.map((share) => ({ ...share, stage: '2026-05-05' }))
        }))
    ],
    ['plan.too-many-hours', () => withBuild('bird-box', ({ begin }) => ({ done: begin }))],
    ['plan.material-differs', () => withBuild('bird-box', () => ({ material: 1 }))],
    [
      'plan.no-method',
      () => withBuild('bird-box', ({ methods }) => ({ methods: { ...methods, s1: 'tack/hammer' } }))
    ],
    ['plan.no-method', () => withBuild('bird-box', () => ({ methods: {} }))]
  ])('%s', (code, spoil) => expect(codes(spoil())).toContain(code))

  test('plan.below-reserve: paid before the money is there, with day and sum', () => {
    const poor = ground({ ...funds(500, 6000) })
    const low = evaluate(poor, plan).broken.filter(({ code }) => code === 'plan.below-reserve')
    expect(low.length).toBeGreaterThan(0)
    for (const { figures } of low)
      expect(Number(figures.balance) + Number(figures.short)).toBe(figures.reserve)
  })
  test('plan.pin-not-kept', () =>
    expect(
      codes(
        plan,
        ground({ pins: [{ offer: purchase('drill-driver').offer, count: 1, date: '2026-09-01' }] })
      )
    ).toContain('plan.pin-not-kept'))
  test('plan.banned and plan.miss.banned', () => {
    expect(codes(plan, ground({ bans: [{ kind: 'tool', id: 'drill-driver' }] }))).toContain(
      'plan.banned'
    )
    expect(codes(plan, ground({ bans: [{ kind: 'method', id: 'bore/drill' }] }))).toContain(
      'plan.miss.banned'
    )
  })
  test('plan.miss.comfort and plan.miss.circuit', () => {
    expect(
      codes(plan, ground({ workshop: { volts: 230, comfort: { 'spinning-bit': 0 } } }))
    ).toContain('plan.miss.comfort')
    expect(
      codes(plan, ground({ workshop: { volts: 230, circuitAmps: 1, comfort: {} } }))
    ).toContain('plan.miss.circuit')
  })
  test('plan.space', () =>
    expect(codes(plan, ground({ workshop: { volts: 230, floorM2: 0.01, comfort: {} } }))).toContain(
      'plan.space'
    ))
  test('plan.build-already-done', () =>
    expect(
      codes(
        plan,
        ground({
          builds: base.builds.map((one) => ({
            ...one,
            log: { begun: TODAY, done: TODAY, minutesSpent: 1 }
          }))
        })
      )
    ).toContain('plan.build-already-done'))
  test('plan.only-one and plan.no-price: own offers', () => {
    const offer = {
      id: 'my/find',
      tool: 'drill-driver',
      tier: 'trade' as const,
      condition: 'used' as const,
      acquisition: 'buy' as const,
      power: 'corded' as const,
      single: true
    }
    const two: Plan = {
      ...plan,
      purchases: [
        ...plan.purchases,
        { id: 'x', offer: 'my/find', count: 2, date: TODAY, price: 2000 }
      ]
    }
    const quote = {
      id: 'q',
      offer: 'my/find',
      date: TODAY,
      price: 1000,
      seller: 'private' as const
    }
    expect(codes(two, ground({ offers: [offer], quotes: [quote] }))).toContain('plan.only-one')
    expect(codes(two, ground({ offers: [offer] }))).toContain('plan.no-price')
  })
  test('plan.offer-not-then: hired tools only in their days', () => {
    const hired = {
      id: 'my/hire',
      tool: 'drill-driver',
      tier: 'trade' as const,
      condition: 'used' as const,
      acquisition: 'hire' as const,
      power: 'corded' as const,
      from: '2026-06-01',
      until: '2026-06-05'
    }
    const quote = {
      id: 'q',
      offer: 'my/hire',
      date: TODAY,
      price: 1000,
      seller: 'hire-depot' as const
    }
    const on = (date: string): Plan => ({
      ...plan,
      purchases: [...plan.purchases, { id: 'x', offer: 'my/hire', count: 1, date, price: 1000 }]
    })
    expect(codes(on('2026-06-08'), ground({ offers: [hired], quotes: [quote] }))).toContain(
      'plan.offer-not-then'
    )
    expect(codes(on('2026-06-02'), ground({ offers: [hired], quotes: [quote] }))).not.toContain(
      'plan.offer-not-then'
    )
  })
  test('a plan for another workspace or an older state is noted, not refused', () => {
    expect(evaluate(ground({ id: 'other' }), plan).notes.map(({ code }) => code)).toEqual([
      'plan.other-workspace'
    ])
    expect(
      evaluate(ground({ time: { minutesPerWeek: 1000 } }), plan).notes.map(({ code }) => code)
    ).toEqual(['plan.older-state'])
  })
})
