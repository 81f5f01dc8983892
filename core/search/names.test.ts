import { describe, expect, test } from '@jest/globals'
import { GENERATED_TODAY, generateWorkspace } from '../../scripts/bench/generate'
import { DEMO_FILES, TODAY, demo } from '../../tests/helpers/workspaces'
import { library } from '../../data'
import { addDays, type Day } from '../calendar'
import { seededRandom } from '../kernel'
import { worldOf, type Workspace } from '../workspace'
import { Search } from './anneal'
import { canonical } from './canon'
import { problemOf } from './problem'

/** Evaluations of each search that is held against another. */
const EVALUATIONS = 6000
/** What may change for a reason that has nothing to do with what is planned, per cent of the value. */
const NOISE = 0.2

const found = (workspace: Workspace, today: Day): number => {
  const search = new Search(problemOf(worldOf(workspace, library, today)), 1)
  search.advance(EVALUATIONS)
  return search.bestValue
}
/** Per cent that one value lies from another. */
const apart = (one: number, other: number): number => Math.abs((100 * (one - other)) / other)

/** Every value of a structure as it is changed. */
const mapped = (
  value: unknown,
  change: (leaf: unknown, key: string) => unknown,
  key = ''
): unknown => {
  if (Array.isArray(value)) return value.map((one) => mapped(one, change, key))
  if (value === null || typeof value !== 'object') return change(value, key)
  return Object.fromEntries(
    Object.entries(value).map(([name, one]) => [name, mapped(one, change, name)])
  )
}

function shuffled<T>(list: readonly T[], random: () => number): T[] {
  return list
    .map((one) => ({ one, at: random() }))
    .sort((a, b) => a.at - b.at)
    .map(({ one }) => one)
}

const permuted = (workspace: Workspace): Workspace => {
  const random = seededRandom(9)
  return {
    ...workspace,
    builds: shuffled(workspace.builds, random),
    items: shuffled(workspace.items, random),
    offers: shuffled(workspace.offers, random),
    quotes: shuffled(workspace.quotes, random)
  }
}
/** Builds and items under other names and ids. */
const renamed = (workspace: Workspace): Workspace => {
  const ids = new Map(
    [...workspace.builds, ...workspace.items].map(({ id }, i) => [id, `z${(7919 * i) % 997}-${i}`])
  )
  return mapped(workspace, (leaf, key) =>
    key === 'name' ? 'Something' : (ids.get(leaf as string) ?? leaf)
  ) as Workspace
}
const shifted = (workspace: Workspace, days: number): Workspace =>
  mapped(workspace, (leaf) =>
    typeof leaf === 'string' && /^\d{4}-\d\d-\d\d$/.test(leaf) ? addDays(leaf, days) : leaf
  ) as Workspace

/** Fields that hold money. */
const MONEY = new Set([
  'minorPer100Points',
  'amount',
  'balance',
  'price',
  'reserve',
  'cap',
  'worthEach',
  'netEach',
  'hourValue',
  'spacePerM2',
  'paid'
])
const dearer = (workspace: Workspace, times: number): Workspace =>
  mapped(workspace, (leaf, key) =>
    MONEY.has(key) && typeof leaf === 'number' ? leaf * times : leaf
  ) as Workspace

const generated = (['small', 'medium'] as const).flatMap((size) =>
  [3, 7].map((seed) => ({
    name: `${size} ${seed}`,
    workspace: generateWorkspace(library, size, seed),
    today: GENERATED_TODAY as Day
  }))
)
const CASES = [
  ...generated,
  ...DEMO_FILES.map((name) => ({ name, workspace: demo(name), today: TODAY as Day }))
]

describe('what has nothing to do with the plan changes nothing of its value', () => {
  test.each(CASES)('$name: lists in another order', ({ workspace, today }) => {
    expect(apart(found(permuted(workspace), today), found(workspace, today))).toBeLessThan(NOISE)
  })
  test.each(generated)('$name: other names and ids', ({ workspace, today }) => {
    expect(apart(found(renamed(workspace), today), found(workspace, today))).toBeLessThan(NOISE)
  })
  test.each(generated)('$name: a year of whole weeks later', ({ workspace, today }) => {
    const later = found(shifted(workspace, 364), addDays(today, 364))
    expect(apart(later, found(workspace, today))).toBeLessThan(NOISE)
  })
  test.each(generated)('$name: money in units ten times smaller', ({ workspace, today }) => {
    const value = found(dearer(workspace, 10), today) / 10
    expect(apart(value, found(workspace, today))).toBeLessThan(NOISE)
  })
  test('builds that differ in their ids alone are listed by their worth', () => {
    const [one] = generated[0]!.workspace.builds
    const [less, more] = [
      { ...one!, id: 'b', worthEach: 100 },
      { ...one!, id: 'a', worthEach: 900 }
    ]
    expect(canonical([more, less]).map(({ id }) => id)).toEqual(['b', 'a'])
    expect(canonical([less, more]).map(({ id }) => id)).toEqual(['b', 'a'])
  })
})
