import { floorFor, type Floor } from './floor'
import { NEVER } from './order'
import { sumOf } from '../kernel'
import { dealsOf, type Deals } from './deals'
import { hiresOf, type Hires } from './hired'
import { endOfService } from '../plan'
import type { Problem } from './problem'
import { reckoned } from './mode'

/** What asking for something new costs in the choice between modes, beyond its price: of two equal ones that with what is there wins. */
export const PREFERS_OWNED = 1e-3

/**
 * A problem as plain arrays, never changed once it is made: what the schedule generation reads thousands of times a second. Lists of
 * several lengths stand end to end, with an array that says where each begins. (`Object.freeze` would cost a tenth of the speed.)
 */
export interface Model {
  readonly problem: Problem
  /** Per requirement: units asked for, units owned, and whether it is bought along. */
  readonly need: Int32Array
  readonly owned: Int32Array
  readonly along: Uint8Array
  /** Per requirement: day it is met from without any purchase, `NEVER` where it is not. */
  readonly readyFirst: Int32Array
  /** Per choice: the number of the owned item it takes the place of, −1 for none; and how many such items there are. */
  readonly replacesItem: Int32Array
  readonly replaceable: number
  /** Per choice: the requirements it counts for, as pairs of number and units. */
  readonly feeds: readonly Int32Array[]
  /** Per requirement: the choices that count for it, cheapest first, with the units each brings. */
  readonly feeders: readonly Int32Array[]
  readonly units: readonly Int32Array[]
  /** Per requirement: what having it bought along costs in the choice between modes. */
  readonly alongCost: Float64Array
  /** Per choice: whether it is made rather than bought, and whether there is only one. */
  readonly makes: Uint8Array
  readonly single: Uint8Array
  /** Requirements of all modes end to end; `modeFirst[mode]` is where each begins. */
  readonly modeRequires: Int32Array
  readonly modeFirst: Int32Array
  readonly modeMinutes: Float64Array
  readonly modeEffort: Float64Array
  readonly modePay: Float64Array
  readonly modeCost: Float64Array
  /** Steps of all activities end to end, and where each activity's begin; of each step its ways, of each way its slots, of each slot its modes. */
  readonly activitySteps: Int32Array
  readonly stepWays: Int32Array
  readonly waySlots: Int32Array
  readonly wayExtra: Float64Array
  readonly wayMinutes: Float64Array
  readonly slotFirst: Int32Array
  readonly slotLast: Int32Array
  /** Per activity: worth to the user when done in time, and what a unit it takes counts. */
  readonly worth: Float64Array
  readonly payTimes: Float64Array
  /** Per day of the horizon: what counts of what comes then. */
  readonly discount: Float64Array
  /** What the room holds; undefined where nothing limits it. */
  readonly floor: Floor | undefined
  /** The most a plan may pay; Infinity where nothing limits. */
  readonly cap: number
  /** What a unit of money kept is worth, and the share of worth lost for a day of lateness. */
  readonly keptMoneyWorth: number
  /** What counts of money that comes when the years after are over. */
  readonly endOfService: number
  readonly latenessPerDay: number
  /** What deals take off what is bought together; undefined where there are none. */
  readonly deals: Deals | undefined
  /** What can be hired; undefined where nothing can. */
  readonly hires: Hires | undefined
  /** What a minute counts more by the haste of a gene, minor units: shares of what the shop's minutes are worth if all were used. */
  readonly hasteRates: readonly number[]
}

/** Lists end to end, and where each begins; one more at the end. */
function endToEnd(lists: readonly (readonly number[])[]): { all: Int32Array; first: Int32Array } {
  const first = new Int32Array(lists.length + 1)
  lists.forEach((list, i) => {
    first[i + 1] = (first[i] as number) + list.length
  })
  return { all: Int32Array.from(lists.flat()), first }
}

/** Per requirement the choices that count for it, cheapest first, and what having it bought along costs. */
function feedersOf({
  choices,
  requirements
}: Problem): Pick<Model, 'feeders' | 'units' | 'alongCost'> {
  const price = choices.map(({ makes, value }) => (makes ? 0 : -Math.max(...value)))
  const costFor = (choice: number, need: number, units: number): number =>
    (price[choice] ?? 0) * Math.ceil(need / units)
  const feeders = requirements.map(({ from, need }) =>
    Int32Array.from(
      [...from.keys()].sort(
        (x, y) => costFor(x, need, from.get(x) ?? 1) - costFor(y, need, from.get(y) ?? 1)
      )
    )
  )
  return {
    feeders,
    units: feeders.map((list, i) => list.map((choice) => requirements[i]?.from.get(choice) ?? 1)),
    alongCost: Float64Array.from(requirements, ({ along, need, from }, i) => {
      const first = feeders[i]?.[0]
      if (!along || first === undefined) return PREFERS_OWNED
      return costFor(first, need, from.get(first) ?? 1)
    })
  }
}

function modeArrays({
  modes,
  requirements
}: Problem): Pick<
  Model,
  'modeRequires' | 'modeFirst' | 'modeMinutes' | 'modeEffort' | 'modePay' | 'modeCost'
> {
  // What is likeliest to be missing stands first: few offers serve for it, and it is not bought along.
  const rarity = (one: number): number =>
    requirements[one]?.along ? 1e6 : (requirements[one]?.from.size ?? 0)
  const { all, first } = endToEnd(
    modes.map(({ requires }) => [...requires].sort((x, y) => rarity(x) - rarity(y)))
  )
  return {
    modeRequires: all,
    modeFirst: first,
    modeMinutes: Float64Array.from(modes, ({ minutes }) => minutes),
    modeEffort: Float64Array.from(modes, ({ effort }) => effort),
    modePay: Float64Array.from(modes, ({ pay }) => pay),
    modeCost: Float64Array.from(modes, reckoned)
  }
}

function feedsOf({ choices, requirements }: Problem): Int32Array[] {
  const feeds: number[][] = choices.map(() => [])
  for (const { id, from } of requirements)
    for (const [choice, units] of from) feeds[choice]?.push(id, units)
  return feeds.map((list) => Int32Array.from(list))
}

/** The owned items that choices take the place of, numbered. */
function replacedBy({ choices }: Problem): Pick<Model, 'replacesItem' | 'replaceable'> {
  const items = [...new Set(choices.flatMap(({ replaces }) => replaces?.item ?? []))]
  return {
    replacesItem: Int32Array.from(choices, ({ replaces }) =>
      replaces ? items.indexOf(replaces.item) : -1
    ),
    replaceable: items.length
  }
}

/** Shares of the worth of a minute that haste counts with. */
const HASTE = [0, 0.2, 1, 5] as const

/** What a minute counts by haste: all that is wanted, over all the minutes there are. */
function hasteRatesOf({ wanted, activities, events }: Problem): number[] {
  const worth = sumOf(wanted, (activity) => Math.max(0, activities[activity]!.worth))
  const minutes = sumOf([...events.minutes], (one) => one)
  return HASTE.map((share) => (minutes > 0 ? (share * worth) / minutes : 0))
}

export function modelOf(problem: Problem): Model {
  const { requirements, choices, activities, world } = problem
  const steps = activities.map((one) => one.steps)
  const ways = steps.flat().flatMap((step) => step.ways)
  const slots = ways.flatMap((way) => way.slots)
  const { money } = world.workspace
  return {
    problem,
    need: Int32Array.from(requirements, ({ need }) => need),
    owned: Int32Array.from(requirements, ({ owned }) => owned),
    along: Uint8Array.from(requirements, ({ along }) => (along ? 1 : 0)),
    readyFirst: Int32Array.from(requirements, ({ owned, need }) => (owned >= need ? 0 : NEVER)),
    ...replacedBy(problem),
    feeds: feedsOf(problem),
    ...feedersOf(problem),
    makes: Uint8Array.from(choices, (one) => (one.makes ? 1 : 0)),
    single: Uint8Array.from(choices, (one) => (one.single ? 1 : 0)),
    ...modeArrays(problem),
    activitySteps: endToEnd(steps.map((list) => list.map(() => 0))).first,
    stepWays: endToEnd(steps.flat().map(({ ways }) => ways.map(() => 0))).first,
    waySlots: endToEnd(ways.map(({ slots }) => slots.map(() => 0))).first,
    wayExtra: Float64Array.from(ways, ({ extra }) => extra),
    wayMinutes: Float64Array.from(ways, (way) => way.minutes),
    slotFirst: Int32Array.from(slots, ({ first }) => first),
    slotLast: Int32Array.from(slots, ({ last }) => last),
    worth: Float64Array.from(activities, (one) => one.worth),
    discount: problem.events.discount,
    floor: floorFor(problem),
    cap: money.cap ?? Infinity,
    keptMoneyWorth: money.keptMoneyWorth,
    endOfService: endOfService(world),
    payTimes: Float64Array.from(activities, (one) => (one.fromPurse ? money.keptMoneyWorth : 1)),
    latenessPerDay: money.latenessPerDay,
    deals: dealsOf(problem),
    hires: hiresOf(problem),
    hasteRates: hasteRatesOf(problem)
  }
}

/** What an activity counts when it is done: what is sold by the share that flows back, at what kept money counts. */
export function countedWorthOf({ problem, keptMoneyWorth }: Model, activity: number): number {
  const { worth, sold } = problem.activities[activity]!
  return sold ? worth - sold.back * (1 - keptMoneyWorth) : worth
}
