import type { Day, ShopTime } from '../calendar'
import type { School } from '../catalogue'
import type { Minor } from '../money'
import { pricedTimes } from '../prices'
import {
  adoptSchool,
  worldOf,
  type Plan,
  type Scenario,
  type Workspace,
  type World
} from '../workspace'
import { comesTo, type Comes } from '../plan'
import { makePlan } from '../search'

/** Hours multiplied: the usual ones, and those of other weeks as well. */
const hoursTimes = ({ minutesPerWeek, changes }: ShopTime, times: number): ShopTime => ({
  minutesPerWeek: Math.round(minutesPerWeek * times),
  ...(changes
    ? {
        changes: changes.map((one) => ({
          ...one,
          minutesPerWeek: Math.round(one.minutesPerWeek * times)
        }))
      }
    : {})
})

/** The workspace as a scenario would have it. Pins stay unless the scenario buys what they hold; ids that are gone are passed over. */
export function applyScenario(
  workspace: Workspace,
  base: World,
  { change }: Scenario,
  schools: readonly School[]
): Workspace {
  const school = schools.find(({ id }) => id === change.school)
  const taught = school
    ? adoptSchool(workspace, base.library, base.pricing.minorPer100Points, school)
    : workspace
  const { money, time } = taught
  const factor = change.incomeTimes ?? 1
  const times = (amount: Minor): Minor => Math.round(amount * factor)
  const income =
    money.income.kind === 'none'
      ? money.income
      : money.income.kind === 'list'
        ? {
            ...money.income,
            receipts: money.income.receipts.map((one) => ({ ...one, amount: times(one.amount) }))
          }
        : { ...money.income, amount: times(money.income.amount) }
  const extra =
    change.extra === undefined
      ? []
      : [
          {
            id: 'scenario-extra',
            date: change.extra.date < base.asOf ? base.asOf : change.extra.date,
            amount: change.extra.amount,
            text: 'Scenario'
          }
        ]
  return {
    ...taught,
    ...(change.tier === undefined
      ? {}
      : { preferences: { ...taught.preferences, tier: change.tier } }),
    money: {
      ...money,
      income,
      oneOffs: [...money.oneOffs, ...extra],
      ...(change.pricesTimes === undefined
        ? {}
        : { minorPer100Points: pricedTimes(base.pricing, change.pricesTimes) })
    },
    time: hoursTimes(time, change.hoursTimes ?? 1),
    bans: [...taught.bans, ...(change.without ?? []).map((id) => ({ kind: 'tool' as const, id }))],
    pins: [
      ...taught.pins.filter((pin) => !(change.pins ?? []).some(({ offer }) => offer === pin.offer)),
      ...(change.pins ?? [])
    ]
  }
}

/** What scenarios are held against. */
export interface Standing {
  readonly world: World
  /** The world with the library as it is shipped. */
  readonly base: World
  readonly schools: readonly School[]
  readonly today: Day
  /** The plan at hand; without one each scenario is planned from the beginning. */
  readonly plan?: Plan | undefined
}

export interface ScenarioOutcome {
  readonly scenario: string
  /** Undefined where its pins cannot hold together. */
  readonly comes: Comes | undefined
}

/** Plans tried for a scenario, from the plan at hand on. */
const EVALUATIONS = 6000

/**
 * Plans a scenario with the same effort as any other, from the plan at hand on: where that holds in the scenario as well, what comes of it
 * is no worse.
 * @param scenario left out: the workspace as it stands
 */
export function scenarioOutcome(
  { world, base, schools, today, plan }: Standing,
  scenario: Scenario | undefined
): ScenarioOutcome {
  const workspace = scenario
    ? applyScenario(world.workspace, base, scenario, schools)
    : world.workspace
  const its = worldOf({ ...workspace, asOf: world.asOf }, base.library, today)
  const outcome = makePlan(its, {
    seed: 1,
    from: plan,
    ...(plan ? { evaluations: EVALUATIONS } : {})
  })
  return {
    scenario: scenario?.id ?? '',
    comes: outcome.kind === 'clash' ? undefined : comesTo(its, outcome.plan)
  }
}
