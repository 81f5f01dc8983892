import { normalFrom, seededRandom } from '../kernel'

/** How uncertain side work is. Shares; judgements, each shown where it is used. */
export interface Uncertain {
  /** Standard deviation of the logarithm of a month's prices. */
  readonly price: number
  /** Standard deviation of a month's hours, as a share of them. */
  readonly hours: number
}
export const UNCERTAIN: Uncertain = { price: 0.15, hours: 0.25 }

/** How many months it takes until a tool has paid for itself. */
export interface Spread {
  /** Months by which one in twenty, half and nineteen in twenty courses have paid it back; undefined where not within `MOST_MONTHS`. */
  readonly early: number | undefined
  readonly middle: number | undefined
  readonly late: number | undefined
  /** Share of courses in which it is paid back within a year. */
  readonly withinYear: number
}

/** Months looked ahead. */
export const MOST_MONTHS = 120
export const COURSES = 400
const YEAR = 12

/** A number of events with this mean (Knuth's product of uniforms; a normal one where the mean is large). */
export function poisson(mean: number, random: () => number): number {
  const LARGE = 30
  if (mean > LARGE) return Math.max(0, Math.round(mean + Math.sqrt(mean) * normalFrom(random)))
  const limit = Math.exp(-mean)
  let [count, product] = [0, random()]
  while (product > limit) {
    count++
    product *= random()
  }
  return count
}
/** A stream of income that a tool brings: so many pieces a month, each with so much for it. */
export interface Stream {
  readonly perMonth: number
  readonly each: number
  /** Pieces the hours of a usual month allow; left out where they are no limit. */
  readonly most?: number | undefined
}

/**
 * How long it takes until streams of income come to a sum, in so many simulated courses (Monte Carlo): buyers come by chance (Poisson), prices
 * and hours of each month vary.
 * @param cost minor units
 */
export function paybackSpread(
  streams: readonly Stream[],
  cost: number,
  uncertain: Uncertain = UNCERTAIN,
  seed = 1,
  courses = COURSES
): Spread {
  const random = seededRandom(seed)
  const months: number[] = []
  for (let course = 0; course < courses; course++)
    months.push(oneCourse(streams, cost, uncertain, random))
  months.sort((a, b) => a - b)
  const at = (share: number): number | undefined => {
    const month = months[Math.min(months.length - 1, Math.floor(share * months.length))] as number
    return month <= MOST_MONTHS ? month : undefined
  }
  const [EARLY, MIDDLE, LATE] = [0.05, 0.5, 0.95]
  return {
    early: at(EARLY),
    middle: at(MIDDLE),
    late: at(LATE),
    withinYear: months.filter((month) => month <= YEAR).length / courses
  }
}

function oneCourse(
  streams: readonly Stream[],
  cost: number,
  { price, hours }: Uncertain,
  random: () => number
): number {
  let sum = 0
  for (let month = 1; month <= MOST_MONTHS; month++) {
    // Centred so that the mean price is the price.
    const times = price > 0 ? Math.exp(price * normalFrom(random) - (price * price) / 2) : 1
    const able = hours > 0 ? Math.max(0, 1 + hours * normalFrom(random)) : 1
    for (const { perMonth, each, most = Infinity } of streams)
      sum += Math.min(poisson(perMonth, random), most * able) * each * times
    if (sum >= cost) return month
  }
  return MOST_MONTHS + 1
}
