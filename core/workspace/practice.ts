import { isDone } from '../builds'
import type { HazardClass, HazardLevel, Library } from '../catalogue'
import type { Workspace } from './types'
import type { Plan } from './plan-types'

/** Finished builds at a level after which the next one is suggested. Common practice; only the user can declare it. */
const BUILDS_FOR_NEXT = 3

/** How many finished builds used each class of hazard at the declared level, by the ways their kept plans name. */
export interface Practice {
  readonly hazard: HazardClass
  readonly builds: number
  /** The level that practice suggests; undefined where there is too little of it, or no limit. */
  readonly suggests: HazardLevel | undefined
}

export function practiceOf(workspace: Workspace, library: Library, plan?: Plan): Practice[] {
  const plans = [...workspace.adopted, ...(plan ? [plan] : [])]
  const done = workspace.builds.filter(isDone)
  return (Object.entries(workspace.workshop.comfort) as [HazardClass, HazardLevel][]).map(
    ([hazard, level]) => {
      const builds = done.filter(({ id }) =>
        plans.some((plan) =>
          plan.builds.some(
            ({ build, methods }) =>
              build === id &&
              Object.values(methods).some((method) => {
                const of = library.methods.get(method)?.hazard
                return of?.kind === hazard && of.level === level
              })
          )
        )
      ).length
      return {
        hazard,
        builds,
        suggests:
          level > 0 && level < 3 && builds >= BUILDS_FOR_NEXT
            ? ((level + 1) as HazardLevel)
            : undefined
      }
    }
  )
}
