import { describe, expect, test } from '@jest/globals'
import { library } from '../../data'
import { emptyWorkspace, worldWith } from '../../tests/helpers/workspaces'
import type { Condition, Tier } from '../catalogue'
import { offerId } from '../prices'
import { botherOf } from '.'

const world = worldWith()
const bothers = (
  id: string,
  tier: Tier,
  condition: Condition = 'new',
  acquisition: 'buy' | 'hire' = 'buy'
): number => {
  const tool = library.tools.get(id)
  if (!tool) throw new Error(id)
  const power = tool.forms[0]?.power ?? 'hand'
  const parts = { tool: id, tier, condition, acquisition, power }
  return botherOf(world, tool, { ...parts, id: offerId(parts) })
}
const points = (id: string): number => library.tools.get(id)?.forms[0]?.points ?? NaN
/** Minor units of one index point. */
const level = world.pricing.minorPer100Points / 100

describe('what bothers about a tool', () => {
  test('as it is wished nothing does', () => {
    expect(bothers('rafter-square', 'weekend')).toBe(0)
    expect(bothers('ro-sander', 'weekend')).toBe(0)
  })
  test('a tier below bothers by what it saves: one and three quarter times where accuracy starts, about once where it is forgiven', () => {
    // A get-by one costs 0.6 of the weekend one: 0.4 saved.
    expect(bothers('rafter-square', 'get-by')).toBeCloseTo(
      points('rafter-square') * 0.4 * 1.75 * level,
      6
    )
    expect(bothers('ro-sander', 'get-by')).toBeCloseTo(points('ro-sander') * 0.4 * 1.03 * level, 6)
    // A bargain plane saves 0.7, and bothers by more than a plane is worth.
    expect(bothers('jack-plane', 'get-by')).toBeCloseTo(
      points('jack-plane') * 0.7 * 1.75 * level,
      6
    )
  })
  test('a better tier than wished bothers nobody', () =>
    expect(bothers('rafter-square', 'lifetime')).toBe(0))
  test('a table saw is first set true: two hours at the value of an hour; a hired one comes set', () => {
    const hour = world.workspace.money.hourValue
    expect(hour).toBe(emptyWorkspace().money.hourValue)
    expect(bothers('table-saw', 'weekend')).toBeCloseTo(2 * hour, 6)
    expect(bothers('table-saw', 'weekend', 'new', 'hire')).toBe(0)
  })
})
