import { type BuildFit, type MethodUse } from '../fit'

/** A step that a purchase opens or changes. */
export interface StepChange {
  readonly build: string
  readonly step: string
  readonly operation: string
  /** How it is done today; left out for a gap. */
  readonly before?: MethodUse | undefined
  readonly after: MethodUse
}

/** A tool owned that almost does a step, by the measure it lacks, mm. */
export interface NearMiss {
  readonly build: string
  readonly operation: string
  readonly tool: string
  readonly has: number
  readonly needs: number
}

export function changesOf(before: BuildFit, after: BuildFit): StepChange[] {
  return after.steps.flatMap(({ step, usable }, i): StepChange[] => {
    const [now] = before.steps[i]?.usable ?? []
    const [then] = usable
    if (
      !then ||
      (now &&
        now.method.id === then.method.id &&
        now.minutes === then.minutes &&
        now.fee === then.fee)
    )
      return []
    return [
      { build: before.build.id, step: step.id, operation: step.operation, before: now, after: then }
    ]
  })
}

/** Tools owned that miss a step only by a measure, where that step is one the purchase opens. */
export function nearMissesOf(before: BuildFit, changes: readonly StepChange[]): NearMiss[] {
  return before.gaps
    .filter(({ step }) => changes.some((change) => change.step === step.id))
    .flatMap(({ step, others }) => {
      const spec = others
        .flatMap(({ misses }) => (misses.every(({ kind }) => kind === 'spec') ? misses : []))
        .find(({ kind }) => kind === 'spec')
      return spec?.kind === 'spec'
        ? [
            {
              build: before.build.id,
              operation: step.operation,
              tool: spec.tool,
              has: spec.has,
              needs: spec.needs
            }
          ]
        : []
    })
}
