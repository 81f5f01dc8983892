import {
  CONDITIONS,
  TIERS,
  exactBy,
  repairReserve,
  resaleShare,
  type Condition,
  type Power,
  type Tier,
  type Tool
} from '../catalogue'
import { consumablesPerHour, leads, slownessOf } from '../fit'
import { leastBy } from '../kernel'
import { timesRatio, type Minor } from '../money'
import { offerId, priceOf, type Price } from '../prices'
import type { World } from '../workspace'

/** A way to have a tool for some hours. */
export type Tenure =
  | { readonly kind: 'buy'; readonly tier: Tier; readonly condition: Condition }
  | { readonly kind: 'trade-up'; readonly first: Tier; readonly then: Tier }
  | { readonly kind: 'hire' }
  | { readonly kind: 'borrow' }

export const tenureId = (tenure: Tenure): string =>
  tenure.kind === 'buy'
    ? `${tenure.tier}/${tenure.condition}`
    : tenure.kind === 'trade-up'
      ? `${tenure.first}>${tenure.then}`
      : tenure.kind

/** What having a tool for some hours costs, minor units; resale is negative. */
export interface OwnershipCost {
  readonly purchase: number
  readonly replacements: number
  readonly consumables: number
  readonly repairs: number
  /** Hours more or fewer than with the weekend tier, at their value. */
  readonly slower: number
  readonly resale: number
  readonly total: number
}

export interface OwnershipOption {
  readonly tenure: Tenure
  readonly id: string
  /** Typical while no quote of the user's own stands behind any price in it. */
  readonly typical: boolean
  /** Hours it can be had for; no limit when left out. */
  readonly upTo?: number | undefined
  /** Cost for so many hours at the weekend tier's pace. */
  cost(hours: number): OwnershipCost
  /** Hours at which the cost jumps or changes direction, up to a limit. */
  breaks(limit: number): number[]
}

/** Useful life left against new. Common practice: used tools have seen about half of theirs. */
const LIFE_LEFT: Readonly<Record<Condition, number>> = { new: 1, refurbished: 0.8, used: 0.5 }
/** A day's hire against the price of a new weekend-tier one. Common practice. */
const HIRE_PER_DAY = 0.1
/** Hours of use in a day of hire: the rest is setting up, marking and moving. */
const HOURS_PER_HIRE_DAY = 4
/** Days a neighbour lends a tool for, and a depot hires one out to a hobby workshop, before it has to be one's own. Common practice. */
const LONGEST = { borrow: 6, hire: 30 } as const
/** What is borrowed comes back with a fresh blade or a small thank-you: share of the price of a new weekend-tier one, a day. */
const THANKS_PER_DAY = 0.01

/** Hours before a tool is worn out; Infinity where it lasts when looked after. Lifetime tier: twice trade. */
export function lifeHours(tool: Tool, tier: Tier, condition: Condition): number {
  const { lifeHours: life } = tool
  if (life === null) return Infinity
  const years =
    tier === 'get-by'
      ? life.getBy
      : tier === 'weekend'
        ? life.weekend
        : tier === 'trade'
          ? life.trade
          : 2 * life.trade
  return years * LIFE_LEFT[condition]
}

function typicalPrice(
  world: World,
  tool: Tool,
  tier: Tier,
  condition: Condition,
  power: Power
): Price | undefined {
  const parts = { tool: tool.id, tier, condition, acquisition: 'buy' as const, power }
  const id = offerId(parts)
  return priceOf(world.pricing, { ...parts, id }, world.asOf)
}

const spent = (parts: Omit<OwnershipCost, 'total'>): OwnershipCost => ({
  ...parts,
  total:
    parts.purchase +
    parts.replacements +
    parts.consumables +
    parts.repairs +
    parts.slower +
    parts.resale
})

interface Usage {
  readonly tool: Tool
  readonly perHour: number
  readonly hourValue: Minor
  /** Whether a better one works faster: a clamp does not. */
  readonly paced: boolean
}

function bought(
  { tool, perHour, hourValue, paced }: Usage,
  tier: Tier,
  condition: Condition,
  price: Price
): OwnershipOption {
  const life = lifeHours(tool, tier, condition)
  const tenure: Tenure = { kind: 'buy', tier, condition }
  return {
    tenure,
    id: tenureId(tenure),
    typical: price.typical,
    cost(hours) {
      const count = Number.isFinite(life) ? Math.max(1, Math.ceil(hours / life - 1e-9)) : 1
      const used = Number.isFinite(life) ? Math.max(0, hours - (count - 1) * life) / life : 0
      return spent({
        purchase: price.payment,
        replacements: (count - 1) * price.payment,
        consumables: perHour * hours,
        repairs: count * price.tag * repairReserve(condition),
        slower: paced ? hours * (slownessOf({ tier, condition }) - 1) * hourValue : 0,
        resale: -price.tag * resaleShare(tool, tier, condition) * (1 - used)
      })
    },
    breaks: (limit) =>
      Number.isFinite(life)
        ? Array.from({ length: Math.min(200, Math.floor(limit / life)) }, (_, i) => (i + 1) * life)
        : []
  }
}

/** Get by until that one is worn out, then buy the better one. */
function tradedUp(
  all: Usage,
  first: OwnershipOption,
  firstTier: Tier,
  then: OwnershipOption,
  thenTier: Tier
): OwnershipOption | undefined {
  const change = lifeHours(all.tool, firstTier, 'new')
  if (!Number.isFinite(change)) return undefined
  const tenure: Tenure = { kind: 'trade-up', first: firstTier, then: thenTier }
  return {
    tenure,
    id: tenureId(tenure),
    typical: first.typical || then.typical,
    cost(hours) {
      if (hours <= change) return first.cost(hours)
      const [a, b] = [first.cost(change), then.cost(hours - change)]
      return spent({
        purchase: a.purchase,
        replacements: a.replacements + b.purchase + b.replacements,
        consumables: a.consumables + b.consumables,
        repairs: a.repairs + b.repairs,
        slower: a.slower + b.slower,
        resale: a.resale + b.resale
      })
    },
    breaks: (limit) =>
      [change, ...then.breaks(Math.max(0, limit - change)).map((at) => at + change)].filter(
        (at) => at <= limit
      )
  }
}

function byTheDay(
  { perHour }: Usage,
  kind: 'hire' | 'borrow',
  perDay: Minor,
  typical: boolean
): OwnershipOption {
  const tenure: Tenure = { kind }
  return {
    tenure,
    id: tenureId(tenure),
    typical,
    upTo: LONGEST[kind] * HOURS_PER_HIRE_DAY,
    cost: (hours) =>
      spent({
        purchase: perDay * Math.max(1, Math.ceil(hours / HOURS_PER_HIRE_DAY - 1e-9)),
        replacements: 0,
        consumables: perHour * hours,
        repairs: 0,
        slower: 0,
        resale: 0
      }),
    breaks: (limit) =>
      Array.from(
        { length: Math.min(LONGEST[kind], Math.floor(limit / HOURS_PER_HIRE_DAY)) },
        (_, i) => (i + 1) * HOURS_PER_HIRE_DAY
      )
  }
}

/** A quoted price of an own offer to hire or borrow a tool, by the day. */
const quotedDay = (world: World, tool: Tool, acquisition: 'hire' | 'borrow'): Minor | undefined =>
  leastBy(
    world.workspace.offers
      .filter((offer) => offer.tool === tool.id && offer.acquisition === acquisition)
      .flatMap((offer) => priceOf(world.pricing, offer, world.asOf)?.payment ?? []),
    (price) => price
  )

/**
 * Every way to have a tool: four tiers new, refurbished and used, the get-by one first and a trade one later, hired and borrowed.
 * Prices are the user's where there are any, else typical.
 */
export function ownershipOptions(world: World, tool: Tool, power: Power): OwnershipOption[] {
  const all: Usage = {
    tool,
    perHour: consumablesPerHour(world, tool),
    paced: world.library.data.methods.some(
      (method) => leads(tool, method) && exactBy(method) !== 'setting'
    ),
    hourValue: world.workspace.money.hourValue
  }
  const found = TIERS.flatMap((tier) =>
    CONDITIONS.flatMap((condition) => {
      const price =
        tool.kind !== 'tool' && condition !== 'new'
          ? undefined
          : typicalPrice(world, tool, tier, condition, power)
      return price ? [bought(all, tier, condition, price)] : []
    })
  )
  const of = (tier: Tier): OwnershipOption | undefined =>
    found.find(({ id }) => id === `${tier}/new`)
  const [getBy, trade] = [of('get-by'), of('trade')]
  const path = getBy && trade ? tradedUp(all, getBy, 'get-by', trade, 'trade') : undefined
  const weekend = typicalPrice(world, tool, 'weekend', 'new', power)
  const hired = quotedDay(world, tool, 'hire')
  const borrowed = quotedDay(world, tool, 'borrow')
  const days =
    weekend && tool.kind === 'tool'
      ? [
          byTheDay(
            all,
            'hire',
            hired ?? timesRatio(weekend.tag, HIRE_PER_DAY),
            hired === undefined
          ),
          byTheDay(
            all,
            'borrow',
            borrowed ?? timesRatio(weekend.tag, THANKS_PER_DAY),
            borrowed === undefined
          )
        ]
      : []
  return [...found, ...(path ? [path] : []), ...days]
}
