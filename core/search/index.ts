export { Search } from './anneal'
export type { Unopened } from './left-out'
export {
  Planner,
  makePlan,
  outcomeIssues,
  settledBefore,
  type Effort,
  type Outcome,
  type PlanOptions
} from './planner'
export { problemOf, type Problem } from './problem'
