import type { Day } from '../calendar'
import { sumOf } from '../kernel'
import type { Build } from './build'

/** Time at the bench in one go. */
export interface Session {
  readonly id: string
  readonly on: Day
  readonly minutes: number
}

/** Where the minutes of a build went, kept when it is done: tools are sold later, and times of the library change. Whole minutes. */
export interface SharedMinutes {
  /** What was reckoned for it at the user's level, before the user's own pace, by family of ways; `other` for ways of no family. */
  readonly book: Readonly<Record<string, number>>
  /** What it really took, by way; together the minutes of the log. Empty where no way is known. */
  readonly ways: Readonly<Record<string, number>>
  /** Minutes each item of the kit was in use for it. */
  readonly items: Readonly<Record<string, number>>
}

/** What really happened with a build. */
export interface BuildLog {
  readonly begun: Day
  readonly done?: Day | undefined
  /** All that was worked on it; the sessions are a part of it. */
  readonly minutesSpent: number
  readonly sessions?: readonly Session[] | undefined
  /** Since when somebody is at work on it, a moment in UTC to the millisecond; undefined while nobody is. */
  readonly running?: string | undefined
  readonly shared?: SharedMinutes | undefined
}

/** Longer than this nobody works in one go: the clock was left running, min. A judgement. */
export const LONGEST_SESSION = 12 * 60
const MINUTES_PER_DAY = 24 * 60
const MS_PER_MINUTE = 60_000

/** Whole minutes since a session was begun, rounded half up; 0 where the clock was put back since. @param now ms since the epoch */
export const runningMinutes = (running: string, now: number): number =>
  Math.max(0, Math.round((now - Date.parse(running)) / MS_PER_MINUTE))

/** The log with a session more. */
export const withSession = (log: BuildLog, session: Session): BuildLog => ({
  ...log,
  minutesSpent: log.minutesSpent + session.minutes,
  sessions: [...(log.sessions ?? []), session]
})

/** The log with a session of other length, or without it where no minutes are left. */
export function withMinutes(log: BuildLog, id: string, minutes: number): BuildLog {
  const was = log.sessions?.find((one) => one.id === id)
  if (!was) return log
  const sessions = (log.sessions ?? []).flatMap((one) =>
    one.id !== id ? [one] : minutes > 0 ? [{ ...one, minutes }] : []
  )
  return {
    ...log,
    minutesSpent: log.minutesSpent + minutes - was.minutes,
    sessions: sessions.length > 0 ? sessions : undefined
  }
}

/** The most that can have been worked between two days, min: every hour of them. */
export const mostMinutes = (days: number): number => (Math.max(0, days) + 1) * MINUTES_PER_DAY

/** Why a session cannot be put into a log: it would come before it was begun, or its day would have more than 24 hours. */
export function sessionTrouble(
  { begun, sessions = [] }: BuildLog,
  { on, minutes }: Pick<Session, 'on' | 'minutes'>
): { readonly kind: 'before' } | { readonly kind: 'day'; readonly minutes: number } | undefined {
  if (on < begun) return { kind: 'before' }
  const all = minutes + sumOf(sessions, (one) => (one.on === on ? one.minutes : 0))
  return all > MINUTES_PER_DAY ? { kind: 'day', minutes: all } : undefined
}

/** Minutes of a log that no session tells of. */
export const untoldMinutes = ({ minutesSpent, sessions = [] }: BuildLog): number =>
  Math.max(0, minutesSpent - sumOf(sessions, ({ minutes }) => minutes))

/** The build with as much of its log as plans are made from: not when it was worked on, nor with which things one owns. */
export function forPlans(build: Build): Build {
  const { log } = build
  if (!log?.sessions && !log?.running && !log?.shared) return build
  const { sessions: _sessions, running: _running, shared, ...rest } = log
  return { ...build, log: shared ? { ...rest, shared: { ...shared, items: {} } } : rest }
}
