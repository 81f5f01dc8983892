export { boundBy, boundFrom, boundModel, type BoundModel } from './bound'
export type { Solved, Solver } from './solver'
export { bounds, isProven } from './rounds'
