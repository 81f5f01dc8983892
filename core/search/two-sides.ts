import { seededRandom } from '../kernel'
import type { Plan } from '../workspace'
import { annealed, chainFrom, scaleOf } from './chain'
import type { Choice } from './choices'
import { decode, decodingOf, type Decoding } from './decode'
import { neighbourhoodOf, type Neighbourhood } from './neighbourhood'
import { copyOrder, insert, orderOf, remove, sizeFor, type Order } from './order'
import { orderFrom } from './order-from'
import type { Problem } from './problem'
import { prune } from './prune'
import { settleRoughly, type Settled } from './settle'
import { barredFrom } from './variations'

/** What is asked about is bought whatever it costs, where it can be: more than any plan is worth, minor units. */
const SURE = 1e9
const SEED = 1
/** Annealing near the best order so far: shares of the way down at which it begins. */
const FROM = [0.3, 0.7] as const
/** So many orders that take the thing are kept for the prices still to be tried. */
const KEPT = 6
/** What of a choice goes with its price. */
const FIGURES = ['cash', 'value', 'payment', 'burden'] as const
/** Halvings of the bracket of prices at most. */
const HALVINGS = 24

/** One side of the question, and the best order met on it. */
interface Side {
  readonly decoding: Decoding
  readonly around: Neighbourhood
  readonly best: Order
  value: number
}

const copied = (from: Order): Order => {
  const order = orderOf(from.codes.length)
  copyOrder(from, order)
  return order
}

/**
 * The best plans with one thing and without it, looked for side by side: each side begins again and again from the best of the other, with
 * the thing put in or taken out, so that what has nothing to do with the thing is found by both and falls out of their difference. A price
 * is worth paying as long as the one side is worth more than the other; that is asked of every order kept at every price, and the search
 * goes on at the price found.
 */
export class TwoSides {
  private readonly random = seededRandom(SEED)
  private readonly choice: number
  private readonly tool: string | undefined
  private readonly scale: number
  private readonly trial: Order
  private readonly start: Order
  private readonly out: Side
  private taking: Side | undefined
  private kept: Order[] = []
  /** Highest price found so far at which some order with the thing is worth more than the best without it, minor units. */
  upTo = 0

  /**
   * @param problem with the thing among its choices
   * @param at the same with the thing at a price, minor units
   */
  constructor(
    private readonly problem: Problem,
    plan: Plan,
    id: string,
    private readonly at: (price: number) => Problem
  ) {
    this.choice = problem.choices.findIndex((one) => one.id === id)
    this.tool = problem.choices[this.choice]?.entries[0]?.tool.id
    this.scale = scaleOf(problem)
    this.trial = orderOf(sizeFor(problem))
    this.start = orderOf(sizeFor(problem))
    copyOrder(orderFrom(problem, plan), this.start)
    const choices = barredFrom(problem.choices, new Set([this.choice]))
    this.out = this.sideOf({ ...problem, choices })
    this.meet(this.out, this.start)
  }

  private sideOf(problem: Problem): Side {
    return {
      decoding: decodingOf(problem),
      around: neighbourhoodOf(problem, this.random),
      best: copied(this.start),
      value: -Infinity
    }
  }

  /** The thing at a price, as what is bought whatever else is done, where it can be. */
  private sureAt(price: number): Choice | undefined {
    const one = this.at(price).choices[this.choice]
    return one && { ...one, value: one.value.map((value) => value + SURE) }
  }

  /** The side that takes the thing at a price. */
  private takingAt(price: number): Side {
    const its = this.at(price)
    const sure = this.sureAt(price)
    const choices = its.choices.map((one, i) => (i === this.choice && sure ? sure : one))
    const { decoding, ...side } = this.sideOf(its)
    return {
      ...side,
      decoding: { ...decoding, model: { ...decoding.model, problem: { ...its, choices } } }
    }
  }

  private meet(side: Side, order: Order): void {
    copyOrder(order, this.trial)
    const value = decode(side.decoding, this.trial)
    if (value <= side.value) return
    side.value = value
    prune(this.trial, side.decoding.state)
    copyOrder(this.trial, side.best)
  }

  private anneal(side: Side, from: Order, steps: number, share: number): void {
    const { random, scale, trial } = this
    this.meet(side, from)
    copyOrder(from, trial)
    const value = decode(side.decoding, trial)
    prune(trial, side.decoding.state)
    const keep = (order: Order, met: number): void => {
      if (met <= side.value) return
      side.value = met
      copyOrder(order, side.best)
    }
    const annealing = { ...side, random, scale, trial, keep }
    for (const _ of annealed(annealing, chainFrom(trial, value), steps, share));
  }

  private isSameTool(code: number): boolean {
    const choice = code < 0 ? this.problem.choices[-1 - code] : undefined
    return choice?.entries[0]?.tool.id === this.tool
  }

  /** An order with the thing in it: in place of what serves as the same tool, beside it, or without it. */
  private *putInto(from: Order): Generator<Order, void> {
    const code = -1 - this.choice
    const instead = copied(from)
    for (let i = 0; i < instead.length; i++)
      if (this.isSameTool(instead.codes[i] as number)) instead.codes[i] = code
    yield instead
    insert(instead, 0, code)
    yield instead
    const besides = copied(from)
    insert(besides, 0, code)
    yield besides
    const alone = copied(from)
    for (let i = alone.length - 1; i >= 0; i--)
      if (this.isSameTool(alone.codes[i] as number)) remove(alone, i)
    insert(alone, 0, code)
    yield alone
  }

  /** How much more the best kept order that takes it at a price is worth than the best without, minor units. */
  private gapAt({ decoding }: Side, price: number): number {
    const { problem } = decoding.model
    const [held, its] = [problem.choices[this.choice], this.sureAt(price)]
    if (!held || !its) return -Infinity
    for (const name of FIGURES) held[name].set(its[name])
    let best = -Infinity
    for (const order of this.kept) {
      copyOrder(order, this.trial)
      best = Math.max(best, decode(decoding, this.trial))
    }
    return best - SURE - this.out.value
  }

  private highest(taking: Side, most: number): number {
    if (this.kept.length === 0 || this.gapAt(taking, 0) <= 0) return 0
    let [low, high] = [0, most]
    for (let i = 0; i < HALVINGS && high - low > 1; i++) {
      const middle = Math.round((low + high) / 2)
      if (this.gapAt(taking, middle) > 0) low = middle
      else high = middle
    }
    return low
  }

  /**
   * Goes on by so many rounds, each at the price found by the one before.
   * @param first price the first round is tried at, minor units @param most no price above it is asked
   * @param steps orders tried in each round on each side
   */
  advance(rounds: number, steps: number, first: number, most: number): void {
    const part = Math.ceil(steps / FROM.length)
    let price = first
    for (let round = 0; round < rounds; round++) {
      const taking = this.takingAt(price)
      for (const order of this.kept) this.meet(taking, order)
      for (const from of [this.out.best, this.start])
        for (const order of this.putInto(from)) this.meet(taking, order)
      for (const share of FROM) this.anneal(taking, taking.best, part, share)
      if (taking.value > SURE / 2) {
        this.kept = [copied(taking.best), ...this.kept].slice(0, KEPT)
        this.taking = taking
      }
      this.anneal(this.out, taking.best, part, FROM[1])
      this.anneal(this.out, this.out.best, part, FROM[round % FROM.length] ?? 0)
      price = this.upTo = this.highest(taking, most)
    }
  }

  /** The best plans met with and without the thing; undefined where none takes it. */
  settled(): { readonly taking: Settled; readonly without: Settled } | undefined {
    const { taking, out } = this
    if (!taking) return undefined
    this.gapAt(taking, this.upTo)
    return {
      taking: settleRoughly(this.at(this.upTo), taking.decoding, taking.best),
      without: settleRoughly(out.decoding.model.problem, out.decoding, out.best)
    }
  }
}
