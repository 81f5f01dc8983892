import { TIERS, type Condition, type Specs, type Tier, type Tool } from './types'

/** Price against the weekend tier. Rule of thumb; common practice. */
const TIER_PRICE: Readonly<Record<Tier, number>> = {
  'get-by': 0.6,
  weekend: 1,
  trade: 1.95,
  lifetime: 3.8
}
/** Price against new of the same tier. Common practice: used often half price or less, refurbished about three quarters. */
const CONDITION_PRICE: Readonly<Record<Condition, number>> = {
  new: 1,
  refurbished: 0.72,
  used: 0.5
}
/** What a used one is likely to need soon, as a share of its price: belts, blades, brushes. Common practice. */
const REPAIR_RESERVE: Readonly<Record<Condition, number>> = {
  new: 0,
  refurbished: 0.03,
  used: 0.12
}
/** Error of the result against the weekend tier. */
const TIER_ERROR: Readonly<Record<Tier, number>> = {
  'get-by': 1.5,
  weekend: 1,
  trade: 0.7,
  lifetime: 0.5
}
/** The same where the hand guides the tool: cut and bore come out as exact as the hand; only a bargain one pulls and wanders. Common practice. */
const TIER_ERROR_BY_HAND: Readonly<Record<Tier, number>> = {
  'get-by': 1.2,
  weekend: 1,
  trade: 1,
  lifetime: 1
}
/** Run time against the weekend tier: less power, more fiddling. */
const TIER_TIME: Readonly<Record<Tier, number>> = {
  'get-by': 1.15,
  weekend: 1,
  trade: 0.93,
  lifetime: 0.9
}
const CONDITION_TIME: Readonly<Record<Condition, number>> = { new: 1, refurbished: 1, used: 1.05 }
/** Share of the price paid that a sale brings later. Common practice: better makes hold more; used ones have already fallen. */
const RESALE: Readonly<Record<Tier, number>> = {
  'get-by': 0.2,
  weekend: 0.35,
  trade: 0.5,
  lifetime: 0.55
}
const USED_RESALE = 0.7

/** Minutes of an hour a powered tool of a tier is meant to run: cheap ones are not built to run all day. Common practice. */
const TIER_DUTY: Readonly<Record<Tier, number>> = {
  'get-by': 15,
  weekend: 30,
  trade: 50,
  lifetime: 60
}
export const dutyMinutesPerHour = (tier: Tier): number => TIER_DUTY[tier]

export const tierRank = (tier: Tier): number => TIERS.indexOf(tier)
export const tierPrice = (tool: Tool, tier: Tier): number =>
  tool.tierPrices?.[tier] ?? TIER_PRICE[tier]
export const conditionPrice = (condition: Condition): number => CONDITION_PRICE[condition]
export const repairReserve = (condition: Condition): number => REPAIR_RESERVE[condition]
/** What makes work exact: the tool, the hand that guides it, or whoever sets it up. */
export type ExactBy = 'tool' | 'hand' | 'setting'
export const errorFactor = (tier: Tier, by: ExactBy = 'tool'): number =>
  by === 'setting' ? 1 : by === 'hand' ? TIER_ERROR_BY_HAND[tier] : TIER_ERROR[tier]
export const timeFactor = (tier: Tier, condition: Condition): number =>
  TIER_TIME[tier] * CONDITION_TIME[condition]

/** Only things with a second life are counted: tools and machines, not gear, accessories or shop-made jigs. */
export function resaleShare(tool: Tool, tier: Tier, condition: Condition): number {
  if (tool.kind !== 'tool' || tool.madeBy !== undefined) return 0
  return condition === 'new' ? RESALE[tier] : USED_RESALE
}

/** The specs of a tool in a tier: the weekend ones, overlaid, with the accuracy it starts from scaled to the tier. */
export function specsOf(tool: Tool, tier: Tier): Specs {
  const own = tool.tierSpecs?.[tier] ?? {}
  const accuracy =
    own.accuracyMm ??
    (tool.specs.accuracyMm === undefined ? undefined : tool.specs.accuracyMm * TIER_ERROR[tier])
  return { ...tool.specs, ...own, ...(accuracy === undefined ? {} : { accuracyMm: accuracy }) }
}
