import type { Day } from '../calendar'
import type { PlannedUse } from '../hours'
import type { World } from '../workspace'
import type { CareOf } from './calendar'

/** Care that falls due, and the day: today for what is due already. */
export interface CareAhead {
  readonly item: string
  readonly task: string
  readonly on: Day
  readonly minutes: number
}

const MINUTES_PER_HOUR = 60

/** The day a planned build is done with which its hours are full; undefined where no plan fills them. */
function byHours({ item, task, hours }: CareOf, uses: readonly PlannedUse[]): Day | undefined {
  if (task.everyHours === undefined) return undefined
  let left = (task.everyHours - hours) * MINUTES_PER_HOUR
  return uses.find(({ items }) => (left -= items[item.id] ?? 0) <= 0)?.done
}

/** Care of everything owned that falls due within the plan, each once: by its months, or when the builds planned have filled its hours. */
export function careAhead(
  world: World,
  care: readonly CareOf[],
  uses: readonly PlannedUse[]
): CareAhead[] {
  return care.flatMap((one): CareAhead[] => {
    const { item, task, state, day } = one
    const days = [day, byHours(one, uses)].filter((found) => found !== undefined).sort()
    const on = state === 'due' ? world.asOf : days[0]
    return on !== undefined && on <= world.until
      ? [
          {
            item: item.id,
            task: task.id,
            on: on < world.asOf ? world.asOf : on,
            minutes: task.minutes
          }
        ]
      : []
  })
}
