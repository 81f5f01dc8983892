import {
  ACQUISITIONS,
  CONDITIONS,
  POWERS,
  TIERS,
  conditionPrice,
  repairReserve,
  tierPrice,
  type Acquisition,
  type Condition,
  type Library,
  type Power,
  type Specs,
  type Tier,
  type Tool
} from '../catalogue'
import type { Day } from '../calendar'
import { timesRatio, type Minor } from '../money'

/** A way to get one tool. Typical offers are never stored; their id spells them out: `tool/tier/condition/acquisition/power`. */
export interface Offer {
  readonly id: string
  readonly tool: string
  readonly tier: Tier
  readonly condition: Condition
  readonly acquisition: Acquisition
  readonly power: Power
  readonly platform?: string | undefined
  readonly specs?: Specs | undefined
  /** Only one can be had: a used find. */
  readonly single?: boolean | undefined
  /** Hire and borrow: the days it may be in the workshop. */
  readonly from?: Day | undefined
  readonly until?: Day | undefined
  /** Of a find that was bought: the days it was to be had before. */
  readonly before?: OfferedDays | undefined
  /** What a look at it found. */
  readonly looked?: LookedAt | undefined
  /** Where it was seen: an address on the web, http or https. */
  readonly link?: string | undefined
}

/** What was found when a used tool was looked at. */
export interface LookedAt {
  readonly date: Day
  /** What was said of each point of its sheet. */
  readonly answers: Readonly<Record<string, 'fine' | 'doubtful' | 'bad' | 'unseen'>>
  /** Kept back to put right what was found or could not be seen, besides the usual share; minor units. */
  readonly repair: Minor
  /** So many times as inexact as a sound one; left out where it is as exact. */
  readonly inexact?: number | undefined
}

/** The first and the last day something is to be had, as far as they are known. */
export interface OfferedDays {
  readonly from?: Day | undefined
  readonly until?: Day | undefined
}

export const SELLER_TYPES = [
  'timber-yard',
  'hardware-store',
  'online',
  'private',
  'auction',
  'hire-depot',
  'other'
] as const
export type SellerType = (typeof SELLER_TYPES)[number]

/** Where a price was met with, when it was not simply seen. */
export const QUOTE_SOURCES = ['list', 'find', 'board'] as const
export type QuoteSource = (typeof QUOTE_SOURCES)[number]

/** A dated price of an offer. */
export interface Quote {
  readonly id: string
  readonly offer: string
  readonly date: Day
  readonly price: Minor
  readonly seller: SellerType
  readonly until?: Day | undefined
  /** Of a bundle that was bought: the days its price held before. */
  readonly before?: OfferedDays | undefined
  /** Left out where it was simply seen. */
  readonly source?: QuoteSource | undefined
  /** Doubtful: kept, and counted nowhere. */
  readonly aside?: boolean | undefined
}

export const offerId = (
  offer: Pick<Offer, 'tool' | 'tier' | 'condition' | 'acquisition' | 'power'>
): string => [offer.tool, offer.tier, offer.condition, offer.acquisition, offer.power].join('/')

const isOneOf = <T extends string>(list: readonly T[], value: string | undefined): value is T =>
  value !== undefined && (list as readonly string[]).includes(value)

/** Reads a typical offer's id; undefined when it is not one, or names a tool or power form that does not exist. */
export function typicalOffer(library: Library, id: string): Offer | undefined {
  const parts = id.split('/')
  const power = parts.pop()
  const acquisition = parts.pop()
  const condition = parts.pop()
  const tier = parts.pop()
  const tool = library.tools.get(parts.join('/'))
  if (
    !tool ||
    !isOneOf(TIERS, tier) ||
    !isOneOf(CONDITIONS, condition) ||
    !isOneOf(ACQUISITIONS, acquisition) ||
    !isOneOf(POWERS, power)
  )
    return undefined
  if (
    acquisition !== 'buy' ||
    tool.madeBy !== undefined ||
    !tool.forms.some((form) => form.power === power)
  )
    return undefined
  return { id, tool: tool.id, tier, condition, acquisition, power }
}

export interface Pricing {
  readonly library: Library
  readonly minorPer100Points: number
  /** Tax added at the till, in basis points (100 = 1 %); 0 where prices include it. */
  readonly taxBasisPoints: number
  /** Paid once per purchase of a tool or machine, not for accessories bought along. */
  readonly deliveryEach: Minor
  readonly offers: readonly Offer[]
  readonly quotes: readonly Quote[]
}

/** So many quotes weigh as much as the usual level of the currency. */
const DEFAULT_WEIGHT = 3

/**
 * What 100 price index points cost by the user's own quotes: the median ratio of quote to index, drawn towards the usual level while
 * quotes are few (on the logarithm, since prices differ by factors). Prices with an end, which are sales, are left out.
 * @param usual minor units for 100 points where nothing is known
 */
export function calibratedLevel(library: Library, quotes: readonly Quote[], usual: number): number {
  const ratios = quotes
    .flatMap((quote): number[] => {
      const offer =
        quote.until === undefined && quote.price > 0
          ? typicalOffer(library, quote.offer)
          : undefined
      const tool = offer && library.tools.get(offer.tool)
      const points = tool?.forms.find(({ power }) => power === offer?.power)?.points ?? 0
      const index =
        tool && offer ? points * tierPrice(tool, offer.tier) * conditionPrice(offer.condition) : 0
      return index > 0 ? [(quote.price * 100) / index] : []
    })
    .sort((a, b) => a - b)
  if (ratios.length === 0 || usual <= 0) return usual
  const middle = ratios.length / 2
  const median =
    ratios.length % 2 === 1
      ? (ratios[Math.floor(middle)] ?? usual)
      : Math.sqrt((ratios[middle - 1] ?? usual) * (ratios[middle] ?? usual))
  const share = ratios.length / (ratios.length + DEFAULT_WEIGHT)
  return usual * (median / usual) ** share
}

export interface Price {
  /** Tag price of one. */
  readonly tag: Minor
  readonly tax: Minor
  readonly delivery: Minor
  /** Kept back for the repairs a used one usually needs; not paid to the seller, but counted in what it costs. */
  readonly repair: Minor
  /** What leaves the purse on the day: tag + tax + delivery. */
  readonly payment: Minor
  /** payment + repair. */
  readonly allIn: Minor
  /** True while no quote of the user's own stands behind it. */
  readonly typical: boolean
  readonly quoted?: Day | undefined
}

export const findOffer = (
  pricing: Pick<Pricing, 'library' | 'offers'>,
  id: string
): Offer | undefined =>
  pricing.offers.find((offer) => offer.id === id) ?? typicalOffer(pricing.library, id)

/** What is kept back for repairs: the usual share of a tool's price, and what a look at it found. */
const repairOf = (tool: Tool, { condition, looked }: Offer, tag: Minor): Minor =>
  timesRatio(tag, tool.kind === 'tool' ? repairReserve(condition) : 0) + (looked?.repair ?? 0)

/**
 * What an offer costs on a day: the newest quote that still stands on that day, else the typical price (index points × tier ×
 * condition). Undefined for an own offer nobody has quoted.
 */
export function priceOf(pricing: Pricing, offer: Offer, day: Day): Price | undefined {
  const tool = pricing.library.tools.get(offer.tool)
  if (!tool) return undefined
  const quote = pricing.quotes
    .filter(
      (candidate) =>
        candidate.offer === offer.id && (candidate.until === undefined || candidate.until >= day)
    )
    .reduce<Quote | undefined>(
      (best, candidate) => (best === undefined || candidate.date >= best.date ? candidate : best),
      undefined
    )
  const points = tool.forms.find((form) => form.power === offer.power)?.points
  const isTypical = offer.id === offerId(offer) && offer.acquisition === 'buy'
  if (quote === undefined && (points === undefined || !isTypical)) return undefined
  const tag =
    quote?.price ??
    timesRatio(
      pricing.minorPer100Points,
      ((points ?? 0) * tierPrice(tool, offer.tier) * conditionPrice(offer.condition)) / 100
    )
  const tax = timesRatio(tag, offer.condition === 'used' ? 0 : pricing.taxBasisPoints / 10_000)
  const delivery = tool.kind === 'tool' && offer.condition !== 'used' ? pricing.deliveryEach : 0
  const repair = repairOf(tool, offer, tag)
  const payment = tag + tax + delivery
  return {
    tag,
    tax,
    delivery,
    repair,
    payment,
    allIn: payment + repair,
    typical: quote === undefined,
    quoted: quote?.date
  }
}

/** What 100 points cost when typical prices are so many times what they are, minor units. */
export const pricedTimes = (
  { minorPer100Points }: Pick<Pricing, 'minorPer100Points'>,
  times: number
): Minor => Math.max(1, Math.round(minorPer100Points * times))
