import type { Model } from './model'
import { isLifted, type State } from './state'

/** Rounding of floor, m². */
const TOLERANCE = 1e-9

/** Whether floor limits anything. */
export const floorBinds = ({ floorLimit }: Model, state: State): boolean =>
  floorLimit < Infinity && !isLifted(state, 'space')

/** Floor that one of a choice takes from an event time on for good: less what is sold when it takes its place. */
const forGood = (
  { problem, replacesItem }: Model,
  { soldItems }: State,
  choice: number
): number => {
  const { storedM2, entries } = problem.choices[choice]!
  const freed =
    soldItems[replacesItem[choice] as number] === 0 ? (entries[0]?.tool.storedM2 ?? 0) : 0
  return storedM2 - freed
}

/** Adds so many of a choice, bought at an event time, to the floor taken from then until it goes back. */
function lay(model: Model, state: State, choice: number, count: number, k: number): void {
  const { events, choices } = model.problem
  const { until, storedM2 } = choices[choice]!
  const stays = until >= events.horizon
  const each = stays ? forGood(model, state, choice) : storedM2
  if (each === 0) return
  for (let j = k; j < events.count && (stays || (events.days[j] as number) < until); j++)
    state.floor[j]! += each * count
}

/** Whether what is on the list finds room from an event time on. */
export function hasRoom(model: Model, state: State, k: number): boolean {
  if (!floorBinds(model, state) || state.list.length === 0) return true
  const { choices } = model.problem
  if (!state.list.some((choice) => choices[choice]!.storedM2 > 0)) return true
  const before = state.floor.slice(k)
  for (const choice of state.list) lay(model, state, choice, state.buying[choice] as number, k)
  let fits = true
  for (let j = k; j < state.floor.length && fits; j++)
    fits = (state.floor[j] as number) <= model.floorLimit + TOLERANCE
  state.floor.set(before, k)
  return fits
}

/** Books the floor of so many of a choice. Before what it replaces counts as sold. */
export function takeRoom(
  model: Model,
  state: State,
  choice: number,
  count: number,
  k: number
): void {
  if (floorBinds(model, state)) lay(model, state, choice, count, k)
}
