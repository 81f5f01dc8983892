import { DAYS_PER_YEAR, addDays, byDate, compareDays, daysBetween, type Day } from '../calendar'
import { distinct } from '../kernel'
import type { Minor } from '../money'
import { evaluate } from '../plan'
import {
  findOffer,
  salesFor,
  seenPrices,
  type Offer,
  type PaidEntry,
  type PriceLevel,
  type SaleWindow,
  type SeenPrice
} from '../prices'
import { Variations, problemOf, worthOfMoney } from '../search'
import { salesOf, type Plan, type World } from '../workspace'

/** Weeks from today on in which prices are looked at once a week; later on where something changes. */
const WEEKLY = 4
const MOST_LOOKS = 26
/** What more money is worth is tried out with this share of what is in the purse, and this much at the least, minor units. */
const MORE = { share: 0.1, least: 1000 } as const

/** Days on which one would look again: each week at first, then whenever money comes, a stage begins or a sale does. */
function lookDays({ asOf, until, stages, receipts }: World, sales: readonly SaleWindow[]): Day[] {
  const soon = Array.from({ length: WEEKLY }, (_, i) => addDays(asOf, 7 * (i + 1)))
  const starts = sales.map(({ from }) => from)
  const rest = [
    ...receipts.filter(({ amount }) => amount > 0).map(({ date }) => date),
    ...stages.map(({ start }) => start)
  ]
  const later = distinct([...soon, ...starts, ...rest])
    .filter((date) => date > asOf && date <= until)
    .sort(compareDays)
  // Where there are too many, sales and the first weeks stay.
  const keep = new Set([...soon, ...starts])
  const apart = Math.max(1, Math.ceil(later.length / (MOST_LOOKS - keep.size)))
  return [asOf, ...later.filter((date, i) => keep.has(date) || i % apart === 0)].slice(
    0,
    MOST_LOOKS
  )
}

/** What may be bought on a day without touching the reserve on that day or before the plan itself pays for it. */
export function firstAffordable(
  world: World,
  balances: readonly { readonly date: Day; readonly balance: Minor }[],
  planned: Day,
  payment: Minor
): Day {
  const { reserve } = world.workspace.money
  const before = [...balances].sort(byDate).filter(({ date }) => date < planned)
  let first = planned
  for (const { date, balance } of before.reverse()) {
    if (balance - payment < reserve) break
    first = date
  }
  return first
}

/** Everything the answers for one plan share. */
export interface Asking {
  readonly world: World
  readonly near: Variations
  readonly seen: readonly SeenPrice[]
  readonly sales: readonly SaleWindow[]
  readonly days: readonly Day[]
  readonly balances: readonly { readonly date: Day; readonly balance: Minor }[]
  /** What a unit of money is worth. */
  readonly perMoney: number
}

/** However prices went, nobody reckons with more than so much up or down a year. */
const STEEPEST = 0.1

/** What the price may be on a day: the level, its trend, and the sale that may hold. New things bought only are in sales. */
export function priceOn(
  asking: Asking,
  offer: Offer,
  level: PriceLevel,
  date: Day
): { readonly middle: number; readonly sale: SaleWindow | undefined } {
  const years = daysBetween(asking.world.asOf, date) / DAYS_PER_YEAR
  const trend = Math.max(-STEEPEST, Math.min(STEEPEST, level.trend ?? 0))
  const drift = (1 + trend) ** Math.min(1, years)
  const middle = level.middle * drift
  if (offer.condition !== 'new') return { middle, sale: undefined }
  const open = salesFor(asking.sales, offer.tool, date).filter(({ from }) => from <= date)
  return {
    middle,
    sale: open.reduce<SaleWindow | undefined>(
      (best, one) => (!best || one.off * one.chance > best.off * best.chance ? one : best),
      undefined
    )
  }
}

/** What is asked about: a planned purchase, or a wish. */
export interface Asked {
  readonly offer: Offer
  readonly count: number
  readonly planned: Day | undefined
}

/** What is planned to be bought new or used at usual prices, the next first, and then what is wished for; each tool once. */
export function asksOf(world: World, plan: Plan): Asked[] {
  const planned = [...plan.purchases]
    .sort(byDate)
    .flatMap(({ offer: id, count, date }): Asked[] => {
      const offer = findOffer(world.pricing, id)
      return offer?.acquisition === 'buy' && !offer.single ? [{ offer, count, planned: date }] : []
    })
  const known = new Set(planned.map(({ offer }) => offer.tool))
  const { tier } = world.workspace.preferences
  const wishes = world.workspace.wishes.flatMap((tool): Asked[] => {
    const power = world.library.tools.get(tool)?.forms[0]?.power
    const offer =
      power && !known.has(tool)
        ? findOffer(world.pricing, [tool, tier, 'new', 'buy', power].join('/'))
        : undefined
    return offer ? [{ offer, count: 1, planned: undefined }] : []
  })
  const once = new Set<string>()
  return [...planned, ...wishes].filter(({ offer }) => {
    const is = once.has(offer.tool)
    once.add(offer.tool)
    return !is
  })
}

/** What all answers for a plan share. */
export function askingOf(world: World, plan: Plan, paid: readonly PaidEntry[]): Asking {
  const { workspace } = world
  const seen = seenPrices(world.pricing, workspace.quotes, paid)
  const sales = salesOf(world)
  const near = new Variations(problemOf(world), plan)
  const more = Math.max(MORE.least, Math.round(world.balance * MORE.share))
  return {
    world,
    near,
    seen,
    sales,
    days: lookDays(world, sales),
    balances: evaluate(world, plan).balances,
    perMoney: Math.max(workspace.money.keptMoneyWorth, worthOfMoney(near, world, more))
  }
}
