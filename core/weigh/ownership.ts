import {
  CONDITIONS,
  TIERS,
  dutyMinutesPerHour,
  repairReserve,
  resaleShare,
  type Condition,
  type Library,
  type Power,
  type Tier,
  type Tool,
  specsOf
} from '../catalogue'
import { isDone } from '../builds'
import {
  consumablesPerHour,
  exactEnough,
  kitOf,
  leadError,
  leadsOn,
  loadOf,
  plainRunMinutes,
  resultError,
  slownessOf,
  type KitTool
} from '../fit'
import { leastBy } from '../kernel'
import { timesRatio, type Minor } from '../money'
import { offerId, priceOf, type Price } from '../prices'
import type { World } from '../workspace'

/** A way to have a tool for some hours. */
export type Tenure =
  | { readonly kind: 'buy'; readonly tier: Tier; readonly condition: Condition }
  | { readonly kind: 'trade-up'; readonly first: Tier; readonly then: Tier }
  | { readonly kind: 'hire' }
  | { readonly kind: 'borrow' }

export const tenureId = (tenure: Tenure): string =>
  tenure.kind === 'buy'
    ? `${tenure.tier}/${tenure.condition}`
    : tenure.kind === 'trade-up'
      ? `${tenure.first}>${tenure.then}`
      : tenure.kind

/** What having a tool for some hours costs, minor units; resale is negative. */
export interface OwnershipCost {
  readonly purchase: number
  readonly replacements: number
  readonly consumables: number
  readonly repairs: number
  /** Hours more or fewer than with the weekend tier, at their value. */
  readonly slower: number
  readonly resale: number
  readonly total: number
}

export interface OwnershipOption {
  readonly tenure: Tenure
  readonly id: string
  /** Typical while no quote of the user's own stands behind any price in it. */
  readonly typical: boolean
  /** Hours it can be had for; no limit when left out. */
  readonly upTo?: number | undefined
  /** Cost for so many hours at the weekend tier's pace. */
  cost(hours: number): OwnershipCost
  /** Hours at which the cost jumps or changes direction, up to a limit. */
  breaks(limit: number): number[]
}

/** Useful life left against new. Common practice: used tools have seen about half of theirs. */
const LIFE_LEFT: Readonly<Record<Condition, number>> = { new: 1, refurbished: 0.8, used: 0.5 }
/** A day's hire against the price of a new weekend-tier one. Common practice. */
const HIRE_PER_DAY = 0.1
/** Hours of use in a day of hire: the rest is setting up, marking and moving. */
const HOURS_PER_HIRE_DAY = 4
/** Days a neighbour lends a tool for, and a depot hires one out to a hobby workshop, before it has to be one's own. Common practice. */
const LONGEST = { borrow: 6, hire: 30 } as const
/** What is borrowed comes back with a fresh blade or a small thank-you: share of the price of a new weekend-tier one, a day. */
const THANKS_PER_DAY = 0.01

/** Hours before a tool is worn out; Infinity where it lasts when looked after. Lifetime tier: twice trade. */
export function lifeHours(tool: Tool, tier: Tier, condition: Condition): number {
  const { lifeHours: life } = tool
  if (life === null) return Infinity
  const years =
    tier === 'get-by'
      ? life.getBy
      : tier === 'weekend'
        ? life.weekend
        : tier === 'trade'
          ? life.trade
          : 2 * life.trade
  return years * LIFE_LEFT[condition]
}

function typicalPrice(
  world: World,
  tool: Tool,
  tier: Tier,
  condition: Condition,
  power: Power
): Price | undefined {
  const parts = { tool: tool.id, tier, condition, acquisition: 'buy' as const, power }
  const id = offerId(parts)
  return priceOf(world.pricing, { ...parts, id }, world.asOf)
}

const spent = (parts: Omit<OwnershipCost, 'total'>): OwnershipCost => ({
  ...parts,
  total:
    parts.purchase +
    parts.replacements +
    parts.consumables +
    parts.repairs +
    parts.slower +
    parts.resale
})

interface Circumstances {
  readonly tool: Tool
  readonly perHour: number
  readonly hourValue: Minor
}

function bought(
  { tool, perHour, hourValue }: Circumstances,
  tier: Tier,
  condition: Condition,
  price: Price
): OwnershipOption {
  const life = lifeHours(tool, tier, condition)
  const tenure: Tenure = { kind: 'buy', tier, condition }
  return {
    tenure,
    id: tenureId(tenure),
    typical: price.typical,
    cost(hours) {
      const count = Number.isFinite(life) ? Math.max(1, Math.ceil(hours / life - 1e-9)) : 1
      const used = Number.isFinite(life) ? Math.max(0, hours - (count - 1) * life) / life : 0
      return spent({
        purchase: price.payment,
        replacements: (count - 1) * price.payment,
        consumables: perHour * hours,
        repairs: count * price.tag * repairReserve(condition),
        slower: hours * (slownessOf({ tier, condition }) - 1) * hourValue,
        resale: -price.tag * resaleShare(tool, tier, condition) * (1 - used)
      })
    },
    breaks: (limit) =>
      Number.isFinite(life)
        ? Array.from({ length: Math.min(200, Math.floor(limit / life)) }, (_, i) => (i + 1) * life)
        : []
  }
}

/** Get by until that one is worn out, then buy the better one. */
function tradedUp(
  all: Circumstances,
  first: OwnershipOption,
  firstTier: Tier,
  then: OwnershipOption,
  thenTier: Tier
): OwnershipOption | undefined {
  const change = lifeHours(all.tool, firstTier, 'new')
  if (!Number.isFinite(change)) return undefined
  const tenure: Tenure = { kind: 'trade-up', first: firstTier, then: thenTier }
  return {
    tenure,
    id: tenureId(tenure),
    typical: first.typical || then.typical,
    cost(hours) {
      if (hours <= change) return first.cost(hours)
      const [a, b] = [first.cost(change), then.cost(hours - change)]
      return spent({
        purchase: a.purchase,
        replacements: a.replacements + b.purchase + b.replacements,
        consumables: a.consumables + b.consumables,
        repairs: a.repairs + b.repairs,
        slower: a.slower + b.slower,
        resale: a.resale + b.resale
      })
    },
    breaks: (limit) =>
      [change, ...then.breaks(Math.max(0, limit - change)).map((at) => at + change)].filter(
        (at) => at <= limit
      )
  }
}

function byTheDay(
  { perHour }: Circumstances,
  kind: 'hire' | 'borrow',
  perDay: Minor,
  typical: boolean
): OwnershipOption {
  const tenure: Tenure = { kind }
  return {
    tenure,
    id: tenureId(tenure),
    typical,
    upTo: LONGEST[kind] * HOURS_PER_HIRE_DAY,
    cost: (hours) =>
      spent({
        purchase: perDay * Math.max(1, Math.ceil(hours / HOURS_PER_HIRE_DAY - 1e-9)),
        replacements: 0,
        consumables: perHour * hours,
        repairs: 0,
        slower: 0,
        resale: 0
      }),
    breaks: (limit) =>
      Array.from(
        { length: Math.min(LONGEST[kind], Math.floor(limit / HOURS_PER_HIRE_DAY)) },
        (_, i) => (i + 1) * HOURS_PER_HIRE_DAY
      )
  }
}

/** A quoted price of an own offer to hire or borrow a tool, by the day. */
const quotedDay = (world: World, tool: Tool, acquisition: 'hire' | 'borrow'): Minor | undefined =>
  leastBy(
    world.workspace.offers
      .filter((offer) => offer.tool === tool.id && offer.acquisition === acquisition)
      .flatMap((offer) => priceOf(world.pricing, offer, world.asOf)?.payment ?? []),
    (price) => price
  )

/**
 * Every way to have a tool: four tiers new, refurbished and used, the get-by one first and a trade one later, hired and borrowed.
 * Prices are the user's where there are any, else typical.
 */
export function ownershipOptions(world: World, tool: Tool, power: Power): OwnershipOption[] {
  const all: Circumstances = {
    tool,
    perHour: consumablesPerHour(world, tool),
    hourValue: world.workspace.money.hourValue
  }
  const found = TIERS.flatMap((tier) =>
    CONDITIONS.flatMap((condition) => {
      const price =
        tool.kind !== 'tool' && condition !== 'new'
          ? undefined
          : typicalPrice(world, tool, tier, condition, power)
      return price ? [bought(all, tier, condition, price)] : []
    })
  )
  const of = (tier: Tier): OwnershipOption | undefined =>
    found.find(({ id }) => id === `${tier}/new`)
  const [getBy, trade] = [of('get-by'), of('trade')]
  const path = getBy && trade ? tradedUp(all, getBy, 'get-by', trade, 'trade') : undefined
  const weekend = typicalPrice(world, tool, 'weekend', 'new', power)
  const hired = quotedDay(world, tool, 'hire')
  const borrowed = quotedDay(world, tool, 'borrow')
  const days =
    weekend && tool.kind === 'tool'
      ? [
          byTheDay(
            all,
            'hire',
            hired ?? timesRatio(weekend.tag, HIRE_PER_DAY),
            hired === undefined
          ),
          byTheDay(
            all,
            'borrow',
            borrowed ?? timesRatio(weekend.tag, THANKS_PER_DAY),
            borrowed === undefined
          )
        ]
      : []
  return [...found, ...(path ? [path] : []), ...days]
}

/** A stretch of hours over which one option costs least. */
export interface CheapestRange {
  readonly from: number
  readonly to: number
  readonly id: string
}

const EPSILON = 1e-6

/**
 * Which option costs least over how many hours. Between its jumps each cost is a straight line, so that the crossings between two
 * jumps are those of lines, and are found exactly.
 */
export function cheapestOver(options: readonly OwnershipOption[], limit: number): CheapestRange[] {
  if (options.length === 0 || limit <= 0) return []
  const jumps = [...new Set([0, limit, ...options.flatMap((option) => option.breaks(limit))])].sort(
    (a, b) => a - b
  )
  const found: CheapestRange[] = []
  const add = (from: number, to: number, id: string): void => {
    const last = found.at(-1)
    if (last?.id === id) found[found.length - 1] = { ...last, to }
    else found.push({ from, to, id })
  }
  for (let i = 0; i + 1 < jumps.length; i++) {
    const [from, to] = [jumps[i] ?? 0, jumps[i + 1] ?? 0]
    if (to - from < EPSILON) continue
    // Just inside the piece, so that a jump at its end does not count.
    const inset = (to - from) * 1e-6
    const lines = options
      .filter(({ upTo = Infinity }) => from < upTo - EPSILON)
      .map((option) => {
        const [a, b] = [option.cost(from + inset).total, option.cost(to - inset).total]
        return {
          id: option.id,
          slope: (b - a) / (to - from - 2 * inset),
          at: (hours: number) => a + ((b - a) * (hours - from - inset)) / (to - from - 2 * inset)
        }
      })
    for (let at = from; at < to - EPSILON;) {
      const here = at
      const lead = leastBy(lines, (line) => line.at(here) + line.slope * EPSILON)
      if (!lead) break
      const next = lines.reduce((soonest, line) => {
        if (line.slope >= lead.slope - 1e-12) return soonest
        const crossing = here + (line.at(here) - lead.at(here)) / (lead.slope - line.slope)
        return crossing > here + EPSILON && crossing < soonest ? crossing : soonest
      }, to)
      add(here, next, lead.id)
      at = next
    }
  }
  return found
}

/** Why a tier will not do. */
export type RuledOut =
  | {
      readonly kind: 'accuracy'
      readonly tier: Tier
      readonly build: string
      readonly operation: string
      readonly has: number
      readonly needs: number
    }
  | {
      readonly kind: 'duty'
      readonly tier: Tier
      readonly build: string
      readonly operation: string
      readonly minutes: number
      readonly needsPerHour: number
      readonly allows: number
    }

/** A run longer than this in one go counts as long, minutes. */
const LONG_RUN = 60
/** Share of the running time in which the trigger is really pressed: the rest is turning the work and looking. Common practice. */
const TRIGGER_SHARE = 0.5

/**
 * Tiers that the builds rule out: where a step's accuracy cannot be met with the tool's error at that tier and the marking owned, but
 * could be with a better one; or where a run over an hour asks for more minutes in the hour than the tier is made for (powered tools).
 */
export function ruledOut(world: World, tool: Tool, power: Power): RuledOut[] {
  const { library } = world
  const kit = kitOf(library, world.workspace.items)
  const found: RuledOut[] = []
  for (const tier of TIERS) {
    const entry: KitTool = {
      tool,
      tier,
      condition: 'new',
      power,
      specs: specsOf(tool, tier),
      count: 1
    }
    const marks = tool.roles.includes('square')
    const markingMm = marks
      ? Math.min(kit.markingMm, entry.specs.accuracyMm ?? kit.markingMm)
      : kit.markingMm
    const finest = marks
      ? Math.min(kit.markingMm, specsOf(tool, 'lifetime').accuracyMm ?? kit.markingMm)
      : kit.markingMm
    for (const build of world.workspace.builds.filter((one) => !isDone(one)))
      for (const step of build.steps) {
        const led = (library.methodsFor.get(step.operation) ?? []).filter((method) =>
          marks ? method.marked : leadsOn(entry, method, step.stock)
        )
        if (led.length === 0) continue
        const error = (of: Tier, marking: number): number =>
          Math.min(
            ...led.map((method) =>
              resultError(method, leadError(method, marks ? undefined : { tier: of }, []), marking)
            )
          )
        const has = error(tier, markingMm)
        if (
          step.accuracyMm !== undefined &&
          !exactEnough(has, step.accuracyMm) &&
          exactEnough(error('lifetime', finest), step.accuracyMm)
        )
          found.push({
            kind: 'accuracy',
            tier,
            build: build.id,
            operation: step.operation,
            has,
            needs: step.accuracyMm
          })
        if (power === 'hand' || marks) continue
        const load = loadOf(step, build)
        const quickest = Math.min(...led.map((method) => plainRunMinutes(method, load)))
        const minutes = (quickest * slownessOf({ tier, condition: 'new' })) / load.batches
        const needsPerHour = 60 * TRIGGER_SHARE
        if (minutes > LONG_RUN && needsPerHour > dutyMinutesPerHour(tier))
          found.push({
            kind: 'duty',
            tier,
            build: build.id,
            operation: step.operation,
            minutes,
            needsPerHour,
            allows: dutyMinutesPerHour(tier)
          })
      }
  }
  return found
}

/** Hours the open builds would use a tool, each step by the quickest way with it; per copy and batch as the builds say. */
export function hoursOfUse(
  world: World,
  library: Library,
  tool: Tool
): {
  readonly hours: number
  readonly builds: readonly { readonly build: string; readonly hours: number }[]
} {
  const entry: KitTool = {
    tool,
    tier: 'weekend',
    condition: 'new',
    power: tool.forms[0]?.power ?? 'hand',
    specs: specsOf(tool, 'weekend'),
    count: 99
  }
  const builds = world.workspace.builds
    .filter((one) => !isDone(one))
    .flatMap((build) => {
      let minutes = 0
      for (const step of build.steps) {
        const load = loadOf(step, build)
        const led = (library.methodsFor.get(step.operation) ?? []).filter((method) =>
          leadsOn(entry, method, step.stock)
        )
        if (led.length > 0)
          minutes += Math.min(...led.map((method) => plainRunMinutes(method, load)))
      }
      return minutes > 0 ? [{ build: build.id, hours: minutes / 60 }] : []
    })
  return { hours: builds.reduce((sum, { hours }) => sum + hours, 0), builds }
}
