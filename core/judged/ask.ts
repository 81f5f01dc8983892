import { addDays, byDate, daysBetween, type Day } from '../calendar'
import type { ItemHours } from '../hours'
import { resaleShare } from '../catalogue'
import { fitBuild, fitContext, kitOf } from '../fit'
import { isDone } from '../builds'
import type { Minor } from '../money'
import {
  VERDICT_TIMES,
  type Item,
  type Plan,
  type PlannedPurchase,
  type VerdictTime,
  type World
} from '../workspace'

/** Days after it came on which each question is asked. */
const ASKED_AFTER: Readonly<Record<VerdictTime, number>> = { month: 30, season: 91, year: 365 }
/** A question that was not answered for so many days after the last is not asked any more. */
const LAST_ASKED = 730

/** A question about something bought: the latest that is due and has no answer. */
export interface Asked {
  readonly item: Item
  readonly when: VerdictTime
}

/** Whether anybody would look back on it: a tool that was paid for, not what wears out or was there before. */
const isBought = ({ library }: World, { tool, cost }: Item): boolean =>
  cost > 0 && library.tools.get(tool)?.kind === 'tool'

/** Questions that are due, the dearest thing first. */
export function askedNow(world: World): Asked[] {
  const { workspace, asOf } = world
  const given = new Set((workspace.verdicts ?? []).map(({ item, when }) => `${item}@${when}`))
  return workspace.items
    .flatMap((item): Asked[] => {
      const days = daysBetween(item.since, asOf)
      const when = VERDICT_TIMES.findLast((one) => days >= ASKED_AFTER[one])
      return when !== undefined &&
        days <= LAST_ASKED &&
        isBought(world, item) &&
        !given.has(`${item.id}@${when}`)
        ? [{ item, when }]
        : []
    })
    .sort((a, b) => b.item.cost - a.item.cost)
}

/** What a thing has cost for each use and hour. Amounts in minor units, rounded. */
export interface UseCost {
  readonly item: Item
  readonly uses: number
  readonly minutes: number
  readonly last: Day | undefined
  /** Paid, less what it would bring now. */
  readonly lost: Minor
  readonly perUse: Minor | undefined
  readonly perHour: Minor | undefined
  /** Builds of the last kept plan that were to use it: those made by a way it plays a part in. */
  readonly expected: number | undefined
}

const MINUTES_PER_HOUR = 60

/** What it would bring now, minor units. */
export function bringsNow({ library }: World, { tool: id, tier, condition, cost }: Item): Minor {
  const tool = library.tools.get(id)
  return tool ? Math.round(cost * resaleShare(tool, tier, condition)) : 0
}

/** How many builds the newest plan kept before a thing came was to use it for. */
function expectedUses(world: World, { tool: id, since }: Item): number | undefined {
  const roles = world.library.tools.get(id)?.roles ?? []
  const plan = world.workspace.adopted.findLast(({ kept, asOf }) => (kept?.on ?? asOf) <= since)
  return plan?.builds.filter(({ methods }) =>
    Object.values(methods).some((method) =>
      (world.library.methods.get(method)?.roles ?? []).some(({ role }) => roles.includes(role))
    )
  ).length
}

/** What each tool that was paid for has cost by its use, the dearest hour first; what was never used comes before all. */
export function useCosts(world: World, hours: ReadonlyMap<string, ItemHours>): UseCost[] {
  return world.workspace.items
    .filter((item) => isBought(world, item))
    .map((item): UseCost => {
      const used = hours.get(item.id)
      const lost = Math.max(0, item.cost - bringsNow(world, item))
      const minutes = used?.minutes ?? 0
      const uses = used?.times ?? 0
      return {
        item,
        uses,
        minutes,
        last: used?.last,
        lost,
        perUse: uses > 0 ? Math.round(lost / uses) : undefined,
        perHour: minutes > 0 ? Math.round((lost * MINUTES_PER_HOUR) / minutes) : undefined,
        expected: expectedUses(world, item)
      }
    })
    .sort(
      (a, b) => (b.perHour ?? b.lost * MINUTES_PER_HOUR) - (a.perHour ?? a.lost * MINUTES_PER_HOUR)
    )
}

/** Nothing is idle that came less than so many days ago, or was used within as many. A judgement: a winter. */
export const IDLE_DAYS = 180

/** Something that lies idle: what it would bring, and the builds that could not be made without it. */
export interface Idle {
  readonly item: Item
  readonly last: Day | undefined
  readonly brings: Minor
  readonly closes: readonly string[]
  /** The first purchase still ahead that its money alone would pay for. */
  readonly pays: PlannedPurchase | undefined
}

/** Tools paid for that nothing logged has used for half a year, what would bring most first. What protects is never idle, nor what is lent. */
export function idleIn(world: World, hours: ReadonlyMap<string, ItemHours>, plan?: Plan): Idle[] {
  const { workspace, library, asOf } = world
  const from = addDays(asOf, -IDLE_DAYS)
  const idle = workspace.items.filter((item) => {
    const tool = library.tools.get(item.tool)
    const last = hours.get(item.id)?.last
    return (
      isBought(world, item) &&
      item.loan === undefined &&
      tool?.protects.length === 0 &&
      item.since <= from &&
      (last === undefined || last < from)
    )
  })
  if (idle.length === 0) return []
  const context = fitContext(world)
  const open = workspace.builds.filter((build) => !isDone(build))
  const gapsWith = (items: readonly Item[]): number[] => {
    const kit = kitOf(library, items)
    return open.map((build) => fitBuild(context, kit, build).gaps.length)
  }
  const now = gapsWith(workspace.items)
  const ahead = (plan?.purchases ?? []).filter(({ date }) => date > asOf).sort(byDate)
  const found = idle.map((item): Idle => {
    const without = gapsWith(workspace.items.filter((one) => one !== item))
    const brings = bringsNow(world, item)
    return {
      item,
      last: hours.get(item.id)?.last,
      brings,
      pays: ahead.find(({ price }) => price > 0 && price <= brings),
      closes: open.flatMap(({ id }, i) => ((without[i] ?? 0) > (now[i] ?? 0) ? [id] : []))
    }
  })
  return found.sort((a, b) => b.brings - a.brings)
}
