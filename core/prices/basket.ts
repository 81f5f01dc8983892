import { tierRank } from '../catalogue'
import type { Day } from '../calendar'
import { sumOf } from '../kernel'
import type { Minor } from '../money'
import type { Bundle, BundlePiece, Deal, PricedBundle, SaleWindow } from './bundles'
import { bestDeals, type DealSaving } from './deals'
import { bundleThen, priceThen, type DatedPrice } from './dated'
import { findOffer, type Offer, type Pricing } from './offer'

/**
 * **What a day's basket costs**: prices with tax and delivery, sales that hold that day, bundles, deals, and what is kept back for the
 * repair of used tools. Evaluator, search, bound, risk, ladder and shopping list all ask here.
 */

/** Everything that says what things cost at the till. */
export interface Till {
  readonly pricing: Pricing
  readonly windows: readonly SaleWindow[]
  readonly bundles: readonly Bundle[]
  readonly deals: readonly Deal[]
}

/** One of an offer, or a bundle, with its price on a day. */
export interface Unit extends DatedPrice {
  readonly offer?: Offer | undefined
  readonly bundle?: Bundle | undefined
  /** The tool's id, or the bundle's: what it is called by. */
  readonly what: string
  /** Whether deals hold for it: what is bought new. */
  readonly dealt: boolean
}

/** One of an offer on a day; undefined where it has no price then. */
export function offerOn(till: Till, offer: Offer, day: Day): Unit | undefined {
  const price = priceThen(till.pricing, till.windows, offer, day)
  const dealt = offer.condition === 'new' && offer.acquisition === 'buy'
  return price && { ...price, offer, what: offer.tool, dealt }
}

/** A bundle on a day; undefined without a standing quote. */
export function bundleOn(till: Till, bundle: Bundle, day: Day): Unit | undefined {
  const price = bundleThen(till.pricing, bundle, day)
  return price && { ...price, bundle, what: bundle.id, dealt: false }
}

/** What an id stands for at the till: an offer or a bundle. */
export function soldAs(
  till: Till,
  id: string
): { readonly offer: Offer } | { readonly bundle: Bundle } | undefined {
  const offer = findOffer(till.pricing, id)
  if (offer) return { offer }
  const bundle = till.bundles.find((one) => one.id === id)
  return bundle && { bundle }
}

/** One of an offer or a bundle on a day, by its id; undefined where there is none or it has no price then. */
export function unitOn(till: Till, id: string, day: Day): Unit | undefined {
  const sold = soldAs(till, id)
  if (!sold) return undefined
  return 'offer' in sold ? offerOn(till, sold.offer, day) : bundleOn(till, sold.bundle, day)
}

/** What a deal takes off a day's basket. */
export interface Saving {
  readonly deal: string
  readonly amount: Minor
}

const openOn = (deals: readonly Deal[], day: Day): Deal[] =>
  deals.filter(({ until }) => until === undefined || until >= day)

/** What the deals of a day take off units bought together, each unit in at most one of them. */
export function savingsOn(
  till: Till,
  day: Day,
  lines: readonly { readonly unit: Unit; readonly count: number }[]
): Saving[] {
  const open = openOn(till.deals, day)
  if (open.length === 0) return []
  const units = lines
    .filter(({ unit }) => unit.dealt)
    .map(({ unit, count }) => ({
      tool: unit.what,
      count,
      atTill: unit.atTill,
      condition: 'new' as const
    }))
  return bestDeals(units, open).map(({ deal, saved }) => ({ deal: deal.id, amount: saved }))
}

/** The largest share of its price at the till that deals of a day could take off one of a tool: `free` of `buy + free` units, the cheapest. */
export const dealShare = (till: Till, tool: string, day: Day): number =>
  Math.max(
    0,
    ...openOn(till.deals, day)
      .filter(({ tools }) => tools.includes(tool))
      .map(({ buy, free }) => free / (buy + free))
  )

/** What is bought on one day. */
export interface Basket {
  readonly lines: readonly { readonly id: string; readonly count: number; readonly unit: Unit }[]
  readonly savings: readonly Saving[]
  /** Paid for all of it, savings taken off. */
  readonly payment: Minor
  /** Kept back for repairs. */
  readonly kept: Minor
}

/** The basket of a day; what has no price then is left out. */
export function basketOn(
  till: Till,
  day: Day,
  wanted: readonly { readonly id: string; readonly count: number }[]
): Basket {
  const lines = wanted.flatMap(({ id, count }) => {
    const unit = unitOn(till, id, day)
    return unit ? [{ id, count, unit }] : []
  })
  const savings = savingsOn(till, day, lines)
  const saved = sumOf(savings, ({ amount }) => amount)
  return {
    lines,
    savings,
    payment: sumOf(lines, ({ unit, count }) => unit.payment * count) - saved,
    kept: sumOf(lines, ({ unit, count }) => unit.repair * count)
  }
}

/** A piece that is wanted, with what one costs by itself. */
export interface Wanted extends BundlePiece {
  readonly id: string
  /** All in, minor units. */
  readonly each: Minor
  /** Tag price with tax: what a deal can take off; 0 for what is made. */
  readonly atTill: Minor
}

export interface SetPrice {
  readonly cost: Minor
  /** What the pieces cost one by one. */
  readonly separately: Minor
  readonly bundles: readonly PricedBundle[]
  /** What each deal takes off. */
  readonly deals: readonly DealSaving[]
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
