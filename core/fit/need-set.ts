import type { Buyable } from './buyables'
import type { KitTool } from './kit'

/** Purchases that belong together, by buyable id, with how many of each. */
export type NeedSet = ReadonlyMap<string, { readonly buyable: Buyable; readonly count: number }>

export const EMPTY_SET: NeedSet = new Map()

/** Both sets together; of the same purchase the larger count. */
export function union(a: NeedSet, b: NeedSet): NeedSet {
  if (a.size === 0) return b
  const sum = new Map(a)
  for (const [id, need] of b) {
    const present = sum.get(id)
    if (!present || present.count < need.count) sum.set(id, need)
  }
  return sum
}

/** What `extra` adds to the cost of `base`, minor units. */
export function addedCost(base: NeedSet, extra: NeedSet): number {
  let cost = 0
  for (const [id, { buyable, count }] of extra) {
    const more = count - (base.get(id)?.count ?? 0)
    if (more > 0) cost += buyable.allIn * more
  }
  return cost
}

export const costOf = (set: NeedSet): number => addedCost(EMPTY_SET, set)

export const entriesOf = (set: NeedSet): KitTool[] =>
  [...set.values()].map(({ buyable, count }) => ({
    ...buyable.entry,
    count: count * buyable.entry.count
  }))
