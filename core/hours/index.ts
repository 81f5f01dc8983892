export { itemFor, plannedMethods, reckonedWays, shareOf, type ReckonedWay } from './share'
export { plannedUses, type PlannedUse } from './planned'
export { itemHours, minutesUntil, sharedOf, type ItemHours } from './of-items'
