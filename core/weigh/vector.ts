import type { MethodUse } from '../fit'
import type { Minor } from '../money'

/** What a use of a method comes to before it is weighed. */
export interface Vector {
  readonly minutes: number
  readonly fee: Minor
  /** Timber that is spoilt on the way, and what a fine joint adds to the piece. */
  readonly spoilt: Minor
  readonly charm: number
  readonly loudMinutes: number
  readonly riskMinutes: number
  readonly coarseness: number
}

export const vectorOf = ({
  minutes,
  fee,
  spoilt,
  loudMinutes,
  riskMinutes,
  coarseness
}: MethodUse): Vector => ({ minutes, fee, spoilt, charm: 0, loudMinutes, riskMinutes, coarseness })
/** A rough use and what cleans up after it. */
export const sum = (a: Vector, b: Vector): Vector => ({
  minutes: a.minutes + b.minutes,
  fee: a.fee + b.fee,
  spoilt: a.spoilt + b.spoilt,
  charm: a.charm + b.charm,
  loudMinutes: a.loudMinutes + b.loudMinutes,
  riskMinutes: a.riskMinutes + b.riskMinutes,
  coarseness: b.coarseness
})
/** Two parts of one method. */
export const beside = (a: Vector, b: Vector): Vector => ({
  ...sum(a, b),
  coarseness: Math.max(a.coarseness, b.coarseness)
})
const noWorse = (a: Vector, b: Vector): boolean =>
  a.minutes <= b.minutes &&
  a.fee <= b.fee &&
  a.spoilt <= b.spoilt &&
  a.charm >= b.charm &&
  a.loudMinutes <= b.loudMinutes &&
  a.riskMinutes <= b.riskMinutes &&
  a.coarseness <= b.coarseness

/** Without those that are no better than another one in anything. */
export function paretoVectors(vectors: readonly Vector[]): Vector[] {
  if (vectors.length < 2) return [...vectors]
  const kept: Vector[] = []
  for (const one of [...vectors].sort((a, b) => a.minutes - b.minutes))
    if (!kept.some((other) => noWorse(other, one))) kept.push(one)
  return kept
}
