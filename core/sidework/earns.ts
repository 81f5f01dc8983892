import { addDays, DAYS_PER_MONTH, minutesBetween, type Day } from '../calendar'
import { kitOf, type Kit } from '../fit'
import { leastBy, sumOf } from '../kernel'
import type { Minor } from '../money'
import { outletOf, priceLeaving, type Plan, type World } from '../workspace'
import { atBench, lookingAt, withTools, type AtBench, type Looking } from './by-step'
import { makingOf, minutesEach, type Design } from './design'
import { kitsInView, MOST_IN_VIEW, toolsInView, type InView } from './in-view'
import type { Learnt } from './learnt'
import { bestMonth, demandOf, type Month } from './month'
import { paybackSpread, type Spread, type Stream } from './payback'

const MINUTES_PER_HOUR = 60
const MONTHS_PER_YEAR = 12
const YEAR_DAYS = 365

/** What a tool does to side work. Amounts in minor units. */
export interface Earns {
  readonly id: string
  /** What comes along: with a kit for a first piece all the rest of it. */
  readonly along: readonly string[]
  readonly kitFor: string | undefined
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
  /** The build whose kit the tools stand beside, where what is owned makes nothing for sale. */
  readonly beside: string | undefined
  readonly month: Month
  readonly tools: readonly Earns[]
  /** The tools that pay within the years that count, in the order they would be bought; after them another one does not. */
  readonly grows: readonly Earns[]
  /** The month after these, and whether hours are its limit then. */
  readonly then: Month
  readonly years: number
}

/** Minutes of an average month, as the coming year has them. */
export const minutesPerMonth = ({ workspace, asOf }: World): number =>
  minutesBetween(workspace.time, asOf, asOf, addDays(asOf, YEAR_DAYS - 1)) / MONTHS_PER_YEAR

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

/**
 * The price of one commission that pays a tool: its cost, what goes into the piece made by itself with it, and the hours at what they are to
 * bring, with the outlet's share on top.
 */
function commissionFor(
  { world, context }: Looking,
  kit: Kit,
  cost: Minor,
  helped: readonly Design[]
): Earns['commission'] {
  const [dearest] = [...helped].sort((a, b) => b.price - a.price)
  const build = world.workspace.builds.find(({ id }) => id === dearest?.build)
  const making = build && makingOf(world, kit, build, 1, context)
  if (!dearest || !making) return undefined
  const hours = (making.minutes * dearest.pace) / MINUTES_PER_HOUR
  const spent = making.material + making.consumables + making.services
  const price = priceLeaving(
    cost + spent + hours * dearest.hourValue,
    outletOf(world.workspace, build.sale?.outlet)
  )
  return Number.isFinite(price) ? { build: dearest.build, price } : undefined
}

/** Pieces until a cost is covered: fixed cost over contribution of one, rounded up. Undefined where one contributes nothing. */
export const breakEven = (cost: number, each: number): number | undefined =>
  each > 0 ? Math.ceil(cost / each) : undefined

/** The day on which so much a month has come to a sum; undefined beyond ten years. @param wait days until the first of it comes */
export function paidOn(asOf: Day, cost: number, perMonth: number, wait = 0): Day | undefined {
  if (perMonth <= 0) return undefined
  const days = Math.ceil((cost / perMonth) * DAYS_PER_MONTH + wait)
  const FARTHEST = 10 * YEAR_DAYS
  return days > FARTHEST ? undefined : addDays(asOf, days)
}

/** Hours a month that a kit saves on what is sold against another. */
function hoursSaved(
  was: ReadonlyMap<string, Design>,
  month: Month,
  designs: readonly Design[]
): number {
  return sumOf(designs, (design) => {
    const before = was.get(design.build)
    const made = month.made.find(({ build }) => build === design.build)?.pieces ?? 0
    const saved = before ? minutesEach(before) - minutesEach(design) : 0
    return saved > LEAST_SAVED ? (made * saved) / MINUTES_PER_HOUR : 0
  })
}
/** Minutes of a piece below which nothing is said to be saved. */
const LEAST_SAVED = 0.5

/** A kit's designs with its best month. */
interface Standing {
  readonly bench: AtBench
  readonly month: Month
}

/** What a tool changes for the designs for sale. */
function earnsOf(
  looking: Looking,
  { id, cost, entries, kitFor }: InView,
  was: Standing,
  is: Standing
): Earns {
  const { asOf, workspace } = looking.world
  const { designs, kit } = is.bench
  const known = new Map(was.bench.designs.map((design) => [design.build, design]))
  const helped = designs.filter((design) => {
    const before = known.get(design.build)
    return !before || minutesEach(design) < minutesEach(before) - LEAST_SAVED
  })
  const perMonth = Math.max(0, is.month.margin - was.month.margin)
  const pieces = sumOf(is.month.made, (one) => one.pieces)
  // What has been sold all along goes on being sold; of a first piece the buyer is waited for.
  const wait = designs.find(({ build }) => build === kitFor)?.days
  const streams = perMonth > 0 ? streamsOf(was.month, is.month, designs) : []
  return {
    id,
    along: entries.flatMap(({ tool }) => (tool.id === id ? [] : [tool.id])),
    kitFor,
    cost,
    opens: helped.flatMap(({ build }) => (known.has(build) ? [] : [build])),
    hoursPerMonth: hoursSaved(known, is.month, designs),
    perMonth,
    pieces: perMonth > 0 ? breakEven(cost, perMonth / pieces) : undefined,
    day: paidOn(asOf, cost, perMonth, wait),
    dayByShare: paidOn(asOf, cost, perMonth * workspace.money.reinvestShare, wait),
    spread: streams.length > 0 ? paybackSpread(streams, cost) : undefined,
    commission: commissionFor(looking, kit, cost, helped)
  }
}

/** Tools bought one after another, each time the one that then leaves most, until none leaves more than it costs in the years that count. */
function growing(
  looking: Looking,
  inView: readonly InView[],
  from: Standing,
  worthOf: (margin: number) => number
): { readonly bought: readonly InView[]; readonly then: Month } {
  const minutes = minutesPerMonth(looking.world)
  let standing = from
  let left = [...inView]
  const bought: InView[] = []
  for (;;) {
    const tried = left.map((one) => {
      const bench = withTools(looking, standing.bench, one.entries)
      const month = bestMonth(bench.designs, minutes)
      return { one, bench, month, leaves: worthOf(month.margin - standing.month.margin) - one.cost }
    })
    const [best] = tried.sort((a, b) => b.leaves - a.leaves)
    if (!best || best.leaves <= 0) return { bought, then: standing.month }
    standing = best
    bought.push(best.one)
    // What left nothing beside something made already is not looked at again: tools that only pay together stand in view together.
    left = tried.flatMap(({ one, month, leaves }) =>
      one === best.one || (leaves <= 0 && month.made.length > 0) ? [] : [one]
    )
  }
}

/** The kit that what is owned is looked at with: what is owned, or where that makes nothing for sale, with the kit that is paid soonest. */
function baseOf(
  was: Standing,
  kits: readonly Tried[]
): { readonly standing: Standing; readonly first: Tried | undefined } {
  const first = was.bench.designs.length > 0 ? undefined : leastBy(kits, ({ earns }) => rank(earns))
  return { standing: first?.is ?? was, first }
}

/**
 * What each tool in view does to what is made for sale: before and after it, and when it is paid. Each by itself beside what is owned, or where
 * that makes nothing, beside the kit for a first piece, which stands in view as one. Where to stop is found by buying them one after another.
 */
export function toolsEarn(
  world: World,
  plan: Plan | undefined,
  learnt: readonly Learnt[],
  most = MOST_IN_VIEW
): ToolsEarn {
  const looking = lookingAt(world, learnt)
  const minutes = minutesPerMonth(world)
  const standingOf = (bench: AtBench): Standing => ({
    bench,
    month: bestMonth(bench.designs, minutes)
  })
  const was = standingOf(atBench(looking, kitOf(world.library, world.workspace.items)))
  const beside = (from: Standing, views: readonly InView[]): Tried[] =>
    views.map((view) => {
      const is = standingOf(withTools(looking, from.bench, view.entries))
      return { view, is, earns: earnsOf(looking, view, from, is) }
    })
  const kits = beside(was, kitsInView(looking, was.bench))
  const base = baseOf(was, kits)
  const inThere = new Set(base.first?.view.entries.map(({ tool }) => tool.id))
  const inView = toolsInView(looking, base.standing.bench, plan)
    .filter(({ id }) => !inThere.has(id))
    .slice(0, most)
  const tried = [...kits, ...beside(base.standing, inView)]
  const years = Math.max(1, world.workspace.money.after.years)
  const paying = tried.filter(({ earns }) => earns.perMonth > 0)
  const { bought, then } = growing(
    looking,
    paying.map(({ view }) => view),
    was,
    (margin) => margin * years * MONTHS_PER_YEAR
  )
  return {
    month: was.month,
    beside: base.first?.view.kitFor,
    tools: tried
      .map(({ earns }) => earns)
      .sort((a, b) => rank(a) - rank(b) || b.hoursPerMonth - a.hoursPerMonth),
    grows: bought.flatMap((one) => tried.find(({ view }) => view === one)?.earns ?? []),
    then,
    years
  }
}
/** A thing in view, with the standing it leads to. */
interface Tried {
  readonly view: InView
  readonly is: Standing
  readonly earns: Earns
}
/** Orders by how soon it is paid. */
const rank = ({ cost, perMonth }: Earns): number => (perMonth > 0 ? cost / perMonth : Infinity)
