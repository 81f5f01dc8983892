import { FAMILIES, SKILLS, type Method } from '../catalogue'
import { decode, type Decoding } from './decode'
import { copyOrder, moveEntries, orderOf, type Order } from './order'

/** Builds whose worths differ by no more than this many times are of like worth. */
const LIKE = 2
/** What putting the easier one first may cost at most, as a share of the worth of the harder one: about what a week's wait costs it. */
const MAY_COST = 0.006
/** Builds whose demands differ by less are equally hard; 0 is anyone's work, 2 the craft itself. */
const HARDER = 0.1
/** Times the builds are gone over at most. */
const PASSES = 6

/** How much a method asks of somebody who is not at home with its family. */
function demandOf({ skill, family }: Method, atHome: ReadonlySet<string>): number {
  return family === undefined || skill === undefined || atHome.has(family)
    ? 0
    : SKILLS.indexOf(skill)
}

/** How much skill an activity asks for as it is done now: the mean over its minutes. */
function hardness(
  { model, state }: Decoding,
  activity: number,
  atHome: ReadonlySet<string>
): number {
  const { activitySteps, waySlots, modeMinutes, problem } = model
  const { library } = problem.world
  let [asked, minutes] = [0, 0]
  for (let step = activitySteps[activity]!; step < activitySteps[activity + 1]!; step++) {
    const way = state.chosenWay[step]!
    for (let slot = waySlots[way]!; slot < waySlots[way + 1]!; slot++) {
      const mode = state.chosen[slot]!
      const method = library.methods.get(problem.modes[mode]!.method)
      minutes += modeMinutes[mode]!
      asked += method ? modeMinutes[mode]! * demandOf(method, atHome) : 0
    }
  }
  return minutes > 0 ? asked / minutes : 0
}

/** Two builds in an order that follow one another, by their places. */
interface Neighbours {
  readonly first: number
  readonly second: number
}

/** Builds of an order that are done, each with the next one. */
function neighboursIn({ codes, length }: Order, scheduled: Uint8Array): Neighbours[] {
  const places: number[] = []
  for (let i = 0; i < length; i++) if (codes[i]! >= 0 && scheduled[codes[i]!] === 1) places.push(i)
  return places.slice(1).map((second, i) => ({ first: places[i]!, second }))
}

/**
 * **Easy pieces first**: of two builds of like worth that follow one another the one that asks less skill is begun first, since practice
 * carries over, where that costs next to nothing. What is pinned, begun or wished for a day stays where it is, because moving it costs more.
 * @returns an order of its own
 */
export function easyFirst(decoding: Decoding, from: Order): Order {
  const { model, state } = decoding
  const { preferences } = model.problem.world.workspace
  const atHome = new Set<string>(
    FAMILIES.filter((family) => preferences.levels?.[family] === 'home')
  )
  const order = orderOf(from.codes.length)
  const trial = orderOf(from.codes.length)
  copyOrder(from, order)
  let value = decode(decoding, order)
  const swapped = ({ first, second }: Neighbours): boolean => {
    const [a, b] = [order.codes[first]!, order.codes[second]!]
    const [worthA, worthB] = [model.worth[a]!, model.worth[b]!]
    if (Math.max(worthA, worthB) > LIKE * Math.min(worthA, worthB)) return false
    if (hardness(decoding, b, atHome) > hardness(decoding, a, atHome) - HARDER) return false
    copyOrder(order, trial)
    let to = first
    while (to > 0 && trial.codes[to - 1]! < 0) to--
    moveEntries(trial, first + 1, second - first, () => to)
    const then = decode(decoding, trial)
    if (then < value - MAY_COST * worthA) {
      decode(decoding, order)
      return false
    }
    copyOrder(trial, order)
    value = then
    return true
  }
  for (let pass = 0; pass < PASSES; pass++) {
    let any = false
    for (const pair of neighboursIn(order, state.scheduled))
      if (swapped(pair)) {
        any = true
        break
      }
    if (!any) break
  }
  return order
}
