export {
  IDLE_DAYS,
  askedNow,
  bringsNow,
  idleIn,
  useCosts,
  type Asked,
  type Idle,
  type UseCost
} from './ask'
