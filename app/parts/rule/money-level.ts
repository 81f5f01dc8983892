import type { DayBalance } from '../../../core/plan'
import type { Risk } from '../../../core/risk'
import type { Minor } from '../../../core/money'
import { bandPath, levelPath, type RuleScale } from './layout'

/** Room above the highest level and below the lowest, px. */
const MARGIN = 2
/** The picture reaches at least to this many times what is kept back. */
const OVER_RESERVE = 1.5
/** Pairs of the fan's quantiles, from the widest band in. */
const BANDS = [
  [0, 4],
  [1, 3]
] as const

interface Money {
  readonly balances: readonly DayBalance[]
  readonly fan: Risk['fan']
  readonly reserve: Minor
  /** Where the rule begins, px from the top, and how high the level may stand above it. */
  readonly ruleY: number
  readonly height: number
}

/** The level of the money over the rule, as paths to draw: its line, the area under it, the bands it may lie in. */
export function moneyOn(
  scale: RuleScale,
  { balances, fan, reserve, ruleY, height }: Money
): {
  readonly level: string
  readonly area: string
  readonly bands: readonly string[]
  readonly reserveY: number
} {
  const amounts = [
    ...balances.map(({ balance }) => balance),
    ...fan.flatMap(({ quantiles }) => [quantiles[0] ?? 0, quantiles.at(-1) ?? 0])
  ]
  const highest = Math.max(reserve * OVER_RESERVE, 1, ...amounts)
  const lowest = Math.min(0, ...amounts)
  const yOf = (balance: number): number =>
    ruleY - MARGIN - ((balance - lowest) / (highest - lowest)) * (height - 3 * MARGIN)
  const level = levelPath(balances, scale, yOf)
  const first = balances[0]
  return {
    level,
    area: level === '' || !first ? '' : `${level}V${ruleY}H${scale.xOf(first.date)}Z`,
    bands:
      fan.length === 0
        ? []
        : BANDS.map(([low, high]) =>
            bandPath(
              fan.map(({ date, quantiles }) => ({
                date,
                low: quantiles[low] ?? 0,
                high: quantiles[high] ?? 0
              })),
              scale,
              yOf
            )
          ),
    reserveY: yOf(reserve)
  }
}
