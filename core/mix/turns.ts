import { addDays, daysBetween, type Day } from '../calendar'
import type { Mix, MixAsks } from './mix'

/** A stretch of days in which one design is made. */
export interface Turn {
  readonly build: string
  readonly from: Day
  readonly until: Day
  readonly pieces: number
  readonly fromOffcuts: number
}

const lastOf = (month: string): Day => {
  const [year, of] = month.split('-').map(Number) as [number, number]
  const next = of === 12 ? `${year + 1}-01-01` : `${year}-${String(of + 1).padStart(2, '0')}-01`
  return addDays(next, -1)
}

/**
 * The mix one design after another: within a month those whose offcuts serve another come before it, then the one that takes the most time; a month's
 * days are shared by minutes, and the same design in two months running is one turn.
 */
export function inTurn(
  mix: Mix,
  { designs, months }: Pick<MixAsks, 'designs' | 'months'>,
  asOf: Day
): Turn[] {
  const turns: Turn[] = []
  const feeds = (build: string): boolean =>
    designs.some((design) => design.build === build && design.offcuts !== undefined)
  for (const { month, minutes } of months) {
    const first = `${month}-01` < asOf ? asOf : `${month}-01`
    const days = daysBetween(first, lastOf(month)) + 1
    const last = turns.at(-1)?.build
    const lines = mix.lines
      .filter((line) => line.month === month && line.made > 0)
      .sort(
        (a, b) =>
          Number(b.build === last) - Number(a.build === last) ||
          Number(feeds(b.build)) - Number(feeds(a.build)) ||
          b.minutes - a.minutes
      )
    let used = 0
    for (const line of lines) {
      const from = addDays(first, Math.floor((used / Math.max(1, minutes)) * days))
      used += line.minutes
      const end = addDays(
        first,
        Math.max(0, Math.min(days - 1, Math.ceil((used / Math.max(1, minutes)) * days) - 1))
      )
      const before = turns.at(-1)
      if (before?.build === line.build)
        turns[turns.length - 1] = {
          ...before,
          until: end,
          pieces: before.pieces + line.made,
          fromOffcuts: before.fromOffcuts + line.fromOffcuts
        }
      else
        turns.push({
          build: line.build,
          from,
          until: end < from ? from : end,
          pieces: line.made,
          fromOffcuts: line.fromOffcuts
        })
    }
  }
  return turns
}
