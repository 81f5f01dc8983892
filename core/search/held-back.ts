import { dayFromNumber, dayNumber, type Day } from '../calendar'
import type { World } from '../workspace'
import type { Choice } from './choices'
import { decode, type Decoding } from './decode'
import { copyOrder, orderOf, type Order } from './order'
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

/**
 * The plan at hand with something held back until a day, its price held still: what waiting costs, apart from what the price does. The
 * order of the plan is read again with what it lacks bought otherwise; no search is made, so that many days of many purchases are answered
 * in a second. What it comes to is therefore a bound from below, and never rises with the day.
 */
export class HeldBack {
  private readonly decoding: Decoding
  private readonly held: readonly Held[]
  private readonly regular: readonly (Regular | undefined)[]
  private readonly trial: Order
  private readonly best: Order

  /** @param out what is held back */
  constructor(
    private readonly near: Variations,
    out: (choice: Choice) => boolean
  ) {
    const { model, problem, order } = near
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
    this.held = choices.filter((_, i) => out(problem.choices[i]!)) as Held[]
    this.regular = problem.choices.filter(out).map(regular)
    const its = { ...model, problem: { ...problem, choices } }
    this.decoding = { model: its, state: stateOf(its) }
    this.trial = orderOf(order.codes.length)
    this.best = orderOf(order.codes.length)
  }

  /** From that event time on it can be had at its regular price; Infinity: never. */
  private hold(from: number): void {
    this.held.forEach((one, i) => {
      const usual = this.regular[i]
      for (let k = 0; k < one.cash.length; k++) {
        const there = usual !== undefined && k >= from
        one.cash[k] = there ? usual.cash : Infinity
        one.value[k] = there ? usual.value : -Infinity
        one.payment[k] = usual?.payment ?? 0
        one.burden[k] = usual?.burden ?? 0
      }
    })
  }

  private tried(): number {
    const { near, decoding, trial, best } = this
    let value = -Infinity
    const keep = (met: number): void => {
      if (met <= value) return
      value = met
      copyOrder(trial, best)
    }
    for (const noise of NOISES) {
      copyOrder(near.order, trial)
      keep(decode(decoding, trial))
      if (!resupply({ decoding, around: near.around }, trial, noise)) break
      keep(decode(decoding, trial))
    }
    return value
  }

  /** Held back until a day; never bought where none is given. */
  until(day: Day | undefined): HeldPlan {
    const { events, world } = this.near.problem
    const from = day === undefined ? Infinity : events.dates.findIndex((date) => date >= day)
    this.hold(from < 0 ? Infinity : from)
    const value = this.tried()
    const { state } = this.decoding
    decode(this.decoding, this.best, true)
    const start = dayNumber(world.asOf)
    const { activities } = this.near.problem
    return {
      value,
      done: new Map(
        state.done.map(({ activity, done }) => [
          activities[activity]!.build.id,
          dayFromNumber(start + done)
        ])
      )
    }
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
