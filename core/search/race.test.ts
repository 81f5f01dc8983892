import { expect, test } from '@jest/globals'
import { GENERATED_TODAY, generateWorkspace } from '../../scripts/bench/generate'
import { library } from '../../data'
import { worldOf } from '../workspace'
import { Planner } from './planner'
import { problemOf } from './problem'
import { beside, laneHere, laneWithSpare, race, type Lane } from './race'

const world = worldOf(generateWorkspace(library, 'medium', 3), library, GENERATED_TODAY)
const problem = problemOf(world)
const EVALUATIONS = 18_000
const atOnce = (): Promise<void> => Promise.resolve()
const later = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, 2))
const second = (): Planner => beside(world, undefined, problem)

/** The value found, with how often the race was looked at. */
async function run(lane: Lane, slice: number, stopAfter = Infinity) {
  const planner = new Planner(world, 1, undefined, problem)
  let looks = 0
  const look = (): boolean => ++looks < stopAfter
  const ended = await race(planner, lane, { evaluations: EVALUATIONS, slice, look })
  return { ended, told: planner.told(), evaluations: planner.effort.evaluations }
}

/** A lane that is lost at the n-th stretch. */
function mortal(lane: Lane, at: number): Lane {
  let stretch = 0
  return {
    goOn: (to, heard) =>
      ++stretch === at ? Promise.reject(new Error('killed')) : lane.goOn(to, heard)
  }
}

test('a race ends alike whether the second search is quick, slow, or killed in the middle and done again', async () => {
  const quick = await run(laneHere(second, 4000, atOnce), 1000)
  const slow = await run(laneHere(second, 500, later), 1000)
  expect(slow).toEqual(quick)
  for (const at of [1, 2, 3]) {
    const spare = (): Lane => laneHere(second, 1000, atOnce)
    const killed = await run(laneWithSpare(mortal(laneHere(second, 1000, later), at), spare), 1000)
    expect(killed).toEqual(quick)
  }
})

test('what either of the two finds, both have in the end: no less than each alone', async () => {
  const { ended, told } = await run(laneHere(second, 1000, atOnce), 1000)
  expect(ended).toBe(true)
  for (const alone of [new Planner(world, 1, undefined, problem), second()]) {
    alone.advance(8000)
    expect(told.value).toBeGreaterThanOrEqual(alone.value)
  }
})

test('a race that nobody wants any more ends', async () => {
  const { ended, evaluations } = await run(laneHere(second, 1000, atOnce), 1000, 3)
  expect(ended).toBe(false)
  expect(evaluations).toBeLessThan(5000)
})
