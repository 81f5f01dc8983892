import { distinct } from '../kernel'
import type { Problem, Slot } from '../search'

/** Modes of which one is taken at most, and the choices of which enough have to be there for any of them. */
export interface Cover {
  readonly modes: readonly number[]
  /** Per choice: the share of what is lacking that one of it brings, up to 1. */
  readonly from: ReadonlyMap<number, number>
}

/** What a requirement is met from, each choice with the share of what is lacking that one of it brings. */
function sharesOf({ requirements }: Problem, requirement: number): Map<number, number> {
  const { from, need, owned } = requirements[requirement]!
  const lacking = Math.max(1, need - owned)
  return new Map([...from].map(([choice, units]) => [choice, Math.min(1, units / lacking)]))
}

/** All of several, each choice at its greatest share. */
function unionOf(sets: readonly ReadonlyMap<number, number>[]): Map<number, number> {
  const all = new Map<number, number>()
  for (const set of sets)
    for (const [choice, share] of set) all.set(choice, Math.max(share, all.get(choice) ?? 0))
  return all
}

const isWithin = (
  inner: ReadonlyMap<number, number>,
  outer: ReadonlyMap<number, number>
): boolean => [...inner].every(([choice, share]) => (outer.get(choice) ?? 0) >= share)

/**
 * What the modes of a slot ask for, as rows that are as close as such rows can be: where any of some modes takes enough of a set of choices,
 * no more of these modes than of the choices is taken. The sets are those of the single requirements, and for each choice all that could be
 * in its place; without the latter a quarter of a tool would do for four modes that each take a quarter of their step.
 */
export function coversOf(problem: Problem, { first, last }: Slot): Cover[] {
  const asked = new Map<number, number[]>()
  for (let m = first; m < last; m++)
    for (const requirement of problem.modes[m]!.requires)
      asked.set(requirement, [...(asked.get(requirement) ?? []), m])
  const sets = [...asked].map(([requirement, modes]) => ({
    modes,
    from: sharesOf(problem, requirement)
  }))
  const choices = distinct(sets.flatMap(({ from }) => [...from.keys()]))
  const unions = choices.map((choice) =>
    unionOf(sets.flatMap(({ from }) => (from.has(choice) ? [from] : [])))
  )
  const known = new Set<string>()
  return [...sets.map(({ from }) => from), ...unions].flatMap((from) => {
    const key = [...from].sort(([a], [b]) => a - b).join(';')
    if (known.has(key)) return []
    known.add(key)
    const modes = distinct(sets.flatMap((set) => (isWithin(set.from, from) ? set.modes : [])))
    return [{ modes, from }]
  })
}
