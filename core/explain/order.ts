import type { Build } from '../builds'
import { daysBetween, type Day } from '../calendar'
import type { Library } from '../catalogue'
import { brieflyOf, evaluate, type Briefly } from '../plan'
import { makePlan } from '../search'
import { orderBuild, worldOf, type Order, type Plan, type World } from '../workspace'
import { differenceOf, type Difference } from './answers'

/** What taking an order would mean, found by planning with it and without. */
export interface OrderAnswer {
  /** The day it would be done, where the plan makes it in time. */
  readonly done: Day | undefined
  /** Where it is not made in time: the day it could be done at the earliest; undefined where it cannot be made at all, or would bring less than it costs. */
  readonly earliest: Day | undefined
  readonly difference: Difference
  /** Of the builds it makes later, the one that waits longest. */
  readonly pushes: { readonly build: string; readonly days: number } | undefined
  /** Whether the whole is worth more with it. */
  readonly pays: boolean
}

/** Evaluations for each of the plans compared. */
const EVALUATIONS = 5000

const planned = (
  world: World,
  library: Library,
  from: Plan | undefined,
  builds: readonly Build[]
): Briefly | undefined => {
  const its = worldOf({ ...world.workspace, builds, asOf: world.asOf }, library, world.asOf)
  const outcome = makePlan(its, {
    seed: 1,
    evaluations: EVALUATIONS,
    ...(from ? { from } : {})
  })
  return outcome.kind === 'clash' ? undefined : brieflyOf(outcome.plan, evaluate(its, outcome.plan))
}

/**
 * What an order that is asked for would do to the plan: whether it is done by its day, what it makes later, whether all in all more is left. The
 * same search plans with it and without. Undefined where its build is gone or nothing can be planned.
 */
export function orderAnswer(
  world: World,
  library: Library,
  plan: Plan | undefined,
  order: Order
): OrderAnswer | undefined {
  const build = orderBuild(world.workspace, order)
  if (!build) return undefined
  const others = world.workspace.builds.filter(({ id }) => id !== build.id)
  const without = planned(world, library, plan, others)
  const with_ = planned(world, library, plan, [build, ...others])
  if (!without || !with_) return undefined
  const done = with_.builds.find((one) => one.build === build.id)?.done
  const inTime = done !== undefined && done <= order.due
  const difference = differenceOf(without, with_)
  const [pushes] = difference.later
    .map(({ build: id, from, to }) => ({ build: id, days: daysBetween(from, to) }))
    .sort((a, b) => b.days - a.days)
  return {
    done: inTime ? done : undefined,
    earliest: inTime ? undefined : earliest(world, library, plan, others, build),
    difference,
    pushes,
    pays: inTime && difference.value > 0 && !difference.aboutTheSame
  }
}

/** The day it could be done if its customer waited. */
function earliest(
  world: World,
  library: Library,
  plan: Plan | undefined,
  others: readonly Build[],
  build: Build
): Day | undefined {
  if (!build.sale) return undefined
  const { due: _due, ...sale } = build.sale
  return planned(world, library, plan, [{ ...build, sale }, ...others])?.builds.find(
    (one) => one.build === build.id
  )?.done
}
