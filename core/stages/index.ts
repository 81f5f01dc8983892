export {
  evaluate,
  kitAfter,
  possibleAfter,
  possibleToday,
  type EvaluatedBuild,
  type PlanValue,
  type Report
} from './evaluate'
export type { CashMovement, DayBalance } from './evaluate-cash'
export { explainPurchase, purchaseOpens, toolOfPurchase, type PurchaseReasons } from './explain'
export { movePurchase, purchaseDays } from './move'
export { carriedPins, pinClash } from './pins'
export {
  Planner,
  makePlan,
  outcomeIssues,
  settledBefore,
  type Effort,
  type Outcome,
  type PlanOptions
} from './planner'
export type { Unopened } from './search/left-out'
export {
  answersFor,
  curvePoint,
  differenceOf,
  withMore,
  CURVE_FACTORS,
  type Answers,
  type CurvePoint,
  type Difference
} from './answers'
export { boundModel, type BoundModel, type BoundOptions } from './bound'
export { GENERATED_TODAY, SIZES, generateWorkspace, type Size } from './generate'
export { comesTo, type Comes } from './outcome'
export { FAN, USUAL_RISK, quantile, riskOf, type Risk, type RiskSettings } from './risk'
export { applyScenario, scenarioOutcome, type ScenarioOutcome } from './scenario'
export { schoolOutcome, type SchoolOutcome } from './compare'
export { beginningOf, type Beginning } from './differs'
export {
  againstPlan,
  shiftsBetween,
  type Shift,
  type Against,
  type AgainstBuild,
  type AgainstStage,
  type AgainstTool
} from './against'
export { keepPlan } from './kept'
export { isOvertaken, nextDay, type NextDay } from './next'
export {
  CHECKS,
  FAIR_TIMES,
  checksFor,
  pocketDays,
  pocketList,
  type Check,
  type PocketLine
} from './pocket'
