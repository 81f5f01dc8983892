import type { Order } from './order'
import type { State } from './state'

/** Leaves out of an order what its last decoding did not use. */
export function prune(order: Order, { scheduled, used }: State): void {
  let kept = 0
  for (let i = 0; i < order.length; i++) {
    const code = order.codes[i] as number
    if (code >= 0 ? scheduled[code] === 1 : used[-1 - code] === 1) {
      order.codes[kept] = code
      order.genes[kept++] = order.genes[i] as number
    }
  }
  order.length = kept
}
