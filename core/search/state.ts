import { Calendar } from './calendar'
import type { Model } from './model'
import { NEVER } from './order'

/** A purchase as decoded: so many of a choice at an event time, for an activity (−1 for a pin). */
export interface Bought {
  readonly choice: number
  readonly count: number
  readonly event: number
  readonly activity: number
  /** Of what is hired: the day it begins. */
  readonly day?: number
}

/** An owned item sold because something bought takes its place. */
export interface Sold {
  readonly item: string
  readonly amount: number
  readonly event: number
}

/** An activity as decoded, with the method taken for each step. */
export interface Done {
  readonly activity: number
  readonly begin: number
  readonly done: number
  readonly methods: readonly string[]
}

/** A limit that does not hold for one decoding: to find out why something is left out. */
export type Lift = 'none' | 'money' | 'hours' | 'space' | 'all'

/** Arrays of one kind that lie end to end in one block, by their names. */
type Block<K extends string, T> = { readonly all: T } & { readonly parts: Readonly<Record<K, T>> }

interface Cut<T> {
  subarray(from: number, to: number): T
}

function blockOf<K extends string, T extends Cut<T>>(
  make: (length: number) => T,
  lengths: Readonly<Record<K, number>>
): Block<K, T> {
  const names = Object.keys(lengths) as K[]
  const all = make(names.reduce((sum, name) => sum + lengths[name], 0))
  let at = 0
  const parts = names.map((name) => [name, all.subarray(at, (at += lengths[name]))] as const)
  return { all, parts: Object.fromEntries(parts) as Record<K, T> }
}

/** What an order changes: in three blocks, so that a state is kept and brought back by three copies. */
function arraysOf(model: Model) {
  const { requirements, choices, activities, events } = model.problem
  const [r, c, k] = [requirements.length, choices.length, events.count]
  return {
    bytes: blockOf((length) => new Uint8Array(length), {
      pending: c,
      used: c,
      scheduled: activities.length,
      soldItems: model.replaceable
    }),
    ints: blockOf((length) => new Int32Array(length), {
      have: r,
      ready: r,
      newest: r,
      lasts: r,
      permitted: r,
      hiredBy: r,
      count: c,
      hiredUntil: c
    }),
    floats: blockOf((length) => new Float64Array(length), {
      cash: k,
      slack: k,
      floor: k,
      hiredLeft: c
    })
  }
}

/** The state of one decoding: what is there, from when, until when, what is about to be bought, and what it has come to. */
export interface State {
  /** All that stands in the arrays an order changes. */
  readonly bytes: Uint8Array
  readonly ints: Int32Array
  readonly floats: Float64Array
  /** Per requirement: units there or on the list, day it is met from, day its newest part came, last day it is met, purchases permitted. */
  readonly have: Int32Array
  readonly ready: Int32Array
  readonly newest: Int32Array
  readonly lasts: Int32Array
  readonly permitted: Int32Array
  /** Per requirement: the hire that alone meets it, its number and one more; 0 for none. Per choice: the last day of a hire, and the minutes it still holds. */
  readonly hiredBy: Int32Array
  readonly hiredUntil: Int32Array
  readonly hiredLeft: Float64Array
  /** Per choice: may be bought, has been used, how many are there, how many are on the list. */
  readonly pending: Uint8Array
  readonly used: Uint8Array
  readonly count: Int32Array
  readonly buying: Int32Array
  /** Per activity: scheduled, being looked at; of the modes chosen: minutes left to do, effort, what it takes at its beginning, and what of that the purse pays. */
  readonly scheduled: Uint8Array
  readonly busy: Uint8Array
  readonly minutes: Int32Array
  readonly effort: Float64Array
  readonly takes: Float64Array
  readonly due: Float64Array
  /** Per slot: the mode chosen; per step: the way. */
  readonly chosen: Int32Array
  readonly chosenWay: Int32Array
  /** Per event time: balance above the reserve, and the least of it from there on. */
  readonly cash: Float64Array
  readonly slack: Float64Array
  /** Days each of the activities booked together begins and is done, as pairs. */
  readonly days: number[]
  /** Per item that something may take the place of: whether it is sold. */
  readonly soldItems: Uint8Array
  /** Hours as they are, and without any limit; `calendar` is the one in use. */
  readonly limited: Calendar
  unlimited: Calendar | undefined
  calendar: Calendar
  /** Choices and jigs wanted for the activity in hand. */
  list: number[]
  jigs: number[]
  /** Earliest day by what it waits for, and last day by what goes back, of the activity in hand. */
  latest: number
  dueBy: number
  /** Last day on which the activity in hand may begin, by what is hired; the hires it uses that are there; whether one of them was in the way. */
  beginBy: number
  inUse: number[]
  inTheWay: boolean
  /** What selling what is replaced brings, of the activity in hand. */
  regained: number
  /** Per event time: floor taken by what the plan brings, less what it sells, as the rule of the room adds it up. */
  readonly floor: Float64Array
  /** Per event time: what has been bought then that deals hold for, as choices and counts. */
  readonly baskets: Map<number, readonly (readonly [choice: number, count: number])[]>
  /** How much haste the activity in hand makes, 0 none to 3 great. */
  haste: number
  spent: number
  value: number
  evaluations: number
  lift: Lift
  recording: boolean
  bought: Bought[]
  done: Done[]
  sold: Sold[]
}

export function stateOf(model: Model): State {
  const { choices, activities, events } = model.problem
  const { bytes, ints, floats } = arraysOf(model)
  const [b, i, f] = [bytes.parts, ints.parts, floats.parts]
  const limited = new Calendar(events.minutes, activities.length)
  return {
    bytes: bytes.all,
    ints: ints.all,
    floats: floats.all,
    // Named one by one: an object made by spreading is several times slower to read.
    pending: b.pending,
    used: b.used,
    scheduled: b.scheduled,
    soldItems: b.soldItems,
    have: i.have,
    ready: i.ready,
    newest: i.newest,
    lasts: i.lasts,
    permitted: i.permitted,
    hiredBy: i.hiredBy,
    hiredUntil: i.hiredUntil,
    hiredLeft: f.hiredLeft,
    count: i.count,
    cash: f.cash,
    slack: f.slack,
    floor: f.floor,
    buying: new Int32Array(choices.length),
    busy: new Uint8Array(activities.length),
    minutes: new Int32Array(activities.length),
    effort: new Float64Array(activities.length),
    takes: new Float64Array(activities.length),
    due: new Float64Array(activities.length),
    chosen: new Int32Array(model.slotFirst.length),
    chosenWay: new Int32Array(model.stepWays.length),
    days: [],
    limited,
    unlimited: undefined,
    calendar: limited,
    list: [],
    jigs: [],
    latest: 0,
    dueBy: NEVER,
    beginBy: NEVER,
    inUse: [],
    inTheWay: false,
    regained: 0,
    baskets: new Map(),
    haste: 0,
    spent: 0,
    value: 0,
    evaluations: 0,
    lift: 'none',
    recording: false,
    bought: [],
    done: [],
    sold: []
  }
}

/** Money of a plan that nothing limits, minor units. */
const NO_LIMIT = 1e15
/** Minutes of a day without any limit on hours. */
const DAY_MINUTES = 1440

/** Whether a limit is lifted. */
export const isLifted = ({ lift }: State, limit: Lift): boolean => lift === 'all' || lift === limit

/** Back to the beginning: nothing bought, nothing done. */
export function reset(model: Model, state: State): void {
  const { events, activities, constant } = model.problem
  state.evaluations++
  state.bought = []
  state.done = []
  state.sold = []
  state.have.set(model.owned)
  state.ready.set(model.readyFirst)
  state.permitted.set(model.along)
  state.newest.fill(0)
  state.lasts.fill(NEVER)
  state.pending.fill(0)
  state.used.fill(0)
  state.count.fill(0)
  state.hiredBy.fill(0)
  state.hiredUntil.fill(0)
  state.scheduled.fill(0)
  state.cash.set(events.free)
  if (isLifted(state, 'money')) state.cash.fill(NO_LIMIT)
  state.calendar = state.limited
  if (isLifted(state, 'hours'))
    state.calendar = state.unlimited ??= new Calendar(
      new Int32Array(events.horizon).fill(DAY_MINUTES),
      activities.length
    )
  state.calendar.reset()
  if (model.floor) state.floor.fill(0)
  if (model.deals) state.baskets.clear()
  state.haste = 0
  state.spent = 0
  state.soldItems.fill(0)
  state.value = constant
  settleSlack(state)
}

/** The least balance from each event time on, worked out anew. */
export function settleSlack({ cash, slack }: State): void {
  let least = Infinity
  for (let k = cash.length - 1; k >= 0; k--) {
    least = Math.min(least, cash[k] as number)
    slack[k] = least
  }
}

/** Takes an amount from the balance of an event time and all later ones. */
export function pay({ cash, slack }: State, k: number, amount: number): void {
  for (let j = k; j < cash.length; j++) {
    cash[j]! -= amount
    slack[j]! -= amount
  }
  for (let j = k - 1; j >= 0; j--) {
    const least = Math.min(cash[j] as number, slack[j + 1] as number)
    if (least === slack[j]) break
    slack[j] = least
  }
}
