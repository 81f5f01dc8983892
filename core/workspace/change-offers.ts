import type { Day } from '../calendar'
import type { Minor } from '../money'
import {
  kindKey,
  type Bundle,
  type Deal,
  type Offer,
  type Quote,
  type SaleWindow,
  type SellerType
} from '../prices'
import type { Watch, Workspace } from './types'

export const addQuote = (
  workspace: Workspace,
  quote: {
    id: string
    offer: string
    date: Day
    price: Minor
    seller: SellerType
    until?: Day | undefined
  }
): Workspace => ({ ...workspace, quotes: [...workspace.quotes, quote] })
export const addQuotes = (workspace: Workspace, quotes: readonly Quote[]): Workspace =>
  quotes.length === 0 ? workspace : { ...workspace, quotes: [...workspace.quotes, ...quotes] }
export const removeQuote = (workspace: Workspace, id: string): Workspace => ({
  ...workspace,
  quotes: workspace.quotes.filter((quote) => quote.id !== id)
})

/** Sets a doubtful price aside, or counts it again. */
export const setQuoteAside = (workspace: Workspace, id: string, aside: boolean): Workspace => ({
  ...workspace,
  quotes: workspace.quotes.map((quote) => {
    if (quote.id !== id) return quote
    const { aside: _aside, ...rest } = quote
    return aside ? { ...rest, aside } : rest
  })
})

/** A find with its first price; without one it cannot be weighed. */
export const addOffer = (workspace: Workspace, offer: Offer, quote: Quote): Workspace =>
  addQuotes({ ...workspace, offers: [...workspace.offers, offer] }, [quote])

/** Takes an own offer or a bundle out, with its prices and its pins. */
export function removeOffer(workspace: Workspace, id: string): Workspace {
  return {
    ...workspace,
    offers: workspace.offers.filter((offer) => offer.id !== id),
    ...(workspace.bundles
      ? { bundles: workspace.bundles.filter((bundle) => bundle.id !== id) }
      : {}),
    quotes: workspace.quotes.filter(({ offer }) => offer !== id),
    pins: workspace.pins.filter(({ offer }) => offer !== id)
  }
}

export const addBundle = (workspace: Workspace, bundle: Bundle, quote: Quote): Workspace =>
  addQuotes({ ...workspace, bundles: [...(workspace.bundles ?? []), bundle] }, [quote])
export const addDeal = (workspace: Workspace, deal: Deal): Workspace => ({
  ...workspace,
  deals: [...(workspace.deals ?? []), deal]
})
export const removeDeal = (workspace: Workspace, id: string): Workspace => ({
  ...workspace,
  deals: (workspace.deals ?? []).filter((deal) => deal.id !== id)
})
export const addSaleWindow = (workspace: Workspace, sale: SaleWindow): Workspace => ({
  ...workspace,
  saleWindows: [...(workspace.saleWindows ?? []), sale]
})
export const addSaleWindows = (workspace: Workspace, sales: readonly SaleWindow[]): Workspace => ({
  ...workspace,
  saleWindows: [...(workspace.saleWindows ?? []), ...sales]
})
/** Keeps an eye on a kind; what was said of the same kind before is replaced. */
export const addWatch = (workspace: Workspace, watch: Watch): Workspace => ({
  ...workspace,
  watches: [...(workspace.watches ?? []).filter((one) => kindKey(one) !== kindKey(watch)), watch]
})
/** Says that prices were looked at for it, with nothing to put in. */
export const lookedFor = (workspace: Workspace, id: string, looked: Day): Workspace => ({
  ...workspace,
  watches: (workspace.watches ?? []).map((one) => (one.id === id ? { ...one, looked } : one))
})
export const removeWatch = (workspace: Workspace, id: string): Workspace => ({
  ...workspace,
  watches: (workspace.watches ?? []).filter((one) => one.id !== id)
})
export const removeSaleWindow = (workspace: Workspace, id: string): Workspace => ({
  ...workspace,
  saleWindows: (workspace.saleWindows ?? []).filter((sale) => sale.id !== id)
})
