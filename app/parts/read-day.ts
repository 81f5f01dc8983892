import type { Chrono } from 'chrono-node'
import { addDays, checkDay, dayNumber, MS_PER_DAY, type Day } from '../../core/calendar'
import { issue, ok, refused, type Result } from '../../core/kernel'

/** What a date is read against. */
export interface DayContext {
  readonly today: Day
  /** Where "5/3" is the third of May; elsewhere it is the fifth of March. */
  readonly monthFirst: boolean
  /** A date without its year is the next one rather than the nearest. */
  readonly ahead: boolean
  readonly nextPayday: Day | undefined
}

/** The readers of dates as people write them, loaded when a field is first entered: months first, days first, and German. */
export interface DayReaders {
  readonly monthFirst: Chrono
  readonly dayFirst: Chrono
  readonly german: Chrono
}
let readers: DayReaders | undefined
export const readersAtHand = (): DayReaders | undefined => readers
export async function loadReaders(): Promise<DayReaders> {
  if (readers) return readers
  const [english, german] = await Promise.all([import('chrono-node/en'), import('chrono-node/de')])
  readers = { monthFirst: english.casual, dayFirst: english.GB, german: german.casual }
  return readers
}

const ISO = /^\d{4}-\d{2}-\d{2}$/
const DOTTED = /^(\d{1,2})\.\s*(\d{1,2})\.(?:\s*(\d{2,4}))?$/
const NEXT_WEEKDAY = /^(?:next|nächsten?)\s+(\p{L}+)$/iu
const PAYDAY = /^(?:next\s+)?payday$|^(?:nächster\s+)?zahltag$/i
const NOON_HOURS = 12
const A_WEEK = 7

const at = (day: Day): Date => new Date(dayNumber(day) * MS_PER_DAY)
/** The date at noon of the machine's own clock, which the reader counts by. */
function noonOf(day: Day): Date {
  const utc = at(day)
  return new Date(utc.getUTCFullYear(), utc.getUTCMonth(), utc.getUTCDate(), NOON_HOURS)
}

/** The readers of a text, in the order they are asked: dots and German words are days first. */
function inOrder(all: DayReaders, monthFirst: boolean): Chrono[] {
  const english = monthFirst ? all.monthFirst : all.dayFirst
  return [english, all.german]
}

function understood(text: string, all: DayReaders, context: DayContext): Day | undefined {
  const dotted = DOTTED.exec(text)
  const asked = dotted
    ? [dotted[1], dotted[2], dotted[3]].filter((part) => part !== undefined).join('/')
    : text
  for (const reader of dotted ? [all.dayFirst] : inOrder(all, context.monthFirst)) {
    const [found, ...more] = reader.parse(asked, noonOf(context.today), {
      forwardDate: context.ahead
    })
    // All of the text, and one day: "1 May or so", "May" and "3 to 5 May" are none.
    if (!found || more.length > 0 || found.end || found.text.trim() !== asked.trim()) continue
    const { start } = found
    if (!start.isCertain('day') && !start.isCertain('weekday')) continue
    const [year, month, day] = [start.get('year'), start.get('month'), start.get('day')]
    const two = (part: number | null): string => String(part).padStart(2, '0')
    return `${String(year).padStart(4, '0')}-${two(month)}-${two(day)}`
  }
  return undefined
}

/**
 * A day as people write it: "3 May", "3.5.", "5/3" by the order of the country, "today", "next payday", "Friday", "2027-05-03". What may
 * mean two days is asked about, never chosen. Codes `day.not-read`, `day.which-one`, `day.no-payday`, `day.does-not-exist`, `day.range`.
 * @param all undefined while they are loading: then only the form 2027-05-03 is read
 */
export function readDay(
  text: string,
  all: DayReaders | undefined,
  context: DayContext
): Result<Day> {
  const clean = text.trim()
  if (ISO.test(clean)) return checkDay(clean)
  if (PAYDAY.test(clean))
    return context.nextPayday === undefined
      ? refused(issue('day.no-payday'))
      : ok(context.nextPayday)
  const day = all && understood(clean, all, context)
  if (day === undefined) return refused(issue('day.not-read', [], { text: clean }))
  const weekday = NEXT_WEEKDAY.exec(clean)
  if (weekday) {
    const coming = all && understood(weekday[1] ?? '', all, { ...context, ahead: true })
    if (coming !== undefined) {
      // The day after today's own: said on a Friday, the coming Friday is a week away.
      const first = coming > context.today ? coming : addDays(coming, A_WEEK)
      return refused(
        issue('day.which-one', [], { text: clean, first, second: addDays(first, A_WEEK) })
      )
    }
  }
  return checkDay(day)
}

/** Whether a country writes the month before the day, by its language tag. */
export function isMonthFirst(language: string): boolean {
  const parts = new Intl.DateTimeFormat(language, {
    day: 'numeric',
    month: 'numeric'
  }).formatToParts(new Date(0))
  return parts.find(({ type }) => type === 'month' || type === 'day')?.type === 'month'
}
