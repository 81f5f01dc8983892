export {
  certainly,
  eitherOr,
  lognormalChances,
  normalBelow,
  reduced,
  type PriceChances
} from './chances'
export {
  followed,
  reservationPrice,
  waitingRule,
  type Look,
  type Waited,
  type WaitingRule
} from './reservation'
