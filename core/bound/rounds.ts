import { problemOf } from '../search'
import type { World } from '../workspace'
import { boundBy, boundModel } from './bound'
import { branched } from './branching'
import type { Solver } from './solver'

/** Stretches of time in which builds may be divided, one program after another. */
const STRETCHES = [3, 9] as const
/** Seconds after which the solver is stopped. */
const SECONDS = 60
/** Whole builds with the days they are done on, in so many spans of time, branch by branch; with more columns a branch takes too long. */
const DATED = { buckets: 8, spans: 60, columns: 12_000, branches: 300 } as const
/** A program of the last stretches with more columns than this would have too many with dates. */
const DATED_FROM = 9000

/** A plan is proven best where no plan can be better by more than this share of what it is worth. */
const PROVEN = 0.001

/** A limit no higher than this proves a plan best. @param value what the plan is worth, minor units */
const best = (value: number): number => value + Math.max(1, PROVEN * Math.abs(value))

/** Whether a limit proves a plan best, to a thousandth of what it is worth. */
export const isProven = (value: number, bound: number): boolean => bound <= best(value)

/**
 * What no plan of a workspace can exceed, minor units, closer and closer: divided builds in few stretches of time, in more of them, and where
 * the program stays small enough whole builds with the days they are done on, branch by branch. Ends early once it proves a plan best.
 * Undefined as long as nothing has been solved.
 * @param value what the plan at hand is worth, minor units
 */
export function* bounds(
  solver: Solver,
  world: World,
  value = -Infinity
): Generator<number | undefined, void> {
  const problem = problemOf(world, { wholeMarket: true })
  let [bound, columns] = [Infinity, 0]
  for (const buckets of STRETCHES) {
    const model = boundModel(world, { buckets }, problem)
    ;({ columns } = model)
    bound = Math.min(bound, boundBy(solver, model, SECONDS) ?? Infinity)
    yield Number.isFinite(bound) ? bound : undefined
    if (isProven(value, bound)) return
  }
  if (columns > DATED_FROM) return
  const days = Math.max(1, Math.ceil(problem.events.horizon / DATED.spans))
  const model = boundModel(world, { buckets: DATED.buckets, days }, problem)
  if (!model.divided || model.columns > DATED.columns) return
  let branches = 0
  for (const found of branched(solver, { ...model, divided: model.divided }, best(value))) {
    bound = Math.min(bound, found)
    yield bound
    if (++branches === DATED.branches) return
  }
}
