import { leastBy } from '../kernel'
import type { OwnershipOption } from './ownership'

/** A stretch of hours over which one option costs least. */
export interface CheapestRange {
  readonly from: number
  readonly to: number
  readonly id: string
}

const EPSILON = 1e-6

/**
 * Which option costs least over how many hours. Between its jumps each cost is a straight line, so that the crossings between two
 * jumps are those of lines, and are found exactly.
 */
export function cheapestOver(options: readonly OwnershipOption[], limit: number): CheapestRange[] {
  if (options.length === 0 || limit <= 0) return []
  const jumps = [...new Set([0, limit, ...options.flatMap((option) => option.breaks(limit))])].sort(
    (a, b) => a - b
  )
  const found: CheapestRange[] = []
  const add = (from: number, to: number, id: string): void => {
    const last = found.at(-1)
    if (last?.id === id) found[found.length - 1] = { ...last, to }
    else found.push({ from, to, id })
  }
  for (let i = 0; i + 1 < jumps.length; i++) {
    const [from, to] = [jumps[i] ?? 0, jumps[i + 1] ?? 0]
    if (to - from < EPSILON) continue
    // Just inside the piece, so that a jump at its end does not count.
    const inset = (to - from) * 1e-6
    const lines = options
      .filter(({ upTo = Infinity }) => from < upTo - EPSILON)
      .map((option) => {
        const [a, b] = [option.cost(from + inset).total, option.cost(to - inset).total]
        return {
          id: option.id,
          slope: (b - a) / (to - from - 2 * inset),
          at: (hours: number) => a + ((b - a) * (hours - from - inset)) / (to - from - 2 * inset)
        }
      })
    for (let at = from; at < to - EPSILON;) {
      const here = at
      const lead = leastBy(lines, (line) => line.at(here) + line.slope * EPSILON)
      if (!lead) break
      const next = lines.reduce((soonest, line) => {
        if (line.slope >= lead.slope - 1e-12) return soonest
        const crossing = here + (line.at(here) - lead.at(here)) / (lead.slope - line.slope)
        return crossing > here + EPSILON && crossing < soonest ? crossing : soonest
      }, to)
      add(here, next, lead.id)
      at = next
    }
  }
  return found
}
