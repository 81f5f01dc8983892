export * from './types'
export { indexLibrary, withOwn, type Library, type OwnEntries } from './library'
export { conditionPrice, errorFactor, repairReserve, resaleShare, specsOf, tierPrice, tierRank, timeFactor } from './tiers'
export { checkLibrary } from './check'
