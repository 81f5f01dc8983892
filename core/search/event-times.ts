import { DAYS_PER_YEAR, addDays, dayNumber, minutesPerDay, type Day } from '../calendar'
import { isDone } from '../builds'
import { distinct } from '../kernel'
import { salesOf, type World } from '../workspace'

/** The days on which something may be bought, with the balance that holds until the next of them. */
export interface EventTimes {
  readonly count: number
  readonly dates: readonly Day[]
  /** Days from today. */
  readonly days: Int32Array
  /** The event each day belongs to. */
  readonly of: Int32Array
  /** The first event on or after each day; `count` beyond the last one. */
  readonly next: Int32Array
  /** Balance above the reserve from each event to the next, before the plan spends anything. */
  readonly free: Float64Array
  /** D(day) for every day of the horizon. */
  readonly discount: Float64Array
  /** Minutes of shop time on every day. */
  readonly minutes: Int32Array
  readonly horizon: number
}

/** Event times that are added at most where something is made for sale. */
const LOOKS_FOR_SALES = 90

/** Where something is made for sale its money may come on any day: days a few apart, on which it is looked whether it has. */
function lookingForSales({ workspace, asOf }: World, horizon: number): Day[] {
  if (!workspace.builds.some((build) => build.sale !== undefined && !isDone(build))) return []
  const apart = Math.max(1, Math.ceil(horizon / LOOKS_FOR_SALES))
  return Array.from({ length: Math.floor((horizon - 1) / apart) }, (_, i) =>
    addDays(asOf, (i + 1) * apart)
  )
}

/** Today, every day on which money is expected, a stage begins, or a price, an offer or a promise to wait changes. */
export function eventTimesOf(world: World): EventTimes {
  const { asOf, until, workspace, receipts, stages } = world
  const start = dayNumber(asOf)
  const horizon = dayNumber(until) - start + 1
  const dates = distinct([
    asOf,
    ...receipts.map(({ date }) => date),
    ...stages.map((stage) => stage.start),
    ...salesOf(world).flatMap(({ from, until: last }) => [from, addDays(last, 1)]),
    ...world.pricing.quotes.flatMap((quote) =>
      quote.until === undefined ? [] : [addDays(quote.until, 1)]
    ),
    ...workspace.offers.flatMap(({ from }) => from ?? []),
    ...(workspace.needTests ?? []).map((test) => test.until),
    ...(workspace.hires ?? []).flatMap(({ taken = [] }) => taken.map(({ from }) => from)),
    ...workspace.pins.map(({ date }) => date),
    ...lookingForSales(world, horizon)
  ])
    .filter((date) => date >= asOf && date <= until)
    .sort()
  const days = Int32Array.from(dates, (date) => dayNumber(date) - start)
  const count = dates.length
  const [of, next] = [new Int32Array(horizon), new Int32Array(horizon + 1).fill(count)]
  for (let k = 0; k < count; k++)
    for (let day = days[k] ?? 0; day < (k + 1 < count ? (days[k + 1] ?? 0) : horizon); day++)
      of[day] = k
  for (let day = horizon - 1, k = count - 1; day >= 0; day--) {
    next[day] = (days[k] ?? 0) >= day ? k : k + 1
    if ((days[k] ?? 0) === day) k--
  }
  const free = new Float64Array(count)
  let balance = world.balance - workspace.money.reserve
  let at = 0
  dates.forEach((date, k) => {
    while (at < receipts.length && (receipts[at]?.date ?? '') <= date)
      balance += receipts[at++]?.amount ?? 0
    free[k] = balance
  })
  const discount = Float64Array.from({ length: horizon + 1 }, (_, day) =>
    Math.pow(1 + workspace.money.impatience, -day / DAYS_PER_YEAR)
  )
  return {
    count,
    dates,
    days,
    of,
    next,
    free,
    discount,
    minutes: minutesPerDay(workspace.time, asOf, horizon),
    horizon
  }
}
