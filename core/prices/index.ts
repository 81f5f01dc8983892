export {
  type Offer,
  type OfferedDays,
  type LookedAt,
  SELLER_TYPES,
  type SellerType,
  QUOTE_SOURCES,
  type QuoteSource,
  type Quote,
  offerId,
  typicalOffer,
  type Pricing,
  calibratedLevel,
  type Price,
  findOffer,
  pricedTimes,
  priceOf
} from './offer'
export {
  type BundlePiece,
  type Bundle,
  type Deal,
  type SaleWindow,
  type PricedBundle,
  bundlePrice,
  salesFor
} from './bundles'
export {
  type Till,
  type Unit,
  offerOn,
  bundleOn,
  soldAs,
  unitOn,
  type Saving,
  savingsOn,
  dealShare,
  type Basket,
  basketOn,
  type Wanted,
  type SetPrice,
  priceSet
} from './basket'
export type { DatedPrice } from './dated'
export { checkLink } from './link'
export { bestDeals, dealSaving, type DealSaving, type DealtPiece } from './deals'
export {
  hireOf,
  hiredBundles,
  isTaken,
  lastHired,
  type Hire,
  type HiredStretch,
  type HiredTime
} from './hire'
export { salesWithin, shifted } from './yearly'
export {
  USUAL_SPREAD,
  countedQuotes,
  kindKey,
  levelOf,
  seenPrices,
  staysFor,
  standingOf,
  typicalOf,
  type PaidEntry,
  type PriceKind,
  type PriceLevel,
  type SeenPrice,
  type Standing
} from './seen'
export { saleEstimate, type SaleEstimate } from './sale-estimates'
