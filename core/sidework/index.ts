export { saleReckoning, type FromDay, type PieceBrings, type SaleReckoning } from './piece'
export {
  designsOf,
  makingOf,
  marginEach,
  marginPerHour,
  minutesEach,
  paysHours,
  type Design,
  type Making
} from './design'
export { designsOn, forSale, kitDays, type DesignFrom, type ForSale } from './by-plan'
export { corrected, learntOf, paceOf, type Learnt } from './learnt'
export {
  askingFor,
  atPrice,
  bestPrices,
  bidAdvice,
  type Asking,
  type AtPrice,
  type BestPrices,
  type BidAdvice,
  type PriceGround
} from './price'
export { bestMonth, demandOf, mostOf, type MadeInMonth, type Month } from './month'
export { paybackSpread, poisson, MOST_MONTHS, type Spread, type Stream } from './payback'
export { breakEven, minutesPerMonth, toolsEarn, type Earns, type ToolsEarn } from './earns'
export { firstKits, type FirstKit } from './first-kit'
export { MOST_IN_VIEW } from './in-view'
export { booksOf, monthsThrough, stockHeld, type BookLine, type BookPeriod } from './books'
export { disagreements, stockMoves, type Disagreement, type Move, type MoveKind } from './moves'
export { leftOf, realWages, type RealWage } from './wage'
export { mistakesOf, type Mistake } from './mistakes'
export { listingFacts, type ListingFacts } from './listing'
