import { dayNumber } from '../calendar'
import {
  fitContext,
  jigEntry,
  kitOf,
  marketOf,
  servesFor,
  type FitContext,
  type Kit,
  type KitTool,
  type Market
} from '../fit'
import { isDone, type Build } from '../builds'
import { bundleThen, findOffer, priceThen, type Offer } from '../prices'
import type { World } from '../workspace'
import { bundlePieces, resaleOf, discount, resaleValue } from '../plan'
import type { EventTimes } from './event-times'

/** One tool of an offer, or one that is owned (`offer` −1). */
export interface Source {
  readonly entry: KitTool
  readonly offer: number
}

/** One thing that could be acquired. Figures per event are for one of it. */
export interface Choice {
  readonly id: string
  readonly entries: readonly KitTool[]
  /** Must be in the purse at each event, with what is kept back for repairs; Infinity where it cannot be had then. */
  readonly cash: Float64Array
  /** What the purchase adds to the objective at each event: less what it costs on average, plus its resale at the end. */
  readonly value: Float64Array
  /** Price for the plan at each event. */
  readonly payment: Float64Array
  readonly storedM2: number
  /** Only one can be had. */
  readonly single: boolean
  /** Days it is there, counted from today, for hire and loan. */
  readonly from: number
  readonly until: number
  /** Price or worth differs from event to event. */
  readonly varies: boolean
  /** The build that makes it, for jigs. */
  readonly makes: Build | undefined
  /** An owned item it takes the place of, with what that brings. */
  readonly replaces: { readonly item: string; readonly amount: number } | undefined
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

/** The item that a purchase makes needless: a single one of the same tool, no better. */
function replacedBy(world: World, kit: Kit, entry: KitTool): Choice['replaces'] {
  if (entry.tool.madeBy !== undefined) return undefined
  for (const item of world.workspace.items) {
    if (item.tool !== entry.tool.id || item.count !== 1) continue
    const owned = (kit.byTool.get(item.tool) ?? []).find(
      (one) =>
        one.count === 1 &&
        one.tier === item.tier &&
        one.condition === item.condition &&
        one.power === item.power
    )
    const amount = owned ? resaleOf(owned, item.cost) : 0
    if (owned && amount > 0 && servesFor(entry, owned) && entry.tier !== owned.tier)
      return { item: item.id, amount }
  }
  return undefined
}

function figures(
  world: World,
  events: EventTimes,
  offer: Offer,
  entry: KitTool
): Pick<Choice, 'cash' | 'value' | 'payment' | 'varies'> {
  const { keptMoneyWorth } = world.workspace.money
  const windows = world.workspace.saleWindows ?? []
  const perM2 = world.workspace.preferences.weighting?.spacePerM2 ?? 0
  const sleeps = world.workspace.needTests?.find(({ tool }) => tool === offer.tool)?.until
  const [cash, value, payment] = [
    new Float64Array(events.count),
    new Float64Array(events.count),
    new Float64Array(events.count)
  ]
  const end = discount(world, world.until)
  const simple =
    windows.length === 0 &&
    !world.workspace.quotes.some((quote) => quote.offer === offer.id && quote.until !== undefined)
  let price = priceThen(world.pricing, windows, offer, world.asOf)
  const first = price?.payment
  let varies = offer.from !== undefined || offer.until !== undefined || sleeps !== undefined
  events.dates.forEach((date, k) => {
    if (!simple) price = priceThen(world.pricing, windows, offer, date)
    const out =
      !price ||
      (offer.from !== undefined && date < offer.from) ||
      (offer.until !== undefined && date > offer.until) ||
      (sleeps !== undefined && date < sleeps)
    cash[k] = out || !price ? Infinity : price.payment + price.repair
    payment[k] = price?.payment ?? 0
    const keeps = offer.acquisition === 'buy' || offer.acquisition === 'gift'
    value[k] =
      out || !price
        ? -Infinity
        : -keptMoneyWorth *
            (events.discount[events.days[k] ?? 0] ?? 1) *
            (price.expected + price.repair) +
          (keeps ? end * resaleValue(entry, price.tag) : 0) -
          perM2 * (events.discount[events.days[k] ?? 0] ?? 1) * entry.tool.storedM2
    if (price?.payment !== first || price?.expected !== price?.payment) varies = true
  })
  return { cash, value, payment, varies }
}

function choiceOf(
  world: World,
  events: EventTimes,
  kit: Kit,
  offer: Offer,
  entry: KitTool
): Choice {
  const day = (date: string | undefined, otherwise: number): number =>
    date === undefined ? otherwise : dayNumber(date) - dayNumber(world.asOf)
  return {
    id: offer.id,
    entries: [entry],
    ...figures(world, events, offer, entry),
    storedM2: entry.tool.storedM2,
    single: offer.single ?? false,
    from: day(offer.from, 0),
    until: day(offer.until, Infinity),
    makes: undefined,
    replaces: offer.until === undefined ? replacedBy(world, kit, entry) : undefined
  }
}

/** Offers of one tool without those that another one beats in price, worth and work. What is single, dated or on sale beats nothing. */
function undominated(list: readonly Choice[]): Choice[] {
  const steady = (one: Choice): boolean =>
    !one.single && !one.varies && one.makes === undefined && one.replaces === undefined
  const beats = (a: Choice, b: Choice): boolean => {
    const [x, y] = [a.entries[0], b.entries[0]]
    return (
      x !== undefined &&
      y !== undefined &&
      steady(a) &&
      servesFor(x, y) &&
      (a.cash[0] ?? 0) <= (b.cash[0] ?? 0) &&
      (a.value[0] ?? 0) >= (b.value[0] ?? 0) &&
      (a.value.at(-1) ?? 0) >= (b.value.at(-1) ?? 0)
    )
  }
  return list.filter(
    (one, i) =>
      one.replaces !== undefined ||
      one.varies ||
      !list.some((other, k) => other !== one && beats(other, one) && (!beats(one, other) || k < i))
  )
}

function makeChoice(world: World, events: EventTimes, build: Build): Choice | undefined {
  const tool = world.library.tools.get(build.yields ?? '')
  if (!tool) return undefined
  const perM2 = world.workspace.preferences.weighting?.spacePerM2 ?? 0
  const zero = new Float64Array(events.count)
  const value = Float64Array.from(
    zero,
    (_, k) => -perM2 * (events.discount[events.days[k] ?? 0] ?? 1) * tool.storedM2
  )
  return {
    id: build.id,
    entries: [jigEntry(tool)],
    cash: zero,
    value,
    payment: zero,
    storedM2: tool.storedM2,
    single: true,
    from: 0,
    until: Infinity,
    varies: false,
    makes: build,
    replaces: undefined
  }
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
  const choices: Choice[] = []
  for (const [tool, buyables] of market) {
    if (!matters.has(tool)) continue
    const offered = buyables.flatMap(({ offer, entry }) =>
      offer && !avoid(offer) ? [choiceOf(world, events, kit, offer, entry)] : []
    )
    const kept = new Set(undominated(offered))
    choices.push(...offered.filter((one) => kept.has(one) || pinned.has(one.id)))
    for (const { jig } of buyables) {
      const made = jig && makeChoice(world, events, jig)
      if (made) choices.push(made)
    }
  }
  for (const pin of pinned) {
    if (choices.some(({ id }) => id === pin)) continue
    const offer = findOffer(world.pricing, pin)
    if (offer && avoid(offer)) continue
    const tool = offer && world.library.tools.get(offer.tool)
    const entry = tool && offer && (market.get(tool.id) ?? []).find(({ id }) => id === pin)?.entry
    if (offer && tool)
      choices.push(
        choiceOf(
          world,
          events,
          kit,
          offer,
          entry ?? {
            tool,
            tier: offer.tier,
            condition: offer.condition,
            power: offer.power,
            platform: offer.platform,
            specs: { ...tool.specs, ...offer.specs },
            count: 1
          }
        )
      )
  }
  const banned = new Set(world.workspace.bans.map(({ id }) => id))
  for (const build of world.workspace.builds) {
    const made =
      isDone(build) || build.yields === undefined || banned.has(build.yields)
        ? undefined
        : makeChoice(world, events, build)
    if (made) choices.push(made)
  }
  for (const bundle of world.workspace.bundles ?? []) {
    if (
      !bundle.pieces.some(({ tool }) => matters.has(tool)) ||
      bundle.pieces.some(({ tool }) => banned.has(tool))
    )
      continue
    const one = bundleChoice(world, events, bundle)
    if (one) choices.push(one)
  }
  return { context: fitContext(world), kit, market, choices, ...lookUps(kit, choices) }
}

function bundleChoice(
  world: World,
  events: EventTimes,
  bundle: NonNullable<World['workspace']['bundles']>[number]
): Choice | undefined {
  const { keptMoneyWorth } = world.workspace.money
  const [cash, value, payment] = [
    new Float64Array(events.count),
    new Float64Array(events.count),
    new Float64Array(events.count)
  ]
  const sleeps = (world.workspace.needTests ?? [])
    .filter(({ tool }) => bundle.pieces.some((piece) => piece.tool === tool))
    .map(({ until }) => until)
  const end = discount(world, world.until)
  let entries: KitTool[] = []
  events.dates.forEach((date, k) => {
    const price = sleeps.some((until) => date < until)
      ? undefined
      : bundleThen(world.pricing, bundle, date)
    const pieces = price ? bundlePieces(world, bundle, price.payment, date) : []
    if (pieces.length > 0) entries = pieces.map(({ entry }) => entry)
    const perM2 = world.workspace.preferences.weighting?.spacePerM2 ?? 0
    const floor = pieces.reduce((sum, { entry }) => sum + entry.tool.storedM2 * entry.count, 0)
    const at = events.discount[events.days[k] ?? 0] ?? 1
    cash[k] = price ? price.payment : Infinity
    payment[k] = price?.payment ?? 0
    value[k] = price
      ? -keptMoneyWorth * at * price.payment +
        end * pieces.reduce((sum, { entry, paid }) => sum + resaleValue(entry, paid), 0) -
        perM2 * at * floor
      : -Infinity
  })
  if (entries.length === 0) return undefined
  return {
    id: bundle.id,
    entries,
    cash,
    value,
    payment,
    storedM2: entries.reduce((sum, { tool, count }) => sum + tool.storedM2 * count, 0),
    single: true,
    from: 0,
    until: Infinity,
    varies: true,
    makes: undefined,
    replaces: undefined
  }
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
