import { daysBetween, type Day } from '../calendar'
import { HeldBack } from '../search'
import type { Asked, Asking } from './asking'

/** What waiting with something costs, in money for one piece. */
export interface Losses {
  /** Until each look. */
  readonly until: readonly number[]
  /** By going without. */
  readonly without: number
  /** When each build is done when it is bought on a day, and as planned. */
  readonly doneOn: ((date: Day) => ReadonlyMap<string, Day>) | undefined
  readonly base: ReadonlyMap<string, Day> | undefined
}

/** Values known on some days, in between by proportion of the days. */
function between(
  days: readonly Day[],
  known: readonly { readonly date: Day; readonly value: number }[]
): number[] {
  return days.map((day) => {
    const after = known.findIndex(({ date }) => date >= day)
    const [a, b] = [known[after - 1], known[after] ?? known.at(-1)]
    if (!b) return 0
    if (!a || after <= 0) return b.value
    const share = daysBetween(a.date, day) / Math.max(1, daysBetween(a.date, b.date))
    return a.value + share * (b.value - a.value)
  })
}

/** By planning again with it held back: nothing is lost by waiting with a mere wish. */
export function lossesOf(
  { near, days, world, perMoney }: Asking,
  { offer, count, planned }: Asked
): Losses {
  if (planned === undefined)
    return { until: days.map(() => 0), without: 0, doneOn: undefined, base: undefined }
  const held = new HeldBack(near, ({ entries }) =>
    entries.some(({ tool }) => tool.id === offer.tool)
  )
  const { events } = near.problem
  const base = held.until(world.asOf)
  const never = held.until(undefined)
  const most = Math.max(0, base.value - never.value)
  const last = days.at(-1) ?? world.asOf
  const known = events.dates
    .filter((date, i) => date <= last || (events.dates[i - 1] ?? last) < last)
    .map((date) => ({ date, value: base.value - held.until(date).value }))
  // Not before a later day is also not before an earlier one: what a later day comes to is the most an earlier one can lose.
  for (let i = known.length - 1; i >= 0; i--) {
    const after = known[i + 1]?.value ?? most
    known[i] = { ...known[i]!, value: Math.min(Math.max(0, known[i]!.value), after, most) }
  }
  const inMoney = (value: number): number => value / perMoney / count
  return {
    until: between(days, known).map(inMoney),
    without: inMoney(most),
    doneOn: (date: Day) => held.until(date).done,
    base: base.done
  }
}
