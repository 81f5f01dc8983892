import { daysBetween, type Day } from '../calendar'
import { botherOf, jigEntry, servesFor, type Kit, type KitTool } from '../fit'
import type { Build } from '../builds'
import { sumOf } from '../kernel'
import {
  bundleOn,
  dealShare,
  isTaken,
  offerOn,
  type Bundle,
  type HiredStretch,
  type Offer,
  type Unit
} from '../prices'
import { bundlePieces, endOfService, resaleOf, resaleValue } from '../plan'
import { tillOf, type World } from '../workspace'
import type { EventTimes } from './event-times'
import { NEVER } from './order'

/** One thing that could be acquired. Figures per event time are for one of it; what cannot be had then is Infinity, or −Infinity worth. */
export interface Choice {
  readonly id: string
  readonly entries: readonly KitTool[]
  /** Must be in the purse at each event time, with what is kept back for repairs. */
  readonly cash: Float64Array
  /** What the purchase adds to the objective at each event time: less what it costs on average, plus its resale at the end. */
  readonly value: Float64Array
  /** Price for the plan at each event time. */
  readonly payment: Float64Array
  /** What counts as spent and taken: expected price with repairs and what bothers, at what kept money is worth, and floor. */
  readonly burden: Float64Array
  /** What it brings when the years after are over, as it counts. */
  readonly atEnd: Float64Array
  /** The most that deals can take off one of it at each event time, minor units. */
  readonly offByDeals: Float64Array
  readonly storedM2: number
  /** Only one can be had. */
  readonly single: boolean
  /** Days it is there, counted from today, for hire and loan. */
  readonly from: number
  readonly until: number
  /** It goes back: how many days it stays from the day it is had, and how many minutes of work it holds. Bought again each time. */
  readonly hire: HiredStretch | undefined
  /** Price or worth differs from event to event. */
  readonly varies: boolean
  /** The build that makes it, for jigs. */
  readonly makes: Build | undefined
  /** An owned item it takes the place of, with what that brings. */
  readonly replaces: { readonly item: string; readonly amount: number } | undefined
}

/** The least that one of a choice takes on a day it can be had, at what kept money counts. */
export const leastOf = ({ burden, cash }: Choice): number =>
  burden.reduce(
    (least, one, k) => ((cash[k] as number) < Infinity ? Math.min(least, one) : least),
    Infinity
  )

/** What one of something costs and brings on a day it can be had. */
interface Figures {
  readonly unit: Unit
  /** What bothers about it, minor units. */
  readonly bother: number
  /** Price it is resold from at the end, by piece. */
  readonly brings: number
  readonly storedM2: number
}

type PerEvent = Pick<Choice, 'cash' | 'value' | 'payment' | 'burden' | 'atEnd' | 'offByDeals'>

/** The figures of a choice at each event time. @param on what it costs on a day; undefined where it cannot be had @param always the same where it is known to hold on every day */
function perEvent(
  world: World,
  events: EventTimes,
  on: (date: Day) => Figures | undefined,
  always?: Figures
): PerEvent {
  const till = tillOf(world)
  const { keptMoneyWorth } = world.workspace.money
  const perM2 = world.workspace.preferences.weighting?.spacePerM2 ?? 0
  const end = keptMoneyWorth * endOfService(world)
  const list = (): Float64Array => new Float64Array(events.count)
  const made = {
    cash: list(),
    value: list(),
    payment: list(),
    burden: list(),
    atEnd: list(),
    offByDeals: list()
  }
  if (always && !always.unit.dealt) {
    const { unit, bother, brings, storedM2 } = always
    const burden = keptMoneyWorth * (unit.expected + unit.repair + bother) + perM2 * storedM2
    made.cash.fill(unit.payment + unit.repair)
    made.payment.fill(unit.payment)
    made.burden.fill(burden)
    made.atEnd.fill(end * brings)
    made.value.fill(end * brings - burden)
    return made
  }
  events.dates.forEach((date, k) => {
    const figures = on(date)
    if (!figures) {
      made.cash[k] = Infinity
      made.value[k] = -Infinity
      return
    }
    const { unit, bother, brings, storedM2 } = figures
    made.cash[k] = unit.payment + unit.repair
    made.payment[k] = unit.payment
    made.burden[k] = keptMoneyWorth * (unit.expected + unit.repair + bother) + perM2 * storedM2
    made.atEnd[k] = end * brings
    made.offByDeals[k] = unit.dealt ? dealShare(till, unit.what, date) * unit.atTill : 0
    made.value[k] = end * brings - (made.burden[k] ?? 0)
  })
  return made
}

/** The item that a purchase makes needless: a single one of the same tool, no better. */
function replacedBy(world: World, kit: Kit, entry: KitTool): Choice['replaces'] {
  if (entry.tool.madeBy !== undefined) return undefined
  for (const item of world.workspace.items) {
    if (item.tool !== entry.tool.id || item.count !== 1 || item.loan) continue
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

/** Whether an offer can be had on a day: in its time, and not slept on. */
const openOn = (world: World, { tool, from, until }: Offer, date: Day): boolean => {
  const sleeps = world.workspace.needTests?.find((test) => test.tool === tool)?.until
  return !(
    (from !== undefined && date < from) ||
    (until !== undefined && date > until) ||
    (sleeps !== undefined && date < sleeps)
  )
}

/** Whether an offer's price is the same on every day. */
const steadyPrice = ({ workspace, pricing }: World, id: string): boolean =>
  (workspace.saleWindows ?? []).length === 0 &&
  !pricing.quotes.some(({ offer, until }) => offer === id && until !== undefined)

export function offerChoice(
  world: World,
  events: EventTimes,
  kit: Kit,
  offer: Offer,
  entry: KitTool
): Choice {
  const till = tillOf(world)
  const steady = steadyPrice(world, offer.id)
  const today = offerOn(till, offer, world.asOf)
  const keeps = offer.acquisition === 'buy' || offer.acquisition === 'gift'
  const sleeps = world.workspace.needTests?.some(({ tool }) => tool === offer.tool)
  const bother = botherOf(world, entry.tool, offer)
  let varies = offer.from !== undefined || offer.until !== undefined || sleeps === true
  const { storedM2 } = entry.tool
  const figuresFor = (unit: Unit): Figures => ({
    unit,
    bother,
    brings: keeps ? resaleValue(entry, unit.tag) : 0,
    storedM2
  })
  const always = steady && !varies && today ? figuresFor(today) : undefined
  if (today?.expected !== today?.payment) varies = true
  const made = perEvent(
    world,
    events,
    (date) => {
      const unit = steady ? today : offerOn(till, offer, date)
      if (unit?.payment !== today?.payment || unit?.expected !== unit?.payment) varies = true
      return unit && openOn(world, offer, date) ? figuresFor(unit) : undefined
    },
    always
  )
  const day = (date: Day | undefined, otherwise: number): number =>
    date === undefined ? otherwise : daysBetween(world.asOf, date)
  return {
    id: offer.id,
    entries: [entry],
    ...made,
    storedM2: entry.tool.storedM2,
    single: offer.single ?? false,
    from: day(offer.from, 0),
    until: keeps ? Infinity : day(offer.until, Infinity),
    hire: undefined,
    varies,
    makes: undefined,
    replaces: keeps ? replacedBy(world, kit, entry) : undefined
  }
}

export function jigChoice(world: World, events: EventTimes, build: Build): Choice | undefined {
  const tool = world.library.tools.get(build.yields ?? '')
  if (!tool) return undefined
  const perM2 = world.workspace.preferences.weighting?.spacePerM2 ?? 0
  const zero = new Float64Array(events.count)
  const burden = Float64Array.from(zero, () => perM2 * tool.storedM2)
  return {
    id: build.id,
    entries: [jigEntry(tool)],
    cash: zero,
    value: burden.map((one) => -one),
    payment: zero,
    burden,
    atEnd: zero,
    offByDeals: zero,
    storedM2: tool.storedM2,
    single: true,
    from: 0,
    until: Infinity,
    hire: undefined,
    varies: false,
    makes: build,
    replaces: undefined
  }
}

export function bundleChoice(world: World, events: EventTimes, bundle: Bundle): Choice | undefined {
  const till = tillOf(world)
  const holds = (tool: string): boolean => bundle.pieces.some((piece) => piece.tool === tool)
  const sleeps = (world.workspace.needTests ?? []).filter(({ tool }) => holds(tool))
  let entries: KitTool[] = []
  const made = perEvent(world, events, (date) => {
    const { from, until: last } = bundle.hire ?? {}
    const isOpen =
      !sleeps.some(({ until }) => date < until) &&
      (from === undefined || date >= from) &&
      (last === undefined || date <= last)
    const unit = isOpen ? bundleOn(till, bundle, date) : undefined
    if (!unit) return undefined
    const pieces = bundlePieces(world, bundle, unit.payment, date)
    if (pieces.length > 0) entries = pieces.map(({ entry }) => entry)
    return {
      unit,
      bother: 0,
      brings: bundle.hire ? 0 : sumOf(pieces, ({ entry, paid }) => resaleValue(entry, paid)),
      storedM2: bundle.hire ? 0 : sumOf(pieces, ({ entry }) => entry.tool.storedM2 * entry.count)
    }
  })
  if (entries.length === 0) return undefined
  return {
    id: bundle.id,
    entries,
    ...made,
    storedM2: bundle.hire ? 0 : sumOf(entries, ({ tool, count }) => tool.storedM2 * count),
    single: bundle.hire === undefined || isTaken(bundle),
    from: 0,
    // Never for good, wherever that is asked; its own stretch says until when.
    until: bundle.hire ? NEVER - 1 : Infinity,
    hire: bundle.hire,
    varies: true,
    makes: undefined,
    replaces: undefined
  }
}

/** Offers of one tool without those that another one beats in price, worth and work. What is single, dated, on sale or in a deal beats nothing. */
const inDeal = ({ offByDeals }: Choice): boolean => offByDeals.some((off) => off > 0)

export function paretoChoices(list: readonly Choice[]): Choice[] {
  const steady = (one: Choice): boolean =>
    !one.single &&
    !one.varies &&
    one.makes === undefined &&
    one.replaces === undefined &&
    !inDeal(one)
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
      inDeal(one) ||
      !list.some((other, k) => other !== one && beats(other, one) && (!beats(one, other) || k < i))
  )
}
