import type { Floor } from './floor'
import type { Model } from './model'
import { isLifted, type State } from './state'

/** Whether floor limits anything. */
export const floorBinds = (model: Model, state: State): boolean =>
  model.floor !== undefined && !isLifted(state, 'space')

/** Floor that one of a choice takes from an event time on for good: less what is sold when it takes its place. */
const forGood = (
  { replacesItem }: Model,
  { takes, frees }: Floor,
  { soldItems }: State,
  choice: number
): number =>
  (takes[choice] as number) -
  (soldItems[replacesItem[choice] as number] === 0 ? (frees[choice] as number) : 0)

/** Adds so many of a choice, bought at an event time, to the floor taken from then until it goes back. */
function lay(model: Model, state: State, choice: number, count: number, k: number): void {
  const { floor } = model
  if (!floor) return
  const { events, choices } = model.problem
  const { until } = choices[choice]!
  const stays = until >= events.horizon
  const each = stays ? forGood(model, floor, state, choice) : (floor.takes[choice] as number)
  if (each === 0) return
  for (let j = k; j < events.count && (stays || (events.days[j] as number) < until); j++)
    state.floor[j]! += each * count
}

/** Whether what is on the list finds room from an event time on. */
export function hasRoom(model: Model, state: State, k: number): boolean {
  const { floor } = model
  if (!floor || !floorBinds(model, state)) return true
  if (!state.list.some((choice) => (floor.takes[choice] as number) > 0)) return true
  const before = state.floor.slice(k)
  for (const choice of state.list) lay(model, state, choice, state.buying[choice] as number, k)
  let fits = true
  for (let j = k; j < state.floor.length && fits; j++)
    fits = (j > k && state.floor[j] === state.floor[j - 1]) || floor.goes(state.floor[j] as number)
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
