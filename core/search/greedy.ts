import { seededRandom } from '../kernel'
import { decode, decodingOf } from './decode'
import { neighbourhoodOf, startOrder } from './neighbourhood'
import { orderOf } from './order'
import type { Problem } from './problem'
import { prune } from './prune'

/** Prices are blurred by up to so much of themselves. */
const NOISES = [0, 0.3, 0.8, 1.5] as const

/**
 * The simplest search that knows the trade: builds in a drawn order, each behind its cheapest lacking tools by blurred prices, again and
 * again; the best of all is kept (randomised greedy with restarts: Feo and Resende 1995, without their local search).
 * @returns the best value met in so many evaluations
 */
export function greedySearch(problem: Problem, seed: number, evaluations: number): number {
  const random = seededRandom(seed)
  const around = neighbourhoodOf(problem, random)
  const decoding = decodingOf(problem)
  const order = orderOf(problem.activities.length * 2 + problem.choices.length + 50)
  let best = decode(decoding, order)
  for (let n = 0; n < evaluations; n += 2) {
    startOrder(around, order, NOISES[(n / 2) % NOISES.length]!)
    best = Math.max(best, decode(decoding, order))
    // Without what was not needed the money may reach further.
    prune(order, decoding.state)
    best = Math.max(best, decode(decoding, order))
  }
  return best
}
