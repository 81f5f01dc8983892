import { daysBetween } from '../calendar'
import { groupBy, sumOf } from '../kernel'
import type { Minor } from '../money'
import type { Piece, Workspace } from '../workspace'

/**
 * How many pieces of one's own a first estimate counts for: after so many pieces experience and estimate weigh the same. A judgement: one
 * piece may have gone badly, three in a row say something.
 */
export const ESTIMATE_COUNTS = 2

/** What the pieces of one design have shown so far. */
export interface Learnt {
  readonly build: string
  /** Pieces made with their hours written down, and these hours. */
  readonly made: number
  readonly minutes: number
  /** Pieces sold after they were offered, days they waited in all, and what they went for. */
  readonly sold: number
  readonly days: number
  readonly takings: Minor
}

/** What has been learnt of each design that pieces were made of. */
export function learntOf({ pieces = [] }: Pick<Workspace, 'pieces'>): Learnt[] {
  return [...groupBy(pieces, ({ build }) => build)].map(([build, own]) => {
    const timed = own.filter(({ minutes }) => minutes > 0)
    const waited = own.flatMap((piece) => waitOf(piece) ?? [])
    return {
      build,
      made: timed.length,
      minutes: sumOf(timed, ({ minutes }) => minutes),
      sold: waited.length,
      days: sumOf(waited, ({ days }) => days),
      takings: sumOf(waited, ({ price }) => price)
    }
  })
}

/** How long a sold piece waited since it was first offered; undefined for one that was not offered before it was sold, such as an order. */
function waitOf({ offered, sold }: Piece): { days: number; price: Minor } | undefined {
  const [first] = offered
  if (!sold || sold.order !== undefined || !first) return undefined
  return { days: Math.max(0, daysBetween(first.date, sold.date)), price: sold.price }
}

/** An estimate corrected by what was seen so many times: the estimate counts as `ESTIMATE_COUNTS` sightings (shrinkage towards it). */
export const corrected = (estimate: number, seen: number, times: number): number =>
  (ESTIMATE_COUNTS * estimate + seen) / (ESTIMATE_COUNTS + times)

/**
 * How much longer than the estimate somebody takes over a design: 1 as estimated. By that design's own pieces, and as far as they are few, by
 * all designs' together.
 * @param estimates minutes of one piece by design, as the fit says
 */
export function paceOf(
  learnt: readonly Learnt[],
  estimates: ReadonlyMap<string, number>,
  build: string
): number {
  const known = learnt.filter(({ build: id, made }) => made > 0 && (estimates.get(id) ?? 0) > 0)
  const ratios = known.map(({ build: id, minutes, made }) => ({
    id,
    times: made,
    sum: minutes / (estimates.get(id) ?? 1)
  }))
  const overall = corrected(
    1,
    sumOf(ratios, ({ sum }) => sum),
    sumOf(ratios, ({ times }) => times)
  )
  const own = ratios.find(({ id }) => id === build)
  return corrected(overall, own?.sum ?? 0, own?.times ?? 0)
}
