import { sumOf } from '../kernel'
import type { Library } from '../catalogue'
import type { Build } from './build'

/**
 * Nights a build waits for glue to set and coats to dry, whatever it is made with: one glue-up an evening, since the clamps are taken
 * until the morning, and a coat a night. They cost no work, and none are left to say of a build that is under way.
 */
export const nightsOf = (library: Library, { steps, log }: Build): number =>
  log === undefined
    ? sumOf(steps, ({ operation }) => library.operations.get(operation)?.nights ?? 0)
    : 0
