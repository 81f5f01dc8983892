import { add, guard, permit } from './acquire'
import { afterwards } from './afterwards'
import { modelOf, type Model } from './model'
import { eventOf, hasteOf, isAhead, type Order } from './order'
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

/** All that comes before the order: what is pinned, and what has been begun. */
export function begin({ model, state }: Decoding): void {
  const { activities } = model.problem
  reset(model, state)
  buyPinned(model, state)
  for (let activity = 0; activity < activities.length; activity++)
    if (activities[activity]?.begun) schedule(model, state, activity, 0)
}

/** Reads one entry of an order. */
export function readEntry({ model, state }: Decoding, { codes, genes }: Order, at: number): void {
  const code = codes[at] as number
  const gene = genes[at] as number
  if (code < 0) {
    if (isAhead(gene)) buyAhead(model, state, -1 - code, eventOf(gene))
    permit(model, state, -1 - code)
  } else if (state.scheduled[code] === 0) {
    state.haste = hasteOf(gene)
    schedule(model, state, code, eventOf(gene))
    state.haste = 0
  }
}

/** What a decoding comes to when all entries are read. */
export const conclude = ({ model, state }: Decoding): number =>
  (state.value += afterwards(model, state))

/**
 * Reads an order as a plan by the **serial schedule generation scheme** (Kelley 1963; Kolisch 1996) with lazy buying: activities take
 * their best modes over what is there and what the order permits; only what an activity uses is bought, at the first event time when
 * hours and every later balance allow.
 * @param record keeps what is bought, sold and done in the state
 * @returns the objective, minor units at today's worth
 */
export function decode(decoding: Decoding, order: Order, record = false): number {
  decoding.state.recording = record
  begin(decoding)
  for (let i = 0; i < order.length; i++) readEntry(decoding, order, i)
  return conclude(decoding)
}
