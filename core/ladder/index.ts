export { ladderOf } from './ladder'
export { EXACT_RUNGS } from './order'
export { mainRung } from './rung'
export type { Band, Ladder, NotFor, Rung, RungPart, TierReason } from './rung'
