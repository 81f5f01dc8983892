import type { Day } from '../calendar'
import { FOUR_OF_FIVE, groupBy, sumOf } from '../kernel'
import type { SaleWindow } from './bundles'
import { USUAL_SPREAD, kindKey, type SeenPrice } from './seen'
import { shifted } from './yearly'

/** What a yearly sale is taken to be, from what it was said to be and what one's own prices showed since. */
export interface SaleEstimate {
  /** Chance that it comes, 0 to 1, and the stretch it lies in with four chances of five. */
  readonly chance: number
  readonly chanceLow: number
  readonly chanceHigh: number
  /** Share it takes off, and the stretch it lies in with four chances of five. */
  readonly off: number
  readonly offLow: number
  readonly offHigh: number
  /** Past years in whose days a price was seen, and in how many of them prices were lower. */
  readonly years: number
  readonly came: number
}

/** What was said of a sale counts as much as so many years of looking. */
const SAID_YEARS = 2
/** What is said is never quite certain. */
const [LEAST_CHANCE, MOST_CHANCE] = [0.05, 0.95]
/** How far what is said of the depth may be off, and how far one year's depth lies from another's: standard deviations. */
const SAID_OFF = 0.08
const YEAR_OFF = 0.06
/** Years looked back. */
const YEARS_BACK = 12
const GRID = 2000

/** Values of a Beta distribution below which given shares lie, by adding up its density on a grid. */
export function betaQuantiles(a: number, b: number, shares: readonly number[]): number[] {
  const density = Array.from({ length: GRID }, (_, i) => {
    const x = (i + 0.5) / GRID
    return (a - 1) * Math.log(x) + (b - 1) * Math.log(1 - x)
  })
  const most = Math.max(...density)
  const weights = density.map((one) => Math.exp(one - most))
  const all = sumOf(weights, (one) => one)
  return shares.map((share) => {
    let below = 0
    const at = weights.findIndex((one) => (below += one) >= share * all)
    return ((at < 0 ? GRID : at) + 0.5) / GRID
  })
}

/** Prices of kinds outside the sale: their middle, and how far a single one lies from it. */
interface Regular {
  readonly middles: ReadonlyMap<string, number>
  /** Standard deviation of the logarithm of a price about the middle of its kind. */
  readonly spread: number
}

/** Before any price was seen twice, the spread counts as if this many prices had the usual one. */
const SPREAD_WEIGHT = 2

function regularOf(outside: readonly SeenPrice[]): Regular {
  const kinds = groupBy(outside, kindKey)
  const logs = (list: readonly SeenPrice[]): number[] => list.map(({ ratio }) => Math.log(ratio))
  const meanOf = (values: readonly number[]): number => sumOf(values, (one) => one) / values.length
  const middles = new Map([...kinds].map(([key, list]) => [key, meanOf(logs(list))]))
  const apart = [...kinds].flatMap(([key, list]) =>
    list.length < 2 ? [] : logs(list).map((one) => (one - (middles.get(key) ?? 0)) ** 2)
  )
  return {
    middles,
    spread: Math.sqrt(
      (SPREAD_WEIGHT * (USUAL_SPREAD / 2) ** 2 + sumOf(apart, (one) => one)) /
        (SPREAD_WEIGHT + apart.length)
    )
  }
}

/** What one past year showed: how much lower the prices of its days were on average, as a share, and by how many prices. */
interface Year {
  readonly drop: number
  readonly prices: number
}

const density = (x: number, mean: number, deviation: number): number =>
  Math.exp(-(((x - mean) / deviation) ** 2) / 2) / deviation
const ROUNDS = 20

/** How likely the sale came in each of the years, and how deep it was: expectation and maximisation by turns. */
function sorted(
  years: readonly Year[],
  said: number,
  saidOff: number,
  spread: number
): { readonly came: readonly number[]; readonly off: number; readonly about: number } {
  let [chance, off, about] = [said, saidOff, SAID_OFF]
  let came: number[] = []
  for (let round = 0; round < ROUNDS; round++) {
    const now = { chance, off }
    came = years.map(({ drop, prices }) => {
      const error = spread / Math.sqrt(prices)
      const [comes, not] = [
        now.chance * density(drop, now.off, Math.hypot(YEAR_OFF, error)),
        (1 - now.chance) * density(drop, 0, error)
      ]
      return comes + not > 0 ? comes / (comes + not) : drop > now.off / 2 ? 1 : 0
    })
    chance = (SAID_YEARS * said + sumOf(came, (one) => one)) / (SAID_YEARS + years.length)
    const weights = years.map(
      ({ prices }, i) => (came[i] ?? 0) / (YEAR_OFF ** 2 + spread ** 2 / prices)
    )
    const weight = 1 / SAID_OFF ** 2 + sumOf(weights, (one) => one)
    const sum = sumOf(
      years.map(({ drop }, i) => drop * (weights[i] ?? 0)),
      (one) => one
    )
    off = (saidOff / SAID_OFF ** 2 + sum) / weight
    about = 1 / Math.sqrt(weight)
  }
  return { came, off, about }
}

/** What each past year of a sale showed, and how far prices scatter outside it. */
function yearsOf(
  seen: readonly SeenPrice[],
  sale: SaleWindow,
  asOf: Day
): { readonly years: readonly Year[]; readonly spread: number } {
  const covered = seen.filter(
    ({ aside, condition, tool }) =>
      !aside && condition === 'new' && (sale.tools.length === 0 || sale.tools.includes(tool))
  )
  const year = Number(asOf.slice(0, 4)) - Number(sale.from.slice(0, 4))
  const past = sale.yearly
    ? Array.from({ length: YEARS_BACK }, (_, i) => shifted(sale, year - i))
    : [sale]
  const windows = past.filter(({ from }) => from <= asOf)
  const within = (one: SeenPrice): SaleWindow | undefined =>
    windows.find(({ from, until }) => from <= one.date && one.date <= until)
  const { middles, spread } = regularOf(
    covered.filter((one) => !within(one) && one.until === undefined)
  )
  const byYear = groupBy(
    covered.filter((one) => within(one)),
    (one) => within(one)?.id ?? ''
  )
  return {
    spread,
    years: [...byYear.values()].map((list) => ({
      prices: list.length,
      drop:
        1 -
        Math.exp(
          sumOf(list, (one) => Math.log(one.ratio) - (middles.get(kindKey(one)) ?? 0)) / list.length
        )
    }))
  }
}

/**
 * Chance and depth of a yearly sale: what was said of it, corrected by the prices seen in its days of past years, against what the same
 * kinds cost outside it. The chance is a Beta distribution, in which what was said weighs two years; the depth is normal. How far a year
 * counts as one in which it came follows from how much lower its prices were, and how far prices scatter anyway.
 */
export function saleEstimate(
  seen: readonly SeenPrice[],
  sale: SaleWindow,
  asOf: Day
): SaleEstimate {
  const { years, spread } = yearsOf(seen, sale, asOf)
  const said = Math.min(MOST_CHANCE, Math.max(LEAST_CHANCE, sale.chance))
  const { came, off, about } = sorted(years, said, sale.off, spread)
  const in_ = sumOf(came, (one) => one)
  const [a, b] = [SAID_YEARS * said + in_, SAID_YEARS * (1 - said) + years.length - in_]
  const [chanceLow = 0, chanceHigh = 1] = betaQuantiles(a, b, [0.1, 0.9])
  const inside = (share: number): number => Math.min(1, Math.max(0, share))
  return {
    chance: years.length === 0 ? sale.chance : a / (a + b),
    chanceLow,
    chanceHigh,
    off: inside(off),
    offLow: inside(off - FOUR_OF_FIVE * about),
    offHigh: inside(off + FOUR_OF_FIVE * about),
    years: years.length,
    came: Math.round(in_)
  }
}
