import { TIERS, type Condition, type Power, type Tier, type Tool } from '../catalogue'
import type { Offer } from '../prices'
import type { RuledOut, World } from '../workspace'

/** Whether one of a list is ruled out; not where all of it is: what is sold in one way only is not out of reach. */
const isOut = <T>(one: T, list: readonly T[], out: readonly T[] = []): boolean =>
  out.includes(one) && list.some((other) => !out.includes(other))

/** What of a list is not ruled out. */
const left = <T>(list: readonly T[], out: readonly T[] | undefined): readonly T[] =>
  list.filter((one) => !isOut(one, list, out))

const ruledOut = ({ workspace }: Pick<World, 'workspace'>): RuledOut =>
  workspace.preferences.ruledOut ?? {}

/** Tiers of those there are that the user does not rule out. @param tiers never empty */
export const tiersLeft = (
  world: Pick<World, 'workspace'>,
  tiers: readonly Tier[]
): readonly Tier[] => left(tiers, ruledOut(world).tiers)

/** Conditions of those there are that the user does not rule out. */
export const conditionsLeft = (
  world: Pick<World, 'workspace'>,
  conditions: readonly Condition[]
): readonly Condition[] => left(conditions, ruledOut(world).conditions)

/** Whether a way to drive a tool is ruled out: a cord or a battery; then a tool that has no other is out altogether. */
export const isPowerLeft = (world: Pick<World, 'workspace'>, power: Power): boolean =>
  !(ruledOut(world).powers ?? []).some((one) => one === power)

/**
 * Whether an offer is of a kind the user rules out. A find of one's own never is: it has been looked at and written down.
 * @param conditions in which the tool is sold at all
 */
export function isRuledOut(
  world: Pick<World, 'workspace'>,
  { tier, condition, power, id }: Pick<Offer, 'tier' | 'condition' | 'power' | 'id'>,
  conditions: readonly Condition[],
  tiers: readonly Tier[] = TIERS
): boolean {
  if (world.workspace.offers.some((own) => own.id === id)) return false
  const out = ruledOut(world)
  return (
    !isPowerLeft(world, power) ||
    isOut(tier, tiers, out.tiers) ||
    isOut(condition, conditions, out.conditions)
  )
}

/** Whether every way to drive a tool is ruled out. */
export const isDrivenOut = (world: Pick<World, 'workspace'>, { forms }: Tool): boolean =>
  forms.length > 0 && forms.every(({ power }) => !isPowerLeft(world, power))
