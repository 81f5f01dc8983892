import { describe, expect, test } from '@jest/globals'
import { GENERATED_TODAY, generateWorkspace } from '../../scripts/bench/generate'
import { plantedMonths, plantedPurse } from '../../tests/helpers/planted'
import { demoWorld } from '../../tests/helpers/workspaces'
import { library } from '../../data'
import { worldOf } from '../workspace'
import { Search } from './anneal'
import { greedySearch } from './greedy'
import { makePlan, type Planner } from './planner'
import { problemOf } from './problem'

/** Values are sums of rounded amounts. */
const ROUNDING = 2

/** The value of the plan found, as the evaluator says. */
function valueOf(world: Planner['world'], evaluations: number): number {
  const outcome = makePlan(world, { evaluations })
  if (outcome.kind === 'clash') throw new Error('no pins here')
  expect(outcome.report.broken).toEqual([])
  return outcome.report.value.total
}

/** Plans whose value nothing can exceed, by arguments that stand at the constructions: apart from this program's search and bound. */
describe('planted optima', () => {
  test.each(Array.from({ length: 12 }, (_, i) => i + 1))(
    'a purse that fits six of twelve groups to the cent (seed %i): all six are found, and nothing else',
    (seed) => {
      const { world, optimum } = plantedPurse(seed, 6, 6)
      const value = valueOf(world, 6000)
      expect(value).toBeLessThanOrEqual(optimum + ROUNDING)
      expect(value).toBeGreaterThanOrEqual(optimum - ROUNDING)
    }
  )
  test.each([1, 2, 3, 4])(
    'twenty of forty groups (seed %i): no more than the optimum, and within two per cent of it',
    (seed) => {
      const { world, optimum } = plantedPurse(seed, 20, 20)
      const value = valueOf(world, 12_000)
      expect(value).toBeLessThanOrEqual(optimum + ROUNDING)
      expect(value).toBeGreaterThanOrEqual(0.98 * optimum)
    }
  )
  test.each([1, 2, 3, 4, 5, 6])('a tool a month (seed %i): the dearest build first', (seed) => {
    const { world, optimum } = plantedMonths(seed, 9)
    const value = valueOf(world, 6000)
    expect(value).toBeLessThanOrEqual(optimum + ROUNDING)
    expect(value).toBeGreaterThanOrEqual(optimum - ROUNDING)
  })
})

describe('a second, simpler search', () => {
  test.each([
    ['small 4', worldOf(generateWorkspace(library, 'small', 4), library, GENERATED_TODAY)],
    ['small 9', worldOf(generateWorkspace(library, 'small', 9), library, GENERATED_TODAY)],
    ['medium 4', worldOf(generateWorkspace(library, 'medium', 4), library, GENERATED_TODAY)],
    ['large 4', worldOf(generateWorkspace(library, 'large', 4), library, GENERATED_TODAY)],
    ['third-floor', demoWorld('third-floor')],
    ['half-a-garage', demoWorld('half-a-garage')]
  ])('%s: with twice as many evaluations it finds nothing better', (_name, world) => {
    const problem = problemOf(world)
    const search = new Search(problem, 1)
    search.advance(6000)
    expect(greedySearch(problem, 5, 12_000)).toBeLessThanOrEqual(search.bestValue + ROUNDING)
  })
})
