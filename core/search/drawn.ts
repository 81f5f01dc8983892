import { groupBy } from '../kernel'
import { leastOf } from './choices'
import type { Problem } from './problem'
import { pick, type Supply } from './supply'

const { floor, min } = Math

/** Choices of one requirement that are taken for one another. */
const SHARERS = 14
/** Of the choices for a requirement, the cheapest so many are tried. */
const TRIED_CHOICES = 4

/** Per choice: others that serve for the same. */
export function sharingOf({ choices, requirements }: Problem): number[][] {
  const sharing: Set<number>[] = choices.map(() => new Set())
  const takes = (choice: number): number => leastOf(choices[choice]!)
  for (const { from, along } of requirements) {
    if (along) continue
    const keys = [...from.keys()].sort((a, b) => takes(a) - takes(b)).slice(0, SHARERS)
    for (const a of keys) for (const b of keys) if (a !== b) sharing[a]?.add(b)
  }
  // Another tier or condition of the same tool, however many there are.
  const offers = groupBy([...choices.keys()], (choice) => choices[choice]!.entries[0]?.tool.id)
  for (const list of offers.values())
    for (const a of list) for (const b of list) if (a !== b) sharing[a]?.add(b)
  return sharing.map((set) => [...set])
}

/** One of the cheapest choices for a requirement. */
export function cheapFor(supply: Supply, requirement: number): number | undefined {
  const list = supply.cheapest[requirement] ?? []
  if (list.length === 0) return undefined
  const drawn = floor(supply.random() * supply.random() * TRIED_CHOICES)
  return list[min(list.length - 1, drawn)]
}

/** How often what can be hired is hired in a move. */
const HIRED = 0.5
/** What can be hired, per requirement; undefined where nothing can. */
interface Hiring {
  readonly supply: Supply
  readonly hires: readonly (readonly number[])[] | undefined
}

/** The hires that serve for each requirement; undefined where nothing can be hired. */
export const hiresByRequirement = ({ choices, requirements }: Problem): Hiring['hires'] =>
  choices.some(({ hire }) => hire)
    ? requirements.map(({ from }) => [...from.keys()].filter((choice) => choices[choice]!.hire))
    : undefined

/** Something that can be hired for a requirement, now and then. */
export function hiredFor({ supply, hires }: Hiring, requirement: number): number | undefined {
  const list = hires?.[requirement] ?? []
  return list.length > 0 && supply.random() < HIRED ? list[pick(supply, list.length)] : undefined
}
