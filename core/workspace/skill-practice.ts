import { FAMILIES, HOURS_FOR, LEVELS, type Family, type Level, type Library } from '../catalogue'
import { sumOf } from '../kernel'
import { finishedWays } from './finished'
import type { Plan } from './plan-types'
import type { Workspace } from './types'

const MINUTES_PER_HOUR = 60

/** What has been done with one family of tools, and the level that would fit it. */
export interface SkillPractice {
  readonly family: Family
  readonly level: Level
  readonly hours: number
  readonly suggests: Level | undefined
}

/**
 * Hours logged with each family: of every finished build its logged minutes by the ways it was made. What was logged without any
 * and made by no kept plan counts for nothing.
 */
export function skillPracticeOf(
  workspace: Workspace,
  library: Library,
  plan?: Plan
): SkillPractice[] {
  const done = finishedWays(workspace, plan)
  return FAMILIES.map((family) => {
    const minutes = sumOf(done, ({ ways }) =>
      sumOf(ways, (way) => (library.methods.get(way.method)?.family === family ? way.minutes : 0))
    )
    const level = workspace.preferences.levels?.[family] ?? 'new'
    const hours = minutes / MINUTES_PER_HOUR
    return {
      family,
      level,
      hours,
      suggests: hours >= HOURS_FOR[level] ? LEVELS[LEVELS.indexOf(level) + 1] : undefined
    }
  })
}
