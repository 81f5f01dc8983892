import { add, guard, permit } from './acquire'
import { modelOf, type Model } from './model'
import type { Order } from './order'
import { commit, schedule } from './place'
import type { Problem } from './problem'
import { pay, reset, stateOf, type State } from './state'

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
    pay(state, event, total)
    commit(model, state, event, -1)
  }
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
    if (code < 0) permit(model, state, -1 - code)
    else if (state.scheduled[code] === 0) schedule(model, state, code, order.notBefore[i] as number)
  }
  return state.value
}
