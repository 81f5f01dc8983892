import { describe, expect, test } from '@jest/globals'
import {
  addDays as independentAddDays,
  addMonths,
  addWeeks,
  differenceInCalendarDays,
  format,
  lastDayOfMonth,
  parseISO
} from 'date-fns'
import fc from 'fast-check'
import {
  addDays,
  byDate,
  checkDay,
  compareDays,
  dayFromNumber,
  dayNumber,
  daysBetween,
  earlierDay,
  laterDay,
  minutesBetween,
  minutesPerDay,
  monthlyDay,
  paydays,
  rateOn,
  stageOf,
  stagesFrom
} from '.'

/** date-fns is the independent calendar here. */
const iso = (date: Date): string => format(date, 'yyyy-MM-dd')
const someDay = fc
  .integer({ min: dayNumber('1950-01-01'), max: dayNumber('2150-12-31') })
  .map(dayFromNumber)

describe('days', () => {
  test('only days that exist are taken', () => {
    expect(checkDay('2024-02-29').ok).toBe(true)
    for (const day of [
      '2026-02-29',
      '2026-02-30',
      '2026-13-01',
      '2026-00-10',
      '1900-02-29',
      '2026-1-1',
      '',
      'tomorrow',
      '2300-01-01'
    ])
      expect(checkDay(day).ok).toBe(false)
  })
  test('adding days and counting between days agrees with date-fns', () => {
    fc.assert(
      fc.property(someDay, fc.integer({ min: -5000, max: 5000 }), (day, days) => {
        expect(addDays(day, days)).toBe(iso(independentAddDays(parseISO(day), days)))
        expect(daysBetween(day, addDays(day, days))).toBe(
          differenceInCalendarDays(parseISO(addDays(day, days)), parseISO(day))
        )
      })
    )
  })
})

describe('the order of days', () => {
  test('is that of the calendar, whichever way it is asked for', () => {
    fc.assert(
      fc.property(someDay, someDay, (a, b) => {
        const apart = differenceInCalendarDays(parseISO(a), parseISO(b))
        expect(Math.sign(compareDays(a, b))).toBe(Math.sign(apart))
        expect(Math.sign(byDate({ date: a }, { date: b }))).toBe(Math.sign(apart))
        expect([earlierDay(a, b), laterDay(a, b)]).toEqual(apart < 0 ? [a, b] : [b, a])
      })
    )
    expect(compareDays('2026-05-04', '2026-05-04')).toBe(0)
  })
  test('the years 1900 to 2199 are reckoned with; what is refused says why', () => {
    expect(['1900-01-01', '2199-12-31'].map((day) => checkDay(day).ok)).toEqual([true, true])
    const codes = ['1899-12-31', '2200-01-01', '2026-02-30', '4 May'].map((day) => {
      const read = checkDay(day, ['wished'])
      return read.ok ? '' : read.issues
    })
    expect(codes).toMatchObject(
      ['day.range', 'day.range', 'day.does-not-exist', 'day.format'].map((code) => [
        { code, path: ['wished'] }
      ])
    )
  })
})

describe('hours', () => {
  /** Ten hours a week; none from 8 to 14 January; from 14 January on, which overlaps, twenty. */
  const time = {
    minutesPerWeek: 600,
    changes: [
      { from: '2026-01-08', until: '2026-01-14', minutesPerWeek: 0 },
      { from: '2026-01-14', until: '2026-01-20', minutesPerWeek: 1200 }
    ]
  }
  test('other hours hold on both their days, and the later in the list where two overlap', () => {
    const days = ['01-07', '01-08', '01-13', '01-14', '01-20', '01-21']
    expect(days.map((day) => rateOn(time, `2026-${day}`))).toEqual([600, 0, 0, 1200, 1200, 600])
  })
  test('each day’s minutes add up to those of the stretch', () => {
    const each = minutesPerDay(time, '2026-01-01', 28)
    // Seven days at ten hours, six at none, seven at twenty, eight at ten again: worked by hand.
    expect(each.reduce((sum, one) => sum + one, 0)).toBe(600 + 0 + 1200 + Math.floor((8 * 600) / 7))
    expect([...each].slice(7, 13)).toEqual([0, 0, 0, 0, 0, 0])
    expect(minutesBetween(time, '2026-01-01', '2026-01-01', '2026-01-28')).toBe(
      each.reduce((sum, one) => sum + one, 0)
    )
    expect(minutesBetween(time, '2026-01-01', '2026-01-08', '2026-01-13')).toBe(0)
    expect(minutesBetween(time, '2026-01-01', '2026-01-09', '2026-01-08')).toBe(0)
    expect([...minutesPerDay({ minutesPerWeek: 70 }, '2026-01-01', 3)]).toEqual([10, 10, 10])
  })
})

describe('paydays', () => {
  test('the 31st falls on the last day of shorter months and returns', () => {
    const found = paydays(
      { kind: 'monthly', first: '2026-01-31', dayOfMonth: 31, amount: 100 },
      '2026-01-01',
      '2026-06-30'
    ).map(({ date }) => date)
    expect(found).toEqual([
      '2026-01-31',
      '2026-02-28',
      '2026-03-31',
      '2026-04-30',
      '2026-05-31',
      '2026-06-30'
    ])
  })
  test('monthly paydays agree with date-fns for every day of the month', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 31 }),
        fc.integer({ min: 0, max: 60 }),
        (dayOfMonth, months) => {
          const first = addMonths(parseISO('2024-01-01'), months)
          const last = lastDayOfMonth(first).getDate()
          first.setDate(Math.min(dayOfMonth, last))
          expect(monthlyDay('2024-01-15', months, dayOfMonth)).toBe(iso(first))
        }
      )
    )
  })
  test('weekly and fortnightly paydays agree with date-fns, whatever window they are asked for', () => {
    fc.assert(
      fc.property(
        someDay,
        fc.integer({ min: 0, max: 400 }),
        fc.integer({ min: 0, max: 400 }),
        fc.constantFrom('weekly' as const, 'fortnightly' as const),
        (first, after, length, kind) => {
          const [from, to] = [addDays(first, after), addDays(first, after + length)]
          const expected: string[] = []
          for (let k = 0; ; k++) {
            const date = iso(addWeeks(parseISO(first), k * (kind === 'weekly' ? 1 : 2)))
            if (date > to) break
            if (date >= from) expected.push(date)
          }
          expect(paydays({ kind, first, amount: 1 }, from, to).map(({ date }) => date)).toEqual(
            expected
          )
        }
      )
    )
  })
  test('a list is put in order and cut to the window; an end is kept', () => {
    expect(
      paydays(
        {
          kind: 'list',
          receipts: [
            { date: '2026-07-01', amount: 2 },
            { date: '2026-05-01', amount: 1 },
            { date: '2027-01-01', amount: 3 }
          ]
        },
        '2026-01-01',
        '2026-12-31'
      )
    ).toEqual([
      { date: '2026-05-01', amount: 1 },
      { date: '2026-07-01', amount: 2 }
    ])
    expect(
      paydays(
        { kind: 'weekly', first: '2026-01-01', amount: 1, until: '2026-01-15' },
        '2026-01-01',
        '2026-12-31'
      )
    ).toHaveLength(3)
    expect(paydays({ kind: 'none' }, '2026-01-01', '2026-12-31')).toEqual([])
  })
  test('both ends of the window count, an end beyond it does not lengthen it, nothing comes before the first', () => {
    const monthly = (until?: string): string[] =>
      paydays(
        { kind: 'monthly', first: '2026-02-15', dayOfMonth: 1, amount: 1, until },
        '2026-01-01',
        '2026-05-01'
      ).map(({ date }) => date)
    expect([
      monthly(),
      monthly('2026-04-01'),
      monthly('2026-03-31'),
      monthly('2027-01-01')
    ]).toEqual([
      ['2026-03-01', '2026-04-01', '2026-05-01'],
      ['2026-03-01', '2026-04-01'],
      ['2026-03-01'],
      ['2026-03-01', '2026-04-01', '2026-05-01']
    ])
    const listed = ['2026-01-01', '2026-01-02', '2026-01-03']
    expect(
      paydays(
        { kind: 'list', receipts: listed.map((date) => ({ date, amount: 1 })) },
        '2026-01-01',
        '2026-01-03'
      ).map(({ date }) => date)
    ).toEqual(listed)
  })
})

describe('stages', () => {
  test('are weeks of seven days, fortnights of fourteen, months by the calendar; no day beyond them has one', () => {
    const ends = (length: 'week' | 'fortnight' | 'month'): string[] =>
      stagesFrom('2026-01-31', length, 3).map(({ end }) => end)
    expect([ends('week'), ends('fortnight'), ends('month')]).toEqual([
      ['2026-02-06', '2026-02-13', '2026-02-20'],
      ['2026-02-13', '2026-02-27', '2026-03-13'],
      ['2026-02-27', '2026-03-30', '2026-04-29']
    ])
    const stages = stagesFrom('2026-01-31', 'week', 3)
    expect([
      stageOf(stages, '2026-01-30'),
      stageOf(stages, '2026-02-21'),
      stageOf([], '2026-01-31')
    ]).toEqual([undefined, undefined, undefined])
    expect(stageOf(stages, '2026-02-10')?.index).toBe(1)
  })
  test('lie end to end without gap or overlap', () => {
    fc.assert(
      fc.property(
        someDay,
        fc.constantFrom('week' as const, 'fortnight' as const, 'month' as const),
        fc.integer({ min: 1, max: 60 }),
        (start, length, count) => {
          const stages = stagesFrom(start, length, count)
          expect(stages[0]?.start).toBe(start)
          for (const [index, stage] of stages.entries()) {
            expect(stage.end >= stage.start).toBe(true)
            const next = stages[index + 1]
            if (next) expect(next.start).toBe(addDays(stage.end, 1))
            expect(stageOf(stages, stage.start)).toBe(stage)
            expect(stageOf(stages, stage.end)).toBe(stage)
          }
        }
      ),
      { numRuns: 40 }
    )
  })
  test('a week never holds more than its minutes, and parts add up to the whole', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 3000 }),
        fc.integer({ min: 0, max: 300 }),
        fc.integer({ min: 0, max: 60 }),
        (perWeek, start, length) => {
          const origin = '2026-01-01'
          const from = addDays(origin, start)
          const middle = addDays(from, Math.floor(length / 2))
          const to = addDays(from, length)
          expect(minutesBetween({ minutesPerWeek: perWeek }, origin, from, addDays(from, 6))).toBe(
            perWeek
          )
          expect(
            minutesBetween({ minutesPerWeek: perWeek }, origin, from, middle) +
              minutesBetween({ minutesPerWeek: perWeek }, origin, addDays(middle, 1), to)
          ).toBe(minutesBetween({ minutesPerWeek: perWeek }, origin, from, to))
        }
      )
    )
  })
})
