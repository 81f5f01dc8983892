import { sumOfMost } from '../kernel'
import { problemOf, type Problem } from '../search'
import type { World } from '../workspace'
import { bucketsOf } from './buckets'
import { mostOf } from './most'
import { emptyProgram, addRow, programText, type Term } from './program'
import { writeAfter } from './after-rows'
import { writeSold } from './sold-rows'
import { writeWaiting } from './waiting'
import {
  type Writing,
  writeActivity,
  completeUsed,
  writePurchase,
  upTo,
  bought,
  writeTies,
  writeLimits
} from './rows'

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
}

export interface BoundOptions {
  /** Stretches of time; more of them give a closer bound and a larger program. */
  readonly buckets?: number
  /** Asks for whole builds and purchases: much closer, much slower. */
  readonly whole?: boolean
}

/** Stretches of time the horizon is divided into, by default. */
const BUCKETS = 9

/** @param problem with everything that could be bought: see `wholeMarket` */
export function boundModel(
  world: World,
  options: BoundOptions = {},
  problem: Problem = problemOf(world, { wholeMarket: true })
): BoundModel {
  const buckets = bucketsOf(problem.events, options.buckets ?? BUCKETS)
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
    waited: buckets.length === 1 ? [] : undefined
  }
  const { program, used } = writing
  const after = new Set(problem.after)
  problem.activities.forEach((_, j) => {
    if (!after.has(j)) writeActivity(writing, j)
  })
  for (const j of problem.after) writeAfter(writing, j)
  if (writing.waited) writeWaiting(program, problem, writing.waited)
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
    rows: program.rows.length
  }
}

/** The most that can be had of what is worth having by itself: each group at its best, as if money and days did not matter. */
const comfortsAtMost = ({ comforts, choices }: Problem): number =>
  sumOfMost(
    comforts,
    ({ group }) => group,
    ({ choice, worth }) => worth + Math.max(...choices[choice]!.value)
  )

/** A solver of linear programs with whole numbers; HiGHS is one. It prints what it does, a line at a time. */
export interface Solver {
  solve(text: string, options: Readonly<Record<string, unknown>>): Solved
}

/** What a solver says of a program. */
export interface Solved {
  readonly Status: string
  readonly ObjectiveValue: number
}

/** Below this share of the value the solver need not tell two plans apart. */
const CLOSE_ENOUGH = 1e-4

/** Asks a solver for the bound of a model, minor units; undefined where it found none in its time. @param printed what the solver has printed; emptied before */
export function boundBy(
  solver: Solver,
  printed: string[],
  model: BoundModel,
  seconds: number
): number | undefined {
  printed.length = 0
  const solved = solver.solve(model.text, {
    time_limit: seconds,
    mip_rel_gap: CLOSE_ENOUGH,
    output_flag: true,
    log_to_console: true
  })
  return boundFrom(model, solved, printed)
}

/** What no plan exceeds by a search with whole numbers, stopped or not. */
const DUAL_BOUND = /^ *Dual bound +(\S+)/m

/**
 * The bound a solved program gives, minor units; undefined where there is none. A program without columns has nothing to gain. With whole
 * numbers the optimum found is not the bound: that is the dual bound the solver prints, also when it was stopped.
 */
export function boundFrom(
  model: BoundModel,
  { Status, ObjectiveValue }: Solved,
  printed: readonly string[] = []
): number | undefined {
  if (Status === 'Empty' || model.columns === 0) return model.constant
  const dual = Number(DUAL_BOUND.exec(printed.join('\n'))?.[1] ?? Number.NaN)
  if (Number.isFinite(dual)) return dual + model.constant
  return Status === 'Optimal' ? ObjectiveValue + model.constant : undefined
}
