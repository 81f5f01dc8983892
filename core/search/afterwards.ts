import { countedWorthOf, type Model } from './model'
import { NEVER } from './order'
import type { State } from './state'

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

/** What one more piece brings with what is owned for good, in the cheapest ways that are open then; 0 where it cannot be made. */
function netOf(model: Model, state: State, activity: number): number {
  const { problem, activitySteps } = model
  const { material } = problem.activities[activity]!
  let net = countedWorthOf(model, activity) - (model.payTimes[activity] as number) * material
  const end = activitySteps[activity + 1] as number
  for (let step = activitySteps[activity] as number; step < end && net > -Infinity; step++)
    net -= openWay(model, state, step)
  return Math.max(0, net)
}

/** The years after: what one more piece of each kind would bring. */
export function afterwards(model: Model, state: State): number {
  const { after, afterTimes } = model.problem
  let total = 0
  for (let i = 0; i < after.length; i++) total += netOf(model, state, after[i] as number)
  return total * afterTimes
}
