import type { Day } from '../calendar'
import { timesRatio, type Minor } from '../money'
import { salesFor, bundlePrice, type Bundle, type SaleWindow } from './bundles'
import { priceOf, type Offer, type Price, type Pricing } from './offer'

/** What something costs on a day of a plan. */
export interface DatedPrice {
  readonly tag: Minor
  /** What must be in the purse: a sale that only may come is not counted on. */
  readonly payment: Minor
  /** What it costs on average, where a sale may come that day. */
  readonly expected: number
  /** Kept back for the repairs a used one usually needs. */
  readonly repair: Minor
  /** Tag price with tax: what a deal at the till can take off. */
  readonly atTill: Minor
}

/** A chance at or above this is taken as certain. */
const CERTAIN = 0.9999

/** A price on a day on which a sale holds: off the tag where it is certain, in the expectation where it may come. New things bought only. */
function inSale(
  windows: readonly SaleWindow[],
  offer: Pick<Offer, 'tool' | 'condition' | 'acquisition'>,
  price: Price,
  day: Day
): DatedPrice {
  const { tag, tax, payment, repair } = price
  const plain: DatedPrice = { tag, payment, expected: payment, repair, atTill: tag + tax }
  if (windows.length === 0 || offer.condition !== 'new' || offer.acquisition !== 'buy') return plain
  const open = salesFor(windows, offer.tool, day).filter(({ from }) => from <= day)
  let best = plain
  for (const { off, chance } of open) {
    const saved = timesRatio(tag + tax, off)
    const then: DatedPrice =
      chance >= CERTAIN
        ? {
            tag: tag - timesRatio(tag, off),
            payment: payment - saved,
            expected: payment - saved,
            repair,
            atTill: tag + tax - saved
          }
        : { ...plain, expected: payment - chance * saved }
    if (then.expected < best.expected) best = then
  }
  return best
}

/** What an offer costs on a day, sales included; undefined where it has no price. */
export function priceThen(
  pricing: Pricing,
  windows: readonly SaleWindow[],
  offer: Offer,
  day: Day
): DatedPrice | undefined {
  const price = priceOf(pricing, offer, day)
  return price && inSale(windows, offer, price, day)
}

/** What a bundle costs on a day; undefined without a standing quote. */
export function bundleThen(pricing: Pricing, bundle: Bundle, day: Day): DatedPrice | undefined {
  const price = bundlePrice(pricing, bundle, day)
  return (
    price && { tag: price.allIn, payment: price.allIn, expected: price.allIn, repair: 0, atTill: 0 }
  )
}
