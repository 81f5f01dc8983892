import { decode, type Decoding } from './decode'
import type { Neighbourhood } from './neighbourhood'
import { prune } from './prune'
import { copyOrder, insert, moveEntries, orderOf, remove, type Order } from './order'
import type { State } from './state'
import { supplyFor, supplyWay } from './supply'

/** A worth that is better by no more than this is the same worth, minor units. */
const SAME_WORTH = 1e-6
/** A purchase is left out where the plan is worth no less than this much below it without, minor units: nobody buys for nothing. */
const FOR_NOTHING = 100

/** What is polished, with the worth it has. */
interface Polishing {
  readonly decoding: Decoding
  readonly around: Neighbourhood
  readonly best: Order
  readonly trial: Order
  readonly until: number
  readonly instead: (choice: number) => readonly number[]
  value: number
}

const evaluationsOf = ({ decoding }: Polishing): number => decoding.state.evaluations

/** Takes the trial where it is worth more by a margin. */
function taken(polishing: Polishing, margin: number): boolean {
  const { decoding, trial, best } = polishing
  const value = decode(decoding, trial)
  if (value <= polishing.value + margin) return false
  prune(trial, decoding.state)
  copyOrder(trial, best)
  polishing.value = value
  return true
}

/** Activities that an order names and its last decoding passed over. */
function passedOver(order: Order, { scheduled }: State): number[] {
  const lost: number[] = []
  for (let i = 0; i < order.length; i++) {
    const code = order.codes[i] as number
    if (code >= 0 && scheduled[code] === 0) lost.push(code)
  }
  return lost
}

/** Activities an order named and its last decoding passed over are supplied anew, each where it stands. @param noise on prices @returns whether there were any */
export function resupply(
  { decoding, around }: Pick<Polishing, 'decoding' | 'around'>,
  order: Order,
  noise = 0
): boolean {
  const lost = passedOver(order, decoding.state)
  for (const activity of lost) {
    const at = order.codes.subarray(0, order.length).indexOf(activity)
    if (at < 0) continue
    const gene = order.genes[at] as number
    remove(order, at)
    insert(order, supplyFor(around.supply, order, activity, at, noise), activity, gene)
  }
  return lost.length > 0
}

/** Offers of a requirement that are tried in place of another tool, the cheapest. */
const CHEAPEST = 2

/** For each choice, what serves other ways of the steps it serves. */
export function insteadOf({ supply }: Neighbourhood): (choice: number) => readonly number[] {
  const { modes, activities, requirements } = supply.problem
  const known = new Map<number, readonly number[]>()
  const steps = activities.flatMap((one) =>
    one.steps.map(({ ways }) => ways.flatMap(({ slots }) => slots))
  )
  const feeds = (mode: number, choice: number): boolean =>
    modes[mode]!.requires.some((requirement) => requirements[requirement]!.from.has(choice))
  return (choice) => {
    const present = known.get(choice)
    if (present) return present
    const found = new Set<number>()
    for (const slots of steps) {
      const range = slots.flatMap(({ first, last }) =>
        Array.from({ length: last - first }, (_, i) => first + i)
      )
      if (!range.some((mode) => feeds(mode, choice))) continue
      for (const mode of range)
        if (!feeds(mode, choice))
          for (const requirement of modes[mode]!.requires)
            for (const other of (supply.cheapest[requirement] ?? []).slice(0, CHEAPEST))
              found.add(other)
    }
    found.delete(choice)
    known.set(choice, [...found])
    return [...found]
  }
}

/** Does without a purchase: what needed it does it another way, with whatever that takes. @param instead bought in its place */
function without(polishing: Polishing, at: number, instead: number): boolean {
  const { decoding, around, best, trial } = polishing
  const { price } = around.supply
  const choice = -1 - (best.codes[at] as number)
  copyOrder(best, trial)
  if (instead < 0) remove(trial, at)
  else trial.codes[at] = -1 - instead
  const usual = price[choice] as number
  price[choice] = Infinity
  decode(decoding, trial)
  resupply(polishing, trial)
  price[choice] = usual
  return taken(polishing, instead < 0 ? -FOR_NOTHING : SAME_WORTH)
}

/** Does without each purchase in turn, or with another tool in its place. */
function withoutEach(polishing: Polishing): boolean {
  const { best, instead } = polishing
  for (let i = 0; i < best.length; i++) {
    const code = best.codes[i] as number
    if (code >= 0) continue
    for (const other of [-1, ...instead(-1 - code)]) {
      if (evaluationsOf(polishing) >= polishing.until) return false
      if (without(polishing, i, other)) return true
    }
  }
  return false
}

/** Takes one purchase more: one that serves other ways of what is done already. */
function withEach(polishing: Polishing): boolean {
  const { best, trial, instead } = polishing
  const here = new Set(
    Array.from(best.codes.subarray(0, best.length), (code) => -1 - code).filter((one) => one >= 0)
  )
  const more = new Set([...here].flatMap((choice) => instead(choice)))
  for (const choice of more) {
    if (here.has(choice)) continue
    if (evaluationsOf(polishing) >= polishing.until) return false
    copyOrder(best, trial)
    insert(trial, 0, -1 - choice)
    if (taken(polishing, FOR_NOTHING)) return true
  }
  return false
}

/** Takes another offer or tool that serves for the same, in each place. */
function otherEach(polishing: Polishing): boolean {
  const { around, best, trial } = polishing
  for (let i = 0; i < best.length; i++) {
    const code = best.codes[i] as number
    if (code >= 0) continue
    for (const other of around.sharing[-1 - code] ?? []) {
      if (evaluationsOf(polishing) >= polishing.until) return false
      copyOrder(best, trial)
      trial.codes[i] = -1 - other
      if (taken(polishing, SAME_WORTH)) return true
    }
  }
  return false
}

/** Puts each activity, with what is bought right before it, before each that comes earlier. */
function earlierEach(polishing: Polishing): boolean {
  const { best, trial } = polishing
  for (let at = 1; at < best.length; at++) {
    if ((best.codes[at] as number) < 0) continue
    let first = at
    while (first > 0 && (best.codes[first - 1] as number) < 0) first--
    for (let to = 0; to < first; to++) {
      if (to > 0 && (best.codes[to - 1] as number) < 0) continue
      if (evaluationsOf(polishing) >= polishing.until) return false
      copyOrder(best, trial)
      moveEntries(trial, first, at - first + 1, () => to)
      for (let i = 0; i < trial.length; i++) trial.genes[i] = 0
      if (taken(polishing, SAME_WORTH)) return true
    }
  }
  return false
}

/** Shares of its price one build may bear of a tool that others use as well. */
const SHARES = [1, 0.3, 0.1] as const

/** Lets each step of each activity be done in each of its other ways, with what that takes. */
function otherWays(polishing: Polishing): boolean {
  const { around, best, trial } = polishing
  const { activities } = around.supply.problem
  for (let at = 0; at < best.length; at++) {
    const code = best.codes[at] as number
    if (code < 0) continue
    for (const { ways } of activities[code]!.steps)
      for (const way of ways.length > 1 ? ways : [])
        for (const share of SHARES) {
          if (evaluationsOf(polishing) >= polishing.until) return false
          copyOrder(best, trial)
          supplyWay(around.supply, trial, way, at, { noise: 0, share })
          if (taken(polishing, FOR_NOTHING)) return true
        }
  }
  return false
}

/** Lets an activity that is left out in, at the end, with what it lacks. */
function addEach(polishing: Polishing): boolean {
  const { around, best, trial } = polishing
  for (const activity of around.supply.problem.wanted) {
    if (evaluationsOf(polishing) >= polishing.until) return false
    if (best.codes.subarray(0, best.length).includes(activity)) continue
    copyOrder(best, trial)
    insert(trial, supplyFor(around.supply, trial, activity, trial.length, 0), activity)
    if (taken(polishing, SAME_WORTH)) return true
  }
  return false
}

/**
 * Polishes an order until none of the plain changes a careful person would try makes it better: doing without each purchase, another one
 * in its place, each build earlier, one more build. Annealing leaves such changes undone where they are worth little.
 * @param most evaluations it may take
 * @returns the worth of the polished order
 */
export function polish(
  decoding: Decoding,
  around: Neighbourhood,
  order: Order,
  most: number,
  instead = insteadOf(around)
): number {
  const polishing: Polishing = {
    decoding,
    around,
    best: order,
    trial: orderOf(order.codes.length),
    until: decoding.state.evaluations + most,
    instead,
    value: decode(decoding, order)
  }
  const moves = [otherWays, earlierEach, withoutEach, otherEach, withEach, addEach]
  while (evaluationsOf(polishing) < polishing.until && moves.some((move) => move(polishing)));
  return polishing.value
}
