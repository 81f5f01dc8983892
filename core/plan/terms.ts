import { resaleShare } from '../catalogue'
import { DAYS_PER_YEAR, daysBetween, type Day } from '../calendar'
import type { Build } from '../builds'
import type { KitTool } from '../fit'
import type { Minor } from '../money'
import { buildWorth, type World } from '../workspace'

/** D(day) = (1 + ρ)^(−days/365): what counts of something that comes on a later day. */
export const discount = (world: World, day: Day): number =>
  Math.pow(1 + world.workspace.money.impatience, -daysBetween(world.asOf, day) / DAYS_PER_YEAR)

/** Worth of a build finished on a day: its worth less the lateness share for every day after the wished date; never negative. */
export function worthWhenDone(world: World, build: Build, done: Day): number {
  const worth = buildWorth(world, build)
  const late = build.wished === undefined ? 0 : Math.max(0, daysBetween(build.wished, done))
  return Math.max(0, worth * (1 - late * world.workspace.money.latenessPerDay))
}

/** What a tool bought for `paid` brings when it is sold again at the end, before discounting. */
export const resaleValue = (
  entry: Pick<KitTool, 'tool' | 'tier' | 'condition'>,
  paid: Minor
): number => paid * resaleShare(entry.tool, entry.tier, entry.condition)
