import { sumOf } from '../kernel'
import type { Decoding } from './decode'
import { change, type Neighbourhood } from './neighbourhood'
import { copyOrder, orderOf, type Order } from './order'
import { Beside } from './prefix'
import type { Problem } from './problem'
import { prune } from './prune'

/** Temperatures at the start and the end of a chain, as shares of the mean worth of an activity. From trials on instances of the bench's kind. */
const HOT = 0.12
const COLD = 0.00024
/** After so many evaluations control goes back to whoever runs the search. */
const SLICE = 200
/** How often a second move follows the first. */
const SECOND_MOVE = 0.2

/** An order on its way, and the best it has met. */
export interface Chain {
  readonly order: Order
  readonly best: Order
  value: number
  bestValue: number
}

/** What a chain is run with. */
export interface Annealing {
  readonly decoding: Decoding
  readonly around: Neighbourhood
  readonly random: () => number
  /** The mean worth of an activity, minor units; see `scaleOf`. */
  readonly scale: number
  readonly trial: Order
  /** Hears of every order better than any its chain has met. */
  keep(order: Order, value: number): void
}

/** The mean worth of what is wanted, minor units: what heat is measured by. */
export function scaleOf({ wanted, activities }: Problem): number {
  const worths = wanted
    .map((activity) => activities[activity]?.worth ?? 0)
    .filter((worth) => worth > 0)
  return worths.length > 0 ? sumOf(worths, (one) => one) / worths.length : 1
}

/**
 * Simulated annealing (Kirkpatrick, Gelatt, Vecchi 1983) along one chain, by a geometric way down; goes on in the end from the best that
 * was met. Yields now and then, so that whoever runs it may stop.
 * @param fromShare begins at this share of the way down, 0 to 1
 */
export function* annealed(
  annealing: Annealing,
  chain: Chain,
  steps: number,
  fromShare: number
): Generator<void> {
  const { decoding, around, random, scale, trial } = annealing
  const ratio = Math.log(COLD / HOT)
  const beside = new Beside(decoding, chain.order)
  for (let step = 0; step < steps; step++) {
    const share = fromShare + ((1 - fromShare) * step) / steps
    const heat = scale * HOT * Math.exp(ratio * share)
    copyOrder(chain.order, trial)
    change(around, trial)
    if (random() < SECOND_MOVE) change(around, trial)
    const value = beside.decode(trial)
    if (value >= chain.value || random() < Math.exp((value - chain.value) / heat)) {
      prune(trial, decoding.state)
      beside.changesTo(trial)
      copyOrder(trial, chain.order)
      chain.value = value
      if (value > chain.bestValue) {
        chain.bestValue = value
        copyOrder(trial, chain.best)
        annealing.keep(trial, value)
      }
    }
    if (step % SLICE === SLICE - 1) yield
  }
  copyOrder(chain.best, chain.order)
  chain.value = chain.bestValue
}

/** A chain that begins with an order. */
export function chainFrom(order: Order, value: number): Chain {
  const [here, best] = [orderOf(order.codes.length), orderOf(order.codes.length)]
  copyOrder(order, here)
  copyOrder(order, best)
  return { order: here, best, value, bestValue: value }
}
