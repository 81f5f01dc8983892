import { sumOfMost } from '../kernel'
import { problemOf, type Problem } from '../search'
import type { World } from '../workspace'
import { bucketsOf } from './buckets'
import { emptyProgram, addRow, programText, type Term } from './program'
import { writeAfter } from './after-rows'
import { writeSold } from './sold-rows'
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
    cash: lists(),
    spent: lists(),
    minutes: lists(),
    sales: lists(),
    used: new Set()
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

/** What a solver says of a program. */
export interface Solved {
  readonly Status: string
  readonly ObjectiveValue: number
}

/** The bound a solved program gives, minor units; undefined where it was not solved. A program without columns has nothing to gain. */
export function boundFrom(
  model: BoundModel,
  { Status, ObjectiveValue }: Solved
): number | undefined {
  if (Status === 'Empty' || model.columns === 0) return model.constant
  return Status === 'Optimal' ? ObjectiveValue + model.constant : undefined
}
