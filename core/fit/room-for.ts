import type { Tool } from '../catalogue'
import { sumOf } from '../kernel'
import type { World } from '../workspace'
import { floorRuleOf } from './floor-rule'

/** Whether a tool finds room as it is drawn: by itself, and with all that is there already. */
export interface RoomFor {
  readonly tool: string
  readonly alone: boolean
  readonly beside: boolean
}

/**
 * Whether each of some tools would find room, one after another beside what is there and what came before it and found some.
 * @returns nothing where the room is not drawn
 */
export function roomFor(world: World, there: readonly Tool[], coming: readonly Tool[]): RoomFor[] {
  const rule = floorRuleOf(world)
  if (!rule || rule.limitM2 !== undefined) return []
  let taken = sumOf(there, (tool) => rule.amountOf(tool))
  return coming.flatMap((tool): RoomFor[] => {
    const amount = rule.amountOf(tool)
    if (amount === 0) return []
    const beside = rule.goes(taken + amount)
    if (beside) taken += amount
    return [{ tool: tool.id, alone: beside || rule.goes(amount), beside }]
  })
}
