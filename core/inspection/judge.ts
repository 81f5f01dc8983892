import { sumOf } from '../kernel'
import type { Minor } from '../money'
import type { Answers, Effect, Point, Sheet } from './types'

/** What a tool is worth once it has been looked at. */
export interface Inspected {
  /** Kept back to put right what was found, minor units. */
  readonly repair: Minor
  /** The same for what could not be seen. */
  readonly unseen: Minor
  /** Points nobody should buy it with. */
  readonly walkAway: readonly Point[]
  /** So many times as inexact as it would be. */
  readonly inexact: number
  /** Points without an answer yet. */
  readonly open: number
  /** The most it is worth: what a sound one would be, less both; 0 where one should walk away. */
  readonly upTo: Minor
}

/** The check that stands for setting a machine true before its first use. */
export const ALIGN = 'align'

/** What is to be looked at once it is at home: what could not be seen, was doubtful or not asked, and setting it true. */
export const arrivalChecks = (
  { points }: Sheet,
  answers: Answers,
  { alignMinutes }: { readonly alignMinutes?: number | undefined }
): readonly string[] => [
  ...points.filter(({ id }) => (answers[id] ?? 'unseen') !== 'fine').map(({ id }) => id),
  ...(alignMinutes === undefined ? [] : [ALIGN])
]

/** What could not be seen is likelier fine than not, and may be bad: so much of what would follow counts. Common practice. */
const UNSEEN = { doubtful: 0.3, bad: 0.2 } as const
/** A point that lets one walk away counts as this share of the price where it could not be seen. */
const UNSEEN_DANGER = 0.5

const share = ({ repair = 0, walkAway }: Effect): number => (walkAway ? UNSEEN_DANGER : repair)

/**
 * What the answers on a sheet come to.
 * @param sound what a sound one is worth, minor units  @param priceNew what it costs new in its tier, minor units
 */
export function inspected(
  sheet: Sheet,
  answers: Answers,
  sound: Minor,
  priceNew: Minor
): Inspected {
  const effects = sheet.points.flatMap((point): { point: Point; effect: Effect }[] => {
    const found = answers[point.id]
    return found === 'doubtful' || found === 'bad' ? [{ point, effect: point[found] }] : []
  })
  const repair = Math.round(sumOf(effects, ({ effect }) => effect.repair ?? 0) * priceNew)
  const unseen = Math.round(
    sumOf(sheet.points, (point) =>
      answers[point.id] === 'unseen'
        ? UNSEEN.doubtful * share(point.doubtful) + UNSEEN.bad * share(point.bad)
        : 0
    ) * priceNew
  )
  const walkAway = effects.filter(({ effect }) => effect.walkAway).map(({ point }) => point)
  return {
    repair,
    unseen,
    walkAway,
    inexact: Math.max(1, ...effects.map(({ effect }) => effect.inexact ?? 1)),
    open: sheet.points.filter(({ id }) => answers[id] === undefined).length,
    upTo: walkAway.length > 0 ? 0 : Math.max(0, sound - repair - unseen)
  }
}
