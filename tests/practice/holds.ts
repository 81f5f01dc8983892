import { addDays, daysBetween, type Day } from '../../core/calendar'
import { tierRank, type Tier } from '../../core/catalogue'
import { sumOf } from '../../core/kernel'
import type { Report } from '../../core/plan'
import { findOffer } from '../../core/prices'
import type { Outcome } from '../../core/search'
import type { Plan, World } from '../../core/workspace'
import { TODAY } from '../helpers/workspaces'

/** A case that has been planned. */
export interface Planned {
  readonly world: World
  readonly plan: Plan
  readonly report: Report
  readonly outcome: Outcome
}

/** The first day of the n-th month after the start. */
export const monthsOn = (months: number): Day => addDays(TODAY, Math.round((months * 365) / 12))

/** When each tool is first owned: from the beginning, bought, or made. */
export function ownedFrom({ world, plan }: Planned): Map<string, Day> {
  const from = new Map<string, Day>(world.workspace.items.map(({ tool }) => [tool, '']))
  const put = (tool: string | undefined, day: Day): void => {
    if (tool !== undefined && day < (from.get(tool) ?? '9')) from.set(tool, day)
  }
  for (const { offer, date } of plan.purchases) put(findOffer(world.pricing, offer)?.tool, date)
  for (const { build, done } of plan.builds)
    if (build.startsWith('make/'))
      put(world.library.templates.get(build.slice('make/'.length))?.yields, done)
  return from
}

/** Builds of the list whose every copy is done, by the day of the last. */
export function doneOn({ world, plan }: Planned): Map<string, Day> {
  const done = new Map<string, Day>()
  for (const { id, copies } of world.workspace.builds) {
    const mine = plan.builds.filter(({ build }) => build === id)
    if (sumOf(mine, (one) => one.copies ?? copies) < copies) continue
    done.set(
      id,
      mine.reduce((last, one) => (one.done > last ? one.done : last), '')
    )
  }
  return done
}

/** Groups of tools none of which is owned by a day. */
export const missingBy = (
  planned: Planned,
  groups: readonly (readonly string[])[],
  day: Day
): string[] => {
  const from = ownedFrom(planned)
  return groups
    .filter((group) => !group.some((tool) => (from.get(tool) ?? '9') <= day))
    .map((group) => group.join(' or '))
}

/** The first day on which there is money. */
export const firstMoney = ({ world }: Planned): Day =>
  world.balance > world.workspace.money.reserve
    ? world.asOf
    : (world.receipts.find(({ amount }) => amount > 0)?.date ?? world.until)

/** Days until something happens, from the first day with money on. */
export function daysToStart(planned: Planned): number {
  const { plan } = planned
  const days = [...plan.purchases.map(({ date }) => date), ...plan.builds.map(({ begin }) => begin)]
  const first = days.sort()[0]
  return first === undefined ? Infinity : daysBetween(firstMoney(planned), first)
}

/** What tools cost against all money that comes in. */
export function spentShare({ world, plan }: Planned): number {
  const money = world.balance + sumOf(world.receipts, ({ amount }) => Math.max(0, amount))
  return sumOf(plan.purchases, ({ price }) => price) / money
}

/** The longest time a build waits although nothing else is worked on and its purchases could have been paid, days. */
export function longestIdle({ world, plan, report }: Planned): number {
  const builds = [...plan.builds].sort((a, b) => (a.begin < b.begin ? -1 : 1))
  const { reserve } = world.workspace.money
  let longest = 0
  let free = world.asOf
  for (const { build, begin, done } of builds) {
    const cost = sumOf(
      plan.purchases.filter(({ forBuild, date }) => forBuild === build && date <= begin),
      ({ price }) => price
    )
    const affordable = report.balances.find(
      ({ date }, i) =>
        date <= begin &&
        report.balances
          .slice(i)
          .every((later) => later.date >= begin || later.balance - cost >= reserve)
    )?.date
    const from = affordable !== undefined && affordable > free ? affordable : free
    if (affordable !== undefined) longest = Math.max(longest, daysBetween(from, begin))
    if (done > free) free = done
  }
  return longest
}

/** Tools bought in a tier beyond one, above or below. */
export const tiersBeyond = (
  { world, plan }: Planned,
  limits: readonly { readonly tool: string; readonly tier: Tier }[],
  side: 1 | -1
): string[] =>
  limits.flatMap(({ tool, tier }) =>
    plan.purchases.flatMap(({ offer }) => {
      const bought = findOffer(world.pricing, offer)
      return bought?.tool === tool && side * (tierRank(bought.tier) - tierRank(tier)) > 0
        ? [`${tool} ${bought.tier}`]
        : []
    })
  )
