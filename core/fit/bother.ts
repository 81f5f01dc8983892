import { tierPrice, tierRank, type Tool } from '../catalogue'
import type { Offer } from '../prices'
import type { World } from '../workspace'

/** Tools accuracy starts from: what has an accuracy of its own, and what is said to. */
const isExact = ({ specs, exacting }: Tool): boolean =>
  exacting === true || specs.accuracyMm !== undefined

/** What setting a machine true before its first use costs, minor units: its hours at the value of an hour. What is hired or borrowed comes set. */
export const alignmentCost = (
  { workspace }: Pick<World, 'workspace'>,
  { alignMinutes = 0 }: Tool,
  { acquisition }: Pick<Offer, 'acquisition'>
): number =>
  acquisition === 'hire' || acquisition === 'borrow'
    ? 0
    : (alignMinutes / MINUTES) * workspace.money.hourValue
const MINUTES = 60

/** Shares of what a new weekend one costs, by which a tool is not as it is wished. */
function sharesOff(
  { workspace, library }: Pick<World, 'workspace' | 'library'>,
  tool: Tool,
  { tier, condition, power }: Pick<Offer, 'tier' | 'condition' | 'power'>
): number {
  const { bother } = library.data.reckoning
  const { preferences } = workspace
  const below =
    tierRank(tier) < tierRank(preferences.tier)
      ? Math.max(0, tierPrice(tool, preferences.tier) - tierPrice(tool, tier))
      : 0
  const perTier = tool.forgives
    ? bother.tierForgiving
    : isExact(tool)
      ? bother.tierExact
      : bother.tier
  const aged =
    condition === 'new'
      ? 0
      : preferences.condition === 'new'
        ? bother.condition[condition]
        : bother.conditionWished
  const formed =
    power === 'hand' || tool.forms.length < 2
      ? 0
      : preferences.power === 'cheapest'
        ? power === 'corded' && tool.roams !== undefined
          ? bother.cord[tool.roams]
          : 0
        : power === preferences.power
          ? 0
          : bother.power
  return below * perTier + aged * tierPrice(tool, tier) + formed
}

/**
 * What bothers about a tool in a tier, condition or power form that is not the one wished for, minor units: what somebody would pay to
 * have it as wished; and the hours in which a machine is first set true. It is reckoned like money paid, and shown. A find of one's own has
 * been looked at: only the setting is left.
 */
export function botherOf(
  world: Pick<World, 'workspace' | 'library' | 'pricing'>,
  tool: Tool,
  offer: Pick<Offer, 'tier' | 'condition' | 'power' | 'id' | 'acquisition'>
): number {
  const aligned = alignmentCost(world, tool, offer)
  if (world.workspace.offers.some((own) => own.id === offer.id)) return aligned
  const points = (
    tool.forms.find((form) => form.power === offer.power) ??
    tool.forms[0] ?? { points: 0 }
  ).points
  return (points * world.pricing.minorPer100Points * sharesOff(world, tool, offer)) / 100 + aligned
}
