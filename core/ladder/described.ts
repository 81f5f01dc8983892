import type { Tool } from '../catalogue'
import { kitWith, type Kit } from '../fit'
import { sumOf } from '../kernel'
import { apply, payFor, playing, type ActivityTaken, type Shop } from '../search'
import { buildsOf, tierReason, withoutLead, type Context } from './facts'
import { areaUnder, type Step } from './order'
import { comfortsOf } from '../worth'
import type { World } from '../workspace'
import { bandOf, moneyOf } from './purse'
import type { Rung, RungPart } from './rung'
import { allTaken } from './steps'
import { timberPays } from './timber-pays'

const leadOf = (step: Step): number => [...step.lead.keys()][0]!

/** What is said of a lead with every rung climbed. */
interface AtEnd {
  readonly without: Rung['without']
  readonly tier: Rung['tier']
  readonly used: Used
}
interface Used {
  readonly builds: ReadonlySet<number>
  readonly steps: number
}

/** Builds of the user and steps in which a lead plays. */
function usedFor(
  shop: Shop,
  bought: ReadonlySet<number>,
  taken: ReadonlyMap<number, ActivityTaken>,
  lead: number
): Used {
  const builds = new Set<number>()
  let steps = 0
  for (const [activity, one] of taken) {
    if (!shop.model.problem.wanted.includes(activity)) continue
    for (const { modes } of one.steps)
      if (modes.some((mode) => playing(shop, mode, bought).includes(lead))) {
        builds.add(activity)
        steps++
      }
  }
  return { builds, steps }
}

function partOf({ model }: Shop, choice: number, count: number): RungPart {
  const one = model.problem.choices[choice]!
  return {
    tool: one.entries[0]!.tool.id,
    offer: one.id,
    count,
    made: one.makes !== undefined,
    cost: payFor(one, count)
  }
}

/** What is known of all leads once everything is there: said of the whole kit, whatever the order. */
function atTheEnd(context: Context, order: readonly Step[]): Map<number, AtEnd> {
  const { shop, whole, atEnd } = context
  const bought = new Set(whole.keys())
  apply(shop.kit, whole, 1)
  const ends = new Map(
    order.map((step) => {
      const lead = leadOf(step)
      return [
        lead,
        {
          without: withoutLead(context, lead, bought),
          tier: tierReason(context, lead),
          used: usedFor(shop, bought, atEnd, lead)
        }
      ] as const
    })
  )
  apply(shop.kit, whole, -1)
  return ends
}

/** How far each rung has paid: one that has not waits for those above it to make up for it. */
class Paying {
  private waiting: { at: number; short: number }[] = []

  /** @returns rungs below that pay together with this one */
  climb(at: number, gain: number, reckoned: number): number[] {
    if (gain < reckoned) {
      this.waiting.push({ at, short: reckoned - gain })
      return []
    }
    let spare = gain - reckoned
    const paid: number[] = []
    while (this.waiting.length > 0 && spare >= this.waiting.at(-1)!.short) {
      const { at: below, short } = this.waiting.pop()!
      spare -= short
      paid.push(below)
    }
    return paid
  }
}

/** How much of the area is lost where a rung changes places with the next, for each. */
function firmness({ shop }: Context, order: readonly Step[]): number[] {
  const area = areaUnder(shop.kit, order)
  return order.map((_, at) => {
    if (at + 1 >= order.length || area === 0) return 0
    const swapped = [...order]
    swapped.splice(at, 2, order[at + 1]!, order[at]!)
    return Math.max(0, (area - areaUnder(shop.kit, swapped)) / area)
  })
}

/** Whether a tool is worth having by itself: wished for, or a place for tools and light. */
const ownWorth = (world: World, { id }: Tool): Rung['own'] => {
  const comfort = comfortsOf(world).get(id)
  return comfort && (comfort.group.startsWith('wish/') ? 'wish' : 'order')
}

/** What purchases are reckoned at: their price net of what they bring at the end. */
const reckonedAt = ({ alone }: Shop, list: readonly (readonly [number, number])[]): number =>
  sumOf(list, ([choice, count]) => alone[choice]! * count)

const toolOf = ({ model }: Shop, choice: number): Tool =>
  model.problem.choices[choice]!.entries[0]!.tool

/** What is owned with all that the ladder buys. */
const kitOfAll = ({ shop, whole }: Context): Kit =>
  kitWith(
    shop.model.problem.sources.kit,
    [...whole].flatMap(([choice, count]) =>
      shop.model.problem.choices[choice]!.entries.map((entry) => ({
        ...entry,
        count: entry.count * count
      }))
    )
  )

/** The rungs with all that is said of them, in their order. */
export function describe(context: Context, order: readonly Step[]): Rung[] {
  const { shop, world, whole } = context
  const { kit } = shop
  const { activities, wanted } = shop.model.problem
  const { now, inTime } = moneyOf(world)
  const ends = atTheEnd(context, order)
  const firm = firmness(context, order)
  const bought = new Set(whole.keys())
  const of = new Set(wanted.map((activity) => activities[activity]!.build.id)).size
  const kitAtEnd = kitOfAll(context)
  const paying = new Paying()
  const withRung = new Map<number, number>()
  const brought = new Set<number>()
  let total = 0
  let value = kit.value()
  let before = allTaken(shop)
  const rungs = order.map((step, at): Rung => {
    const lead = leadOf(step)
    const along = [...step.along].filter(([choice]) => !brought.has(choice))
    for (const [choice] of along) brought.add(choice)
    apply(kit, step.lead, 1)
    apply(kit, new Map(along), 1)
    const parts = along.map(([choice, count]) => partOf(shop, choice, count))
    const one = partOf(shop, lead, step.lead.get(lead) ?? 1)
    const cost = one.cost + sumOf(parts, (each) => each.cost)
    total += cost
    const reckoned = reckonedAt(shop, [[lead, one.count], ...along])
    const gain = kit.value() - value
    const after = allTaken(shop)
    for (const below of paying.climb(at, gain, reckoned)) withRung.set(below, at)
    const opened = [...after.keys()].filter(
      (activity) => wanted.includes(activity) && !before.has(activity)
    )
    const { used, without, tier } = ends.get(lead)!
    const here = used.builds.size > 0 ? used : usedFor(shop, bought, after, lead)
    value += gain
    before = after
    return {
      lead: one,
      along: parts,
      cost,
      total,
      band: bandOf(total, now, inTime),
      gain,
      withRung: undefined,
      opens: buildsOf(shop, opened),
      usedIn: buildsOf(shop, here.builds),
      of,
      steps: here.steps,
      without,
      tier,
      own: ownWorth(world, toolOf(shop, lead)),
      timber: timberPays(world, kitAtEnd, toolOf(shop, lead).roles, cost),
      firmness: firm[at] ?? 0
    }
  })
  for (const step of order) apply(kit, step.lead, -1)
  for (const choice of brought) kit.add(choice, -(whole.get(choice) ?? 1))
  return rungs.map((rung, at) => ({ ...rung, withRung: withRung.get(at) }))
}
