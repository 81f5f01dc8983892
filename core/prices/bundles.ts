import type { Condition, Power, Tier } from '../catalogue'
import { compareDays, type Day } from '../calendar'
import { timesRatio, type Minor } from '../money'
import type { HiredStretch } from './hire'
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
  /** It goes back: a stretch of hire. Made from the terms of a hire, never kept. */
  readonly hire?: HiredStretch | undefined
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
  /** So many times at the most, such as once a customer; as often as one likes when left out. */
  readonly most?: number | undefined
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
  /** It comes round every year; the days are those of one of them. */
  readonly yearly?: boolean | undefined
}

/** A bundle with its price on some day. */
export interface PricedBundle {
  readonly bundle: Bundle
  readonly allIn: Minor
}

/** Newest standing price of a bundle with tax and one delivery; undefined without a quote. */
export function bundlePrice(pricing: Pricing, bundle: Bundle, day: Day): PricedBundle | undefined {
  if (bundle.hire) return { bundle, allIn: bundle.hire.fee }
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

/** A sale that is expected for a tool and is not over, the soonest first. */
export const salesFor = (windows: readonly SaleWindow[], tool: string, day: Day): SaleWindow[] =>
  windows
    .filter(({ until, tools }) => until >= day && (tools.length === 0 || tools.includes(tool)))
    .sort((a, b) => compareDays(a.from, b.from))
