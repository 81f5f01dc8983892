import { tierRank, type Condition, type Power, type Tier } from '../catalogue'
import type { Day } from '../calendar'
import { sumOf } from '../kernel'
import { timesRatio, type Minor } from '../money'
import type { Pricing, Quote } from './offer'

/** One of the tools a bundle holds. */
export interface BundlePiece {
  readonly tool: string
  readonly tier: Tier
  readonly condition: Condition
  readonly power: Power
  readonly platform?: string | undefined
  readonly count: number
}

/** Several tools sold as one, once. Its price is quoted like an offer's. */
export interface Bundle {
  readonly id: string
  readonly name: string
  readonly pieces: readonly BundlePiece[]
}

/** Buy several, get the cheapest of them free. */
export interface Deal {
  readonly id: string
  readonly name: string
  /** So many are paid … */
  readonly buy: number
  /** … and so many come free, the cheapest of them. */
  readonly free: number
  /** Tools it holds for, new ones only. */
  readonly tools: readonly string[]
  readonly until?: Day | undefined
}

/** Days on which prices are expected to be lower. */
export interface SaleWindow {
  readonly id: string
  readonly name: string
  readonly from: Day
  readonly until: Day
  /** Share taken off, 0 to 1. */
  readonly off: number
  /** Chance that it comes, 0 to 1. */
  readonly chance: number
  /** Tools it holds for; all of them when empty. */
  readonly tools: readonly string[]
}

/** A piece that is wanted, with what one costs by itself. */
export interface Wanted extends BundlePiece {
  readonly id: string
  /** All in, minor units. */
  readonly each: Minor
  /** Tag price with tax: what a deal can take off; 0 for what is made. */
  readonly atTill: Minor
}

/** A bundle with its price on some day. */
export interface PricedBundle {
  readonly bundle: Bundle
  readonly allIn: Minor
}

export interface SetPrice {
  readonly cost: Minor
  /** What the pieces cost one by one. */
  readonly separately: Minor
  readonly bundles: readonly PricedBundle[]
  /** What each deal takes off. */
  readonly deals: readonly { readonly deal: Deal; readonly saved: Minor }[]
}

/** Newest standing price of a bundle with tax and one delivery; undefined without a quote. */
export function bundlePrice(pricing: Pricing, bundle: Bundle, day: Day): PricedBundle | undefined {
  const quote = pricing.quotes
    .filter(({ offer, until }) => offer === bundle.id && (until === undefined || until >= day))
    .reduce<Quote | undefined>(
      (best, one) => (best === undefined || one.date >= best.date ? one : best),
      undefined
    )
  if (!quote) return undefined
  const used = bundle.pieces.every(({ condition }) => condition === 'used')
  const tax = timesRatio(quote.price, used ? 0 : pricing.taxBasisPoints / 10_000)
  return { bundle, allIn: quote.price + tax + (used ? 0 : pricing.deliveryEach) }
}

const serves = (piece: BundlePiece, wanted: Wanted): boolean =>
  piece.tool === wanted.tool &&
  tierRank(piece.tier) >= tierRank(wanted.tier) &&
  piece.power === wanted.power &&
  (piece.condition !== 'used' || wanted.condition === 'used') &&
  (wanted.platform === undefined ||
    piece.platform === undefined ||
    piece.platform === wanted.platform)

/** What is still wanted once a bundle is there. */
const without = (wanted: readonly Wanted[], { pieces }: Bundle): Wanted[] => {
  const left = pieces.map(({ count }) => count)
  return wanted.map((one) => {
    let { count } = one
    pieces.forEach((piece, i) => {
      if (!serves(piece, one)) return
      const taken = Math.min(count, left[i] ?? 0)
      count -= taken
      left[i] = (left[i] ?? 0) - taken
    })
    return count === one.count ? one : { ...one, count }
  })
}

/** The cheapest `free` of every `buy + free` units, dearest units first: what a deal takes off, and the best grouping there is. */
function dealSaving({ buy, free }: Deal, units: readonly Minor[]): Minor {
  const sorted = [...units].sort((a, b) => b - a)
  return (
    sumOf(sorted, (price) => price) -
    sumOf(
      sorted.filter((_, i) => i % (buy + free) < buy),
      (price) => price
    )
  )
}

/** Units that several deals could take are tried in every one of them, up to so many; further ones go to the first that takes them. */
const UNITS_TRIED = 10

/** What deals take off pieces bought together, each unit in at most one of them. */
export function bestDeals(
  wanted: readonly Pick<Wanted, 'count' | 'atTill' | 'condition' | 'tool'>[],
  deals: readonly Deal[]
): SetPrice['deals'] {
  const units = wanted.flatMap((one) =>
    Array.from({ length: one.count }, () => ({
      price: one.atTill,
      able: deals.flatMap((deal, i) =>
        one.condition === 'new' && one.atTill > 0 && deal.tools.includes(one.tool) ? [i] : []
      )
    }))
  )
  const baskets: Minor[][] = deals.map(() => [])
  const open: typeof units = []
  for (const unit of units) {
    if (unit.able.length > 1 && open.length < UNITS_TRIED) open.push(unit)
    else if (unit.able[0] !== undefined) baskets[unit.able[0]]?.push(unit.price)
  }
  let best: { saved: Minor[]; total: Minor } = { saved: [], total: -1 }
  const visit = (index: number): void => {
    const unit = open[index]
    if (!unit) {
      const saved = deals.map((deal, i) => dealSaving(deal, baskets[i] ?? []))
      const total = sumOf(saved, (one) => one)
      if (total > best.total) best = { saved, total }
      return
    }
    for (const i of unit.able) {
      baskets[i]?.push(unit.price)
      visit(index + 1)
      baskets[i]?.pop()
    }
  }
  visit(0)
  return deals.flatMap((deal, i) =>
    (best.saved[i] ?? 0) > 0 ? [{ deal, saved: best.saved[i] ?? 0 }] : []
  )
}

/** Most bundles that are tried together; those that take most off come first. */
const BUNDLES_TRIED = 12

/**
 * The least that wanted pieces cost: one by one, in bundles, or with deals. Every subset of the bundles that hold a wanted piece is
 * tried, each bundle once; what is in a bundle and not wanted counts nothing.
 */
export function priceSet(
  wanted: readonly Wanted[],
  bundles: readonly PricedBundle[],
  deals: readonly Deal[]
): SetPrice {
  const separately = sumOf(wanted, ({ each, count }) => each * count)
  const plain: SetPrice = { cost: separately, separately, bundles: [], deals: [] }
  const useful = bundles
    .filter(({ bundle }) => wanted.some((one) => bundle.pieces.some((piece) => serves(piece, one))))
    .slice(0, BUNDLES_TRIED)
  const open = deals.filter(({ tools }) => wanted.some(({ tool }) => tools.includes(tool)))
  if (useful.length === 0 && open.length === 0) return plain
  let best: SetPrice = { ...plain, cost: Infinity }
  const visit = (index: number, left: readonly Wanted[], taken: readonly PricedBundle[]): void => {
    const next = useful[index]
    if (next) {
      visit(index + 1, left, taken)
      visit(index + 1, without(left, next.bundle), [...taken, next])
      return
    }
    const saved = open.length === 0 ? [] : bestDeals(left, open)
    const cost =
      sumOf(taken, ({ allIn }) => allIn) +
      sumOf(left, ({ each, count }) => each * count) -
      sumOf(saved, (one) => one.saved)
    if (cost < best.cost) best = { cost, separately, bundles: taken, deals: saved }
  }
  visit(0, wanted, [])
  return best
}

/** A sale that is expected for a tool and is not over, the soonest first. */
export const salesFor = (windows: readonly SaleWindow[], tool: string, day: Day): SaleWindow[] =>
  windows
    .filter(({ until, tools }) => until >= day && (tools.length === 0 || tools.includes(tool)))
    .sort((a, b) => (a.from < b.from ? -1 : a.from > b.from ? 1 : 0))
