import { describe, expect, test } from '@jest/globals'
import { TODAY, emptyWorkspace } from '../../tests/helpers/workspaces'
import { FIND, QUOTE, bought, broken, planOf, sanding, there } from '../../tests/helpers/find'
import { library } from '../../data'
import { specsOf } from '../catalogue'
import { comfortsOf } from '../worth'
import type { PlannedBuild, World } from '../workspace'
import { checkHours } from './evaluate-hours'
import { valueOf } from './value'
import { emptyPlan, evaluate } from '.'

const value = (world: World, change: Partial<PlannedBuild> = {}) =>
  evaluate(world, {
    ...emptyPlan(world),
    builds: [
      {
        build: 'p',
        begin: TODAY,
        done: TODAY,
        work: [{ stage: TODAY, minutes: 125 }],
        methods: { s1: 'sand-flat/block' },
        material: 0,
        ...change
      }
    ]
  }).value

describe('fine points of what a plan is worth', () => {
  test('later than wished costs its share of the worth a day; earlier gains nothing', () => {
    const lateness = emptyWorkspace().money.latenessPerDay
    const on = (wished: string | undefined) => value(sanding({ wished })).builds
    expect(on('2026-04-24')).toBeCloseTo(on(undefined) * (1 - 10 * lateness), 6)
    expect(on('2026-05-14')).toBeCloseTo(on(undefined), 9)
  })
  test('what bothers about a method is a cost, and of a build that is done later it counts as much less', () => {
    const weighting = { worth: 1, spacePerM2: 0, easePerHour: 0, finishPerStep: 500 }
    const fussy = sanding(
      { steps: [{ id: 's1', operation: 'sand-flat', quantity: 2, stock: {}, accuracyMm: 0.5 }] },
      { preferences: { ...emptyWorkspace().preferences, weighting } }
    )
    const now = value(fussy).penalties
    expect(now).toBeLessThan(0)
    const { impatience } = fussy.workspace.money
    const later = value(fussy, { begin: '2026-05-20', done: '2026-05-20' }).penalties
    expect(later).toBeCloseTo(now * Math.pow(1 + impatience, -16 / 365), 6)
  })
  test('two wishes are two, and each counts', () => {
    const world = there({ wishes: ['band-saw', 'lathe'] })
    const come = (id: string) => {
      const tool = library.tools.get(id)
      if (!tool) throw new Error(id)
      return {
        entry: {
          tool,
          tier: 'weekend' as const,
          condition: 'new' as const,
          power: 'corded' as const,
          specs: specsOf(tool, 'weekend'),
          count: 1
        },
        from: TODAY,
        paid: 0
      }
    }
    const worth = (id: string) => comfortsOf(world).get(id)?.worth ?? NaN
    expect(
      valueOf({
        world,
        checked: [],
        movements: [],
        acquired: [come('band-saw'), come('lathe')],
        list: [],
        resold: []
      }).comfort
    ).toBeCloseTo(worth('band-saw') + worth('lathe'), 6)
  })
  test('two of a thing bring back twice as much, and bother twice', () => {
    const of = (count: number) => {
      const world = there()
      return evaluate(world, planOf(world, bought({ count, price: 1000 * count }))).value
    }
    expect(of(2).resale).toBeCloseTo(2 * of(1).resale, 6)
    expect(of(2).bother).toBeCloseTo(2 * of(1).bother, 6)
  })
})

describe('fine points of the rules', () => {
  test('a shop is paid for its work: its fee is due with the material', () => {
    const world = sanding({
      steps: [{ id: 's1', operation: 'rip', quantity: 3, stock: { thicknessMm: 20, widthMm: 100 } }]
    })
    const shop = (world.library.methodsFor.get('rip') ?? []).find(({ service }) => service)
    const wrong = evaluate(world, {
      ...emptyPlan(world),
      builds: [
        {
          build: 'p',
          begin: TODAY,
          done: TODAY,
          work: [],
          methods: { s1: shop?.id ?? '' },
          material: 0
        }
      ]
    }).broken.find(({ code }) => code === 'plan.material-differs')
    expect(Number(wrong?.figures.price)).toBeGreaterThan(0)
  })
  test('a typical offer of a kind that is ruled out is refused', () => {
    const world = there({
      preferences: { ...emptyWorkspace().preferences, ruledOut: { tiers: ['get-by'] } } as never
    })
    const codes = broken(world, bought({ offer: 'hand-drill/get-by/new/buy/hand', price: 1 })).map(
      ({ code, path, figures }) => (code === 'plan.ruled-out' ? { path, figures } : code)
    )
    expect(codes).toContainEqual({ path: ['purchases', 0], figures: { tool: 'hand-drill' } })
    expect(
      broken(there(), bought({ offer: 'hand-drill/get-by/new/buy/hand', price: 1 })).map(
        ({ code }) => code
      )
    ).not.toContain('plan.ruled-out')
  })
  test('savings of other deals and other days do not stand in the way of the right one', () => {
    const world = there({
      deals: [{ id: 'd', name: 'd', buy: 1, free: 1, tools: ['hand-drill'] }],
      offers: [{ ...FIND, condition: 'new' }],
      quotes: [QUOTE]
    } as never)
    const right = { deal: 'd', date: '2026-06-01', amount: 1000 }
    const plan = planOf(world, bought({ count: 2, price: 2000 }))
    for (const other of [
      { ...right, deal: 'e', amount: 0 },
      { ...right, date: '2026-06-02', amount: 0 }
    ])
      expect(evaluate(world, { ...plan, savings: [other, right] }).broken).toEqual([])
  })
  test('work of a stage falls within it, though its build goes on into the next', () => {
    const world = there({ time: { minutesPerWeek: 420 } })
    const [first, second] = world.stages
    if (!first || !second) throw new Error('no stages')
    const planned = {
      build: 'a',
      begin: first.start,
      done: second.end,
      work: [{ stage: first.start, minutes: 100_000 }],
      methods: {},
      material: 0
    }
    const found: Parameters<typeof checkHours>[3] = []
    checkHours(world, { builds: [planned] } as never, new Map([[planned, 100_000]]), found)
    expect(found.map(({ figures }) => [figures.from, figures.to])).toEqual([
      [first.start, first.end]
    ])
  })
})
