import { isBegun, isDone, type Build } from '../builds'
import type { Operation, Step } from '../catalogue'
import type { World } from '../workspace'
import { fitBuild } from './build-fit'
import { fitContext, type FitContext } from './fit-context'
import { methodsOf, partSteps } from './kernel'
import { kitOf, type Kit } from './kit'
import { fitMethod } from './method-fit'

/** Operations a kit can do on stock of any ordinary size, with its own tools. */
export const operationsWithin = (context: FitContext, kit: Kit): Operation[] =>
  [...context.library.operations.values()].filter(({ id }) =>
    doneWith(context, kit, { id: 's', operation: id, quantity: 1, stock: {} })
  )

/** Whether a kit has a way of its own for a step, part by part where it is made up of others. */
const doneWith = (context: FitContext, kit: Kit, step: Step): boolean =>
  methodsOf(context.library, step).some(
    (method) =>
      method.form !== 'service' &&
      fitMethod(kit, method, step, context).misses.length === 0 &&
      partSteps(method, step).every((part) => doneWith(context, kit, part))
  )

/** Builds that are neither done nor begun and can be made with what is owned, with the minutes each takes. */
export function buildableNow(world: World): { readonly build: Build; readonly minutes: number }[] {
  const context = fitContext(world)
  const kit = kitOf(world.library, world.workspace.items)
  return world.workspace.builds
    .filter((build) => !isDone(build) && !isBegun(build))
    .flatMap((build) => {
      const { gaps, minutes } = fitBuild(context, kit, build)
      return gaps.length === 0 ? [{ build, minutes }] : []
    })
}
