import { batchesOf, type Build } from '../builds'
import type { Step } from '../catalogue'
import type { Load } from './kernel'

/** How much of a step there is for all copies of a build. */
export const loadOf = (step: Step, build: Build): Load => ({
  units: step.quantity * (step.perBatch ? batchesOf(build) : build.copies),
  batches: batchesOf(build),
  stock: step.stock,
  species: step.species
})

/** A step of a build, with how much of it there is. */
export interface Task {
  readonly step: Step
  readonly build: Build
  readonly load: Load
}
export const taskOf = (step: Step, build: Build): Task => ({
  step,
  build,
  load: loadOf(step, build)
})
