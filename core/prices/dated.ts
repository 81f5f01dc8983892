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
const isCertain = ({ chance }: SaleWindow): boolean => chance >= CERTAIN

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
  const offTag = Math.max(0, ...open.filter(isCertain).map(({ off }) => off))
  const sure: DatedPrice =
    offTag === 0
      ? plain
      : {
          tag: tag - timesRatio(tag, offTag),
          payment: payment - timesRatio(tag + tax, offTag),
          expected: payment - timesRatio(tag + tax, offTag),
          repair,
          atTill: tag + tax - timesRatio(tag + tax, offTag)
        }
  // What only may come is hoped for beside what is certain: it takes off as much more as it is deeper.
  const hoped = open
    .filter((one) => !isCertain(one))
    .map(({ off, chance }) => {
      const then = Math.min(sure.payment, payment - timesRatio(tag + tax, off))
      return sure.payment - chance * (sure.payment - then)
    })
  return { ...sure, expected: Math.min(sure.expected, ...hoped) }
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
