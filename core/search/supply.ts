import { insert, type Order } from './order'
import { DEPTH, cheapestFor, pricesOf } from './purchase-prices'
import type { ActivityStep, Problem, Slot, Way } from './problem'

const { ceil, floor, max } = Math

/** Noise on prices is drawn once for so many numbers. */
const NOISES = 1024
/** Strides through the noise, so that modes and choices do not meet the same. */
const MODE_STRIDE = 7
const CHOICE_STRIDE = 13
/** However much noise, a price is never less than this share of itself. */
const LEAST_SHARE = 0.05

/** What is looked at to find out what an activity lacks: prices net of resale, the cheapest choices for each requirement. */
export interface Supply {
  readonly problem: Problem
  readonly random: () => number
  readonly price: Float64Array
  readonly cheapest: readonly (readonly number[])[]
  readonly noises: Float64Array
  /** Choices that are permitted: those whose mark is the present stamp. */
  readonly there: Int32Array
  stamp: number
  /** Per requirement: the choice that meets it for least and what that costs, as long as nothing more is there; and when that was found. */
  readonly least: Int32Array
  readonly leastCost: Float64Array
  readonly leastAt: Int32Array
  /** Another number whenever what is there, prices or noise change. */
  version: number
  /** The share of a price that one activity bears: less than 1 where others are to use the tool as well. */
  share: number
  /** How deep jigs of jigs are being put in. */
  depth: number
}

/** A whole number below `length`. */
export const pick = ({ random }: Pick<Supply, 'random'>, length: number): number =>
  floor(random() * length)

/** @param dearer what a unit of money counts beyond what it counts anyway, where it is short */
export function supplyOf(problem: Problem, random: () => number, dearer = 0): Supply {
  const noises = Float64Array.from({ length: NOISES }, () => random() + random() - 1)
  const price = pricesOf(problem, dearer)
  return {
    problem,
    random,
    price,
    cheapest: cheapestFor(problem, price),
    noises,
    there: new Int32Array(problem.choices.length),
    stamp: 0,
    least: new Int32Array(problem.requirements.length),
    leastCost: new Float64Array(problem.requirements.length),
    leastAt: new Int32Array(problem.requirements.length),
    version: 0,
    share: 1,
    depth: 0
  }
}

/** How much a price is stretched by the noise at a place. */
const noisy = ({ noises }: Supply, noise: number, at: number): number =>
  noise === 0 ? 1 : max(LEAST_SHARE, 1 + noise * (noises[at & (NOISES - 1)] as number))

/** Finds the choice that meets a requirement for least, and what it costs more: nothing where it is permitted already. −1 where none can. */
function findLeast(supply: Supply, requirement: number, noise: number, offset: number): void {
  const { there, stamp, share, price, cheapest, problem } = supply
  const { need, owned, from } = problem.requirements[requirement]!
  let cost = Infinity
  let found = -1
  for (const choice of cheapest[requirement] as readonly number[]) {
    if (there[choice] === stamp) {
      cost = 0
      found = choice
      break
    }
    const plain = share * (price[choice] as number) * ceil((need - owned) / (from.get(choice) ?? 1))
    if (plain === Infinity) continue
    const one = plain * noisy(supply, noise, offset + choice * CHOICE_STRIDE)
    if (one < cost) {
      cost = one
      found = choice
    }
    if (noise === 0) break
  }
  if (noise === 0 && cost > 0)
    for (const choice of from.keys())
      if (there[choice] === stamp) {
        cost = 0
        found = choice
        break
      }
  supply.least[requirement] = found
  supply.leastCost[requirement] = max(0, cost)
  supply.leastAt[requirement] = supply.version
}

/** Choices to be bought, and what the step costs with them. */
interface Lacking {
  readonly picks: readonly number[]
  readonly cost: number
}

/** The choices still lacking for the cheapest way of a step. */
function lackingFor(
  supply: Supply,
  { ways }: ActivityStep,
  noise: number,
  offset: number
): readonly number[] {
  let best = Infinity
  let picks: readonly number[] = []
  for (const { slots, extra } of ways) {
    let cost = extra
    const wanted: number[] = []
    for (const slot of slots) {
      if (cost >= best) break
      const lacking = lackingForSlot(supply, slot, noise, offset)
      cost += lacking.cost
      wanted.push(...lacking.picks)
    }
    if (cost < best) {
      best = cost
      picks = wanted
    }
  }
  return picks
}

/** The choices still lacking for the cheapest mode of a slot. */
function lackingForSlot(
  supply: Supply,
  { first, last }: Slot,
  noise: number,
  offset: number
): Lacking {
  const { least, leastAt, leastCost } = supply
  const { modes, requirements } = supply.problem
  let best = Infinity
  let picks: number[] = []
  for (let mode = first; mode < last; mode++) {
    const { cost: plain, requires } = modes[mode]!
    let cost = plain * noisy(supply, noise, offset + mode * MODE_STRIDE)
    const wanted: number[] = []
    for (let n = 0; n < requires.length && cost < best; n++) {
      const requirement = requires[n] as number
      const { owned, need, along } = requirements[requirement]!
      if (owned >= need) continue
      if (leastAt[requirement] !== supply.version) findLeast(supply, requirement, noise, offset)
      const choice = least[requirement] as number
      cost = choice < 0 ? Infinity : cost + (leastCost[requirement] as number)
      if (!along || noise > 0 || supply.share < 1) wanted.push(choice)
    }
    if (cost < best) {
      best = cost
      picks = wanted
    }
  }
  return { picks, cost: best }
}

/** Marks what an order lets be bought before a place. */
function mark(supply: Supply, order: Order, at: number): void {
  const stamp = ++supply.stamp
  supply.version++
  for (let i = 0; i < at; i++)
    if ((order.codes[i] as number) < 0) supply.there[-1 - (order.codes[i] as number)] = stamp
}

/** Puts choices in before a place, jigs behind what they lack. @returns the place right behind them */
function putIn(
  supply: Supply,
  order: Order,
  choices: readonly number[],
  at: number,
  noise: number
): number {
  let place = at
  for (const choice of choices) {
    const jig = supply.problem.maker[choice] as number
    if (jig >= 0 && supply.depth < DEPTH) {
      supply.depth++
      place = supplyFor(supply, order, jig, place, noise)
      supply.depth--
    }
    insert(order, place++, -1 - choice)
  }
  return place
}

/**
 * Puts in before `at` what an activity lacks, given what the order lets be bought before it, by prices with some noise.
 * @returns the place right behind what was put in
 */
export function supplyFor(
  supply: Supply,
  order: Order,
  activity: number,
  at: number,
  noise: number
): number {
  mark(supply, order, at)
  // The same purchase has the same noise for all steps of the activity.
  const offset = noise === 0 ? 0 : pick(supply, NOISES)
  const taken: number[] = []
  for (const step of supply.problem.activities[activity]?.steps ?? [])
    take(supply, lackingFor(supply, step, noise, offset), taken)
  return putIn(supply, order, taken, at, noise)
}

/** Counts choices as there, each once. */
function take(supply: Supply, choices: readonly number[], taken: number[]): void {
  for (const choice of choices)
    if (supply.there[choice] !== supply.stamp) {
      supply.there[choice] = supply.stamp
      supply.version++
      taken.push(choice)
    }
}

/**
 * Puts in before `at` what one way to do a step lacks.
 * @param share of their price that purchases count at
 * @returns the place right behind what was put in
 */
export function supplyWay(
  supply: Supply,
  order: Order,
  { slots }: Way,
  at: number,
  { noise, share }: { readonly noise: number; readonly share: number }
): number {
  supply.share = share
  mark(supply, order, at)
  const offset = noise === 0 ? 0 : pick(supply, NOISES)
  const taken: number[] = []
  for (const slot of slots) take(supply, lackingForSlot(supply, slot, noise, offset).picks, taken)
  supply.share = 1
  return putIn(supply, order, taken, at, noise)
}
