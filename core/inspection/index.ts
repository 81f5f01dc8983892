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
