import { addDays, minutesBetween, type Day } from '../calendar'
import { entryOfOffer, fitContext, jigEntry, kitOf, kitWith, type Kit, type KitTool } from '../fit'
import { sumOf } from '../kernel'
import type { Minor } from '../money'
import { findOffer } from '../prices'
import type { World } from '../workspace'
import { designsOf, minutesEach, type Design } from './design'
import type { Learnt } from './learnt'
import { bestMonth, demandOf, type Month } from './month'
import { paybackSpread, type Spread, type Stream } from './payback'

const DAYS_PER_MONTH = 365 / 12
const MINUTES_PER_HOUR = 60
const MONTHS_PER_YEAR = 12
const YEAR_DAYS = 365

/** Something that may be bought next: a tool with what must come along. */
export interface InView {
  readonly id: string
  readonly cost: Minor
  readonly parts: readonly {
    readonly tool: string
    readonly offer: string
    readonly count: number
  }[]
}

/** What a tool does to side work. Amounts in minor units. */
export interface Earns {
  readonly id: string
  readonly cost: Minor
  /** Designs for sale that can be made with it and not before. */
  readonly opens: readonly string[]
  /** Hours it saves in an average month on what is sold, and what it brings in one. */
  readonly hoursPerMonth: number
  readonly perMonth: number
  /** Pieces sold until it is paid, and the day: from everything it brings, and from the share of it that flows back. Undefined where it never is. */
  readonly pieces: number | undefined
  readonly day: Day | undefined
  readonly dayByShare: Day | undefined
  readonly spread: Spread | undefined
  /** The price at which one commission, of the dearest design it helps to make, pays for the tool and for the hours; undefined where it helps with none. */
  readonly commission: { readonly build: string; readonly price: Minor } | undefined
}

/** Side work with what is owned, and what the tools in view do to it. */
export interface ToolsEarn {
  readonly month: Month
  readonly tools: readonly Earns[]
  /** After how many of the tools, bought in their order, another one no longer pays within the years that count. */
  readonly stopsAfter: number
  /** The month after these, and whether hours are its limit then. */
  readonly then: Month
  readonly years: number
}

/** Minutes of an average month, as the coming year has them. */
export const minutesPerMonth = ({ workspace, asOf }: World): number =>
  minutesBetween(workspace.time, asOf, asOf, addDays(asOf, YEAR_DAYS - 1)) / MONTHS_PER_YEAR

/** What a thing in view puts into the kit. */
function entriesOf(world: World, { parts }: InView): KitTool[] {
  return parts.flatMap(({ tool: id, offer: at, count }): KitTool[] => {
    const tool = world.library.tools.get(id)
    if (!tool) return []
    const offer = findOffer(world.pricing, at)
    return [offer ? entryOfOffer(tool, offer, count) : jigEntry(tool)]
  })
}

/** What each piece of a design brings more once the tool is there, and how many pieces that is: what the spread is drawn from. */
function streamsOf(before: Month, after: Month, designs: readonly Design[]): Stream[] {
  return designs.flatMap((design): Stream[] => {
    const [was, is] = [before, after].map(
      ({ made }) => made.find(({ build }) => build === design.build) ?? { pieces: 0, margin: 0 }
    ) as [{ pieces: number; margin: number }, { pieces: number; margin: number }]
    const more = is.margin - was.margin
    if (is.pieces === 0 || more <= 0) return []
    const wanted = demandOf(design)
    return [
      {
        perMonth: is.pieces,
        each: more / is.pieces,
        ...(is.pieces < wanted ? { most: is.pieces } : {})
      }
    ]
  })
}

/** The price of one commission that pays a tool: its cost, what goes into the piece, and the hours at what they are to bring, with the outlet's share on top. */
function commissionFor(world: World, cost: Minor, helped: readonly Design[]): Earns['commission'] {
  const [dearest] = [...helped].sort((a, b) => b.price - a.price)
  if (!dearest) return undefined
  const rate = world.workspace.money.hourValue
  const hours = minutesEach({ ...dearest, batch: 1 }) / MINUTES_PER_HOUR
  return { build: dearest.build, price: Math.ceil(cost + dearest.cost + hours * rate) }
}

/** The day on which so much a month has come to a sum. */
function dayOf(asOf: Day, cost: number, perMonth: number): Day | undefined {
  if (perMonth <= 0) return undefined
  const days = Math.ceil((cost / perMonth) * DAYS_PER_MONTH)
  const FARTHEST = 20 * YEAR_DAYS
  return days > FARTHEST ? undefined : addDays(asOf, days)
}

/** What a tool changes for the designs for sale. */
function earnsOf(
  world: World,
  { id, cost }: InView,
  was: { readonly designs: readonly Design[]; readonly month: Month },
  designs: readonly Design[],
  minutes: number
): Earns {
  const { asOf, workspace } = world
  const month = bestMonth(designs, minutes)
  const known = new Map(was.designs.map((design) => [design.build, design]))
  const opens = designs.filter(({ build }) => !known.has(build))
  const faster = designs.filter((design) => {
    const before = known.get(design.build)
    return before && minutesEach(design) < minutesEach(before) - 0.5
  })
  const perMonth = Math.max(0, month.margin - was.month.margin)
  const pieces = sumOf(month.made, (one) => one.pieces)
  const hours = sumOf(faster, (design) => {
    const made = month.made.find(({ build }) => build === design.build)?.pieces ?? 0
    return (
      (made * (minutesEach(known.get(design.build) ?? design) - minutesEach(design))) /
      MINUTES_PER_HOUR
    )
  })
  const streams = streamsOf(was.month, month, designs)
  const share = workspace.money.reinvestShare
  return {
    id,
    cost,
    opens: opens.map(({ build }) => build),
    hoursPerMonth: hours,
    perMonth,
    pieces: perMonth > 0 ? Math.ceil(cost / (perMonth / pieces)) : undefined,
    day: dayOf(asOf, cost, perMonth),
    dayByShare: dayOf(asOf, cost, perMonth * share),
    spread: streams.length > 0 ? paybackSpread(streams, cost) : undefined,
    commission: commissionFor(world, cost, [...opens, ...faster])
  }
}

/**
 * What each tool in view does to what is made for sale: before and after it, and when it is paid. Each by itself beside what is owned; where to
 * stop is found along their order.
 */
export function toolsEarn(
  world: World,
  inView: readonly InView[],
  learnt: readonly Learnt[]
): ToolsEarn {
  const context = fitContext(world)
  const minutes = minutesPerMonth(world)
  const at = (kit: Kit): Design[] => designsOf(world, kit, learnt, context)
  const owned = kitOf(world.library, world.workspace.items)
  const designs = at(owned)
  const was = { designs, month: bestMonth(designs, minutes) }
  const tools = inView.map((one) =>
    earnsOf(world, one, was, at(kitWith(owned, entriesOf(world, one))), minutes)
  )
  const years = Math.max(1, world.workspace.money.after.years)
  let [kit, spent, best, stopsAfter, then] = [owned, 0, 0, 0, was.month]
  inView.forEach((one, i) => {
    kit = kitWith(kit, entriesOf(world, one))
    spent += one.cost
    const month = bestMonth(at(kit), minutes)
    const gain = years * MONTHS_PER_YEAR * (month.margin - was.month.margin) - spent
    if (gain > best) [best, stopsAfter, then] = [gain, i + 1, month]
  })
  return { month: was.month, tools, stopsAfter, then, years }
}
