import type { Minor } from '../money'

/** Something that can be chosen once, for money. */
export interface Option {
  readonly id: string
  readonly cost: Minor
  readonly value: number
}

export interface Choice {
  readonly chosen: readonly string[]
  readonly cost: Minor
  readonly value: number
}

/**
 * The choice of greatest value whose cost stays within a limit: the 0/1 knapsack problem, solved exactly by branch and bound with
 * the fractional bound (Dantzig 1957). Among equal values the cheaper choice wins. Options that cost nothing are always taken
 * when they are worth something; worthless ones never. Costs are whole minor units and must not be negative.
 */
export function chooseWithin(limit: Minor, options: readonly Option[]): Choice {
  const useful = options.filter(({ cost, value }) => value > 0 && cost <= limit)
  const sorted = [...useful].sort((a, b) => b.value * a.cost - a.value * b.cost || a.cost - b.cost)
  let best: Choice = { chosen: [], cost: 0, value: 0 }
  const boundFrom = (index: number, room: Minor): number => {
    let bound = 0
    for (const { cost, value } of sorted.slice(index)) {
      if (cost > room) return bound + (value * room) / cost
      room -= cost
      bound += value
    }
    return bound
  }
  const visit = (index: number, chosen: readonly string[], cost: Minor, value: number): void => {
    if (value > best.value || (value === best.value && cost < best.cost)) best = { chosen, cost, value }
    const option = sorted[index]
    if (!option || value + boundFrom(index, limit - cost) < best.value) return
    if (cost + option.cost <= limit) visit(index + 1, [...chosen, option.id], cost + option.cost, value + option.value)
    visit(index + 1, chosen, cost, value)
  }
  visit(0, [], 0, 0)
  return best
}
