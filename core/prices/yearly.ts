import { checkDay, type Day } from '../calendar'
import type { SaleWindow } from './bundles'

const YEAR_DIGITS = 4
const yearOf = (day: Day): number => Number(day.slice(0, YEAR_DIGITS))
/** The same day of another year; the 29th of February is the 28th where there is none. */
function inYear(day: Day, year: number): Day {
  const there = `${String(year).padStart(YEAR_DIGITS, '0')}${day.slice(YEAR_DIGITS)}`
  return checkDay(there).ok ? there : `${there.slice(0, -2)}28`
}

/** A yearly sale as it falls in another year. @param years later, negative for earlier */
export function shifted(sale: SaleWindow, years: number): SaleWindow {
  const { yearly: _yearly, ...once } = sale
  const from = inYear(sale.from, yearOf(sale.from) + years)
  return {
    ...once,
    id: `${sale.id}/${yearOf(from)}`,
    from,
    until: inYear(sale.until, yearOf(sale.until) + years)
  }
}

const made = new WeakMap<readonly SaleWindow[], Map<string, readonly SaleWindow[]>>()

/** The sales that touch a stretch of days: those that come once as they are, those that come round yearly once for each year. */
export function salesWithin(
  windows: readonly SaleWindow[],
  from: Day,
  until: Day
): readonly SaleWindow[] {
  if (!windows.some(({ yearly }) => yearly)) return windows
  const key = `${from} ${until}`
  const known = made.get(windows)?.get(key)
  if (known) return known
  const all = windows.flatMap((sale) => {
    if (!sale.yearly) return [sale]
    const first = yearOf(from) - yearOf(sale.until)
    const last = yearOf(until) - yearOf(sale.from)
    return Array.from({ length: Math.max(0, last - first + 1) }, (_, i) =>
      shifted(sale, first + i)
    ).filter((one) => one.until >= from && one.from <= until)
  })
  made.set(windows, (made.get(windows) ?? new Map()).set(key, all))
  return all
}
