import { isDone } from '../builds'
import { TIERS, type Power, type Tier, type Tool } from '../catalogue'
import { sumOf } from '../kernel'
import { botherOf, kitOf, leadError, leads, resultError, withParts } from '../fit'
import type { Minor } from '../money'
import { offerId, priceOf } from '../prices'
import type { World } from '../workspace'
import { ownershipOptions } from './ownership'
import { hoursOfUse, ruledOut, type RuledOut } from './ruled-out'
import { yearsOf } from './reasons'
import type { SplitPlace } from './split'

/** A tool whose tier is to be chosen, with how many of it. */
export interface TierWish {
  readonly tool: Tool
  readonly power: Power
  readonly count: number
}

export interface TierPlace extends SplitPlace {
  readonly wish: TierWish
  readonly hours: number
  readonly ruledOut: readonly RuledOut[]
}

/** What the finish of the steps a tool leads costs at a tier, minor units. */
function finishCost(world: World, tool: Tool, tier: Tier): number {
  const perStep = world.workspace.preferences.weighting?.finishPerStep ?? 0
  if (perStep === 0) return 0
  const { markingMm } = kitOf(world.library, world.workspace.items)
  let total = 0
  for (const build of world.workspace.builds)
    for (const step of isDone(build)
      ? []
      : build.steps.flatMap((one) => withParts(world.library, one))) {
      const led = (world.library.methodsFor.get(step.operation) ?? []).filter((method) =>
        leads(tool, method)
      )
      if (step.accuracyMm !== undefined && led.length > 0)
        total +=
          perStep *
          Math.min(
            1,
            Math.min(
              ...led.map((method) =>
                resultError(method, leadError(method, { tier }, []), markingMm)
              )
            ) / step.accuracyMm
          )
    }
  return total
}

/** What tools cost in the weekend tier at the library's typical prices, to whole hundreds of minor units: a total to begin with. */
export const usualTotal = (world: World, wishes: readonly TierWish[]): Minor => {
  const level = world.pricing.minorPer100Points / 100
  const points = sumOf(
    wishes,
    ({ tool, power, count }) =>
      (tool.forms.find((form) => form.power === power)?.points ?? 0) * count
  )
  return Math.round((points * level) / 100) * 100
}

/**
 * For each tool the tiers it may be bought in, new: what one costs all in, and, with the sign turned, what having it costs over the
 * years: the price, less what it brings when they are over, at what kept money is worth, replacements, blades, repairs, slower work,
 * rougher finish, and what bothers about a tier below the wished one. So money that is left over counts too. Tiers the builds rule out are left out, unless that leaves none.
 * @param years how long the tools are looked at; the open builds come again every year
 */
export function tierPlaces(world: World, wishes: readonly TierWish[], years = 1): TierPlace[] {
  const { keptMoneyWorth, impatience } = world.workspace.money
  // As the planner has it: money of a sale years from now is kept money, and counts for less than money today.
  const soldLater = Math.pow(1 + impatience, -years)
  return wishes.map((wish) => {
    const { tool, power, count } = wish
    const hours =
      (hoursOfUse(
        world,
        world.library,
        tool,
        wishes.map((one) => one.tool)
      ).hours *
        years) /
      yearsOf(world)
    const against = ruledOut(world, tool, power)
    const options = ownershipOptions(world, tool, power)
    const of = (
      tier: (typeof TIERS)[number]
    ): { id: string; cost: Minor; value: number } | undefined => {
      const parts = {
        tool: tool.id,
        tier,
        condition: 'new' as const,
        acquisition: 'buy' as const,
        power
      }
      const price = priceOf(world.pricing, { ...parts, id: offerId(parts) }, world.asOf)
      const later = options.find(({ id }) => id === `${tier}/new`)?.cost(hours / Math.max(1, count))
      return price && later
        ? {
            id: tier,
            cost: price.allIn * count,
            value:
              -count *
                (later.total -
                  later.purchase -
                  later.resale +
                  botherOf(world, tool, { ...parts, id: offerId(parts) }) +
                  (price.allIn + later.resale * soldLater) * keptMoneyWorth) -
              finishCost(world, tool, tier) * years
          }
        : undefined
    }
    const all = TIERS.flatMap((tier) => of(tier) ?? [])
    const allowed = all.filter(({ id }) => !against.some(({ tier }) => tier === id))
    return {
      id: tool.id,
      wish,
      hours,
      ruledOut: against,
      options: allowed.length > 0 ? allowed : all.slice(-1)
    }
  })
}
