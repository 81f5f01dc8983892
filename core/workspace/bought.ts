import { addDays, type Day } from '../calendar'
import type { LedgerEntry } from '../ledger'
import type { Minor } from '../money'
import type { Offer, OfferedDays, Quote } from '../prices'
import type { Item, Workspace } from './types'

/** The item of the n-th piece of a bundle; the first one is the one the ledger entry names. */
export const pieceId = (itemId: string, index: number): string =>
  index === 0 ? itemId : `${itemId}-${index + 1}`

/** Whether an entry put something into the kit. */
const boughtThing = ({ kind, item }: LedgerEntry): boolean =>
  item !== undefined && (kind === 'tool' || kind === 'companion')

/** What an entry put into the kit and is still there: one item, or all pieces of a bundle. */
export function itemsOf(workspace: Workspace, entry: LedgerEntry): Item[] {
  if (!boughtThing(entry)) return []
  const first = entry.item ?? ''
  const isPiece = (id: string): boolean =>
    id.startsWith(`${first}-`) && /^\d+$/.test(id.slice(first.length + 1))
  return workspace.items.filter(({ id }) => id === first || isPiece(id))
}

/** An amount in so many equal parts, to the minor unit; what is left over goes to the first. */
export const sharedEqually = (amount: Minor, parts: number): Minor[] =>
  Array.from(
    { length: parts },
    (_, i) => Math.floor(amount / parts) + (i === 0 ? amount % parts : 0)
  )

/** Costs that add up to another amount in the same proportions; equal shares where there were none. */
export function rescaled(costs: readonly Minor[], amount: Minor): Minor[] {
  const sum = costs.reduce((total, cost) => total + cost, 0)
  if (sum <= 0) return sharedEqually(amount, costs.length)
  const shares = costs.map((cost) => Math.floor((cost * amount) / sum))
  const left = amount - shares.reduce((total, share) => total + share, 0)
  return shares.map((share, i) => (i === 0 ? share + left : share))
}

/** An item with some of its pieces gone, with their share of the cost; undefined when none is left. */
export function withFewer(item: Item, gone: number): Item | undefined {
  if (gone >= item.count) return undefined
  const cost = item.cost - Math.round((item.cost * gone) / item.count)
  return { ...item, count: item.count - gone, cost }
}

/** Puts an item in the place of the one with its id; takes it out where there is none. */
export const withItem = (workspace: Workspace, id: string, next: Item | undefined): Workspace => ({
  ...workspace,
  items: workspace.items.flatMap((item) => (item.id === id ? (next ? [next] : []) : [item]))
})

/** What there was only one of is on offer no more once it is bought: a find, or a bundle. Its prices and its name stay, and the days it had are remembered. */
export function offMarket(workspace: Workspace, offer: string, bought: Day): Workspace {
  const last = addDays(bought, -1)
  const upTo = (until: Day | undefined): Day => (until !== undefined && until < last ? until : last)
  return withOnlyOnes(
    workspace,
    offer,
    (find) => {
      const { from, until, before } = find
      return {
        ...find,
        ...(from !== undefined && from > last ? { from: last } : {}),
        until: upTo(until),
        before: before ?? daysSet({ from, until })
      }
    },
    (quote) => {
      const { date, until, before } = quote
      return {
        ...quote,
        date: date > last ? last : date,
        until: upTo(until),
        before: before ?? daysSet({ from: date, until })
      }
    }
  )
}

/** The same back again with the days it had, where a purchase was entered by mistake. */
export function onMarketAgain(workspace: Workspace, offer: string, bought: Day): Workspace {
  const last = addDays(bought, -1)
  // What a file says that was written before the days were remembered: an end that comes of the purchase goes.
  const ended = (until: Day | undefined): OfferedDays => (until === last ? {} : daysSet({ until }))
  return withOnlyOnes(
    workspace,
    offer,
    ({ before, from, until, ...rest }) => ({
      ...rest,
      ...(before ?? { ...daysSet({ from }), ...ended(until) })
    }),
    ({ before, until, ...rest }) => {
      const { from: date = rest.date, ...end } = before ?? ended(until)
      return { ...rest, date, ...end }
    }
  )
}

/** A workspace in which a find, or the prices of a bundle, are changed; anything that can be had more than once stays as it is. */
function withOnlyOnes(
  workspace: Workspace,
  id: string,
  find: (offer: Offer) => Offer,
  priceOfBundle: (quote: Quote) => Quote
): Workspace {
  const isBundle = workspace.bundles?.some((bundle) => bundle.id === id) === true
  return {
    ...workspace,
    offers: workspace.offers.map((one) => (one.id === id && one.single === true ? find(one) : one)),
    quotes: isBundle
      ? workspace.quotes.map((quote) => (quote.offer === id ? priceOfBundle(quote) : quote))
      : workspace.quotes
  }
}

/** Days without those that are not set. */
const daysSet = ({ from, until }: OfferedDays): OfferedDays => ({
  ...(from === undefined ? {} : { from }),
  ...(until === undefined ? {} : { until })
})

/** Whether an offer of one's own, or a bundle, can still be had on a day: its time is not over. Bundles last as long as a price of theirs. */
export function stillOnOffer(
  { offers, quotes, bundles }: Workspace,
  id: string,
  day: Day
): boolean {
  const ends = bundles?.some((one) => one.id === id)
    ? quotes.filter(({ offer }) => offer === id)
    : offers.filter((one) => one.id === id)
  return ends.length === 0 || ends.some(({ until }) => until === undefined || until >= day)
}
