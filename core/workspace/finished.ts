import { isDone } from '../builds'
import type { Day } from '../calendar'
import type { Plan } from './plan-types'
import type { Workspace } from './types'

/** A finished build with the ways of the plan it was made by. */
export interface Finished {
  readonly methods: readonly string[]
  readonly minutes: number
  readonly copies: number
  readonly on: Day
}

/** Finished builds of which a kept plan, or the plan there is, names the ways. What was made by no plan is not told. */
export function finishedWays(workspace: Workspace, plan: Plan | undefined): Finished[] {
  const plans = [...workspace.adopted, ...(plan ? [plan] : [])]
  return workspace.builds.filter(isDone).flatMap(({ id, log, copies }) => {
    const planned = plans
      .flatMap(({ builds }) => builds)
      .findLast(({ build, methods }) => build === id && Object.keys(methods).length > 0)
    return planned && log?.done !== undefined
      ? [
          {
            methods: Object.values(planned.methods),
            minutes: log.minutesSpent,
            copies,
            on: log.done
          }
        ]
      : []
  })
}
