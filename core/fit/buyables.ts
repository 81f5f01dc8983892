import { jigBuild, jigBuildId, materialCost, type Build } from '../builds'
import {
  CONDITIONS,
  TIERS,
  conditionPrice,
  repairReserve,
  specsOf,
  tierPrice,
  tierRank,
  type Condition,
  type Library,
  type Tier,
  type Tool
} from '../catalogue'
import { distinct, groupBy, leastBy } from '../kernel'
import type { Minor } from '../money'
import { offerId, priceOf, typicalOffer, type Offer } from '../prices'
import { circuitCarries } from '../workshop'
import type { World } from '../workspace'
import { botherOf } from './bother'
import { wornSpecs, type KitTool } from './kit'
import { conditionsLeft, isPowerLeft, isRuledOut, tiersLeft } from './ruled-out'

/** One way to come by a tool: an offer with its price, or the build of a shop-made one with its material. */
export interface Buyable {
  /** Offer id, or `make/<template>`. */
  readonly id: string
  readonly entry: KitTool
  /** Tag price with tax: what a deal at the till can take off. */
  readonly atTill: Minor
  readonly payment: Minor
  readonly allIn: Minor
  /** What bothers about it, minor units: see `botherOf`. */
  readonly bother: number
  readonly typical: boolean
  readonly jig?: Build | undefined
  readonly offer?: Offer | undefined
}

/** Protection, blades, bits and the like are only bought new; what has no motor is not refurbished. */
export const conditionsOf = ({ kind, forms }: Tool): readonly Condition[] =>
  kind !== 'tool'
    ? ['new']
    : forms.some(({ power }) => power !== 'hand')
      ? CONDITIONS
      : ['new', 'used']

const leading = new WeakMap<Library, ReadonlySet<string>>()

/** Roles that lead some method: what plays them sets its pace. */
function leadingRoles(library: Library): ReadonlySet<string> {
  const present = leading.get(library)
  if (present) return present
  const roles = new Set(
    [...library.methods.values()].flatMap((method) => method.roles[0]?.role ?? [])
  )
  leading.set(library, roles)
  return roles
}

/** Tiers worth looking at: a dearer one than is wished only where it can be quicker or more exact; nobody buys a block for life. */
export function tiersOf(
  { library, workspace }: Pick<World, 'library' | 'workspace'>,
  tool: Tool
): readonly Tier[] {
  const { kind, specs, tierSpecs, roles } = tool
  if (specs.accuracyMm !== undefined || tierSpecs !== undefined) return TIERS
  const leads = leadingRoles(library)
  if (kind === 'tool' && roles.some((role) => leads.has(role))) return TIERS
  const wished = tierRank(workspace.preferences.tier)
  return TIERS.filter((tier) => tierRank(tier) <= Math.max(tierRank('weekend'), wished))
}

/** The id of an offer that nobody has made. */
const TYPICAL = ''

/** An offer with what it costs by rule of thumb, in points: repairs and what bothers included, and without what bothers. */
interface Reckoned {
  readonly parts: Omit<Offer, 'id'>
  readonly whole: number
  readonly price: number
}

/** Of the offers of one tier the one that costs least with what bothers, and the cheapest one where that is another. */
function ofTier(list: readonly Reckoned[]): Offer[] {
  const best = leastBy(list, ({ whole }) => whole)
  const cheapest = leastBy(list, ({ price }) => price)
  return distinct([best, cheapest].flatMap((one) => one ?? [])).map(({ parts }) => ({
    ...parts,
    id: offerId(parts)
  }))
}

/** The typical offers of a tool worth looking at: of each tier, condition and power form as they are wished, and as they are cheapest. */
function typicalOf(world: World, tool: Tool): Offer[] {
  if (tool.madeBy !== undefined) return []
  const { workshop } = world.workspace
  const forms = tool.forms.filter(
    ({ power }) => circuitCarries(workshop, tool, power) && isPowerLeft(world, power)
  )
  const level = world.pricing.minorPer100Points / 100
  return tiersLeft(world, tiersOf(world, tool)).flatMap((tier) =>
    ofTier(
      forms.flatMap(({ power, points }) =>
        conditionsLeft(world, conditionsOf(tool)).map((condition): Reckoned => {
          const parts = { tool: tool.id, tier, condition, acquisition: 'buy' as const, power }
          const price = points * tierPrice(tool, tier) * conditionPrice(condition)
          const repaired = price * (1 + repairReserve(condition))
          return {
            parts,
            price: repaired,
            whole: repaired + botherOf(world, tool, { ...parts, id: TYPICAL }) / level
          }
        })
      )
    )
  )
}

export const entryOfOffer = (tool: Tool, offer: Offer, count: number): KitTool => ({
  tool,
  tier: offer.tier,
  condition: offer.condition,
  power: offer.power,
  platform: offer.platform,
  specs: wornSpecs({ ...specsOf(tool, offer.tier), ...offer.specs }, offer.looked?.inexact),
  count,
  ...(offer.looked?.inexact === undefined ? {} : { inexact: offer.looked.inexact })
})

function offersOf(
  world: World,
  tool: Tool,
  own: readonly Offer[],
  quoted: readonly Offer[]
): Offer[] {
  const typical = typicalOf(world, tool)
  if (own.length === 0 && quoted.length === 0) return typical
  const seen = new Set<string>()
  return [...own, ...quoted, ...typical].filter((offer) => {
    if (seen.has(offer.id) || isRuledOut(world, offer, conditionsOf(tool), tiersOf(world, tool)))
      return false
    seen.add(offer.id)
    return true
  })
}

/** All ways to come by the tools that are not banned, by tool id; what costs least, with what bothers, first. */
export type Market = ReadonlyMap<string, readonly Buyable[]>

/** What the workspace itself knows of offers, by tool and by offer. */
interface KnownOffers {
  readonly own: ReadonlyMap<string, readonly Offer[]>
  readonly quoted: ReadonlyMap<string, readonly Offer[]>
  readonly quotes: ReadonlyMap<string, World['pricing']['quotes']>
}
const knownOffers = ({ workspace, pricing, library }: World): KnownOffers => ({
  own: groupBy(workspace.offers, ({ tool }) => tool),
  quoted: groupBy(
    distinct(pricing.quotes.map(({ offer }) => offer)).flatMap(
      (id) => typicalOffer(library, id) ?? []
    ),
    ({ tool }) => tool
  ),
  quotes: groupBy(pricing.quotes, ({ offer }) => offer)
})

function waysToGet(world: World, tool: Tool, { own, quoted, quotes }: KnownOffers): Buyable[] {
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
      bother: botherOf(world, tool, offer),
      typical: price.typical,
      offer
    }
  })
  const jig =
    tool.madeBy === undefined ? undefined : jigBuild(world.library, jigBuildId(tool.madeBy))
  if (jig) list.push(makeable(world, tool, jig))
  return list.sort((a, b) => a.allIn + a.bother - b.allIn - b.bother)
}

const isBanned = ({ workspace }: World, tool: string): boolean =>
  workspace.bans.some((ban) => ban.kind === 'tool' && ban.id === tool)

/** The ways to come by one tool, as the market has them; none where it is banned. */
export function buyablesOf(world: World, id: string): readonly Buyable[] {
  const tool = world.library.tools.get(id)
  return !tool || isBanned(world, id) ? [] : waysToGet(world, tool, knownOffers(world))
}

export function marketOf(world: World): Market {
  const known = knownOffers(world)
  const market = new Map<string, readonly Buyable[]>()
  for (const tool of world.library.tools.values()) {
    if (isBanned(world, tool.id)) continue
    const list = waysToGet(world, tool, known)
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
    bother: 0,
    typical: true,
    jig
  }
}
