import { apply, type KitValue, type Package } from '../search'

/** One rung while its place is looked for: a tool, and what comes along unless an earlier rung has brought it. */
export interface Step {
  readonly lead: Package
  readonly along: Package
  /** What the lead costs, minor units. */
  readonly cost: number
  /** What each companion costs, by choice. */
  readonly alongCost: ReadonlyMap<number, number>
  /** What would be missed without it at the end: decides between places where V is the same. */
  readonly share: number
}

/** Rungs whose order is found by trying all orders. */
export const EXACT_RUNGS = 12
/** Rungs looked at together where there are more. */
const WINDOW = 8
/** Times the windows go up the ladder at most. */
const PASSES = 3
/** How much the share counts beside V. */
const SHARE_COUNTS = 0.02

/** A kit that rungs are put on and taken off again; companions come with the first rung that asks for them. */
class Standing {
  private readonly here = new Map<number, number>()
  private shares = 0
  constructor(private readonly kit: KitValue) {}

  /** @returns what the rung costs at this place */
  put({ lead, along, cost, alongCost, share }: Step): number {
    apply(this.kit, lead, 1)
    let total = cost
    for (const [choice, count] of along) {
      const present = this.here.get(choice) ?? 0
      this.here.set(choice, present + 1)
      if (present > 0) continue
      this.kit.add(choice, count)
      total += alongCost.get(choice) ?? 0
    }
    this.shares += share
    return total
  }

  take({ lead, along, share }: Step): void {
    apply(this.kit, lead, -1)
    for (const [choice, count] of along) {
      const present = (this.here.get(choice) ?? 0) - 1
      this.here.set(choice, present)
      if (present === 0) this.kit.add(choice, -count)
    }
    this.shares -= share
  }

  get height(): number {
    return this.kit.value() + SHARE_COUNTS * this.shares
  }
}

/**
 * The order of some rungs with the largest area under V over money: for every sum that could be spent, as much as possible is had.
 * Exact, by going over the sets of what is bought already (Held and Karp 1962, as for sequences whose cost hangs on what came before).
 */
function bestOrder(standing: Standing, steps: readonly Step[]): Step[] {
  const count = steps.length
  const size = 1 << count
  const height = new Float64Array(size)
  const cost = new Float64Array(size * count)
  const fill = (mask: number, from: number): void => {
    height[mask] = standing.height
    for (let i = 0; i < count; i++) {
      if (mask & (1 << i)) continue
      cost[mask * count + i] = standing.put(steps[i]!)
      if (i >= from) fill(mask | (1 << i), i + 1)
      standing.take(steps[i]!)
    }
  }
  fill(0, 0)
  const area = new Float64Array(size).fill(-Infinity)
  const last = new Int8Array(size)
  area[0] = 0
  for (let mask = 0; mask < size; mask++)
    for (let i = 0; i < count; i++) {
      if (mask & (1 << i)) continue
      const next = mask | (1 << i)
      const total = area[mask]! + height[mask]! * cost[mask * count + i]!
      if (total > area[next]!) {
        area[next] = total
        last[next] = i
      }
    }
  // What is not paid later is gained earlier: each rung's money counts at the height reached before it.
  const order: Step[] = []
  for (let mask = size - 1; mask > 0; mask &= ~(1 << last[mask]!))
    order.unshift(steps[last[mask]!]!)
  return order
}

/** Σ over the rungs of the height reached before each times what it costs. */
export function areaUnder(kit: KitValue, steps: readonly Step[]): number {
  const standing = new Standing(kit)
  let area = 0
  for (const step of steps) {
    const { height } = standing
    area += height * standing.put(step)
  }
  for (const step of steps) standing.take(step)
  return area
}

/** The rungs in the order with the largest area under V over money: exact up to `EXACT_RUNGS`, beyond that by windows that slide along. */
export function inOrder(kit: KitValue, steps: readonly Step[]): Step[] {
  const standing = new Standing(kit)
  if (steps.length <= EXACT_RUNGS) return bestOrder(standing, steps)
  let order = [...steps]
  for (let pass = 0; pass < PASSES; pass++) {
    const before = [...order]
    for (let at = 0; at < order.length - 1; at += WINDOW / 2) {
      for (let i = 0; i < at; i++) standing.put(order[i]!)
      const window = bestOrder(standing, order.slice(at, at + WINDOW))
      for (let i = 0; i < at; i++) standing.take(order[i]!)
      order = [...order.slice(0, at), ...window, ...order.slice(at + WINDOW)]
    }
    if (order.every((step, i) => step === before[i])) break
  }
  return order
}
