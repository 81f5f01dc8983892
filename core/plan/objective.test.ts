import { describe, expect, test } from '@jest/globals'
import {
  DEMO_FILES,
  TODAY,
  demoPlan,
  demoWorld,
  emptyWorkspace,
  funds,
  items,
  worldWith
} from '../../tests/helpers/workspaces'
import { addDays } from '../calendar'
import type { Build } from '../builds'
import type { Plan, Workspace, World } from '../workspace'
import { emptyPlan, evaluate } from '.'

/** Two square metres to be sanded, nothing else. */
const plain = (change: Partial<Build> = {}): Build => ({
  id: 'p',
  name: 'p',
  copies: 1,
  worthEach: 10_000,
  materials: [],
  steps: [{ id: 's1', operation: 'sand-flat', quantity: 2, stock: {} }],
  ...change
})
const money = emptyWorkspace().money
const there = (piece: Build, change: Partial<Workspace['money']> = {}): World =>
  worldWith({
    ...funds(50_000, 0),
    money: { ...funds(50_000, 0).money, after: { years: 0 }, ...change },
    items: items('sanding-block', 'dust-masks'),
    builds: [piece]
  })
/** Sanded by block: 5 + 2 × 60 = 125 minutes. */
const made = (world: World, material = 0): Plan => ({
  ...emptyPlan(world),
  builds: [
    {
      build: 'p',
      begin: TODAY,
      done: TODAY,
      work: [{ stage: TODAY, minutes: 125 }],
      methods: { s1: 'sand-flat/block' },
      material
    }
  ]
})
const valueOf = (piece: Build, change: Partial<Workspace['money']> = {}, material = 0) =>
  evaluate(there(piece, change), made(there(piece, change), material)).value

describe('the terms of a plan’s worth, worked by hand', () => {
  test('a wish multiplies what a piece costs ready-made: 3, 1.5, 1', () => {
    expect(
      (['must', 'like', 'pays'] as const).map((wish) => valueOf(plain({ wish })).builds)
    ).toEqual([30_000, 15_000, 10_000])
    expect(valueOf(plain()).builds).toBe(15_000)
  })
  test('hours beyond the quickest way cost, those of the quickest way do not', () => {
    // Quickest: a drum sander of the best tier, 5 + 2 × 14 × 0.9 = 30.2 minutes. Wasted: 125 − 30.2 = 94.8, at 7.20 an hour 11.376.
    expect(money.hourValue).toBe(720)
    expect(valueOf(plain()).hours).toBeCloseTo(-1137.6, 6)
    expect(valueOf(plain(), { hourValue: 0 }).hours).toBeCloseTo(0, 9)
  })
  test('of what is sold every hour counts, and it is worth what it brings once', () => {
    const sold = plain({ sale: { netEach: 9000, daysToSell: 10 }, hourValue: 600, wish: 'must' })
    const value = valueOf(sold)
    expect(value.builds).toBe(0)
    // All of it flows back: it counts as money kept, half its amount, when it comes; so do the hours set against it.
    expect(value.sales).toBeCloseTo(4500 * 1.3 ** (-10 / 365), 6)
    expect(value.hours).toBeCloseTo((-600 * 125) / 60 / 2, 6)
  })
  test.each([
    { back: 0, above: 0, times: 1 },
    { back: 0.5, above: 0, times: 0.75 },
    { back: 1, above: 0, times: 0.5 },
    // 30.00 of 90.00 are one's own, 60.00 count half.
    { back: 1, above: 3000, times: 2 / 3 }
  ])(
    'an hour of what is sold counts as often as the money it brings: $back flows back above $above, $times times',
    ({ back, above, times }) => {
      const sold = plain({ sale: { netEach: 9000, daysToSell: 0 }, hourValue: 600 })
      const value = valueOf(sold, { reinvestShare: back, reinvestAbove: above, impatience: 0 })
      expect(value.sales).toBeCloseTo(9000 * times, 6)
      expect(value.hours).toBeCloseTo(((-600 * 125) / 60) * times, 6)
    }
  )
  test('timber is paid from elsewhere in full, from the purse at what kept money counts; only then it leaves the purse', () => {
    const timber = plain({ materials: [{ material: 'screws', quantity: 1 }] })
    // A box of screws is seven points: 8.40 at 120.00 for a hundred; two hours of paper, eight points for eight hours, are 2.40.
    expect(valueOf(timber, {}, 1080)).toMatchObject({ elsewhere: -1080 })
    expect(valueOf(timber, { timber: 'purse' }, 1080)).toMatchObject({ payments: -540 })
    const world = there(timber)
    expect(evaluate(world, made(world, 1080)).spent).toBe(0)
  })
  test('each later year counts: twice as many pieces a year are worth twice as much, none without years', () => {
    const after = (years: number, perYear: number): number =>
      valueOf(plain(), { after: { years, perYear } }).after
    expect(after(0, 4)).toBe(0)
    expect(after(2, 8)).toBeCloseTo(2 * after(2, 4), 6)
    expect(after(2, 4)).toBeGreaterThan(after(1, 4))
  })
})

test.each(DEMO_FILES)(
  '%s: the whole plan a week, a month, a quarter later is never worth more',
  (name) => {
    const world = demoWorld(name)
    const plan = demoPlan(name)
    const later = (days: number): Plan => ({
      ...plan,
      purchases: plan.purchases.map((one) => ({ ...one, date: addDays(one.date, days) })),
      builds: plan.builds.map((one) => ({
        ...one,
        begin: addDays(one.begin, days),
        done: addDays(one.done, days)
      }))
    })
    const now = evaluate(world, plan).value.total
    for (const days of [7, 31, 92])
      expect(evaluate(world, later(days)).value.total).toBeLessThanOrEqual(now + 1)
  }
)
