import { describe, expect, test } from '@jest/globals'
import { TODAY, build, funds } from '../../tests/helpers/workspaces'
import { library } from '../../data'
import { practiceOf, worldOf } from '../workspace'
import { evaluate, emptyPlan } from '../plan'
import { makePlan } from '.'
import { base, world, planned, codes, DRILL } from '../../tests/helpers/choices'

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
    // There is money for the bits and for no drill.
    const there = world({
      ...funds(2500, 0),
      offers: [offer],
      quotes: [{ id: 'q', offer: 'my/lent', date: TODAY, price: 0, seller: 'other' }],
      bans: [
        { kind: 'method', id: 'bore/hand-drill' },
        { kind: 'tool', id: 'brace' }
      ]
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
