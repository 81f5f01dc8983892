import { brieflyOf } from '../plan'
import type { Minor } from '../money'
import { typicalOf, type Offer, type PriceKind } from '../prices'
import { TwoSides, problemOf, repriced, type Settled } from '../search'
import type { Plan, World } from '../workspace'
import { differenceOf, type Difference } from '../explain'

/** What something offered is worth to the plan. */
export interface WorthUpTo {
  /** Highest tag price at which the plan still takes it, minor units; 0 where it would not be taken for nothing. */
  readonly upTo: Minor
  /** How the plan that takes it at that price differs from the one without. */
  readonly difference: Difference | undefined
  /** Offers that come with it, and planned ones it makes needless. */
  readonly along: readonly string[]
  readonly needless: readonly string[]
}

/** What is offered: a kind of thing, or a find with measures of its own. */
export type Offered = PriceKind & Pick<Offer, 'specs' | 'platform'> & { readonly id?: string }

/** It stands in the plan under this id, beside all that can be had anyway. */
const ASKED = 'worth/asked'
/** The first round is tried at this share of the usual price; none above so many times of it, or this much, minor units. */
const FIRST = 0.5
const MOST_TIMES = 6
const LEAST = 50

/** The world with one thing on offer at a price; a find that is asked about stands there once. */
function offeredAt(world: World, { id, ...offered }: Offered, price: Minor): World {
  const { workspace, pricing, asOf } = world
  const { tool, tier, condition, power, specs, platform } = offered
  const asked: Offer = {
    id: ASKED,
    tool,
    tier,
    condition,
    power,
    acquisition: 'buy',
    single: true,
    from: asOf,
    ...(specs ? { specs } : {}),
    ...(platform === undefined ? {} : { platform })
  }
  const offers = [...pricing.offers.filter((one) => one.id !== id || !one.single), asked]
  const quotes = [
    ...pricing.quotes,
    { id: ASKED, offer: ASKED, date: asOf, price, seller: 'other' as const }
  ]
  return {
    ...world,
    workspace: { ...workspace, offers },
    pricing: { ...pricing, offers, quotes }
  }
}

/** How much is tried. */
export interface WorthEffort {
  readonly rounds: number
  /** Plans tried in each round, with the thing and without it each. */
  readonly steps: number
}
const USUAL: WorthEffort = { rounds: 4, steps: 1200 }

/**
 * The highest price at which the plan still takes something: planned with it and without it side by side, at one price after another,
 * with what must come along and all that can be had in its place at the usual prices.
 */
export function worthUpTo(
  world: World,
  plan: Plan,
  offered: Offered,
  { rounds, steps }: WorthEffort = USUAL
): WorthUpTo {
  const none: WorthUpTo = { upTo: 0, difference: undefined, along: [], needless: [] }
  const problem = problemOf(offeredAt(world, offered, 0), {})
  if (!problem.choices.some(({ id }) => id === ASKED)) return none
  const sides = new TwoSides(problem, plan, ASKED, (price) =>
    repriced(problem, offeredAt(world, offered, price), ASKED)
  )
  const usual = typicalOf(world.pricing, offered) ?? 0
  const most = Math.max(LEAST, Math.round(usual * MOST_TIMES))
  sides.advance(rounds, steps, Math.round(usual * FIRST), most)
  const met = sides.upTo > 0 ? sides.settled() : undefined
  return met ? { upTo: sides.upTo, ...comparedWith(met.without, met.taking) } : none
}

/** What the plan that takes it has and has not, against the one without. */
function comparedWith(out: Settled, taking: Settled): Omit<WorthUpTo, 'upTo'> {
  const [without, having] = [out, taking].map(({ plan, report }) => brieflyOf(plan, report))
  if (!without || !having) return { difference: undefined, along: [], needless: [] }
  const had = new Set(without.purchases.map(({ offer }) => offer))
  const has = new Set(having.purchases.map(({ offer }) => offer))
  return {
    difference: differenceOf(without, having),
    along: [...has].filter((offer) => offer !== ASKED && !had.has(offer)),
    needless: [...had].filter((offer) => !has.has(offer))
  }
}
