import { dayFromNumber, dayNumber, type Day } from '../calendar'
import type { World } from '../workspace'
import { annealed, chainFrom, scaleOf } from './chain'
import type { Choice } from './choices'
import type { Problem } from './problem'
import { decode, type Decoding } from './decode'
import { copyOrder, moveEntries, orderOf, type Order } from './order'
import { resupply } from './polish'
import { stateOf } from './state'
import type { Variations } from './variations'
import { withMoneyOf } from './with-money'

/** A choice whose figures are set anew for each question. */
type Held = { -readonly [K in keyof Choice]: Choice[K] }

const FIGURES = ['cash', 'value', 'payment', 'burden'] as const
type Regular = Readonly<Record<(typeof FIGURES)[number], number>>

/** Figures of a choice on a day on which nothing is reduced; undefined where it can be had on no day. */
function regular(choice: Choice): Regular | undefined {
  let at: number | undefined
  choice.cash.forEach((one, k) => {
    if (one < Infinity && (at === undefined || one > (choice.cash[at] ?? 0))) at = k
  })
  if (at === undefined) return undefined
  const [cash = 0, value = 0, payment = 0, burden = 0] = FIGURES.map(
    (name) => choice[name][at ?? 0] ?? 0
  )
  return { cash, value, payment, burden }
}

/** What a plan comes to when something is not bought before a day. */
export interface HeldPlan {
  /** Minor units at today's worth. */
  readonly value: number
  /** The day each build is done, by its id. */
  readonly done: ReadonlyMap<string, Day>
}

/** How much prices are blurred when what is missing is bought otherwise, one try after another. */
const NOISES = [0, 0.5] as const

/** Neighbours tried for each of the first days asked about, for a later one, and for going without. */
const TRIED_SOON = 300
const SOON = 2
const TRIED = 15
const TRIED_WITHOUT = 100
/** So many builds are tried with that effort; of more each has as much less. */
const FEW_BUILDS = 10
/** Other things tried in the place of what is done without. */
const REPLACEMENTS = 16
/** What differs by no more than this is worth the same, minor units. */
const NO_MORE = 1
/** Annealing begins at this share of its way down: near the order it goes on from. */
const NEAR = 0.8

/** A problem whose pins are set anew for each question. */
type Pinning = { -readonly [K in keyof Problem]: Problem[K] }

/**
 * The plan at hand with a purchase on another day, its price held still: what waiting for it costs, apart from what the price does. Until
 * then its builds wait or are done another way. From day to day the search goes on from the best orders met so far, by a few dozen
 * neighbours each, so that many days of many purchases are answered in a second; what it comes to is a bound from below.
 */
export class HeldBack {
  private readonly decoding: Decoding
  private readonly problem: Pinning
  /** The purchase, and all other ways to have the same tool. */
  private readonly choice: number
  private readonly held: readonly Held[]
  private readonly regular: readonly (Regular | undefined)[]
  private readonly barred: ReadonlySet<number>
  private readonly trial: Order
  private readonly best: Order
  private readonly scale: number
  private readonly effort: number
  /** Days asked about so far, and what was found for each of them, by event time. */
  private asked = 0
  private readonly known = new Map<number, HeldPlan>()
  /** The worth found last: it is bought later now, and cannot be worth more than that. */
  private most = Infinity

  /** @param offer what is bought @param count so many of it */
  constructor(
    private readonly near: Variations,
    private readonly offer: string,
    private readonly count: number
  ) {
    const { model, problem, order } = near
    this.choice = problem.choices.findIndex(({ id }) => id === offer)
    const tool = problem.choices[this.choice]?.entries[0]?.tool.id
    const out = ({ entries }: Choice): boolean => entries.some((one) => one.tool.id === tool)
    const choices = problem.choices.map((one): Choice | Held =>
      out(one)
        ? {
            ...one,
            cash: one.cash.slice(),
            value: one.value.slice(),
            payment: one.payment.slice(),
            burden: one.burden.slice(),
            varies: true
          }
        : one
    )
    this.barred = new Set(problem.choices.flatMap((one, i) => (out(one) ? [i] : [])))
    this.held = choices.filter((_, i) => this.barred.has(i)) as Held[]
    this.regular = problem.choices.filter(out).map(regular)
    this.problem = { ...problem, choices }
    const its = { ...model, problem: this.problem }
    this.decoding = { model: its, state: stateOf(its) }
    this.scale = scaleOf(problem)
    this.effort = Math.min(1, FEW_BUILDS / Math.max(1, problem.wanted.length))
    this.trial = orderOf(order.codes.length)
    this.best = orderOf(order.codes.length)
    copyOrder(order, this.best)
    near.reseed()
  }

  /** It is bought at that event time at its regular price, and the same tool at no other; at none where none is given. */
  private pin(event: number | undefined): void {
    const { near, offer, choice, count } = this
    const asked = near.problem.choices[choice]
    this.held.forEach((one, i) => {
      const usual = this.regular[i]
      const mine = one.id === asked?.id && event !== undefined && usual !== undefined
      for (let k = 0; k < one.cash.length; k++) {
        const there = mine && k === event
        one.cash[k] = there ? usual.cash : Infinity
        one.value[k] = there ? usual.value : -Infinity
        one.payment[k] = usual?.payment ?? 0
        one.burden[k] = usual?.burden ?? 0
      }
    })
    const others = near.problem.pins.filter((pin) => near.problem.choices[pin.choice]?.id !== offer)
    this.problem.pins =
      event === undefined
        ? others
        : [...others, { choice, event, count }].sort((a, b) => a.event - b.event)
  }

  /**
   * The best order met from some orders on; it stays in `best`.
   * @param most no more can be found than this
   * @param replaced whether other things are tried in its place as well
   */
  private goOn(from: readonly Order[], steps: number, most = Infinity, replaced = false): number {
    const { near, decoding, trial, best, scale } = this
    const { around } = near
    const start = orderOf(trial.codes.length)
    let value = -Infinity
    const keep = (met: Order, its: number): void => {
      if (its <= value) return
      value = its
      copyOrder(met, start)
    }
    const tried = (noise: number): boolean => {
      keep(trial, decode(decoding, trial))
      if (!resupply({ decoding, around }, trial, noise)) return false
      keep(trial, decode(decoding, trial))
      return true
    }
    const suppliedFrom = (order: Order): void => {
      for (const noise of NOISES) {
        copyOrder(order, trial)
        if (!tried(noise)) break
      }
    }
    from.forEach(suppliedFrom)
    const found = (): boolean => value >= most - NO_MORE
    if (!found()) this.eachFirst(() => (keep(trial, decode(decoding, trial)), found()), start)
    if (!found()) suppliedFrom(start)
    if (replaced) near.replaced(this.barred, () => void tried(0), trial, REPLACEMENTS)
    const chain = chainFrom(start, value)
    const annealing = { decoding, around, random: () => near.chance(), scale, trial, keep }
    if (!found()) for (const _ of annealed(annealing, chain, steps, NEAR));
    copyOrder(start, best)
    return value
  }

  /** Each build with its purchases before all others, on no day in particular: what need not wait goes first. @param found tries one, and says whether it is good enough */
  private eachFirst(found: () => boolean, start: Order): void {
    const { trial } = this
    const entries = orderOf(start.codes.length)
    copyOrder(start, entries)
    for (let at = 0, builds = 0; at < entries.length && builds < FEW_BUILDS; at++) {
      if ((entries.codes[at] as number) < 0) continue
      builds++
      let first = at
      while (first > 0 && (entries.codes[first - 1] as number) < 0) first--
      copyOrder(entries, trial)
      moveEntries(trial, first, at - first + 1, () => 0)
      trial.genes.fill(0, 0, trial.length)
      if (found()) return
    }
  }

  private planned(value: number): HeldPlan {
    const { near, decoding, best } = this
    const { activities, world } = near.problem
    decode(decoding, best, true)
    const start = dayNumber(world.asOf)
    return {
      value,
      done: new Map(
        decoding.state.done.map(({ activity, done }) => [
          activities[activity]!.build.id,
          dayFromNumber(start + done)
        ])
      )
    }
  }

  /** Bought on a day that is no sooner than those asked about before, or one of them; or on the first after it on which anything may change; undefined where the plan has no such day. */
  on(day: Day): HeldPlan | undefined {
    const event = this.near.problem.events.dates.findIndex((date) => date >= day)
    if (event < 0 || this.choice < 0) return undefined
    this.pin(event)
    const known = this.known.get(event)
    if (known) return known
    const last = orderOf(this.best.codes.length)
    copyOrder(this.best, last)
    const steps = (this.asked++ < SOON ? TRIED_SOON : TRIED) * this.effort
    const made = this.planned(this.goOn([this.near.order, last], steps, this.most))
    this.known.set(event, made)
    this.most = made.value
    return made
  }

  /** Never bought: whatever serves instead is. */
  never(): HeldPlan {
    this.pin(undefined)
    const made = this.planned(
      this.goOn([this.near.order], TRIED_WITHOUT * this.effort, this.most, true)
    )
    copyOrder(this.near.order, this.best)
    return made
  }
}

/** What a little more money today would bring the plan at hand, by unit of it. @param more minor units */
export function worthOfMoney(near: Variations, world: World, more: number): number {
  const problem = withMoneyOf(near.problem, { ...world, balance: world.balance + more })
  const model = { ...near.model, problem }
  const decoding = { model, state: stateOf(model) }
  const order = orderOf(near.order.codes.length)
  copyOrder(near.order, order)
  const plain = { model: near.model, state: stateOf(near.model) }
  return (decode(decoding, order) - decode(plain, near.order)) / more
}
