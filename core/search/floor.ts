import { floorRuleOf } from '../fit'
import { sumOf } from '../kernel'
import type { Problem } from './problem'

/** What the room holds, for the search: amounts of floor that add up, and whether a sum goes; see `FloorRule`. */
export interface Floor {
  /** Per choice: what one of it takes, and what an owned tool of its kind gives back. */
  readonly takes: Float64Array
  readonly frees: Float64Array
  /** Whether what is bought goes into the room beside what is there. */
  goes(bought: number): boolean
}

export function floorFor({ world, choices, sources }: Problem): Floor | undefined {
  const rule = floorRuleOf(world)
  if (!rule) return undefined
  const there = sumOf(sources.kit.tools, ({ tool, count }) => rule.amountOf(tool) * count)
  return {
    takes: Float64Array.from(choices, ({ entries, storedM2 }) => {
      if (storedM2 === 0) return 0
      return rule.limitM2 === undefined
        ? sumOf(entries, ({ tool, count }) => rule.amountOf(tool) * count)
        : storedM2
    }),
    frees: Float64Array.from(choices, ({ entries: [entry] }) =>
      entry ? rule.amountOf(entry.tool) : 0
    ),
    goes: (bought) => rule.goes(there + bought)
  }
}
