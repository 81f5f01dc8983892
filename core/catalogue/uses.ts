import type { Library } from './library'
import type { Operation } from './method-types'
import type { SpecName } from './types'

/** Whether a measure says what a tool can take, in mm: an opening, a reach, a depth; its accuracy does not. */
export const isCapacity = (spec: string): spec is SpecName =>
  spec.endsWith('Mm') && spec !== 'accuracyMm'

/** Operations each tool has a part in. */
export function operationsByTool(library: Library): ReadonlyMap<string, readonly Operation[]> {
  const methods = [...library.methods.values()]
  return new Map(
    [...library.tools.values()].map((tool) => {
      const ids = new Set(
        methods
          .filter(({ roles }) => roles.some(({ role }) => tool.roles.includes(role)))
          .map(({ operation }) => operation)
      )
      return [tool.id, [...ids].flatMap((id) => library.operations.get(id) ?? [])]
    })
  )
}
