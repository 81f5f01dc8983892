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
export { USUAL_REGRET, lessonFor, regretCost, tierLessons, type Lesson } from './lessons'
