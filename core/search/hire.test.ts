import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { anyMoney, miniArbitrary, plainMethod, plainTool } from '../../tests/helpers/mini'
import { TODAY, emptyWorkspace, funds } from '../../tests/helpers/workspaces'
import { library } from '../../data'
import type { Build } from '../builds'
import { addDays } from '../calendar'
import { indexLibrary } from '../catalogue'
import { evaluate } from '../plan'
import type { Hire } from '../prices'
import { worldOf, type Plan, type World } from '../workspace'
import { makePlan } from '.'

/** One operation, one method of an hour with one tool of 100 points: 120.00. */
const small = indexLibrary({
  ...library.data,
  operations: [{ id: 'o', name: 'o', unit: 'piece', order: 1 }],
  methods: [plainMethod('m', 'o', ['r'], 60)],
  tools: [
    plainTool('t', ['r'], 100, ['eyes'], undefined),
    { ...plainTool('glasses', [], 5, [], undefined), kind: 'protection', protects: ['eyes'] }
  ],
  templates: [],
  materials: []
})
const build = (id: string): Build => ({
  id,
  name: id,
  copies: 1,
  worthEach: 20_000,
  steps: [{ id: 's', operation: 'o', quantity: 1, stock: {} }],
  materials: []
})
const depot = (more: Partial<Hire> = {}): Hire => ({
  id: 'my/depot',
  name: 'Depot',
  pieces: [{ tool: 't', tier: 'weekend', condition: 'new', power: 'hand', count: 1 }],
  per: 'day',
  fee: 1000,
  minutes: 120,
  ...more
})
/** Nothing is made after the plan, so that owning counts for what the builds need. */
const worldWith = (
  hires: readonly Hire[],
  ids: readonly string[],
  { money = 20_000, minutesPerWeek = 3000 } = {}
): World => {
  const purse = funds(money, 0)
  return worldOf(
    emptyWorkspace({
      ...purse,
      money: { ...purse.money, after: { years: 0, perYear: 0 } },
      time: { minutesPerWeek },
      builds: ids.map(build),
      hires
    }),
    small,
    TODAY
  )
}
const planned = (world: World): Plan => {
  const made = makePlan(world, { evaluations: 1500 })
  if (made.kind === 'clash') throw new Error('clash')
  expect(made.report.broken).toEqual([])
  return made.plan
}
const hired = ({ purchases }: Plan): [string, string, number][] =>
  purchases
    .filter(({ offer }) => offer.startsWith('my/depot'))
    .map(({ offer, date, price }) => [offer, date, price])
const buys = ({ purchases }: Plan): boolean => purchases.some(({ offer }) => offer.startsWith('t/'))

describe('hire by the day', () => {
  test('what is needed for one hour is hired, with protection of one’s own; dear hire is not', () => {
    const plan = planned(worldWith([depot()], ['a']))
    expect(hired(plan)).toEqual([['my/depot@1', TODAY, 1000]])
    expect(plan.purchases.map(({ offer }) => offer)).toContain('glasses/weekend/new/buy/hand')
    expect(plan.builds).toHaveLength(1)
    const dear = planned(worldWith([depot({ fee: 12_500 })], ['a']))
    expect([hired(dear), buys(dear)]).toEqual([[], true])
  })
  test('work is gathered in the hired day: two hours of two builds in one, and each begins on it', () => {
    const plan = planned(worldWith([depot()], ['a', 'b']))
    expect(hired(plan)).toEqual([['my/depot@1', TODAY, 1000]])
    expect(plan.builds.map(({ begin }) => begin)).toEqual([TODAY, TODAY])
  })
  test('a day holds so much: three hours need two of them, or one stretch of two', () => {
    const plan = planned(worldWith([depot()], ['a', 'b', 'c']))
    expect(plan.builds).toHaveLength(3)
    expect(hired(plan).reduce((sum, [, , fee]) => sum + fee, 0)).toBe(2000)
  })
  test('with few hours a week it is hired again when its day has gone by, as long as that is cheaper than buying', () => {
    const ids = ['a', 'b', 'c']
    const often = planned(worldWith([depot()], ids, { minutesPerWeek: 60 }))
    expect(often.builds).toHaveLength(3)
    expect(buys(often)).toBe(false)
    const days = hired(often)
    expect(days.length).toBeGreaterThan(1)
    for (const { begin } of often.builds)
      expect(
        days.some(
          ([offer, from]) => begin >= from && begin < addDays(from, Number(offer.split('@')[1]))
        )
      ).toBe(true)
    expect(buys(planned(worldWith([depot({ fee: 7000 })], ids, { minutesPerWeek: 60 })))).toBe(true)
  })
  test('a month in a shared workshop serves all of its days', () => {
    const month = depot({ per: 'month', fee: 2500, minutes: 600, elsewhere: true })
    const plan = planned(worldWith([month], ['a', 'b', 'c'], { minutesPerWeek: 60 }))
    expect(hired(plan)).toEqual([['my/depot@30', TODAY, 2500]])
    expect(plan.builds).toHaveLength(3)
  })
  test('days that are paid for cost nothing more, and only they do', () => {
    const taken = [{ from: TODAY, until: addDays(TODAY, 1), minutes: 60 }]
    const plan = planned(worldWith([depot({ minutes: 60, taken })], ['a', 'b']))
    expect(
      hired(plan)
        .map(([, , price]) => price)
        .sort()
    ).toEqual([0, 1000])
  })
  test('a hire that is over is not to be had', () => {
    expect(hired(planned(worldWith([depot({ until: addDays(TODAY, -1) })], ['a'])))).toEqual([])
  })
})

describe('the judge', () => {
  const world = worldWith([depot()], ['a', 'b'])
  const plan = planned(world)
  const codes = (changed: Plan): string[] => evaluate(world, changed).broken.map(({ code }) => code)
  test('refuses a build that begins when the hired tool has gone back', () => {
    const late = addDays(TODAY, 3)
    const moved = {
      ...plan,
      builds: plan.builds.map((one, i) => (i === 0 ? { ...one, begin: late, done: late } : one))
    }
    expect(codes(moved)).toContain('plan.miss.role')
  })
  test('refuses more work in a hired day than it holds', () => {
    const three = worldWith([depot()], ['a', 'b', 'c'])
    const [first] = plan.builds
    const more = { ...plan, builds: [...plan.builds, { ...first!, build: 'c' }] }
    expect(evaluate(three, more).broken.map(({ code }) => code)).toContain('plan.hired-too-short')
  })
  test('hired tools are neither resold, nor there in the years after, and take no floor', () => {
    const { value } = evaluate(world, plan)
    expect([value.resale, value.after]).toEqual([0, 0])
  })
})

test('in small trades of all kinds no plan with hires breaks a rule, and having the choice is never much worse', () => {
  fc.assert(
    fc.property(
      miniArbitrary(anyMoney, 3),
      fc.integer({ min: 100, max: 3000 }),
      fc.constantFrom('day', 'visit', 'month'),
      fc.integer({ min: 30, max: 600 }),
      (mini, fee, per, minutes) => {
        const tools = [...mini.library.tools.keys()].slice(0, 4)
        const pieces = tools.map((tool) => ({
          tool,
          tier: 'weekend' as const,
          condition: 'new' as const,
          power: 'hand' as const,
          count: 1
        }))
        const { workspace } = mini.world
        const there = worldOf(
          { ...workspace, hires: [depot({ pieces, fee, per, minutes })] },
          mini.library,
          TODAY
        )
        const [without, with_] = [mini.world, there].map((world) =>
          makePlan(world, { evaluations: 800 })
        )
        if (!without || !with_ || with_.kind === 'clash' || without.kind === 'clash')
          throw new Error('there are no pins')
        expect(with_.report.broken).toEqual([])
        const [a, b] = [without.report.value.total, with_.report.value.total]
        expect(b).toBeGreaterThanOrEqual(a - Math.max(200, Math.abs(a) * 0.05))
      }
    ),
    { numRuns: 40, seed: 20_270_601 }
  )
})
