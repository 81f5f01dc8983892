import type { BoundModel } from './bound'
import type { Divided } from './program'
import type { LinearModel, Solver } from './solver'

/** What of a program's columns a branch has narrowed, by column. */
type Ranges = ReadonlyMap<number, readonly [least: number, most: number]>
interface Branch {
  readonly ranges: Ranges
  /** What nothing in it exceeds. */
  readonly bound: number
}

/** A column of less than this is none. */
const NONE = 1e-6
/** What HiGHS says of a model that is solved, and of one that nothing solves. */
const STATUS = { optimal: 7, infeasible: 8, infeasibleOrUnbounded: 9 } as const
/** Rounding of the solver, as a share of what it found. */
const ROUNDING = 1e-7

/** Columns by their numbers in the loaded program, with their usual ranges; one that the program does not have is left out. */
class Columns {
  readonly lists: readonly (readonly (readonly number[])[])[]
  readonly whole: readonly number[]
  private readonly most = new Map<number, number>()
  private narrowed: Ranges = new Map()

  constructor(
    private readonly model: LinearModel,
    { lists, whole }: Divided
  ) {
    const numbers = new Map([...whole.keys()].map((name) => [name, model.getColByName(name)]))
    for (const [name, most] of whole) this.most.set(numbers.get(name)!, most)
    this.whole = [...numbers.values()]
    this.lists = lists.map((list) =>
      list.map((names) => names.flatMap((name) => numbers.get(name) ?? []))
    )
  }

  rangeOf(column: number, ranges: Ranges): readonly [number, number] {
    return ranges.get(column) ?? [0, this.most.get(column)!]
  }

  /** Brings the loaded program to the ranges of a branch. */
  narrowTo(ranges: Ranges): void {
    for (const column of this.narrowed.keys())
      if (!ranges.has(column))
        this.model.changeColBounds(column, ...this.rangeOf(column, new Map()))
    for (const [column, [least, most]] of ranges) this.model.changeColBounds(column, least, most)
    this.narrowed = ranges
  }
}

/** A branch without what stands in some places. */
function without(ranges: Ranges, places: readonly (readonly number[])[]): Ranges {
  const narrowed = new Map(ranges)
  for (const column of places.flat()) narrowed.set(column, [0, 0])
  return narrowed
}

/** Divides what lies in several places of a list at the middle of what lies there; undefined where all lies in one. */
function splitList(
  list: readonly (readonly number[])[],
  values: ArrayLike<number>,
  ranges: Ranges
): Ranges[] | undefined {
  const masses = list.map((columns) =>
    columns.reduce((sum, column) => sum + (values[column] ?? 0), 0)
  )
  const first = masses.findIndex((mass) => mass > NONE)
  const last = masses.findLastIndex((mass) => mass > NONE)
  if (first === last) return undefined
  const whole = masses.reduce((sum, mass) => sum + mass, 0)
  const mean = masses.reduce((sum, mass, at) => sum + mass * at, 0) / whole
  const at = Math.max(first, Math.min(last - 1, Math.floor(mean)))
  return [without(ranges, list.slice(at + 1)), without(ranges, list.slice(0, at + 1))]
}

/** Divides a branch at the first list that lies in several places, else at the column that is farthest from whole; undefined where all is whole. */
function split(columns: Columns, values: ArrayLike<number>, ranges: Ranges): Ranges[] | undefined {
  for (const list of columns.lists) {
    const parts = splitList(list, values, ranges)
    if (parts) return parts
  }
  let [widest, farthest] = [-1, NONE]
  for (const column of columns.whole) {
    const value = values[column] ?? 0
    const off = Math.abs(value - Math.round(value))
    if (off > farthest) [widest, farthest] = [column, off]
  }
  if (widest < 0) return undefined
  const [least, most] = columns.rangeOf(widest, ranges)
  const value = Math.floor(values[widest] ?? 0)
  return [
    new Map(ranges).set(widest, [least, value]),
    new Map(ranges).set(widest, [value + 1, most])
  ]
}

/** Goes into a branch: what nothing in it exceeds, and what it is divided into. */
function enter(
  model: LinearModel,
  columns: Columns,
  { ranges, bound }: Branch,
  constant: number
): { readonly bound: number; readonly parts: readonly Ranges[] } {
  columns.narrowTo(ranges)
  model.run()
  const status = model.getModelStatus()
  if (status === STATUS.infeasible || status === STATUS.infeasibleOrUnbounded)
    return { bound: -Infinity, parts: [] }
  if (status !== STATUS.optimal) return { bound, parts: [] }
  const found = Number(model.info.get('objective_function_value'))
  const own = Math.min(bound, found + Math.abs(found) * ROUNDING + constant)
  return { bound: own, parts: split(columns, model.getSolution().colValue, ranges) ?? [] }
}

/**
 * Branch and bound (Land and Doig 1960) over the beginnings and ends of builds, then over whole purchases; the branch that could hold most
 * comes first. Yields after each branch what no plan exceeds, minor units; ends when every branch is without anything better than the target.
 * @param target branches that hold nothing better than this are not gone into
 */
export function* branched(
  solver: Solver,
  model: BoundModel & { readonly divided: Divided },
  target: number
): Generator<number, void> {
  const loaded = solver.createModel({ format: 'lp', data: model.text })
  try {
    loaded.options.set('output_flag', false)
    const columns = new Columns(loaded, model.divided)
    const open: Branch[] = [{ ranges: new Map(), bound: Infinity }]
    let closed = -Infinity
    for (;;) {
      const next = open.pop()
      if (next === undefined || next.bound <= target) return
      const { bound, parts } = enter(loaded, columns, next, model.constant)
      if (bound <= target || parts.length === 0) closed = Math.max(closed, bound)
      else open.push(...parts.map((ranges) => ({ ranges, bound })))
      open.sort((a, b) => a.bound - b.bound)
      yield Math.max(closed, open.at(-1)?.bound ?? -Infinity)
    }
  } finally {
    loaded.dispose()
  }
}
