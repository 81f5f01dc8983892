import type { Day } from '../calendar'
import type { Tool } from '../catalogue'
import type { Issue } from '../kernel'
import { findOffer } from '../prices'
import type { Plan, PlannedPurchase, World } from '../workspace'
import { advisedWith, type Advised } from './advised'
import { evaluate, rulesBroken, movePurchase, purchaseDays } from '../plan'

/** Why a purchase stands where it does, each answer by replaying the plan. */
export interface PurchaseReasons {
  /** Builds of the plan that cannot begin without it, in order of beginning. */
  readonly opens: readonly { readonly build: string; readonly begin: Day; readonly done: Day }[]
  /** Builds of the plan that would take longer without it, where it opens none, and by how many minutes. */
  readonly quickens: readonly { readonly build: string; readonly minutes: number }[]
  /** Other purchases of the same day that were planned for the same build. */
  readonly comesWith: readonly string[]
  /** Paydays it can slip without breaking any rule. */
  readonly slack: number
  readonly slackUntil?: Day | undefined
  /** What breaks if it moves one payday earlier; empty when nothing does or there is no earlier one. */
  readonly earlier: readonly Issue[]
  readonly earlierDay?: Day | undefined
  /** What breaks if it moves one payday beyond the slack. */
  readonly later: readonly Issue[]
  /** Purchases of the same day that can wait along with it so long: its protection and companions. */
  readonly waitsWith: readonly string[]
  /** Companions that are advised with it and not planned. */
  readonly advised: readonly Advised[]
}

const newRules = (before: readonly Issue[], after: readonly Issue[]): Issue[] => {
  const known = new Set(before.map((one) => JSON.stringify([one.code, one.figures])))
  return after.filter(
    (one) => !known.has(JSON.stringify([one.code, one.figures])) && one.code !== 'plan.pin-not-kept'
  )
}

/**
 * Builds of a plan that cannot begin without a purchase, in order of beginning; found by replaying the plan without it.
 * @param before rules the plan breaks as it stands, where they are known already
 */
export function purchaseOpens(
  world: World,
  plan: Plan,
  purchase: PlannedPurchase,
  before: readonly Issue[] = rulesBroken(world, plan)
): PurchaseReasons['opens'] {
  const without = rulesBroken(world, {
    ...plan,
    purchases: plan.purchases.filter(({ id }) => id !== purchase.id)
  })
  const stopped = new Set(
    newRules(before, without).flatMap(({ code, figures }) =>
      code.startsWith('plan.miss.') && typeof figures.build === 'string' ? [figures.build] : []
    )
  )
  return plan.builds
    .filter(({ build }) => stopped.has(build))
    .map(({ build, begin, done }) => ({ build, begin, done }))
}

/** Builds that would take longer without a purchase, and by how many minutes. */
function quickened(
  world: World,
  plan: Plan,
  { id: bought }: PlannedPurchase
): PurchaseReasons['quickens'] {
  const without = evaluate(world, {
    ...plan,
    purchases: plan.purchases.filter(({ id }) => id !== bought)
  }).builds
  return evaluate(world, plan).builds.flatMap(({ build, minutes }, i) => {
    const more = (without[i]?.minutes ?? minutes) - minutes
    return more > 0 ? [{ build, minutes: more }] : []
  })
}

/** Purchases of the same day that a purchase cannot go without: protection and needed companions of its tool. */
function withIt(world: World, plan: Plan, purchase: PlannedPurchase): PlannedPurchase[] {
  const toolOf = ({ offer }: PlannedPurchase): Tool | undefined =>
    world.library.tools.get(findOffer(world.pricing, offer)?.tool ?? '')
  const tool = toolOf(purchase)
  if (!tool) return []
  const needed = new Set(
    tool.companions.filter(({ kind }) => kind === 'needed').flatMap(({ anyOf }) => anyOf)
  )
  return plan.purchases.filter((other) => {
    const with_ = toolOf(other)
    return (
      other.id !== purchase.id &&
      other.date === purchase.date &&
      with_ !== undefined &&
      (needed.has(with_.id) || with_.protects.some((one) => tool.needs.includes(one)))
    )
  })
}

export function explainPurchase(
  world: World,
  plan: Plan,
  purchase: PlannedPurchase
): PurchaseReasons {
  const before = rulesBroken(world, plan)
  const opens = purchaseOpens(world, plan, purchase, before)
  const days = purchaseDays(world)
  const here = days.indexOf(purchase.date)
  const companions = withIt(world, plan, purchase)
  const tryDay = (day: Day, along: readonly PlannedPurchase[]): Issue[] => {
    const moved = along.reduce(
      (so, { id }) => movePurchase(world, so, id, day),
      movePurchase(world, plan, purchase.id, day)
    )
    return newRules(before, rulesBroken(world, moved))
  }
  let slack = 0
  let later: Issue[] = []
  let waiting: readonly PlannedPurchase[] = companions
  for (const day of days.filter((candidate) => candidate > purchase.date)) {
    // Of what it comes with only that waits as well which nothing else needs by then.
    const along = waiting.filter((one) => tryDay(day, [one]).length === 0)
    later = tryDay(day, along)
    if (later.length > 0) later = tryDay(day, [])
    if (later.length > 0) break
    waiting = along
    slack++
  }
  const earlierDay = here > 0 ? days[here - 1] : undefined
  /** Moved with what the tool needs beside it: protection and companions bought the same day go along. */
  const tryEarlier = (day: Day): Issue[] => tryDay(day, companions)
  return {
    opens,
    quickens: opens.length > 0 ? [] : quickened(world, plan, purchase),
    comesWith: plan.purchases
      .filter(
        (other) =>
          other.id !== purchase.id &&
          other.date === purchase.date &&
          other.forBuild === purchase.forBuild
      )
      .map(({ id }) => id),
    slack,
    slackUntil:
      slack > 0
        ? days[(here < 0 ? days.findIndex((day) => day > purchase.date) - 1 : here) + slack]
        : undefined,
    earlier: earlierDay === undefined ? [] : tryEarlier(earlierDay),
    earlierDay,
    later,
    waitsWith: slack > 0 ? waiting.map(({ id }) => id) : [],
    advised: advisedWith(world, plan, purchase)
  }
}

/** The tool a planned purchase brings; undefined for an offer that is no longer known. */
export const toolOfPurchase = (
  world: World,
  purchase: Pick<PlannedPurchase, 'offer'>
): string | undefined => findOffer(world.pricing, purchase.offer)?.tool
