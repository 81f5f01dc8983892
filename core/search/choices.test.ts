import { describe, expect, test } from '@jest/globals'
import { TODAY, build, emptyWorkspace, funds, item, items } from '../../tests/helpers/workspaces'
import { library } from '../../data'
import { practiceOf, worldOf, type Plan, type Workspace, type World } from '../workspace'
import { comesTo, evaluate, movePurchase, emptyPlan } from '../plan'
import { makePlan } from '.'

/** The choices of the trade, each in a case in which it is the obvious one; and each of their rules broken once on purpose. */
const owned = items(
  'tape',
  'rafter-square',
  'hammer',
  'screwdrivers',
  'sanding-block',
  'finishing-kit',
  'panel-saw',
  'sawhorses',
  'safety-glasses',
  'drill-bits'
)
const base: Workspace = emptyWorkspace({
  ...funds(30_000, 6000),
  items: owned,
  builds: [build('bird-box', { copies: 4, worthEach: 9000 })]
})
const world = (change: Partial<Workspace> = {}): World =>
  worldOf({ ...base, ...change }, library, TODAY)
const planned = (there: World): Plan => {
  const made = makePlan(there, { evaluations: 4000 })
  if (made.kind !== 'planned') throw new Error(made.kind)
  expect(made.report.broken).toEqual([])
  return made.plan
}
const codes = (there: World, plan: Plan): string[] =>
  evaluate(there, plan).broken.map(({ code }) => code)
const DRILL = 'drill-driver/weekend/new/buy/corded'

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

describe('limits as they are given', () => {
  test('a cap is kept, and a plan over it is refused', () => {
    const free = planned(world())
    const { spent } = evaluate(world(), free)
    const capped = world({ money: { ...base.money, cap: spent - 1 } })
    expect(codes(capped, free)).toContain('plan.over-cap')
    const made = makePlan(capped, { evaluations: 2000 })
    expect(made.kind !== 'clash' && made.report.broken).toEqual([])
  })
  test('weeks without hours are kept free', () => {
    const there = world({
      time: {
        minutesPerWeek: 240,
        changes: [{ from: TODAY, until: '2026-06-30', minutesPerWeek: 0 }]
      }
    })
    expect(planned(there).builds.every(({ begin }) => begin > '2026-06-30')).toBe(true)
  })
  test('what is borrowed serves on its days only', () => {
    const offer = {
      id: 'my/lent',
      tool: 'drill-driver',
      tier: 'trade' as const,
      condition: 'used' as const,
      acquisition: 'borrow' as const,
      power: 'corded' as const,
      single: true,
      from: '2026-07-01',
      until: '2026-07-20'
    }
    const there = world({
      offers: [offer],
      quotes: [{ id: 'q', offer: 'my/lent', date: TODAY, price: 0, seller: 'other' }],
      bans: [{ kind: 'method', id: 'bore/hand-drill' }]
    })
    const plan = planned(there)
    const lent = plan.purchases.find(({ offer: id }) => id === 'my/lent')
    expect(lent?.price).toBe(0)
    for (const { build: id, begin, done } of plan.builds)
      if (id === 'bird-box')
        expect([begin >= '2026-07-01', done <= '2026-07-20']).toEqual([true, true])
    expect(
      codes(there, {
        ...emptyPlan(there),
        purchases: [{ id: 'x', offer: 'my/lent', count: 1, date: '2026-08-01', price: 0 }]
      })
    ).toContain('plan.offer-not-then')
  })
  test('a used machine’s repairs are kept back beside its price', () => {
    const offer = {
      id: 'my/find',
      tool: 'drill-driver',
      tier: 'weekend' as const,
      condition: 'used' as const,
      acquisition: 'buy' as const,
      power: 'corded' as const,
      single: true
    }
    const there = world({
      offers: [offer],
      quotes: [{ id: 'q', offer: 'my/find', date: TODAY, price: 1000, seller: 'private' }]
    })
    const report = evaluate(there, {
      ...emptyPlan(there),
      purchases: [{ id: 'x', offer: 'my/find', count: 1, date: TODAY, price: 1000 }]
    })
    // About an eighth of its price; common practice.
    expect([report.spent, report.balances.find(({ date }) => date === TODAY)?.balance]).toEqual([
      1000,
      30_000 - 1000 - 120
    ])
  })
  test('a jig that needs itself is left out, and the plan stands', () => {
    const jig = {
      ...build('bird-box'),
      id: 'my-jig',
      name: 'Jig',
      yields: 'bench-hook',
      steps: [
        {
          id: 's1',
          operation: 'crosscut',
          quantity: 1,
          stock: { lengthMm: 300, widthMm: 90, thicknessMm: 20 }
        }
      ]
    }
    const there = world({
      builds: [...base.builds, jig],
      bans: [...library.methods.values()].flatMap(({ id, operation, roles }) =>
        operation === 'crosscut' && !roles.some(({ role }) => role === 'bench-hook')
          ? [{ kind: 'method' as const, id }]
          : []
      )
    })
    const made = makePlan(there, { evaluations: 1000 })
    expect(made.kind !== 'clash' && made.report.broken).toEqual([])
  })
})

test('a price that ends in the middle of the plan is paid while it stands, and the plan holds', () => {
  const there = world({
    ...funds(1000, 4000),
    quotes: [
      { id: 'q', offer: DRILL, date: TODAY, price: 500, seller: 'online', until: '2026-07-05' }
    ]
  })
  const plan = planned(there)
  for (const { offer, date, price } of plan.purchases)
    if (offer === DRILL) expect([date, price === 500]).toEqual([date, date <= '2026-07-05'])
})

test('five hundred offers beside the usual ones are planned with', () => {
  const many = Array.from({ length: 500 }, (_, i) => ({
    id: `my/find-${i}`,
    tool: 'drill-driver',
    tier: 'weekend' as const,
    condition: 'used' as const,
    acquisition: 'buy' as const,
    power: 'corded' as const,
    single: true
  }))
  const there = world({
    offers: many,
    quotes: many.map(({ id }, i) => ({
      id: `q-${i}`,
      offer: id,
      date: TODAY,
      price: 2000 + i,
      seller: 'private' as const
    }))
  })
  const drills = planned(there).purchases.filter(({ offer }) => offer.startsWith('my/find-'))
  expect(drills.map(({ offer }) => offer)).toEqual(['my/find-0'])
})

test('practice suggests a level after three finished builds at the declared one, and never beyond it', () => {
  const method = [...library.methods.values()].find(({ hazard }) => hazard?.level === 1)
  if (!method?.hazard) throw new Error('no such method')
  const builds = ['a', 'b', 'c'].map((id) => ({
    ...build('bird-box'),
    id,
    log: { begun: TODAY, done: TODAY, minutesSpent: 60 }
  }))
  const adopted = [
    {
      ...emptyPlan(world()),
      builds: builds.map(({ id }) => ({
        build: id,
        begin: TODAY,
        done: TODAY,
        work: [],
        methods: { s1: method.id },
        material: 0
      }))
    }
  ]
  const suggests = (count: number, level: 1 | 2): unknown =>
    practiceOf(
      {
        ...base,
        builds: builds.slice(0, count),
        adopted,
        workshop: { volts: 230, comfort: { [method.hazard?.kind ?? '']: level } }
      },
      library
    )[0]?.suggests
  expect([suggests(3, 1), suggests(2, 1), suggests(3, 2)]).toEqual([2, undefined, undefined])
})

test('an edge of time: a horizon of one stage and no income at all still has an answer', () => {
  const there = worldOf(
    { ...base, ...funds(500, 0), horizon: { start: TODAY, length: 'week', count: 1 } },
    library,
    TODAY
  )
  const made = makePlan(there, { evaluations: 500 })
  expect(['planned', 'nothing-pays']).toContain(made.kind)
  expect(made.kind !== 'clash' && made.report.broken).toEqual([])
})
