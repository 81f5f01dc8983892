import type { Grain } from './grain'
import { reckoned, type Mode } from './mode'
import { implies, type RequirementBook } from './requirements'

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
  for (const one of sorted) {
    const manner = `${one.method}+${one.then ?? ''}`
    const alike = counts.get(manner) ?? 0
    const least = one.then === undefined ? perMethod : perPair
    // What asks for next to nothing stays in any case, a service or what is owned, and the best ways of every method.
    if (kept.length >= most && one.requires.length > FEW && alike >= least) continue
    if (kept.some((other) => beats(other, one) && asks(book, other, one))) continue
    kept.push(one)
    counts.set(manner, alike + 1)
  }
  return kept
}
