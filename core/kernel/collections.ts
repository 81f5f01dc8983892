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
