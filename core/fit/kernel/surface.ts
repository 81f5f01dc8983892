import { SURFACES, type Library, type Method, type Step } from '../../catalogue'

/** Whether a method leaves a rougher surface than the step asks for. */
export const tooRough = (method: Method, step: Step): boolean =>
  step.surface !== undefined && SURFACES.indexOf(method.surface) < SURFACES.indexOf(step.surface)

/** Length a clean-up by the metre is reckoned for where the stock does not say, mm. */
const ONE_METRE_MM = 1000

/** The step of cleaning up after one that was done too roughly; undefined where the trade has none. */
export function cleanUpStep(library: Library, step: Step): Step | undefined {
  const rule = library.operations.get(step.operation)?.cleanUp
  if (!rule) return undefined
  const each =
    rule.per === 'unit'
      ? rule.times
      : (rule.times * (step.stock.lengthMm ?? ONE_METRE_MM)) / ONE_METRE_MM
  return { ...step, operation: rule.operation, quantity: step.quantity * each }
}
