import { isBegun, isDone, type Build } from '../builds'
import type { Operation } from '../catalogue'
import type { World } from '../workspace'
import { fitBuild, fitContext, type FitContext } from './build-fit'
import { kitOf, type Kit } from './kit'
import { fitMethod } from './method-fit'

/** Operations a kit can do on stock of any ordinary size, with its own tools. */
export const operationsWithin = (context: FitContext, kit: Kit): Operation[] =>
  [...context.library.operations.values()].filter(({ id }) =>
    (context.library.methodsFor.get(id) ?? []).some(
      (method) =>
        method.form !== 'service' &&
        fitMethod(kit, method, { id: 's', operation: id, quantity: 1, stock: {} }, context).misses
          .length === 0
    )
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
