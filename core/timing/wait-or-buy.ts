import { daysBetween, type Day } from '../calendar'
import type { Minor } from '../money'
import {
  levelOf,
  offerOn,
  priceOf,
  staysFor,
  type PaidEntry,
  type PriceLevel,
  type SaleWindow
} from '../prices'
import { tillOf, type Plan, type World } from '../workspace'
import { askingOf, asksOf, firstAffordable, priceOn, type Asked, type Asking } from './asking'
import { lossesOf, type Losses } from './losses'
import { priceGrid, stayingFollowed, stayingRule, type StayingLook } from './staying'

const MINUTES_PER_HOUR = 60

/** A price one might find on a day, and what to make of it. */
export interface LookAhead {
  readonly date: Day
  /** Highest price to take that day, minor units. */
  readonly takes: number
  /** What the price is on average that day. */
  readonly expects: number
  /** What has been lost by waiting until then, in money. */
  readonly lost: number
  /** Chance that waiting ends that day. */
  readonly bought: number
  /** A sale that may hold that day. */
  readonly sale: SaleWindow | undefined
}

/** Whether to buy something now or to wait, and why. */
export interface WaitOrBuy {
  readonly offer: string
  readonly tool: string
  /** The day the plan buys it; undefined for a wish it does not hold. */
  readonly planned: Day | undefined
  readonly count: number
  /** Tag price today, and where it comes from. */
  readonly price: Minor
  readonly typical: boolean
  readonly level: PriceLevel
  readonly answer: 'buy' | 'wait' | 'later' | 'no-need'
  /** Highest tag price at which to buy now; above it waiting costs less. */
  readonly upTo: number
  /** It is worth more than anybody asks: what holds it back is above every usual price. */
  readonly anyUsual: boolean
  /** Saved on the price on average by waiting from today on, minor units; below 0 where it is likelier to be dearer. */
  readonly saves: number
  /** The day waiting most likely ends. */
  readonly until: Day
  /** What is lost until that day, in money. */
  readonly loses: number
  /** Builds done later when it is bought that day. */
  readonly later: readonly { readonly build: string; readonly from: Day; readonly to: Day }[]
  /** Chance that waiting comes out cheaper, its loss included. */
  readonly sure: number
  readonly looks: readonly LookAhead[]
}

/** Minutes one look at prices takes. Common practice. */
const LOOK_MINUTES = 10

/** The looks ahead, and what is lost until each. */
interface Row {
  readonly looks: readonly StayingLook[]
  readonly lost: readonly number[]
  readonly sales: readonly (SaleWindow | undefined)[]
}

/** Chance that a shop's price has been changed in so many days; a used one is another piece each time. */
const changedIn = (days: number, stays: number): number => 1 - Math.exp(-days / stays)

function rowOf(
  asking: Asking,
  { offer }: Asked,
  level: PriceLevel,
  losses: Losses,
  { perTag, typical }: { readonly perTag: number; readonly typical: boolean }
): Row {
  const { days, world, seen } = asking
  const lost = losses.until.map((money) => money / perTag)
  const without = losses.without / perTag
  const priced = days.map((date) => priceOn(asking, offer, level, date))
  const look = (world.workspace.money.hourValue * LOOK_MINUTES) / MINUTES_PER_HOUR
  const stays = staysFor(seen, offer)
  return {
    lost,
    sales: priced.map(({ sale }) => sale),
    looks: priced.map(({ middle, sale }, t) => {
      const before = days[t - 1]
      // What nobody has seen yet, and what is used, is met with anew.
      const isNew = before === undefined || offer.condition !== 'new' || (t === 1 && typical)
      return {
        middle,
        sale,
        changes: isNew ? 1 : changedIn(daysBetween(before, days[t] ?? before), stays),
        wait:
          look + Math.max(0, (t + 1 < days.length ? (lost[t + 1] ?? 0) : without) - (lost[t] ?? 0))
      }
    })
  }
}

/** Builds done later than planned when something is bought on a day. */
const laterOn = ({ doneOn, base }: Losses, date: Day): WaitOrBuy['later'] => {
  const then = doneOn?.(date)
  return [...(base ?? [])].flatMap(([build, from]) => {
    const to = then?.get(build)
    return to !== undefined && to > from && !build.startsWith('make/') ? [{ build, from, to }] : []
  })
}

function answerFor(asking: Asking, asked: Asked): WaitOrBuy | undefined {
  const { world, days, balances, seen } = asking
  const { offer, planned, count } = asked
  const level = levelOf(world.pricing, seen, offer, world.asOf)
  const unit = offerOn(tillOf(world), offer, world.asOf)
  if (!level || !unit) return undefined
  const { tag: price, payment } = unit
  const first =
    planned === undefined ? world.asOf : firstAffordable(world, balances, planned, payment * count)
  const losses = lossesOf(asking, asked)
  const typical = priceOf(world.pricing, offer, world.asOf)?.typical ?? true
  const perTag = Math.max(1, unit.atTill / Math.max(1, price))
  const row = rowOf(asking, asked, level, losses, { perTag, typical })
  const grid = priceGrid(level.spread, price / level.middle)
  // Who goes without what is planned saves its price; a mere wish is worth nothing to the plan.
  const takes = stayingRule(row.looks, grid, planned === undefined ? 0 : price)
  const from = Math.max(
    0,
    days.findIndex((date) => date >= first)
  )
  const next = Math.min(days.length - 1, Math.max(1, from))
  const stayed = stayingFollowed(
    row.looks,
    grid,
    takes,
    next,
    row.lost.map((one) => price - one)
  )
  const most = stayed.at.reduce((best, one, t) => (one > (stayed.at[best] ?? 0) ? t : best), next)
  const until = days[most] ?? world.asOf
  const upTo = planned === undefined ? 0 : (takes[from] ?? 0)
  const isProtection = world.library.tools.get(offer.tool)?.kind === 'protection'
  return {
    offer: offer.id,
    tool: offer.tool,
    planned,
    count,
    price,
    typical,
    level,
    answer: answerOf({ planned, waits: first > world.asOf, takes: price <= upTo || isProtection }),
    upTo,
    anyUsual: upTo >= level.high,
    saves: Number.isNaN(stayed.price) ? 0 : price - stayed.price,
    until,
    loses: row.lost[most] ?? 0,
    later: laterOn(losses, until),
    sure: stayed.below,
    looks: days.map((date, t) => ({
      date,
      takes: takes[t] ?? 0,
      expects: stayed.mean[t] ?? price,
      lost: row.lost[t] ?? 0,
      bought: stayed.at[t] ?? 0,
      sale: row.sales[t]
    }))
  }
}

/** @param waits it cannot be paid for today  @param takes the price is one to take, or nobody should wait for it */
const answerOf = (one: {
  readonly planned: Day | undefined
  readonly waits: boolean
  readonly takes: boolean
}): WaitOrBuy['answer'] =>
  one.planned === undefined ? 'no-need' : one.waits ? 'later' : one.takes ? 'buy' : 'wait'

/**
 * Whether to buy now or to wait, for everything the plan buys at usual prices and everything wished for, the next purchases first. What
 * waiting costs comes from the plan itself, made again with the purchase held back; what prices may do comes from those seen and the
 * sales expected; the rule is backward induction over the days on which one would look.
 */
export function* waitOrBuy(
  world: World,
  plan: Plan,
  paid: readonly PaidEntry[] = world.workspace.ledger
): Generator<WaitOrBuy, void> {
  const asks = asksOf(world, plan)
  if (asks.length === 0) return
  const asking = askingOf(world, plan, paid)
  for (const asked of asks) {
    const answer = answerFor(asking, asked)
    if (answer) yield answer
  }
}
