import { expect, test } from '@jest/globals'
import fc from 'fast-check'
import { upperBound } from '../../cli/solver'
import type { EventTimes } from '../search'
import { addBounds, addGain, addRow, emptyProgram, programText } from './program'
import { writeWaiting, type Waited } from './waiting'

const HORIZON = 200

/** Days on which there are minutes or none, and a discount that falls by the same share each day. */
const eventsOf = (minutes: readonly number[], perDay: number): EventTimes =>
  ({
    horizon: HORIZON,
    minutes: Float64Array.from({ length: HORIZON }, (_, day) => minutes[day % minutes.length] ?? 0),
    discount: Float64Array.from({ length: HORIZON + 1 }, (_, day) => Math.pow(1 - perDay, day))
  }) as unknown as EventTimes

/** The day on which so many minutes of work have been done; undefined where the days do not suffice. */
function dayOf({ minutes }: EventTimes, work: number): number | undefined {
  let through = 0
  for (let day = 0; day < HORIZON; day++) {
    through += minutes[day] ?? 0
    if (through >= work) return day
  }
  return undefined
}

/** All orders of a list. */
const ordersOf = <T>(list: readonly T[]): T[][] =>
  list.length === 0
    ? [[]]
    : list.flatMap((one, i) =>
        ordersOf([...list.slice(0, i), ...list.slice(i + 1)]).map((rest) => [one, ...rest])
      )

/** What the best order of the builds brings, each when its work and that of those before it is done: every order tried. */
const bestOrder = (events: EventTimes, builds: readonly Waited[]): number =>
  Math.max(
    ...ordersOf(builds).map((order) => {
      let work = 0
      return order.reduce((sum, { worth, minutes }) => {
        work += minutes
        const day = dayOf(events, work)
        return sum + (day === undefined ? 0 : worth * (events.discount[day] ?? 0))
      }, 0)
    })
  )

/** The most the rows allow with all builds made. */
async function allowed(events: EventTimes, builds: readonly Waited[]): Promise<number> {
  const program = emptyProgram()
  writeWaiting(program, { events }, builds)
  for (const { done } of builds) {
    addBounds(program, done, 1)
    addRow(program, [[1, done]], '=', 1)
  }
  const text = programText(program, false)
  return (
    (await upperBound({
      text,
      constant: 0,
      columns: program.columns.size,
      rows: program.rows.length
    })) ?? Number.NaN
  )
}

const day = fc.constantFrom(0, 0, 60, 90, 240)
test('whatever the order, no builds are worth more together than the rows allow (every order of up to five tried)', async () => {
  await fc.assert(
    fc.asyncProperty(
      fc.array(day, { minLength: 1, maxLength: 7 }),
      fc.double({ min: 0.0003, max: 0.004, noNaN: true }),
      fc.array(fc.tuple(fc.integer({ min: 1, max: 900 }), fc.integer({ min: 100, max: 90_000 })), {
        minLength: 1,
        maxLength: 5
      }),
      async (minutes, perDay, list) => {
        const events = eventsOf([...minutes, 60], perDay)
        const builds = list.map(([work, worth], i): Waited => {
          const first = dayOf(events, work)
          const atBest = first === undefined ? 0 : (events.discount[first] ?? 0)
          return { done: `x${i}_0`, worth, minutes: work, atBest }
        })
        expect(await allowed(events, builds)).toBeGreaterThanOrEqual(
          bestOrder(events, builds) * (1 - 1e-9) - 1e-6
        )
      }
    ),
    { numRuns: 60, seed: 20_261_130 }
  )
})

test('two builds of 10 hours each at an hour a day: one of them waits ten days for the other', async () => {
  const events = eventsOf([60], 0.002)
  const builds = [0, 1].map((i) => ({
    done: `x${i}_0`,
    worth: 10_000,
    minutes: 600,
    atBest: Math.pow(0.998, 9)
  }))
  const most = await allowed(events, builds)
  // By hand: 10 000 on day 9 and on day 19; both on day 9 would be 19 643.
  expect(10_000 * (Math.pow(0.998, 9) + Math.pow(0.998, 19))).toBeCloseTo(19_448.2, 0)
  expect(most).toBeGreaterThanOrEqual(19_448)
  expect(most).toBeLessThan(19_500)
})

test('a column that is written twice counts as the sum, in the objective and in a row', async () => {
  const program = emptyProgram()
  addGain(program, 5, 'x')
  addGain(program, -3, 'x')
  addRow(
    program,
    [
      [1, 'x'],
      [1, 'x'],
      [0.5, 'y']
    ],
    '<=',
    10
  )
  const text = programText(program, false)
  expect(await upperBound({ text, constant: 0, columns: 2, rows: 1 })).toBeCloseTo(10, 6)
})
