export { isOvertaken, mainFirst, nextDay, type NextDay } from './next'
export {
  CHECKS,
  FAIR_TIMES,
  checksFor,
  pocketDays,
  type PocketDay,
  pocketList,
  seenPrice,
  type Seen,
  type Check,
  type PocketLine
} from './pocket'
