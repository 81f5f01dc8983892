import { DAYS_PER_MONTH, daysBetween, type Day } from '../calendar'
import { PROTECTIONS, asIfWorn, type Library, type Protection } from '../catalogue'
import { distinct, groupBy, sumOf } from '../kernel'
import { findOffer } from '../prices'
import type { Item, Plan, World } from '../workspace'
import { eveningsOf, type Evening } from './evenings'

/** A machine or a tool in the hand, and what has to be protected at it. */
export interface AtMachine {
  readonly tool: string
  /** The day the plan buys it; undefined for what is owned. */
  readonly bought: Day | undefined
  readonly wear: readonly Protection[]
}
/** A way of working that is planned, and what has to be protected meanwhile. */
export interface AtWork {
  readonly operation: string
  readonly method: string
  readonly wear: readonly Protection[]
  readonly minutes: number
}
/** Something that protects and is owned. */
export interface Worn {
  readonly tool: string
  readonly count: number
  readonly protects: readonly Protection[]
  readonly isWorn: boolean
  /** Hours of use until filters or plugs are used up; undefined for what lasts. */
  readonly lastsHours: number | undefined
  /** Months that comes to by the work planned; undefined where nothing wears it out. */
  readonly months: number | undefined
}

/** Who wears what. */
export interface Wear {
  readonly machines: readonly AtMachine[]
  readonly work: readonly AtWork[]
  readonly owned: readonly Worn[]
  /** What a helper would have nothing for: fewer than two of it are there and worn. */
  readonly noSpare: readonly Protection[]
}

const LIFE = { 'get-by': 'getBy', weekend: 'weekend', trade: 'trade', lifetime: 'trade' } as const
const MINUTES_PER_HOUR = 60
/** One for who works, one for who helps. */
const FOR_TWO = 2

/** Hours until filters or plugs of an item are used up, all pieces of it together; undefined for what lasts. */
export function lastsHours(library: Library, { tool, tier, count }: Item): number | undefined {
  const life = library.tools.get(tool)?.lifeHours
  return life ? life[LIFE[tier]] * count : undefined
}

/** Always in the same order. */
const inOrder = (list: readonly Protection[]): Protection[] =>
  PROTECTIONS.filter((one) => list.includes(one))

/** Tools owned and planned at which something has to be protected. */
function atMachines({ workspace, library, pricing }: World, plan: Plan | undefined): AtMachine[] {
  const owned = new Set(workspace.items.map(({ tool }) => tool))
  const bought = new Map(
    (plan?.purchases ?? []).flatMap(({ offer, date }) => {
      const tool = findOffer(pricing, offer)?.tool
      return tool === undefined || owned.has(tool) ? [] : [[tool, date] as const]
    })
  )
  return [...owned, ...bought.keys()].flatMap((tool) => {
    const needs = library.tools.get(tool)?.needs ?? []
    return needs.length > 0 ? [{ tool, bought: bought.get(tool), wear: inOrder(needs) }] : []
  })
}

/** Ways planned in which something has to be protected, those that take longest first. */
function atWork(evenings: readonly Evening[]): AtWork[] {
  const ways = evenings.flatMap(({ work }) =>
    work.flatMap(({ step: { operation }, method, wear, minutes = 0 }) =>
      method !== undefined && wear.length > 0 ? [{ operation, method, wear, minutes }] : []
    )
  )
  return [...groupBy(ways, ({ method }) => method).values()]
    .flatMap((same) => {
      const [first] = same
      const wear = inOrder(same.flatMap((one) => one.wear))
      return first ? [{ ...first, wear, minutes: sumOf(same, ({ minutes }) => minutes) }] : []
    })
    .sort((a, b) => b.minutes - a.minutes)
}

/** Who wears what at the machines and at the work planned, what of it is there, how long it lasts, and whether a helper has any. */
export function wearOf(world: World, plan: Plan | undefined): Wear {
  const { workspace } = world
  const unworn = workspace.workshop.unworn ?? []
  const everything = asIfWorn(world.library)
  const evenings = eveningsOf(world, plan)
  const months = Math.max(1, daysBetween(world.asOf, plan?.until ?? world.until) / DAYS_PER_MONTH)
  const hoursOf = (protection: Protection): number =>
    sumOf(evenings, ({ work }) =>
      sumOf(work, ({ wear, minutes = 0 }) => (wear.includes(protection) ? minutes : 0))
    ) / MINUTES_PER_HOUR
  const machines = atMachines(world, plan)
  const owned = workspace.items.flatMap((item): Worn[] => {
    const { tool, count } = item
    const protects = everything.tools.get(tool)?.protects ?? []
    if (protects.length === 0) return []
    const lasts = lastsHours(everything, item)
    const perMonth = Math.max(...protects.map(hoursOf)) / months
    const isWorn = !unworn.includes(tool)
    const left = lasts !== undefined && perMonth > 0 && isWorn ? lasts / perMonth : undefined
    return [{ tool, count, protects, isWorn, lastsHours: lasts, months: left }]
  })
  const there = (protection: Protection): number =>
    sumOf(owned, ({ protects, isWorn, count }) =>
      isWorn && protects.includes(protection) ? count : 0
    )
  const asked = (protection: Protection): boolean =>
    hoursOf(protection) > 0 || machines.some(({ wear }) => wear.includes(protection))
  return {
    machines,
    work: atWork(evenings),
    owned,
    noSpare: distinct(PROTECTIONS.filter((one) => asked(one) && there(one) < FOR_TWO))
  }
}
