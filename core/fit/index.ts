export {
  MARKED_BY_EYE_MM,
  countOf,
  floorOf,
  kitOf,
  kitTool,
  plainTool,
  kitWith,
  makeKit,
  type Kit,
  type KitTool
} from './kit'
export {
  admitted,
  boundValue,
  cleanUpStep,
  eaten,
  exactEnough,
  bringsPacks,
  hasCompanion,
  lackingCompanions,
  lackingProtection,
  protectionFor,
  leadError,
  leads,
  leadsOn,
  limitsBroken,
  loudnessOf,
  markingAllowed,
  meets,
  methodsOf,
  minutesOf,
  paceKey,
  neededCompanions,
  operationsUnder,
  overload,
  partSteps,
  penaltyOf,
  plainRunMinutes,
  reach,
  resultError,
  roundMinutes,
  runningMinutes,
  servesFor,
  setUpMinutes,
  slownessOf,
  tieHolds,
  tieKey,
  tooRough,
  withParts,
  type Burden,
  type Load,
  type MethodWeights,
  type WorkAroundUse
} from './kernel'
export { fitMethod, plainlyNot, type MethodFit, type Miss } from './method-fit'
export {
  fitBuild,
  fitStep,
  isUse,
  reachOf,
  useMethod,
  usesWithin,
  type BuildFit,
  type Reached,
  type StepFit
} from './build-fit'
export { loadOf, taskOf, type Task } from './task'
export { type Quickest } from './quickest'
export {
  charmOf,
  fitContext,
  hourTimesOf,
  hourValueOf,
  spoiltBy,
  wastedOf,
  type FitContext
} from './fit-context'
export { figuresOf, plainUse, type MethodUse, type UseFigures } from './use'
export { botherOf } from './bother'
export { longestFed, roomInUse, type InUse } from './in-use'
export { floorRuleOf, type FloorRule } from './floor-rule'
export { roomFor, type RoomFor } from './room-for'
export {
  conditionsOf,
  entryOfOffer,
  jigEntry,
  marketOf,
  tiersOf,
  type Buyable,
  type Market
} from './buyables'
export { usualByTier, usualOffer } from './usual'
export { isDrivenOut, isRuledOut } from './ruled-out'
export { EXACT_SIZE, SMALL_KEPT } from './packs'
export { EMPTY_SET, addedCost, costOf, entriesOf, union, type NeedSet } from './need-set'
export { makeFitter, type Fitter, type WayIn } from './ways-in'
export { buildableNow, operationsWithin } from './within'
export { consumablesPerHour, useEats, usedUp } from './consumables'
export {
  QUIET_DBA,
  benchSteps,
  plainWays,
  sittingsOf,
  type BenchStep,
  type PlainWay,
  type Sitting,
  type SittingWork
} from './sittings'
export {
  HOSES,
  gearOf,
  loudestIn,
  playsIn,
  waysIn,
  workingDay,
  type DayStretch,
  type Gear,
  type WorkingDay
} from './working-day'
