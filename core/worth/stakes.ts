import { isBegun, type Build } from '../builds'
import type { Minor } from '../money'
import { buildWorth, saleCounts, type World } from '../workspace'

/**
 * Whether timber, fees and what is used up of a build are paid from the purse: always for jigs and for what is sold, for the rest as the
 * build or the workspace says.
 */
export const paidFromPurse = (
  { workspace }: Pick<World, 'workspace'>,
  { sale, yields, timber }: Pick<Build, 'sale' | 'yields' | 'timber'>
): boolean =>
  sale !== undefined || yields !== undefined || (timber ?? workspace.money.timber) === 'purse'

/** What a unit paid for the timber of a build counts: 1 where it comes from elsewhere, what kept money counts where it comes from the purse. */
export const payTimes = (world: Pick<World, 'workspace'>, build: Build): number =>
  paidFromPurse(world, build) ? world.workspace.money.keptMoneyWorth : 1

/**
 * What all copies of a build count, before the weight of worth: for what is kept its worth times the wish for it, for what is sold the
 * share that is not reinvested in full and the rest as money kept. Minor units, not rounded for what is sold.
 */
export function countedWorth(world: World, build: Build): number {
  const worth = buildWorth(world, build)
  return build.sale ? saleCounts(world.workspace.money, worth, build.copies) : worth
}

/** One more piece of the kind of a build: a single copy that nothing has been done for yet. */
export function oneMore(build: Build): Build {
  if (build.copies === 1 && !isBegun(build)) return build
  const present = singles.get(build)
  if (present) return present
  const { log: _log, wished: _wished, ...kind } = build
  const single: Build = { ...kind, copies: 1 }
  singles.set(build, single)
  return single
}
const singles = new WeakMap<Build, Build>()

/** Worth less everything it takes, and nothing where that is less than nothing. Minor units. */
export interface Account {
  readonly worth: number
  /** Material, fees and what is used up, as it counts. */
  readonly paid: number
  /** Wasted hours at their value. */
  readonly hours: number
  readonly penalties: number
}
export const netOf = (weight: number, { worth, paid, hours, penalties }: Account): Minor =>
  Math.max(0, Math.round(weight * worth - paid - hours - penalties))
