import { acquireAll, arrive, forget, guard } from './acquire'
import { goesBack, hire, termsOf, useUp, type HireTerms } from './hired'
import { takeHours } from './hours'
import { choose } from './choose'
import type { Model } from './model'
import { NEVER } from './order'
import { noteBought, savedMore } from './deals'
import { hasRoom, takeRoom } from './room'
import { isLifted, pay, type State } from './state'

const { max } = Math

/** Rounding of prices that a balance may fall short by, minor units. */
const CASH_TOLERANCE = 1e-6

/** What is about to be placed takes. */
export interface Demand extends HireTerms {
  /** −1 for what is bought by itself. */
  readonly activity: number
  /** Cost that does not change from day to day, less what selling what is replaced brings. */
  readonly cost: number
  /** Whether a price on the list changes from day to day. */
  readonly varies: boolean
  readonly earliest: number
  readonly due: number
}

/** Whether paying so much more takes the plan over the most it may pay. */
const overCap = ({ cap }: Model, state: State, cost: number): boolean =>
  state.spent + cost > cap && !isLifted(state, 'money')

/** Adds up the list; undefined where the cap does not allow it whenever it is bought. */
export function demandOf(
  model: Model,
  state: State,
  activity: number,
  notBefore: number
): Demand | undefined {
  const { problem } = model
  let [cost, regained, varies, due] = [0, 0, false, state.dueBy]
  let earliest = max(state.latest, problem.events.days[notBefore] ?? 0)
  for (const choice of state.list) {
    const one = problem.choices[choice]!
    if (one.varies) varies = true
    else cost += (state.buying[choice] as number) * (one.cash[0] as number)
    if (one.until < due) due = one.until
    if (one.from > earliest) earliest = one.from
    if (one.replaces && state.soldItems[model.replacesItem[choice] as number] === 0)
      regained += one.replaces.amount
  }
  for (const jig of state.jigs) cost += state.due[jig] as number
  if (activity >= 0) cost += state.due[activity] as number
  if (!model.deals && overCap(model, state, cost)) return undefined
  const terms = termsOf(model, state, activity)
  if (!terms) return undefined
  state.regained = regained
  return { activity, cost: cost - regained, varies, earliest, due, ...terms }
}

/** What the part of the list whose prices change comes to at an event time. */
function varyingCost({ problem }: Model, state: State, k: number): number {
  let total = 0
  for (const choice of state.list) {
    const one = problem.choices[choice]!
    if (one.varies) total += (state.buying[choice] as number) * (one.cash[k] as number)
  }
  return total
}

/** Schedules an activity with what it lacks, not before an event time; passes it over where that cannot be done. */
export function schedule(model: Model, state: State, activity: number, notBefore: number): void {
  state.inTheWay = false
  tryToSchedule(model, state, activity, notBefore)
  if (!state.inTheWay) return
  // What is hired is there too short for it: once more, as if it had gone back.
  for (const choice of [...state.inUse]) goesBack(model, state, choice)
  tryToSchedule(model, state, activity, notBefore)
}

function tryToSchedule(model: Model, state: State, activity: number, notBefore: number): void {
  state.list = []
  state.jigs = []
  state.latest = 0
  state.dueBy = NEVER
  state.beginBy = NEVER
  state.inUse = []
  state.busy[activity] = 1
  const possible = choose(model, state, activity) && acquireAll(model, state, activity)
  state.busy[activity] = 0
  if (!possible) return forget(model, state)
  if (!guard(model, state)) return
  const demand = demandOf(model, state, activity, notBefore)
  if (!demand) return forget(model, state)
  place(model, state, demand)
}

/** What the list and what is done with it take at an event time: dated prices and what deals take off included. */
function totalAt(model: Model, state: State, demand: Demand, k: number): number {
  let total = demand.cost
  if (demand.varies) total += varyingCost(model, state, k)
  if (model.deals) total -= savedMore(model.deals, model.problem, state, k)
  return total
}

/** What is paid at an event time if it can be: every later balance, the cap and the floor allow it; NaN where it cannot. */
export function payableAt(model: Model, state: State, demand: Demand, k: number): number {
  const total = totalAt(model, state, demand, k)
  const short = total > 0 && total > (state.slack[k] as number) + CASH_TOLERANCE
  // A price that varies may bring the plan over the cap on one day and not on another.
  const over =
    (demand.varies || model.deals !== undefined) && overCap(model, state, total + state.regained)
  return short || over || !hasRoom(model, state, k) ? NaN : total
}

/** Finds the first event time at which money, floor and hours allow an activity, and books it; or forgets it all. */
function place(model: Model, state: State, demand: Demand): void {
  const { events } = model.problem
  const { activity, earliest } = demand
  if (earliest >= events.horizon) return forget(model, state)
  const minutes = state.minutes[activity] as number
  let k = events.of[earliest] as number
  for (;;) {
    const total = payableAt(model, state, demand, k)
    if (Number.isNaN(total)) {
      if (++k >= events.count) return forget(model, state)
      continue
    }
    const from = max(earliest, events.days[k] as number)
    const begin = state.calendar.firstFree(from)
    if (begin < 0 && minutes > 0) return forget(model, state)
    const nothingToDo = begin < 0 || (minutes === 0 && state.jigs.length === 0)
    const there = nothingToDo ? k : (events.of[begin] as number)
    if (there <= k) return book(model, state, demand, k, { total, from })
    k = there
  }
}

/** Books an activity with its jigs and purchases at an event time. */
function book(
  model: Model,
  state: State,
  demand: Demand,
  k: number,
  { total, from }: { readonly total: number; readonly from: number }
): void {
  const { jigs, days } = state
  const { activity, hired } = demand
  if (!takeHours(model, state, demand, from)) return forget(model, state)
  buy(model, state, k, activity, total)
  if (hired > 0) useUp(model, state, hired)
  for (let i = 0; i <= jigs.length; i++)
    finish(
      model,
      state,
      i < jigs.length ? (jigs[i] as number) : activity,
      days[2 * i] as number,
      days[2 * i + 1] as number
    )
}

/** Pays for the list at an event time, and makes the purchases. @param total what is paid then, what is regained taken off */
export function buy(model: Model, state: State, k: number, activity: number, total: number): void {
  state.spent += total + state.regained
  if (total !== 0) pay(state, k, total)
  if (model.deals) {
    state.value += model.keptMoneyWorth * savedMore(model.deals, model.problem, state, k)
    noteBought(model.deals, state, k)
  }
  commit(model, state, k, activity)
}

/** Makes the purchases on the list at an event time. */
export function commit(model: Model, state: State, k: number, activity: number): void {
  const { choices, events } = model.problem
  const day = events.days[k] as number
  // Sold now it counts in full; at the end it would have counted as what is sold then.
  const gained = model.keptMoneyWorth * (1 - model.endOfService)
  for (const choice of state.list) {
    const one = choices[choice]!
    const count = state.buying[choice] as number
    state.buying[choice] = 0
    state.used[choice] = 1
    state.count[choice]! += count
    takeRoom(model, state, choice, count, k)
    if (one.makes) continue
    state.value += count * (one.value[k] as number)
    const item = model.replacesItem[choice] as number
    if (one.replaces && state.soldItems[item] === 0) {
      state.soldItems[item] = 1
      if (state.recording) state.sold.push({ ...one.replaces, event: k })
      state.value += one.replaces.amount * gained
    }
    if (one.hire) {
      const begins = activity < 0 ? day : (state.days[0] as number)
      if (state.recording) state.bought.push({ choice, count, event: k, activity, day: begins })
      hire(model, state, choice, begins)
      if (!state.inUse.includes(choice)) state.inUse.push(choice)
      continue
    }
    if (state.recording) state.bought.push({ choice, count, event: k, activity })
    arrive(model, state, choice, day, one.until)
  }
  state.list = []
}

/** What a build that is kept is worth on the day it is done, apart from what it takes. */
function worthOn(model: Model, activity: number, done: number): number {
  const one = model.problem.activities[activity]!
  if (one.sold || one.worth <= 0) return 0
  const late = max(0, done - one.wished)
  const lost = late > 0 ? late * model.latenessPerDay : 0
  return max(0, one.worth * (1 - lost))
}

/** Money from the sale of an activity: what flows back counts as money kept, the rest in full, when it comes. */
function sell(model: Model, state: State, activity: number, done: number): void {
  const { events, activities } = model.problem
  const { sold, worth } = activities[activity]!
  if (!sold) return
  const day = done + sold.afterDays
  if (day >= events.horizon || done > sold.due) return
  const { back } = sold
  state.value += (events.discount[day] as number) * (model.keptMoneyWorth * back + worth - back)
  const k = events.next[day] as number
  if (k < events.count) pay(state, k, -back)
}

/** The method chosen for each step of an activity. */
function methodsChosen(
  { problem, activitySteps, stepWays, waySlots }: Model,
  { chosen, chosenWay }: State,
  activity: number
): string[] {
  const first = activitySteps[activity] as number
  return problem.activities[activity]!.steps.map(({ ways }, i) => {
    const way = chosenWay[first + i] as number
    const { method } = ways[way - (stepWays[first + i] as number)]!
    return method ?? problem.modes[chosen[waySlots[way] as number] as number]!.method
  })
}

/** An activity is done: its effort and dues count, it earns its worth, and what it makes is there. */
function finish(model: Model, state: State, activity: number, begin: number, done: number): void {
  const { events, activities, choices } = model.problem
  const { yields } = activities[activity]!
  state.scheduled[activity] = 1
  const due = state.due[activity] as number
  const elsewhere = (state.takes[activity] as number) - due
  const net = worthOn(model, activity, done) - (state.effort[activity] as number) - elsewhere
  state.value +=
    (net > 0 ? (events.discount[done] as number) * net : net) - model.keptMoneyWorth * due
  sell(model, state, activity, done)
  if (yields >= 0) {
    if (!state.used[yields]) {
      state.used[yields] = 1
      const list = model.feeds[yields] as Int32Array
      for (let i = 0; i < list.length; i += 2)
        state.have[list[i] as number]! += list[i + 1] as number
      state.count[yields]!++
    }
    state.value += choices[yields]!.value[events.of[done] as number] as number
    arrive(model, state, yields, done, NEVER)
  }
  if (!state.recording) return
  state.done.push({ activity, begin, done, methods: methodsChosen(model, state, activity) })
}
