export { Search } from './anneal'
export type { Unopened } from './left-out'
export {
  Planner,
  makePlan,
  outcomeIssues,
  settledBefore,
  type Effort,
  type Outcome,
  type PlanOptions,
  type Told
} from './planner'
export { BESIDE, beside, laneHere, laneWithSpare, race, type Lane } from './race'
export { problemOf, type Problem } from './problem'
export { withMoneyOf } from './with-money'
export type { Activity, ActivityStep, Slot, Way } from './problem'
export type { Choice } from './choices'
export type { Mode } from './mode'
export type { Requirement } from './requirements'
export type { EventTimes } from './event-times'
export type { ProblemOptions } from './problem'
export { Variations } from './variations'
export { HeldBack, worthOfMoney, type HeldPlan } from './held-back'
export { countedWorthOf, modelOf, type Model } from './model'
export { supplyOf, type Supply } from './supply'
export { serviceOf } from './requirements'
export { KitValue } from './kit-value'
export type { ActivityTaken, StepTaken } from './taken'
export { climb } from './climb'
export { greedySearch } from './greedy'
export { apply } from './apply'
export { packagesFor, priceOfPackage, shopOf, type Package, type Shop } from './packages'
export { payFor, playing } from './playing'
export { repriced } from './repriced'
export { TwoSides } from './two-sides'
export type { Settled } from './settle'
