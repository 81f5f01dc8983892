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
  items
} from '../../tests/helpers/workspaces'
import { worldOf, type Workspace, type World } from '../workspace'
import { GENERATED_TODAY, generateWorkspace } from '../../scripts/bench/generate'
import { Planner, makePlan } from '.'
import { evaluate } from '../plan'
import { Decoder, copyOrder, orderOf, type Order } from './decoder'
import { momentsOf } from './moments'
import { Moves, insert, prune, remove } from './moves'
import { problemOf } from './problem'
import { orderFrom } from './planner'

const medium = worldOf(generateWorkspace(library, 'medium', 11), library, GENERATED_TODAY)
const problem = problemOf(medium)

function entries(order: Order): [number, number][] {
  return Array.from({ length: order.length }, (_, i) => [
    order.codes[i] ?? 0,
    order.notBefore[i] ?? 0
  ])
}

describe('moments', () => {
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
  const moments = momentsOf(world)

  test('are today, paydays, beginnings of stages, and the days on which a price changes', () => {
    expect(moments.dates).toEqual(
      expect.arrayContaining([
        TODAY,
        '2026-06-01',
        '2026-06-04',
        sale.from,
        '2026-07-21',
        '2026-08-05'
      ])
    )
    expect([...moments.dates].sort()).toEqual(moments.dates)
    expect(new Set(moments.dates).size).toBe(moments.count)
  })
  test('every day belongs to the last moment on or before it, and knows the first one on or after it', () => {
    for (let day = 0; day < moments.horizon; day++) {
      const date = addDays(TODAY, day)
      const before = moments.dates.filter((one) => one <= date).length - 1
      const after = moments.dates.findIndex((one) => one >= date)
      expect([day, moments.of[day]]).toEqual([day, before])
      expect([day, moments.next[day]]).toEqual([day, after < 0 ? moments.count : after])
    }
  })
  test('the balance at a moment is what is in the purse by then, above what is kept back', () => {
    moments.dates.forEach((date, k) => {
      const received = world.receipts
        .filter((one) => one.date <= date)
        .reduce((sum, { amount }) => sum + amount, 0)
      expect([date, moments.free[k]]).toEqual([
        date,
        world.balance + received - workspace.money.reserve
      ])
    })
  })
  test('a year counts as much less as the impatience says', () => {
    const year = momentsOf(
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
  test('thousands of moves leave orders that can be read: known jobs and choices, moments of the plan', () => {
    const moves = new Moves(problem, seededRandom(4))
    const order = orderOf(200)
    moves.start(order, 0.5)
    for (let k = 0; k < 3000; k++) {
      moves.change(order)
      if (order.length > 120) order.length = 120
    }
    for (const [code, notBefore] of entries(order)) {
      expect(code < problem.jobs.length && code >= -problem.choices.length).toBe(true)
      expect(notBefore >= 0 && notBefore < problem.moments.count).toBe(true)
    }
  })
  test('reading an order leaves nothing behind: the next one is read as by a new decoder', () => {
    const moves = new Moves(problem, seededRandom(9))
    const decoder = new Decoder(problem)
    const [first, second] = [orderOf(200), orderOf(200)]
    moves.start(first, 0.3)
    moves.start(second, 1)
    const values = [
      decoder.decode(first),
      decoder.decode(second),
      decoder.decode(first),
      decoder.decode(second)
    ]
    expect(values[2]).toBe(values[0])
    expect(values[3]).toBe(values[1])
    expect(new Decoder(problem).decode(second)).toBe(values[1])
  })
  test('leaving out what an order does not use changes nothing of its worth', () => {
    const moves = new Moves(problem, seededRandom(2))
    const decoder = new Decoder(problem)
    for (let k = 0; k < 40; k++) {
      const order = orderOf(250)
      moves.start(order, 0.8)
      const before = decoder.decode(order)
      prune(order, decoder)
      expect(decoder.decode(order)).toBeCloseTo(before, 6)
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
      const { plan } = world.workspace
      if (!plan) throw new Error('no plan')
      const value = evaluate(world, plan).value.total
      const planner = new Planner(world, 3, plan)
      expect(planner.best().report.value.total).toBeGreaterThanOrEqual(value * 0.99)
    }
  })
  test('takes over what still exists and passes over the rest', () => {
    const world = demoWorld('hive-yard')
    const { plan } = world.workspace
    if (!plan) throw new Error('no plan')
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
      expect(code < from.jobs.length && code >= -from.choices.length).toBe(true)
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
