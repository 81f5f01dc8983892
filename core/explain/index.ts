export {
  CURVE_FACTORS,
  answering,
  curvePoint,
  differenceOf,
  withMore,
  type Answers,
  type CurvePoint,
  type Difference
} from './answers'
export { advisedWith, type Advised } from './advised'
export { paidBackBy, type PaidBack } from './paid-back'
export { beginningOf, type Beginning } from './differs'
export { explainPurchase, purchaseOpens, toolOfPurchase, type PurchaseReasons } from './explain'
export { orderAnswer, type OrderAnswer } from './order'
