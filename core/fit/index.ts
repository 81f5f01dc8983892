export {
  MARKED_BY_EYE_MM,
  countOf,
  kitOf,
  kitTool,
  kitWith,
  makeKit,
  type Kit,
  type KitTool
} from './kit'
export {
  boundValue,
  composedAccuracy,
  fitMethod,
  meets,
  neededCompanions,
  plainlyNot,
  reach,
  type Load,
  type MethodFit,
  type Miss,
  type Stretch
} from './method-fit'
export {
  LOUD_DBA,
  chosenMethods,
  fastest,
  fitBuild,
  fitContext,
  fitStep,
  cleanUpStep,
  hourValueOf,
  isUse,
  loadOf,
  methodWeights,
  penaltyOf,
  plainUse,
  reachOf,
  useMethod,
  type BuildFit,
  type FitContext,
  type MethodUse,
  type MethodWeights,
  type Reached,
  type StepFit
} from './build-fit'
export { entryOfOffer, jigEntry, marketOf, type Buyable, type Market } from './buyables'
export { EXACT_SIZE, SMALL_KEPT, servesFor } from './packs'
export { EMPTY_SET, addedCost, costOf, entriesOf, union, type NeedSet } from './needs'
export { makeFitter, type Fitter, type WayIn } from './ways-in'
