export {
  againstPlan,
  shiftsBetween,
  type Against,
  type AgainstBuild,
  type AgainstStage,
  type AgainstTool,
  type Shift
} from './against'
export { keepPlan, withChances } from './kept'
export { calibrationOf, type Calibration, type CalibrationBin, type Forecast } from './calibration'
export {
  lookBack,
  planTruth,
  type BuildTruth,
  type LookBack,
  type PlanTruth,
  type Wrong
} from './was-true'
