export {
  evaluate,
  kitAfter,
  possibleAfter,
  possibleToday,
  type EvaluatedBuild,
  type PlanValue,
  type Report
} from './evaluate'
export { salesOf, type CashMovement, type DayBalance } from './evaluate-cash'
export { bundlePieces } from './acquired'
export { checkPurchases, savedOn, type Priced } from './evaluate-purchases'
export { resaleOf } from './resale'
export { movePurchase, paymentThen, purchaseDays, withSavings } from './move'
export { comesTo, type Comes } from './outcome'
export { carriedPins, emptyPlan, pinClash } from './pins'
export { discount, resaleValue, worthWhenDone } from './terms'
