export { type Workshop, floorFor, sidesOf, suitsWall, beyondComfort, comfortable } from './workshop'
export {
  ampsOf,
  circuitCarries,
  circuitsOf,
  leftFor,
  loadOn,
  mostAmps,
  runTogether,
  strayOutlets,
  type AlsoOn,
  type Circuit,
  type Mains,
  type Together
} from './circuits'
export {
  ASLEEP_DBA,
  WALLS_BETWEEN,
  atNeighbour,
  quietLimit,
  type Neighbour,
  type WallBetween
} from './neighbour'
export {
  EUROPEAN,
  FIVE_DB,
  THREE_DB,
  dailyExposure,
  doseOf,
  levelAt,
  levelBehind,
  levelOfDose,
  permittedMinutes,
  together,
  type Loud,
  type NoiseRule,
  type Protector
} from './noise'
export {
  ADVISED_DROP,
  CONTINUOUS_SHARE,
  GAUGES,
  circuitLoad,
  gaugeFor,
  judgeCord,
  voltsLost,
  type CordVerdict,
  type Gauge,
  type Load
} from './cords'
export {
  OPENINGS,
  THINGS,
  TURNS,
  overlaps,
  rectOf,
  type FloorPlan,
  type Opening,
  type Outlet,
  type Point,
  type Rect,
  type Stand,
  type Standing,
  type Thing,
  type Turn
} from './floor-plan'
export { alongWall, areaOf, lengthOf, liesInside, wallsOf, type Wall } from './outline'
export {
  bodyStored,
  bodyUsed,
  shapeOf,
  stockFor,
  storedAt,
  stripOf,
  wantedAt,
  type Shape,
  type Wanted
} from './shape'
export { clashesOf, passageOf, reachOf, type Against, type Clash } from './clashes'
export { layoutCost, outletsOf } from './layout'
export { rewalled } from './rewalled'
export { Places } from './places'
export { allGo, arranged, type Arranged, type ArrangeOptions } from './arrange'
export { goesInto, goesThrough, planFaults, waysOut, type Box, type PlanFault } from './doorway'
export {
  AIR_CHANGES,
  DUST_LIMITS,
  HOSE_CATCHES,
  MASK_FACTORS,
  SENDS_OUT,
  SETTLES_PER_HOUR,
  airAfter,
  dustOf,
  type Air,
  type DustDay,
  type Dusty
} from './dust'
