import type { Day } from '../../../core/calendar'
import type { SeenPrice } from '../../../core/prices'

/** Points of one day that are drawn at most; more lie on one another. */
const MOST_POINTS = 400

/** The prices that are drawn: the newest, evenly thinned where there are very many. */
export function drawnPrices(seen: readonly SeenPrice[]): readonly SeenPrice[] {
  const apart = Math.ceil(seen.length / MOST_POINTS)
  return apart <= 1 ? seen : seen.filter((_, i) => (seen.length - 1 - i) % apart === 0)
}

/** Milliseconds of a day’s beginning, as charts count them. */
export const at = (day: Day): number => Date.parse(`${day}T00:00:00Z`)
