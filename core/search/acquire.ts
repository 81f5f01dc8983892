import { choose } from './choose'
import type { Model } from './model'
import { NEVER } from './order'
import type { State } from './state'

const { ceil, max, min } = Math

/** Lets a choice be bought from now on. */
export function permit({ feeds }: Model, state: State, choice: number): void {
  if (state.pending[choice] === 1) return
  state.pending[choice] = 1
  const list = feeds[choice] as Int32Array
  for (let i = 0; i < list.length; i += 2) state.permitted[list[i] as number]!++
}

/** Takes that back. */
function forbid({ feeds }: Model, state: State, choice: number): void {
  state.pending[choice] = 0
  const list = feeds[choice] as Int32Array
  for (let i = 0; i < list.length; i += 2) state.permitted[list[i] as number]!--
}

/** Puts so many of a choice on the list and counts them towards everything they serve; taken back by `forget`. */
export function add({ feeds }: Model, state: State, choice: number, count: number): void {
  if (state.buying[choice] === 0) state.list.push(choice)
  state.buying[choice]! += count
  const list = feeds[choice] as Int32Array
  for (let i = 0; i < list.length; i += 2)
    state.have[list[i] as number]! += (list[i + 1] as number) * count
}

/** Takes everything off the list. */
export function forget({ feeds }: Model, state: State): void {
  for (const choice of state.list) {
    const count = state.buying[choice] as number
    state.buying[choice] = 0
    const list = feeds[choice] as Int32Array
    for (let i = 0; i < list.length; i += 2)
      state.have[list[i] as number]! -= (list[i + 1] as number) * count
  }
  state.list = []
}

/** Whether a choice can be had at all: made by an activity that can be done, or for sale at some time. */
function canBeHad(model: Model, state: State, choice: number): boolean {
  const { choices, maker } = model.problem
  if (model.makes[choice] === 1) {
    const jig = maker[choice] as number
    return jig >= 0 && makeWithoutItself(model, state, choice, jig)
  }
  const { cash, varies } = choices[choice]!
  return varies || (cash[0] as number) < Infinity
}

/** How many of a choice a requirement still lacks; no more than there are to be had. */
function lacking(model: Model, state: State, requirement: number, i: number): number {
  const choice = model.feeders[requirement]![i] as number
  const units = model.units[requirement]![i] as number
  const short = (model.need[requirement] as number) - (state.have[requirement] as number)
  const count = ceil(short / units)
  if (model.single[choice] === 0) return count
  return min(count, 1 - (state.count[choice] as number) - (state.buying[choice] as number))
}

/** What is hired is hired on purpose, never bought along. */
const isHire = ({ hires }: Model, choice: number): boolean =>
  hires !== undefined && (hires.days[choice] as number) > 0

/** Puts on the list what a requirement lacks, of choices that are permitted (or, `along`, of any). Whether it is then met. */
function fill(model: Model, state: State, requirement: number, along: boolean): boolean {
  const feeders = model.feeders[requirement] as Int32Array
  const need = model.need[requirement] as number
  for (let i = 0; i < feeders.length; i++) {
    const choice = feeders[i] as number
    if (state.pending[choice] === 0 && (!along || isHire(model, choice))) continue
    const count = lacking(model, state, requirement, i)
    if (count <= 0 || !canBeHad(model, state, choice)) continue
    add(model, state, choice, count)
    if ((state.have[requirement] as number) >= need) {
      state.latest = max(state.latest, state.newest[requirement] as number)
      return true
    }
  }
  return false
}

/** Puts on the list what a requirement lacks: what is permitted first, else the cheapest where it is bought along. */
export function acquire(model: Model, state: State, requirement: number): boolean {
  if ((state.have[requirement] as number) >= (model.need[requirement] as number)) {
    const from = state.ready[requirement] as number
    if (from < NEVER) state.latest = max(state.latest, from)
    return true
  }
  if (fill(model, state, requirement, false)) return true
  return model.along[requirement] === 1 && fill(model, state, requirement, true)
}

/** Buys along the protection of everything on the list; forgets it all where that cannot be had. */
export function guard(model: Model, state: State): boolean {
  for (let i = 0; i < state.list.length; i++)
    for (const requirement of model.problem.guards[state.list[i] as number] ?? [])
      if (requirement < 0 || !acquire(model, state, requirement)) {
        forget(model, state)
        return false
      }
  return true
}

/** Makes a jig; what it is to become is not there to make it with. */
function makeWithoutItself(model: Model, state: State, choice: number, jig: number): boolean {
  const permitted = state.pending[choice] === 1
  if (permitted) forbid(model, state, choice)
  const made = make(model, state, jig)
  if (permitted) permit(model, state, choice)
  return made
}

/** Chooses the modes of a jig's own steps and puts it before the activity in hand. */
function make(model: Model, state: State, activity: number): boolean {
  if (state.busy[activity] === 1) return false
  if (state.scheduled[activity] === 1 || state.jigs.includes(activity)) return true
  state.busy[activity] = 1
  const ok = choose(model, state, activity) && acquireAll(model, state, activity)
  state.busy[activity] = 0
  if (ok) state.jigs.push(activity)
  return ok
}

/** Puts on the list everything the chosen modes of an activity lack. */
export function acquireAll(model: Model, state: State, activity: number): boolean {
  const { activitySteps, waySlots } = model
  const end = activitySteps[activity + 1] as number
  for (let step = activitySteps[activity] as number; step < end; step++) {
    const way = state.chosenWay[step] as number
    const stop = waySlots[way + 1] as number
    for (let slot = waySlots[way] as number; slot < stop; slot++)
      if (!acquireFor(model, state, state.chosen[slot] as number)) return false
  }
  return true
}

/** Puts on the list everything one mode lacks. */
function acquireFor(model: Model, state: State, mode: number): boolean {
  const { modeFirst, modeRequires } = model
  const stop = modeFirst[mode + 1] as number
  for (let i = modeFirst[mode] as number; i < stop; i++) {
    const requirement = modeRequires[i] as number
    if (!acquire(model, state, requirement)) return false
    const last = state.lasts[requirement] as number
    if (last >= NEVER || (state.ready[requirement] as number) >= NEVER) continue
    const by = (state.hiredBy[requirement] as number) - 1
    if (by < 0) state.dueBy = min(state.dueBy, last)
    else {
      state.beginBy = min(state.beginBy, last)
      if (!state.inUse.includes(by)) state.inUse.push(by)
    }
  }
  return true
}

/** From a day on a choice counts for what it serves. @param until last day it is there, `NEVER` where it stays */
export function arrive(
  model: Model,
  state: State,
  choice: number,
  day: number,
  until: number
): void {
  const list = model.feeds[choice] as Int32Array
  const stays = until >= NEVER
  for (let i = 0; i < list.length; i += 2) {
    const requirement = list[i] as number
    const need = model.need[requirement] as number
    const newest = max(state.newest[requirement] as number, day)
    state.newest[requirement] = newest
    if ((state.have[requirement] as number) < need) continue
    const here = need === 1 ? day : newest
    const known = state.ready[requirement] as number
    if (known === NEVER || (stays && (state.lasts[requirement] as number) < NEVER)) {
      state.ready[requirement] = here
      state.lasts[requirement] = stays ? NEVER : until
      state.hiredBy[requirement] = 0
    } else if (stays && here < known) state.ready[requirement] = here
  }
}
