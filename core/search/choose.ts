import type { Model } from './model'
import { NEVER } from './order'
import type { State } from './state'

/** Fractions of a minute below this are what adding up leaves behind. */
const MINUTE_TOLERANCE = 1e-9

/**
 * The mode of a step that costs least as things stand, with what has to be bought along and what its worth loses while it waits; −1 where
 * each requires something that is neither there nor permitted. Modes stand cheapest first.
 */
function cheapestMode(model: Model, state: State, step: number, worth: number): number {
  const { modeFirst, modeRequires, modeCost, alongCost, discount } = model
  const { ready, permitted } = state
  const last = model.stepLast[step] as number
  let best = Infinity
  let pick = -1
  for (let mode = model.stepFirst[step] as number; mode < last; mode++) {
    let cost = modeCost[mode] as number
    if (cost >= best) break
    const stop = modeFirst[mode + 1] as number
    let wait = 0
    let i = modeFirst[mode] as number
    for (; i < stop; i++) {
      const requirement = modeRequires[i] as number
      const from = ready[requirement] as number
      if (from < NEVER) {
        if (from > wait) wait = from
      } else if ((permitted[requirement] as number) > 0) cost += alongCost[requirement] as number
      else break
    }
    if (i < stop) continue
    if (wait > 0) cost += worth * (1 - (discount[wait] as number))
    if (cost >= best) continue
    best = cost
    pick = mode
  }
  return pick
}

/** Takes for each step of an activity the mode that costs least; false where a step has none that is open. */
export function choose(model: Model, state: State, activity: number): boolean {
  const { activitySteps, modeMinutes, modeEffort, modePay } = model
  const worth = model.worth[activity] as number
  const end = activitySteps[activity + 1] as number
  let [minutes, effort, paid] = [0, 0, 0]
  for (let step = activitySteps[activity] as number; step < end; step++) {
    const pick = cheapestMode(model, state, step, worth)
    if (pick < 0) return false
    state.chosen[step] = pick
    minutes += modeMinutes[pick] as number
    effort += modeEffort[pick] as number
    paid += modePay[pick] as number
  }
  const one = model.problem.activities[activity]!
  const whole = Math.ceil(minutes - MINUTE_TOLERANCE)
  state.minutes[activity] = Math.max(0, whole - one.spentMinutes)
  state.effort[activity] = effort
  state.due[activity] = one.begun ? 0 : one.material + paid
  return true
}
