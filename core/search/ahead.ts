import { add, forget, guard } from './acquire'
import type { Model } from './model'
import { NEVER } from './order'
import { buy, demandOf, payableAt } from './place'
import type { State } from './state'

/** How many of a choice are bought by themselves: what the requirement asks that it comes nearest to meeting. */
function countOf({ feeds, need, single }: Model, state: State, choice: number): number {
  const list = feeds[choice] as Int32Array
  let least = Infinity
  for (let i = 0; i < list.length; i += 2) {
    const short = (need[list[i] as number] as number) - (state.have[list[i] as number] as number)
    if (short > 0) least = Math.min(least, Math.ceil(short / (list[i + 1] as number)))
  }
  if (least === Infinity) return 0
  return single[choice] === 1 ? Math.min(1 - (state.count[choice] as number), least) : least
}

/**
 * Buys a choice by itself, with the protection it needs, at the first event time from one on at which it can be had and paid for: in a
 * sale, before a find is gone, or with something that a deal holds for as well. Passes it over where nothing needs it or it cannot be.
 */
export function buyAhead(model: Model, state: State, choice: number, event: number): void {
  const { events, choices } = model.problem
  if (choices[choice]!.makes || choices[choice]!.hire) return
  const count = countOf(model, state, choice)
  if (count <= 0) return
  state.list = []
  state.jigs = []
  state.latest = 0
  state.dueBy = NEVER
  state.beginBy = NEVER
  state.inUse = []
  add(model, state, choice, count)
  if (!guard(model, state)) return
  const demand = state.jigs.length > 0 ? undefined : demandOf(model, state, -1, event)
  if (demand && demand.earliest < events.horizon)
    for (let k = events.of[demand.earliest] as number; k < events.count; k++) {
      if ((events.days[k] as number) > demand.due) break
      const total = payableAt(model, state, demand, k)
      if (Number.isNaN(total)) continue
      return buy(model, state, k, -1, total)
    }
  forget(model, state)
}
