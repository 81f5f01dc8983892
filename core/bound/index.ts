export {
  BOUND_ROUNDS,
  boundBy,
  boundFrom,
  boundModel,
  type BoundModel,
  type BoundOptions,
  type BoundRound,
  type Solved,
  type Solver
} from './bound'
