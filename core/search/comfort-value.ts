import { sumOfMost } from '../kernel'
import type { Problem } from './problem'

/** What is worth having by itself of what is held: of each group the one that counts most, minor units. @param held by choice */
export function comfortOf({ comforts }: Pick<Problem, 'comforts'>, held: Int32Array): number {
  if (comforts.length === 0) return 0
  return sumOfMost(
    comforts.filter(({ choice }) => (held[choice] as number) > 0),
    ({ group }) => group,
    ({ worth }) => worth
  )
}
