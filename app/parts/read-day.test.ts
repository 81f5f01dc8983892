import { beforeAll, describe, expect, test } from '@jest/globals'
import { isMonthFirst, loadReaders, readDay, type DayContext, type DayReaders } from './read-day'

let readers: DayReaders
beforeAll(async () => {
  readers = await loadReaders()
})
/** Monday, 4 May 2026. */
const MONDAY: DayContext = {
  today: '2026-05-04',
  monthFirst: false,
  ahead: false,
  nextPayday: '2026-06-01'
}
const read = (text: string, more: Partial<DayContext> = {}) =>
  readDay(text, readers, { ...MONDAY, ...more })
const day = (value: string) => ({ ok: true, value })
const code = (result: ReturnType<typeof read>) => (result.ok ? 'ok' : result.issues[0]?.code)

describe('days as people write them', () => {
  test.each([
    ['3 May', '2026-05-03'],
    ['May 3', '2026-05-03'],
    ['3rd of June', '2026-06-03'],
    ['3.5.', '2026-05-03'],
    ['03.05.2027', '2027-05-03'],
    ['1 October', '2026-10-01'],
    ['3 May 2027', '2027-05-03'],
    ['2027-05-03', '2027-05-03'],
    ['today', '2026-05-04'],
    ['tomorrow', '2026-05-05'],
    ['yesterday', '2026-05-03'],
    ['heute', '2026-05-04'],
    ['3. Mai', '2026-05-03'],
    ['next payday', '2026-06-01'],
    ['payday', '2026-06-01'],
    ['29 Feb 2028', '2028-02-29']
  ])('%s is %s', (text, expected) => {
    expect(read(text)).toEqual(day(expected))
  })
  test('5/3 is the fifth of March where days come first, the third of May where months do', () => {
    expect(read('5/3')).toEqual(day('2026-03-05'))
    expect(read('5/3', { monthFirst: true })).toEqual(day('2026-05-03'))
    expect(read('5/3/27')).toEqual(day('2027-03-05'))
    // A date with dots is days first everywhere.
    expect(read('5.3.2027', { monthFirst: true })).toEqual(day('2027-03-05'))
  })
  test('without its year a date is the nearest, or the next where the field looks ahead', () => {
    expect(read('25 April')).toEqual(day('2026-04-25'))
    expect(read('25 April', { ahead: true })).toEqual(day('2027-04-25'))
  })
  test('“next Friday” is asked about with both days; said on a Friday it is not today', () => {
    const monday = read('next Friday')
    expect(monday.ok || monday.issues[0]).toMatchObject({
      code: 'day.which-one',
      figures: { first: '2026-05-08', second: '2026-05-15' }
    })
    const friday = read('next Friday', { today: '2026-05-08' })
    expect(friday.ok || friday.issues[0]).toMatchObject({
      figures: { first: '2026-05-15', second: '2026-05-22' }
    })
  })
  test.each([
    ['31 Feb', 'day.not-read'],
    ['29 Feb 2027', 'day.not-read'],
    ['2027-02-29', 'day.does-not-exist'],
    ['1850-01-01', 'day.range'],
    ['May', 'day.not-read'],
    ['soon', 'day.not-read'],
    ['1 May or so', 'day.not-read'],
    ['3 to 5 May', 'day.not-read'],
    ['', 'day.not-read']
  ])('%s is refused: %s', (text, expected) => {
    expect(code(read(text))).toBe(expected)
  })
  test('a payday that is not there is said; before the readers are loaded only the plain form is read', () => {
    expect(code(read('next payday', { nextPayday: undefined }))).toBe('day.no-payday')
    expect(readDay('2027-05-03', undefined, MONDAY)).toEqual(day('2027-05-03'))
    expect(code(readDay('3 May', undefined, MONDAY))).toBe('day.not-read')
  })
})

/** CLDR: the order of day and month by language (also common practice). */
test.each([
  ['en-US', true],
  ['en-GB', false],
  ['de-DE', false],
  ['fr-CH', false]
])('%s writes the month first: %s', (language, expected) => {
  expect(isMonthFirst(language)).toBe(expected)
})
