import { PREFERS_OWNED, type Model } from './model'
import { NEVER } from './order'
import type { State } from './state'

/** Fractions of a minute below this are what adding up leaves behind. */
const MINUTE_TOLERANCE = 1e-9

/**
 * Takes for a slot the mode that costs least as things stand, with what has to be bought along and what its worth loses while it waits.
 * What the order lets be bought costs nothing here: whether it pays for all that use it is the order's question.
 * Modes stand cheapest first; in haste their minutes count as well.
 * @returns what it costs; Infinity where each requires something that is neither there nor permitted
 */
function cheapestMode(model: Model, state: State, slot: number, worth: number): number {
  const { modeFirst, modeRequires, modeCost, modeMinutes, along, alongCost, discount } = model
  const { ready, permitted } = state
  const perMinute = model.hasteRates[state.haste] as number
  const last = model.slotLast[slot] as number
  let best = Infinity
  for (let mode = model.slotFirst[slot] as number; mode < last; mode++) {
    let cost = modeCost[mode] as number
    if (cost >= best) break
    if (perMinute > 0) cost += perMinute * (modeMinutes[mode] as number)
    const stop = modeFirst[mode + 1] as number
    let wait = 0
    let i = modeFirst[mode] as number
    for (; i < stop; i++) {
      const requirement = modeRequires[i] as number
      const from = ready[requirement] as number
      if (from < NEVER) {
        if (from > wait) wait = from
      } else if ((permitted[requirement] as number) > (along[requirement] as number))
        cost += PREFERS_OWNED
      else if (along[requirement] === 1) cost += alongCost[requirement] as number
      else break
    }
    if (i < stop) continue
    if (wait > 0) cost += worth * (1 - (discount[wait] as number))
    if (cost >= best) continue
    best = cost
    state.chosen[slot] = mode
  }
  return best
}

/** Takes for a step the way that costs least, with the cheapest mode for each of its slots; −1 where none is open. */
function cheapestWay(model: Model, state: State, step: number, worth: number): number {
  const { stepWays, waySlots, wayExtra } = model
  const last = stepWays[step + 1] as number
  let best = Infinity
  let pick = -1
  for (let way = stepWays[step] as number; way < last; way++) {
    let cost = wayExtra[way] as number
    const stop = waySlots[way + 1] as number
    for (let slot = waySlots[way] as number; slot < stop && cost < best; slot++)
      cost += cheapestMode(model, state, slot, worth)
    if (cost >= best) continue
    best = cost
    pick = way
  }
  return pick
}

/** Takes for each step of an activity the way that costs least; false where a step has none that is open. */
export function choose(model: Model, state: State, activity: number): boolean {
  const { activitySteps, waySlots, wayExtra, wayMinutes, modeMinutes, modeEffort, modePay } = model
  const worth = model.worth[activity] as number
  const end = activitySteps[activity + 1] as number
  let [minutes, effort, paid] = [0, 0, 0]
  for (let step = activitySteps[activity] as number; step < end; step++) {
    const way = cheapestWay(model, state, step, worth)
    if (way < 0) return false
    state.chosenWay[step] = way
    effort += wayExtra[way] as number
    minutes += wayMinutes[way] as number
    const stop = waySlots[way + 1] as number
    for (let slot = waySlots[way] as number; slot < stop; slot++) {
      const mode = state.chosen[slot] as number
      minutes += modeMinutes[mode] as number
      effort += modeEffort[mode] as number
      paid += modePay[mode] as number
    }
  }
  const one = model.problem.activities[activity]!
  const whole = Math.ceil(minutes - MINUTE_TOLERANCE)
  state.minutes[activity] = Math.max(0, whole - one.spentMinutes)
  state.effort[activity] = effort
  state.takes[activity] = one.begun ? 0 : one.material + paid
  state.due[activity] = one.fromPurse ? (state.takes[activity] as number) : 0
  return true
}
