export {
  FINDINGS_OF_POINT,
  type Answers,
  type Doing,
  type Effect,
  type Point,
  type PointFinding,
  type Sheet
} from './types'
export { ALIGN, arrivalChecks, inspected, type Inspected } from './judge'
export { CHECK_KINDS, TYPED, errorTyped, type CheckKind, type TrueCheck } from './true-check'
export type { CareTask } from './care-task'
