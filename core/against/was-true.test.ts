import { describe, expect, test } from '@jest/globals'
import type { Plan, Workspace } from '../workspace'
import { lookBack, planTruth } from '.'
import { build, worldWith } from '../../tests/helpers/workspaces'

/** A plan kept on 1 January: a stool by the end of January in 600 minutes, a chest by the end of March in 1200. */
const plan: Plan = {
  format: 'frugal-ledger/plan',
  version: 1,
  workspace: { id: 'w', hash: 'h' },
  libraryVersion: '1',
  asOf: '2026-01-01',
  until: '2026-12-31',
  purchases: [],
  builds: [
    {
      build: 'stool',
      begin: '2026-01-01',
      done: '2026-01-31',
      work: [{ stage: '2026-01-01', minutes: 600 }],
      methods: {},
      material: 2000
    },
    {
      build: 'chest',
      begin: '2026-02-01',
      done: '2026-03-31',
      work: [
        { stage: '2026-02-01', minutes: 600 },
        { stage: '2026-03-01', minutes: 600 }
      ],
      methods: {},
      material: 6000
    }
  ],
  kept: {
    on: '2026-01-01',
    balance: 0,
    entries: [],
    income: [],
    chances: [
      { build: 'stool', by: '2026-01-31', chance: 0.8 },
      { build: 'chest', by: '2026-04-15', chance: 0.9 }
    ]
  }
}
const world = (asOf: string, more: Partial<Workspace> = {}) =>
  worldWith({
    asOf,
    builds: [
      build('step-stool', {
        id: 'stool',
        log: { begun: '2026-01-05', done: '2026-02-20', minutesSpent: 900 }
      }),
      build('blanket-chest', { id: 'chest' })
    ],
    ledger: [],
    adopted: [plan],
    ...more
  })

describe('was it true', () => {
  test('the stool came twenty days late and took half as long again; the chest is late by as much as today', () => {
    const truth = planTruth(world('2026-04-30'), plan)
    expect(
      truth.builds.map(({ build: id, late, plannedMinutes, minutes, inTime }) => [
        id,
        late,
        plannedMinutes,
        minutes,
        inTime
      ])
    ).toEqual([
      ['chest', 30, 1200, undefined, false],
      ['stool', 20, 600, 900, false]
    ])
  })
  test('what was not to be ready yet is not judged', () =>
    expect(planTruth(world('2026-02-10'), plan).builds.map(({ build: id }) => id)).toEqual([
      'stool'
    ]))
  test('hours planned and logged up to a day: of a stage under way the part that is over', () => {
    // January whole, fourteen of the twenty-nine days from 1 February to 1 March.
    const truth = planTruth(world('2026-02-14'), plan)
    expect(truth.plannedMinutes).toBe(600 + Math.round((600 * 14) / 29))
    // 900 minutes over 47 days from 5 January, 41 of them by then.
    expect(truth.loggedMinutes).toBeCloseTo((900 * 41) / 47, 6)
  })
  test('sessions count on their day', () => {
    const logged = world('2026-01-31', {
      builds: [
        build('step-stool', {
          id: 'stool',
          log: {
            begun: '2025-12-01',
            minutesSpent: 200,
            sessions: [
              { id: 'a', on: '2025-12-10', minutes: 120 },
              { id: 'b', on: '2026-01-10', minutes: 80 }
            ]
          }
        })
      ]
    })
    expect(planTruth(logged, plan).loggedMinutes).toBe(80)
  })
  test('which defaults were off: half as many hours as planned with, half as long again for each build', () => {
    const { wrong, calibration } = lookBack(world('2026-04-30'), [plan])
    // 1800 minutes were planned by then and 900 logged in 119 days: 53 a week.
    expect(wrong).toEqual([
      { kind: 'hours', planned: worldWith({}).workspace.time.minutesPerWeek, real: 53 },
      { kind: 'times', times: 1.5, builds: 1 }
    ])
    // Said with 0.8 and 0.9, and neither came in time: (0.64 + 0.81)/2.
    expect(calibration?.brier).toBeCloseTo(0.725, 12)
  })
  test('a plan of a fortnight says nothing of habits', () =>
    expect(lookBack(world('2026-01-15'), [plan]).wrong).toEqual([]))
  test('nothing kept', () =>
    expect(lookBack(world('2026-04-30'), [])).toEqual({
      plans: [],
      calibration: undefined,
      wrong: []
    }))
})
