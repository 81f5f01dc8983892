export {
  boundBy,
  boundFrom,
  boundModel,
  type BoundModel,
  type BoundOptions,
  type Solved,
  type Solver
} from './bound'
export { bounds, isProven } from './rounds'
