import { describe, expect, test } from '@jest/globals'
import { library } from '../../data'
import { TODAY, build, emptyWorkspace, funds, item } from '../../tests/helpers/workspaces'
import { worldOf, type Workspace } from '../workspace'
import type { Method, Operation, Tool } from '../catalogue'
import { makePlan } from '.'
import { problemOf } from './problem'

const base: Workspace = emptyWorkspace({
  ...funds(20_000, 5000),
  builds: [build('bird-box', { copies: 4, worthEach: 9000 })]
})
const choices = (change: Partial<Workspace> = {}) =>
  problemOf(worldOf({ ...base, ...change }, library, TODAY)).choices
const drills = (change: Partial<Workspace> = {}): string[] =>
  choices(change).flatMap(({ id, entries }) => (entries[0]?.tool.id === 'drill-driver' ? [id] : []))

const find = {
  id: 'my/find',
  tool: 'drill-driver',
  tier: 'weekend' as const,
  condition: 'used' as const,
  acquisition: 'buy' as const,
  power: 'corded' as const,
  single: true
}
const quote = { id: 'q', offer: 'my/find', date: TODAY, price: 900, seller: 'private' as const }

describe('what the search may buy', () => {
  test('tools that could matter to the builds, with their companions and protection, and no others', () => {
    const ids = new Set(choices().flatMap(({ entries }) => entries.map(({ tool }) => tool.id)))
    for (const id of ['drill-driver', 'drill-bits', 'safety-glasses'])
      expect([id, ids.has(id)]).toEqual([id, true])
    expect(ids.has('lathe')).toBe(false)
  })
  test('a find stands beside the usual offers, to be had once', () => {
    const found = choices({ offers: [find], quotes: [quote] }).find(({ id }) => id === 'my/find')
    expect([found?.single, found?.payment[0]]).toEqual([true, 900])
  })
  test('what is ruled out is not there, what is pinned is', () => {
    expect(drills({ bans: [{ kind: 'tool', id: 'drill-driver' }] })).toEqual([])
    const pinned = 'drill-driver/get-by/new/buy/corded'
    expect(drills({ pins: [{ offer: pinned, count: 1, date: TODAY }] })).toContain(pinned)
  })
  test('a better one than what is owned says what it replaces and what that brings', () => {
    const old = item('drill-driver', { tier: 'get-by', power: 'cordless', cost: 5000 })
    const better = choices({ items: [old] }).find(
      ({ id }) => id === 'drill-driver/weekend/new/buy/cordless'
    )
    // A fifth of what was paid; common practice.
    expect(better?.replaces).toEqual({ item: old.id, amount: 1000 })
    expect(
      choices({
        items: [item('drill-driver', { tier: 'lifetime', power: 'cordless', cost: 5000 })]
      }).every(({ replaces }) => replaces === undefined)
    ).toBe(true)
  })
  test('what is slept on cannot be had before its day', () => {
    const slept = choices({
      needTests: [{ tool: 'drill-driver', build: 'bird-box', asked: TODAY, until: '2026-06-15' }]
    }).find(({ id }) => id === 'drill-driver/weekend/new/buy/cordless')
    expect([slept?.cash[0], Number.isFinite(slept?.cash.at(-1))]).toEqual([Infinity, true])
  })
})

test('twelve roles that twelve tools could each play, tied so that none of the combinations holds: looked at so far, and said', () => {
  const base = emptyWorkspace()
  const roles = Array.from({ length: 12 }, (_, i) => `my/role-${i}`)
  const tool = (id: string, change: Partial<Tool>): Tool => ({
    id,
    name: id,
    aliases: [],
    group: 'hand-power',
    kind: 'tool',
    roles: [],
    specs: {},
    forms: [{ power: 'hand', points: 10 }],
    lifeHours: null,
    storedM2: 0,
    companions: [],
    hazard: null,
    needs: [],
    protects: [],
    ...change
  })
  const others = (i: number): string[] => Array.from({ length: 10 }, (_, k) => `my/other-${i}-${k}`)
  const tools = Array.from({ length: 12 }, (_, i) => [
    tool(`my/tool-${i}`, {
      roles,
      specs: { shankMm: 6, colletMm: 12 },
      companions: [{ anyOf: others(i), count: 1, kind: 'needed', why: 'It is of no use alone.' }]
    }),
    ...others(i).map((id) => tool(id, {}))
  ]).flat()
  const method: Method = {
    id: 'my/work/way',
    operation: 'my/work',
    name: 'Way',
    form: 'hand',
    roles: roles.map((role) => ({ role, count: 1, rules: [] })),
    ties: [{ comparator: 'shank-fits-collet', role: 'my/role-0', withRole: 'my/role-11' }],
    setupMinutes: 1,
    runMinutes: 1,
    accuracyMm: 1,
    marked: false,
    surface: 'clean',
    hazard: null,
    soundDbA: 60,
    dust: 'none'
  }
  const operation: Operation = { id: 'my/work', name: 'Work', unit: 'piece', order: 0 }
  const one = { id: 'b', name: 'B', copies: 1, materials: [], worthEach: 90_000 }
  const world = worldOf(
    {
      ...base,
      own: { operations: [operation], methods: [method], tools, materials: [] },
      builds: [{ ...one, steps: [{ id: 's', operation: 'my/work', quantity: 1, stock: {} }] }]
    },
    library,
    TODAY
  )
  const made = makePlan(world, { evaluations: 100 })
  expect(made.kind !== 'clash' && made.kind !== 'no-builds' && made.curtailed).toEqual(['my/work'])
})
