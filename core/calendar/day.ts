import { bug, issue, ok, refused, type Path, type Result } from '../kernel'

/** A calendar day without a zone, as `YYYY-MM-DD`. Sorts as text. Years 1900 to 2199. */
export type Day = string

/** The last day that is reckoned with. */
export const LAST_DAY: Day = '2199-12-31'

const PATTERN = /^(\d{4})-(\d{2})-(\d{2})$/
export const MS_PER_DAY = 86_400_000
/** Days a year is reckoned with in rates and ages. */
export const DAYS_PER_YEAR = 365
/** Days of a month in the mean of such a year. */
export const DAYS_PER_MONTH = DAYS_PER_YEAR / 12

/** Days since 1970-01-01 in the proleptic Gregorian calendar. */
export function dayNumber(day: Day): number {
  const match = PATTERN.exec(day)
  if (!match) return bug(`"${day}" is not a day`)
  return Date.UTC(Number(match[1]), Number(match[2]) - 1, Number(match[3])) / MS_PER_DAY
}

export function dayFromNumber(number: number): Day {
  return new Date(number * MS_PER_DAY).toISOString().slice(0, 10)
}

/** Days found to exist; long ledgers hold the same ones over and over. */
const checked = new Set<string>()
const CHECKED_KEPT = 10_000

/** Accepts only days that exist: "2026-02-30" is refused. */
export function checkDay(text: string, path: Path = []): Result<Day> {
  if (checked.has(text)) return ok(text)
  const match = PATTERN.exec(text)
  if (!match) return refused(issue('day.format', path, { text }))
  const year = Number(match[1])
  if (year < 1900 || year > 2199) return refused(issue('day.range', path, { text }))
  if (dayFromNumber(dayNumber(text)) !== text)
    return refused(issue('day.does-not-exist', path, { text }))
  if (checked.size < CHECKED_KEPT) checked.add(text)
  return ok(text)
}

export const addDays = (day: Day, days: number): Day => dayFromNumber(dayNumber(day) + days)

/** Days from one day to another; negative when `to` comes first. */
export const daysBetween = (from: Day, to: Day): number => dayNumber(to) - dayNumber(from)

/** The order of two days, for sorting: negative where the first comes first. */
export const compareDays = (a: Day, b: Day): number => (a < b ? -1 : a > b ? 1 : 0)

/** For sorting what has a date, the earliest first. */
export const byDate = (a: { readonly date: Day }, b: { readonly date: Day }): number =>
  compareDays(a.date, b.date)

export const laterDay = (a: Day, b: Day): Day => (a > b ? a : b)
export const earlierDay = (a: Day, b: Day): Day => (a < b ? a : b)

export function daysInMonth(year: number, month: number): number {
  return new Date(Date.UTC(year, month, 0)).getUTCDate()
}

/**
 * The day `months` months after the month of `from`, on day-of-month `dayOfMonth`, or on the month's last day where the month
 * is shorter: a payday on the 31st falls on 28 or 29 February and returns to the 31st in March.
 */
export function monthlyDay(from: Day, months: number, dayOfMonth: number): Day {
  const year = Number(from.slice(0, 4))
  const index = year * 12 + Number(from.slice(5, 7)) - 1 + months
  const y = Math.floor(index / 12)
  const m = (index % 12) + 1
  const d = Math.min(dayOfMonth, daysInMonth(y, m))
  return `${String(y).padStart(4, '0')}-${String(m).padStart(2, '0')}-${String(d).padStart(2, '0')}`
}
