import { addGain, addRow, emptyProgram, programText, type Program, type Term } from '../bound'
import { sumOf } from '../kernel'
import { minutesEach, type Design } from '../sidework'
import type { MixAsks } from './mix'

/** A design through the months ahead, with what is in stock sold first. */
export interface Ahead {
  readonly design: Design
  /** Minutes of one in its usual batch at the best, and month by month; undefined while it cannot be made. */
  readonly each: number
  readonly paces: readonly (number | undefined)[]
  /** Whole minor units of one, and what of it timber from offcuts saves where another design leaves some. */
  readonly cost: number
  readonly timber: number
  /** What the minutes of one are to bring at the least, minor units. */
  readonly hours: number
  /** Whole pieces asked for by the end of each month beyond what the stock serves. */
  readonly wanted: readonly number[]
  readonly stockSold: readonly number[]
  readonly stockLeft: readonly number[]
}

const MONTHS_PER_YEAR = 12
const MINUTES_PER_HOUR = 60
/** A part of a piece that is only rounding. */
const ROUNDING = 1e-9

/** What is asked of a design month by month: two thirds of a piece a month are two in three months. */
export function aheadOf({ designs, months, stock, paces }: MixAsks, design: Design): Ahead {
  const { season, perMonth, build } = design
  let [sum, left] = [0, stock[build] ?? 0]
  const had = left
  const rows = months.map(({ ofYear }) => {
    if (!season || season.length === 0 || season.includes(ofYear)) sum += perMonth
    const asked = Math.floor(sum + ROUNDING)
    const sold = Math.min(left, asked - (had - left) > 0 ? asked - (had - left) : 0)
    left -= sold
    return { sold, left, wanted: Math.max(0, asked - had) }
  })
  const own = paces?.get(build) ?? months.map(() => minutesEach(design))
  const each = Math.max(1, Math.min(minutesEach(design), ...own.map((pace) => pace ?? Infinity)))
  const fed = designs.some(({ offcuts }) => offcuts?.build === build)
  return {
    design,
    each,
    paces: own,
    hours: (each / MINUTES_PER_HOUR) * design.hourValue,
    cost: Math.round(design.cost),
    timber: fed ? Math.round(design.timber) : 0,
    wanted: rows.map(({ wanted }) => wanted),
    stockSold: rows.map(({ sold }) => sold),
    stockLeft: rows.map((row) => row.left)
  }
}

/** Pieces made, of these from offcuts, and sold by the end of a month: counted from the first month on. */
const made = (d: number, m: number): string => `x${d}_${m}`
const free = (d: number, m: number): string => `f${d}_${m}`
const sold = (d: number, m: number): string => `s${d}_${m}`
/** Work done by the end of a month, in pieces: one may be under way when the month ends. */
const worked = (d: number, m: number): string => `p${d}_${m}`

function column(program: Program, name: string, most: number): void {
  program.columns.add(name)
  program.whole.set(name, most)
  program.bounds.push(` 0 <= ${name} <= ${most}`)
}

/** So many of one are no more than so many times another. */
function noMore(program: Program, less: string, more: string, times = 1): void {
  const terms: Term[] = [
    [times, more],
    [-1, less]
  ]
  addRow(program, terms, '>=', 0)
}

/** A design's months: counts only grow, one piece at most is under way, what is sold was made and is asked for. */
function writeDesign(
  program: Program,
  { design, wanted, paces }: Ahead,
  d: number,
  counts: readonly number[]
): void {
  const total = wanted.at(-1) ?? 0
  wanted.forEach((asked, m) => {
    column(program, made(d, m), total)
    column(program, sold(d, m), asked)
    addGain(program, design.net * ((counts[m] ?? 0) - (counts[m + 1] ?? 0)), sold(d, m))
    const able = paces.slice(0, m + 1).some((pace) => pace !== undefined)
    program.columns.add(worked(d, m))
    program.bounds.push(` 0 <= ${worked(d, m)} <= ${able ? total : 0}`)
    noMore(program, made(d, m), worked(d, m))
    const underWay: Term[] = [
      [1, worked(d, m)],
      [-1, made(d, m)]
    ]
    addRow(program, underWay, '<=', 1)
    noMore(program, sold(d, m), made(d, m))
    if (m > 0)
      for (const count of [made, sold, worked]) noMore(program, count(d, m - 1), count(d, m))
  })
}

/** What the hours of a design are to bring, at the pace of each month. */
function writeHours(program: Program, { design, paces, each }: Ahead, d: number): void {
  paces.forEach((pace, m) => {
    const due = (Math.max(1, pace ?? each) / MINUTES_PER_HOUR) * design.hourValue
    addGain(program, -due, worked(d, m))
    if (m > 0) addGain(program, due, worked(d, m - 1))
  })
}

/** Pieces from the offcuts of another design: no more than are made, in each month, and than its offcuts give. */
function writeOffcuts(program: Program, set: readonly Ahead[], d: number): void {
  const { design, wanted, timber } = set[d] as Ahead
  const feeder = set.findIndex((one) => one.design.offcuts?.build === design.build)
  if (feeder < 0 || timber <= 0) return
  const each = set[feeder]?.design.offcuts?.each ?? 0
  addGain(program, timber, free(d, wanted.length - 1))
  wanted.forEach((_, m) => {
    column(program, free(d, m), wanted.at(-1) ?? 0)
    noMore(program, free(d, m), made(feeder, m), each)
    if (m === 0) return noMore(program, free(d, m), made(d, m))
    noMore(program, free(d, m - 1), free(d, m))
    const during: Term[] = [
      [1, made(d, m)],
      [-1, made(d, m - 1)],
      [-1, free(d, m)],
      [1, free(d, m - 1)]
    ]
    addRow(program, during, '>=', 0)
  })
}

/** Hours, money and floor, month by month. */
function writeLimits(program: Program, set: readonly Ahead[], asks: MixAsks): void {
  const { months, share, floorM2, purse } = asks
  const all = asks.designs.map((design) => aheadOf(asks, design))
  let comes = purse
  months.forEach(({ minutes, comesIn }, m) => {
    const since = (count: typeof made, d: number, each: number): Term[] => [
      [each, count(d, m)],
      ...(m > 0 ? [[-each, count(d, m - 1)] as Term] : [])
    ]
    addRow(
      program,
      set.flatMap(({ each, paces }, d) => since(worked, d, Math.max(1, paces[m] ?? each))),
      '<=',
      minutes
    )
    // Timber is paid before the pieces of its month bring anything; what earlier months brought is there.
    comes = Math.max(0, comes + comesIn)
    addRow(
      program,
      set.flatMap(({ cost, timber, design }, d): Term[] => [
        [cost, worked(d, m)],
        ...(program.columns.has(free(d, m)) ? [[-timber, free(d, m)] as Term] : []),
        ...(m > 0 ? [[-share * design.net, sold(d, m - 1)] as Term] : [])
      ]),
      '<=',
      comes
    )
    comes += sumOf(all, ({ stockSold, design }) => share * (stockSold[m] ?? 0) * design.net)
    if (floorM2 !== undefined)
      addRow(
        program,
        set.flatMap(({ design }, d): Term[] => [
          [design.storedM2, made(d, m)],
          [-design.storedM2, sold(d, m)]
        ]),
        '<=',
        Math.max(
          0,
          floorM2 - sumOf(all, ({ stockLeft, design }) => (stockLeft[m] ?? 0) * design.storedM2)
        )
      )
  })
}

/**
 * The months of a set of designs as a program in the CPLEX LP format.
 * @param whole asks for whole pieces
 * @param needed what it has to come to at the least, so that a set which cannot is settled at once
 */
export function mixText(
  set: readonly Ahead[],
  asks: MixAsks,
  whole: boolean,
  needed?: number
): string {
  const program = emptyProgram()
  const counts = asks.months.map((_, m) => (1 + asks.rate) ** (-m / MONTHS_PER_YEAR))
  set.forEach((ahead, d) => {
    addGain(program, -ahead.cost, made(d, asks.months.length - 1))
    writeDesign(program, ahead, d, counts)
    writeHours(program, ahead, d)
  })
  set.forEach((_, d) => writeOffcuts(program, set, d))
  writeLimits(program, set, asks)
  if (needed !== undefined)
    addRow(
      program,
      [...program.objective].map(([name, gain]): Term => [gain, name]),
      '>=',
      needed
    )
  return programText(program, whole)
}
