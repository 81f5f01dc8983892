import { describe, expect, test } from '@jest/globals'
import { quantileSorted, mean } from 'simple-statistics'
import fc from 'fast-check'
import { demo, demoWorld } from '../../tests/helpers/workspaces'
import { library, schools } from '../../data'
import { worldOf } from '../workspace'
import { CURVE_FACTORS, answersFor, curvePoint, withMore } from '../explain'
import { USUAL_RISK, quantile, riskOf } from '.'
import { applyScenario, scenarioOutcome } from '../scenarios'
import { evaluate } from '../plan'

const world = demoWorld('half-a-garage')
const plan = world.workspace.plan!
const CERTAIN = {
  typicalSpread: 0,
  quoteSpread: 0,
  quoteSpreadPerYear: 0,
  missedPayday: 0,
  lostWeek: 0,
  workSpread: 0
}

describe('possible courses of things', () => {
  test('without anything uncertain every build is ready by its planned day, and the purse ends as the evaluator says', () => {
    const risk = riskOf(world, plan, 3, 1, CERTAIN)
    expect(risk.builds.map(({ build, chance }) => [build, chance])).toEqual(
      plan.builds.filter(({ build }) => !build.startsWith('make/')).map(({ build }) => [build, 1])
    )
    const last = risk.fan.at(-1)
    const balance =
      evaluate(world, plan)
        .balances.filter(({ date }) => date <= (last?.date ?? ''))
        .at(-1)?.balance ?? 0
    // What is kept back for repairs is not paid here.
    expect(Math.abs((last?.quantiles[2] ?? 0) - balance)).toBeLessThan(
      Math.abs(balance) * 0.05 + 3000
    )
    expect(risk.belowReserve).toBe(0)
  })
  test('the same seed says the same; more that may go wrong never makes the builds surer', () => {
    expect(riskOf(world, plan, 60, 5)).toEqual(riskOf(world, plan, 60, 5))
    const sure = (missedPayday: number): number =>
      mean(
        riskOf(world, plan, 200, 5, {
          ...USUAL_RISK,
          missedPayday,
          lostWeek: missedPayday
        }).builds.map(({ chance }) => chance)
      )
    expect(sure(0.6)).toBeLessThan(sure(0.02))
  })
  test('the fan is in order and is told of as it grows', () => {
    let rounds = 0
    const risk = riskOf(world, plan, 80, 2, undefined, () => (rounds++, true))
    expect(rounds).toBeGreaterThan(3)
    for (const { quantiles } of risk.fan)
      expect([...quantiles].sort((a, b) => a - b)).toEqual(quantiles)
    expect(riskOf(world, plan, 80, 2, undefined, () => false).samples).toBeLessThan(80)
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
    const { dropped } = answersFor(world, plan, purchase)
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
  test('is planned by its own money; pins that cannot hold leave it without figures', () => {
    const poor = scenarioOutcome(
      world,
      { id: 'p', name: 'p', change: { incomeTimes: 0 } },
      schools,
      world.asOf,
      { ...world, library }
    )
    const plain = scenarioOutcome(world, undefined, schools, world.asOf, { ...world, library })
    expect(poor.comes?.spent ?? 0).toBeLessThanOrEqual(plain.comes?.spent ?? 0)
    const clash = scenarioOutcome(
      worldOf({ ...workspace }, library, world.asOf),
      {
        id: 'c',
        name: 'c',
        change: {
          pins: [{ offer: 'table-saw/lifetime/new/buy/corded', count: 3, date: world.asOf }]
        }
      },
      schools,
      world.asOf,
      { ...world, library }
    )
    expect(clash.comes).toBeUndefined()
  })
})
