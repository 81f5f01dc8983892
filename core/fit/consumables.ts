import { batchesOf, type Build } from '../builds'
import type { Tool } from '../catalogue'
import { sumOf } from '../kernel'
import type { Minor } from '../money'
import { offerId, priceOf } from '../prices'
import type { World } from '../workspace'
import type { MethodUse } from './use'
import { eaten, type Load } from './kernel'

const known = new WeakMap<World, Map<string, number>>()

/** What an hour of running a tool eats in blades, bits and discs, minor units: the cheapest of each companion that wears, whether it is needed or comes with the tool at first. */
export function consumablesPerHour(world: World, tool: Tool): number {
  const rates = known.get(world) ?? new Map<string, number>()
  known.set(world, rates)
  const present = rates.get(tool.id)
  if (present !== undefined) return present
  const { library, pricing, asOf } = world
  let perHour = 0
  for (const { anyOf, count } of tool.companions) {
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

/** What a use eats in blades, bits and discs, minor units, not rounded. */
function eats(world: World, use: MethodUse, load: Load): number {
  const [lead] = use.tools
  if (use.parts) return sumOf(use.parts, (part) => eats(world, part, load))
  const minutes = use.minutes - (use.cleanUp?.minutes ?? 0)
  return (
    (lead ? eaten(consumablesPerHour(world, lead.tool), use.method, minutes, load) : 0) +
    (use.cleanUp ? eats(world, use.cleanUp, load) : 0)
  )
}

/** What one use of a method eats, rounded half up. */
export const useEats = (world: World, build: Build, use: MethodUse): Minor =>
  Math.floor(eats(world, use, { units: 0, batches: batchesOf(build) }) + 0.5)

/** Blades, bits and discs used up by a build: falls due with its timber. Each step is rounded on its own. */
export const usedUp = (world: World, build: Build, uses: readonly MethodUse[]): Minor =>
  sumOf(uses, (use) => useEats(world, build, use))
