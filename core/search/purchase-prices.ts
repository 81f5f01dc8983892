import { sumOf } from '../kernel'
import { payTimes } from '../worth'
import type { ActivityStep, Problem, Slot } from './problem'
import type { Requirement } from './requirements'

const { ceil, max, min } = Math

/** Jigs made with jigs, so many deep. */
export const DEPTH = 3
/** Offers of one requirement looked at, the cheapest first. */
const CHEAPEST = 8

/** The least a step costs with its cheapest purchases, as things are priced. */
const leastForStep = (problem: Problem, price: Float64Array, { ways }: ActivityStep): number =>
  min(
    Infinity,
    ...ways.map(
      ({ slots, extra }) => extra + sumOf(slots, (slot) => leastForSlot(problem, price, slot))
    )
  )

/** The same for one slot. */
function leastForSlot(
  { modes, requirements }: Problem,
  price: Float64Array,
  { first, last }: Slot
): number {
  let least = Infinity
  for (let mode = first; mode < last; mode++) {
    const { cost: plain, requires } = modes[mode]!
    let cost = plain
    for (const requirement of requires) {
      const { need, owned, from } = requirements[requirement]!
      let cheapest = Infinity
      for (const [one, units] of from)
        cheapest = min(cheapest, (price[one] as number) * ceil((need - owned) / units))
      cost += max(0, cheapest)
      if (cost >= least) break
    }
    least = min(least, cost)
  }
  return least
}

/**
 * What a purchase really costs: its price less what it brings at the end. What is made costs its timber, its work and the cheapest
 * purchases for each of its steps.
 */
export function pricesOf(problem: Problem, dearer: number): Float64Array {
  const { choices, maker, activities } = problem
  // What is hired goes back: it has no price for good, and is put in by a move of its own.
  const price = Float64Array.from(choices, ({ value, payment, makes, hire }) =>
    makes || hire ? Infinity : dearer * min(...payment) - max(...value)
  )
  for (let round = 0; round <= DEPTH; round++)
    choices.forEach(({ makes }, choice) => {
      const activity = activities[maker[choice] ?? -1]
      if (!makes || !activity || price[choice] !== Infinity) return
      let total = activity.material * payTimes(problem.world, activity.build)
      for (const step of activity.steps) total += leastForStep(problem, price, step)
      price[choice] = total
    })
  return price
}

/** Per requirement the choices that meet it for least, cheapest first. */
export const cheapestFor = ({ requirements }: Problem, price: Float64Array): number[][] =>
  requirements.map((one) => cheapestOf(one, price))

/** The choices that meet one requirement for least, cheapest first. */
export function cheapestOf({ from, need, owned }: Requirement, price: Float64Array): number[] {
  const costs = new Map(
    [...from].map(([choice, units]) => [
      choice,
      (price[choice] ?? Infinity) * ceil((need - owned) / units)
    ])
  )
  return [...from.keys()]
    .filter((choice) => (costs.get(choice) ?? Infinity) < Infinity)
    .sort((a, b) => (costs.get(a) ?? 0) - (costs.get(b) ?? 0))
    .slice(0, CHEAPEST)
}
