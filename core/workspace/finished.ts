import { isDone } from '../builds'
import type { Day } from '../calendar'
import { apportion } from '../kernel'
import type { Plan } from './plan-types'
import type { Workspace } from './types'

/** Minutes logged with a way of working. */
export interface WayMinutes {
  readonly method: string
  readonly minutes: number
}
/** A finished build with the ways it was made by. */
export interface Finished {
  readonly build: string
  /** Their minutes together are those of the log. */
  readonly ways: readonly WayMinutes[]
  readonly copies: number
  readonly on: Day
}

/**
 * Finished builds with the minutes of each way: as its log shares them, or where that does not tell, evenly over the ways of the kept plan, or
 * the plan there is, that names them. What neither tells of is left out.
 */
export function finishedWays(workspace: Workspace, plan: Plan | undefined): Finished[] {
  const plans = [...workspace.adopted, ...(plan ? [plan] : [])]
  return workspace.builds.filter(isDone).flatMap(({ id, log, copies }): Finished[] => {
    if (log?.done === undefined) return []
    const told = Object.entries(log.shared?.ways ?? {})
    if (told.length > 0)
      return [
        {
          build: id,
          ways: told.map(([method, minutes]) => ({ method, minutes })),
          copies,
          on: log.done
        }
      ]
    const planned = plans
      .flatMap(({ builds }) => builds)
      .findLast(({ build, methods }) => build === id && Object.keys(methods).length > 0)
    if (!planned) return []
    const methods = Object.values(planned.methods)
    const minutes = apportion(
      log.minutesSpent,
      methods.map(() => 1)
    )
    return [
      {
        build: id,
        ways: methods.map((method, i) => ({ method, minutes: minutes[i] ?? 0 })),
        copies,
        on: log.done
      }
    ]
  })
}
