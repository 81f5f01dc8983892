import type { Tier } from '../catalogue'
import { leastBy } from '../kernel'
import type { World } from '../workspace'
import { buyablesOf, type Buyable } from './buyables'

const soldNew = (world: World, tool: string): Buyable[] =>
  buyablesOf(world, tool).filter(
    ({ offer }) => offer?.acquisition === 'buy' && offer.condition === 'new'
  )

/** The usual offer of one, new and no plainer than wished where it is sold so; undefined where it is made or not sold. */
export function usualOffer(world: World, tool: string): Buyable | undefined {
  const sold = soldNew(world, tool)
  const right = sold.filter(({ offer }) => offer?.tier === world.workspace.preferences.tier)
  return leastBy(right.length > 0 ? right : sold, ({ payment }) => payment)
}

/** What one costs new, tier by tier where it is sold so, the plainest first: the cheapest offer of each. */
export function usualByTier(
  world: World,
  tool: string,
  tiers: readonly Tier[]
): { readonly tier: Tier; readonly offer: Buyable }[] {
  const sold = soldNew(world, tool)
  return tiers.flatMap((tier) => {
    const offer = leastBy(
      sold.filter((one) => one.offer?.tier === tier),
      ({ payment }) => payment
    )
    return offer ? [{ tier, offer }] : []
  })
}
