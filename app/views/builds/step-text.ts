import { shallowRef, watch, type Ref } from 'vue'
import type { BenchStep } from '../../../core/fit'
import { useJudging } from '../../stores/judging'
import { useWorkspace } from '../../stores/workspace'
import type { Say } from '../../words/say'
import { paper as words } from '../../words/paper'

/** The steps of a build as they will be done, asked anew whenever the plan or the workspace is another. */
export function useBenchSteps(build: () => string): Ref<readonly BenchStep[]> {
  const store = useWorkspace()
  const judging = useJudging()
  const steps = shallowRef<readonly BenchStep[]>([])
  watch(
    [build, () => store.plan, () => judging.state],
    ([id, plan]) =>
      judging.ask('bench-steps', { plan, build: id }, (found) => (steps.value = found ?? [])),
    { immediate: true }
  )
  return steps
}

/** A step of a build as one reads it in the shop. */
export interface StepText {
  readonly work: string
  readonly much: string
  /** Of what stock; empty where it does not matter. */
  readonly stock: string
  readonly exact: string
  readonly with: string
}

/** @param copies that are made: quantities are for all of them */
export function stepText(
  say: Say,
  unit: string,
  { step, method }: BenchStep,
  copies: number
): StepText {
  const { lengthMm, widthMm, thicknessMm } = step.stock
  const sizes = [lengthMm, widthMm, thicknessMm].filter((mm) => mm !== undefined)
  return {
    work: say.operation(step.operation),
    much: say.quantity(step.quantity * copies, unit),
    stock: sizes.length === 0 ? '' : say.lengths(sizes),
    exact: step.accuracyMm === undefined ? '' : words.exact(say.length(step.accuracyMm)),
    with: method === undefined ? words.noWay : say.method(method)
  }
}
