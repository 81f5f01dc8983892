import type { Tool } from '../catalogue'
import { offerId, priceOf } from '../prices'
import type { World } from './world'

const known = new WeakMap<World, Map<string, number>>()

/** What an hour of running a tool eats in blades, bits and discs, minor units: the cheapest of each needed companion that wears. */
export function consumablesPerHour(world: World, tool: Tool): number {
  const rates = known.get(world) ?? new Map<string, number>()
  known.set(world, rates)
  const present = rates.get(tool.id)
  if (present !== undefined) return present
  const { library, pricing, asOf } = world
  let perHour = 0
  for (const { kind, anyOf, count } of tool.companions) {
    if (kind === 'advised') continue
    const candidates = anyOf.flatMap((id) => {
      const companion = library.tools.get(id)
      if (!companion?.lifeHours || companion.kind !== 'accessory') return []
      const parts = {
        tool: id,
        tier: 'weekend' as const,
        condition: 'new' as const,
        acquisition: 'buy' as const,
        power: companion.forms[0]?.power ?? ('hand' as const)
      }
      const price = priceOf(pricing, { ...parts, id: offerId(parts) }, asOf)
      return price ? [(price.allIn * count) / companion.lifeHours.weekend] : []
    })
    perHour += candidates.length > 0 ? Math.min(...candidates) : 0
  }
  rates.set(tool.id, perHour)
  return perHour
}
