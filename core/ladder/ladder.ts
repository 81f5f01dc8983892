import { isDone } from '../builds'
import { seededRandom } from '../kernel'
import { apply, climb, KitValue, modelOf, problemOf, shopOf, supplyOf } from '../search'
import { afterOf } from '../worth'
import type { World } from '../workspace'
import { describe } from './described'
import { buildsOf } from './facts'
import { notForBuilds } from './not-for'
import { EXACT_RUNGS, inOrder, type Step } from './order'
import { moneyOf } from './purse'
import type { Ladder, Rung } from './rung'
import { allTaken, stepsOf } from './steps'

/** Seed of what little is drawn: the same world gives the same ladder. */
const SEED = 1

/** The rungs with small things that pay only together with a tool higher up folded into its rung: a block, a sheet of foam, a rag are no step of their own. */
function withSmallThings(
  order: readonly Step[],
  rungs: readonly Rung[],
  { library }: World
): readonly Step[] {
  const isTool = (at: number): boolean =>
    library.tools.get(rungs[at]?.lead.tool ?? '')?.kind === 'tool'
  const into = new Map<number, number>()
  rungs.forEach(({ withRung, lead }, at) => {
    if (withRung !== undefined && !lead.made && !isTool(at) && isTool(withRung))
      into.set(at, withRung)
  })
  if (into.size === 0) return order
  return order.flatMap((step, at) => {
    if (into.has(at)) return []
    const small = order.filter((_, below) => into.get(below) === at)
    if (small.length === 0) return [step]
    return [
      {
        ...step,
        along: new Map([...small.flatMap(({ lead, along }) => [...lead, ...along]), ...step.along]),
        alongCost: new Map([
          ...small.flatMap(({ lead, cost, alongCost }) => [
            ...[...lead.keys()].map((choice) => [choice, cost] as const),
            ...alongCost
          ]),
          ...step.alongCost
        ])
      }
    ]
  })
}

/**
 * **The ladder** (docs/model.md, 4): from what is owned, single tools in the order to buy, each with what must come along. The kit is the
 * one V can be climbed to; its order has the largest area under V over money, so that whatever sum is spent as much as possible is had
 * for it.
 */
export function ladderOf(world: World): Ladder {
  const problem = problemOf(world)
  const kit = new KitValue(modelOf(problem))
  const shop = shopOf(kit, supplyOf(problem, seededRandom(SEED)))
  const already = [...allTaken(shop).keys()].filter((activity) => problem.wanted.includes(activity))
  const whole = climb(shop)
  const order = inOrder(kit, stepsOf(shop, whole))
  apply(kit, whole, 1)
  const atEnd = allTaken(shop)
  const { notFor, unasked } = notForBuilds(shop, world, whole, atEnd)
  apply(kit, whole, -1)
  const { perYear } = afterOf(world)
  const context = { shop, world, whole, atEnd, perYear }
  const plain = describe(context, order)
  const folded = withSmallThings(order, plain, world)
  const rungs = folded === order ? plain : describe(context, folded)
  const made = new Set(buildsOf(shop, atEnd.keys()))
  return {
    rungs,
    notFor,
    unasked,
    already: buildsOf(shop, already),
    never: world.workspace.builds
      .filter((build) => !isDone(build) && !made.has(build.id))
      .map(({ id }) => id),
    ...moneyOf(world),
    exact: order.length <= EXACT_RUNGS
  }
}
