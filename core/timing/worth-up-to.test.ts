import { describe, expect, test } from '@jest/globals'
import { library } from '../../data'
import { TODAY, demo, demoPlan, demoWorld } from '../../tests/helpers/workspaces'
import { makePlan } from '../search'
import { worldOf, type World } from '../workspace'
import { worthUpTo, type Offered } from '.'

const world = demoWorld('third-floor')
const plan = demoPlan('third-floor')
const drill: Offered = {
  tool: 'drill-driver',
  tier: 'weekend',
  condition: 'used',
  power: 'cordless'
}

/** Whether a plan of the workspace with a find at a price buys it: by the planner itself, on its own. */
function buys(price: number, { tool, tier, condition, power }: Offered): boolean {
  const workspace = demo('third-floor')
  const there: World = worldOf(
    {
      ...workspace,
      money: { ...workspace.money, minorPer100Points: world.pricing.minorPer100Points },
      offers: [{ id: 'my/find', tool, tier, condition, power, acquisition: 'buy', single: true }],
      quotes: [
        ...workspace.quotes,
        { id: 'q', offer: 'my/find', date: TODAY, price, seller: 'private' }
      ]
    },
    library,
    TODAY
  )
  const made = makePlan(there, { evaluations: 16_000, from: plan })
  return made.kind !== 'clash' && made.plan.purchases.some(({ offer }) => offer === 'my/find')
}

describe('worth up to', () => {
  test('a little below it the planner takes it, a little above it does not', () => {
    const { upTo } = worthUpTo(world, plan, drill)
    expect(upTo).toBeGreaterThan(1000)
    expect(buys(Math.round(upTo * 0.97) - 100, drill)).toBe(true)
    expect(buys(Math.round(upTo * 1.03) + 100, drill)).toBe(false)
  })
  test('never much more than the same costs anyway', () => {
    const { upTo, needless } = worthUpTo(world, plan, { ...drill, condition: 'new' })
    const planned = plan.purchases.find(({ offer }) => offer.startsWith('drill-driver/'))
    expect(upTo).toBeLessThan((planned?.price ?? 0) * 1.03)
    expect(upTo).toBeGreaterThan((planned?.price ?? 0) * 0.9)
    expect(needless.some((offer) => offer.startsWith('drill-driver/'))).toBe(true)
  })
  test('nothing for what no build would use', () => {
    const saw: Offered = { tool: 'band-saw', tier: 'trade', condition: 'used', power: 'corded' }
    expect(worthUpTo(world, plan, saw)).toEqual({
      upTo: 0,
      difference: undefined,
      along: [],
      needless: []
    })
  })
  test('a find that is kept is asked about once, not against itself', () => {
    const workspace = demo('third-floor')
    const find = { id: 'my/drill', ...drill, acquisition: 'buy' as const, single: true }
    const kept = worldOf(
      {
        ...workspace,
        money: { ...workspace.money, minorPer100Points: world.pricing.minorPer100Points },
        offers: [find],
        quotes: [
          ...workspace.quotes,
          { id: 'q', offer: find.id, date: TODAY, price: 100, seller: 'private' }
        ]
      },
      library,
      TODAY
    )
    const alone = worthUpTo(world, plan, drill).upTo
    const known = worthUpTo(kept, plan, { ...drill, id: find.id }).upTo
    expect(Math.abs(known - alone)).toBeLessThan(alone * 0.05)
    // Another one at a hundredth of a unit is worth nothing beside it.
    expect(worthUpTo(kept, plan, drill).upTo).toBeLessThan(alone * 0.1)
  })
})
