import { tierRank } from '../catalogue'
import { distinct } from '../kernel'
import type { World } from '../workspace'
import { payFor, playing, type ActivityTaken, type Package, type Shop } from '../search'
import type { Rung, TierReason } from './rung'
import { allTaken } from './steps'

/** What is worked out for every rung alike. */
export interface Context {
  readonly shop: Shop
  readonly world: World
  readonly whole: Package
  /** How all is done once every rung is climbed. */
  readonly atEnd: ReadonlyMap<number, ActivityTaken>
  readonly perYear: number
}

const nameOf = ({ model }: Shop, activity: number): string =>
  model.problem.activities[activity]!.build.id

/** Builds among activities, each once. */
export const buildsOf = (shop: Shop, activities: Iterable<number>): string[] =>
  distinct([...activities].map((activity) => nameOf(shop, activity)))

/** Builds of the user that go where something is done without. */
const closedBy = (
  shop: Shop,
  before: ReadonlyMap<number, ActivityTaken>,
  then: ReadonlyMap<number, ActivityTaken>
): string[] =>
  buildsOf(
    shop,
    [...before.keys()].filter(
      (activity) => shop.model.problem.wanted.includes(activity) && !then.has(activity)
    )
  )

/** What doing without a rung's lead costs with all else there. */
export function withoutLead(
  { shop, whole, atEnd, perYear }: Context,
  lead: number,
  bought: ReadonlySet<number>
): Rung['without'] {
  const { kit } = shop
  const { problem } = shop.model
  const count = whole.get(lead) ?? 1
  const before = kit.value()
  kit.add(lead, -count)
  const value = before - kit.value()
  const then = allTaken(shop)
  kit.add(lead, count)
  const instead = new Set<string>()
  let minutes = 0
  const kinds = Math.max(1, problem.after.length)
  for (const [activity, taken] of atEnd) {
    const other = then.get(activity)
    if (!other) continue
    if (problem.after.includes(activity))
      minutes += ((other.minutes - taken.minutes) * perYear) / kinds
    taken.steps.forEach((step, i) => {
      if (!step.modes.some((mode) => playing(shop, mode, bought).includes(lead))) return
      for (const mode of other.steps[i]!.modes)
        for (const choice of playing(shop, mode, bought))
          if (choice !== lead) instead.add(problem.choices[choice]!.entries[0]!.tool.id)
    })
  }
  return {
    closes: closedBy(shop, atEnd, then),
    minutesPerYear: Math.max(0, minutes),
    value,
    instead: [...instead]
  }
}

/** Why the tier: what the next cheaper offer of the same tool would lose, with all else there. */
export function tierReason({ shop, whole, atEnd }: Context, lead: number): TierReason {
  const { kit, alone } = shop
  const { choices } = shop.model.problem
  const { entries, id } = choices[lead]!
  const { tool, tier } = entries[0]!
  const count = whole.get(lead) ?? 1
  const cheaper = choices
    .map((choice, i) => ({ choice, i }))
    .filter(
      ({ choice, i }) =>
        choice.id !== id &&
        choice.makes === undefined &&
        choice.entries.length === 1 &&
        choice.entries[0]!.tool.id === tool.id &&
        tierRank(choice.entries[0]!.tier) < tierRank(tier) &&
        alone[i]! < alone[lead]!
    )
    .sort(
      (a, b) =>
        tierRank(b.choice.entries[0]!.tier) - tierRank(a.choice.entries[0]!.tier) ||
        alone[a.i]! - alone[b.i]!
    )[0]
  if (!cheaper) return { tier, cheaper: undefined }
  const before = kit.value()
  kit.add(lead, -count)
  kit.add(cheaper.i, count)
  const loses = before - kit.value()
  const then = allTaken(shop)
  kit.add(cheaper.i, -count)
  kit.add(lead, count)
  return {
    tier,
    cheaper: {
      offer: cheaper.choice.id,
      saves: payFor(choices[lead]!, count) - payFor(cheaper.choice, count),
      closes: closedBy(shop, atEnd, then),
      loses
    }
  }
}
