import { jigBuild, jigBuildId, materialCost, type Build } from '../builds'
import { TIERS, specsOf, tierRank, type Condition, type Tier, type Tool } from '../catalogue'
import { distinct, groupBy, leastBy } from '../kernel'
import type { Minor } from '../money'
import { offerId, priceOf, typicalOffer, type Offer } from '../prices'
import { circuitCarries } from '../workshop'
import type { World } from '../workspace'
import type { KitTool } from './kit'

/** One way to come by a tool: an offer with its price, or the build of a shop-made one with its material. */
export interface Buyable {
  /** Offer id, or `make/<template>`. */
  readonly id: string
  readonly entry: KitTool
  /** Tag price with tax: what a deal at the till can take off. */
  readonly atTill: Minor
  readonly payment: Minor
  readonly allIn: Minor
  readonly typical: boolean
  readonly jig?: Build | undefined
  readonly offer?: Offer | undefined
}

/** Bought new whatever the preference: protection, blades, bits and the like are not bought used. */
const conditionFor = (tool: Tool, preferred: Condition): Condition =>
  tool.kind === 'tool' && tool.forms.some(({ power }) => power !== 'hand') ? preferred : 'new'

export const entryOfOffer = (tool: Tool, offer: Offer, count: number): KitTool => ({
  tool,
  tier: offer.tier,
  condition: offer.condition,
  power: offer.power,
  platform: offer.platform,
  specs: { ...specsOf(tool, offer.tier), ...offer.specs },
  count
})

function offersOf(
  world: World,
  tool: Tool,
  own: readonly Offer[],
  quoted: readonly Offer[]
): Offer[] {
  const { preferences, workshop } = world.workspace
  const preferredPower = tool.forms.filter(
    ({ power }) =>
      preferences.power === 'cheapest' || power === preferences.power || power === 'hand'
  )
  const forms = (preferredPower.length > 0 ? preferredPower : tool.forms).filter(({ power }) =>
    circuitCarries(workshop, tool, power)
  )
  const form = leastBy(forms, ({ points }) => points)
  const condition = conditionFor(tool, preferences.condition)
  const typical =
    form && tool.madeBy === undefined
      ? TIERS.filter((tier) => tierRank(tier) >= tierRank(preferences.tier)).flatMap((tier) => {
          const parts = {
            tool: tool.id,
            tier,
            condition,
            acquisition: 'buy' as const,
            power: form.power
          }
          return { ...parts, id: offerId(parts) }
        })
      : []
  if (own.length === 0 && quoted.length === 0) return typical
  const seen = new Set<string>()
  return [...own, ...quoted, ...typical].filter(({ id }) =>
    seen.has(id) ? false : (seen.add(id), true)
  )
}

/** All ways to come by the tools that are not banned, by tool id, cheapest first. */
export type Market = ReadonlyMap<string, readonly Buyable[]>

export function marketOf(world: World): Market {
  const banned = new Set(
    world.workspace.bans.flatMap((ban) => (ban.kind === 'tool' ? [ban.id] : []))
  )
  const own = groupBy(world.workspace.offers, ({ tool }) => tool)
  const quoted = groupBy(
    distinct(world.workspace.quotes.map(({ offer }) => offer)).flatMap(
      (id) => typicalOffer(world.library, id) ?? []
    ),
    ({ tool }) => tool
  )
  const quotes = groupBy(world.workspace.quotes, ({ offer }) => offer)
  const market = new Map<string, readonly Buyable[]>()
  for (const tool of world.library.tools.values()) {
    if (banned.has(tool.id)) continue
    const list: Buyable[] = offersOf(
      world,
      tool,
      own.get(tool.id) ?? [],
      quoted.get(tool.id) ?? []
    ).flatMap((offer) => {
      const price = priceOf(
        { ...world.pricing, quotes: quotes.get(offer.id) ?? [] },
        offer,
        world.asOf
      )
      if (!price || !circuitCarries(world.workspace.workshop, tool, offer.power)) return []
      return {
        id: offer.id,
        entry: entryOfOffer(tool, offer, 1),
        atTill: price.tag + price.tax,
        payment: price.payment,
        allIn: price.allIn,
        typical: price.typical,
        offer
      }
    })
    const jig =
      tool.madeBy === undefined ? undefined : jigBuild(world.library, jigBuildId(tool.madeBy))
    if (jig) list.push(makeable(world, tool, jig))
    list.sort((a, b) => a.allIn - b.allIn)
    if (list.length > 0) market.set(tool.id, list)
  }
  return market
}

/** A shop-made tool works like a weekend-tier one. */
const SHOP_MADE_TIER: Tier = 'weekend'

export const jigEntry = (tool: Tool): KitTool => ({
  tool,
  tier: SHOP_MADE_TIER,
  condition: 'new',
  power: 'hand',
  specs: specsOf(tool, SHOP_MADE_TIER),
  count: 1
})

function makeable(world: World, tool: Tool, jig: Build): Buyable {
  const material = materialCost(world.pricing, jig)
  return {
    id: jig.id,
    entry: jigEntry(tool),
    atTill: 0,
    payment: material,
    allIn: material,
    typical: true,
    jig
  }
}
