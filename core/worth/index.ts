export { comfortsOf, type Comfort } from './comfort'
export { afterOf, afterTimes, afterWorth, type After } from './after'
export { countedWorth, netOf, oneMore, paidFromPurse, payTimes, type Account } from './stakes'
