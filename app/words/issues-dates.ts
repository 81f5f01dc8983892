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
