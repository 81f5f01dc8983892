import { LEVELS, type Level } from './levels'

/** Hours with a family of tools after which the next level is reached. Common practice: a good dozen evenings, then a year of them. */
export const HOURS_FOR: Readonly<Record<Level, number>> = {
  new: 15,
  practised: 60,
  home: Infinity
}

/** How much of each level somebody is, together 1: on the way from one to the next. */
export type Shares = Readonly<Record<Level, number>>

const POINTS = 32

/** Hours that somebody of a level has at least behind them. */
const behind = (level: Level): number =>
  level === 'new' ? 0 : level === 'practised' ? HOURS_FOR.new : HOURS_FOR.practised

/**
 * The **learning curve**: with each doubling of the hours the same step on the way to the next level (Wright 1936, for time per piece;
 * from memory), so that the level rises evenly with the logarithm of the hours: new at none, practised at 15, at home at 60.
 * @param hours with the family, 0 or more
 */
export function reachedAfter(hours: number): Shares {
  const at = Math.log1p(hours)
  const [first, second] = [Math.log1p(HOURS_FOR.new), Math.log1p(HOURS_FOR.practised)]
  if (at <= first) return { new: 1 - at / first, practised: at / first, home: 0 }
  const on = Math.min(1, (at - first) / (second - first))
  return { new: 0, practised: 1 - on, home: on }
}

/**
 * What the level is on average over the hours to come.
 * @param soFar hours behind with the family; @param ahead hours to come with it
 */
export function sharesOver(level: Level, soFar: number, ahead: number): Shares {
  const from = Math.max(soFar, behind(level))
  const mean: Record<Level, number> = { new: 0, practised: 0, home: 0 }
  for (let i = 0; i < POINTS; i++) {
    const then = reachedAfter(from + (ahead * (i + 0.5)) / POINTS)
    for (const one of LEVELS) mean[one] += then[one] / POINTS
  }
  return mean
}
