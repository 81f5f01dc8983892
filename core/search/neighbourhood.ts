import type { Choice } from './choices'
import { dealsOf } from './deals'
import { cheapFor, hiredFor, hiresByRequirement, sharingOf } from './drawn'
import {
  eventOf,
  geneOf,
  hasteOf,
  insert,
  isAhead,
  moveEntries,
  permits,
  relocate,
  remove,
  withEvent,
  type Order
} from './order'
import type { Problem } from './problem'
import { pick, supplyFor, supplyOf, supplyWay, type Supply } from './supply'

const { max, min } = Math

/** Looks for an entry of the wanted kind before a move gives up. */
const LOOKS = { activity: 8, choice: 6 } as const
/** Longest block that goes elsewhere. */
const BLOCK = { least: 2, more: 10 } as const

/** Moves of an order to a neighbouring one; each is one a careful person might try. */
export interface Neighbourhood {
  readonly supply: Supply
  /** Per choice: others that serve for the same. */
  readonly sharing: readonly (readonly number[])[]
  /** Per requirement: the hires that serve for it; undefined where nothing can be hired. */
  readonly hires: readonly (readonly number[])[] | undefined
  /** Whether some price changes with the day, or what is bought together costs less: else nothing is gained by buying ahead. */
  readonly dated: boolean
  /** Choices that one deal holds for. */
  readonly groups: readonly (readonly number[])[]
}

export const neighbourhoodOf = (problem: Problem, random: () => number): Neighbourhood => ({
  supply: supplyOf(problem, random),
  sharing: sharingOf(problem),
  hires: hiresByRequirement(problem),
  dated: problem.choices.some(({ varies, makes }) => varies && !makes),
  groups: (dealsOf(problem)?.groups ?? []).filter((group) => group.length > 0)
})

/** All activities in some order, each behind what it lacks. */
export function startOrder({ supply }: Neighbourhood, order: Order, noise: number): void {
  order.length = 0
  const activities = [...supply.problem.wanted]
  for (let i = activities.length - 1; i > 0; i--) {
    const k = pick(supply, i + 1)
    ;[activities[i], activities[k]] = [activities[k] as number, activities[i] as number]
  }
  for (const activity of activities)
    insert(order, supplyFor(supply, order, activity, order.length, noise), activity)
}

/** An activity not in the order, −1 when all are. */
function absent({ supply }: Neighbourhood, order: Order): number {
  const { codes, length } = order
  const missing = supply.problem.wanted.filter((activity) => {
    const at = codes.indexOf(activity)
    return at < 0 || at >= length
  })
  return missing.length === 0 ? -1 : (missing[pick(supply, missing.length)] as number)
}

/** The place of some activity, −1 when none was met. */
function somePlace({ supply }: Neighbourhood, order: Order): number {
  for (let k = 0; k < LOOKS.activity; k++) {
    const at = pick(supply, order.length)
    if ((order.codes[at] as number) >= 0) return at
  }
  return -1
}

function insertActivity(around: Neighbourhood, order: Order): void {
  const { supply } = around
  const activity = absent(around, order)
  if (activity < 0) {
    const length = max(1, order.length)
    return relocate(order, pick(supply, length), pick(supply, length))
  }
  const place = pick(supply, order.length + 1)
  const at = supplyFor(supply, order, activity, place, 0.2 + supply.random())
  insert(order, at, activity)
}

function relocateSome({ supply }: Neighbourhood, order: Order): void {
  relocate(order, pick(supply, order.length), pick(supply, order.length))
}

function swapTwo({ supply }: Neighbourhood, order: Order): void {
  const [a, b] = [pick(supply, order.length), pick(supply, order.length)]
  const { codes, genes } = order
  ;[codes[a], codes[b]] = [codes[b] as number, codes[a] as number]
  ;[genes[a], genes[b]] = [genes[b] as number, genes[a] as number]
}

/** A block of the order goes elsewhere, as a rule to its beginning: what comes first decides most. */
function moveBlock({ supply }: Neighbourhood, order: Order): void {
  const first = pick(supply, order.length)
  const size = min(order.length - first, BLOCK.least + pick(supply, BLOCK.more))
  moveEntries(order, first, size, () =>
    supply.random() < 0.4 ? 0 : pick(supply, order.length + 1)
  )
}

/** An activity goes elsewhere with the purchases that stand right before it. */
function moveActivity(around: Neighbourhood, order: Order): void {
  const at = somePlace(around, order)
  if (at < 0) return
  let first = at
  while (first > 0 && (order.codes[first - 1] as number) < 0) first--
  moveEntries(order, first, at - first + 1, () => pick(around.supply, order.length + 1))
}

function removeSome({ supply }: Neighbourhood, order: Order): void {
  remove(order, pick(supply, order.length))
}

/** Lets an activity do one of its steps in another mode: what that requires is put in before it. */
function otherMode(around: Neighbourhood, order: Order): void {
  const { supply } = around
  const at = somePlace(around, order)
  if (at < 0) return
  const { activities, modes, requirements, maker } = supply.problem
  const { steps } = activities[order.codes[at] as number]!
  const step = steps[pick(supply, steps.length)]
  if (!step) return
  const way = step.ways[pick(supply, step.ways.length)]!
  if (way.slots.length > 1)
    return void supplyWay(supply, order, way, at, {
      noise: supply.random(),
      share: supply.random()
    })
  const { first, last } = way.slots[0]!
  const asked = modes[first + pick(supply, last - first)]!.requires
  let place = at
  for (const requirement of asked) {
    const { need, owned } = requirements[requirement]!
    if (owned >= need) continue
    const choice = hiredFor(around, requirement) ?? cheapFor(supply, requirement)
    if (choice === undefined) continue
    if (permits(order, choice, place)) continue
    const jig = maker[choice] as number
    if (jig >= 0) place = supplyFor(supply, order, jig, place, 0.2)
    insert(order, place++, -1 - choice)
  }
}

/** Another offer that serves for the same. */
function otherChoice({ supply, sharing }: Neighbourhood, order: Order): void {
  for (let k = 0; k < LOOKS.choice; k++) {
    const at = pick(supply, order.length)
    const code = order.codes[at] as number
    if (code >= 0) continue
    const others = sharing[-1 - code] ?? []
    if (others.length === 0) continue
    order.codes[at] = -1 - (others[pick(supply, others.length)] as number)
    return
  }
}

/** An activity waits for some event time, or no longer. */
function delay(around: Neighbourhood, order: Order): void {
  const { supply } = around
  const at = somePlace(around, order)
  if (at < 0) return
  const { count } = supply.problem.events
  const drawn = (): number => {
    if (supply.random() < 0.4) return 0
    if (supply.random() < 0.5) return pick(supply, count)
    const by = (supply.random() < 0.5 ? -1 : 1) * (1 + pick(supply, 3))
    return max(0, min(count - 1, eventOf(order.genes[at] as number) + by))
  }
  order.genes[at] = withEvent(order.genes[at] as number, drawn())
}

/** An activity is done in more haste or less: by quicker ways, though they cost more. */
function hurry(around: Neighbourhood, order: Order): void {
  const { supply } = around
  const at = somePlace(around, order)
  if (at < 0) return
  const gene = order.genes[at] as number
  order.genes[at] = geneOf(eventOf(gene), hasteOf(gene) > 0 ? pick(supply, 4) : 1 + pick(supply, 3))
}

/** The event time at which a choice is cheapest, the first of several. */
function cheapestTime({ cash }: Choice): number {
  let best = 0
  for (let k = 1; k < cash.length; k++) if ((cash[k] as number) < (cash[best] as number)) best = k
  return best
}

/** A purchase is made ahead of what asks for it, when it is cheapest or at some other time; or no longer. */
function buyEarly(around: Neighbourhood, order: Order): void {
  const { supply, dated } = around
  const { choices, events } = supply.problem
  if (!dated) return delay(around, order)
  for (let k = 0; k < LOOKS.choice; k++) {
    const at = pick(supply, order.length)
    const code = order.codes[at] as number
    if (code >= 0) continue
    if (isAhead(order.genes[at] as number) && supply.random() < 0.5) order.genes[at] = 0
    else {
      const when =
        supply.random() < 0.6 ? cheapestTime(choices[-1 - code]!) : pick(supply, events.count)
      order.genes[at] = geneOf(when, 0, true)
    }
    return
  }
}

/** What one deal holds for is bought at one time: what stands in the order already, and mostly one thing more. */
function gather(around: Neighbourhood, order: Order): void {
  const { supply, groups } = around
  if (groups.length === 0) return buyEarly(around, order)
  const group = groups[pick(supply, groups.length)]!
  const here: number[] = []
  for (let i = 0; i < order.length; i++)
    if (group.includes(-1 - (order.codes[i] as number))) here.push(i)
  const when = pick(supply, supply.problem.events.count)
  let first = here[0] ?? pick(supply, order.length + 1)
  const codes = here.map((at) => order.codes[at] as number)
  for (const at of here.reverse()) remove(order, at)
  if (supply.random() < 0.6) codes.push(-1 - group[pick(supply, group.length)]!)
  first = supply.random() < 0.5 ? 0 : min(first, order.length)
  for (const code of codes) insert(order, first, code, geneOf(when, 0, true))
}

/** One activity or two go, another one comes in their place. */
function exchange(around: Neighbourhood, order: Order): void {
  const { supply } = around
  const activity = absent(around, order)
  const at = somePlace(around, order)
  if (at < 0 || activity < 0) return otherMode(around, order)
  remove(order, at)
  if (supply.random() < 0.4) {
    const more = somePlace(around, order)
    if (more >= 0) remove(order, more)
  }
  const place = supply.random() < 0.5 ? min(at, order.length) : pick(supply, order.length + 1)
  insert(order, supplyFor(supply, order, activity, place, 0.1 + supply.random()), activity)
}

function insertTwo(around: Neighbourhood, order: Order): void {
  insertActivity(around, order)
  insertActivity(around, order)
}

/** How often each move is tried, added up. From trials on instances of the bench's kind. */
const MOVES: readonly (readonly [
  upTo: number,
  move: (around: Neighbourhood, order: Order) => void
])[] = [
  [0.09, insertActivity],
  [0.22, relocateSome],
  [0.26, swapTwo],
  [0.33, moveBlock],
  [0.45, moveActivity],
  [0.53, removeSome],
  [0.64, otherMode],
  [0.73, otherChoice],
  [0.78, delay],
  [0.81, hurry],
  [0.84, buyEarly],
  [0.86, gather],
  [0.95, exchange],
  [1, insertTwo]
]

/** Changes an order by one move. */
export function change(around: Neighbourhood, order: Order): void {
  const draw = around.supply.random()
  if (order.length < 2) return insertActivity(around, order)
  for (const [upTo, move] of MOVES) if (draw < upTo) return move(around, order)
}
