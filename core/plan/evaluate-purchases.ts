import { specsOf } from '../catalogue'
import { checkDay, type Day } from '../calendar'
import { entryOfOffer, jigEntry, kitTool, makeKit, servesFor, type Kit, type KitTool } from '../fit'
import { distinct, issue, sumOf, type Issue } from '../kernel'
import type { Minor } from '../money'
import {
  bestDeals,
  bundleThen,
  findOffer,
  priceThen,
  typicalOffer,
  type Bundle,
  type DatedPrice
} from '../prices'
import { findBuild, type Plan, type PlannedPurchase, type World } from '../workspace'
import { resaleValue } from './terms'

/** One tool that comes into the workshop, with the days it is there. */
export interface Acquired {
  readonly entry: KitTool
  readonly from: Day
  /** Last day for what is hired or borrowed. */
  readonly until?: Day | undefined
  readonly paid: Minor
  readonly item?: string | undefined
}

/** A planned purchase with what it brings and the price the workspace knows for it. */
export interface Priced {
  readonly index: number
  readonly purchase: PlannedPurchase
  /** What is asked for, for sentences: the tool's id, or the bundle's. */
  readonly tool: string
  readonly brings: readonly Acquired[]
  readonly payment: Minor
  /** What it costs on average, where a sale may come, with what a used one is likely to need in repairs. */
  readonly expected: number
  /** Of that, what is kept back for repairs. */
  readonly keptForRepair: Minor
  /** For deals: what one costs at the till, and whether it is bought new. */
  readonly atTill: Minor
  readonly isNew: boolean
}

export const bundleOf = (world: World, id: string): Bundle | undefined =>
  world.workspace.bundles?.find((bundle) => bundle.id === id)

/** What the pieces of a bundle are, as kit entries, with what each is reckoned to have cost: its share by typical prices. */
export function bundlePieces(world: World, bundle: Bundle, paid: Minor, date: Day): Acquired[] {
  const pieces = bundle.pieces.flatMap((piece) => {
    const tool = world.library.tools.get(piece.tool)
    if (!tool) return []
    const { tier, condition, power, platform, count } = piece
    const typical = typicalOffer(
      world.library,
      [piece.tool, tier, condition, 'buy', power].join('/')
    )
    const price = (typical && priceThen(world.pricing, [], typical, date)?.tag) ?? 0
    return [
      {
        entry: { tool, tier, condition, power, platform, specs: specsOf(tool, tier), count },
        weight: price * count
      }
    ]
  })
  const total = sumOf(pieces, ({ weight }) => weight)
  return pieces.map(({ entry, weight }) => ({
    entry,
    from: date,
    paid: total > 0 ? Math.floor((paid * weight) / total) : 0
  }))
}

const isDay = (text: string): boolean => checkDay(text).ok

/** Price and contents of one purchase; undefined after a sentence saying why not. */
function priced(
  world: World,
  purchase: PlannedPurchase,
  index: number,
  broken: Issue[]
): Priced | undefined {
  const path = ['purchases', index] as const
  const { date, count } = purchase
  const offer = findOffer(world.pricing, purchase.offer)
  const bundle = offer ? undefined : bundleOf(world, purchase.offer)
  const windows = world.workspace.saleWindows ?? []
  const price: DatedPrice | undefined = offer
    ? priceThen(world.pricing, windows, offer, date)
    : bundle && bundleThen(world.pricing, bundle, date)
  if (!offer && !bundle)
    broken.push(issue('plan.unknown-offer', [...path, 'offer'], { id: purchase.offer }))
  else if (!price) broken.push(issue('plan.no-price', [...path, 'offer'], { id: purchase.offer }))
  if (!price) return undefined
  const payment = price.payment * count
  const tool = offer?.tool ?? purchase.offer
  if (payment !== purchase.price)
    broken.push(
      issue('plan.price-differs', [...path, 'price'], {
        tool,
        planned: purchase.price,
        price: payment
      })
    )
  if (bundle)
    return {
      index,
      purchase,
      tool,
      brings: bundlePieces(world, bundle, payment, date),
      payment,
      expected: payment,
      keptForRepair: 0,
      atTill: 0,
      isNew: false
    }
  const entry = offer && world.library.tools.get(offer.tool)
  if (!offer || !entry) return undefined
  const paid = offer.acquisition === 'buy' || offer.acquisition === 'gift' ? price.tag * count : 0
  return {
    index,
    purchase,
    tool,
    brings: [{ entry: entryOfOffer(entry, offer, count), from: date, until: offer.until, paid }],
    payment,
    expected: (price.expected + price.repair) * count,
    keptForRepair: price.repair * count,
    atTill: price.atTill,
    isNew: offer.condition === 'new' && offer.acquisition === 'buy'
  }
}

/** Rules of each purchase by itself: dates, counts, prices, bans, need tests. */
export function checkPurchases(world: World, plan: Plan, broken: Issue[]): Priced[] {
  const list: Priced[] = []
  const ids = new Set<string>()
  const { bans, needTests = [] } = world.workspace
  plan.purchases.forEach((purchase, index) => {
    const path = ['purchases', index] as const
    if (ids.has(purchase.id)) broken.push(issue('plan.duplicate-id', path, { id: purchase.id }))
    ids.add(purchase.id)
    if (!isDay(purchase.date))
      broken.push(issue('day.does-not-exist', [...path, 'date'], { text: purchase.date }))
    else if (purchase.date < world.asOf || purchase.date > world.until)
      broken.push(
        issue('plan.date-outside', [...path, 'date'], {
          date: purchase.date,
          from: world.asOf,
          until: world.until
        })
      )
    if (!Number.isInteger(purchase.count) || purchase.count < 1)
      broken.push(issue('plan.count', [...path, 'count'], { count: purchase.count }))
    const one = priced(world, purchase, index, broken)
    if (!one) return
    for (const tool of distinct(one.brings.map(({ entry }) => entry.tool.id))) {
      if (bans.some(({ kind, id }) => kind === 'tool' && id === tool))
        broken.push(issue('plan.banned', path, { tool }))
      const sleepsUntil = needTests.find((test) => test.tool === tool)?.until
      if (sleepsUntil !== undefined && purchase.date < sleepsUntil)
        broken.push(
          issue('plan.not-slept-on', path, { tool, date: purchase.date, until: sleepsUntil })
        )
    }
    const offer = findOffer(world.pricing, purchase.offer)
    if (
      (offer?.from !== undefined && purchase.date < offer.from) ||
      (offer?.until !== undefined && purchase.date > offer.until)
    )
      broken.push(issue('plan.offer-not-then', path, { tool: one.tool, date: purchase.date }))
    list.push(one)
  })
  for (const { index, tool, purchase } of list) {
    const same = list.filter((other) => other.purchase.offer === purchase.offer)
    const once =
      findOffer(world.pricing, purchase.offer)?.single === true ||
      bundleOf(world, purchase.offer) !== undefined
    if (once && sumOf(same, (other) => other.purchase.count) > 1 && same[0]?.index === index)
      broken.push(issue('plan.only-one', ['purchases', index], { tool, count: purchase.count }))
  }
  return list
}

/** A tool one owns that is sold, with the money it brings. */
export interface Resold {
  readonly index: number
  readonly item: string
  readonly date: Day
  readonly amount: Minor
}

/** What selling an owned item is reckoned to bring, whole minor units. */
export const resaleOf = (entry: KitTool, cost: Minor): Minor => Math.floor(resaleValue(entry, cost))

/** Only what a purchase has replaced is sold: one of the same tool, at least as good, bought by then, each taking the place of one item. */
export function checkResales(
  world: World,
  plan: Plan,
  list: readonly Priced[],
  broken: Issue[]
): Resold[] {
  const free = list
    .flatMap(({ brings }) => brings)
    .filter(({ until }) => until === undefined)
    .map((one) => ({ ...one, left: one.entry.count }))
  const seen = new Set<string>()
  return [...(plan.resales ?? [])]
    .map((resale, index) => ({ resale, index }))
    .sort((a, b) => (a.resale.date < b.resale.date ? -1 : 1))
    .flatMap(({ resale, index }): Resold[] => {
      const path = ['resales', index] as const
      const item = world.workspace.items.find(({ id }) => id === resale.item)
      const entry = item && kitTool(world.library, item)
      if (!item || !entry || seen.has(resale.item)) {
        broken.push(issue('plan.unknown-item', [...path, 'item'], { id: resale.item }))
        return []
      }
      seen.add(resale.item)
      if (!isDay(resale.date) || resale.date < world.asOf || resale.date > world.until)
        broken.push(
          issue('plan.date-outside', [...path, 'date'], {
            date: resale.date,
            from: world.asOf,
            until: world.until
          })
        )
      const by = free.find(
        ({ entry: other, from, left }) =>
          from <= resale.date && left >= entry.count && servesFor(other, entry)
      )
      if (by) by.left -= entry.count
      else broken.push(issue('plan.not-replaced', path, { tool: item.tool, date: resale.date }))
      const amount = resaleOf(entry, item.cost)
      if (amount !== resale.amount)
        broken.push(
          issue('plan.resale-differs', [...path, 'amount'], {
            tool: item.tool,
            planned: resale.amount,
            price: amount
          })
        )
      return [{ index, item: resale.item, date: resale.date, amount }]
    })
}

/** What the deals of one day take off, worked out from its purchases. */
export function savingsOn(
  world: World,
  list: readonly Priced[],
  date: Day
): { readonly deal: string; readonly amount: Minor }[] {
  const open = (world.workspace.deals ?? []).filter(
    ({ until }) => until === undefined || until >= date
  )
  if (open.length === 0) return []
  const units = list
    .filter(({ purchase, isNew }) => purchase.date === date && isNew)
    .map(({ tool, purchase, atTill }) => ({
      tool,
      count: purchase.count,
      atTill,
      condition: 'new' as const
    }))
  return bestDeals(units, open).map(({ deal, saved }) => ({ deal: deal.id, amount: saved }))
}

/** Savings a plan counts on must be what the deals of that day really take off. */
export function checkSavings(
  world: World,
  plan: Plan,
  list: readonly Priced[],
  broken: Issue[]
): void {
  ;(plan.savings ?? []).forEach(({ deal, date, amount }, index) => {
    const real = savingsOn(world, list, date).find((one) => one.deal === deal)?.amount ?? 0
    const twice =
      plan.savings?.findIndex((other) => other.deal === deal && other.date === date) !== index
    if (twice || real !== amount)
      broken.push(
        issue('plan.saving-differs', ['savings', index], {
          deal,
          planned: amount,
          price: twice ? 0 : real,
          date
        })
      )
  })
}

/** Everything that is in the workshop at some time, with the days it is there. */
export function acquisitions(
  world: World,
  plan: Plan,
  list: readonly Priced[],
  resold: readonly Resold[] = []
): Acquired[] {
  const owned = world.workspace.items.flatMap((item): Acquired[] => {
    const entry = kitTool(world.library, item)
    const sold = resold.find((one) => one.item === item.id)
    return entry
      ? [
          {
            entry,
            from: '0000-01-01',
            paid: item.cost,
            item: item.id,
            ...(sold ? { until: sold.date } : {})
          }
        ]
      : []
  })
  const made = plan.builds.flatMap(({ build: id, done }): Acquired[] => {
    const build = findBuild(world, id)
    const tool = build?.yields === undefined ? undefined : world.library.tools.get(build.yields)
    return tool ? [{ entry: jigEntry(tool), from: done, paid: 0 }] : []
  })
  return [...owned, ...list.flatMap(({ brings }) => brings), ...made]
}

export const kitBetween = (acquired: readonly Acquired[], from: Day, until: Day): Kit =>
  makeKit(
    acquired
      .filter((one) => one.from <= from && (one.until === undefined || one.until >= until))
      .map(({ entry }) => entry)
  )

/** Protective gear is there no later than the first tool that needs it. */
export function checkProtection(
  list: readonly Priced[],
  acquired: readonly Acquired[],
  broken: Issue[]
): void {
  for (const { index, purchase, brings } of list) {
    const kit = kitBetween(acquired, purchase.date, purchase.date)
    for (const { entry } of brings)
      for (const protection of entry.tool.needs)
        if (!kit.protects.has(protection))
          broken.push(
            issue('plan.protection-late', ['purchases', index], {
              tool: entry.tool.id,
              protection,
              date: purchase.date
            })
          )
  }
}

/** Stored tools never take more floor than there is; what was too much before the plan is not the plan's fault. */
export function checkSpace(world: World, acquired: readonly Acquired[], broken: Issue[]): void {
  const limit = world.workspace.workshop.floorM2
  if (limit === undefined) return
  const takenOn = (day: Day): number =>
    sumOf(
      acquired.filter(({ from, until }) => from <= day && (until === undefined || until > day)),
      ({ entry }) => entry.tool.storedM2 * entry.count
    )
  for (const day of distinct(
    acquired
      .filter(({ from, entry }) => from >= world.asOf && entry.tool.storedM2 > 0)
      .map(({ from }) => from)
  ).sort()) {
    const taken = takenOn(day)
    if (taken <= limit + 1e-9) continue
    broken.push(issue('plan.space', [], { taken: Math.round(taken * 100) / 100, limit, date: day }))
    return
  }
}
