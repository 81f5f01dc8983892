import { isDone } from '../builds'
import { addDays, daysBetween, DAYS_PER_YEAR, type Day } from '../calendar'
import { sumOf } from '../kernel'
import type { Minor } from '../money'
import type { Plan, World } from '../workspace'
import { againstPlan } from './against'
import { calibrationOf, type Calibration, type Forecast } from './calibration'

/** A build as a kept plan had it, and as it came. */
export interface BuildTruth {
  readonly build: string
  readonly plannedDone: Day
  readonly done: Day | undefined
  /** Days later than planned, so far where it is not done; below 0 where it was sooner. */
  readonly late: number
  readonly plannedMinutes: number
  /** Undefined while it is not done. */
  readonly minutes: number | undefined
  readonly planned: Minor
  readonly actual: Minor
  /** The chance it was given to be ready by a day, and whether it was, where that was kept. */
  readonly forecast: Forecast | undefined
  readonly inTime: boolean
}

/** What a plan took for granted beside what came, from the day it was kept to today. */
export interface PlanTruth {
  readonly on: Day
  readonly days: number
  /** Builds that were to be ready by today, the latest first. */
  readonly builds: readonly BuildTruth[]
  /** Hours that were planned with in that time, and those logged, minutes. */
  readonly plannedMinutes: number
  readonly loggedMinutes: number
  /** What the tools bought were planned at, and what was paid, of those bought; minor units. */
  readonly planned: Minor
  readonly paid: Minor
}

/** What differs so much that it is worth a change of the settings. */
export type Wrong =
  | { readonly kind: 'hours'; readonly planned: number; readonly real: number }
  | { readonly kind: 'prices'; readonly times: number }
  | { readonly kind: 'times'; readonly times: number; readonly builds: number }

/** Several kept plans laid over what happened. */
export interface LookBack {
  readonly plans: readonly PlanTruth[]
  readonly calibration: Calibration | undefined
  /** Defaults that were off, the farthest first. */
  readonly wrong: readonly Wrong[]
}

/** Plans younger than this say nothing yet of habits, days. A judgement. */
const YOUNG = 28
/** What is off by less than this share is as good as right. A judgement. */
const OFF = 0.15
const DAYS_PER_WEEK = 7

/** Minutes logged on builds between two days: sessions by their day, the rest of a log evenly over the time it was under way. */
function loggedBetween({ workspace, asOf }: World, from: Day, to: Day): number {
  const built = sumOf(workspace.builds, ({ log }) => {
    if (!log) return 0
    const sessions = log.sessions ?? []
    const inside = sumOf(sessions, ({ on, minutes }) => (on >= from && on <= to ? minutes : 0))
    const untold = log.minutesSpent - sumOf(sessions, ({ minutes }) => minutes)
    const end = log.done ?? asOf
    const [first, last] = [log.begun > from ? log.begun : from, end < to ? end : to]
    const share =
      first > last ? 0 : (daysBetween(first, last) + 1) / (daysBetween(log.begun, end) + 1)
    return inside + Math.max(0, untold) * share
  })
  const made = sumOf(workspace.pieces ?? [], ({ made: on, minutes }) =>
    on >= from && on <= to ? minutes : 0
  )
  return built + made
}

/** Minutes a plan gave to its builds until a day; of a stage that goes on the part that is over. */
const plannedUntil = ({ builds }: Plan, until: Day): number =>
  sumOf(builds, ({ begin, done, work }) =>
    sumOf([...work.entries()], ([i, { stage, minutes }]) => {
      const start = stage > begin ? stage : begin
      const end = work[i + 1]?.stage ?? done
      if (start > until) return 0
      const over = (daysBetween(start, until) + 1) / Math.max(1, daysBetween(start, end) + 1)
      return minutes * Math.min(1, over)
    })
  )

/** What was said of a build when the plan was kept, once its day is over. */
function forecastOf(
  plan: Plan,
  build: string,
  done: Day | undefined,
  asOf: Day
): Forecast | undefined {
  const said = plan.kept?.chances?.findLast((one) => one.build === build)
  return said && said.by <= asOf
    ? { chance: said.chance, came: done !== undefined && done <= said.by }
    : undefined
}

/** One kept plan beside what came of it, up to today or a year from its day. */
export function planTruth(world: World, plan: Plan): PlanTruth {
  const { workspace, asOf } = world
  const on = plan.kept?.on ?? plan.asOf
  const year = addDays(on, DAYS_PER_YEAR)
  const until = [asOf, plan.until, year].sort()[0] ?? asOf
  const against = againstPlan(world, plan)
  const builds = against.builds
    .filter(
      ({ build, plannedDone }) =>
        plannedDone <= until && workspace.builds.some(({ id }) => id === build)
    )
    .map(({ build, plannedDone, done, planned, actual }): BuildTruth => {
      const its = workspace.builds.find(({ id }) => id === build)
      const parts = plan.builds.filter((one) => one.build === build)
      return {
        build,
        plannedDone,
        done,
        late: daysBetween(plannedDone, done ?? asOf),
        plannedMinutes: sumOf(parts, ({ work }) => sumOf(work, ({ minutes }) => minutes)),
        minutes: its && isDone(its) ? its.log?.minutesSpent : undefined,
        planned,
        actual,
        forecast: forecastOf(plan, build, done, asOf),
        inTime: done !== undefined && done <= plannedDone
      }
    })
    .sort((a, b) => b.late - a.late)
  const bought = against.tools.filter(({ kind }) => kind === 'bought')
  return {
    on,
    days: Math.max(0, daysBetween(on, until)),
    builds,
    plannedMinutes: Math.round(plannedUntil(plan, until)),
    loggedMinutes: loggedBetween(world, on, until),
    planned: sumOf(bought, (one) => one.planned),
    paid: sumOf(bought, ({ actual }) => actual)
  }
}

const isOff = (times: number): boolean => Math.abs(times - 1) >= OFF

/** Defaults that were off in plans old enough to tell. */
function wrongIn(plans: readonly PlanTruth[], weekly: number): Wrong[] {
  const old = plans.filter(({ days }) => days >= YOUNG)
  // Plans overlap: the oldest tells of the longest time.
  const [longest] = [...old].sort((a, b) => b.days - a.days)
  const done = new Map(
    old.flatMap(({ builds }) =>
      builds.flatMap(({ build, plannedMinutes, minutes }) =>
        minutes !== undefined && plannedMinutes > 0
          ? [[build, { plannedMinutes, minutes }] as const]
          : []
      )
    )
  )
  const found: { readonly off: number; readonly wrong: Wrong }[] = []
  if (
    longest &&
    longest.plannedMinutes > 0 &&
    isOff(longest.loggedMinutes / longest.plannedMinutes)
  ) {
    const real = Math.round((longest.loggedMinutes / Math.max(1, longest.days)) * DAYS_PER_WEEK)
    const off = Math.abs(longest.loggedMinutes / longest.plannedMinutes - 1)
    found.push({ off, wrong: { kind: 'hours', planned: weekly, real } })
  }
  const [planned, paid] = [sumOf(old, (one) => one.planned), sumOf(old, (one) => one.paid)]
  if (planned > 0 && isOff(paid / planned))
    found.push({
      off: Math.abs(paid / planned - 1),
      wrong: { kind: 'prices', times: paid / planned }
    })
  const [book, real] = [
    sumOf([...done.values()], (one) => one.plannedMinutes),
    sumOf([...done.values()], ({ minutes }) => minutes)
  ]
  if (book > 0 && isOff(real / book))
    found.push({
      off: Math.abs(real / book - 1),
      wrong: { kind: 'times', times: real / book, builds: done.size }
    })
  return found.sort((a, b) => b.off - a.off).map(({ wrong }) => wrong)
}

/** A look back over kept plans: what each had, what came, how good its chances were, and which defaults were off. */
export function lookBack(world: World, adopted: readonly Plan[]): LookBack {
  const plans = adopted.map((plan) => planTruth(world, plan))
  const forecasts = plans.flatMap(({ builds }) => builds.flatMap(({ forecast }) => forecast ?? []))
  return {
    plans,
    calibration: calibrationOf(forecasts),
    wrong: wrongIn(plans, world.workspace.time.minutesPerWeek)
  }
}
