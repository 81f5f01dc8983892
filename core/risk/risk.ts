import { addDays, dayNumber, daysBetween, minutesPerDay, type Day } from '../calendar'
import { seededRandom, sumOf } from '../kernel'
import type { Minor } from '../money'
import { findOffer, priceThen, salesFor } from '../prices'
import { findBuild, type Plan, type World } from '../workspace'
import { batchOf } from '../builds'

/** What may turn out otherwise than planned. All common practice; the user can change each. */
export interface RiskSettings {
  /** Spread of a typical price: standard deviation of its logarithm. */
  readonly typicalSpread: number
  /** Spread of a price quoted today, and what a year adds to it. */
  readonly quoteSpread: number
  readonly quoteSpreadPerYear: number
  /** Chance that a payday brings nothing. */
  readonly missedPayday: number
  /** Chance that a week has no hours. */
  readonly lostWeek: number
  /** Spread of working time: standard deviation of its logarithm. */
  readonly workSpread: number
}

export const USUAL_RISK: RiskSettings = {
  typicalSpread: 0.2,
  quoteSpread: 0.04,
  quoteSpreadPerYear: 0.15,
  missedPayday: 0.05,
  lostWeek: 0.12,
  workSpread: 0.25
}

export const FAN = [0.05, 0.25, 0.5, 0.75, 0.95] as const

export interface Risk {
  readonly samples: number
  readonly builds: readonly {
    readonly build: string
    readonly copies: number | undefined
    readonly by: Day
    readonly wished: boolean
    readonly chance: number
    readonly half: Day | undefined
  }[]
  /** Balance at the end of each day of change: the quantiles of `FAN`. */
  readonly fan: readonly { readonly date: Day; readonly quantiles: readonly number[] }[]
  /** Chance that the balance touches what is kept back on some day after the first purchase. */
  readonly belowReserve: number
}

/** Standard normal numbers from uniform ones, by Box and Muller. */
function normals(random: () => number): () => number {
  return () =>
    Math.sqrt(-2 * Math.log(Math.max(1e-12, random()))) * Math.cos(2 * Math.PI * random())
}

/** The value below which a share of a sorted list lies, between neighbours by proportion (type 7 of Hyndman and Fan, 1996). */
export function quantile(sorted: readonly number[], share: number): number {
  if (sorted.length === 0) return Number.NaN
  const place = (sorted.length - 1) * share
  const low = Math.floor(place)
  const [a, b] = [sorted[low] ?? 0, sorted[Math.min(sorted.length - 1, low + 1)] ?? 0]
  return a + (b - a) * (place - low)
}

interface Run {
  readonly done: (number | undefined)[]
  readonly balances: number[]
  readonly touched: boolean
}

/** Follows a plan through one possible course of things: what cannot be paid or worked on its day waits for the next one. */
class Course {
  private readonly horizon: number
  private readonly receiptsAt: ReadonlyMap<number, Minor>
  private readonly offers
  private readonly order: readonly number[]

  constructor(
    private readonly world: World,
    private readonly plan: Plan,
    private readonly settings: RiskSettings
  ) {
    const start = dayNumber(world.asOf)
    this.horizon = dayNumber(world.until) - start + 1
    const at = new Map<number, Minor>()
    for (const { date, amount } of world.receipts)
      at.set(dayNumber(date) - start, (at.get(dayNumber(date) - start) ?? 0) + amount)
    this.receiptsAt = at
    this.offers = plan.purchases.map((purchase) => {
      const offer = findOffer(world.pricing, purchase.offer)
      const price =
        offer && priceThen(world.pricing, world.workspace.saleWindows ?? [], offer, purchase.date)
      const quote = world.workspace.quotes
        .filter((one) => one.offer === purchase.offer)
        .map(({ date }) => date)
        .sort()
        .at(-1)
      const age =
        quote === undefined ? undefined : Math.max(0, daysBetween(quote, purchase.date)) / 365
      const sale =
        offer && price && price.expected < price.payment
          ? salesFor(world.workspace.saleWindows ?? [], offer.tool, purchase.date).find(
              ({ from }) => from <= purchase.date
            )
          : undefined
      return {
        day: dayNumber(purchase.date) - start,
        price: purchase.price,
        spread:
          age === undefined
            ? settings.typicalSpread
            : Math.hypot(settings.quoteSpread, settings.quoteSpreadPerYear * age),
        sale
      }
    })
    this.order = plan.builds
      .map((_, i) => i)
      .sort((a, b) => ((plan.builds[a]?.begin ?? '') < (plan.builds[b]?.begin ?? '') ? -1 : 1))
  }

  run(random: () => number): Run {
    const { world, plan, settings } = this
    const normal = normals(random)
    const { reserve, reinvestShare } = world.workspace.money
    const lognormal = (spread: number): number =>
      Math.exp(spread * normal() - (spread * spread) / 2)
    const prices = this.offers.map(
      ({ price, spread, sale }) =>
        price * lognormal(spread) * (sale && random() < sale.chance ? 1 - sale.off : 1)
    )
    const free = minutesPerDay(world.workspace.time, world.asOf, this.horizon)
    for (let day = 0; day < this.horizon; day += 7)
      if (random() < settings.lostWeek) free.fill(0, day, day + 7)
    const income = new Float64Array(this.horizon)
    for (const [day, amount] of this.receiptsAt)
      if (day >= 0 && day < this.horizon)
        income[day] = amount > 0 && random() < settings.missedPayday ? 0 : amount
    const bought: (number | undefined)[] = plan.purchases.map(() => undefined)
    const done: (number | undefined)[] = plan.builds.map(() => undefined)
    const left = plan.builds.map(
      ({ work }) => sumOf(work, ({ minutes }) => minutes) * lognormal(settings.workSpread)
    )
    const begun = plan.builds.map(() => false)
    const start = dayNumber(world.asOf)
    const balances: number[] = []
    let balance = world.balance
    let touched = false
    for (let day = 0; day < this.horizon; day++) {
      balance += income[day] ?? 0
      this.offers.forEach((offer, i) => {
        if (bought[i] !== undefined || offer.day > day) return
        // What stands before it in the plan comes first, so that a dear one is not pushed out by cheap ones behind it.
        if (this.offers.some((other, k) => bought[k] === undefined && other.day < offer.day)) return
        if (balance - (prices[i] ?? 0) < reserve - 1e-6) return
        balance -= prices[i] ?? 0
        bought[i] = day
      })
      let time = free[day] ?? 0
      for (const i of this.order) {
        const planned = plan.builds[i]
        if (!planned || done[i] !== undefined || time <= 0) continue
        const begin = dayNumber(planned.begin) - start
        if (
          begin > day ||
          plan.purchases.some(
            (purchase, k) => purchase.date <= planned.begin && (bought[k] ?? Infinity) > day
          )
        )
          continue
        if (!begun[i]) {
          if (planned.material > 0 && balance - planned.material < reserve - 1e-6) continue
          balance -= planned.material
          begun[i] = true
        }
        const taken = Math.min(time, left[i] ?? 0)
        time -= taken
        left[i] = (left[i] ?? 0) - taken
        if ((left[i] ?? 0) > 1e-6) continue
        done[i] = day
        const whole = findBuild(world, planned.build)
        const build = whole && batchOf(whole, planned.copies)
        if (build?.sale) {
          const sold = day + Math.round(-Math.log(Math.max(1e-9, random())) * build.sale.daysToSell)
          if (sold < this.horizon && sold > day)
            income[sold] = (income[sold] ?? 0) + build.sale.netEach * build.copies * reinvestShare
        }
      }
      if (balance < reserve - 1e-6) touched = true
      balances.push(balance)
    }
    return { done, balances, touched }
  }
}

/** Dates of the fan: about this many, evenly. */
const FAN_POINTS = 60

/**
 * Follows a plan through many possible courses of things (Monte Carlo): prices, sales, missed paydays, lost weeks, slower work, time to
 * sell. The same seed gives the same answer.
 * @param onRound hears the state so far; false ends it
 */
export function riskOf(
  world: World,
  plan: Plan,
  samples = 1000,
  seed = 1,
  settings: RiskSettings = USUAL_RISK,
  onRound: (risk: Risk) => boolean = () => true
): Risk {
  const course = new Course(world, plan, settings)
  const random = seededRandom(seed)
  const runs: Run[] = []
  const step = Math.max(1, Math.floor(samples / 8))
  for (let i = 1; i <= samples; i++) {
    runs.push(course.run(random))
    if (i % step === 0 && i < samples && !onRound(summed(world, plan, runs))) break
  }
  return summed(world, plan, runs)
}

function summed(world: World, plan: Plan, runs: readonly Run[]): Risk {
  const start = dayNumber(world.asOf)
  const days = runs[0]?.balances.length ?? 0
  const every = Math.max(1, Math.floor(days / FAN_POINTS))
  const fan = Array.from({ length: Math.ceil(days / every) }, (_, k) => {
    const sorted = runs.map(({ balances }) => balances[k * every] ?? 0).sort((a, b) => a - b)
    return {
      date: addDays(world.asOf, k * every),
      quantiles: FAN.map((share) => quantile(sorted, share))
    }
  })
  const builds = plan.builds.flatMap((planned, i) => {
    if (planned.build.startsWith('make/')) return []
    const wished = findBuild(world, planned.build)?.wished
    const by = wished ?? planned.done
    const limit = dayNumber(by) - start
    const sorted = runs.map(({ done }) => done[i] ?? Infinity).sort((a, b) => a - b)
    const half = sorted[Math.floor(sorted.length / 2)] ?? Infinity
    return [
      {
        build: planned.build,
        copies: planned.copies,
        by,
        wished: wished !== undefined,
        chance: sorted.filter((day) => day <= limit).length / Math.max(1, sorted.length),
        half: Number.isFinite(half) ? addDays(world.asOf, half) : undefined
      }
    ]
  })
  return {
    samples: runs.length,
    builds,
    fan,
    belowReserve: runs.filter(({ touched }) => touched).length / Math.max(1, runs.length)
  }
}
