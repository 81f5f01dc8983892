import { describe, expect, test } from '@jest/globals'
import { minutesBetween, minutesPerDay, rateOn, addDays } from '../calendar'
import { library } from '../../data'
import { TODAY, demo } from '../../tests/helpers/workspaces'
import { emptyPlan } from '../plan'
import { worldOf, workspaceHash, type Workspace } from '../workspace'
import { floorFor } from '../workshop'
import { readPlan, readWorkspace, writePlan, writeWorkspace } from '.'

/** What the Stages and the Workshop keep in files: read back as written, refused with a code where it cannot be right. */
const full: Workspace = {
  ...demo('hive-yard'),
  time: {
    minutesPerWeek: 240,
    changes: [
      { from: '2026-07-01', until: '2026-07-21', minutesPerWeek: 0 },
      { from: '2026-07-15', until: '2026-07-31', minutesPerWeek: 600 }
    ]
  },
  workshop: { ...demo('hive-yard').workshop, room: { lengthM: 6, widthM: 3.5 } },
  money: { ...demo('hive-yard').money, cap: 90_000 },
  scenarios: [
    { id: 'a', name: 'More money', change: { incomeTimes: 1.5 } },
    {
      id: 'b',
      name: 'Later',
      change: {
        hoursTimes: 0.5,
        extra: { date: '2026-09-01', amount: -5000 },
        school: 'hand-held',
        without: ['table-saw'],
        pins: [{ offer: 'pull-saw/weekend/new/buy/hand', count: 1, date: '2026-06-01' }]
      }
    }
  ]
}

describe('a workspace with everything the Stages know', () => {
  test('is read as it was written', () => {
    const read = readWorkspace(writeWorkspace(full), library)
    if (!read.ok) throw new Error(JSON.stringify(read.issues))
    expect(read.value.workspace).toEqual(full)
  })
  test.each<[string, string, (state: Workspace) => unknown]>([
    [
      'hours.ends-before-it-begins',
      'hours that end before they begin',
      (state) => ({
        ...state,
        time: {
          minutesPerWeek: 60,
          changes: [{ from: '2026-08-01', until: '2026-07-01', minutesPerWeek: 0 }]
        }
      })
    ],
    [
      'number.too-large',
      'more hours than a week has',
      (state) => ({
        ...state,
        time: {
          minutesPerWeek: 60,
          changes: [{ from: '2026-07-01', until: '2026-08-01', minutesPerWeek: 20_000 }]
        }
      })
    ],
    [
      'money.negative',
      'a negative cap',
      (state) => ({ ...state, money: { ...state.money, cap: -1 } })
    ],
    [
      'day.does-not-exist',
      'money on a day that does not exist',
      (state) => ({
        ...state,
        scenarios: [{ id: 'x', name: 'x', change: { extra: { date: '2026-02-30', amount: 1 } } }]
      })
    ],
    [
      'text.empty',
      'a scenario without a name',
      (state) => ({ ...state, scenarios: [{ id: 'x', name: ' ', change: {} }] })
    ]
  ])('%s: %s', (code, _what, spoil) => {
    const read = readWorkspace(JSON.stringify(spoil(full)), library)
    expect(read.ok).toBe(false)
    if (!read.ok) expect(read.issues.map((one) => one.code)).toContain(code)
  })
  test('other ways it could go do not make the plan an older one; hours and cap do', () => {
    const base = workspaceHash(full)
    expect(workspaceHash({ ...full, scenarios: [] })).toBe(base)
    expect(workspaceHash({ ...full, money: { ...full.money, cap: 1 } })).not.toBe(base)
    expect(workspaceHash({ ...full, time: { minutesPerWeek: 240 } })).not.toBe(base)
  })
})

test('a plan with batches, resales, savings and what it counted on is read as it was written', () => {
  const world = worldOf(full, library, TODAY)
  const plan = {
    ...emptyPlan(world),
    builds: [
      {
        build: 'hive-boxes',
        copies: 2,
        begin: TODAY,
        done: TODAY,
        work: [],
        methods: {},
        material: 0
      }
    ],
    resales: [{ item: 'i', date: TODAY, amount: 100 }],
    savings: [{ deal: 'd', date: TODAY, amount: 5 }],
    kept: {
      on: TODAY,
      balance: 5,
      entries: ['e1'],
      income: [
        { date: TODAY, amount: 100 },
        { date: TODAY, amount: -20 }
      ]
    }
  }
  const read = readPlan(writePlan(plan))
  expect(read.ok && read.value).toEqual(plan)
})

describe('hours that change for a time', () => {
  const { time } = full
  test('the later stretch in the list holds where two overlap', () => {
    expect([
      rateOn(time, '2026-06-30'),
      rateOn(time, '2026-07-02'),
      rateOn(time, '2026-07-15'),
      rateOn(time, '2026-07-31'),
      rateOn(time, '2026-08-01')
    ]).toEqual([240, 0, 600, 600, 240])
  })
  test('minutes of single days add up to the minutes of the stretch, and a week at one rate holds just that', () => {
    const days = minutesPerDay(time, TODAY, 120)
    for (const length of [1, 30, 58, 90, 120]) {
      const sum = days.slice(0, length).reduce((total, one) => total + one, 0)
      expect(sum).toBe(minutesBetween(time, TODAY, TODAY, addDays(TODAY, length - 1)))
    }
    expect(minutesBetween(time, TODAY, '2026-07-02', '2026-07-08')).toBeLessThanOrEqual(1)
    expect(
      Math.abs(minutesBetween(time, TODAY, '2026-07-18', '2026-07-24') - 600)
    ).toBeLessThanOrEqual(1)
  })
})

test('a third of the room is offered for tools put away, common practice', () => {
  expect(floorFor({ lengthM: 6, widthM: 3 })).toBe(6)
  expect(floorFor({ lengthM: 4.5, widthM: 2.2 })).toBe(3.3)
})
