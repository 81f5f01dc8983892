import { readFileSync, readdirSync } from 'node:fs'
import { describe, expect, test } from '@jest/globals'
import { library } from '../../data'
import { GENERATED_TODAY, generateWorkspace } from '../../scripts/bench/generate'
import { limitsOf, upperBound } from '../../cli/solver'
import { readPlan, readWorkspace } from '../formats'
import { evaluate } from '../plan'
import { makePlan } from '../search'
import { worldOf, type World } from '../workspace'
import { boundFrom, boundModel, isProven } from '.'

const FOLDER = new URL('../../tests/fixtures/planner/', import.meta.url)
const names = readdirSync(FOLDER)
  .filter((name) => name.endsWith('.ref.json'))
  .map((name) => name.replace('.ref.json', ''))
const text = (name: string): string => readFileSync(new URL(name, FOLDER), 'utf8')

/** Limits that are waited for: of two programs, then of each branch. Of the large references the first only: the second takes half a minute. */
const LIMITS = 8
async function someLimits(world: World, value: number, most: number): Promise<number[]> {
  const limits: number[] = []
  for await (const bound of limitsOf(world, value)) {
    limits.push(bound)
    if (limits.length === most) break
  }
  return limits
}
/** Bounds and plans are sums of rounded amounts. */
const ROUNDING = 1

describe('small workspaces with plans found by exhaustive search, apart from this program’s', () => {
  test('there are some', () => expect(names.length).toBeGreaterThan(20))
  test.each(names)(
    '%s: the reference plan breaks no rule, is worth no more than the bound, and no more than what is found',
    async (name) => {
      const read = readWorkspace(text(`${name}.json`), library)
      const plan = readPlan(text(`${name}.ref.json`))
      if (!read.ok || !plan.ok) throw new Error(name)
      const world = worldOf(read.value.workspace, library, GENERATED_TODAY)
      const { broken, value } = evaluate(world, plan.value)
      expect(broken).toEqual([])
      const found = makePlan(world, { evaluations: 4000 })
      const limits = await someLimits(world, value.total, name.startsWith('mini') ? LIMITS : 1)
      const lowest = Math.min(...limits)
      expect(limits.length).toBeGreaterThan(0)
      expect(lowest).toBeGreaterThanOrEqual(value.total - ROUNDING)
      if (found.kind === 'planned') {
        expect(found.report.broken).toEqual([])
        expect(lowest).toBeGreaterThanOrEqual(found.report.value.total - ROUNDING)
        // Finds bought before they are gone, deals, floor that is freed, hires in turn: within three thousandths of the best by hand.
        expect(found.report.value.total).toBeGreaterThanOrEqual(
          value.total - Math.max(ROUNDING, 0.003 * Math.abs(value.total))
        )
      }
    }
  )
})

test.each([1, 2, 5])(
  'a deal on every tool of a generated workspace (seed %i): no plan is worth more than the bound',
  async (seed) => {
    const made = generateWorkspace(library, 'small', seed)
    const tools = made.own.tools.map(({ id }) => id)
    const deals = [{ id: 'deal', name: 'Buy one, get one', buy: 1, free: 1, tools }]
    const world = worldOf({ ...made, deals }, library, GENERATED_TODAY)
    const plan = makePlan(world, { evaluations: 4000 })
    const bound = await upperBound(boundModel(world))
    if (plan.kind === 'clash') throw new Error(plan.kind)
    expect(plan.report.value.total).toBeLessThanOrEqual(bound ?? -Infinity)
  }
)

test.each([11, 12, 13])(
  'builds with the days they are done on bring the bound of a generated workspace closer, each branch no less, and not too close (seed %i)',
  async (seed) => {
    const world = worldOf(generateWorkspace(library, 'small', seed), library, GENERATED_TODAY)
    const plan = makePlan(world, { evaluations: 8000 })
    if (plan.kind === 'clash') throw new Error(plan.kind)
    const { total } = plan.report.value
    const divided = (await upperBound(boundModel(world))) ?? Infinity
    const limits = await someLimits(world, total, LIMITS)
    expect(Math.min(...limits)).toBeGreaterThanOrEqual(total)
    expect(limits).toEqual([...limits].sort((a, b) => b - a))
    expect(limits.at(-1)).toBeLessThan(divided)
    // A plan held to be worth more than the limit is not called proven.
    expect(isProven(total, limits.at(-1)!)).toBe((limits.at(-1)! - total) / total <= 0.001)
  }
)

test('a program without anything to gain is an answer, and one that was not solved is none', () => {
  const model = { text: '', constant: 250, columns: 3, rows: 0 }
  expect(boundFrom(model, { Status: 'Empty', ObjectiveValue: Number.NaN })).toBe(250)
  expect(boundFrom({ ...model, columns: 0 }, { Status: 'Infeasible', ObjectiveValue: 0 })).toBe(250)
  expect(boundFrom(model, { Status: 'Optimal', ObjectiveValue: 50 })).toBe(300)
  expect(boundFrom(model, { Status: 'Time limit reached', ObjectiveValue: 50 })).toBeUndefined()
})
