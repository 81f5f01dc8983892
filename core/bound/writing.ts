import type { Activity, Problem } from '../search'
import type { Bucket, Span } from './buckets'
import type { Program, Term } from './program'

/** Names of the columns: activity done, purchase made, mode taken, item sold, each in a stretch of time. */
export const begun = (activity: number, k: number): string => `x${activity}_${k}`
export const bought = (choice: number, k: number): string => `p${choice}_${k}`
export const modeColumn = (activity: number, slot: string, mode: number, k: number): string =>
  `z${activity}_${slot}_${mode}_${k}`
export const wayColumn = (activity: number, way: string, k: number): string =>
  `y${activity}_${way}_${k}`

/** A program for a problem while it is being written. */
export interface Writing {
  readonly program: Program
  readonly problem: Problem
  readonly buckets: readonly Bucket[]
  /** Per choice: no plan buys more of it. */
  readonly most: readonly number[]
  /** Per stretch of time: money that must be there, money that counts against the cap, minutes, and money from sales that can be there by its end. */
  readonly cash: Term[][]
  readonly spent: Term[][]
  readonly minutes: Term[][]
  readonly sales: Term[][]
  /** Choices that matter. */
  readonly used: Set<number>
  /** Where builds have the day they are done on: those days, else undefined. */
  readonly spans: readonly Span[] | undefined
  /** Minutes by the stretch a build is begun in and the days it is done in, where there are such. */
  readonly hours: Term[][][]
}

/** What counts of something on a day. */
export const worthOn = ({ problem: { events } }: Writing, day: number): number =>
  events.discount[Math.max(0, Math.min(events.horizon, day))] ?? 1

/** Columns of several things, from the first stretch of time to the k-th. */
export const upTo = (k: number, name: (k: number) => string, coefficient = 1): Term[] =>
  Array.from({ length: k + 1 }, (_, i): Term => [coefficient, name(i)])

/** Rounding of what flows back to whole minor units counts no more than this. */
const SALE_ROUNDING = 1

/** What is left on a day of what an activity that is kept is worth, before it is discounted. */
export function worthLeft(writing: Writing, activity: Activity, day: number): number {
  const { latenessPerDay } = writing.problem.world.workspace.money
  const late = Math.max(0, day - activity.wished)
  return Math.max(0, activity.worth * (1 - late * latenessPerDay))
}

/** What an activity is worth when it is done on a day, at the best. */
export function worthDone(writing: Writing, activity: Activity, day: number): number {
  const { world, events } = writing.problem
  const { keptMoneyWorth } = world.workspace.money
  if (activity.sold) {
    const { afterDays, back, due } = activity.sold
    const sale = day + afterDays
    if (sale >= events.horizon || day > due) return 0
    return worthOn(writing, sale) * (keptMoneyWorth * back + activity.worth - back) + SALE_ROUNDING
  }
  return worthOn(writing, day) * worthLeft(writing, activity, day)
}
