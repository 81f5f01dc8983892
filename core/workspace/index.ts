export * from './types'
export * from './world'
export * as change from './change'
export { freshWorkspace } from './fresh'
export { stillOnOffer } from './bought'
export { splitPlan, trimmedPlan, withoutPurchases } from './plan-apart'
export * from './weights'
export { practiceOf, type Practice } from './practice'
export { NO_TRAIL, handedOver, lastCommon, stamped } from './trail'
export { differingParts, partsOf, samePart, withParts, type PartKey } from './parts'
export {
  compareForReplacing,
  compareStates,
  compareWithBase,
  mergeStates,
  partsToPutBack,
  type Comparison,
  type PartChange
} from './merge'
export { type Line, type BoughtLine } from './purchases'
export {
  adoptSchool,
  bannedBy,
  blend,
  followsSchool,
  leaveSchool,
  schoolWeights,
  takeSide
} from './school'
