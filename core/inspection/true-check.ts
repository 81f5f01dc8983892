import { issue, ok, refused, type Result } from '../kernel'

/**
 * How an error is found. `flip`: a line along an edge, the edge turned over, a second line beside it; they are twice the error apart.
 * `five-cut`: a panel cut on all four sides, each time turned the same way, and a strip off the first side again; its ends differ by four times
 * the error. `eight-cut`: a frame of four pieces with eight mitres; the last joint gapes by eight times the error. `gap`: measured as it is.
 * `look`: sound or not. Plain geometry; common practice.
 */
export const CHECK_KINDS = ['flip', 'five-cut', 'eight-cut', 'gap', 'look'] as const
export type CheckKind = (typeof CHECK_KINDS)[number]

/** Something to look at when a tool has come, and again now and then. */
export interface TrueCheck {
  readonly id: string
  readonly tools: readonly string[]
  readonly kind: CheckKind
  /** Length over which the error is said, mm; left out where it is measured as it is. */
  readonly overMm?: number | undefined
  /** The way of working that comes out as exact as this is; left out for what has an accuracy of its own. */
  readonly method?: string | undefined
  readonly minutesFirst: number
  readonly minutesLater: number
  /** Months until it is due again. */
  readonly months: number
}

/** What is typed for each kind, in millimetres. */
export const TYPED: Readonly<Record<CheckKind, readonly string[]>> = {
  flip: ['gap', 'length'],
  'five-cut': ['oneEnd', 'otherEnd', 'length'],
  'eight-cut': ['gap', 'width'],
  gap: ['gap'],
  look: []
}

/** Nothing that is sold as a tool is further off than this over its check; it is another unit or a slip, mm. A judgement. */
const WILDEST = 10
/** Pieces shorter than this tell nothing of an angle, mm. A judgement. */
const SHORTEST = 20

/** By how much the cuts of each kind add up. */
const TIMES = { flip: 2, 'five-cut': 4, 'eight-cut': 8 } as const

/**
 * The error that what was typed comes to, mm over the length of the check.
 * @param values as `TYPED` names them, mm
 */
export function errorTyped(check: TrueCheck, values: readonly number[]): Result<number> {
  const { kind, overMm } = check
  if (kind === 'look') return ok(0)
  if (values.some((value) => value < 0)) return refused(issue('check.negative', []))
  const [first = 0, second = 0, third = 0] = values
  if (kind === 'gap') return plausible(first)
  const apart = kind === 'five-cut' ? Math.abs(first - second) : first
  const length = kind === 'five-cut' ? third : second
  if (overMm === undefined) return plausible(apart / TIMES[kind])
  if (length < SHORTEST) return refused(issue('check.short', [], { length, least: SHORTEST }))
  return plausible((apart / TIMES[kind] / length) * overMm)
}
const plausible = (error: number): Result<number> =>
  error > WILDEST ? refused(issue('check.wild', [], { error, most: WILDEST })) : ok(error)
