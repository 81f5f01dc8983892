import { describe, expect, test } from '@jest/globals'
import { quantileSorted, mean } from 'simple-statistics'
import fc from 'fast-check'
import {
  TODAY,
  demo,
  demoWorld,
  funds,
  item,
  worldWith,
  demoPlan
} from '../../tests/helpers/workspaces'
import { library, schools } from '../../data'
import { tillOf, type Plan, type World } from '../workspace'
import { CURVE_FACTORS, answering, curvePoint, withMore } from '../explain'
import { FAN, NO_RISK, USUAL_RISK, quantile, riskOf } from '.'
import { applyScenario, scenarioOutcome } from '../scenarios'
import { emptyPlan, evaluate } from '../plan'
import { unitOn } from '../prices'
import { makePlan } from '../search'

/** With nothing uncertain, the purse of a course is on every day of the fan what the evaluator says. */
function endsWhereTheJudgeDoes(there: World, made: Plan): void {
  const risk = riskOf(there, made, { samples: 2, settings: NO_RISK })
  const { balances } = evaluate(there, made)
  for (const { date, quantiles } of risk.fan) {
    const balance = balances.filter((one) => one.date <= date).at(-1)?.balance ?? there.balance
    expect([date, quantiles.map((one) => Math.round(one * 1e6) / 1e6)]).toEqual([
      date,
      FAN.map(() => balance)
    ])
  }
  risk.builds.forEach(({ build, by, chance }) => {
    const done = made.builds.filter((one) => one.build === build).map((one) => one.done)
    const last = done.sort().at(-1) ?? ''
    expect([build, chance]).toEqual([build, last <= by ? 1 : 0])
  })
}

const world = demoWorld('half-a-garage')
const plan = demoPlan('half-a-garage')
describe('possible courses of things', () => {
  test.each(['hive-yard', 'third-floor', 'half-a-garage'])(
    '%s: without anything uncertain every build is ready by its planned day, and the purse is every day what the evaluator says',
    (name) => {
      const there = demoWorld(name)
      const made = makePlan(there, { evaluations: 1500 })
      if (made.kind !== 'planned') throw new Error(made.kind)
      endsWhereTheJudgeDoes(there, made.plan)
    }
  )
  test('savings of deals, resales of what is replaced and repair kept back count as the evaluator counts them', () => {
    const saw = 'pull-saw/trade/new/buy/hand'
    const drill = 'drill-driver/weekend/used/buy/corded'
    const deals = [{ id: 'd', name: 'd', buy: 1, free: 1, tools: ['pull-saw', 'hand-plane'] }]
    const there = worldWith({
      ...funds(60_000, 0),
      deals,
      items: [item('pull-saw', { tier: 'get-by', cost: 1500 })]
    })
    const price = (id: string): number => unitOn(tillOf(there), id, TODAY)?.payment ?? 0
    const bought = (offer: string, count: number): Plan['purchases'][number] => ({
      id: offer,
      offer,
      count,
      date: TODAY,
      price: price(offer) * count
    })
    const made: Plan = {
      ...emptyPlan(there),
      purchases: [bought(saw, 2), bought(drill, 1)],
      savings: [{ deal: 'd', date: TODAY, amount: price(saw) }],
      resales: [{ item: there.workspace.items[0]?.id ?? '', date: TODAY, amount: 300 }]
    }
    expect(
      evaluate(there, made).broken.filter(({ code }) => code !== 'plan.protection-late')
    ).toEqual([])
    endsWhereTheJudgeDoes(there, made)
  })
  test('a balance that is below the reserve before anything is bought is not the plan’s doing', () => {
    const there = worldWith({
      ...funds(1000, 20_000),
      money: { ...funds(1000, 20_000).money, reserve: 5000 }
    })
    const none = riskOf(there, emptyPlan(there), { samples: 20 })
    expect(none.belowReserve).toBe(0)
    expect(riskOf({ ...world, balance: -1_000_000 }, plan, { samples: 20 }).belowReserve).toBe(0)
  })
  test('the same seed says the same; more that may go wrong never makes the builds surer', () => {
    const once = { samples: 60, seed: 5 }
    expect(riskOf(world, plan, once)).toEqual(riskOf(world, plan, once))
    const sure = (missedPayday: number): number =>
      mean(
        riskOf(world, plan, {
          samples: 200,
          seed: 5,
          settings: { ...USUAL_RISK, missedPayday, lostWeek: missedPayday }
        }).builds.map(({ chance }) => chance)
      )
    expect(sure(0.6)).toBeLessThan(sure(0.02))
  })
  test('the fan is in order and is told of as it grows', () => {
    let rounds = 0
    const risk = riskOf(world, plan, { samples: 80, seed: 2, onRound: () => (rounds++, true) })
    expect(rounds).toBeGreaterThan(3)
    for (const { quantiles } of risk.fan)
      expect([...quantiles].sort((a, b) => a - b)).toEqual(quantiles)
    expect(
      riskOf(world, plan, { samples: 80, seed: 2, onRound: () => false }).samples
    ).toBeLessThan(80)
  })
  test('quantiles lie where a published statistics package puts its own, within the neighbouring values', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: -1000, max: 1000 }), { minLength: 3, maxLength: 60 }),
        fc.double({ min: 0.05, max: 0.95, noNaN: true }),
        (list, share) => {
          const sorted = [...list].sort((a, b) => a - b)
          const theirs = quantileSorted(sorted, share)
          const place = sorted.indexOf(Math.round(theirs))
          const near =
            place < 0
              ? sorted
              : sorted.slice(Math.max(0, place - 1), sorted.lastIndexOf(Math.round(theirs)) + 2)
          expect(quantile(sorted, share)).toBeGreaterThanOrEqual((near[0] ?? -Infinity) - 1e-9)
          expect(quantile(sorted, share)).toBeLessThanOrEqual((near.at(-1) ?? Infinity) + 1e-9)
        }
      )
    )
    // Type 7 of Hyndman and Fan (1996), value from memory: the first quartile of 1, 2, 3, 4.
    expect(quantile([1, 2, 3, 4], 0.25)).toBe(1.75)
  })
})

describe('what if', () => {
  test('without a purchase the plan is made again, never better than with it but for what the search leaves open', () => {
    const [purchase] = [...plan.purchases].sort((a, b) => b.price - a.price)
    if (!purchase) throw new Error('nothing bought')
    const dropped = answering(world, plan, purchase).next().value?.dropped
    if (!dropped) throw new Error('no answer')
    expect(dropped.value).toBeLessThanOrEqual(evaluate(world, plan).value.total * 0.01)
    expect(
      dropped.bought.every((offer) => !offer.startsWith(`${purchase.offer.split('/')[0]}/`))
    ).toBe(true)
  })
  test('fifty more is never a loss beyond what the search leaves open', () => {
    expect(withMore(world, plan, 5000).value).toBeGreaterThanOrEqual(
      -evaluate(world, plan).value.total * 0.01
    )
  })
  test('the curve has at least eight points, and twice the money makes no fewer builds than a quarter of it', () => {
    expect(CURVE_FACTORS.length).toBeGreaterThanOrEqual(8)
    const [little, much] = [curvePoint(world, 0.25), curvePoint(world, 2)]
    expect(much.builds).toBeGreaterThanOrEqual(little.builds)
    expect(much.money).toBeGreaterThan(little.money)
  })
})

describe('scenarios', () => {
  const workspace = demo('half-a-garage')
  test('each change says what it says and nothing else', () => {
    const scenario = {
      id: 's',
      name: 'More',
      change: {
        incomeTimes: 2,
        hoursTimes: 0.5,
        extra: { date: '2020-01-01', amount: 1000 },
        without: ['trim-router'],
        pins: [{ offer: 'table-saw/weekend/new/buy/corded', count: 1, date: '2026-12-01' }]
      }
    }
    const changed = applyScenario(workspace, world, scenario, schools)
    const before = workspace.money.income
    const after = changed.money.income
    expect('amount' in before && 'amount' in after && after.amount).toBe(
      'amount' in before ? before.amount * 2 : Number.NaN
    )
    expect(changed.time.minutesPerWeek).toBe(Math.round(workspace.time.minutesPerWeek / 2))
    expect(changed.money.oneOffs.at(-1)).toEqual({
      id: 'scenario-extra',
      date: world.asOf,
      amount: 1000,
      text: 'Scenario'
    })
    expect(changed.bans.at(-1)).toEqual({ kind: 'tool', id: 'trim-router' })
    expect(changed.pins.some(({ offer }) => offer === 'table-saw/weekend/new/buy/corded')).toBe(
      true
    )
    expect(applyScenario(workspace, world, { id: 'n', name: 'n', change: {} }, schools)).toEqual(
      workspace
    )
  })
  test('no hours at all leave none, also in weeks that have other hours', () => {
    const other = { from: '2026-06-01', until: '2026-06-30', minutesPerWeek: 600 }
    const busy = { ...workspace, time: { minutesPerWeek: 300, changes: [other] } }
    const idle = { id: 'i', name: 'None', change: { hoursTimes: 0 } }
    expect(applyScenario(busy, world, idle, schools).time).toEqual({
      minutesPerWeek: 0,
      changes: [{ ...other, minutesPerWeek: 0 }]
    })
  })
  test.each(['third-floor', 'half-a-garage'])(
    '%s: from the plan at hand on, more money or hours leave nothing worse than it',
    (name) => {
      const there = demoWorld(name)
      const kept = demoPlan(name)
      const standing = {
        world: there,
        base: { ...there, library },
        schools,
        today: there.asOf,
        plan: kept
      }
      const { total } = evaluate(there, kept).value
      for (const change of [{}, { incomeTimes: 1.5 }, { hoursTimes: 1.5 }]) {
        const { comes } = scenarioOutcome(standing, { id: 'm', name: 'more', change })
        // What a plan loses when it is read as an order and settled anew.
        expect(comes?.value ?? 0).toBeGreaterThan(total * 0.9995)
      }
    }
  )
  test('is planned by its own money; pins that cannot hold leave it without figures', () => {
    const standing = { world, base: { ...world, library }, schools, today: world.asOf }
    const poor = scenarioOutcome(standing, { id: 'p', name: 'p', change: { incomeTimes: 0 } })
    // Without any income no more is spent than lies in the purse.
    expect(poor.comes?.spent ?? 0).toBeLessThanOrEqual(world.balance)
    const clash = scenarioOutcome(standing, {
      id: 'c',
      name: 'c',
      change: {
        pins: [{ offer: 'table-saw/lifetime/new/buy/corded', count: 3, date: world.asOf }]
      }
    })
    expect(clash.comes).toBeUndefined()
  })
})
