import { distinct, seededRandom } from '../kernel'
import type { Plan, World } from '../workspace'
import { annealed, chainFrom, scaleOf } from './chain'
import type { Choice } from './choices'
import { decode, type Decoding } from './decode'
import { modelOf, type Model } from './model'
import { neighbourhoodOf, type Neighbourhood } from './neighbourhood'
import { copyOrder, orderOf, sizeFor, type Order } from './order'
import { orderFrom } from './order-from'
import { insteadOf, polish, resupply } from './polish'
import type { Problem } from './problem'
import { prune } from './prune'
import { cheapestOf } from './purchase-prices'
import { settleRoughly, type Settled } from './settle'
import { stateOf } from './state'
import { withMoneyOf } from './with-money'

/** Orders tried by annealing for a variation, and by polishing at most. */
const ANNEALED = 200
const POLISHED = 200
/** Annealing begins at this share of its way down: near the plan at hand. */
const NEAR = 0.7
const SEED = 7
/** Of what could be bought in place of something barred so many are tried: what serves for the same, then what serves for another way. */
const TRIED = 48
/** How much prices are blurred when what is missing is bought otherwise, one try after another. */
const NOISES = [0, 0, 0.4, 0.8] as const

/** Choices as if some could not be had. */
export const barredFrom = (
  choices: readonly Choice[],
  barred: ReadonlySet<number>
): readonly Choice[] =>
  choices.map((one, choice) => {
    if (!barred.has(choice)) return one
    const never = new Float64Array(one.cash.length)
    return {
      ...one,
      cash: never.map(() => Infinity),
      value: never.map(() => -Infinity),
      varies: false
    }
  })

/** A model as if some choices could not be had: what is bought along only where something serves that is not barred. */
function modelWithout(
  model: Model,
  choices: readonly Choice[],
  barred: ReadonlySet<number>
): Model {
  const problem = { ...model.problem, choices }
  const along = model.along.map((one, requirement) =>
    one === 1 && (model.feeders[requirement] ?? []).every((choice) => barred.has(choice)) ? 0 : one
  )
  return { ...model, problem, along }
}

/**
 * Plans near one at hand, made for questions of the kind “what if not this one”: everything is compiled once, what cannot be had is barred,
 * and the search goes on from the plan at hand with what is missing bought otherwise. The same effort for each, so that two of them differ
 * by the question.
 */
export class Variations {
  readonly model: Model
  readonly around: Neighbourhood
  /** The plan at hand as an order. */
  readonly order: Order
  private readonly trial: Order
  private readonly instead: (choice: number) => readonly number[]
  private random = seededRandom(SEED)

  /** @param plan the plan at hand */
  constructor(
    readonly problem: Problem,
    plan: Plan
  ) {
    this.model = modelOf(problem)
    this.around = neighbourhoodOf(problem, () => this.random())
    this.instead = insteadOf(this.around)
    this.order = orderOf(sizeFor(problem))
    this.trial = orderOf(sizeFor(problem))
    copyOrder(orderFrom(problem, plan), this.order)
  }

  /** Chance begins anew, so that equal questions have equal answers. */
  reseed(): void {
    this.random = seededRandom(SEED)
  }
  /** A number from 0 up to 1. */
  chance(): number {
    return this.random()
  }

  /** The plan at hand, gone on with as long as any variation. */
  asItIs(): Settled {
    return this.found(this.problem, { model: this.model, state: stateOf(this.model) }, this.around)
  }

  /** The plan with other money: everything compiled stays. @param world the same but for its money */
  withMoneyOf(world: World): Settled {
    const problem = withMoneyOf(this.problem, world)
    const model = { ...this.model, problem }
    return this.found(problem, { model, state: stateOf(model) }, this.around)
  }

  /** The plan without some choices. */
  without(out: (choice: Choice) => boolean): Settled {
    const { problem, model, around } = this
    const barred = new Set(problem.choices.flatMap((one, i) => (out(one) ? [i] : [])))
    const choices = barredFrom(problem.choices, barred)
    const its = modelWithout(model, choices, barred)
    const price = around.supply.price.map((one, choice) => (barred.has(choice) ? Infinity : one))
    const cheapest = around.supply.cheapest.map((list, requirement) =>
      list.some((choice) => barred.has(choice))
        ? cheapestOf(problem.requirements[requirement]!, price)
        : list
    )
    const supply = { ...around.supply, problem: its.problem, price, cheapest }
    return this.found(
      its.problem,
      { model: its, state: stateOf(its) },
      { ...around, supply },
      barred
    )
  }

  /** The best order met near the plan at hand. @param barred what cannot be had */
  private found(
    problem: Problem,
    decoding: Decoding,
    around: Neighbourhood,
    barred: ReadonlySet<number> = new Set()
  ): Settled {
    this.reseed()
    const { trial } = this
    const best = orderOf(trial.codes.length)
    let bestValue = -Infinity
    const keep = (met: Order, value: number): void => {
      if (value <= bestValue) return
      bestValue = value
      copyOrder(met, best)
    }
    const tried = (noise: number): void => {
      keep(trial, decode(decoding, trial))
      if (resupply({ decoding, around }, trial, noise)) keep(trial, decode(decoding, trial))
    }
    for (const noise of NOISES) {
      copyOrder(this.order, trial)
      tried(noise)
    }
    this.replaced(barred, () => tried(0))
    const chain = chainFrom(best, bestValue)
    const annealing = {
      decoding,
      around,
      random: () => this.random(),
      scale: scaleOf(problem),
      trial,
      keep
    }
    for (const _ of annealed(annealing, chain, ANNEALED, NEAR));
    decode(decoding, best)
    prune(best, decoding.state)
    polish(decoding, around, best, POLISHED, this.instead)
    return settleRoughly(problem, decoding, best)
  }

  /**
   * Puts in the place of each barred purchase, one after another, whatever serves for the same, or for another way to do it.
   * @param most replacements tried for each
   */
  replaced(
    barred: ReadonlySet<number>,
    tried: () => void,
    trial: Order = this.trial,
    most = TRIED
  ): void {
    const { order, around, instead } = this
    for (let at = 0; at < order.length; at++) {
      const choice = -1 - (order.codes[at] as number)
      if (!barred.has(choice)) continue
      const { price } = around.supply
      const cheapFirst = (list: readonly number[]): number[] =>
        list
          .filter((other) => !barred.has(other))
          .sort((a, b) => (price[a] as number) - (price[b] as number))
      const alike = cheapFirst(around.sharing[choice] ?? [])
      const others = distinct([...alike, ...cheapFirst(instead(choice))])
      for (const other of others.slice(0, most)) {
        copyOrder(order, trial)
        trial.codes[at] = -1 - other
        tried()
      }
    }
  }
}
