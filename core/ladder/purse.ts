import { sumOf } from '../kernel'
import type { World } from '../workspace'
import type { Band } from './rung'

/** Money there now above the reserve, and with all that comes in the time of the plan. */
export function moneyOf(world: World): { now: number; inTime: number } {
  const { reserve } = world.workspace.money
  const coming = sumOf(
    world.receipts.filter(({ date }) => date > world.asOf),
    ({ amount }) => amount
  )
  return {
    now: Math.max(0, world.balance - reserve),
    inTime: Math.max(0, world.balance + coming - reserve)
  }
}

export const bandOf = (total: number, now: number, inTime: number): Band =>
  total <= now ? 'first' : total <= inTime ? 'next' : 'later'
