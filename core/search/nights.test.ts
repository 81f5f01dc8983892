import { describe, expect, test } from '@jest/globals'
import { TODAY, emptyWorkspace, funds, items } from '../../tests/helpers/workspaces'
import { library } from '../../data'
import { nightsOf, type Build } from '../builds'
import { addDays, daysBetween } from '../calendar'
import { rulesBroken } from '../plan'
import { NO_RISK, riskOf } from '../risk'
import { worldOf } from '../workspace'
import { makePlan } from '.'

/**
 * A panel of white glue is taken out of the clamps the next day, and a wiped or brushed finish has a night between its three coats and
 * one before it is touched: what the tins say, common practice.
 */
const board: Build = {
  id: 'board',
  name: 'board',
  copies: 1,
  worthEach: 20_000,
  materials: [],
  steps: [
    { id: 'glue', operation: 'glue-up-panel', quantity: 1, stock: { lengthMm: 600, widthMm: 300 } },
    { id: 'finish', operation: 'finish', quantity: 0.5, stock: {} }
  ]
}
const kit = items('f-clamp-600', 'f-clamp-600', 'f-clamp-600', 'f-clamp-600', 'finishing-kit')
/** A workspace with so many hours a week. */
const planned = (hours: number, builds: readonly Build[] = [board]) => {
  const world = worldOf(
    emptyWorkspace({
      ...funds(0, 0),
      builds,
      items: kit,
      time: { minutesPerWeek: hours * 60 }
    }),
    library,
    TODAY
  )
  const outcome = makePlan(world, { evaluations: 200 })
  if (outcome.kind !== 'planned') throw new Error(outcome.kind)
  expect(outcome.report.broken).toEqual([])
  return { world, plan: outcome.plan, builds: outcome.plan.builds }
}
const days = ({ begin, done }: { begin: string; done: string }): number => daysBetween(begin, done)

describe('glue and coats wait for nobody', () => {
  test('however many hours there are, a glued and finished board takes four nights', () => {
    expect(nightsOf(library, board)).toBe(4)
    const [one] = planned(80).builds
    expect(days(one!)).toBe(4)
  })
  test('with an evening a week the nights pass between the evenings', () => {
    const [slow] = planned(1).builds
    const dry = { ...board, steps: board.steps.map((step) => ({ ...step, operation: 'hold' })) }
    expect(nightsOf(library, dry)).toBe(0)
    expect(days(slow!)).toBeGreaterThan(4)
  })
  test('while one dries the next is worked at', () => {
    const { builds } = planned(80, [board, { ...board, id: 'other', name: 'other' }])
    expect(builds).toHaveLength(2)
    expect(builds.map(days)).toEqual([4, 4])
    expect(daysBetween(builds[0]!.begin, builds[1]!.begin)).toBeLessThan(4)
  })
  test('a plan that has it done wet breaks a rule, with the nights it needs; a day later it does not', () => {
    const { world, plan } = planned(80)
    const ending = (nights: number) =>
      rulesBroken(world, {
        ...plan,
        builds: plan.builds.map((one) => ({ ...one, done: addDays(one.begin, nights) }))
      })
    expect(ending(3)).toMatchObject([
      { code: 'plan.still-wet', figures: { build: 'board', nights: 4 } }
    ])
    expect(ending(4)).toEqual([])
    expect(ending(5)).toEqual([])
  })
  test('followed without any chance it is dry on the very day the plan says', () => {
    const { world, plan, builds } = planned(80)
    const [only] = riskOf(world, plan, { samples: 3, settings: NO_RISK }).builds
    expect(only?.half).toBe(builds[0]!.done)
  })
  test('of a build that is under way nothing is said: nobody knows what is glued', () =>
    expect(nightsOf(library, { ...board, log: { begun: TODAY, minutesSpent: 30 } })).toBe(0))
})
