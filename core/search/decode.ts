import { add, guard, permit } from './acquire'
import { countedWorthOf, modelOf, type Model } from './model'
import { NEVER, eventOf, hasteOf, isAhead, type Order } from './order'
import { buyAhead } from './ahead'
import { savedMore } from './deals'
import { buy, schedule } from './place'
import type { Problem } from './problem'
import { reset, stateOf, type State } from './state'

/** A problem with the state its orders are decoded in. */
export interface Decoding {
  readonly model: Model
  readonly state: State
}

export function decodingOf(problem: Problem): Decoding {
  const model = modelOf(problem)
  return { model, state: stateOf(model) }
}

/** What the user has pinned is bought on its day, with the protection it needs; in order of the days, since an earlier one serves later ones. */
function buyPinned(model: Model, state: State): void {
  const { choices, pins } = model.problem
  for (const { choice, event, count } of pins) {
    state.list = []
    add(model, state, choice, count)
    if (!guard(model, state)) continue
    let total = 0
    for (const one of state.list)
      total += (state.buying[one] as number) * (choices[one]?.cash[event] ?? Infinity)
    if (!Number.isFinite(total)) continue
    // What is pinned together may be in a deal, and counts towards the cap like all that is bought.
    if (model.deals) total -= savedMore(model.deals, model.problem, state, event)
    state.regained = 0
    buy(model, state, event, -1, total)
  }
}

/** What the cheapest mode of a slot costs that is open with what is owned for good; Infinity where none is. */
function openMode(model: Model, { ready, lasts }: State, slot: number): number {
  const { modeFirst, modeRequires, slotFirst, slotLast, modeCost } = model
  const last = slotLast[slot] as number
  for (let mode = slotFirst[slot] as number; mode < last; mode++) {
    const stop = modeFirst[mode + 1] as number
    let i = modeFirst[mode] as number
    for (; i < stop; i++) {
      const requirement = modeRequires[i] as number
      if (ready[requirement] === NEVER || lasts[requirement] !== NEVER) break
    }
    if (i === stop) return modeCost[mode] as number
  }
  return Infinity
}

/** What the cheapest way of a step costs that is open with what is owned for good. */
function openWay(model: Model, state: State, step: number): number {
  const { stepWays, waySlots, wayExtra } = model
  const last = stepWays[step + 1] as number
  let best = Infinity
  for (let way = stepWays[step] as number; way < last; way++) {
    let cost = wayExtra[way] as number
    const stop = waySlots[way + 1] as number
    for (let slot = waySlots[way] as number; slot < stop && cost < best; slot++)
      cost += openMode(model, state, slot)
    if (cost < best) best = cost
  }
  return best
}

/**
 * The years after: what one more piece of each kind would bring with what is owned for good, in the cheapest ways that are open then;
 * nothing where one cannot be made.
 */
function afterwards(model: Model, state: State): number {
  const { problem, activitySteps } = model
  let total = 0
  for (const activity of problem.after) {
    const one = problem.activities[activity]!
    let net = countedWorthOf(model, activity) - (model.payTimes[activity] as number) * one.material
    const end = activitySteps[activity + 1] as number
    for (let step = activitySteps[activity] as number; step < end && net > -Infinity; step++)
      net -= openWay(model, state, step)
    if (net > 0) total += net
  }
  return total * problem.afterTimes
}

/**
 * Reads an order as a plan by the **serial schedule generation scheme** (Kelley 1963; Kolisch 1996) with lazy buying: activities take
 * their best modes over what is there and what the order permits; only what an activity uses is bought, at the first event time when
 * hours and every later balance allow.
 * @param record keeps what is bought, sold and done in the state
 * @returns the objective, minor units at today's worth
 */
export function decode({ model, state }: Decoding, order: Order, record = false): number {
  const { activities } = model.problem
  state.recording = record
  reset(model, state)
  buyPinned(model, state)
  for (let activity = 0; activity < activities.length; activity++)
    if (activities[activity]?.begun) schedule(model, state, activity, 0)
  for (let i = 0; i < order.length; i++) {
    const code = order.codes[i] as number
    const gene = order.genes[i] as number
    if (code < 0) {
      if (isAhead(gene)) buyAhead(model, state, -1 - code, eventOf(gene))
      permit(model, state, -1 - code)
    } else if (state.scheduled[code] === 0) {
      state.perMinute = model.hasteRates[hasteOf(gene)] as number
      schedule(model, state, code, eventOf(gene))
      state.perMinute = 0
    }
  }
  return (state.value += afterwards(model, state))
}
