export { buildValue, openBuilds, type BuildValue } from './value'
export { Weighing, rank } from './rank'
export { scoreOf } from './score'
export { linesOf } from './showing'
export { wantedOf } from './candidate-sets'
export { type Candidate, type Effect, type PackageLine, type Ranking } from './candidate'
export { roughVariant, type RoughVariant } from '../builds'
export { Scale } from './scale'
export { type Weighed } from './scale-rows'
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
export { FEW_USES, reasonsFor, yearsOf, type Reasons, type ServiceUse } from './reasons'
export { type Way } from './other-ways'
export { type Because } from './because'
export { type NearMiss, type StepChange } from './near-misses'
export { type Regret } from './regrets'
export {
  lifeHours,
  ownershipOptions,
  tenureId,
  type OwnershipCost,
  type OwnershipOption,
  type Tenure
} from './ownership'
export { cheapestOver, type CheapestRange } from './cheapest-over'
export { hoursOfUse, ruledOut, type RuledOut } from './ruled-out'
export { bestSplit, type Split, type SplitOption, type SplitPlace } from './split'
export { tierPlaces, type TierPlace, type TierWish, usualTotal } from './tier-places'
export {
  NEW_PLATFORM,
  OTHER_MAKER_SHARE,
  POWER_MODES,
  minutesPerPack,
  packsDrawn,
  packsNeeded,
  powerPlan,
  type OwnedPlatform,
  type PackPrices,
  type PlatformBill,
  type PowerChoice,
  type PowerMode,
  type PoweredTool,
  type PowerPlan
} from './batteries'
export { ownedPlatforms, packPrices, poweredTools, toolsInView } from './powered-tools'
export { dealWorth, type DealWorth } from './deal-worth'
export { bargainOf, wantedTools, type Bargain } from './bargain'
export { dayPacks, type DayPacks } from './day-packs'
