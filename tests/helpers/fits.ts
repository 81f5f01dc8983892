import { leastBy } from '../../core/kernel'
import type { BuildFit, MethodUse, StepFit } from '../../core/fit'

/** The least minutes a step can take with the kit, whatever it costs; undefined for a gap. */
export const fastest = (fit: StepFit): MethodUse | undefined =>
  leastBy(fit.usable, ({ minutes }) => minutes)

/** The method chosen per step, by step id. */
export const chosenMethods = (fit: BuildFit): Record<string, string> =>
  Object.fromEntries(
    fit.steps.flatMap(({ step, usable }) => (usable[0] ? [[step.id, usable[0].method.id]] : []))
  )
