import { describe, expect, test } from '@jest/globals'
import {
  asWorkspace,
  dayLate,
  drawn,
  leastTardiness,
  mostWithin,
  unitWorth,
  wholeOf,
  type Job
} from '../../tests/helpers/sequencing'
import { buildWorth, type World } from '../workspace'
import { makePlan } from './planner'

/** What the plan found loses of the worth of all builds, minor units, as the evaluator says. */
function lost(world: World, evaluations = 6000): number {
  const outcome = makePlan(world, { evaluations })
  if (outcome.kind !== 'planned') throw new Error(outcome.kind)
  expect(outcome.report.broken).toEqual([])
  const all = world.workspace.builds.reduce((sum, build) => sum + buildWorth(world, build), 0)
  return all - outcome.report.value.total
}
/** Weighted days late of the plan found. */
function daysLate(jobs: readonly Job[]): number {
  const world = asWorkspace(jobs, wholeOf(jobs) + 7)
  return lost(world) / dayLate(world, jobs)
}
/** The hours part against single-machine scheduling, whose optima other methods than this program's search give. */
describe('the order of builds in the hours there are', () => {
  /** Pinedo, “Scheduling: Theory, Algorithms, and Systems”, the worked example of total tardiness by dynamic programming; from memory. */
  test('a textbook’s five jobs are 370 days late in all', () => {
    const due = [260, 266, 266, 336, 337]
    const jobs = [121, 79, 147, 83, 130].map((days, k) => ({ days, weight: 1, due: due[k]! }))
    expect(leastTardiness(jobs)).toBe(370)
    expect(daysLate(jobs)).toBeCloseTo(370, 6)
  })
  test.each(
    [0.2, 0.4, 0.6, 0.8, 1].flatMap((tardiness, i) =>
      [0.2, 0.4, 0.6, 0.8, 1].map((range, k) => [tardiness, range, 1 + i * 5 + k] as const)
    )
  )(
    'ten jobs by Fisher’s rule, tardiness %d, range %d (seed %i): weighted days late as few as there can be',
    (tardiness, range, seed) => {
      const jobs = drawn(seed, 10, tardiness, range)
      expect(daysLate(jobs)).toBeCloseTo(leastTardiness(jobs), 6)
    }
  )
  test.each([1, 2, 3, 4, 5, 6])(
    'nine jobs of which some need the jig another makes (seed %i): as few as the order allows',
    (seed) => {
      const free = drawn(100 + seed, 9, 0.6, 0.6)
      const jobs = free.map((job, k): Job => (k >= 5 ? { ...job, after: [k - 5] } : job))
      expect(leastTardiness(jobs)).toBeGreaterThan(leastTardiness(free))
      expect(daysLate(jobs)).toBeCloseTo(leastTardiness(jobs), 6)
    }
  )
  test.each([1, 2, 3, 4, 5, 6])(
    'twelve jobs and hours for half of them (seed %i): those are done that are worth most together',
    (seed) => {
      const jobs = drawn(200 + seed, 12, 0, 0).map((job) => ({ ...job, due: 1000 }))
      const days = 7 * Math.floor(wholeOf(jobs) / 14)
      const world = asWorkspace(jobs, days)
      const all = jobs.reduce((sum, { weight }) => sum + weight, 0)
      expect(all - lost(world) / unitWorth(world, jobs)).toBeCloseTo(mostWithin(jobs, days), 6)
    }
  )
})
