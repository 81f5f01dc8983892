import { demandAt, type PricePoint, type Sale } from '../builds'
import { DAYS_PER_MONTH } from '../calendar'
import { groupBy, leastBy, sumOf } from '../kernel'
import { exponentOf, type Minor } from '../money'
import {
  outletOf,
  priceLeaving,
  priceParts,
  saleParts,
  type Outlet,
  type Workspace
} from '../workspace'
import { minutesEach, type Design } from './design'
import { mostOf, type Month } from './month'

const MONTHS_PER_YEAR = 12

/** What one price at one outlet brings in a month. Amounts in minor units. */
export interface AtPrice {
  readonly outlet: string | undefined
  readonly price: Minor
  readonly net: Minor
  /** Pieces sold in a month: what is asked for, or what can be made. */
  readonly perMonth: number
  readonly days: number
  /** Pieces that wait for a buyer on average, by Little's law: those sold in a day times the days one waits. */
  readonly waiting: number
  /** Margin of the month, less what the waiting pieces tie up. */
  readonly perMonthLeft: number
}

/** What is known besides prices. */
export interface PriceGround {
  /** Timber, finish, what wears and services in one, minor units. */
  readonly cost: number
  /** Pieces that can be made in a month; Infinity where hours are no limit. */
  readonly most: number
  /** Yearly rate at which money tied up in pieces counts, as a share. */
  readonly rate: number
}

/** The prices to ask, one for each outlet at which something is known. */
export interface BestPrices {
  readonly at: readonly AtPrice[]
  readonly perMonth: number
  readonly perMonthLeft: number
  /** Whether what can be made in a month is the limit, not what is asked for. */
  readonly limited: boolean
}

/** What a price brings at an outlet. @param most pieces that can go there in a month */
export function atPrice(
  points: readonly PricePoint[],
  outlet: Outlet | undefined,
  price: Minor,
  { cost, most, rate }: PriceGround
): AtPrice {
  const demand = demandAt(points, price) ?? { perMonth: 0, days: 0 }
  const perMonth = Math.min(most, demand.perMonth)
  const { net } = priceParts(price, outlet)
  const waiting = (perMonth * demand.days) / DAYS_PER_MONTH
  return {
    outlet: outlet?.id,
    price,
    net,
    perMonth,
    days: demand.days,
    waiting,
    perMonthLeft: perMonth * (net - cost) - (waiting * cost * rate) / MONTHS_PER_YEAR
  }
}

/**
 * The best whole price at one outlet when each piece costs so much more: between neighbouring known prices demand and waiting go along
 * straight lines, so that what a month leaves is a parabola there; its top and the ends are looked at, rounded down and up.
 * @param extra what a piece counts beyond its cost, minor units: its share of scarce hours
 * @param whole the step prices go in, minor units
 */
function bestAt(
  points: readonly PricePoint[],
  outlet: Outlet | undefined,
  ground: PriceGround,
  extra: number,
  whole: Minor
): AtPrice {
  const sorted = [...points].sort((a, b) => a.price - b.price)
  const left = (price: number): number => {
    const found = atPrice(points, outlet, price, ground)
    return found.perMonthLeft - found.perMonth * extra
  }
  const candidates = new Set(sorted.map(({ price }) => price))
  const near = (price: number, low: number, high: number): void => {
    for (const rounded of [Math.floor(price / whole) * whole, Math.ceil(price / whole) * whole])
      if (rounded >= low && rounded <= high) candidates.add(rounded)
  }
  sorted.slice(1).forEach((high, i) => {
    const low = sorted[i] as PricePoint
    const width = high.price - low.price
    if (width === 0) return
    // Three values give the parabola; its top is where its slope is nothing. Rounding of single fees to whole units moves it by less than a step.
    const middle = (low.price + high.price) / 2
    const free = { ...ground, most: Infinity }
    const at = (price: number): number => {
      const found = atPrice(points, outlet, price, free)
      return found.perMonthLeft - found.perMonth * extra
    }
    const [a, b, c] = [at(low.price), at(middle), at(high.price)]
    const bend = a - 2 * b + c
    if (bend < 0) near(middle + ((a - c) / bend) * (width / 4), low.price, high.price)
    // Where what can be made meets what is asked for.
    const slope = (high.perMonth - low.perMonth) / width
    if (slope !== 0 && Number.isFinite(ground.most))
      near(low.price + (ground.most - low.perMonth) / slope, low.price, high.price)
  })
  let best = sorted[0]?.price ?? 0
  for (const price of candidates) if (left(price) > left(best)) best = price
  return atPrice(points, outlet, best, ground)
}

/** Halvings of what an hour is worth where hours are short: enough to tell single units apart. */
const HALVINGS = 40

/**
 * The price to ask at each outlet so that a month leaves most. Where more is asked for than can be made, a piece counts besides its cost what
 * the last one would have brought elsewhere, the same at each outlet, so that the dearer buyers are served (Lagrange multiplier, found by
 * halving). Undefined where no price is known.
 */
export function bestPrices(
  workspace: Pick<Workspace, 'outlets'>,
  known: readonly PricePoint[],
  ground: PriceGround,
  whole: Minor
): BestPrices | undefined {
  const outlets = [...groupBy(known, ({ outlet }) => outlet)]
  if (outlets.length === 0) return undefined
  const all = (extra: number, most: number): AtPrice[] =>
    outlets.map(([id, points]) =>
      bestAt(points, outletOf(workspace, id), { ...ground, most }, extra, whole)
    )
  // An outlet that does not bring what a piece would bring elsewhere is served by nobody.
  const asked = (found: readonly AtPrice[], extra = 0): number =>
    sumOf(found, ({ perMonth, net }) => (net - ground.cost > extra ? perMonth : 0))
  const free = all(0, Infinity)
  if (asked(free) <= ground.most) return summed(free, false)
  if (outlets.length === 1) return summed(all(0, ground.most), true)
  let [low, high] = [0, Math.max(...known.map(({ price }) => price))]
  for (let i = 0; i < HALVINGS; i++) {
    const middle = (low + high) / 2
    if (asked(all(middle, Infinity), middle) > ground.most) low = middle
    else high = middle
  }
  // Where demand jumps, the prices on either side of the jump are tried, with what there is for the dearer buyers first.
  const tried = [high, low, 0].map((extra) =>
    summed(filled(all(extra, Infinity), workspace, known, ground), true)
  )
  return leastBy(tried, ({ perMonthLeft }) => -perMonthLeft)
}

/** What is left of what can be made goes where a piece leaves most; an outlet that pays for nobody's hours sells none. */
function filled(
  found: readonly AtPrice[],
  workspace: Pick<Workspace, 'outlets'>,
  known: readonly PricePoint[],
  ground: PriceGround
): AtPrice[] {
  let left = ground.most
  return [...found]
    .sort((a, b) => b.net - a.net)
    .map(({ outlet: id, price }) => {
      const points = known.filter(({ outlet }) => outlet === id)
      const at = atPrice(points, outletOf(workspace, id), price, { ...ground, most: left })
      left -= at.perMonth
      return at
    })
}

/** The outlets at which anything is left; where none leaves anything, the one that loses least. */
function summed(all: readonly AtPrice[], limited: boolean): BestPrices {
  const paying = all.filter(({ perMonthLeft }) => perMonthLeft > 0)
  const least = leastBy(all, ({ perMonthLeft }) => -perMonthLeft)
  const at = paying.length > 0 || !least ? paying : [least]
  return {
    at,
    perMonth: sumOf(at, ({ perMonth }) => perMonth),
    perMonthLeft: sumOf(at, ({ perMonthLeft }) => perMonthLeft),
    limited
  }
}

/** What an offer of a buyer is held against. */
export interface BidAdvice {
  /** From this price on it is as good to sell now as to wait for the asking price: what waiting costs is taken off it. */
  readonly asGood: Minor
  /** Below this price the piece brings less than making it again costs with the hours at what they are to bring. */
  readonly never: Minor
  readonly takes: 'take' | 'maybe' | 'leave'
}

/**
 * Whether to take what a buyer offers. Selling now saves the wait: the net price in so many days counts less by the seller's impatience.
 * Between that and the price below which the hours are not paid, it is worth taking when the piece has waited longer than usual.
 * @param days that a buyer at the asking price is still waited for
 */
export function bidAdvice(
  asked: Minor,
  bid: Minor,
  outlet: Outlet | undefined,
  {
    cost,
    minutes,
    hourValue,
    days,
    rate
  }: {
    readonly cost: number
    readonly minutes: number
    readonly hourValue: Minor
    readonly days: number
    readonly rate: number
  }
): BidAdvice {
  const net = priceParts(asked, outlet).net
  const asGood = Math.min(asked, priceLeaving(net * (1 + rate) ** (-days / 365), outlet))
  const never = Math.min(asGood, priceLeaving(cost + (minutes / 60) * hourValue, outlet))
  return { asGood, never, takes: bid >= asGood ? 'take' : bid >= never ? 'maybe' : 'leave' }
}

/** What to ask for a piece, and how far to go down from what is asked now. */
export interface Asking {
  /** Undefined where nothing is known of prices. */
  readonly best: BestPrices | undefined
  readonly haggle: BidAdvice
}

/** What to ask for pieces of a build. @param month an average one, with so many minutes, that says how many can be made */
export function askingFor(
  workspace: Workspace,
  sale: Sale,
  design: Design,
  { month, minutes }: { readonly month: Month; readonly minutes: number }
): Asking {
  const { cost, hourValue, days } = design
  const rate = workspace.money.impatience
  const { price } = saleParts(workspace, sale)
  return {
    best: bestPrices(
      workspace,
      sale.known ?? [],
      { cost, most: mostOf(month, design, minutes), rate },
      10 ** exponentOf(workspace.money.currency)
    ),
    haggle: bidAdvice(price, price, outletOf(workspace, sale.outlet), {
      cost,
      minutes: minutesEach(design),
      hourValue,
      days,
      rate
    })
  }
}
