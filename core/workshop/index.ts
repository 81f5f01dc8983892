export {
  type Workshop,
  floorFor,
  suitsWall,
  beyondComfort,
  comfortable,
  ampsOf,
  circuitCarries
} from './workshop'
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
