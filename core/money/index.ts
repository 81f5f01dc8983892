export {
  type Minor,
  LARGEST_AMOUNT,
  LARGEST_TOTAL,
  exponentOf,
  roundHalfUp,
  timesRatio,
  checkAmount,
  foreignCurrency,
  parseAmount
} from './money'
