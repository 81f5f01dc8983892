import { addDays, minutesBetween, type Day } from '../calendar'
import { sumOf } from '../kernel'
import { designsOn, minutesEach, type Design, type Learnt } from '../sidework'
import type { Plan, World } from '../workspace'
import type { MixAsks, MixMonth } from './mix'

/** The days the months ahead begin on: today, then each first of a month. */
function firstDays(asOf: Day, count: number): Day[] {
  const days: Day[] = [asOf]
  while (days.length <= count) {
    const [year, ofYear] = (days.at(-1) ?? asOf).split('-').map(Number) as [number, number]
    days.push(
      ofYear === 12 ? `${year + 1}-01-01` : `${year}-${String(ofYear + 1).padStart(2, '0')}-01`
    )
  }
  return days
}

/** The months ahead: their hours, and the money that comes in less what the plan buys in them. */
function monthsAhead(world: World, plan: Plan | undefined, days: readonly Day[]): MixMonth[] {
  const { workspace, receipts, asOf } = world
  return days.slice(0, -1).map((from, m) => {
    const last = addDays(days[m + 1] as Day, -1)
    const within = ({ date }: { readonly date: Day }): boolean => date >= from && date <= last
    return {
      month: from.slice(0, 'yyyy-mm'.length),
      ofYear: Number(from.slice('yyyy-'.length, 'yyyy-mm'.length)),
      minutes: minutesBetween(workspace.time, asOf, from, last),
      comesIn:
        sumOf(receipts.filter(within), ({ amount }) => amount) -
        sumOf((plan?.purchases ?? []).filter(within), ({ price }) => price)
    }
  })
}

/**
 * What the mix has to keep to: all hours of the workshop, timber from the purse above the reserve and after the plan's purchases, the floor for
 * pieces that wait. A design is made from the month on in which the plan has bought what it takes, and as fast as with the kit of that month.
 * @param stock pieces in stock by build
 * @param floorM2 floor for pieces; no limit when left out
 */
export function mixAsks(
  world: World,
  plan: Plan | undefined,
  learnt: readonly Learnt[],
  {
    stock,
    months,
    most,
    floorM2
  }: {
    readonly stock: Readonly<Record<string, number>>
    readonly months: number
    readonly most: number
    readonly floorM2?: number | undefined
  }
): MixAsks {
  const { money } = world.workspace
  const days = firstDays(world.asOf, months)
  const on = designsOn(world, plan, days.slice(0, -1), learnt)
  const latest = new Map<string, Design>()
  for (const designs of on.values()) for (const design of designs) latest.set(design.build, design)
  const paces = new Map(
    [...latest.keys()].map((build) => [
      build,
      days.slice(0, -1).map((day) => {
        const design = on.get(day)?.find((one) => one.build === build)
        return design && minutesEach(design)
      })
    ])
  )
  return {
    designs: [...latest.values()],
    paces,
    months: monthsAhead(world, plan, days),
    stock,
    purse: Math.max(0, world.balance - money.reserve),
    share: 1,
    rate: money.impatience,
    floorM2,
    most
  }
}
