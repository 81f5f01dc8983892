export {
  type Build,
  type PricePoint,
  type Sale,
  type MaterialPrice,
  batchesOf,
  isDone,
  isBegun,
  togetherOf,
  isForSale,
  type MaterialPricing,
  materialPrice,
  lineCost,
  materialCost,
  wishOf,
  worthOf,
  buildFromTemplate,
  bearingOf,
  buildLike,
  jigBuildId,
  jigBuild
} from './build'

export { nightsOf } from './waiting'
export { batchOf } from './batch'
export { daysUntilSold, demandAt, demandSaid, type Demand } from './demand'
export { roughVariant, type RoughVariant } from './rough-timber'
export {
  LONGEST_SESSION,
  forPlans,
  mostMinutes,
  runningMinutes,
  sessionTrouble,
  untoldMinutes,
  withMinutes,
  withSession,
  type BuildLog,
  type Session,
  type SharedMinutes
} from './log'
