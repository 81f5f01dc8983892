export {
  type Day,
  LAST_DAY,
  MS_PER_DAY,
  DAYS_PER_YEAR,
  DAYS_PER_MONTH,
  dayNumber,
  dayFromNumber,
  checkDay,
  addDays,
  daysBetween,
  compareDays,
  byDate,
  laterDay,
  earlierDay,
  daysInMonth,
  monthlyDay
} from './day'
export { paydays, type Payday, type Rhythm } from './paydays'
export {
  type StageLength,
  type Stage,
  LONGEST_HORIZON_DAYS,
  stagesFrom,
  stageOf,
  horizonEnd,
  type ShopTime,
  rateOn,
  minutesThrough,
  minutesBetween,
  minutesPerDay
} from './stage'
