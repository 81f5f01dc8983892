import { change, type Workspace } from '../workspace'
import { isSingle, offerOf, quoteFrom } from './rows'
import type { Feed, Listing } from './types'

/** A workspace with listings taken over: a price for each, and the find it is a price of where there is only one. */
export function takenOver(
  workspace: Workspace,
  feed: Pick<Feed, 'date'>,
  listings: readonly Listing[],
  newId: () => string
): Workspace {
  return listings.reduce((state, listing) => {
    const quote = quoteFrom(listing, feed, newId())
    const id = offerOf(listing)
    if (!isSingle(listing) || state.offers.some((one) => one.id === id))
      return change.addQuotes(state, [quote])
    const { tool, tier, condition, power, specs, until } = listing
    return change.addOffer(
      state,
      {
        id,
        tool,
        tier,
        condition,
        power,
        acquisition: 'buy',
        single: true,
        ...(specs ? { specs } : {}),
        ...(until === undefined ? {} : { until })
      },
      quote
    )
  }, workspace)
}
