import { addDays, dayNumber, daysBetween, monthlyDay, type Day } from './day'

/** How long one stage of a plan lasts. */
export type StageLength = 'week' | 'fortnight' | 'month'

/** One calendar period of the plan; both days are inside it. */
export interface Stage {
  readonly index: number
  readonly start: Day
  readonly end: Day
}

/** The longest horizon the planner takes: five years. */
export const LONGEST_HORIZON_DAYS = 1827

/** `count` stages laid end to end from `start`. Monthly stages begin on the day of month of `start` (the last day where shorter). */
export function stagesFrom(start: Day, length: StageLength, count: number): Stage[] {
  const dayOfMonth = Number(start.slice(8, 10))
  const boundary = (k: number): Day =>
    length === 'month'
      ? monthlyDay(start, k, dayOfMonth)
      : addDays(start, k * (length === 'week' ? 7 : 14))
  return Array.from({ length: count }, (_, index) => ({
    index,
    start: boundary(index),
    end: addDays(boundary(index + 1), -1)
  }))
}

/** The stage a day falls in, or undefined outside the horizon. */
export function stageOf(stages: readonly Stage[], day: Day): Stage | undefined {
  let low = 0
  let high = stages.length - 1
  while (low <= high) {
    const middle = (low + high) >> 1
    const stage = stages[middle]
    if (!stage) return undefined
    if (day < stage.start) high = middle - 1
    else if (day > stage.end) low = middle + 1
    else return stage
  }
  return undefined
}

/** The first day after the last stage. */
export const horizonEnd = (stages: readonly Stage[]): Day | undefined => stages.at(-1)?.end

/** How much time there is for the workshop: so many minutes a week, and other figures for some stretches of days. */
export interface ShopTime {
  readonly minutesPerWeek: number
  /** Stretches with other hours, both days included; where two overlap the later one in the list holds. */
  readonly changes?:
    | readonly { readonly from: Day; readonly until: Day; readonly minutesPerWeek: number }[]
    | undefined
}

/** The weekly rate that holds on a day. */
export const rateOn = ({ minutesPerWeek, changes = [] }: ShopTime, day: Day): number =>
  changes.reduce(
    (rate, one) => (day >= one.from && day <= one.until ? one.minutesPerWeek : rate),
    minutesPerWeek
  )

/**
 * Whole minutes of shop time from the first day up to and including a day. Days share their week evenly; the running total is rounded
 * down, so that no week holds more than its minutes.
 */
export function minutesThrough(time: ShopTime, origin: Day, day: Day): number {
  const days = Math.max(0, daysBetween(origin, day) + 1)
  let sevenths = time.minutesPerWeek * days
  // Only the days of the other stretches count otherwise.
  if (time.changes?.length)
    for (let k = 0; k < days; k++)
      sevenths += rateOn(time, addDays(origin, k)) - time.minutesPerWeek
  return Math.floor(sevenths / 7)
}

/** Whole minutes of shop time from one day to another, both included. */
export function minutesBetween(time: ShopTime, origin: Day, from: Day, to: Day): number {
  if (dayNumber(to) < dayNumber(from)) return 0
  return minutesThrough(time, origin, to) - minutesThrough(time, origin, addDays(from, -1))
}

/** Minutes of shop time on each of `count` days from the first one on. */
export function minutesPerDay(time: ShopTime, origin: Day, count: number): Int32Array {
  const minutes = new Int32Array(count)
  let sevenths = 0
  for (let k = 0; k < count; k++) {
    const before = Math.floor(sevenths / 7)
    sevenths += time.changes?.length ? rateOn(time, addDays(origin, k)) : time.minutesPerWeek
    minutes[k] = Math.floor(sevenths / 7) - before
  }
  return minutes
}
