import { groupBy, sumOf } from '../kernel'
import type { Piece } from '../workspace'
import { marginPerHour, minutesEach, type Design } from './design'

const MINUTES_PER_HOUR = 60

/** What an hour of a design really brought, beside what was expected. Amounts in minor units. */
export interface RealWage {
  readonly build: string
  readonly name: string
  readonly sold: number
  /** Margin of the pieces sold over their hours; undefined where no hours were written down. */
  readonly perHour: number | undefined
  readonly expected: number | undefined
  readonly minutesEach: number | undefined
  readonly expectedMinutes: number | undefined
}

/** What a sold piece left for its hours. */
export const leftOf = ({ cost, sold, kept = 0 }: Piece): number =>
  sold ? kept + sold.price - (sold.back ?? 0) - sold.fee - sold.delivery - cost : kept

/**
 * Real wage per hour by design, of what was sold.
 * @param designs as first estimated: at the pace of the library, not of the seller
 */
export function realWages(pieces: readonly Piece[], designs: readonly Design[]): RealWage[] {
  const sold = pieces.filter((piece) => piece.sold)
  return [...groupBy(sold, ({ build }) => build)]
    .map(([build, own]) => {
      const timed = own.filter(({ minutes }) => minutes > 0)
      const minutes = sumOf(timed, (piece) => piece.minutes)
      const design = designs.find((one) => one.build === build)
      return {
        build,
        name: own.at(-1)?.name ?? build,
        sold: own.length,
        perHour: minutes > 0 ? (sumOf(timed, leftOf) * MINUTES_PER_HOUR) / minutes : undefined,
        expected: design && marginPerHour(design),
        minutesEach: timed.length > 0 ? minutes / timed.length : undefined,
        expectedMinutes: design && minutesEach(design)
      }
    })
    .sort((a, b) => (b.perHour ?? -Infinity) - (a.perHour ?? -Infinity))
}
