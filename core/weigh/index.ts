export { buildValue, openBuilds, type BuildValue } from './value'
export {
  Weighing,
  partsOf,
  rank,
  scoreOf,
  wantedOf,
  type Candidate,
  type Effect,
  type Part,
  type Ranking
} from './rank'
export { roughVariant, type RoughVariant } from './rough-timber'
export { Scale, type Weighed } from './scale'
export type { ScaleWeights } from './scale-parts'
export {
  EXACT_PLAYERS,
  exactShares,
  gameOf,
  sampledShares,
  type Game,
  type Shares
} from './shapley'
export { MOST_PLAYERS, playersOf, pulls, type Pull, type SharingOptions } from './shares'
export { swayOf, weightRange, type Sway } from './stability'
export {
  FEW_USES,
  reasonsFor,
  yearsOf,
  type Because,
  type NearMiss,
  type Reasons,
  type Regret,
  type ServiceUse,
  type StepChange,
  type Way
} from './reasons'
export {
  cheapestOver,
  hoursOfUse,
  lifeHours,
  ownershipOptions,
  ruledOut,
  tenureId,
  type OwnershipCost,
  type OwnershipOption,
  type RuledOut,
  type CheapestRange,
  type Tenure
} from './ownership'
export { bestSplit, type Split, type SplitOption, type SplitPlace } from './split'
export { tierPlaces, type TierPlace, type TierWish } from './tier-places'
export {
  NEW_PLATFORM,
  OTHER_MAKER_SHARE,
  POWER_MODES,
  minutesPerPack,
  ownedPlatforms,
  packPrices,
  packsNeeded,
  poweredTools,
  powerPlan,
  toolsInView,
  type OwnedPlatform,
  type PackPrices,
  type PlatformBill,
  type PowerChoice,
  type PowerMode,
  type PoweredTool,
  type PowerPlan
} from './batteries'
export { bargainOf, wantedTools, type Bargain } from './bargain'
