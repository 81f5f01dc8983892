/**
 * The circle each node stands in, by a number that nodes of one circle share: strongly connected components (Tarjan, 1972), with a
 * stack of its own instead of calls, so that long chains end as well. Every node and every arrow is looked at once.
 * @param roots nodes to begin from
 * @param next where arrows lead from a node
 */
export function circlesOf(
  roots: readonly string[],
  next: (node: string) => readonly string[]
): ReadonlyMap<string, number> {
  const [found, low, circle] = [
    new Map<string, number>(),
    new Map<string, number>(),
    new Map<string, number>()
  ]
  const onPath: string[] = []
  const lowOf = (node: string): number => low.get(node) ?? 0
  const enter = (node: string): Visit => {
    found.set(node, found.size)
    low.set(node, found.size - 1)
    onPath.push(node)
    return { node, arrows: next(node), at: 0 }
  }
  const close = (node: string): void => {
    if (lowOf(node) !== found.get(node)) return
    const number = circle.size
    for (let one = onPath.pop(); one !== undefined; one = onPath.pop()) {
      circle.set(one, number)
      if (one === node) return
    }
  }
  for (const root of roots) {
    if (found.has(root)) continue
    const visits = [enter(root)]
    for (let top = visits.at(-1); top; top = visits.at(-1)) {
      const other = top.arrows[top.at++]
      if (other === undefined) {
        close(top.node)
        visits.pop()
        const before = visits.at(-1)
        if (before) low.set(before.node, Math.min(lowOf(before.node), lowOf(top.node)))
      } else if (!found.has(other)) visits.push(enter(other))
      else if (!circle.has(other))
        low.set(top.node, Math.min(lowOf(top.node), found.get(other) ?? 0))
    }
  }
  return circle
}

interface Visit {
  readonly node: string
  readonly arrows: readonly string[]
  at: number
}
