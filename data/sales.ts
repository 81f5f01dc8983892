/** A sale that is usual somewhere, by the days of a year as month and day. */
export interface UsualSale {
  readonly id: 'spring' | 'early-summer' | 'late-autumn' | 'year-end'
  readonly from: string
  readonly until: string
  /** Share usually taken off, and chance that a shop has it; 0 to 1. */
  readonly off: number
  readonly chance: number
}

/** Common practice, from memory: shops cluster their sales around the season's start, father's day, the shopping days of November and the year's end. */
const SPRING: UsualSale = { id: 'spring', from: '03-20', until: '04-05', off: 0.1, chance: 0.5 }
const SUMMER: UsualSale = { id: 'early-summer', from: '06-08', until: '06-21', off: 0.15, chance: 0.6 }
const AUTUMN: UsualSale = { id: 'late-autumn', from: '11-20', until: '11-30', off: 0.2, chance: 0.8 }
const YEAR_END: UsualSale = { id: 'year-end', from: '12-26', until: '01-08', off: 0.15, chance: 0.6 }

/** Father's day falls on another day of the year in some places: with Ascension in May, early in November, or in September. */
const SUMMER_ELSEWHERE: Readonly<Record<string, Partial<UsualSale>>> = {
  EUR: { from: '05-08', until: '06-05' },
  SEK: { from: '11-01', until: '11-12' },
  NOK: { from: '11-01', until: '11-12' },
  AUD: { from: '08-24', until: '09-07' },
  NZD: { from: '08-24', until: '09-07' }
}
/** South of the equator spring begins in September. */
const SPRING_ELSEWHERE: Readonly<Record<string, Partial<UsualSale>>> = {
  AUD: { from: '09-15', until: '10-05' },
  NZD: { from: '09-15', until: '10-05' }
}

/** Sales of the year to start from, in the order of the year, by the currency that is paid in. */
export const usualSales = (currency: string): readonly UsualSale[] =>
  [{ ...SPRING, ...SPRING_ELSEWHERE[currency] }, { ...SUMMER, ...SUMMER_ELSEWHERE[currency] }, AUTUMN, YEAR_END].sort(
    (a, b) => (a.from < b.from ? -1 : 1)
  )
