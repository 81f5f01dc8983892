import { sumOf } from '../kernel'
import { marginEach, minutesEach, paysHours, type Design } from './design'

/** What of a design is made and sold in an average month. */
export interface MadeInMonth {
  readonly build: string
  readonly pieces: number
  readonly margin: number
  readonly minutes: number
}

/** An average month. Amounts in minor units. */
export interface Month {
  readonly made: readonly MadeInMonth[]
  readonly margin: number
  readonly minutes: number
  /** Whether the hours are used up before everybody who would buy is served. */
  readonly short: boolean
  /** What the next hour would bring; nothing where the hours are not short. */
  readonly nextHour: number
}

const MINUTES_PER_HOUR = 60
const MONTHS = 12

/** Pieces asked for in an average month, the months without season counted as none. */
export const demandOf = ({ perMonth, season }: Design): number =>
  perMonth * (season && season.length > 0 ? season.length / MONTHS : 1)

/**
 * The month that leaves most: designs in the order of what they leave for an hour, each as far as it is asked for, until the hours are used
 * up; what does not bring what an hour is to bring is left out. With hours as the only limit and pieces that may be divided over months this is the best there is (the continuous knapsack: Dantzig 1957).
 */
export function bestMonth(designs: readonly Design[], minutes: number): Month {
  const paying = designs
    .filter(paysHours)
    .map((design) => ({
      design,
      each: minutesEach(design),
      rate: marginEach(design) / Math.max(Number.EPSILON, minutesEach(design))
    }))
    .sort((a, b) => b.rate - a.rate)
  let left = minutes
  let nextHour = 0
  const made = paying.flatMap(({ design, each, rate }): MadeInMonth[] => {
    const wanted = demandOf(design)
    const pieces = each > 0 ? Math.min(wanted, left / each) : wanted
    left -= pieces * each
    if (pieces < wanted && nextHour === 0) nextHour = rate * MINUTES_PER_HOUR
    return pieces > 0
      ? [
          {
            build: design.build,
            pieces,
            margin: pieces * marginEach(design),
            minutes: pieces * each
          }
        ]
      : []
  })
  return {
    made,
    margin: sumOf(made, ({ margin }) => margin),
    minutes: sumOf(made, (one) => one.minutes),
    short: nextHour > 0,
    nextHour
  }
}

/**
 * Pieces of a design that the hours of a month allow: what the others leave of them, and never fewer than are asked for now as far as all hours
 * would reach. @param minutes of the month
 */
export function mostOf(month: Month, design: Design, minutes: number): number {
  const each = Math.max(1, minutesEach(design))
  const others = sumOf(month.made, (one) => (one.build === design.build ? 0 : one.minutes))
  return Math.max((minutes - others) / each, Math.min(demandOf(design), minutes / each))
}
