/** The sum of one figure over a list; 0 for an empty list. */
export const sumOf = <T>(list: readonly T[], figure: (item: T) => number): number =>
  list.reduce((sum, item) => sum + figure(item), 0)

/** Of each group the largest figure, added up; nothing below 0 counts. */
export function sumOfMost<T>(
  list: readonly T[],
  groupOf: (item: T) => string,
  figure: (item: T) => number
): number {
  const most = new Map<string, number>()
  for (const item of list)
    most.set(groupOf(item), Math.max(most.get(groupOf(item)) ?? 0, figure(item)))
  return sumOf([...most.values()], (one) => one)
}

/** The item with the smallest figure; the first one among equals; undefined for an empty list. */
export function leastBy<T>(list: readonly T[], figure: (item: T) => number): T | undefined {
  let best: T | undefined
  let least = Infinity
  for (const item of list) {
    const value = figure(item)
    if (best === undefined || value < least) [best, least] = [item, value]
  }
  return best
}

/** Items under the same key, in order of first appearance. */
export function groupBy<T, K>(list: readonly T[], key: (item: T) => K): Map<K, T[]> {
  const groups = new Map<K, T[]>()
  for (const item of list) {
    const group = groups.get(key(item))
    if (group) group.push(item)
    else groups.set(key(item), [item])
  }
  return groups
}

/** A look-up by id. */
export const byId = <T extends { readonly id: string }>(
  list: readonly T[]
): ReadonlyMap<string, T> => new Map(list.map((item) => [item.id, item]))

/** Each value once, in order of first appearance. */
export const distinct = <T>(list: readonly T[]): T[] => [...new Set(list)]

/**
 * A whole number shared out by weights in whole parts that come to it exactly: rounded down, and what is left goes to the largest remainders
 * (Hamilton's method of apportionment). All zeros where no weight is above 0.
 */
export function apportion(whole: number, weights: readonly number[]): number[] {
  const all = sumOf(weights, (weight) => weight)
  if (!(all > 0)) return weights.map(() => 0)
  const shares = weights.map((weight) => (whole * weight) / all)
  const parts = shares.map(Math.floor)
  const left = whole - sumOf(parts, (part) => part)
  const order = shares
    .map((share, i) => ({ i, rest: share - Math.floor(share) }))
    .sort((a, b) => b.rest - a.rest || a.i - b.i)
  for (const { i } of order.slice(0, left)) parts[i] = (parts[i] ?? 0) + 1
  return parts
}
