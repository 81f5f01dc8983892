export {
  MARKED_BY_EYE_MM,
  countOf,
  floorOf,
  kitOf,
  kitTool,
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
  lackingCompanions,
  lackingProtection,
  leadError,
  leads,
  leadsOn,
  limitsBroken,
  markingAllowed,
  meets,
  minutesOf,
  neededCompanions,
  overload,
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
  type Burden,
  type Load,
  type MethodWeights,
  type WorkAroundUse
} from './kernel'
export { fitMethod, plainlyNot, type MethodFit, type Miss } from './method-fit'
export {
  figuresOf,
  fitBuild,
  fitContext,
  fitStep,
  hourValueOf,
  isUse,
  loadOf,
  plainUse,
  reachOf,
  taskOf,
  useMethod,
  type BuildFit,
  type FitContext,
  type MethodUse,
  type Reached,
  type StepFit,
  type Task,
  type UseFigures
} from './build-fit'
export { entryOfOffer, jigEntry, marketOf, type Buyable, type Market } from './buyables'
export { EXACT_SIZE, SMALL_KEPT } from './packs'
export { EMPTY_SET, addedCost, costOf, entriesOf, union, type NeedSet } from './need-set'
export { makeFitter, type Fitter, type WayIn } from './ways-in'
export { buildableNow, operationsWithin } from './within'
export { consumablesPerHour, useEats, usedUp } from './consumables'
