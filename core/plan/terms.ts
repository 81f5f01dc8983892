import { resaleShare } from '../catalogue'
import { DAYS_PER_YEAR, daysBetween, type Day } from '../calendar'
import type { Build } from '../builds'
import type { KitTool } from '../fit'
import type { Minor } from '../money'
import { paidFromPurse } from '../worth'
import { buildWorth, type World } from '../workspace'

/** D(day) = (1 + ρ)^(−days/365): what counts of something good that comes on a later day. Payments are never discounted. */
export const discount = (world: World, day: Day): number =>
  Math.pow(1 + world.workspace.money.impatience, -daysBetween(world.asOf, day) / DAYS_PER_YEAR)

/**
 * Worth of a build one keeps, finished on a day: its worth at the weight of worth, less the lateness share for every day after the wished
 * date; never negative. 0 for what is sold: that comes in as money.
 */
export function worthWhenDone(world: World, build: Build, done: Day): number {
  if (build.sale) return 0
  const worth = buildWorth(world, build) * (world.workspace.preferences.weighting?.worth ?? 1)
  const late = build.wished === undefined ? 0 : Math.max(0, daysBetween(build.wished, done))
  return Math.max(0, worth * (1 - late * world.workspace.money.latenessPerDay))
}

/** What counts of money that comes in when the years after the plan are over. */
export function endOfService(world: World): number {
  const { impatience, after } = world.workspace.money
  return discount(world, world.until) * Math.pow(1 + impatience, -after.years)
}

/**
 * What counts of a build's net worth on the day it is done. What comes to less than nothing counts in full whenever it is: so no plan
 * gains by waiting.
 * @param net worth less wasted hours, penalties and what is paid from elsewhere
 */
export const counts = (world: World, net: number, done: Day): number =>
  net > 0 ? discount(world, done) : 1

/** What is paid for a build from the purse, of so much that it takes. */
export const fromPurse = (world: World, build: Build, payment: Minor): Minor =>
  paidFromPurse(world, build) ? payment : 0

/** What a tool bought for `paid` brings when it is sold again at the end, before discounting. */
export const resaleValue = (
  entry: Pick<KitTool, 'tool' | 'tier' | 'condition'>,
  paid: Minor
): number => paid * resaleShare(entry.tool, entry.tier, entry.condition)
