import {
  DAYS_PER_YEAR,
  addDays,
  compareDays,
  daysBetween,
  minutesPerDay,
  type Day
} from '../calendar'
import { daysUntilSold, nightsOf, type Build } from '../builds'
import { TOLERANCE, groupBy, normalFrom, sumOf } from '../kernel'
import type { Minor } from '../money'
import { fromPurse } from '../plan'
import { basketOn, salesFor, unitOn } from '../prices'
import {
  flowsBack,
  plannedBuild,
  salesOf,
  tillOf,
  type Plan,
  type PlannedPurchase,
  type World
} from '../workspace'
import type { RiskSettings } from './settings'

/** A price may overrun a balance by no more than rounding leaves behind, minor units. */
const CASH_TOLERANCE = 1e-6

/** What is bought together: one purchase, or all of a day where a deal or the sale of what is replaced ties them. */
interface Bundled {
  /** Days from today. */
  readonly day: number
  readonly purchases: readonly number[]
  /** What deals take off, and what selling what is replaced brings, as planned. */
  readonly saved: Minor
  readonly regained: Minor
}

/** A purchase of the plan, with how its price may turn out. */
interface Priced {
  /** Paid as planned, and kept back for repairs. */
  readonly price: Minor
  readonly kept: Minor
  /** Standard deviation of the logarithm of its price. */
  readonly spread: number
  readonly sale: { readonly chance: number; readonly off: number } | undefined
}

/** A build of the plan, with the purchases it waits for. */
interface Work {
  readonly begin: number
  readonly minutes: number
  readonly material: Minor
  readonly build: Build | undefined
  /** Nights it waits for glue and coats. */
  readonly nights: number
  readonly waitsFor: readonly number[]
}

/** A plan made ready to be followed many times. */
export interface Course {
  readonly world: World
  readonly settings: RiskSettings
  readonly days: number
  readonly receipts: readonly { readonly day: number; readonly amount: Minor }[]
  readonly prices: readonly Priced[]
  readonly baskets: readonly Bundled[]
  readonly works: readonly Work[]
  /** Works in the order in which they are worked at: what the plan finishes first comes first. */
  readonly order: readonly number[]
}

/** One way things went. */
export interface Run {
  /** Day each build of the plan is done, undefined where the horizon ends first. */
  readonly done: readonly (number | undefined)[]
  /** Balance at the end of each day. */
  readonly balances: readonly number[]
  /** Whether the balance was below the reserve on some day from the first payment on. */
  readonly touched: boolean
}

function pricedOf(world: World, settings: RiskSettings, purchase: PlannedPurchase): Priced {
  const { offer: id, date, count, price } = purchase
  const { quotes } = world.workspace
  const unit = unitOn(tillOf(world), id, date)
  const quoted = quotes
    .filter(({ offer }) => offer === id)
    .map((quote) => quote.date)
    .sort(compareDays)
    .at(-1)
  const age = quoted === undefined ? 0 : Math.max(0, daysBetween(quoted, date)) / DAYS_PER_YEAR
  const hoped = unit?.offer !== undefined && unit.expected < unit.payment
  const windows = hoped ? salesFor(salesOf(world), unit.what, date) : []
  return {
    price,
    kept: (unit?.repair ?? 0) * count,
    spread:
      quoted === undefined
        ? settings.typicalSpread
        : Math.hypot(settings.quoteSpread, settings.quoteSpreadPerYear * age),
    sale: windows.find(({ from }) => from <= date)
  }
}

/** What is bought together, in order of the days; within a day in the plan's order. */
function basketsOf(world: World, plan: Plan): Bundled[] {
  const indexed = plan.purchases.map((purchase, index) => ({ index, ...purchase }))
  return [...groupBy(indexed, ({ date }) => date)]
    .sort(([a], [b]) => compareDays(a, b))
    .flatMap(([date, list]) => {
      const day = daysBetween(world.asOf, date)
      const basket = basketOn(
        tillOf(world),
        date,
        list.map(({ offer: id, count }) => ({ id, count }))
      )
      const counted = (plan.savings ?? []).some((one) => one.date === date)
      const saved = counted ? sumOf(basket.savings, ({ amount }) => amount) : 0
      const sold = (plan.resales ?? []).filter((one) => one.date === date)
      const regained = sumOf(sold, ({ amount }) => amount)
      const purchases = list.map(({ index }) => index)
      return saved === 0 && regained === 0
        ? purchases.map((one) => ({ day, purchases: [one], saved: 0, regained: 0 }))
        : [{ day, purchases, saved, regained }]
    })
}

export function courseOf(world: World, plan: Plan, settings: RiskSettings): Course {
  const day = (date: Day): number => daysBetween(world.asOf, date)
  const works = plan.builds.map((one): Work => {
    const { begin, work, material } = one
    const build = plannedBuild(world, one)
    return {
      begin: day(begin),
      minutes: sumOf(work, ({ minutes }) => minutes),
      material: build ? fromPurse(world, build, material) : material,
      build,
      nights: build ? nightsOf(world.library, build) : 0,
      waitsFor: plan.purchases.flatMap(({ date }, i) => (date <= begin ? [i] : []))
    }
  })
  const planned = (i: number): { done: Day; begin: Day } =>
    plan.builds[i] ?? { done: '', begin: '' }
  return {
    world,
    settings,
    days: day(world.until) + 1,
    receipts: world.receipts.map(({ date, amount }) => ({ day: day(date), amount })),
    prices: plan.purchases.map((purchase) => pricedOf(world, settings, purchase)),
    baskets: basketsOf(world, plan),
    works,
    order: works
      .map((_, i) => i)
      .sort(
        (a, b) =>
          compareDays(planned(a).done, planned(b).done) ||
          compareDays(planned(a).begin, planned(b).begin)
      )
  }
}

/** A factor of mean 1 whose logarithm has this standard deviation. */
const lognormal = (random: () => number, spread: number): number =>
  Math.exp(spread * normalFrom(random) - (spread * spread) / 2)

/** A course under way: what has been drawn, and how far it has come. */
interface Following {
  readonly course: Course
  readonly random: () => number
  readonly prices: readonly number[]
  readonly income: Float64Array
  readonly minutes: Int32Array
  readonly bought: boolean[]
  readonly left: number[]
  /** The day each work was begun. */
  readonly begun: (number | undefined)[]
  readonly done: (number | undefined)[]
  readonly open: Bundled[]
  balance: number
  /** Whether anything has been paid yet. */
  paid: boolean
}

/** Draws what does not depend on the plan: prices, hours, income, how long work takes. */
function begin(course: Course, random: () => number): Following {
  const { world, settings, days, works } = course
  const prices = course.prices.map(({ price, spread, sale }) => {
    const drawn = price * lognormal(random, spread)
    return sale && random() < sale.chance * settings.saleHopes ? drawn * (1 - sale.off) : drawn
  })
  const minutes = minutesPerDay(world.workspace.time, world.asOf, days)
  for (let day = 0; day < days; day += 7)
    if (random() < settings.lostWeek) minutes.fill(0, day, day + 7)
  const income = new Float64Array(days)
  for (const { day, amount } of course.receipts)
    if (day < days && !(amount > 0 && random() < settings.missedPayday)) income[day]! += amount
  return {
    course,
    random,
    prices,
    income,
    minutes,
    bought: course.prices.map(() => false),
    left: works.map((work) => work.minutes * lognormal(random, settings.workSpread)),
    begun: works.map(() => undefined),
    done: works.map(() => undefined),
    open: [...course.baskets],
    balance: world.balance,
    paid: false
  }
}

/** Whether an amount can be paid without touching the reserve. */
const affords = ({ course, balance }: Following, amount: number): boolean =>
  balance - amount >= course.world.workspace.money.reserve - CASH_TOLERANCE

/** What is due and can be paid is bought. What stands on an earlier day comes first, so that a dear one is not pushed out by cheap ones behind it. */
function buy(state: Following, day: number): void {
  const { course, open } = state
  for (let i = 0; i < open.length;) {
    const { day: due, purchases, saved, regained } = open[i]!
    if (due > day || due > open[0]!.day) return
    const price = sumOf(purchases, (one) => state.prices[one] ?? 0)
    const kept = sumOf(purchases, (one) => course.prices[one]?.kept ?? 0)
    const planned = sumOf(purchases, (one) => course.prices[one]?.price ?? 0)
    const off = planned > 0 ? (saved * price) / planned : 0
    const cost = price + kept - off - regained
    if (cost > 0 && !affords(state, cost)) {
      i++
      continue
    }
    state.balance -= cost
    state.paid ||= price > 0
    for (const one of purchases) state.bought[one] = true
    open.splice(i, 1)
  }
}

/** A finished piece is sold some days later. */
function sell({ course, random, income }: Following, build: Build, day: number): void {
  const { sale } = build
  if (!sale) return
  const { settings, world, days } = course
  const chance = -Math.log(Math.max(TOLERANCE, random()))
  const after = Math.round(daysUntilSold(build) * (1 + settings.sellSpread * (chance - 1)))
  const sold = Math.max(day, day + after)
  const late = sale.due !== undefined && addDays(world.asOf, day) > sale.due
  if (sold < days && !late)
    income[sold]! += flowsBack(world.workspace.money, sale.netEach * build.copies, build.copies)
}

/** Begins a work where its material can be paid for; whether it is under way. */
function isUnderWay(state: Following, i: number, day: number, time: number): boolean {
  if (state.begun[i] !== undefined) return true
  const { material } = state.course.works[i]!
  if (time <= 0 && state.left[i]! > 0) return false
  if (material > 0 && !affords(state, material)) return false
  state.balance -= material
  state.paid ||= material > 0
  state.begun[i] = day
  return true
}

/** Works a day's minutes away, in order; what cannot be paid for waits, and so does what waits for a purchase. Done is what is dry. */
function work(state: Following, day: number): void {
  const { course, done, left } = state
  let time = state.minutes[day] ?? 0
  for (const i of course.order) {
    const { begin: first, minutes, waitsFor, build, nights } = course.works[i]!
    if (done[i] !== undefined || first > day || waitsFor.some((one) => !state.bought[one])) continue
    if (!isUnderWay(state, i, day, time)) continue
    const taken = Math.min(time, left[i] ?? 0)
    time -= taken
    left[i]! -= taken
    if (left[i]! > CASH_TOLERANCE) continue
    const dry = Math.max(day, (state.begun[i] ?? day) + (minutes > 0 ? nights : 0))
    if (dry >= course.days) continue
    done[i] = dry
    if (build) sell(state, build, dry)
  }
}

/** Follows a plan through one possible course of things: what cannot be paid or worked on its day waits for the next one. */
export function follow(course: Course, random: () => number): Run {
  const state = begin(course, random)
  const { reserve } = course.world.workspace.money
  const balances: number[] = []
  let touched = false
  for (let day = 0; day < course.days; day++) {
    state.balance += state.income[day] ?? 0
    buy(state, day)
    const before = state.income[day] ?? 0
    work(state, day)
    // What is sold on the day it is done is paid on that day.
    state.balance += (state.income[day] ?? 0) - before
    if (state.paid && state.balance < reserve - CASH_TOLERANCE) touched = true
    balances.push(state.balance)
  }
  return { done: state.done, balances, touched }
}
