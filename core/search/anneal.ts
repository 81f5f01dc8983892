import { seededRandom } from '../kernel'
import { annealed, scaleOf, type Chain } from './chain'
import { decode, decodingOf, type Decoding } from './decode'
import { neighbourhoodOf, startOrder, type Neighbourhood } from './neighbourhood'
import { copyOrder, insert, orderOf, sizeFor, type Order } from './order'
import { polish } from './polish'
import { prune } from './prune'
import type { Problem } from './problem'
import { seeds } from './seed'
import { supplyFor } from './supply'

/** A reheated chain begins at this share of its way down. */
const REHEAT = 0.2
/** How a search goes about it. */
export interface Manner {
  /** Evaluations of the first round's chains; each round is twice as long. */
  readonly firstRound: number
  /** The best of so many drawn orders begins a chain (greedy randomised starts: Feo and Resende 1995). */
  readonly starts: number
}
const USUAL: Manner = { firstRound: 1500, starts: 1 }
/** Evaluations after which the first order is good enough to begin with. */
const CONSTRUCTING = 400
/** A worth that is better by no more than this is the same worth, minor units. */
const SAME_WORTH = 1e-9
/** An activity pays for its tools when it brings more than this, minor units. */
const PAYS = 1e-6

/**
 * Simulated annealing in racing rounds: each round starts one chain from the best so far and three from random orders, a quarter of the
 * round's length each, runs the two best of them on, then the best order of all twice as long and once more from a lower heat. Rounds
 * double.
 */
export class Search {
  readonly decoding: Decoding
  readonly best: Order
  bestValue = -Infinity
  rounds = 0
  readonly random: () => number
  readonly around: Neighbourhood
  readonly trial: Order
  private readonly size: number
  readonly scale: number
  private readonly running: Iterator<void>

  constructor(
    readonly problem: Problem,
    seed: number,
    warm?: Order,
    private readonly manner: Manner = USUAL
  ) {
    this.decoding = decodingOf(problem)
    this.random = seededRandom(seed)
    this.around = neighbourhoodOf(problem, this.random)
    this.size = sizeFor(problem)
    this.best = orderOf(this.size)
    this.trial = orderOf(this.size)
    this.scale = scaleOf(problem)
    this.keep(this.best, this.decode(this.best))
    if (warm) {
      const from = orderOf(this.size)
      copyOrder(warm, from)
      this.keep(from, this.decode(from))
    }
    this.construct()
    this.running = this.run(warm !== undefined)
  }

  /** Orders decoded so far. */
  get evaluations(): number {
    return this.decoding.state.evaluations
  }

  private decode(order: Order): number {
    return decode(this.decoding, order)
  }

  /** Runs on until so many evaluations have been made altogether. */
  advance(evaluations: number): void {
    if (this.problem.wanted.length === 0) return
    while (this.evaluations < evaluations) this.running.next()
  }

  /** Polishes the best order so far; see `polish`. */
  polish(most: number): void {
    const order = orderOf(this.size)
    copyOrder(this.best, order)
    const value = polish(this.decoding, this.around, order, most)
    // A plan without needless purchases is taken though it is worth a trifle less.
    this.bestValue = value
    copyOrder(order, this.best)
  }

  keep(order: Order, value: number): void {
    if (value <= this.bestValue + SAME_WORTH) return
    this.bestValue = value
    copyOrder(order, this.best)
  }

  /** Puts an activity at the end of an order, behind what it lacks. */
  private append(order: Order, activity: number): void {
    const { supply } = this.around
    insert(order, supplyFor(supply, order, activity, order.length, 0), activity)
  }

  /** The activity that brings most at the end of an order, with the worth of both; −1 where none pays. */
  private bestNext(grown: Order, value: number, left: readonly number[]): [number, number] {
    let [best, most] = [-1, value + PAYS]
    for (const activity of left) {
      copyOrder(grown, this.trial)
      this.append(this.trial, activity)
      const then = this.decode(this.trial)
      if (then > most) [most, best] = [then, activity]
    }
    return [best, most]
  }

  /** A first order of positive value wherever an activity pays for its tools: each alone, then those that pay together, one after another. */
  private construct(): void {
    const grown = orderOf(this.size)
    copyOrder(this.best, grown)
    let value = this.bestValue
    let left = [...this.problem.wanted]
    while (left.length > 0 && this.evaluations <= CONSTRUCTING) {
      const [best, most] = this.bestNext(grown, value, left)
      if (best < 0) break
      this.append(grown, best)
      value = most
      left = left.filter((activity) => activity !== best)
      this.keep(grown, value)
    }
    for (const noise of [0, 0.5]) {
      startOrder(this.around, this.trial, noise)
      this.keep(this.trial, this.decode(this.trial))
      prune(this.trial, this.decoding.state)
      this.keep(this.trial, this.decode(this.trial))
    }
  }

  /** A drawn order, or the best of some. */
  private startOf(order: Order, noise: number): void {
    if (this.manner.starts === 1) return startOrder(this.around, order, noise)
    let best = -Infinity
    for (let k = 0; k < this.manner.starts; k++) {
      startOrder(this.around, this.trial, noise)
      let value = this.decode(this.trial)
      prune(this.trial, this.decoding.state)
      value = Math.max(value, this.decode(this.trial))
      if (value <= best) continue
      best = value
      copyOrder(this.trial, order)
    }
  }

  private chain(from: Order | undefined, noise: number): Chain {
    const order = orderOf(this.size)
    const best = orderOf(this.size)
    if (from) copyOrder(from, order)
    else this.startOf(order, noise)
    const value = this.decode(order)
    prune(order, this.decoding.state)
    copyOrder(order, best)
    this.keep(order, value)
    return { order, best, value, bestValue: value }
  }

  /** Begins from the kits the ladder climbs to as well. */
  private fromKits(): void {
    const { decoding, random, trial } = this
    seeds(decoding.model, random, trial, () => this.keep(trial, this.decode(trial)))
  }

  private *run(warm: boolean): Generator<void, void> {
    this.fromKits()
    yield
    if (warm) yield* annealed(this, this.chain(this.best, 0), this.manner.firstRound, 0.7)
    for (let length = this.manner.firstRound; ; length *= 2) {
      this.rounds++
      const chains = [
        this.chain(this.best, 0),
        this.chain(undefined, 0.3),
        this.chain(undefined, 0.8),
        this.chain(undefined, 1.5)
      ]
      for (const [i, chain] of chains.entries())
        yield* annealed(this, chain, length / 4, i === 0 ? 0.25 : 0)
      chains.sort((a, b) => b.bestValue - a.bestValue)
      for (const chain of chains.slice(0, 2)) yield* annealed(this, chain, length, REHEAT)
      yield* annealed(this, this.chain(this.best, 0), 2 * length, 0.3)
      yield* annealed(this, this.chain(this.best, 0), length, 0.6)
    }
  }
}
