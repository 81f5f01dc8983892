export type { Feed, Listing, Seller, YearlySale } from './types'
export { cheapestOn, feedOn, roundPrice, type Market } from './market'
export {
  boardRows,
  changeOf,
  isSingle,
  offerOf,
  quoteFrom,
  type BoardRow,
  type Concern
} from './rows'
export { takenOver } from './take'
