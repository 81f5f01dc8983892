import type { Day } from '../calendar'
import { fitContext, floorOf, isUse, useMethod } from '../fit'
import { sumOf } from '../kernel'
import type { Minor } from '../money'
import { plannedBuild, type Plan, type World } from '../workspace'
import { evaluate, type Report } from './evaluate'
import { kitAfter } from './possible'

/** What a plan comes to, in the figures by which plans are compared. */
export interface Comes {
  readonly value: number
  readonly spent: Minor
  readonly spentOnTools: Minor
  /** Builds by the day they are done; one made in batches by the day of the last. */
  readonly builds: readonly { readonly build: string; readonly done: Day }[]
  readonly purchases: readonly {
    readonly offer: string
    readonly count: number
    readonly date: Day
    readonly price: Minor
  }[]
  readonly minutes: number
  /** Minutes louder than the quiet hours allow (85 dB(A) where none are declared). */
  readonly loudMinutes: number
  /** Running minutes times the hazard level. */
  readonly riskMinutes: number
  /** Floor that all tools take when put away at the end, m². */
  readonly floorM2: number
  readonly lowest: Minor
}

/** The figures that the evaluator's report and the plan say at once. */
export type Briefly = Pick<Comes, 'value' | 'spent' | 'builds' | 'purchases' | 'minutes'>

/** What a plan comes to, by its report. */
export function brieflyOf(plan: Plan, report: Report): Briefly {
  const done = new Map<string, Day>()
  for (const one of plan.builds)
    if (one.done > (done.get(one.build) ?? '')) done.set(one.build, one.done)
  return {
    value: report.value.total,
    spent: report.spent,
    builds: [...done]
      .map(([build, day]) => ({ build, done: day }))
      .sort((a, b) => (a.done < b.done ? -1 : 1)),
    purchases: plan.purchases.map(({ offer, count, date, price }) => ({
      offer,
      count,
      date,
      price
    })),
    minutes: sumOf(
      plan.builds.flatMap(({ work }) => work),
      ({ minutes }) => minutes
    )
  }
}

export function comesTo(world: World, plan: Plan): Comes {
  const report = evaluate(world, plan)
  const kit = kitAfter(world, plan)
  const context = fitContext(world)
  const uses = plan.builds.flatMap((planned) => {
    const { methods } = planned
    const build = plannedBuild(world, planned)
    return (build?.steps ?? []).flatMap((step) => {
      const method = world.library.methods.get(methods[step.id] ?? '')
      const use = method && build ? useMethod(context, kit, method, step, build) : undefined
      return use && isUse(use) ? [use] : []
    })
  })
  return {
    ...brieflyOf(plan, report),
    spentOnTools: sumOf(plan.purchases, ({ price }) => price),
    loudMinutes: sumOf(uses, ({ loudMinutes }) => loudMinutes),
    riskMinutes: sumOf(uses, ({ riskMinutes }) => riskMinutes),
    floorM2: floorOf(kit),
    lowest: Math.min(world.balance, ...report.balances.map(({ balance }) => balance))
  }
}
