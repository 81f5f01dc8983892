import { describe, expect, test } from '@jest/globals'
import { TODAY, emptyWorkspace, items } from '../../tests/helpers/workspaces'
import { sanding } from '../../tests/helpers/find'
import type { Issue } from '../kernel'
import type { PlannedBuild, World } from '../workspace'
import { emptyPlan, evaluate } from '.'

const made = (change: Partial<PlannedBuild> = {}): PlannedBuild => ({
  build: 'p',
  begin: TODAY,
  done: TODAY,
  work: [{ stage: TODAY, minutes: 125 }],
  methods: { s1: 'sand-flat/block' },
  material: 0,
  ...change
})
const broken = (world: World, ...builds: PlannedBuild[]): readonly Issue[] =>
  evaluate(world, { ...emptyPlan(world), builds }).broken
const only = (world: World, one: PlannedBuild, code: string): Issue | undefined =>
  broken(world, one).find((issue) => issue.code === code)

describe('rules of one planned build, with the place and the figures of each', () => {
  test('what keeps every rule is not complained of', () => {
    const paper = Number(only(sanding(), made(), 'plan.material-differs')?.figures.price)
    expect(broken(sanding(), made({ material: paper }))).toEqual([])
    expect(evaluate(sanding(), { ...emptyPlan(sanding()), builds: [made()] }).builds).toEqual([
      { build: 'p', begin: TODAY, done: TODAY, minutes: 125 }
    ])
  })
  test('a build nobody knows', () => {
    expect(broken(sanding(), made({ build: 'castle' }))).toEqual([
      { code: 'plan.unknown-build', path: ['builds', 0, 'build'], figures: { id: 'castle' } }
    ])
  })
  test('copies: from one to all, in whole ones; of what is under way all', () => {
    const four = { copies: 4 }
    const refused = (copies: number) => ({
      code: 'plan.copies',
      path: ['builds', 0, 'copies'],
      figures: { build: 'p', copies, all: 4 }
    })
    for (const copies of [0, 5, 1.5])
      expect(only(sanding(four), made({ copies }), 'plan.copies')).toEqual(refused(copies))
    for (const copies of [1, 4])
      expect(only(sanding(four), made({ copies }), 'plan.copies')).toBeUndefined()
    const begun = { ...four, log: { begun: TODAY, minutesSpent: 0 } }
    expect(only(sanding(begun), made({ copies: 3 }), 'plan.copies')).toEqual(refused(3))
    expect(only(sanding(begun), made({ copies: 4 }), 'plan.copies')).toBeUndefined()
  })
  test('made twice, or in batches that come to more than there are', () => {
    const world = sanding({ copies: 4 })
    const batches = (...counts: (number | undefined)[]) =>
      broken(world, ...counts.map((copies) => made(copies === undefined ? {} : { copies }))).filter(
        ({ code }) => code === 'plan.copies' || code === 'plan.build-twice'
      )
    expect(batches(2, 2)).toEqual([])
    expect(batches(2, 3)).toEqual([
      {
        code: 'plan.copies',
        path: ['builds', 1, 'copies'],
        figures: { build: 'p', copies: 5, all: 4 }
      }
    ])
    const twice = [{ code: 'plan.build-twice', path: ['builds', 1], figures: { build: 'p' } }]
    expect(batches(undefined, undefined)).toEqual(twice)
    expect(batches(2, undefined)).toEqual(twice)
    expect(batches(4, 1)).toEqual(twice)
  })
  test('days that are none, before today, after the end, the wrong way round', () => {
    const none = (begin: string, done: string, text: string) =>
      expect(broken(sanding(), made({ begin, done }))).toEqual([
        { code: 'day.does-not-exist', path: ['builds', 0], figures: { text } }
      ])
    none('2026-02-30', TODAY, '2026-02-30')
    none(TODAY, '2026-02-31', '2026-02-31')
    const { until } = sanding()
    const refused = (begin: string, done: string) =>
      expect(only(sanding(), made({ begin, done }), 'plan.build-dates')).toEqual({
        code: 'plan.build-dates',
        path: ['builds', 0],
        figures: { build: 'p', begin, done, from: TODAY, until }
      })
    refused('2026-05-03', TODAY)
    refused(TODAY, '2199-01-01')
    refused('2026-05-06', '2026-05-05')
    for (const done of [TODAY, until])
      expect(only(sanding(), made({ done }), 'plan.build-dates')).toBeUndefined()
  })
  test('what is done is not made again', () => {
    const done = { log: { begun: TODAY, done: TODAY, minutesSpent: 10 } }
    expect(only(sanding(done), made(), 'plan.build-already-done')).toEqual({
      code: 'plan.build-already-done',
      path: ['builds', 0],
      figures: { build: 'p' }
    })
  })
  test('a step without its method, with one of another operation, with one the kit cannot do', () => {
    const missing = {
      code: 'plan.no-method',
      path: ['builds', 0, 'methods', 's1'],
      figures: { build: 'p', operation: 'sand-flat', begin: TODAY }
    }
    expect(only(sanding(), made({ methods: {} }), 'plan.no-method')).toEqual(missing)
    expect(only(sanding(), made({ methods: { s1: 'bore/drill' } }), 'plan.no-method')).toEqual(
      missing
    )
    const bare = sanding({}, { items: items('dust-masks') })
    expect(only(bare, made(), 'plan.miss.role')).toMatchObject({
      path: ['builds', 0, 'methods', 's1'],
      figures: { build: 'p', method: 'sand-flat/block', begin: TODAY }
    })
    const banned = sanding({}, { bans: [{ kind: 'method', id: 'sand-flat/block' }] })
    const misses = broken(banned, made()).filter(({ code }) => code.startsWith('plan.miss.'))
    expect(misses).toEqual([
      {
        code: 'plan.miss.banned',
        path: ['builds', 0, 'methods', 's1'],
        figures: expect.objectContaining({ build: 'p', method: 'sand-flat/block' })
      }
    ])
  })
  test('minutes: those its methods take, less those that are spent, never below none', () => {
    const spent = (minutesSpent: number) => sanding({ log: { begun: TODAY, minutesSpent } })
    const of = (world: World) =>
      evaluate(world, { ...emptyPlan(world), builds: [made()] }).builds[0]?.minutes
    expect([of(sanding()), of(spent(25)), of(spent(500))]).toEqual([125, 100, 0])
  })
  test('material: what it costs on its first day; what is under way has been paid', () => {
    const timber = { materials: [{ material: 'glue', quantity: 1 }] }
    const world = sanding(timber)
    const wrong = only(world, made(), 'plan.material-differs')
    expect(wrong).toMatchObject({
      path: ['builds', 0, 'material'],
      figures: { build: 'p', planned: 0 }
    })
    const price = Number(wrong?.figures.price)
    expect(price).toBeGreaterThan(0)
    expect(broken(world, made({ material: price }))).toEqual([])
    const begun = sanding({ ...timber, log: { begun: TODAY, minutesSpent: 0 } })
    expect(only(begun, made(), 'plan.material-differs')).toBeUndefined()
    expect(only(begun, made({ material: price }), 'plan.material-differs')?.figures).toEqual({
      build: 'p',
      planned: price,
      price: 0
    })
  })
  test('coats and glue dry overnight: done the same day it would be wet', () => {
    const oiled = sanding(
      { steps: [{ id: 's1', operation: 'finish', quantity: 1, stock: {} }] },
      { items: items('finishing-kit', 'safety-glasses', 'rag-bin') }
    )
    const [method] = (oiled.library.methodsFor.get('finish') ?? []).filter(
      ({ form }) => form === 'hand'
    )
    const wet = only(oiled, made({ methods: { s1: method?.id ?? '' } }), 'plan.still-wet')
    expect(wet).toMatchObject({ path: ['builds', 0], figures: { build: 'p', done: TODAY } })
    const nights = Number(wet?.figures.nights)
    expect(nights).toBeGreaterThan(0)
    const after = (days: number) =>
      new Date(Date.parse(TODAY) + days * 86_400_000).toISOString().slice(0, 10)
    const on = (days: number) =>
      only(oiled, made({ methods: { s1: method?.id ?? '' }, done: after(days) }), 'plan.still-wet')
    expect(on(nights - 1)).toBeDefined()
    expect(on(nights)).toBeUndefined()
  })
  test('a rough making where there is none', () => {
    expect(only(sanding(), made({ rough: true }), 'plan.not-rough')).toEqual({
      code: 'plan.not-rough',
      path: ['builds', 0],
      figures: { build: 'p' }
    })
  })
})

test('a build’s hours beyond the quickest way and what bothers about it count the later the less, losses in full', () => {
  const world = sanding({}, { money: { ...emptyWorkspace().money, after: { years: 0 } } })
  const on = (day: string) =>
    evaluate(world, {
      ...emptyPlan(world),
      builds: [made({ begin: day, done: day, work: [{ stage: TODAY, minutes: 125 }] })]
    }).value
  const [now, then] = [on('2026-05-04'), on('2026-05-20')]
  const { impatience } = world.workspace.money
  const share = Math.pow(1 + impatience, -16 / 365)
  expect(then.builds / now.builds).toBeCloseTo(share, 9)
  expect(then.hours / now.hours).toBeCloseTo(share, 9)
  expect(now.hours).toBeLessThan(0)
})
