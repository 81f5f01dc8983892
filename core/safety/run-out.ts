import type { Library } from '../catalogue'
import { sumOf } from '../kernel'
import { finishedWays, type Item, type Plan, type World } from '../workspace'
import { lastsHours } from './wear'

const MINUTES_PER_HOUR = 60

/** An item whose filters or plugs are used up by the log. */
export interface RunOut {
  readonly item: string
  readonly tool: string
  readonly hours: number
  readonly lasts: number
}

/**
 * Filters, masks and plugs that are used up: hours logged since they came in with ways that ask for them. Of a finished build its minutes
 * count by the ways it was made.
 */
export function runOut(world: World, plan?: Plan): RunOut[] {
  const { library, workspace } = world
  const done = finishedWays(workspace, plan)
  const hoursWith = ({ tool, since }: Item): number => {
    const protects = library.tools.get(tool)?.protects ?? []
    return (
      sumOf(
        done.filter(({ on }) => on >= since),
        ({ ways }) =>
          sumOf(ways, ({ method, minutes }) => (asksFor(library, method, protects) ? minutes : 0))
      ) / MINUTES_PER_HOUR
    )
  }
  return workspace.items.flatMap((item): RunOut[] => {
    const lasts = lastsHours(library, item)
    if (lasts === undefined || (library.tools.get(item.tool)?.protects.length ?? 0) === 0) return []
    const hours = hoursWith(item)
    return hours >= lasts ? [{ item: item.id, tool: item.tool, hours, lasts }] : []
  })
}

const asksFor = (library: Library, method: string, protects: readonly string[]): boolean =>
  (library.methods.get(method)?.protection ?? []).some((one) => protects.includes(one))
