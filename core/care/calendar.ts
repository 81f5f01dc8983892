import { addDays, DAYS_PER_MONTH, daysBetween, type Day } from '../calendar'
import type { ItemHours } from '../hours'
import type { CareTask } from '../inspection'
import type { CareDone, Item, World } from '../workspace'

const MINUTES_PER_HOUR = 60
/** From this part of its time on care is said to come soon. A judgement. */
const SOON = 0.8

/** Care of one thing owned: how far it is used since the last time. */
export interface CareOf {
  readonly item: Item
  readonly task: CareTask
  readonly last: CareDone | undefined
  /** Hours of use since then, or since it came. */
  readonly hours: number
  /** How much of the time until it is due is over: by hours or by months, whichever is further; 1 and more is due. */
  readonly part: number
  readonly state: 'due' | 'soon' | 'fine'
  /** The day it is due by time alone; undefined for what goes by hours of use. */
  readonly day: Day | undefined
}

/** The newest of each item and task. */
function newest({ workspace }: World): ReadonlyMap<string, CareDone> {
  const found = new Map<string, CareDone>()
  for (const one of workspace.upkeep ?? []) {
    if (one.kind !== 'care') continue
    const key = `${one.item}@${one.task}`
    const known = found.get(key)
    if (!known || one.on >= known.on) found.set(key, one)
  }
  return found
}

/**
 * Care of everything owned, what is furthest over its time first. Hours of use count from the last time it was done; what was used before the log
 * began is not known.
 * @param hours of use of each item, see `itemHours`
 */
export function careOf(
  world: World,
  tasks: readonly CareTask[],
  hours: ReadonlyMap<string, ItemHours>
): CareOf[] {
  const done = newest(world)
  const byTool = new Map<string, CareTask[]>()
  for (const task of tasks)
    for (const tool of task.tools) byTool.set(tool, [...(byTool.get(tool) ?? []), task])
  return world.workspace.items
    .flatMap((item) =>
      (byTool.get(item.tool) ?? []).map((task): CareOf => {
        const last = done.get(`${item.id}@${task.id}`)
        const used = (hours.get(item.id)?.minutes ?? 0) - (last?.atMinutes ?? 0)
        const since = Math.max(0, used) / MINUTES_PER_HOUR
        const from = last?.on ?? item.since
        const byHours = task.everyHours === undefined ? 0 : since / task.everyHours
        const days =
          task.everyMonths === undefined ? undefined : Math.round(task.everyMonths * DAYS_PER_MONTH)
        const byDays = days === undefined ? 0 : Math.max(0, daysBetween(from, world.asOf)) / days
        const part = Math.max(byHours, byDays)
        return {
          item,
          task,
          last,
          hours: since,
          part,
          state: part >= 1 ? 'due' : part >= SOON ? 'soon' : 'fine',
          day: days === undefined ? undefined : addDays(from, days)
        }
      })
    )
    .sort((a, b) => b.part - a.part)
}

/** What does a thing's other care along with it: who sharpens strops, who puts a new blade in has a clean one. */
export const COVERS: Readonly<Record<string, readonly string[]>> = {
  sharpen: ['strop'],
  'round-blade': ['pitch'],
  filter: ['empty']
}

/** The tasks that are done with one, and itself. */
export const doneWith = (task: string, item: Item, tasks: readonly CareTask[]): string[] => [
  task,
  ...(COVERS[task] ?? []).filter((other) =>
    tasks.some((one) => one.id === other && one.tools.includes(item.tool))
  )
]
