import { tierRank } from '../catalogue'
import type { Choice } from './choices'
import type { Problem } from './problem'
import type { Bought } from './state'

/** Whether an offer is of the same tool as another, alike but for a better tier. */
function isBetter(other: Choice, one: Choice): boolean {
  const [mine, its] = [one.entries[0], other.entries[0]]
  return (
    mine !== undefined &&
    its !== undefined &&
    one.entries.length === 1 &&
    other.entries.length === 1 &&
    mine.tool === its.tool &&
    mine.power === its.power &&
    mine.platform === its.platform &&
    mine.condition === its.condition &&
    tierRank(its.tier) > tierRank(mine.tier) &&
    !one.single &&
    !other.single &&
    !one.hire &&
    !other.hire
  )
}

const known = new WeakMap<Problem, Map<number, readonly number[]>>()
/** Choices of a better tier of the same tool, the best first. */
function bettersOf(problem: Problem, choice: number): readonly number[] {
  const lists = known.get(problem) ?? new Map<number, readonly number[]>()
  known.set(problem, lists)
  const present = lists.get(choice)
  if (present) return present
  const { choices } = problem
  const rank = (one: number): number => tierRank(choices[one]!.entries[0]!.tier)
  const found = choices
    .flatMap((other, i) => (isBetter(other, choices[choice]!) ? [i] : []))
    .sort((a, b) => rank(b) - rank(a))
  lists.set(choice, found)
  return found
}

/**
 * What is bought, each in the best tier that costs no more then: tiers whose pace hardly differs are not told apart in the search, and
 * at the price of a better one nobody would take the plainer one.
 */
export const bettered = (problem: Problem, bought: readonly Bought[]): Bought[] =>
  bought.map((one) => {
    const { choices } = problem
    const costs = (choice: number): number => choices[choice]!.cash[one.event] ?? Infinity
    const better = bettersOf(problem, one.choice).find((other) => costs(other) <= costs(one.choice))
    return better === undefined ? one : { ...one, choice: better }
  })
