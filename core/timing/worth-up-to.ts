import { TOLERANCE } from '../kernel'
import { brieflyOf } from '../plan'
import type { Minor } from '../money'
import { findOffer, typicalOf, type Offer, type PriceKind } from '../prices'
import { Planner, Variations, problemOf, repriced, type Settled } from '../search'
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
/** Plans tried to find out what it could do, had for nothing. */
const EVALUATIONS = 2000
const SEED = 1
/** The price is found to this share of itself, and to this much, minor units. */
const NEAR = { share: 0.01, least: 50 } as const
/** Prices tried at most. */
const MOST_TRIED = 14
/** No price is asked above so many times what is usual. */
const MOST_TIMES = 6

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

/** A plan in which whatever serves as the same tool is the one that is offered. */
const swapped = (world: World, plan: Plan, tool: string): Plan => ({
  ...plan,
  purchases: plan.purchases.map((one) =>
    findOffer(world.pricing, one.offer)?.tool === tool ? { ...one, offer: ASKED, count: 1 } : one
  )
})

const takes = ({ plan }: Settled): boolean => plan.purchases.some(({ offer }) => offer === ASKED)
const valueOf = ({ report }: Settled): number => report.value.total
const better = (a: Settled, b: Settled): Settled => (valueOf(b) > valueOf(a) ? b : a)

/** A price that was tried: how much more the plan that takes it is worth than the one without; undefined where none takes it. */
interface Tried {
  readonly price: Minor
  readonly gap: number | undefined
}

/** The price to try next between one that is taken and one that is not: where the gap would close, if it closes evenly. */
function evenly(low: Tried, high: Tried, perMoney: number): Minor {
  const width = high.price - low.price
  const slope =
    high.gap === undefined ? perMoney : Math.max(TOLERANCE, ((low.gap ?? 0) - high.gap) / width)
  const guess = low.price + (low.gap ?? 0) / slope
  return Math.round(Math.min(high.price - width * EDGE, Math.max(low.price + width * EDGE, guess)))
}
/** No nearer to an end of the bracket than this share of it is tried. */
const EDGE = 0.1

/**
 * The highest price that is taken: by the rule of false position, and by halves where that moves the same end twice over.
 * @param tried plans again at a price
 */
function highestTaken(
  from: Tried,
  most: Minor,
  perMoney: number,
  tried: (price: Minor) => Tried
): Minor {
  let [low, high]: [Tried, Tried] = [from, { price: most, gap: undefined }]
  let [side, times] = [0, 0]
  for (let i = 0; i < MOST_TRIED; i++) {
    const width = high.price - low.price
    if (width <= Math.max(1, NEAR.share * high.price) || high.price <= NEAR.least) break
    const half = times >= 2
    const next = tried(half ? Math.round(low.price + width / 2) : evenly(low, high, perMoney))
    const taken = next.gap !== undefined && next.gap > 0
    const now = taken ? 1 : -1
    times = half || now !== side ? 1 : times + 1
    side = now
    if (taken) low = next
    else high = next
  }
  return low.price
}

/**
 * The highest price at which the plan still takes something: planned again at one price after another, with what must come along and all
 * that can be had in its place at the usual prices.
 */
export function worthUpTo(world: World, plan: Plan, offered: Offered): WorthUpTo {
  const none: WorthUpTo = { upTo: 0, difference: undefined, along: [], needless: [] }
  const free = offeredAt(world, offered, 0)
  const problem = problemOf(free, {})
  if (!problem.choices.some(({ id }) => id === ASKED)) return none
  const planner = new Planner(free, SEED, plan, problem)
  planner.advance(EVALUATIONS)
  const gift = planner.best()
  if (!takes(gift)) return none
  const out = [plan, gift.plan]
    .map((from) => new Variations(problem, from).without(({ id }) => id === ASKED))
    .reduce(better)
  let starts = [gift.plan, swapped(world, out.plan, offered.tool)]
  let best: Settled = gift
  const tried = (price: Minor): Tried => {
    const its = repriced(problem, offeredAt(world, offered, price), ASKED)
    const all = starts.map((from) => ({ from, met: new Variations(its, from).asItIs() }))
    const taking = all.filter(({ met }) => takes(met))
    const lead = taking.reduce<(typeof all)[number] | undefined>(
      (a, b) => (a && valueOf(a.met) >= valueOf(b.met) ? a : b),
      undefined
    )
    // The better of the two beginnings goes on alone.
    if (lead && starts.length > 1) starts = starts.filter((from) => from === lead.from)
    const found = lead?.met
    const gap = found && valueOf(found) - valueOf(out)
    if (found && gap !== undefined && gap > 0) best = found
    return { price, gap }
  }
  const usual = typicalOf(world.pricing, offered) ?? 0
  const most = Math.max(NEAR.least, Math.round(usual * MOST_TIMES))
  const nothing: Tried = { price: 0, gap: valueOf(gift) - valueOf(out) }
  const upTo = highestTaken(nothing, most, world.workspace.money.keptMoneyWorth, tried)
  return { upTo, ...comparedWith(out, best) }
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
