import { materialPrice } from '../builds'
import { compareDays, type Day } from '../calendar'
import { TIERS, type MaterialUnit, type Tier, type Tool } from '../catalogue'
import { distinct, groupBy, sumOf } from '../kernel'
import { timesRatio, type Minor } from '../money'
import { plannedUses, type ItemHours } from '../hours'
import type { CareTask } from '../inspection'
import {
  isSupply,
  plannedBuild,
  stockOn,
  type CareDone,
  type Item,
  type Plan,
  type Stocked,
  type World
} from '../workspace'
import { cheapestPacks, savedBy, type Pack, type PackChoice } from './packs'

/** What a planned build needs of it, and when. */
export interface Need {
  readonly build: string
  readonly on: Day
  readonly amount: number
}

/** Something that is used up: what is there, what the plan needs of it, and when it runs out. Amounts in its unit; hours for what wears out. */
export interface SupplyLine {
  readonly what: string
  readonly kind: 'material' | 'wears'
  readonly unit: MaterialUnit | 'hour'
  readonly have: number
  /** Whether it was ever counted or bought; what was not is taken for none. */
  readonly known: boolean
  readonly goodUntil: Day | undefined
  /** Too old to be reckoned with by the day it is needed. */
  readonly isOld: boolean
  readonly needs: readonly Need[]
  /** The first build it does not suffice for: to be bought by then. */
  readonly runsOut: Need | undefined
  /** What all builds together need beyond what is there. */
  readonly short: number
  /** The cheapest sizes for that; for what wears out so many new ones. */
  readonly buy: PackChoice | undefined
  /** What they cost, and what that saves against the usual size alone; minor units. */
  readonly cost: Minor
  readonly saves: Minor
}

const MINUTES_PER_HOUR = 60
/** Hours left this small are none. */
const NOTHING = 1e-9

/** What the builds ahead need of every supply, in the order in which they begin. */
function needsAhead(world: World, plan: Plan | undefined): ReadonlyMap<string, Need[]> {
  const needs = (plan?.builds ?? []).flatMap((planned) => {
    const build = plannedBuild(world, planned)
    if (!build || build.log) return []
    return build.materials.flatMap(({ material: id, quantity }) => {
      const material = world.library.materials.get(id)
      return material && isSupply(material)
        ? [{ id, build: build.id, on: planned.begin, amount: quantity * build.copies }]
        : []
    })
  })
  return new Map(
    [...groupBy(needs, ({ id }) => id)].map(([id, list]) => [
      id,
      list
        .map(({ build, on, amount }) => ({ build, on, amount }))
        .sort((a, b) => compareDays(a.on, b.on))
    ])
  )
}

/** The first need that what is there does not meet. */
function runOut(have: number, needs: readonly Need[], goodUntil?: Day): Need | undefined {
  let left = have
  return needs.find(({ on, amount }) => {
    if (goodUntil !== undefined && goodUntil < on) return true
    left -= amount
    return left < -NOTHING
  })
}

function materialLine(
  world: World,
  what: string,
  stocked: Stocked | undefined,
  needs: readonly Need[],
  sizes: Readonly<Record<string, readonly Pack[]>>
): SupplyLine | undefined {
  const material = world.library.materials.get(what)
  if (!material) return undefined
  const { goodUntil } = stocked ?? {}
  const have = stocked?.have ?? 0
  // What is too old by the day it is needed is there, and of no use.
  const fresh = needs.filter(({ on }) => goodUntil === undefined || goodUntil >= on)
  const used = Math.min(
    have,
    sumOf(fresh, ({ amount }) => amount)
  )
  const short = Math.max(0, sumOf(needs, ({ amount }) => amount) - used)
  const packs = sizes[what] ?? [{ amount: 1, points: material.points }]
  const choice = short > NOTHING ? cheapestPacks(short, packs) : undefined
  const { price } = materialPrice(world.pricing, what)
  // The user's own price says how dear all sizes are.
  const money = (points: number): Minor =>
    timesRatio(price, material.points > 0 ? points / material.points : 0)
  return {
    what,
    kind: 'material',
    unit: material.unit,
    have,
    known: stocked !== undefined,
    goodUntil,
    isOld: have > 0 && goodUntil !== undefined && goodUntil < (needs[0]?.on ?? world.asOf),
    needs,
    runsOut: runOut(have, needs, goodUntil),
    short,
    buy: choice,
    cost: choice ? money(choice.points) : 0,
    saves: choice ? money(savedBy(choice, short, packs)) : 0
  }
}

const LIFE: Readonly<Record<Tier, 'getBy' | 'weekend' | 'trade'>> = {
  [TIERS[0]]: 'getBy',
  [TIERS[1]]: 'weekend',
  [TIERS[2]]: 'trade',
  [TIERS[3]]: 'trade'
}

/** Things owned that wear a blade, a disc or a bit: those it goes with. */
function carriers({ workspace, library }: World, what: string): Item[] {
  return workspace.items.filter((item) =>
    (library.tools.get(item.tool)?.companions ?? []).some(({ anyOf }) => anyOf.includes(what))
  )
}

/** What care needs to know of what wears: which tasks put a new one in. */
type Renewing = Pick<CareTask, 'id' | 'uses'>

/** New ones put in, the newest first: of each carrier by its care. */
function renewals(
  { workspace }: World,
  what: string,
  by: readonly Item[],
  tasks: readonly Renewing[]
): CareDone[] {
  const [renewing, ids] = [
    new Set(tasks.filter(({ uses }) => uses?.includes(what)).map(({ id }) => id)),
    new Set(by.map(({ id }) => id))
  ]
  return (workspace.upkeep ?? [])
    .filter(
      (one): one is CareDone => one.kind === 'care' && renewing.has(one.task) && ids.has(one.item)
    )
    .sort((a, b) => compareDays(b.on, a.on))
}

/** Spare ones: counted and bought, less those put in since. */
function spares({ workspace, asOf }: World, what: string, put: readonly CareDone[]): number {
  const moves = (workspace.supplies ?? [])
    .filter((one) => one.what === what && one.on <= asOf)
    .sort((a, b) => compareDays(a.on, b.on))
  const from = moves.findLastIndex(({ kind }) => kind === 'count')
  const since = moves.slice(Math.max(0, from))
  const [first] = since
  if (!first) return 0
  const came = sumOf(since, ({ kind, amount }) =>
    kind === 'gone' ? -amount : kind === 'opened' ? 0 : amount
  )
  // What is counted on a day is what is left of it.
  const used = put.filter(({ on }) => (first.kind === 'count' ? on > first.on : on >= first.on))
  return Math.max(0, came - used.length)
}

/** Hours left of what is owned: with a new one put in its life begins anew; before that the hours count from the first. */
function hoursLeft(
  own: readonly Item[],
  life: NonNullable<Tool['lifeHours']>,
  put: readonly CareDone[],
  ran: number
): number {
  const [newest] = put
  if (!newest) {
    const all = sumOf(own, ({ tier, count }) => life[LIFE[tier]] * count)
    return Math.max(0, all - ran / MINUTES_PER_HOUR)
  }
  // One of those bought is in use, and each put in since was another.
  const kept = Math.max(0, sumOf(own, ({ count }) => count) - 1 - put.length)
  const inUse = life.weekend - (ran - newest.atMinutes) / MINUTES_PER_HOUR
  return Math.max(0, inUse) + kept * life.weekend
}

/** How long what wears out still lasts, by the hours of what it goes with. */
function wearLines(
  world: World,
  plan: Plan | undefined,
  hours: ReadonlyMap<string, ItemHours>,
  tasks: readonly Renewing[]
): SupplyLine[] {
  const { library, workspace } = world
  const worn = distinct(workspace.items.map(({ tool }) => tool)).filter((id) => {
    const tool = library.tools.get(id)
    return tool?.kind === 'accessory' && tool.lifeHours !== null
  })
  const planned = worn.length > 0 ? plannedUses(world, plan) : []
  return worn.flatMap((what): SupplyLine[] => {
    const tool = library.tools.get(what)
    const life = tool?.lifeHours
    const by = carriers(world, what)
    if (!life || by.length === 0) return []
    const put = renewals(world, what, by, tasks)
    const ran = Math.max(0, ...by.map(({ id }) => hours.get(id)?.minutes ?? 0))
    const own = workspace.items.filter((item) => item.tool === what)
    const have = hoursLeft(own, life, put, ran) + spares(world, what, put) * life.weekend
    const needs = planned.flatMap(({ build, begin: on, items }): Need[] => {
      const amount = Math.max(0, ...by.map(({ id }) => items[id] ?? 0)) / MINUTES_PER_HOUR
      return amount > 0 ? [{ build, on, amount }] : []
    })
    const short = Math.max(0, sumOf(needs, ({ amount }) => amount) - have)
    const pack: Pack = { amount: life.weekend, points: tool.forms[0]?.points ?? 0 }
    const buy = short > NOTHING ? cheapestPacks(short, [pack]) : undefined
    return [
      {
        what,
        kind: 'wears',
        unit: 'hour',
        have,
        known: true,
        goodUntil: undefined,
        isOld: false,
        needs,
        runsOut: runOut(have, needs),
        short,
        buy,
        cost: buy ? timesRatio(world.pricing.minorPer100Points, buy.points / 100) : 0,
        saves: 0
      }
    ]
  })
}

/**
 * Everything that is used up and is there or needed, what runs out first at the head; then what is needed, then the rest.
 * @param hours of use of each thing owned; `sizes` in which materials are sold, with the usual one; `tasks` care that puts a new one in
 */
export function supplyLines(
  world: World,
  plan: Plan | undefined,
  hours: ReadonlyMap<string, ItemHours>,
  {
    sizes,
    tasks
  }: {
    readonly sizes: Readonly<Record<string, readonly Pack[]>>
    readonly tasks: readonly Renewing[]
  }
): SupplyLine[] {
  const stock = stockOn(world.workspace, world.library, world.asOf)
  const needs = needsAhead(world, plan)
  const lines = [
    ...distinct([...needs.keys(), ...stock.keys()]).flatMap(
      (what) => materialLine(world, what, stock.get(what), needs.get(what) ?? [], sizes) ?? []
    ),
    ...wearLines(world, plan, hours, tasks)
  ]
  const day = ({ runsOut, needs: list }: SupplyLine): Day =>
    runsOut?.on ?? (list.length > 0 ? '9998' : '9999')
  return lines.sort((a, b) => (day(a) < day(b) ? -1 : day(a) > day(b) ? 1 : 0))
}
