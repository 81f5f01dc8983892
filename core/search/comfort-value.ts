import type { Problem } from './problem'

/** What is worth having by itself of what is held: of each group the one that counts most, minor units. @param held by choice */
export function comfortOf({ comforts }: Pick<Problem, 'comforts'>, held: Int32Array): number {
  if (comforts.length === 0) return 0
  const best = new Map<string, number>()
  for (const { choice, group, worth } of comforts)
    if ((held[choice] as number) > 0) best.set(group, Math.max(best.get(group) ?? 0, worth))
  let total = 0
  for (const worth of best.values()) total += worth
  return total
}
