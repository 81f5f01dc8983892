import { Calendar } from './calendar'
import type { Model } from './model'
import { NEVER } from './order'

/** A purchase as decoded: so many of a choice at an event time, for an activity (−1 for a pin). */
export interface Bought {
  readonly choice: number
  readonly count: number
  readonly event: number
  readonly activity: number
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

/** The state of one decoding: what is there, from when, until when, what is about to be bought, and what it has come to. */
export interface State {
  /** Per requirement: units there or on the list, day it is met from, day its newest part came, last day it is met, purchases permitted. */
  readonly have: Int32Array
  readonly ready: Int32Array
  readonly newest: Int32Array
  readonly lasts: Int32Array
  readonly permitted: Int32Array
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
  readonly soldItems: Set<string>
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
  /** What selling what is replaced brings, of the activity in hand. */
  regained: number
  /** Per event time: floor taken by what the plan brings, less what it sells, m². */
  readonly floor: Float64Array
  /** Per event time: what has been bought then that deals hold for, as choices and counts. */
  readonly baskets: Map<number, readonly (readonly [choice: number, count: number])[]>
  /** What a minute counts more in the choice of ways of the activity in hand, minor units. */
  perMinute: number
  spent: number
  value: number
  evaluations: number
  lift: Lift
  recording: boolean
  bought: Bought[]
  done: Done[]
  sold: Sold[]
}

export function stateOf({ problem, slotFirst, stepWays }: Model): State {
  const { requirements, choices, activities, events } = problem
  const perRequirement = (): Int32Array => new Int32Array(requirements.length)
  const limited = new Calendar(events.minutes, activities.length)
  return {
    have: perRequirement(),
    ready: perRequirement(),
    newest: perRequirement(),
    lasts: perRequirement(),
    permitted: perRequirement(),
    pending: new Uint8Array(choices.length),
    used: new Uint8Array(choices.length),
    count: new Int32Array(choices.length),
    buying: new Int32Array(choices.length),
    scheduled: new Uint8Array(activities.length),
    busy: new Uint8Array(activities.length),
    minutes: new Int32Array(activities.length),
    effort: new Float64Array(activities.length),
    takes: new Float64Array(activities.length),
    due: new Float64Array(activities.length),
    chosen: new Int32Array(slotFirst.length),
    chosenWay: new Int32Array(stepWays.length),
    cash: new Float64Array(events.count),
    slack: new Float64Array(events.count),
    days: [],
    soldItems: new Set(),
    limited,
    unlimited: undefined,
    calendar: limited,
    list: [],
    jigs: [],
    latest: 0,
    dueBy: NEVER,
    regained: 0,
    floor: new Float64Array(events.count),
    baskets: new Map(),
    perMinute: 0,
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
  if (model.floorLimit < Infinity) state.floor.fill(0)
  if (model.deals) state.baskets.clear()
  state.perMinute = 0
  state.spent = 0
  state.soldItems.clear()
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
