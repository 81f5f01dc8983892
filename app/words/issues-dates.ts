import { quoted, t, type Sentences } from './sentences'

/** Sentences for days that cannot be read or do not fit. */
export const DATES = {
  'day.format': (_, f) =>
    `${quoted(f.text)} is not a date. Write year, month and day, such as 2026-05-04.`,
  'day.no-payday': () =>
    'No money is expected in this plan, so there is no next payday. Write the date.',
  'day.not-read': (_, f) =>
    `${quoted(f.text)} could not be read as a day. Write it like 3 May, 3 May 2027, today or 2027-05-03.`,
  'day.which-one': (say, f) =>
    `${quoted(f.text)} is ${say.day(t(f.first))} to some and ${say.day(t(f.second))} to others. Write the date.`,
  'day.range': (_, f) => `The date ${t(f.text)} is outside the years 1900 to 2199.`,
  'day.does-not-exist': (_, f) => `The date ${t(f.text)} does not exist.`
} satisfies Partial<Sentences>

/** Sentences for figures that cannot be read or do not fit. */
export const FIGURES = {
  'money.not-a-number': (_, f) => `${quoted(f.text)} is not an amount. Write it like 12.50.`,
  'money.fraction': (_, f) =>
    `${t(f.value) === '' ? 'This' : t(f.value)} has more decimals than the currency. Amounts are kept in whole minor units.`,
  'money.negative': () => 'This amount must not be negative.',
  'money.too-large': () => 'The amount is larger than this program reckons with.',
  'length.not-a-length': (_, f) =>
    `${quoted(f.text)} is not a length. Write it like 450, 45 cm, 23 1/2 or 6 ft.`,
  'length.ambiguous': (_, f) =>
    `${quoted(f.text)} can be read in two ways. Write ${t(f.thousands)} without a mark, or one digit more or fewer behind it.`,
  'length.not-positive': () => 'A length must be more than zero.',
  'ledger.future': (say, f) =>
    `${say.day(t(f.date))} is still to come. The ledger holds only money that has moved; use a planned one-off instead.`,
  'money.line': (_, f) =>
    `${quoted(f.line)} is no day with an amount. Write 2026-07-15 300, one to a line.`,
  'ledger.zero': () => 'An entry needs an amount.',
  'text.needed': () => 'Say in a word or two what it is.',
  'quantity.not-positive': () => 'A quantity must be more than zero.'
} satisfies Partial<Sentences>
