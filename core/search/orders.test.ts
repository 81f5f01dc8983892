import { describe, expect, test } from '@jest/globals'
import { addDays, dayNumber } from '../calendar'
import { seededRandom } from '../kernel'
import { library } from '../../data'
import {
  TODAY,
  build,
  demoWorld,
  emptyWorkspace,
  funds,
  items,
  demoPlan
} from '../../tests/helpers/workspaces'
import { worldOf, type Workspace, type World } from '../workspace'
import { GENERATED_TODAY, generateWorkspace } from '../../scripts/bench/generate'
import { Planner, makePlan } from '.'
import { evaluate } from '../plan'
import { decode, decodingOf } from './decode'
import { eventTimesOf } from './event-times'
import { change, neighbourhoodOf, startOrder } from './neighbourhood'
import { prune } from './prune'
import { copyOrder, eventOf, hasteOf, insert, isAhead, orderOf, remove, type Order } from './order'
import { problemOf } from './problem'
import { orderFrom } from './order-from'

const medium = worldOf(generateWorkspace(library, 'medium', 11), library, GENERATED_TODAY)
const problem = problemOf(medium)

function entries(order: Order): [number, number][] {
  return Array.from({ length: order.length }, (_, i) => [order.codes[i] ?? 0, order.genes[i] ?? 0])
}

describe('events', () => {
  const sale = {
    id: 's',
    name: 'Sale',
    from: '2026-07-10',
    until: '2026-07-20',
    off: 0.2,
    chance: 0.5,
    tools: []
  }
  const quote = {
    id: 'q',
    offer: 'pull-saw/weekend/new/buy/hand',
    date: TODAY,
    price: 100,
    seller: 'online' as const,
    until: '2026-08-04'
  }
  const workspace: Workspace = emptyWorkspace({
    ...funds(10_000, 5000),
    saleWindows: [sale],
    quotes: [quote],
    horizon: { start: TODAY, length: 'month', count: 6 }
  })
  const world = worldOf(workspace, library, TODAY)
  const events = eventTimesOf(world)

  test('are today, paydays, beginnings of stages, and the days on which a price changes', () => {
    expect(events.dates).toEqual(
      expect.arrayContaining([
        TODAY,
        '2026-06-01',
        '2026-06-04',
        sale.from,
        '2026-07-21',
        '2026-08-05'
      ])
    )
    expect([...events.dates].sort()).toEqual(events.dates)
    expect(new Set(events.dates).size).toBe(events.count)
  })
  test('every day belongs to the last event on or before it, and knows the first one on or after it', () => {
    for (let day = 0; day < events.horizon; day++) {
      const date = addDays(TODAY, day)
      const before = events.dates.filter((one) => one <= date).length - 1
      const after = events.dates.findIndex((one) => one >= date)
      expect([day, events.of[day]]).toEqual([day, before])
      expect([day, events.next[day]]).toEqual([day, after < 0 ? events.count : after])
    }
  })
  test('the balance at a event is what is in the purse by then, above what is kept back', () => {
    events.dates.forEach((date, k) => {
      const received = world.receipts
        .filter((one) => one.date <= date)
        .reduce((sum, { amount }) => sum + amount, 0)
      expect([date, events.free[k]]).toEqual([
        date,
        world.balance + received - workspace.money.reserve
      ])
    })
  })
  test('a year counts as much less as the impatience says', () => {
    const year = eventTimesOf(
      worldOf(
        { ...workspace, horizon: { start: TODAY, length: 'month', count: 13 } },
        library,
        TODAY
      )
    )
    expect((year.discount[0] ?? 0) / (year.discount[365] ?? 1)).toBeCloseTo(1.3, 9)
    expect(year.horizon).toBe(dayNumber('2027-06-03') - dayNumber(TODAY) + 1)
  })
})

describe('orders', () => {
  test('what is put in can be taken out again', () => {
    const order = orderOf(10)
    insert(order, 0, 5)
    insert(order, 0, -3, 2)
    insert(order, 1, 7, 1)
    expect(entries(order)).toEqual([
      [-3, 2],
      [7, 1],
      [5, 0]
    ])
    remove(order, 1)
    expect(entries(order)).toEqual([
      [-3, 2],
      [5, 0]
    ])
    remove(order, 9)
    expect(order.length).toBe(2)
  })
  test('a full order takes nothing more and loses nothing', () => {
    const order = orderOf(2)
    for (const code of [1, 2, 3]) insert(order, 0, code)
    expect(entries(order)).toEqual([
      [2, 0],
      [1, 0]
    ])
  })
  test('thousands of moves leave orders that can be read: known activities and choices, events of the plan', () => {
    const moves = neighbourhoodOf(problem, seededRandom(4))
    const order = orderOf(200)
    startOrder(moves, order, 0.5)
    for (let k = 0; k < 3000; k++) {
      change(moves, order)
      if (order.length > 120) order.length = 120
    }
    for (const [code, gene] of entries(order)) {
      expect(code < problem.activities.length && code >= -problem.choices.length).toBe(true)
      expect(eventOf(gene) < problem.events.count).toBe(true)
      expect(hasteOf(gene) <= 3 && (code < 0 || !isAhead(gene))).toBe(true)
    }
  })
  test('reading an order leaves nothing behind: the next one is read as in a new state', () => {
    const moves = neighbourhoodOf(problem, seededRandom(9))
    const decoding = decodingOf(problem)
    const [first, second] = [orderOf(200), orderOf(200)]
    startOrder(moves, first, 0.3)
    startOrder(moves, second, 1)
    const values = [
      decode(decoding, first),
      decode(decoding, second),
      decode(decoding, first),
      decode(decoding, second)
    ]
    expect(values[2]).toBe(values[0])
    expect(values[3]).toBe(values[1])
    expect(decode(decodingOf(problem), second)).toBe(values[1])
  })
  test('leaving out what an order does not use changes nothing of its worth', () => {
    const moves = neighbourhoodOf(problem, seededRandom(2))
    const decoding = decodingOf(problem)
    for (let k = 0; k < 40; k++) {
      const order = orderOf(250)
      startOrder(moves, order, 0.8)
      const before = decode(decoding, order)
      prune(order, decoding.state)
      expect(decode(decoding, order)).toBeCloseTo(before, 6)
    }
  })
  test('a longer order holds what a shorter one held', () => {
    const [from, to] = [orderOf(5), orderOf(5)]
    insert(from, 0, 3, 1)
    copyOrder(from, to)
    expect(entries(to)).toEqual([[3, 1]])
  })
})

describe('going on from a plan at hand', () => {
  test('begins no worse than that plan, to a hundredth', () => {
    for (const name of ['third-floor', 'half-a-garage']) {
      const world = demoWorld(name)
      const plan = demoPlan(name)
      const value = evaluate(world, plan).value.total
      const planner = new Planner(world, 3, plan)
      expect(planner.best().report.value.total).toBeGreaterThanOrEqual(value * 0.99)
    }
  })
  test('takes over what still exists and passes over the rest', () => {
    const world = demoWorld('hive-yard')
    const plan = demoPlan('hive-yard')
    const strange = {
      ...plan,
      purchases: [
        ...plan.purchases,
        { id: 'x', offer: 'gone/weekend/new/buy/hand', count: 1, date: plan.asOf, price: 1 }
      ],
      builds: [...plan.builds, ...plan.builds.slice(0, 1).map((one) => ({ ...one, build: 'gone' }))]
    }
    const from = problemOf(world)
    const order = orderFrom(from, strange)
    for (const [code] of entries(order))
      expect(code < from.activities.length && code >= -from.choices.length).toBe(true)
    expect(entries(order).filter(([code]) => code >= 0).length).toBe(
      plan.builds.filter(({ build: id }) => !id.startsWith('make/')).length
    )
  })
})

describe('why a build is left out', () => {
  const owned = items('tape', 'rafter-square', 'hammer', 'finishing-kit', 'sanding-block')
  const box = build('bird-box', { copies: 2, worthEach: 9000 })
  const why = (change: Partial<Workspace>): string | undefined => {
    const world: World = worldOf(
      emptyWorkspace({
        ...funds(100_000, 0),
        items: owned,
        builds: [box],
        horizon: { start: TODAY, length: 'month', count: 3 },
        ...change
      }),
      library,
      TODAY
    )
    const made = makePlan(world, { evaluations: 600 })
    if (made.kind === 'clash' || made.kind === 'no-builds') throw new Error(made.kind)
    return made.unopened.find(({ build: id }) => id === 'bird-box')?.why
  }
  test('nothing: it is planned', () => expect(why({})).toBeUndefined())
  test('the money does not reach', () => expect(why(funds(50, 0))).toBe('money'))
  test('there are no hours', () => expect(why({ time: { minutesPerWeek: 1 } })).toBe('hours'))
  test('there is no floor', () =>
    expect(why({ workshop: { volts: 230, floorM2: 0.0001, comfort: {} } })).toBe('space'))
  test('it is worth too little', () =>
    expect(why({ builds: [{ ...box, worthEach: 1 }] })).toBe('does-not-pay'))
  test('no way of working is left', () => {
    const bans = [...library.methods.values()]
      .filter(({ operation }) => operation === 'crosscut')
      .map(({ id }) => ({ kind: 'method' as const, id }))
    expect(why({ bans })).toBe('no-way')
  })
  test('what a build would cost besides is said', () => {
    const made = makePlan(
      worldOf(emptyWorkspace({ ...funds(50, 0), items: owned, builds: [box] }), library, TODAY),
      { evaluations: 200 }
    )
    expect('unopened' in made && (made.unopened[0]?.cost ?? 0)).toBeGreaterThan(1000)
  })
})
