import { tierPrice, tierRank, type Tool } from '../catalogue'
import type { Offer } from '../prices'
import type { World } from '../workspace'

/** Tools accuracy starts from: what has an accuracy of its own, and what is said to. */
const isExact = ({ specs, exacting }: Tool): boolean =>
  exacting === true || specs.accuracyMm !== undefined

/**
 * What bothers about a tool in a tier, condition or power form that is not the one wished for, minor units: what somebody would pay to
 * have it as wished. It is reckoned like money paid, and shown. A find of one's own has been looked at: it bothers nobody.
 */
export function botherOf(
  { workspace, library, pricing }: Pick<World, 'workspace' | 'library' | 'pricing'>,
  tool: Tool,
  { tier, condition, power, id }: Pick<Offer, 'tier' | 'condition' | 'power' | 'id'>
): number {
  const { bother } = library.data.reckoning
  const { preferences, offers } = workspace
  if (offers.some((own) => own.id === id)) return 0
  const points = (tool.forms.find((form) => form.power === power) ?? tool.forms[0] ?? { points: 0 })
    .points
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
  const shares = below * perTier + aged * tierPrice(tool, tier) + formed
  return (points * pricing.minorPer100Points * shares) / 100
}
