import type { Build } from '../../../core/builds'
import type { Operation } from '../../../core/catalogue'
import {
  fitBuild,
  type BuildFit,
  type FitContext,
  type Kit,
  type MethodFit,
  type MethodUse,
  type StepFit
} from '../../../core/fit'

export type CellState = 'fast' | 'slow' | 'service' | 'near' | 'none'

/** One operation of one build: all its steps with that operation together. */
export interface Cell {
  readonly build: Build
  readonly operation: Operation
  readonly steps: readonly StepFit[]
  readonly state: CellState
  readonly best: MethodUse | undefined
  /** The method that lacks least, where there is no usable one. */
  readonly nearest: MethodFit | undefined
  readonly minutes: number
  readonly fees: number
}

export interface Grid {
  readonly rows: readonly {
    readonly operation: Operation
    readonly cells: readonly (Cell | undefined)[]
    readonly clear: boolean
  }[]
  readonly fits: readonly BuildFit[]
}

/** By hand and longer than this is shown as slow, minutes. */
const SLOW_MINUTES = 45

const NEAR_KINDS = new Set(['spec', 'accuracy', 'companion', 'protection'])

/** One cell of the grid: all steps of a build with one operation, or one of them alone. */
export function cellOf(build: Build, operation: Operation, steps: readonly StepFit[]): Cell {
  const worst = steps.find(({ usable }) => usable.length === 0)
  const best = steps[0]?.usable[0]
  const uses = steps.flatMap(({ usable }) => usable[0] ?? [])
  const minutes = uses.reduce((sum, use) => sum + use.minutes, 0)
  const fees = uses.reduce((sum, use) => sum + use.fee, 0)
  const nearest = worst?.others[0]
  const state: CellState = worst
    ? nearest !== undefined && nearest.misses.every(({ kind }) => NEAR_KINDS.has(kind))
      ? 'near'
      : 'none'
    : best?.method.form === 'service'
      ? 'service'
      : best?.method.form === 'hand' && minutes > SLOW_MINUTES
        ? 'slow'
        : 'fast'
  return { build, operation, steps, state, best: worst ? undefined : best, nearest, minutes, fees }
}

/** The fit grid: operations in working order down, builds across; only operations some build needs. */
export function gridOf(context: FitContext, kit: Kit, builds: readonly Build[]): Grid {
  const fits = builds.map((build) => fitBuild(context, kit, build))
  const rows = [...context.library.operations.values()]
    .sort((a, b) => a.order - b.order)
    .flatMap((operation) => {
      const cells = fits.map((fit) => {
        const steps = fit.steps.filter(({ step }) => step.operation === operation.id)
        return steps.length > 0 ? cellOf(fit.build, operation, steps) : undefined
      })
      return cells.some(Boolean)
        ? [{ operation, cells, clear: cells.every((cell) => !cell || cell.state === 'fast') }]
        : []
    })
  return { rows, fits }
}
