import { tierRank } from '../catalogue'
import type { Minor } from '../money'
import { findOffer, kindKey, offerId, type PriceKind, type Quote } from '../prices'
import type { Plan, World } from '../workspace'
import type { Feed, Listing } from './types'

/** Why something on a board concerns somebody. */
export type Concern = 'watched' | 'planned' | 'wished' | 'other'

/** What a board says of one kind, or of a single piece, against what is known of it. */
export interface BoardRow {
  /** The cheapest of its kind. */
  readonly listing: Listing
  /** Dearer ones of the same kind. */
  readonly dearer: number
  readonly concern: Concern
  /** It is watched, and costs no more than that. */
  readonly met: boolean
  /** The newest price of it that one has put in or taken over. */
  readonly known: Quote | undefined
  /** It stands among one's prices or finds already, as it is. */
  readonly taken: boolean
}

/** Only one can be had: it is taken over as a find. */
export const isSingle = ({ condition, stock }: Listing): boolean =>
  condition !== 'new' && stock === 1
/** The offer a listing is a price of. */
export const offerOf = (listing: Listing): string =>
  isSingle(listing)
    ? `my/board-${listing.id.replaceAll('/', '-')}`
    : offerId({ ...listing, acquisition: 'buy' })

/** A kind somebody has an eye on, and what they would pay. */
interface Asked extends PriceKind {
  readonly price: Minor
}
/** Serves as well: the same tier in any condition, or a better one that costs no more. */
const serves = (asked: Asked, listing: Listing): boolean =>
  asked.tool === listing.tool &&
  asked.power === listing.power &&
  (asked.tier === listing.tier ||
    (tierRank(listing.tier) > tierRank(asked.tier) && listing.price <= asked.price))

/** What concerns somebody: kinds watched, bought by the plan and wished. */
function concernsOf(
  { workspace, pricing }: World,
  plan: Plan | undefined
): (listing: Listing) => Concern {
  const watched = (workspace.watches ?? []).map((one): Asked => ({ ...one, price: one.upTo }))
  const planned = (plan?.purchases ?? []).flatMap(({ offer, price, count }): Asked[] => {
    const found = findOffer(pricing, offer)
    return found ? [{ ...found, price: price / count }] : []
  })
  const wishes = new Set(workspace.wishes)
  return (listing) =>
    watched.some((one) => serves(one, listing))
      ? 'watched'
      : planned.some((one) => serves(one, listing))
        ? 'planned'
        : wishes.has(listing.tool)
          ? 'wished'
          : 'other'
}

const ORDER: readonly Concern[] = ['watched', 'planned', 'wished', 'other']

/** The rows of a board, what is watched and within its price first, then what is planned, wished, and the rest; cheap ones first. */
export function boardRows(world: World, plan: Plan | undefined, feed: Feed): BoardRow[] {
  const { workspace } = world
  const concern = concernsOf(world, plan)
  const newest = new Map<string, Quote>()
  for (const quote of workspace.quotes) {
    // A sale that is over says nothing of today.
    if (quote.until !== undefined && quote.until < feed.date) continue
    const before = newest.get(quote.offer)
    if (!before || quote.date >= before.date) newest.set(quote.offer, quote)
  }
  const kinds = new Map<string, { listing: Listing; dearer: number }>()
  for (const listing of feed.listings) {
    const key = isSingle(listing) ? listing.id : kindKey(listing)
    const before = kinds.get(key)
    const cheaper = !before || listing.price < before.listing.price
    kinds.set(key, {
      listing: cheaper ? listing : before.listing,
      dearer: before ? before.dearer + 1 : 0
    })
  }
  const met = (listing: Listing): boolean =>
    (workspace.watches ?? []).some(
      (one) => kindKey(one) === kindKey(listing) && listing.price <= one.upTo
    )
  return [...kinds.values()]
    .map(({ listing, dearer }): BoardRow => {
      const known = newest.get(offerOf(listing))
      return {
        listing,
        dearer,
        concern: concern(listing),
        met: met(listing),
        known,
        taken: known !== undefined && known.price === listing.price && known.date >= feed.date
      }
    })
    .sort(
      (a, b) =>
        Number(b.met) - Number(a.met) ||
        ORDER.indexOf(a.concern) - ORDER.indexOf(b.concern) ||
        (a.listing.tool < b.listing.tool ? -1 : a.listing.tool > b.listing.tool ? 1 : 0) ||
        a.listing.price - b.listing.price
    )
}

/** What taking a row over puts into a workspace: a price, and the find it is a price of where there is only one. */
export function quoteFrom(listing: Listing, { date }: Pick<Feed, 'date'>, id: string): Quote {
  const { price, sellerType, until } = listing
  return {
    id,
    offer: offerOf(listing),
    date,
    price,
    seller: sellerType,
    source: 'board',
    ...(until === undefined || isSingle(listing) ? {} : { until })
  }
}

/** What a board's price is against what one knew, as a share: −0.1 for a tenth cheaper; undefined where nothing was known. */
export const changeOf = ({ listing, known }: BoardRow): number | undefined =>
  known && known.price > 0 ? (listing.price - known.price) / known.price : undefined
