export * from './types'
export { indexLibrary, withOwn, type Library, type OwnEntries } from './library'
export {
  conditionPrice,
  dutyMinutesPerHour,
  errorFactor,
  repairReserve,
  resaleShare,
  specsOf,
  tierPrice,
  tierRank,
  timeFactor
} from './tiers'
export { inNames, matchesSearch, namesInAllSets, withNames } from './names'
export { checkOwn, circumstancesOf, companionCircles, methodWith, ownId, toolLike } from './own'
export { countLibrary, type LibraryCounts } from './counts'
export { checkLibrary } from './check'
export type { Dispute, Leaning, PowerWish, School, SchoolWeights, Side, Stance } from './school'
