import { describe, expect, test } from '@jest/globals'
import {
  TODAY,
  build,
  funds,
  items,
  worldWith,
  emptyWorkspace
} from '../../tests/helpers/workspaces'
import { evaluate } from '../plan'
import { makePlan } from '../search'
import type { RuledOut, Workspace, World } from '../workspace'
import { marketOf } from '.'

const base = (ruledOut: RuledOut, change: Partial<Workspace> = {}): World =>
  worldWith({
    preferences: { ...emptyWorkspace().preferences, ruledOut },
    builds: [build('planter'), build('toy-shelf')],
    items: items('tape', 'hammer', 'screwdrivers'),
    ...funds(40_000, 0),
    ...change
  })
const offersFor = (world: World, tool: string): readonly string[] =>
  (marketOf(world).get(tool) ?? []).map(({ id }) => id)
const find = {
  id: 'find-drill',
  tool: 'drill-driver',
  tier: 'weekend',
  condition: 'used',
  acquisition: 'buy',
  power: 'corded',
  single: true
} as const
const price = { id: 'q1', offer: find.id, date: TODAY, price: 2000, seller: 'private' } as const

describe('what the user rules out is never proposed', () => {
  test('conditions and tiers: no offer of the kind is left on the market', () => {
    const open = offersFor(base({}), 'drill-driver')
    expect(open.some((id) => id.includes('/used/'))).toBe(true)
    const world = base({ conditions: ['used', 'refurbished'], tiers: ['get-by'] })
    for (const [tool, buyables] of marketOf(world))
      for (const { entry } of buyables) {
        expect([tool, entry.condition]).toEqual([tool, 'new'])
        expect([tool, entry.tier]).not.toEqual([tool, 'get-by'])
      }
  })

  test('a plan holds none of it, though used ones would be worth more to it', () => {
    const tight = funds(15_000, 0)
    const used = makePlan(base({}, tight), { evaluations: 3000 })
    const world = base({ conditions: ['used', 'refurbished'] }, tight)
    const strict = makePlan(world, { evaluations: 3000 })
    if (used.kind !== 'planned' || strict.kind !== 'planned') throw new Error('not planned')
    expect(used.plan.purchases.some(({ offer }) => offer.includes('/used/'))).toBe(true)
    expect(strict.plan.purchases.filter(({ offer }) => !offer.includes('/new/'))).toEqual([])
    // The other plan, laid into the stricter world, is refused for that reason.
    expect(evaluate(world, used.plan).broken.map(({ code }) => code)).toContain('plan.ruled-out')
  })

  test('a find of one’s own has been looked at: it stays', () => {
    const world = base({ conditions: ['used'] }, { offers: [find], quotes: [price] })
    expect(offersFor(world, 'drill-driver')).toContain('find-drill')
  })

  test('what is sold in no other way stays possible', () => {
    // Abrasives are sold in no better tier than the usual one, and only new.
    const world = base({ tiers: ['get-by', 'weekend'], conditions: ['new'] })
    expect(offersFor(world, 'sanding-discs').length).toBeGreaterThan(0)
    expect(offersFor(world, 'pull-saw').every((id) => /\/(trade|lifetime)\/used\//.test(id))).toBe(
      true
    )
  })

  test('a cord: what has no other form is out, what has a battery as well is not', () => {
    const world = base({ powers: ['corded'] })
    expect(offersFor(world, 'table-saw')).toEqual([])
    expect(offersFor(world, 'drill-driver').every((id) => id.endsWith('/cordless'))).toBe(true)
    expect(offersFor(world, 'pull-saw').length).toBeGreaterThan(0)
  })
})
