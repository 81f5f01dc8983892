import { seededRandom } from '../kernel'
import { Decoder, copyOrder, orderOf, type Order } from './decoder'
import { MOST_ENTRIES, Moves, prune } from './moves'
import type { Problem } from './problem'

/** Temperatures at the start and the end of a chain, as shares of the mean worth of a job. From trials on instances of the bench's kind. */
const HOT = 0.12
const COLD = 0.00024
/** A reheated chain begins at this share of its way down. */
const REHEAT = 0.2
/** Evaluations of the first round's chains; each round is twice as long. */
const FIRST_ROUND = 1500
/** After so many evaluations control goes back to whoever runs the search. */
const SLICE = 200

interface Chain {
  readonly order: Order
  readonly best: Order
  value: number
  bestValue: number
}

/**
 * Simulated annealing in racing rounds: each round starts one chain from the best so far and three from random orders, a quarter of the
 * round's length each, runs the two best of them on, then the best order of all twice as long and once more from a lower heat. Rounds
 * double.
 */
export class Search {
  readonly decoder: Decoder
  readonly best: Order
  bestValue = -Infinity
  rounds = 0
  private readonly random: () => number
  private readonly moves: Moves
  private readonly trial: Order
  private readonly size: number
  private readonly scale: number
  private readonly running: Iterator<void>

  constructor(
    readonly problem: Problem,
    seed: number,
    warm?: Order
  ) {
    this.decoder = new Decoder(problem)
    this.random = seededRandom(seed)
    this.moves = new Moves(problem, this.random)
    this.size = Math.min(
      MOST_ENTRIES + problem.jobs.length,
      problem.jobs.length * 2 + problem.choices.length + 50
    )
    this.best = orderOf(this.size)
    this.trial = orderOf(this.size)
    const worths = problem.wanted
      .map((job) => problem.jobs[job]?.worth ?? 0)
      .filter((worth) => worth > 0)
    this.scale = worths.length > 0 ? worths.reduce((sum, one) => sum + one, 0) / worths.length : 1
    this.keep(this.best, this.decoder.decode(this.best))
    if (warm) {
      const from = orderOf(this.size)
      for (let i = 0; i < Math.min(warm.length, this.size); i++)
        [from.codes[i], from.notBefore[i]] = [warm.codes[i] as number, warm.notBefore[i] as number]
      from.length = Math.min(warm.length, this.size)
      this.keep(from, this.decoder.decode(from))
    }
    this.construct()
    this.running = this.run(warm !== undefined)
  }

  /** Runs on until so many evaluations have been made altogether. */
  advance(evaluations: number): void {
    if (this.problem.wanted.length === 0) return
    while (this.decoder.evaluations < evaluations) this.running.next()
  }

  private keep(order: Order, value: number): void {
    if (value <= this.bestValue + 1e-9) return
    this.bestValue = value
    copyOrder(order, this.best)
  }

  /** A first order of positive value wherever a job pays for its tools: each job alone, then those that pay together, one after another. */
  private construct(): void {
    const { wanted } = this.problem
    const grown = orderOf(this.size)
    copyOrder(this.best, grown)
    let value = this.bestValue
    let left = [...wanted]
    for (let pass = 0; pass < wanted.length && left.length > 0; pass++) {
      let best = -1
      let most = value + 1e-6
      for (const job of left) {
        copyOrder(grown, this.trial)
        this.trial.codes[this.moves.unlock(this.trial, job, this.trial.length, 0)] = job
        this.trial.notBefore[this.trial.length] = 0
        this.trial.length++
        const then = this.decoder.decode(this.trial)
        if (then > most) [most, best] = [then, job]
      }
      if (best < 0) break
      const at = this.moves.unlock(grown, best, grown.length, 0)
      grown.codes[at] = best
      grown.notBefore[at] = 0
      grown.length++
      value = most
      left = left.filter((job) => job !== best)
      this.keep(grown, value)
      if (this.decoder.evaluations > 400) break
    }
    for (const noise of [0, 0.5]) {
      this.moves.start(this.trial, noise)
      this.keep(this.trial, this.decoder.decode(this.trial))
      prune(this.trial, this.decoder)
      this.keep(this.trial, this.decoder.decode(this.trial))
    }
  }

  private chain(from: Order | undefined, noise: number): Chain {
    const order = orderOf(this.size)
    const best = orderOf(this.size)
    if (from) copyOrder(from, order)
    else this.moves.start(order, noise)
    const value = this.decoder.decode(order)
    prune(order, this.decoder)
    copyOrder(order, best)
    this.keep(order, value)
    return { order, best, value, bestValue: value }
  }

  private *anneal(chain: Chain, steps: number, fromShare: number): Generator<void> {
    const { trial, decoder } = this
    const ratio = Math.log(COLD / HOT)
    for (let step = 0; step < steps; step++) {
      const share = fromShare + ((1 - fromShare) * step) / steps
      const heat = this.scale * HOT * Math.exp(ratio * share)
      copyOrder(chain.order, trial)
      this.moves.change(trial)
      if (this.random() < 0.2) this.moves.change(trial)
      const value = decoder.decode(trial)
      if (value >= chain.value || this.random() < Math.exp((value - chain.value) / heat)) {
        prune(trial, decoder)
        copyOrder(trial, chain.order)
        chain.value = value
        if (value > chain.bestValue) {
          chain.bestValue = value
          copyOrder(trial, chain.best)
          this.keep(trial, value)
        }
      }
      if (step % SLICE === SLICE - 1) yield
    }
    // On from the best that was met.
    copyOrder(chain.best, chain.order)
    chain.value = chain.bestValue
  }

  private *run(warm: boolean): Generator<void, void> {
    if (warm) yield* this.anneal(this.chain(this.best, 0), FIRST_ROUND, 0.7)
    for (let length = FIRST_ROUND; ; length *= 2) {
      this.rounds++
      const chains = [
        this.chain(this.best, 0),
        this.chain(undefined, 0.3),
        this.chain(undefined, 0.8),
        this.chain(undefined, 1.5)
      ]
      for (const [i, chain] of chains.entries())
        yield* this.anneal(chain, length / 4, i === 0 ? 0.25 : 0)
      chains.sort((a, b) => b.bestValue - a.bestValue)
      for (const chain of chains.slice(0, 2)) yield* this.anneal(chain, length, REHEAT)
      yield* this.anneal(this.chain(this.best, 0), 2 * length, 0.3)
      yield* this.anneal(this.chain(this.best, 0), length, 0.6)
    }
  }
}
