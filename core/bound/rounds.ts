import { problemOf } from '../search'
import type { World } from '../workspace'
import { boundBy, boundModel, type BoundOptions, type Solver } from './bound'

/** How closely the limit is looked for. */
interface BoundRound extends BoundOptions {
  /** Seconds after which the solver is stopped. */
  readonly seconds: number
  /** Left out where the program would have more columns: it would not be solved in its time. */
  readonly columns: number
}

/** Stretches of time from one event time to the next, and days. */
const EVENTS = -1
const DAYS = Infinity

/**
 * The limit in rounds, each slower and as a rule closer: divided builds in few stretches of time, in more of them, whole builds and
 * purchases in one stretch in which builds wait for one another; and where the program stays small enough, whole builds and purchases
 * with the dates as they are: from one event time to the next, then day by day.
 */
const ROUNDS: readonly BoundRound[] = [
  { buckets: 3, seconds: 60, columns: Infinity },
  { buckets: 9, seconds: 60, columns: Infinity },
  { buckets: 1, whole: true, seconds: 20, columns: Infinity },
  { buckets: EVENTS, whole: true, seconds: 20, columns: 5000 },
  { buckets: DAYS, whole: true, seconds: 15, columns: 4000 }
]

/** A plan is proven best where no plan can be better by more than this share of what it is worth. */
const PROVEN = 0.001

/** Whether a limit proves a plan best, to a thousandth of what it is worth. */
export const isProven = (value: number, bound: number): boolean =>
  bound - value <= Math.max(1, PROVEN * Math.abs(value))

/**
 * What no plan of a workspace can exceed, minor units, closer and closer; ends early once it proves a plan best. Undefined as long as no
 * round has come to an end.
 * @param solver what solves the programs
 * @param printed what the solver prints
 * @param value what the plan at hand is worth, minor units
 */
export function* bounds(
  solver: Solver,
  printed: string[],
  world: World,
  value = -Infinity
): Generator<number | undefined, void> {
  const problem = problemOf(world, { wholeMarket: true })
  let [bound, perStretch] = [Infinity, Infinity]
  for (const { buckets = 1, whole = false, seconds, columns } of ROUNDS) {
    const { count, horizon } = problem.events
    const stretches = buckets === EVENTS ? count : Math.min(buckets, horizon)
    if (perStretch * stretches > columns) continue
    const options = { whole, buckets: buckets === EVENTS ? count : buckets }
    const model = boundModel(world, options, problem)
    perStretch = Math.min(perStretch, model.columns / stretches)
    bound = Math.min(bound, boundBy(solver, printed, model, seconds) ?? Infinity)
    yield Number.isFinite(bound) ? bound : undefined
    if (isProven(value, bound)) return
  }
}
