export {
  type Item,
  type OneOff,
  type MoneySettings,
  type Weighting,
  type OwnMix,
  type BeforeSide,
  type Preferences,
  type RuledOut,
  type NeedTest,
  type Pin,
  type Ban,
  type Watch,
  type Scenario,
  type Moment,
  type Trail,
  type Workspace,
  type WorkspaceFile
} from './types'
export {
  GONE_WHY,
  ORDER_STATES,
  type Bid,
  type GoneWhy,
  type Offered,
  type Order,
  type OrderState,
  type Outlet,
  type Piece,
  type Sold
} from './selling-types'
export {
  type PlannedPurchase,
  type PlannedBuild,
  type PlannedResale,
  type PlannedSaving,
  type PlannedIncome,
  type Plan
} from './plan-types'
export {
  type Receipt,
  type World,
  priceLevel,
  levelBasis,
  expectedReceipts,
  worldOf,
  bundlesOf,
  tillOf,
  findBuild,
  buildMaterial,
  buildWorth,
  plannedBuild,
  workspaceHash,
  forPlanning
} from './world'
export { salesOf } from './sales'
export {
  REGRET_KINDS,
  VERDICT_TIMES,
  type RegretKind,
  type Verdict,
  type VerdictTime
} from './verdicts'
export { inStockFor, isSupply, stockOn, type Stocked, type Supply } from './supplies'
export { loanTrouble } from './loans'
export type { Loan } from './loans'
export type { Photo } from './photo'
export type { CareDone, CheckDone, Upkeep } from './upkeep'
export { depositHeld, orderBuild, orderBuildId, piecesFor } from './orders'
export {
  flowsBack,
  outletOf,
  priceLeaving,
  priceParts,
  saleCounts,
  saleHourTimes,
  type SaleMoney,
  saleParts,
  withNet,
  type PriceParts
} from './selling'
export * as change from './change'
export { freshWorkspace, regionOf, usualHourValue, usualLevel } from './fresh'
export { stillOnOffer } from './bought'
export { splitPlan, trimmedPlan, withoutPurchases } from './plan-apart'
export { WEIGHTS, type WeightName } from '../catalogue'
export { type Weights, weightsOf, withWeights } from './weights'
export { practiceOf, type Practice } from './practice'
export { learningOf } from './learning'
export { finishedWays, type Finished, type WayMinutes } from './finished'
export {
  BOOK_HOURS,
  OTHER_WORK,
  PACE_FAMILIES,
  ownPace,
  paceUsed,
  type FamilyPace,
  type PaceFamily
} from './pace'
export { skillPracticeOf, type SkillPractice } from './skill-practice'
export { NO_TRAIL, handedOver, isTouched, lastCommon, stamped } from './trail'
export {
  differingSections,
  sectionsOf,
  sameSection,
  withSections,
  type SectionKey
} from './sections'
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
