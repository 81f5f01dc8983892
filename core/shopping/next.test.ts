import { describe, expect, test } from '@jest/globals'
import { library } from '../../data'
import {
  DEMO_FILES,
  TODAY,
  demo,
  demoWorld,
  funds,
  items,
  worldWith,
  demoPlan
} from '../../tests/helpers/workspaces'
import { addDays } from '../calendar'
import {
  findBuild,
  worldOf,
  type Pin,
  type Plan,
  type PlannedPurchase,
  type World
} from '../workspace'
import { emptyPlan, carriedPins, evaluate, fromPurse } from '../plan'
import { isOvertaken, mainFirst, nextDay } from '.'

/** What the purse pays of a planned build: timber of what is kept comes from elsewhere. */
const paidFor = (world: World, { build, material }: Plan['builds'][number]): number => {
  const whole = findBuild(world, build)
  return whole ? fromPurse(world, whole, material) : material
}

test.each(DEMO_FILES)(
  '%s: what the first day of buying costs, and what it leaves, adds up from the purse of today',
  (name) => {
    const world = demoWorld(name)
    const plan = demoPlan(name)
    const report = evaluate(world, plan)
    const day = nextDay(plan, report)
    if (!day) throw new Error('nothing is bought')
    expect([day.date, day.purchases]).toEqual([
      plan.purchases.map(({ date }) => date).sort()[0],
      plan.purchases.filter(({ date }) => date === day.date)
    ])
    // Paid by the prices of the plan, less what a deal saves; material by the builds of the plan.
    const saved = (plan.savings ?? [])
      .filter(({ date }) => date === day.date)
      .reduce((sum, { amount }) => sum + amount, 0)
    expect([day.paid, day.material]).toEqual([
      day.purchases.reduce((sum, { price }) => sum + price, 0) - saved,
      plan.builds
        .filter(({ begin }) => begin === day.date)
        .reduce((sum, one) => sum + paidFor(world, one), 0)
    ])
    const came = world.receipts
      .filter(({ date }) => date <= day.date)
      .reduce((sum, { amount }) => sum + amount, 0)
    const before = plan.builds
      .filter(({ begin }) => begin < day.date)
      .reduce((sum, one) => sum + paidFor(world, one), 0)
    expect(day.left).toBe(world.balance + came - before - day.paid - day.material - day.kept)
  }
)

test('a plan that buys nothing has no such day', () => {
  const world = demoWorld('hive-yard')
  const plan = emptyPlan(world)
  expect([nextDay(plan, evaluate(world, plan)), world.asOf]).toEqual([undefined, TODAY])
})

describe('a plan of an earlier day', () => {
  const plan = (): Plan => demoPlan('hive-yard')
  const later = (asOf: string): World => worldOf({ ...demo('hive-yard'), asOf }, library, TODAY)
  test('is overtaken once a day of buying has passed without it, and stands as long as it holds', () => {
    const first = nextDay(plan(), evaluate(later(TODAY), plan()))
    expect(first?.date).toBe(TODAY)
    expect(isOvertaken(later(addDays(TODAY, 1)), plan())).toBe(true)
    // With nothing to buy or begin on the days gone by, and no money missing, nothing has happened to it.
    const waiting = { ...plan(), purchases: [], builds: [] }
    expect(isOvertaken(later(addDays(TODAY, 1)), waiting)).toBe(false)
  })
  test('of today is not, even where it has been moved against a rule', () => {
    const moved = { ...plan(), purchases: plan().purchases.map((one) => ({ ...one, price: 1 })) }
    expect(evaluate(later(TODAY), moved).broken).not.toEqual([])
    expect(isOvertaken(later(TODAY), moved)).toBe(false)
  })
})

describe('pins whose day has gone by', () => {
  const saw = 'circular-saw/weekend/new/buy/corded'
  const world = (opening: number, pins: readonly Pin[]): World =>
    worldWith({
      ...funds(opening, 0),
      items: items('safety-glasses', 'ear-muffs', 'dust-masks'),
      pins,
      asOf: '2026-06-10'
    })
  const pin = (date: string, count = 1): Pin => ({ offer: saw, count, date })
  test('are held for today where the money is there, and let go where it is not; each is said', () => {
    expect(carriedPins(world(100_000, [pin('2026-06-01'), pin('2026-07-01')]))).toMatchObject({
      workspace: { pins: [pin('2026-07-01'), pin('2026-06-10')] },
      notes: [{ code: 'pin.carried', figures: { offer: saw, date: '2026-06-01' } }]
    })
    expect(carriedPins(world(100, [pin('2026-06-01')]))).toMatchObject({
      workspace: { pins: [] },
      notes: [{ code: 'pin.released', figures: { offer: saw, date: '2026-06-01' } }]
    })
  })
  test('join a pin of today, and leave one that is still to come alone where both cannot be paid', () => {
    expect(
      carriedPins(world(100_000, [pin('2026-06-10'), pin('2026-06-01')]))?.workspace.pins
    ).toEqual([pin('2026-06-10', 2)])
    const { price } =
      evaluate(world(100_000, []), {
        ...emptyPlan(world(100_000, [])),
        purchases: [{ id: 'p', offer: saw, count: 1, date: '2026-06-10', price: 0 }]
      }).broken.find(({ code }) => code === 'plan.price-differs')?.figures ?? {}
    const enoughForOne = Number(price) + 10
    expect(carriedPins(world(enoughForOne, [pin('2026-06-01')]))?.workspace.pins).toEqual([
      pin('2026-06-10')
    ])
    expect(
      carriedPins(world(enoughForOne, [pin('2026-07-01'), pin('2026-06-01')]))?.workspace.pins
    ).toEqual([pin('2026-07-01')])
  })
  test('without any, nothing is to be done', () =>
    expect(carriedPins(world(100, [pin('2026-06-10'), pin('2026-07-01')]))).toBeUndefined())
})

test('what does the work is named first, though clamps are dearer; protection before bits', () => {
  const world = worldWith({ ...funds(100_000, 0) })
  const buy = (offer: string, price: number): PlannedPurchase => ({
    id: offer,
    offer,
    count: 1,
    date: TODAY,
    price
  })
  const list = [
    buy('safety-glasses/weekend/new/buy/hand', 900),
    buy('pipe-clamp-900/weekend/new/buy/hand', 12_000),
    buy('drill-bits/weekend/new/buy/hand', 2000),
    buy('pull-saw/weekend/new/buy/hand', 3000),
    buy('drill-driver/weekend/new/buy/cordless', 11_000)
  ]
  expect(mainFirst(world, list).map(({ offer }) => offer.split('/')[0])).toEqual([
    'drill-driver',
    'pull-saw',
    'pipe-clamp-900',
    'safety-glasses',
    'drill-bits'
  ])
})
