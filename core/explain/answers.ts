import type { Day } from '../calendar'
import { TIERS, tierRank, type Tier } from '../catalogue'
import type { Minor } from '../money'
import { findOffer } from '../prices'
import type { Plan, PlannedPurchase, World } from '../workspace'
import { brieflyOf, type Briefly } from '../plan'
import { Planner, Variations, problemOf, withMoneyOf, type Problem } from '../search'

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

/**
 * Share of a plan's worth by which plans made again for an answer differ without any reason: measured over the demos and generated
 * workspaces with two seeds.
 */
const NOISE = 0.002

export function differenceOf(before: Briefly, after: Briefly): Difference {
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

/** Plans near one at hand, with what the plan itself comes to by the same effort. */
interface Near {
  readonly key: string
  readonly variations: Variations
  readonly was: Briefly
}

const briefly = ({ plan, report }: ReturnType<Variations['asItIs']>): Briefly =>
  brieflyOf(plan, report)

const known = new WeakMap<World, Near>()
/** Plans near one at hand; once for all questions about it. @param problem what is compiled of the world */
function nearTo(world: World, plan: Plan, problem = (): Problem => problemOf(world)): Near {
  const key = JSON.stringify([plan.purchases, plan.builds])
  const present = known.get(world)
  if (present?.key === key) return present
  const variations = new Variations(problem(), plan)
  const near = { key, variations, was: briefly(variations.asItIs()) }
  known.set(world, near)
  return near
}

/** Plans near one at hand in which a purchase may be moved: its pin is taken off. */
function freed(world: World, plan: Plan, offer: string): Near {
  const { workspace } = world
  if (!workspace.pins.some((pin) => pin.offer === offer)) return nearTo(world, plan)
  const pins = workspace.pins.filter((pin) => pin.offer !== offer)
  const free = { ...world, workspace: { ...workspace, pins } }
  return nearTo(free, plan, () => withMoneyOf(problemOf(world), free))
}

/**
 * What is lost if a purchase is dropped, and what one tier up or down would mean. Other offers of the same tool are dropped with it.
 * Yields what is known so far; the last one is the whole.
 */
export function* answering(
  world: World,
  plan: Plan,
  purchase: PlannedPurchase
): Generator<Answers, void> {
  const { variations, was } = freed(world, plan, purchase.offer)
  const offer = findOffer(world.pricing, purchase.offer)
  const offered = new Set(
    variations.problem.choices.flatMap(({ entries: [one, ...more] }) =>
      one && more.length === 0 && one.tool.id === offer?.tool ? [one.tier] : []
    )
  )
  const without = (out: (tier: Tier) => boolean): Difference =>
    differenceOf(
      was,
      briefly(
        variations.without(
          ({ id, entries: [one, ...more] }) =>
            id === purchase.offer ||
            (more.length === 0 && one?.tool.id === offer?.tool && out(one?.tier ?? 'get-by'))
        )
      )
    )
  // A tier that is not on offer, or no better than a dearer one at its price, has no answer.
  const at = (step: 1 | -1): Answers['up'] => {
    const tier = offer && TIERS[tierRank(offer.tier) + step]
    if (tier === undefined || !offered.has(tier)) return undefined
    const difference = without((one) => one !== tier)
    // Where the plan would rather do without it than have it in that tier, “without it” has said so.
    return difference.bought.some((id) => findOffer(world.pricing, id)?.tool === offer?.tool)
      ? { tier, difference }
      : undefined
  }
  let answer: Answers = { dropped: without(() => true), up: undefined, down: undefined }
  yield answer
  answer = { ...answer, up: at(1) }
  yield answer
  yield { ...answer, down: at(-1) }
}

/** What some more money today would change: the next spare 50, say. */
export function withMore(world: World, plan: Plan, more: Minor): Difference {
  const { variations, was } = nearTo(world, plan)
  return differenceOf(
    was,
    briefly(variations.withMoneyOf({ ...world, balance: world.balance + more }))
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

/** Plans tried for each point of the curve, from the plan at hand on. */
const EVALUATIONS = 4000
const SEED = 7

/** Budgets looked at for the curve of money against builds ready. */
export const CURVE_FACTORS = [0.25, 0.4, 0.55, 0.7, 0.85, 1, 1.2, 1.5, 2] as const

/** One point of the curve: the same plan with all receipts and the purse above the reserve made smaller or larger, and nothing pinned. */
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
  const planner = new Planner(changed, SEED, from, withMoneyOf(problemOf(world), changed))
  planner.advance(EVALUATIONS)
  const { plan, report } = planner.best()
  const comes = brieflyOf(plan, report)
  return {
    factor,
    money: balance - reserve + receipts.reduce((sum, { amount }) => sum + amount, 0),
    builds: comes.builds.filter(({ build }) => !build.startsWith('make/')).length,
    value: comes.value,
    spent: comes.spent
  }
}
