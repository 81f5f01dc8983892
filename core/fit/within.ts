import type { Operation } from '../catalogue'
import type { FitContext } from './build-fit'
import type { Kit } from './kit'
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
