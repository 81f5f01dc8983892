import type { Day } from '../calendar'
import { TIERS, tierRank, type Tier } from '../catalogue'
import type { Minor } from '../money'
import { findOffer, type Offer } from '../prices'
import type { Plan, PlannedPurchase, World } from '../workspace'
import { comesTo, type Comes } from '../plan'
import { Planner, problemOf, type Problem } from '../search'

/** How another plan differs from the one at hand. */
export interface Difference {
  /** Change of the plan's objective, minor units at today's worth. */
  readonly value: number
  /** The change is no larger than what two searches of the same plan differ by. */
  readonly aboutTheSame: boolean
  readonly lost: readonly string[]
  readonly won: readonly string[]
  readonly later: readonly { readonly build: string; readonly from: Day; readonly to: Day }[]
  readonly sooner: readonly { readonly build: string; readonly from: Day; readonly to: Day }[]
  readonly bought: readonly string[]
  readonly spent: Minor
  /** Change in minutes of work. */
  readonly minutes: number
}

/** Questions about one purchase, each answered by planning again. */
export interface Answers {
  readonly dropped: Difference
  readonly up: { readonly tier: Tier; readonly difference: Difference } | undefined
  readonly down: { readonly tier: Tier; readonly difference: Difference } | undefined
}

/** Plans tried for an answer, from the plan at hand on. */
const EVALUATIONS = 4000
const SEED = 7

/**
 * Share of a plan's worth by which plans made again for an answer differ without any reason: measured over the demos and generated
 * workspaces with two seeds.
 */
const NOISE = 0.002

export function differenceOf(before: Comes, after: Comes): Difference {
  const was = new Map(before.builds.map(({ build, done }) => [build, done]))
  const is = new Map(after.builds.map(({ build, done }) => [build, done]))
  const both = [...was].flatMap(([build, from]) => {
    const to = is.get(build)
    return to === undefined ? [] : [{ build, from, to }]
  })
  const own = (build: string): boolean => !build.startsWith('make/')
  const had = new Set(before.purchases.map(({ offer }) => offer))
  return {
    value: after.value - before.value,
    aboutTheSame: Math.abs(after.value - before.value) <= NOISE * Math.abs(before.value),
    lost: [...was.keys()].filter((build) => own(build) && !is.has(build)),
    won: [...is.keys()].filter((build) => own(build) && !was.has(build)),
    later: both.filter(({ build, from, to }) => own(build) && to > from),
    sooner: both.filter(({ build, from, to }) => own(build) && to < from),
    bought: [...new Set(after.purchases.map(({ offer }) => offer))].filter(
      (offer) => !had.has(offer)
    ),
    spent: after.spent - before.spent,
    minutes: after.minutes - before.minutes
  }
}

/** A problem planned again, starting from the plan at hand. */
function again(world: World, plan: Plan, problem: Problem): Comes {
  const planner = new Planner(world, SEED, plan, problem)
  planner.advance(EVALUATIONS)
  return comesTo(world, planner.best().plan)
}

/** The plan made again without some offers; others may come to be looked at instead. */
const without = (world: World, plan: Plan, avoid: (offer: Offer) => boolean): Comes =>
  again(world, plan, problemOf(world, { avoid }))

const asIs = new WeakMap<World, { readonly key: string; readonly comes: Comes }>()
/** The plan at hand given the same effort, so that a difference is one of the question and not of a longer search; once for all questions. */
function before(world: World, plan: Plan): Comes {
  const key = JSON.stringify([plan.purchases, plan.builds])
  const known = asIs.get(world)
  if (known?.key === key) return known.comes
  const comes = again(world, plan, problemOf(world))
  asIs.set(world, { key, comes })
  return comes
}

/** The world in which a purchase may be moved; the same where it is not pinned. */
const unpinned = (world: World, offer: string): World =>
  world.workspace.pins.some((pin) => pin.offer === offer)
    ? {
        ...world,
        workspace: {
          ...world.workspace,
          pins: world.workspace.pins.filter((pin) => pin.offer !== offer)
        }
      }
    : world

/**
 * What is lost if a purchase is dropped, and what one tier up or down would mean. Other offers of the same tool are dropped with it.
 * Yields what is known so far; the last one is the whole.
 */
export function* answering(
  world: World,
  plan: Plan,
  purchase: PlannedPurchase
): Generator<Answers, void> {
  const free = unpinned(world, purchase.offer)
  const offer = findOffer(world.pricing, purchase.offer)
  const was = before(free, plan)
  const dropped = without(
    free,
    plan,
    (one) => one.id === purchase.offer || one.tool === offer?.tool
  )
  const at = (step: 1 | -1): Answers['up'] => {
    const tier = offer && TIERS[tierRank(offer.tier) + step]
    if (!offer || tier === undefined) return undefined
    // The tier below what is usually bought has to be offered at all.
    const lower: World = {
      ...free,
      workspace: {
        ...free.workspace,
        preferences: {
          ...free.workspace.preferences,
          tier: TIERS[Math.min(tierRank(tier), tierRank(free.workspace.preferences.tier))] ?? tier
        }
      }
    }
    return {
      tier,
      difference: differenceOf(
        was,
        without(lower, plan, (one) =>
          one.tool === offer.tool
            ? one.tier !== tier
            : tierRank(one.tier) < tierRank(world.workspace.preferences.tier)
        )
      )
    }
  }
  let known: Answers = { dropped: differenceOf(was, dropped), up: undefined, down: undefined }
  yield known
  known = { ...known, up: at(1) }
  yield known
  yield { ...known, down: at(-1) }
}

/** What some more money today would change: the next spare 50, say. */
export function withMore(world: World, plan: Plan, more: Minor): Difference {
  return differenceOf(
    before(world, plan),
    before({ ...world, balance: world.balance + more }, plan)
  )
}

export interface CurvePoint {
  /** Money of the plan against what is there, as a factor. */
  readonly factor: number
  /** All that comes in, with what is in the purse. */
  readonly money: Minor
  readonly builds: number
  readonly value: number
  readonly spent: Minor
}

/** Budgets looked at for the curve of money against builds ready. */
export const CURVE_FACTORS = [0.25, 0.4, 0.55, 0.7, 0.85, 1, 1.2, 1.5, 2] as const

/** One point of the curve: the same plan with all receipts and the purse above the reserve made smaller or larger. */
export function curvePoint(world: World, factor: number, from?: Plan): CurvePoint {
  const { reserve } = world.workspace.money
  const balance = Math.round(reserve + (world.balance - reserve) * factor)
  const receipts = world.receipts.map((receipt) => ({
    ...receipt,
    amount: receipt.amount > 0 ? Math.round(receipt.amount * factor) : receipt.amount
  }))
  const changed: World = {
    ...world,
    balance,
    receipts,
    workspace: { ...world.workspace, pins: [] }
  }
  const planner = new Planner(changed, SEED, from)
  planner.advance(EVALUATIONS)
  const comes = comesTo(changed, planner.best().plan)
  return {
    factor,
    money: balance - reserve + receipts.reduce((sum, { amount }) => sum + amount, 0),
    builds: comes.builds.filter(({ build }) => !build.startsWith('make/')).length,
    value: comes.value,
    spent: comes.spent
  }
}
