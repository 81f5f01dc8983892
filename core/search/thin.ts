import type { Grain } from './grain'
import { reckoned, type Mode } from './mode'
import { implies, leastToMeet, type RequirementBook } from './requirements'

/** Modes with so few requirements are always kept. */
const FEW = 2

/** Of modes with the same requirements the cheapest, where it is also no slower. */
function cheapestOfEach(list: readonly Mode[]): Mode[] {
  const best = new Map<string, Mode>()
  const kept: Mode[] = []
  for (const one of list) {
    const key = one.requires.join()
    const other = best.get(key)
    if (other && beats(other, one)) continue
    if (!other || reckoned(one) < reckoned(other)) best.set(key, one)
    kept.push(one)
  }
  return kept
}

/** Whether a mode is at least as good as another one in all its figures. */
const beats = (other: Mode, one: Mode): boolean =>
  other.minutes <= one.minutes &&
  other.effort <= one.effort &&
  other.cost <= one.cost &&
  other.pay <= one.pay

/** Whether meeting a mode's requirements is enough for another one's. */
function asks(book: RequirementBook, less: Mode, more: Mode): boolean {
  for (const weak of less.requires) {
    let met = false
    for (const strong of more.requires)
      if (implies(book, strong, weak)) {
        met = true
        break
      }
    if (!met) return false
  }
  return true
}

const mannerOf = ({ method, then }: Mode): string => `${method}+${then ?? ''}`

/** Of each method the mode that takes least to acquire: however little slower it is, a plain saw comes before a dear one. */
function plainestOfEach(book: RequirementBook, list: readonly Mode[]): ReadonlySet<Mode> {
  const best = new Map<string, { readonly mode: Mode; readonly takes: number }>()
  for (const mode of list) {
    const takes = mode.requires.reduce((sum, one) => sum + leastToMeet(book, one), 0)
    const manner = mannerOf(mode)
    if (takes < (best.get(manner)?.takes ?? Infinity)) best.set(manner, { mode, takes })
  }
  return new Set([...best.values()].map(({ mode }) => mode))
}

/** The modes without those that another one is at least as good as in everything. */
export function thin(
  book: RequirementBook,
  list: readonly Mode[],
  { kept: most, perMethod, perPair }: Grain
): Mode[] {
  const sorted = cheapestOfEach(list).sort(
    (a, b) => reckoned(a) - reckoned(b) || a.requires.length - b.requires.length
  )
  const kept: Mode[] = []
  const counts = new Map<string, number>()
  const plainest = plainestOfEach(book, sorted)
  for (const one of sorted) {
    const manner = mannerOf(one)
    const alike = counts.get(manner) ?? 0
    const least = one.then === undefined ? perMethod : perPair
    // What asks for next to nothing stays in any case, a service or what is owned, the best ways of every method, and the one with the plainest tools.
    if (kept.length >= most && one.requires.length > FEW && alike >= least && !plainest.has(one))
      continue
    if (kept.some((other) => beats(other, one) && asks(book, other, one))) continue
    kept.push(one)
    counts.set(manner, alike + 1)
  }
  return kept
}
