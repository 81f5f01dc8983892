export { boundBy, boundFrom, boundModel, type BoundModel } from './bound'
export type { Solved, Solver } from './solver'
export { addGain, addRow, emptyProgram, programText, type Program, type Term } from './program'
export { bounds, isProven } from './rounds'
