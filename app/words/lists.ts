import { localeNow, said } from './language'

/** What lists to choose from and months to pick from say by themselves. */
export const lists = said('lists', {
  emptyMessage: 'Nothing to choose from',
  emptyFilterMessage: 'Nothing by that name',
  emptySearchMessage: 'Nothing by that name',
  emptySelectionMessage: 'Nothing chosen',
  searchMessage: '{0} to choose from',
  selectionMessage: '{0} chosen',
  previous: 'Previous',
  next: 'Next',
  close: 'Close',
  selectAll: 'All chosen',
  unselectAll: 'None chosen',
  chooseDate: 'Choose a day',
  chooseMonth: 'Choose a month',
  chooseYear: 'Choose a year',
  prevMonth: 'Month before',
  nextMonth: 'Month after',
  prevYear: 'Year before',
  nextYear: 'Year after',
  prevDecade: 'Ten years before',
  nextDecade: 'Ten years after'
})

const MONTHS = 12
const DAYS = 7
/** A Sunday, and a first of January. */
const [SUNDAY, JANUARY] = [Date.UTC(2023, 0, 1), Date.UTC(2023, 0, 15)]
const MS_PER_DAY = 86_400_000

/** Names of days and months in the language that is spoken, Sunday and January first. */
export function calendarNames(): {
  readonly dayNames: string[]
  readonly dayNamesShort: string[]
  readonly dayNamesMin: string[]
  readonly monthNames: string[]
  readonly monthNamesShort: string[]
} {
  const day = (weekday: 'long' | 'short'): string[] => {
    const names = new Intl.DateTimeFormat(localeNow(), { weekday, timeZone: 'UTC' })
    return Array.from({ length: DAYS }, (_, i) => names.format(SUNDAY + i * MS_PER_DAY))
  }
  const month = (form: 'long' | 'short'): string[] => {
    const names = new Intl.DateTimeFormat(localeNow(), { month: form, timeZone: 'UTC' })
    return Array.from({ length: MONTHS }, (_, i) => names.format(new Date(JANUARY).setUTCMonth(i)))
  }
  const short = day('short')
  return {
    dayNames: day('long'),
    dayNamesShort: short,
    dayNamesMin: short.map((name) => name.slice(0, 2)),
    monthNames: month('long'),
    monthNamesShort: month('short')
  }
}
