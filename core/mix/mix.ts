import { sumOf } from '../kernel'
import type { Minor } from '../money'
import type { Design } from '../sidework'
import { aheadOf, mixText, type Ahead } from './program'

/**
 * What to make in the months ahead: whole pieces of a few designs, month by month, so that what is left for the hours comes to most. An integer
 * program (docs/model.md, 9): the product-mix problem of linear programming with stock between the months. Set-ups are shared by the usual batch.
 */

/** A month ahead. */
export interface MixMonth {
  /** `2026-05`. */
  readonly month: string
  /** 1 to 12. */
  readonly ofYear: number
  readonly minutes: number
  /** Money that comes into the purse in this month besides sales, less what is bought, minor units. */
  readonly comesIn: Minor
}

/** What the mix has to keep to. */
export interface MixAsks {
  readonly designs: readonly Design[]
  /** Minutes of one piece month by month where the kit grows; undefined in months in which it cannot be made yet. */
  readonly paces?: ReadonlyMap<string, readonly (number | undefined)[]> | undefined
  readonly months: readonly MixMonth[]
  /** Pieces in stock now, by build. */
  readonly stock: Readonly<Record<string, number>>
  /** What may be spent on timber today, and the share of what is sold that comes back for it. */
  readonly purse: Minor
  readonly share: number
  /** The seller's impatience, a share per year: what is sold a year later counts 1/(1 + rate), as in plans. */
  readonly rate: number
  /** Floor for pieces that wait, m²; left out where there is no limit. */
  readonly floorM2?: number | undefined
  /** Different designs at most: two or three, not ten. */
  readonly most: number
}

/** One design in one month. */
export interface MixLine {
  readonly month: string
  readonly build: string
  readonly made: number
  /** Of these from offcuts of another design, for which no timber is bought. */
  readonly fromOffcuts: number
  readonly sold: number
  /** Pieces in stock when the month is over. */
  readonly left: number
  /** Minutes worked on it in the month, on a piece under way as well. */
  readonly minutes: number
}

/** The best mix. Amounts in minor units. */
export interface Mix {
  readonly lines: readonly MixLine[]
  readonly margin: Minor
  readonly minutes: number
  /** Months whose hours are used up, and whether the purse ever is. */
  readonly fullMonths: readonly string[]
  /** Found to be the best there is. */
  readonly proven: boolean
}

/** A solver of programs in whole numbers that says what its columns are; HiGHS is one. */
export interface MixSolver {
  solve(
    text: string,
    options: Readonly<Record<string, unknown>>
  ): {
    readonly Status: string
    readonly ObjectiveValue: number
    readonly Columns: Readonly<Record<string, { readonly Primal?: number }>>
  }
}

/** What the solver is told: it goes on until nothing better by a whole unit is left. */
const EXACTLY = { mip_rel_gap: 0, mip_abs_gap: 0.9 }
/** Seconds one program may take. */
const PATIENCE = 10

const MINUTES_PER_HOUR = 60
/** Designs that could pay at all, from offcuts or on the fastest day: what leaves less for the hours than they are to bring is not made. */
export const worthMaking = (designs: readonly Design[]): Design[] =>
  designs.filter(
    ({ net, cost, perMonth, timber, hourValue, eachMinutes }) =>
      net > cost - timber + (eachMinutes / MINUTES_PER_HOUR) * hourValue && perMonth > 0
  )

/** All sets of so many at most. */
function setsOf<T>(list: readonly T[], most: number): T[][] {
  let sets: T[][] = [[]]
  for (const one of list)
    sets = [...sets, ...sets.filter(({ length }) => length < most).map((set) => [...set, one])]
  return sets.filter(({ length }) => length === Math.min(most, list.length))
}

/** What a set of designs leaves at the most: hours of all months in one, timber from offcuts for all, no purse, no floor (Dantzig 1957). */
function atMost(ahead: readonly Ahead[], minutes: number): number {
  let left = minutes
  return sumOf(
    ahead
      .map(({ design, wanted, each, cost, timber, hours }) => ({
        wanted: wanted.at(-1) ?? 0,
        each,
        gain: design.net - cost + timber - hours
      }))
      .sort((a, b) => b.gain / b.each - a.gain / a.each),
    ({ wanted, each, gain }) => {
      const pieces = Math.min(wanted, left / each)
      left -= pieces * each
      return Math.max(0, pieces * gain)
    }
  )
}

interface Found {
  readonly set: readonly Ahead[]
  readonly value: number
  readonly columns: Readonly<Record<string, { readonly Primal?: number }>>
}

/**
 * The best set of designs with its best months: sets in the order of what they leave at the most, each looked at only while it could still beat the
 * best one found; first divided pieces, then whole ones.
 */
function bestSet(
  solver: MixSolver,
  asks: MixAsks,
  ahead: readonly Ahead[]
): { readonly best: Found | undefined; readonly proven: boolean } {
  const minutes = sumOf(asks.months, (month) => month.minutes)
  const sets = setsOf(ahead, asks.most)
    .map((set) => ({ set, most: atMost(set, minutes) }))
    .sort((a, b) => b.most - a.most)
  let best: Found | undefined
  let proven = true
  for (const { set, most } of sets) {
    const needed = (best?.value ?? 0) + 1
    if (most < needed) break
    const loose = solver.solve(mixText(set, asks, false), {})
    if (loose.Status !== 'Optimal' || loose.ObjectiveValue < needed - 1e-6) continue
    const whole = solver.solve(mixText(set, asks, true, needed), {
      ...EXACTLY,
      time_limit: PATIENCE
    })
    if (whole.Status === 'Time limit reached') proven = false
    if (whole.Status === 'Optimal')
      best = { set, value: whole.ObjectiveValue, columns: whole.Columns }
  }
  return { best, proven }
}

/** The lines of a solution, with what of the stock sells beside it. */
function linesOf(asks: MixAsks, ahead: readonly Ahead[], found: Found | undefined): MixLine[] {
  return asks.months.flatMap(({ month }, m) =>
    ahead.flatMap(({ design, each, paces, stockSold, stockLeft }): MixLine[] => {
      const d = found?.set.findIndex((one) => one.design === design) ?? -1
      const by = (column: string, at: number): number =>
        d < 0 || at < 0 ? 0 : (found?.columns[`${column}${d}_${at}`]?.Primal ?? 0)
      const during = (column: string): number => Math.round(by(column, m) - by(column, m - 1))
      const line = {
        month,
        build: design.build,
        made: during('x'),
        fromOffcuts: during('f'),
        sold: during('s') + (stockSold[m] ?? 0),
        left: Math.round(by('x', m) - by('s', m)) + (stockLeft[m] ?? 0),
        minutes: Math.round((by('p', m) - by('p', m - 1)) * (paces[m] ?? each))
      }
      return line.made > 0 || line.sold > 0 || line.left > 0 || line.minutes > 0 ? [line] : []
    })
  )
}

/**
 * The best mix for the months ahead, proven by the solver: no other choice of so many designs, and no other months for their pieces, leaves
 * more. What is not sold when the months are over counts nothing. Undefined where nothing is to be made or sold.
 */
export function bestMix(solver: MixSolver, asks: MixAsks): Mix | undefined {
  const ahead = asks.designs.map((design) => aheadOf(asks, design))
  const paying = new Set(worthMaking(asks.designs))
  const { best, proven } = bestSet(
    solver,
    asks,
    ahead.filter(({ design }) => paying.has(design))
  )
  const lines = linesOf(asks, ahead, best)
  if (lines.length === 0) return undefined
  const used = (month: string): number =>
    sumOf(
      lines.filter((line) => line.month === month),
      ({ minutes }) => minutes
    )
  const of = new Map(ahead.map((one) => [one.design.build, one]))
  return {
    lines,
    margin: sumOf(lines, ({ build, made, fromOffcuts, sold }) => {
      const { design, cost, timber } = of.get(build) as Ahead
      return sold * design.net - made * cost + fromOffcuts * timber
    }),
    minutes: sumOf(lines, ({ minutes }) => minutes),
    fullMonths: asks.months
      .filter(({ month, minutes }) => minutes > 0 && used(month) > minutes - 1)
      .map(({ month }) => month),
    proven
  }
}
