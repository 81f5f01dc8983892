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

/** Days a purchase is held back until to find out what that costs: the soonest, and some of the later ones. */
const [SOON, MOST_DAYS] = [4, 10]

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

/** By planning again with it bought on a later day: nothing is lost by waiting with a mere wish. */
export function lossesOf(
  { near, days, world, perMoney }: Asking,
  { offer, count, planned }: Asked
): Losses {
  const nothing = { until: days.map(() => 0), without: 0, doneOn: undefined, base: undefined }
  if (planned === undefined) return nothing
  const held = new HeldBack(near, offer.id, count)
  const base = held.on(planned)
  if (!base) return nothing
  const most = Math.max(0, base.value - held.never().value)
  const last = days.at(-1) ?? world.asOf
  const { dates } = near.problem.events
  const within = dates.filter(
    (date, i) => date > planned && (date <= last || (dates[i - 1] ?? last) < last)
  )
  const apart = Math.max(1, Math.ceil((within.length - SOON) / (MOST_DAYS - SOON)))
  const known = [
    { date: planned, value: 0 },
    ...within
      .filter((_, i) => i < SOON || (within.length - 1 - i) % apart === 0)
      .map((date) => ({ date, value: base.value - (held.on(date)?.value ?? base.value) }))
  ]
  // What is bought later could as well have been bought sooner and left lying: no day loses more than a later one.
  for (let i = known.length - 2; i >= 0; i--) {
    const after = known[i + 1]?.value ?? 0
    known[i] = { ...known[i]!, value: Math.max(0, Math.min(known[i]!.value, after)) }
  }
  const inMoney = (value: number): number => Math.max(0, value) / perMoney / count
  return {
    until: between(days, known).map(inMoney),
    without: inMoney(most),
    doneOn: (date: Day) => held.on(date)?.done ?? new Map<string, Day>(),
    base: base.done
  }
}
