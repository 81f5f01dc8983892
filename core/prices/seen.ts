import { DAYS_PER_YEAR, compareDays, daysBetween, type Day } from '../calendar'
import { conditionPrice, tierPrice, type Condition, type Power, type Tier } from '../catalogue'
import { FOUR_OF_FIVE, TOLERANCE, normalBelow, sumOf } from '../kernel'
import type { Minor } from '../money'
import { findOffer, type Pricing, type Quote, type QuoteSource, type SellerType } from './offer'

/** What is compared with one another: one tool in one tier, condition and power form. */
export interface PriceKind {
  readonly tool: string
  readonly tier: Tier
  readonly condition: Condition
  readonly power: Power
}
export const kindKey = ({ tool, tier, condition, power }: PriceKind): string =>
  [tool, tier, condition, power].join('/')

/** A price somebody asked once, wherever it was met with. */
export interface SeenPrice extends PriceKind {
  readonly id: string
  readonly date: Day
  readonly price: Minor
  readonly source: QuoteSource | 'seen' | 'receipt'
  readonly seller: SellerType | undefined
  /** It had an end: a sale. */
  readonly until: Day | undefined
  readonly aside: boolean
  /** Against the typical price of its kind: 1 as it, 0.5 half of it. */
  readonly ratio: number
}

/** What a ledger entry says of a price that was paid. */
export interface PaidEntry {
  readonly id: string
  readonly date: Day
  readonly kind: string
  /** Negative: it went out. */
  readonly amount: Minor
  readonly offer?: string | undefined
  readonly reverses?: string | undefined
  readonly tax?: Minor | undefined
  readonly delivery?: Minor | undefined
  readonly seller?: SellerType | undefined
}

export const countedQuotes = (quotes: readonly Quote[]): readonly Quote[] =>
  quotes.some(({ aside }) => aside) ? quotes.filter(({ aside }) => !aside) : quotes

/** Typical tag price of a kind; undefined where the library knows none. Minor units. */
export function typicalOf(
  { library, minorPer100Points }: Pick<Pricing, 'library' | 'minorPer100Points'>,
  { tool: id, tier, condition, power }: PriceKind
): number | undefined {
  const tool = library.tools.get(id)
  const points = tool?.forms.find((form) => form.power === power)?.points
  if (!tool || points === undefined || points <= 0) return undefined
  return (minorPer100Points * points * tierPrice(tool, tier) * conditionPrice(condition)) / 100
}

/**
 * All prices seen, the oldest first: quotes, also those set aside, and what the ledger says was paid for tools, without its tax and
 * delivery. Gifts and prices of things the library has no typical price for are left out.
 */
export function seenPrices(
  pricing: Pricing,
  quotes: readonly Quote[],
  ledger: readonly PaidEntry[]
): readonly SeenPrice[] {
  const kindOf = (id: string | undefined): PriceKind | undefined => {
    const offer = id === undefined ? undefined : findOffer(pricing, id)
    return offer?.acquisition === 'buy' ? offer : undefined
  }
  const seen = (
    kind: PriceKind | undefined,
    rest: Omit<SeenPrice, keyof PriceKind | 'ratio'>
  ): SeenPrice[] => {
    const typical = kind && typicalOf(pricing, kind)
    if (!kind || !typical || rest.price <= 0) return []
    const { tool, tier, condition, power } = kind
    return [{ tool, tier, condition, power, ...rest, ratio: rest.price / typical }]
  }
  const reversed = new Set(ledger.flatMap(({ reverses }) => reverses ?? []))
  return [
    ...quotes.flatMap(({ id, offer, date, price, source, seller, until, aside }) =>
      seen(kindOf(offer), {
        id,
        date,
        price,
        source: source ?? 'seen',
        seller,
        until,
        aside: aside ?? false
      })
    ),
    ...ledger.flatMap((entry) =>
      (entry.kind === 'tool' || entry.kind === 'companion') && !reversed.has(entry.id)
        ? seen(kindOf(entry.offer), {
            id: entry.id,
            date: entry.date,
            price: -entry.amount - (entry.tax ?? 0) - (entry.delivery ?? 0),
            source: 'receipt',
            seller: entry.seller,
            until: undefined,
            aside: false
          })
        : []
    )
  ].sort((a, b) => compareDays(a.date, b.date))
}

/** A price counts half when it is so old, days. Prices move weekly and come round yearly; common practice. */
const HALF_LIFE_DAYS = 180
/** The typical price of the library counts as much as so many fresh prices. */
const TYPICAL_WEIGHT = 2
/** How far apart prices of the same thing usually lie: standard deviation of the logarithm. Common practice. */
export const USUAL_SPREAD = 0.15
/** Prices it takes, and days they have to span, before a trend is told: what half a year shows may be the season. */
const TREND = { prices: 4, days: 300, surely: 2 } as const

const weightOf = (date: Day, asOf: Day): number =>
  2 ** (-Math.max(0, daysBetween(date, asOf)) / HALF_LIFE_DAYS)

/** What a kind costs, by all that is known of it. Minor units. */
export interface PriceLevel {
  /** The middle price, and the band in which eight of ten lie. */
  readonly middle: number
  readonly low: number
  readonly high: number
  /** Standard deviation of the logarithm of the next price to be met with. */
  readonly spread: number
  /** The library's typical price at the workspace's level. */
  readonly typical: number
  /** Prices of the kind it rests on, without those set aside. */
  readonly prices: number
  /** Change of the middle price in a year as a share, where the prices tell one; undefined where they do not. */
  readonly trend: number | undefined
}

/** Weighted least squares of the logarithm over time; told only where it is clear of its own error twice over. */
function trendOf(prices: readonly SeenPrice[], asOf: Day): number | undefined {
  const points = prices.map(({ date, price }) => ({
    x: daysBetween(asOf, date) / DAYS_PER_YEAR,
    y: Math.log(price),
    w: weightOf(date, asOf)
  }))
  const [first, last] = [prices[0]?.date ?? asOf, prices.at(-1)?.date ?? asOf]
  if (points.length < TREND.prices || daysBetween(first, last) < TREND.days) return undefined
  const w = sumOf(points, (one) => one.w)
  const x = sumOf(points, (one) => one.w * one.x) / w
  const y = sumOf(points, (one) => one.w * one.y) / w
  const sxx = sumOf(points, (one) => one.w * (one.x - x) ** 2)
  if (sxx <= TOLERANCE) return undefined
  const slope = sumOf(points, (one) => one.w * (one.x - x) * (one.y - y)) / sxx
  const left = sumOf(points, (one) => one.w * (one.y - y - slope * (one.x - x)) ** 2)
  const error = Math.sqrt(left / (points.length - 2) / sxx)
  return Math.abs(slope) > TREND.surely * error ? Math.exp(slope) - 1 : undefined
}

/**
 * The price level of a kind on a day: its own prices, each counting less the older it is, drawn towards the library's typical price while
 * they are few (on the logarithm). Sales count, since they are prices one could have had. Undefined where the library knows no price of it.
 */
export function levelOf(
  pricing: Pick<Pricing, 'library' | 'minorPer100Points'>,
  seen: readonly SeenPrice[],
  kind: PriceKind,
  asOf: Day
): PriceLevel | undefined {
  const typical = typicalOf(pricing, kind)
  if (typical === undefined) return undefined
  const key = kindKey(kind)
  const own = seen.filter((one) => !one.aside && kindKey(one) === key)
  const weighed = own.map(({ price, date }) => ({ y: Math.log(price), w: weightOf(date, asOf) }))
  const weight = TYPICAL_WEIGHT + sumOf(weighed, ({ w }) => w)
  const start = Math.log(typical)
  const mean = (TYPICAL_WEIGHT * start + sumOf(weighed, ({ y, w }) => w * y)) / weight
  const variance =
    (TYPICAL_WEIGHT * USUAL_SPREAD ** 2 + sumOf(weighed, ({ y, w }) => w * (y - mean) ** 2)) /
    weight
  const spread = Math.sqrt(variance * (1 + 1 / weight))
  const middle = Math.exp(mean)
  return {
    middle,
    low: middle * Math.exp(-FOUR_OF_FIVE * spread),
    high: middle * Math.exp(FOUR_OF_FIVE * spread),
    spread,
    typical,
    prices: own.length,
    // A sale says nothing of where prices go.
    trend: trendOf(
      own.filter(({ until }) => until === undefined),
      asOf
    )
  }
}

/** A shop's price stays for about so many days. Common practice; so many changes of it weigh as much as it before own prices do. */
const STAYS = { days: 28, weight: 4 } as const
/** Two prices further apart than this, days, say little of how long one stays; prices that differ by less than this share are alike. */
const [FAR_APART, ALIKE] = [60, 0.005]

/** Days a price of a kind stays on average, by prices of it seen one after another. */
export function staysFor(seen: readonly SeenPrice[], kind: PriceKind): number {
  const own = seen.filter((one) => !one.aside && kindKey(one) === kindKey(kind))
  let [changes, days] = [STAYS.weight as number, STAYS.weight * STAYS.days]
  own.forEach(({ date, price }, i) => {
    const before = own[i - 1]
    const gap = before ? daysBetween(before.date, date) : 0
    if (!before || gap <= 0 || gap > FAR_APART) return
    const changed = Math.abs(price / before.price - 1) > ALIKE
    // It changed somewhere in between, where it did.
    days += changed ? gap / 2 : gap
    if (changed) changes++
  })
  return days / changes
}

/** Where a price stands among those seen. */
export interface Standing {
  /** Share of prices that are dearer, 0 to 1; those alike count half. */
  readonly cheaperThan: number
  /** Prices it was held against. */
  readonly of: number
  /** Against prices of its own kind; of the same tool in any tier and condition, each by its own typical price; or against what is usual, where too few were seen. */
  readonly among: 'kind' | 'tool' | 'usual'
}
/** Fewer prices than this say nothing. */
const ENOUGH = 4

/** Where a price of a kind stands; undefined where nothing is known of it. @param price tag price, minor units */
export function standingOf(
  pricing: Pick<Pricing, 'library' | 'minorPer100Points'>,
  seen: readonly SeenPrice[],
  kind: PriceKind,
  price: Minor,
  asOf: Day
): Standing | undefined {
  const typical = typicalOf(pricing, kind)
  if (typical === undefined || price <= 0) return undefined
  const ratio = price / typical
  const counted = seen.filter(({ aside, tool }) => !aside && tool === kind.tool)
  const own = counted.filter((one) => kindKey(one) === kindKey(kind))
  const among = own.length >= ENOUGH ? 'kind' : counted.length >= ENOUGH ? 'tool' : 'usual'
  if (among === 'usual')
    return { among, of: own.length, cheaperThan: 1 - normalBelow(Math.log(ratio) / USUAL_SPREAD) }
  const list = (among === 'kind' ? own : counted).map((one) => ({
    w: weightOf(one.date, asOf),
    above: Math.abs(one.ratio - ratio) < TOLERANCE ? 0.5 : one.ratio > ratio ? 1 : 0
  }))
  return {
    among,
    of: list.length,
    cheaperThan: sumOf(list, ({ w, above }) => w * above) / sumOf(list, ({ w }) => w)
  }
}
