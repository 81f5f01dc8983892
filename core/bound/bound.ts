import { sumOfMost } from '../kernel'
import { problemOf, type Problem } from '../search'
import type { World } from '../workspace'
import { bucketsOf, spansOf } from './buckets'
import { beginnings, endings } from './dated-rows'
import { mostOf } from './most'
import { addRow, emptyProgram, programText, type Divided, type Term } from './program'
import { writeAfter } from './after-rows'
import { writeSold } from './sold-rows'
import { completeUsed, writeActivity, writeLimits, writePurchase, writeTies } from './rows'
import type { Solved, Solver } from './solver'
import { bought, upTo, type Writing } from './writing'

/**
 * An upper bound on what any plan of a workspace can be worth: a linear program in which builds, purchases and ways may be divided and
 * every date within a stretch of time counts as its best one. Its optimum is never below the best plan's value.
 */
export interface BoundModel {
  /** The program in the CPLEX LP format. */
  readonly text: string
  /** Added to the program's optimum. */
  readonly constant: number
  readonly columns: number
  readonly rows: number
  /** What has to be whole, where builds have the day they are done on. */
  readonly divided?: Divided | undefined
}

export interface BoundOptions {
  /** Stretches of time; more of them give a closer bound and a larger program. */
  readonly buckets?: number
  /** Asks the solver for whole builds and purchases: an optimum to hold a plan against, where the program is tiny. */
  readonly whole?: boolean
  /** Each event time a stretch, and builds with the stretch they are begun in and the days, so many as one, they are done in. */
  readonly days?: number
}

/** Stretches of time the horizon is divided into, by default. */
const BUCKETS = 9

/** @param problem with everything that could be bought: see `wholeMarket` */
export function boundModel(
  world: World,
  options: BoundOptions = {},
  problem: Problem = problemOf(world, { wholeMarket: true })
): BoundModel {
  const { events } = problem
  const spans = options.days === undefined ? undefined : spansOf(events.horizon, options.days)
  const buckets = bucketsOf(
    events,
    Math.min(spans ? events.count : Infinity, options.buckets ?? BUCKETS)
  )
  const lists = (): Term[][] => buckets.map(() => [])
  const writing: Writing = {
    program: emptyProgram(),
    problem,
    buckets,
    most: mostOf(problem),
    cash: lists(),
    spent: lists(),
    minutes: lists(),
    sales: lists(),
    used: new Set(),
    spans,
    hours: buckets.map(() => (spans ?? []).map(() => []))
  }
  const { program, used } = writing
  const after = new Set(problem.after)
  problem.activities.forEach((_, j) => {
    if (!after.has(j)) writeActivity(writing, j)
  })
  for (const j of problem.after) writeAfter(writing, j)
  writeSold(writing)
  completeUsed(writing)
  for (const choice of used) {
    buckets.forEach((_, k) => writePurchase(writing, choice, k))
    if (problem.choices[choice]!.single)
      addRow(
        program,
        upTo(buckets.length - 1, (k) => bought(choice, k)),
        '<=',
        1
      )
    buckets.forEach((_, k) => writeTies(writing, choice, k))
  }
  writeLimits(writing)
  return {
    text: programText(program, options.whole ?? false),
    constant: problem.constant + comfortsAtMost(problem),
    columns: program.columns.size,
    rows: program.rows.length,
    divided: spans && dividedOf(writing, spans.length)
  }
}

/** When builds begin, when they end, then what is bought: whole, in this order. */
function dividedOf({ problem, program, buckets }: Writing, spans: number): Divided {
  const after = new Set(problem.after)
  const activities = [...problem.activities.keys()].filter((j) => !after.has(j))
  return {
    lists: [
      ...activities.map((j) => beginnings(j, buckets.length).map((name) => [name])),
      ...activities.map((j) => endings(j, buckets.length, spans))
    ],
    whole: new Map([...program.whole].filter(([name]) => program.columns.has(name)))
  }
}

/** The most that can be had of what is worth having by itself: each group at its best, as if money and days did not matter. */
const comfortsAtMost = ({ comforts, choices }: Problem): number =>
  sumOfMost(
    comforts,
    ({ group }) => group,
    ({ choice, worth }) => worth + Math.max(...choices[choice]!.value)
  )

/** Asks a solver for the bound of a model, minor units; undefined where it found none in its time. */
export const boundBy = (solver: Solver, model: BoundModel, seconds: number): number | undefined =>
  boundFrom(model, solver.solve(model.text, { time_limit: seconds }))

/** The bound a solved program gives, minor units; undefined where there is none. A program without columns has nothing to gain. */
export function boundFrom(
  model: BoundModel,
  { Status, ObjectiveValue }: Solved
): number | undefined {
  if (Status === 'Empty' || model.columns === 0) return model.constant
  return Status === 'Optimal' ? ObjectiveValue + model.constant : undefined
}
