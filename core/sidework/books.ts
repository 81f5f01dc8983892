import type { Day } from '../calendar'
import { sumOf } from '../kernel'
import type { Minor } from '../money'
import type { Piece, Workspace } from '../workspace'
import { stockMoves, type Move } from './moves'

const MINUTES_PER_HOUR = 60

/** What a stretch of time brought, of one design or in all. Amounts in minor units. */
export interface BookLine {
  /** Pieces sold, those that came back taken off. */
  readonly pieces: number
  /** Prices of what was sold, less what was given back. */
  readonly takings: Minor
  readonly fees: Minor
  /** Timber, finish, what wears and services in the pieces sold. */
  readonly cost: Minor
  /** Kilometres and room, where they are counted; pieces that left without being sold. */
  readonly other: Minor
  /** What is left for the hours. */
  readonly left: Minor
  readonly minutes: number
  /** What is left for an hour of work; undefined where none was. */
  readonly perHour: number | undefined
}

/** A month or a year. */
export interface BookPeriod {
  /** `2026-05` or `2026`. */
  readonly period: string
  readonly all: BookLine
  /** By the build pieces were made as, the largest takings first. */
  readonly designs: readonly {
    readonly build: string
    readonly name: string
    readonly line: BookLine
  }[]
}

interface Sums {
  pieces: number
  takings: number
  fees: number
  cost: number
  other: number
  minutes: number
}
const empty = (): Sums => ({ pieces: 0, takings: 0, fees: 0, cost: 0, other: 0, minutes: 0 })

/** What each movement does to the sums of its stretch of time. What came back takes its minutes out again. */
function count(sums: Sums, { kind, amount, minutes = 0 }: Move, workOf: number): void {
  switch (kind) {
    case 'sold':
      sums.pieces++
      sums.takings += amount
      sums.minutes += minutes
      return
    case 'cost':
      sums.cost += amount
      return
    case 'fee':
      sums.fees += amount
      return
    case 'given-back':
      sums.takings -= amount
      return
    case 'again':
      sums.pieces--
      sums.cost -= amount
      sums.minutes -= workOf
      return
    case 'gone':
    case 'km':
      sums.other += amount
      return
    case 'made':
    case 'paid':
  }
}
function lineOf(sums: Sums): BookLine {
  const { pieces, takings, fees, cost, other, minutes } = sums
  const left = takings - fees - cost - other
  return {
    pieces,
    takings,
    fees,
    cost,
    other,
    left,
    minutes,
    perHour: minutes > 0 ? (left * MINUTES_PER_HOUR) / minutes : undefined
  }
}

/** How many months a stretch that begins with the first piece covers up to a day, of those that fall in a period. */
const monthsIn = (months: readonly string[], period: string): number =>
  months.filter((month) => month.startsWith(period)).length

/** Every month from one day to another, `2026-05`. */
export function monthsThrough(from: Day, until: Day): string[] {
  const months: string[] = []
  let [year, month] = from.split('-').map(Number) as [number, number]
  for (;;) {
    const text = `${String(year).padStart(4, '0')}-${String(month).padStart(2, '0')}`
    if (text > until.slice(0, text.length)) return months
    months.push(text)
    month++
    if (month > 12) [year, month] = [year + 1, 1]
  }
}

/**
 * What was sold, month by month or year by year, by design and in all. A sale counts on its day, whether paid or not; its fees on theirs; what
 * a piece cost when it is sold. The room, where it has a price, counts every month from the first piece on.
 */
export function booksOf(
  workspace: Pick<Workspace, 'pieces' | 'ledger' | 'money'>,
  by: 'month' | 'year',
  asOf: Day
): BookPeriod[] {
  const pieces = workspace.pieces ?? []
  if (pieces.length === 0) return []
  const length = by === 'month' ? 'yyyy-mm'.length : 'yyyy'.length
  const works = new Map(pieces.map(({ id, minutes }) => [id, minutes]))
  const names = new Map(pieces.map(({ build, name }) => [build, name]))
  const periods = new Map<string, { all: Sums; designs: Map<string, Sums> }>()
  const periodOf = (period: string): { all: Sums; designs: Map<string, Sums> } => {
    const known = periods.get(period) ?? { all: empty(), designs: new Map<string, Sums>() }
    periods.set(period, known)
    return known
  }
  for (const move of stockMoves(workspace)) {
    const { all, designs } = periodOf(move.date.slice(0, length))
    const design = designs.get(move.build) ?? empty()
    designs.set(move.build, design)
    const work = works.get(move.piece) ?? 0
    count(all, move, work)
    count(design, move, work)
  }
  const first = pieces.reduce((day, { made }) => (made < day ? made : day), asOf)
  const months = monthsThrough(first, asOf)
  const room = workspace.money.roomPerMonth ?? 0
  if (room > 0)
    for (const period of new Set(months.map((month) => month.slice(0, length))))
      periodOf(period).all.other += room * monthsIn(months, period)
  return [...periods]
    .sort(([a], [b]) => (a < b ? -1 : 1))
    .map(([period, { all, designs }]) => ({
      period,
      all: lineOf(all),
      designs: [...designs]
        .map(([build, sums]) => ({ build, name: names.get(build) ?? build, line: lineOf(sums) }))
        .filter(({ line }) => line.pieces !== 0 || line.takings !== 0 || line.left !== 0)
        .sort((a, b) => b.line.takings - a.line.takings)
    }))
}

/** What lies in the stock on a day. */
export interface StockHeld {
  readonly pieces: readonly Piece[]
  /** Their cost: money tied up, minor units. */
  readonly tiedUp: Minor
  /** What is sold and not paid yet, minor units. */
  readonly owed: Minor
}

export function stockHeld(workspace: Pick<Workspace, 'pieces'>): StockHeld {
  const all = workspace.pieces ?? []
  const pieces = all.filter(({ sold, gone }) => !sold && !gone)
  return {
    pieces,
    tiedUp: sumOf(pieces, ({ cost }) => cost),
    owed: sumOf(all, ({ sold }) => (sold && sold.paid === undefined ? sold.price : 0))
  }
}
