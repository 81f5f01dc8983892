import { describe, expect, test } from '@jest/globals'
import { TODAY, build, emptyWorkspace, funds, worldWith } from '../../tests/helpers/workspaces'
import { library } from '../../data'
import { specsOf } from '../catalogue'
import type { KitTool } from '../fit'
import { comfortsOf } from '../worth'
import type { Workspace, World } from '../workspace'
import type { Acquired } from './acquired'
import { cashMovements, salesOf, type CashMovement } from './evaluate-cash'
import { checkHours } from './evaluate-hours'
import type { Priced } from './evaluate-purchases'
import { valueOf, type Replayed } from './value'

const entry = (id: string, change: Partial<KitTool> = {}): KitTool => {
  const tool = library.tools.get(id)
  if (!tool) throw new Error(id)
  return {
    tool,
    tier: 'weekend',
    condition: 'new',
    power: 'hand',
    specs: specsOf(tool, 'weekend'),
    count: 1,
    ...change
  }
}
const come = (id: string, change: Partial<Acquired> = {}): Acquired => ({
  entry: entry(id),
  from: TODAY,
  paid: 0,
  ...change
})
/** Kept money at 0.8, a year’s wait at a quarter, no years after the plan: figures that can be followed. */
const MONEY = {
  ...funds(100_000, 0).money,
  keptMoneyWorth: 0.8,
  impatience: 0.25,
  after: { years: 0 }
}
const there = (change: Partial<Workspace> = {}): World =>
  worldWith({ ...funds(100_000, 0), money: MONEY, ...change })
const value = (world: World, change: Partial<Replayed> = {}) =>
  valueOf({ world, checked: [], movements: [], acquired: [], list: [], resold: [], ...change })
/** What a year later counts at a quarter: 1 / 1.25. */
const A_YEAR_ON = '2027-05-04'

describe('terms of a plan’s worth, each by hand', () => {
  test('floor: square metres put away × pieces × what one counts; what was there before is not the plan’s', () => {
    const weighting = { worth: 1, spacePerM2: 1000, easePerHour: 0, finishPerStep: 0 }
    const world = there({ preferences: { ...emptyWorkspace().preferences, weighting } })
    const area = library.tools.get('sawhorses')?.storedM2 ?? NaN
    const two = come('sawhorses', { entry: entry('sawhorses', { count: 2 }) })
    expect(value(world, { acquired: [two] }).space).toBeCloseTo(-1000 * area * 2, 6)
    expect(value(world, { acquired: [{ ...two, from: '2026-05-03' }] }).space).toBeCloseTo(0, 9)
    expect(value(there(), { acquired: [two] }).space).toBe(0)
  })
  test('resale: what was paid × the share of its tier, at what kept money counts, when all is over', () => {
    // A new weekend tool brings two fifths to a half; the plan’s end counts (1/1.25) for each year.
    const world = there()
    const days = (Date.parse(world.until) - Date.parse(TODAY)) / 86_400_000
    const end = Math.pow(1.25, -days / 365)
    const one = come('jack-plane', { paid: 10_000, item: 'i' })
    const share = value(world, { acquired: [one] }).resale / (0.8 * end * 10_000)
    expect(share).toBeGreaterThan(0.3)
    expect(share).toBeLessThan(0.7)
    expect(
      value(world, { acquired: [one, { ...one, item: 'j' }, come('jack-plane')] }).resale
    ).toBeCloseTo(2 * share * 0.8 * end * 10_000, 6)
    // What was sold on the way brings nothing twice; it counts as money kept.
    const sold = value(world, {
      acquired: [one, { ...one, item: 'j' }],
      resold: [{ index: 0, item: 'i', date: '2026-06-01', amount: 3000 }]
    })
    expect(sold.resale).toBeCloseTo(share * 0.8 * end * 10_000, 6)
    expect(sold.resold).toBeCloseTo(0.8 * 3000, 9)
    // Two years of service after the plan: another (1/1.25)² of it.
    const later = there({ money: { ...MONEY, after: { years: 2 } } })
    expect(value(later, { acquired: [one] }).resale).toBeCloseTo(
      (share * 0.8 * end * 10_000) / 1.25 ** 2,
      6
    )
  })
  test('sales: what flows back counts as money kept, the rest in full, both on their day', () => {
    const sale: CashMovement = { kind: 'sale', date: A_YEAR_ON, amount: 4000, full: 10_000 }
    const other: CashMovement = { kind: 'receipt', date: TODAY, amount: 9999 }
    // (0.8 × 40.00 + 100.00 − 40.00) / 1.25
    expect(value(there(), { movements: [sale, other] }).sales).toBeCloseTo((3200 + 6000) / 1.25, 6)
  })
  test('payments: what is bought less what deals take off, at what kept money counts; what bothers likewise', () => {
    const bought = { expected: 5000, bother: 300 } as Priced
    const saving: CashMovement = { kind: 'saving', date: TODAY, amount: 1000 }
    const other: CashMovement = { kind: 'receipt', date: TODAY, amount: 777 }
    const terms = value(there(), { list: [bought, bought], movements: [saving, other] })
    expect(terms.payments).toBeCloseTo(-0.8 * (10_000 - 1000), 6)
    expect(terms.bother).toBeCloseTo(-0.8 * 600, 6)
  })
  test('a wish counts once it is there, later less; what is hired or was owned fulfils none', () => {
    const world = there({ wishes: ['band-saw'] })
    const worth = comfortsOf(world).get('band-saw')?.worth ?? NaN
    const comfort = (change: Partial<Acquired>) =>
      value(world, { acquired: [come('band-saw', change)] }).comfort
    expect(comfort({})).toBeCloseTo(worth, 6)
    expect(comfort({ from: A_YEAR_ON })).toBeCloseTo(worth / 1.25, 6)
    expect(comfort({ until: '2026-06-01' })).toBe(0)
    expect(comfort({ item: 'i' })).toBe(0)
    expect(value(world, { acquired: [come('hammer')] }).comfort).toBe(0)
    // Of two alike the one that counts most, not both.
    expect(
      value(world, { acquired: [come('band-saw'), come('band-saw', { from: A_YEAR_ON })] }).comfort
    ).toBeCloseTo(worth, 6)
    expect(value(there(), { acquired: [come('band-saw')] }).comfort).toBe(0)
  })
  test('the total is the sum of its terms', () => {
    const { total, ...terms } = value(there({ wishes: ['band-saw'] }), {
      acquired: [come('band-saw', { paid: 500 })],
      list: [{ expected: 500, bother: 3 } as Priced]
    })
    expect(total).toBeCloseTo(
      Object.values(terms).reduce((sum, term) => sum + term, 0),
      9
    )
    expect(total).not.toBe(0)
  })
})

describe('what is made for sale', () => {
  const sold = build('bird-box', {
    copies: 4,
    wish: 'pays',
    sale: { netEach: 1500, daysToSell: 10 } as never
  })
  test('each copy brings its price after the days it takes; a share of it flows back', () => {
    const world = there({ builds: [sold], money: { ...MONEY, reinvestShare: 0.5 } as never })
    expect(salesOf(world, sold, '2026-06-01', world.until)).toEqual([
      { kind: 'sale', date: '2026-06-11', amount: 3000, full: 6000 }
    ])
    // Sold on the last day it counts, a day later it does not.
    expect(salesOf(world, sold, '2026-06-01', '2026-06-11')).toHaveLength(1)
    expect(salesOf(world, sold, '2026-06-01', '2026-06-10')).toEqual([])
    expect(salesOf(world, build('bird-box'), '2026-06-01', world.until)).toEqual([])
  })
  test('movements stand by date; on one day money in comes before money out, and nothing moves for nothing', () => {
    const world = there({
      money: {
        ...MONEY,
        oneOffs: [{ id: 'o', date: '2026-06-01', amount: 700, text: 'x' }]
      }
    })
    const moved = cashMovements(
      world,
      [
        { path: ['purchases', 0], date: '2026-06-01', amount: 500, kept: 60 },
        { path: ['purchases', 1], date: '2026-05-20', amount: 0 }
      ],
      [
        {
          path: ['builds', 0],
          date: '2026-05-10',
          amount: 200,
          build: build('bird-box'),
          done: '2026-05-11'
        }
      ],
      [{ kind: 'resale', date: '2026-06-01', amount: 300 }]
    )
    expect(moved.map(({ kind, date, amount }) => [kind, date, amount])).toEqual([
      ['payment', '2026-05-10', -200],
      ['receipt', '2026-06-01', 700],
      ['resale', '2026-06-01', 300],
      ['kept', '2026-06-01', -60],
      ['payment', '2026-06-01', -500]
    ])
  })
})

describe('hours', () => {
  /** Seven hours a week, an hour a day. */
  const world = there({ time: { minutesPerWeek: 420 } })
  const [first, second] = world.stages
  if (!first || !second) throw new Error('no stages')
  const planned = (name: string, begin: string, done: string, minutes: number, stage = first) => ({
    build: name,
    begin,
    done,
    work: [{ stage: stage.start, minutes }],
    methods: {},
    material: 0
  })
  type Planned = ReturnType<typeof planned>
  const check = (needed: readonly number[], ...builds: Planned[]) => {
    const broken: Parameters<typeof checkHours>[3] = []
    checkHours(
      world,
      { builds } as never,
      new Map(builds.map((one, i) => [one, needed[i] ?? 0])),
      broken
    )
    return broken
  }
  test('a stretch of days holds an hour a day and not a minute more', () => {
    const [from, to] = ['2026-05-04', '2026-05-13']
    const room = check([10_000], planned('a', from, to, 10_000))[0]?.figures.available
    expect(room).toBe(600)
    expect(check([600], planned('a', from, to, 600))).toEqual([])
    expect(check([601], planned('a', from, to, 601))).toEqual([
      {
        code: 'plan.too-many-hours',
        path: ['builds', 0, 'work'],
        figures: { build: 'a', stage: first.start, from, to, minutes: 601, available: 600 }
      }
    ])
    // Two that share the days share the hours; two after each other do not.
    expect(
      check([400, 400], planned('a', from, to, 400), planned('b', from, to, 400))
    ).toHaveLength(1)
    expect(
      check(
        [300, 300],
        planned('a', '2026-05-04', '2026-05-08', 300),
        planned('b', '2026-05-09', '2026-05-13', 300)
      )
    ).toEqual([])
  })
  test('each build is given the minutes its methods take', () => {
    expect(check([50], planned('a', '2026-05-04', '2026-05-05', 49))).toEqual([
      {
        code: 'plan.minutes-differ',
        path: ['builds', 0, 'work'],
        figures: { build: 'a', given: 49, needed: 50 }
      }
    ])
  })
  test('work lies within its stage and between the days of its build, in whole minutes', () => {
    const outside = (one: Planned) => check([0], one)[0]
    const refused = (minutes: number, stage = first.start) => ({
      code: 'plan.work-outside',
      path: ['builds', 0, 'work', 0],
      figures: { build: 'a', stage, minutes }
    })
    expect(outside(planned('a', '2026-05-04', '2026-05-05', 1.5))).toEqual(refused(1.5))
    expect(outside(planned('a', '2026-05-04', '2026-05-05', -1))).toEqual(refused(-1))
    expect(outside(planned('a', '2026-05-04', '2026-05-05', 5, second))).toEqual(
      refused(5, second.start)
    )
    expect(check([0], planned('a', '2026-05-04', '2026-05-05', 0))).toEqual([])
    expect(
      outside({
        ...planned('a', '2026-05-04', '2026-05-05', 5),
        work: [{ stage: '2026-05-09', minutes: 5 }]
      })
    ).toEqual(refused(5, '2026-05-09'))
  })
})
