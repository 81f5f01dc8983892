import { isDone } from '../builds'
import { seededRandom } from '../kernel'
import { modelOf, problemOf, supplyOf } from '../search'
import { afterOf } from '../worth'
import type { World } from '../workspace'
import { apply } from './apply'
import { climb } from './climb'
import { describe } from './described'
import { buildsOf } from './facts'
import { KitValue } from './kit-value'
import { notForBuilds } from './not-for'
import { EXACT_RUNGS, inOrder } from './order'
import { shopOf } from './packages'
import { moneyOf } from './purse'
import type { Ladder } from './rung'
import { allTaken, stepsOf } from './steps'

/** Seed of what little is drawn: the same world gives the same ladder. */
const SEED = 1

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
  const rungs = describe({ shop, world, whole, atEnd, perYear }, order)
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
