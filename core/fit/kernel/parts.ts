import type { Library, Method, MethodPart, Step } from '../../catalogue'

const MILLIMETRES = 1000

/** How much of a part there is for one copy of the step it belongs to. */
function quantityOf({ times, per }: MethodPart, { quantity, stock }: Step): number {
  switch (per) {
    case 'unit':
      return times * quantity
    case 'metre-of-width':
      return (times * quantity * (stock.widthMm ?? MILLIMETRES)) / MILLIMETRES
    case 'metre-of-length':
      return (times * quantity * (stock.lengthMm ?? MILLIMETRES)) / MILLIMETRES
    case 'piece':
      return times
  }
}

const known = new WeakMap<Step, Map<Method, readonly Step[]>>()
const NONE: readonly Step[] = []

/**
 * The steps a method is made up of when it does one step, such as boring, sinking and driving for a screwed joint; empty for a method
 * that tools of its own do. The same objects each time.
 */
export function partSteps(method: Method, step: Step): readonly Step[] {
  if (!method.parts) return NONE
  const perMethod = known.get(step) ?? new Map<Method, readonly Step[]>()
  known.set(step, perMethod)
  const present = perMethod.get(method)
  if (present) return present
  const { stock, species } = step
  const steps = method.parts.map((part): Step => ({
    id: `${step.id}/${part.operation}`,
    operation: part.operation,
    quantity: quantityOf(part, step),
    stock,
    ...(species === undefined ? {} : { species }),
    byOneself: true
  }))
  perMethod.set(method, steps)
  return steps
}

/**
 * The methods a step may be done by: the one that is set for it, else all of its operation; no service for what is done by oneself, and
 * what is left to a buyer for nobody else.
 * @param sold whether the piece is sold
 */
export function methodsOf(
  library: Library,
  { operation, way, byOneself }: Step,
  sold = false
): readonly Method[] {
  const known = library.methodsFor.get(operation) ?? []
  const all = sold ? known : known.filter(({ bySale }) => !bySale)
  if (byOneself) return all.filter(({ service }) => service === undefined)
  return way === undefined ? all : all.filter(({ id }) => id === way)
}

/** A step with all steps that some way of doing it is made up of. */
export const withParts = (library: Library, step: Step): Step[] => [
  step,
  ...methodsOf(library, step).flatMap((method) =>
    partSteps(method, step).flatMap((part) => withParts(library, part))
  )
]

/** Operations with all operations that some way of doing them is made up of. */
export function operationsUnder(library: Library, operations: Iterable<string>): Set<string> {
  const found = new Set<string>()
  const visit = (operation: string): void => {
    if (found.has(operation)) return
    found.add(operation)
    for (const { parts = [] } of library.methodsFor.get(operation) ?? [])
      for (const part of parts) visit(part.operation)
  }
  for (const operation of operations) visit(operation)
  return found
}
