import { dayNumber } from '../calendar'
import type { Model } from './model'
import { NEVER } from './order'
import type { Problem } from './problem'
import type { State } from './state'

/**
 * **What is hired**: it is there from the day the first thing begins that it is hired for, for the days of its stretch, and holds so many
 * minutes of work. A build that needs it begins in these days: what is done with it is gathered there, the rest may come after.
 */

/** What can be hired, as arrays. */
export interface Hires {
  /** Choices that are hires. */
  readonly choices: readonly number[]
  /** Per choice: days of its stretch, 0 where it is bought; the last day of what is paid for already; minutes of work. */
  readonly days: Int32Array
  readonly ends: Int32Array
  readonly minutes: Float64Array
}

/** The hires of a problem; undefined where there are none. */
export function hiresOf({ choices, world }: Problem): Hires | undefined {
  const hired = choices.flatMap(({ hire }, i) => (hire ? [i] : []))
  if (hired.length === 0) return undefined
  const start = dayNumber(world.asOf)
  return {
    choices: hired,
    days: Int32Array.from(choices, ({ hire }) => hire?.days ?? 0),
    ends: Int32Array.from(choices, ({ hire }) =>
      hire?.from !== undefined && hire.until !== undefined ? dayNumber(hire.until) - start : NEVER
    ),
    minutes: Float64Array.from(choices, ({ hire }) => hire?.minutes ?? 0)
  }
}

/** The last day of a hire that begins on a day. */
export const endOfHire = ({ days, ends }: Hires, choice: number, day: number): number =>
  Math.min(ends[choice] as number, day + (days[choice] as number) - 1)

/** Whether a requirement is met by something hired: there already, or on the list. */
function isHired(model: Model, state: State, requirement: number): boolean {
  if ((state.hiredBy[requirement] as number) > 0) return true
  const { days } = model.hires!
  return state.list.some((choice) => {
    if ((days[choice] as number) === 0) return false
    const list = model.feeds[choice] as Int32Array
    for (let i = 0; i < list.length; i += 2) if (list[i] === requirement) return true
    return false
  })
}

/** Minutes of the steps of an activity that are done with something hired. */
function minutesHired(model: Model, state: State, activity: number): number {
  const { activitySteps, waySlots, wayMinutes, modeMinutes, modeFirst, modeRequires } = model
  const end = activitySteps[activity + 1] as number
  let total = 0
  for (let step = activitySteps[activity] as number; step < end; step++) {
    const way = state.chosenWay[step] as number
    let minutes = wayMinutes[way] as number
    let hired = false
    for (let slot = waySlots[way] as number; slot < (waySlots[way + 1] as number); slot++) {
      const mode = state.chosen[slot] as number
      minutes += modeMinutes[mode] as number
      for (let i = modeFirst[mode] as number; i < (modeFirst[mode + 1] as number); i++)
        if (isHired(model, state, modeRequires[i] as number)) hired = true
    }
    if (hired) total += minutes
  }
  return total
}

/** Minutes that an activity and the jigs before it take of what is hired; 0 where nothing is. */
function hiredMinutes(model: Model, state: State, activity: number): number {
  if (activity < 0) return 0
  let total = minutesHired(model, state, activity)
  for (const jig of state.jigs) total += minutesHired(model, state, jig)
  return total
}

/** What hires ask of the activity in hand. */
export interface HireTerms {
  /** Last day on which it may begin, and within how many days of the first beginning. */
  readonly beginBy: number
  readonly stretch: number
  /** Minutes it takes of what is hired. */
  readonly hired: number
}
const NO_TERMS: HireTerms = { beginBy: NEVER, stretch: NEVER, hired: 0 }

/** What the hires in use and on the list ask of the activity in hand; undefined where they do not hold its minutes. */
export function termsOf(model: Model, state: State, activity: number): HireTerms | undefined {
  const { hires } = model
  if (!hires) return NO_TERMS
  const hired = hiredMinutes(model, state, activity)
  if (hired > 0 && !holds(model, state, hired)) return undefined
  let [beginBy, stretch] = [state.beginBy, NEVER]
  for (const choice of state.list) {
    const days = hires.days[choice] as number
    if (days === 0) continue
    stretch = Math.min(stretch, days)
    beginBy = Math.min(beginBy, hires.ends[choice] as number)
  }
  return { beginBy, stretch, hired }
}

/** Whether what is hired, and what is about to be, holds so many minutes; what is there and does not is noted as in the way. */
function holds({ hires }: Model, state: State, minutes: number): boolean {
  if (!hires) return true
  if (state.inUse.some((choice) => (state.hiredLeft[choice] as number) < minutes)) {
    state.inTheWay = true
    return false
  }
  return state.list.every(
    (choice) =>
      (hires.days[choice] as number) === 0 ||
      (hires.minutes[choice] as number) * (state.buying[choice] as number) >= minutes
  )
}

/** A hire begins: from a day on it counts for what it serves and is not there otherwise. */
export function hire(model: Model, state: State, choice: number, day: number): void {
  const { hires, feeds, need } = model
  const end = endOfHire(hires!, choice, day)
  state.hiredLeft[choice] = hires!.minutes[choice] as number
  state.hiredUntil[choice] = end
  const list = feeds[choice] as Int32Array
  for (let i = 0; i < list.length; i += 2) {
    const requirement = list[i] as number
    state.newest[requirement] = Math.max(state.newest[requirement] as number, day)
    const isMet = (state.have[requirement] as number) >= (need[requirement] as number)
    if (!isMet || (state.ready[requirement] as number) < NEVER) continue
    state.ready[requirement] = day
    state.lasts[requirement] = end
    state.hiredBy[requirement] = choice + 1
  }
}

/** Takes minutes of work from every hire in use. */
export function useUp({ hires }: Model, state: State, minutes: number): void {
  if (hires) for (const choice of state.inUse) state.hiredLeft[choice]! -= minutes
}

/** It has gone back: what it alone served is there no more. */
export function goesBack(model: Model, state: State, choice: number): void {
  const { feeds, need } = model
  const count = state.count[choice] as number
  // What was paid for already is there once only.
  if ((model.hires!.ends[choice] as number) >= NEVER) state.count[choice] = 0
  state.hiredUntil[choice] = 0
  const list = feeds[choice] as Int32Array
  for (let i = 0; i < list.length; i += 2) {
    const requirement = list[i] as number
    state.have[requirement]! -= (list[i + 1] as number) * count
    if (state.hiredBy[requirement] !== choice + 1) continue
    state.hiredBy[requirement] = 0
    const isMet = (state.have[requirement] as number) >= (need[requirement] as number)
    const other = isMet ? servedBy(model, state, requirement) : -1
    state.lasts[requirement] = other < 0 ? NEVER : (state.hiredUntil[other] as number)
    if (other >= 0) state.hiredBy[requirement] = other + 1
    if (!isMet) state.ready[requirement] = NEVER
  }
  state.inUse = state.inUse.filter((one) => one !== choice)
}
/** Another hire that is there and serves for a requirement; −1 for none. */
function servedBy({ feeds, hires }: Model, state: State, requirement: number): number {
  for (const choice of hires!.choices) {
    if ((state.hiredUntil[choice] as number) === 0) continue
    const list = feeds[choice] as Int32Array
    for (let i = 0; i < list.length; i += 2) if (list[i] === requirement) return choice
  }
  return -1
}
