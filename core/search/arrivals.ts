import { addDays, compareDays } from '../calendar'
import type { Kit } from '../fit'
import type { PlannedPurchase } from '../workspace'
import type { Calendar } from './calendar'
import { endOfHire, type Hires } from './hired'
import type { Problem } from './problem'
import type { Bought, Done, State } from './state'

/** Something that comes into the workshop, with the days it is there. */
export interface Arrival {
  day: number
  until: number
  readonly entry: Kit['tools'][number]
  /** Of what is hired. */
  readonly hired?: Bought | undefined
}

/** What arrivals are placed with. */
export interface Placing {
  readonly calendar: Calendar
  readonly arrivals: readonly Arrival[]
  readonly hires: Hires | undefined
}

/** What was bought, with the days it is there. */
export const arrivalsOf = (
  { choices, events }: Problem,
  { bought }: State,
  hires: Hires | undefined
): Arrival[] =>
  bought.flatMap((one): Arrival[] => {
    const { choice, count, event } = one
    const { entries, until } = choices[choice]!
    const isHired = one.day !== undefined && hires !== undefined
    const day = one.day ?? events.days[event] ?? 0
    return entries.map((entry) => ({
      day,
      until: isHired ? endOfHire(hires, choice, day) : until,
      entry: { ...entry, count: entry.count * count },
      ...(isHired ? { hired: one } : {})
    }))
  })

/** Purchases of one offer on one day as one. */
export function purchasesOf(
  problem: Problem,
  { bought }: State,
  arrivals: readonly Arrival[]
): PlannedPurchase[] {
  const { choices, events, activities, world } = problem
  const merged = new Map<string, PlannedPurchase>()
  for (const one of bought) {
    const { choice, count, event, activity } = one
    const { id: offer, payment } = choices[choice]!
    const day = arrivals.find(({ hired }) => hired === one)?.day
    const date = day === undefined ? (events.dates[event] ?? '') : addDays(world.asOf, day)
    const id = `${offer}@${date}`
    const present = merged.get(id)
    const price = count * (payment[event] ?? 0)
    const forBuild = activities[activity]?.build.id
    merged.set(
      id,
      present
        ? { ...present, count: present.count + count, price: present.price + price }
        : { id, offer, count, date, price, ...(forBuild === undefined ? {} : { forBuild }) }
    )
  }
  return [...merged.values()].sort((a, b) => compareDays(a.date, b.date))
}

/** What is hired for an activity is there from the day that really begins, where its hours lie later than was thought. */
export function hiredInTime(
  { arrivals, calendar, hires }: Placing,
  { activity, begin }: Done
): number {
  const really = calendar.firstFree(begin)
  if (!hires || really < 0) return begin
  for (const one of arrivals)
    if (one.hired?.activity === activity && really > one.until) {
      one.day = really
      one.until = endOfHire(hires, one.hired.choice, really)
    }
  return really
}
