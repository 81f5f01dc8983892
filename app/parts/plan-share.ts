import { daysBetween, type Day } from '../../core/calendar'
import { useWorkspace } from '../stores/workspace'

/** So much of a bar is always seen, per cent. */
const LEAST = 2

/** How far into the plan a day lies, per cent, for a bar. */
export function usePlanShare(): (day: Day) => number {
  const store = useWorkspace()
  return (day) => {
    if (!store.world) return 0
    const { asOf, until } = store.world
    return Math.max(LEAST, (100 * daysBetween(asOf, day)) / Math.max(1, daysBetween(asOf, until)))
  }
}
