import { isDone } from '../builds'
import {
  entryOfOffer,
  fitContext,
  kitOf,
  marketOf,
  type FitContext,
  type Kit,
  type KitTool,
  type Market
} from '../fit'
import { findOffer, type Offer } from '../prices'
import { bundlesOf, type World } from '../workspace'
import { bundleChoice, jigChoice, offerChoice, paretoChoices, type Choice } from './choices'
import type { EventTimes } from './event-times'

/** One tool of an offer, or one that is owned (`offer` −1). */
export interface Source {
  readonly entry: KitTool
  readonly offer: number
}

export interface Sources {
  readonly context: FitContext
  readonly kit: Kit
  readonly market: Market
  readonly choices: readonly Choice[]
  /** Owned entries and those of all choices, by role, tool and protection. */
  readonly byRole: ReadonlyMap<string, readonly Source[]>
  readonly byTool: ReadonlyMap<string, readonly Source[]>
  readonly byProtection: ReadonlyMap<string, readonly Source[]>
}

/** Offers of the tools that matter, and what is made; of each tool those that are worth looking at, and what is pinned. */
function marketChoices(making: Making, matters: ReadonlySet<string>): Choice[] {
  const { world, events, kit, market, avoid, pinned } = making
  return [...market].flatMap(([tool, buyables]) => {
    if (!matters.has(tool)) return []
    const offered = buyables.flatMap(({ offer, entry }) =>
      offer && !avoid(offer) ? [offerChoice(world, events, kit, offer, entry)] : []
    )
    const kept = new Set(paretoChoices(offered))
    return [
      ...offered.filter((one) => kept.has(one) || pinned.has(one.id)),
      ...buyables.flatMap(({ jig }) => (jig && jigChoice(world, events, jig)) ?? [])
    ]
  })
}

/** What is pinned and stands nowhere else. */
function pinnedChoices(making: Making, present: readonly Choice[]): Choice[] {
  const { world, events, kit, market, avoid, pinned } = making
  return [...pinned].flatMap((pin) => {
    if (present.some(({ id }) => id === pin)) return []
    const offer = findOffer(world.pricing, pin)
    const tool = offer && world.library.tools.get(offer.tool)
    if (!offer || !tool || avoid(offer)) return []
    const entry = (market.get(tool.id) ?? []).find(({ id }) => id === pin)?.entry
    return [offerChoice(world, events, kit, offer, entry ?? entryOfOffer(tool, offer, 1))]
  })
}

/** What choices are made from. */
interface Making {
  readonly world: World
  readonly events: EventTimes
  readonly kit: Kit
  readonly market: Market
  readonly avoid: (offer: Offer) => boolean
  readonly pinned: ReadonlySet<string>
}

/** Jigs that the user's own builds make, and bundles that hold something that matters. */
function ownChoices({ world, events }: Making, matters: ReadonlySet<string>): Choice[] {
  const { builds, bans } = world.workspace
  const banned = new Set(bans.map(({ id }) => id))
  const jigs = builds.flatMap((build) => {
    if (isDone(build) || build.yields === undefined || banned.has(build.yields)) return []
    return jigChoice(world, events, build) ?? []
  })
  const held = bundlesOf(world).flatMap((bundle) => {
    const tools = bundle.pieces.map(({ tool }) => tool)
    if (!tools.some((tool) => matters.has(tool)) || tools.some((tool) => banned.has(tool)))
      return []
    return bundleChoice(world, events, bundle) ?? []
  })
  return [...jigs, ...held]
}

/** Everything that is owned or could be acquired, for a set of tools that matter. */
export function sourcesOf(
  world: World,
  events: EventTimes,
  matters: ReadonlySet<string>,
  avoid: (offer: Offer) => boolean = () => false
): Sources {
  const kit = kitOf(world.library, world.workspace.items)
  const market = marketOf(world)
  const pinned = new Set(world.workspace.pins.map(({ offer }) => offer))
  const making: Making = { world, events, kit, market, avoid, pinned }
  const onMarket = marketChoices(making, matters)
  const choices = [...onMarket, ...pinnedChoices(making, onMarket), ...ownChoices(making, matters)]
  return { context: fitContext(world), kit, market, choices, ...lookUps(kit, choices) }
}

function lookUps(
  kit: Kit,
  choices: readonly Choice[]
): Pick<Sources, 'byRole' | 'byTool' | 'byProtection'> {
  const [byRole, byTool, byProtection] = [
    new Map<string, Source[]>(),
    new Map<string, Source[]>(),
    new Map<string, Source[]>()
  ]
  const put = (map: Map<string, Source[]>, key: string, source: Source): void => {
    const list = map.get(key)
    if (list) list.push(source)
    else map.set(key, [source])
  }
  const all: Source[] = [
    ...kit.tools.map((entry) => ({ entry, offer: -1 })),
    ...choices.flatMap(({ entries }, offer) => entries.map((entry) => ({ entry, offer })))
  ]
  for (const source of all) {
    const { tool } = source.entry
    put(byTool, tool.id, source)
    for (const role of tool.roles) put(byRole, role, source)
    for (const protection of tool.protects) put(byProtection, protection, source)
  }
  return { byRole, byTool, byProtection }
}
