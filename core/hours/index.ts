export { itemFor, plannedMethods, reckonedWays, shareOf, type ReckonedWay } from './share'
export { itemHours, sharedOf, type ItemHours } from './of-items'
