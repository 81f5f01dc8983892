export {
  priceGrid,
  stayingFollowed,
  stayingRule,
  type PriceGrid,
  type Stayed,
  type StayingLook
} from './staying'
export { waitOrBuy, type LookAhead, type WaitOrBuy } from './wait-or-buy'
export { worthUpTo, type Offered, type WorthUpTo } from './worth-up-to'
