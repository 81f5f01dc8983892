import { dayNumber, type Day } from '../calendar'
import { TIERS, type Library, type Power, type Tier, type Tool } from '../catalogue'
import type { Minor } from '../money'
import { typicalOf, type PriceKind } from '../prices'
import { drawsOf, type Draws } from './draws'
import type { Feed, Listing, Seller, YearlySale } from './types'

/**
 * **A simulated market**: sellers who do not exist, with prices that stay for some weeks and then change, sales that follow the windows of
 * the year, and single used and refurbished pieces that come and go. Everything follows from the seed, the seller, the tool and the day.
 */
export interface Market {
  readonly library: Library
  readonly currency: string
  readonly minorPer100Points: number
  readonly sellers: readonly Seller[]
  readonly sales: readonly YearlySale[]
  readonly seed: number
}

/** Spread of the logarithm of prices: of a seller's from one change to the next, and of a tool's at all sellers over the seasons. */
const SPREAD = { change: 0.08, season: 0.05, single: 0.22 } as const
/** Days a price stays; days of a season. */
const STAYS = { least: 14, more: 28 } as const
const SEASON_DAYS = 120
/** Share of the range that is reduced in a sale; how much its depth differs from what is usual; out of stock in a week. */
const IN_SALE = 0.6
const DEPTH = { least: 0.7, more: 0.6 } as const
const OUT_OF_STOCK = 0.06
const FEW_LEFT = { chance: 0.2, most: 5 } as const
/** Days a single piece is offered at the least, and more at the most. */
const OFFERED = { least: 3, more: 16 } as const
const WEEK = 7

const keyOf = ({ tool, tier, power }: Omit<PriceKind, 'condition'>): string =>
  `${tool}/${tier}/${power}`

/** Prices are asked in round figures: three digits that count at the most, the last one 0 or 5. */
export function roundPrice(price: number): Minor {
  const step = Math.max(1, 10 ** (Math.floor(Math.log10(Math.max(1, price))) - 2) * 5)
  return Math.max(1, Math.round(price / step) * step)
}

/** The wave of a tool's price over the seasons: a bend from one draw to the next. */
function seasonOf(draws: Draws, name: string, day: number): number {
  const at = day / SEASON_DAYS
  const first = Math.floor(at)
  const share = (1 - Math.cos(Math.PI * (at - first))) / 2
  const of = (node: number): number => draws.normal('season', name, node)
  return SPREAD.season * ((1 - share) * of(first) + share * of(first + 1))
}

/** The sale of a year's window that a seller holds on a day, with its last day and how much is off. */
function saleOn(
  { sales }: Market,
  draws: Draws,
  seller: Seller,
  date: Day
): { readonly until: Day; readonly off: number; readonly key: string } | undefined {
  const year = Number(date.slice(0, 4))
  for (const { id, from, until, off, chance } of sales)
    // Where it goes on into the next year it may be last year's.
    for (const began of [year - 1, year]) {
      const [first, last] = [`${began}-${from}`, `${until < from ? began + 1 : began}-${until}`]
      const key = `${seller.id}|${id}|${began}`
      if (date >= first && date <= last && draws.share('sale', key) < chance)
        return {
          until: last,
          key,
          off: off * seller.sales * (DEPTH.least + DEPTH.more * draws.share('depth', key))
        }
    }
  return undefined
}

/** What a seller of new things asks for a kind on a day; undefined where it does not carry it, or has sold out. */
function newListing(
  market: Market,
  draws: Draws,
  seller: Seller,
  kind: Omit<PriceKind, 'condition'>,
  date: Day
): Listing | undefined {
  const name = keyOf(kind)
  const typical = typicalOf(market, { ...kind, condition: 'new' })
  if (typical === undefined || !seller.tiers.includes(kind.tier)) return undefined
  if (draws.share('carries', seller.id, name) >= seller.range) return undefined
  const day = dayNumber(date)
  if (draws.share('stock', seller.id, name, Math.floor(day / WEEK)) < OUT_OF_STOCK) return undefined
  const stays = STAYS.least + Math.floor(STAYS.more * draws.share('stays', seller.id, name))
  const change = SPREAD.change * draws.normal('price', seller.id, name, Math.floor(day / stays))
  const plain = roundPrice(typical * seller.level * Math.exp(change + seasonOf(draws, name, day)))
  const sale = saleOn(market, draws, seller, date)
  const isReduced = sale && draws.share('reduced', sale.key, kind.tool) < IN_SALE
  const price = isReduced ? roundPrice(plain * (1 - sale.off)) : plain
  const few = draws.share('few', seller.id, name, Math.floor(day / WEEK))
  return {
    ...kind,
    condition: 'new',
    id: `${seller.id}/${name}`,
    seller: seller.name,
    sellerType: seller.type,
    price,
    ...(isReduced && price < plain ? { before: plain, until: sale.until } : {}),
    ...(few < FEW_LEFT.chance
      ? { stock: 1 + Math.floor((few / FEW_LEFT.chance) * FEW_LEFT.most) }
      : {})
  }
}

/** A single piece that came up in a week; undefined where none did, or it is not offered on the day. */
function singleListing(
  market: Market,
  draws: Draws,
  seller: Seller,
  { tool, week }: { readonly tool: Tool; readonly week: number },
  date: Day
): Listing | undefined {
  const name = [seller.id, tool.id, week] as const
  if (draws.share('comes', ...name) >= seller.range) return undefined
  const of = <T>(list: readonly T[], what: string): T | undefined =>
    list[Math.floor(draws.share(what, ...name) * list.length)]
  const tier: Tier = of(seller.tiers, 'tier') ?? 'weekend'
  const power: Power = of(tool.forms, 'form')?.power ?? 'hand'
  const condition = seller.sells === 'used' ? 'used' : 'refurbished'
  const typical = typicalOf(market, { tool: tool.id, tier, condition, power })
  if (typical === undefined) return undefined
  const ratio = Math.exp(SPREAD.single * draws.normal('ratio', ...name))
  const begins = week * WEEK + Math.floor(WEEK * draws.share('begins', ...name))
  // What is cheap is gone sooner.
  const lasts = OFFERED.least + OFFERED.more * draws.share('lasts', ...name) * ratio
  const day = dayNumber(date)
  if (day < begins || day >= begins + lasts) return undefined
  const note = of(seller.notes ?? [], 'note')
  return {
    id: `${seller.id}/${tool.id}/${week}`,
    seller: seller.name,
    sellerType: seller.type,
    tool: tool.id,
    tier,
    condition,
    power,
    price: roundPrice(typical * seller.level * ratio),
    stock: 1,
    ...(note === undefined ? {} : { note })
  }
}

/** Tools that are sold at all. */
const sold = (library: Library): Tool[] =>
  [...library.tools.values()].filter(
    (tool) => tool.madeBy === undefined && tool.forms.some(({ points }) => points > 0)
  )

/** Weeks in which something may have come up that is still offered. */
const WEEKS_BACK = Math.ceil((OFFERED.least + 4 * OFFERED.more) / WEEK) + 1

/** Everything one seller offers on a day. */
function listingsOf(market: Market, draws: Draws, seller: Seller, date: Day): Listing[] {
  const tools = sold(market.library)
  if (seller.sells === 'new')
    return tools.flatMap((tool) =>
      TIERS.flatMap((tier) =>
        tool.forms.flatMap(
          ({ power }) =>
            newListing(market, draws, seller, { tool: tool.id, tier, power }, date) ?? []
        )
      )
    )
  const week = Math.floor(dayNumber(date) / WEEK)
  // Only what has a motor is put right and sold again; everything that lasts is sold on.
  return tools
    .filter(
      ({ kind, forms }) =>
        kind === 'tool' && (seller.sells === 'used' || forms.every(({ power }) => power !== 'hand'))
    )
    .flatMap((tool) =>
      Array.from(
        { length: WEEKS_BACK },
        (_, i) => singleListing(market, draws, seller, { tool, week: week - i }, date) ?? []
      ).flat()
    )
}

/** What the whole market offers on a day. @param name what the board is called */
export function feedOn(market: Market, date: Day, name: string): Feed {
  const draws = drawsOf(market.seed)
  return {
    name,
    simulated: true,
    currency: market.currency,
    date,
    listings: market.sellers.flatMap((seller) => listingsOf(market, draws, seller, date))
  }
}

/** The cheapest price of a new kind at all sellers on a day; undefined where nobody has it. */
export function cheapestOn(
  market: Market,
  kind: Omit<PriceKind, 'condition'>,
  date: Day
): Listing | undefined {
  const draws = drawsOf(market.seed)
  return market.sellers
    .filter(({ sells }) => sells === 'new')
    .flatMap((seller) => newListing(market, draws, seller, kind, date) ?? [])
    .reduce<Listing | undefined>(
      (best, one) => (!best || one.price < best.price ? one : best),
      undefined
    )
}
