import { addDays, daysBetween, type Day } from '../calendar'
import { seededRandom } from '../kernel'
import { findBuild, type Plan, type World } from '../workspace'
import { courseOf, follow, type Run } from './course'
import { quantile } from './quantile'
import { USUAL_RISK, type RiskSettings } from './settings'

export const FAN = [0.05, 0.25, 0.5, 0.75, 0.95] as const

export interface Risk {
  readonly samples: number
  readonly builds: readonly {
    readonly build: string
    readonly copies: number | undefined
    readonly by: Day
    readonly wished: boolean
    readonly chance: number
    readonly half: Day | undefined
  }[]
  /** Balance at the end of each day of change: the quantiles of `FAN`. */
  readonly fan: readonly { readonly date: Day; readonly quantiles: readonly number[] }[]
  /** Chance that the balance touches what is kept back on some day after the first purchase. */
  readonly belowReserve: number
}

/** Dates of the fan: about this many, evenly. */
const FAN_POINTS = 60

export interface RiskOptions {
  /** Courses that are followed; 1000 when left out. */
  readonly samples?: number | undefined
  readonly seed?: number | undefined
  readonly settings?: RiskSettings | undefined
  /** Hears the state so far; false ends it. */
  readonly onRound?: ((risk: Risk) => boolean) | undefined
}

/**
 * Follows a plan through many possible courses of things (Monte Carlo): prices, sales, missed paydays, lost weeks, slower work, time to
 * sell. The same seed gives the same answer.
 */
export function riskOf(
  world: World,
  plan: Plan,
  { samples = 1000, seed = 1, settings = USUAL_RISK, onRound = () => true }: RiskOptions = {}
): Risk {
  const course = courseOf(world, plan, settings)
  const random = seededRandom(seed)
  const runs: Run[] = []
  const step = Math.max(1, Math.floor(samples / 8))
  for (let i = 1; i <= samples; i++) {
    runs.push(follow(course, random))
    if (i % step === 0 && i < samples && !onRound(summed(world, plan, runs))) break
  }
  return summed(world, plan, runs)
}

function summed(world: World, plan: Plan, runs: readonly Run[]): Risk {
  const days = runs[0]?.balances.length ?? 0
  const every = Math.max(1, Math.floor(days / FAN_POINTS))
  const fan = Array.from({ length: Math.ceil(days / every) }, (_, k) => {
    const sorted = runs.map(({ balances }) => balances[k * every] ?? 0).sort((a, b) => a - b)
    return {
      date: addDays(world.asOf, k * every),
      quantiles: FAN.map((share) => quantile(sorted, share))
    }
  })
  const builds = plan.builds.flatMap((planned, i) => {
    if (planned.build.startsWith('make/')) return []
    const wished = findBuild(world, planned.build)?.wished
    const by = wished ?? planned.done
    const limit = daysBetween(world.asOf, by)
    const sorted = runs.map(({ done }) => done[i] ?? Infinity).sort((a, b) => a - b)
    const half = sorted[Math.floor(sorted.length / 2)] ?? Infinity
    return [
      {
        build: planned.build,
        copies: planned.copies,
        by,
        wished: wished !== undefined,
        chance: sorted.filter((day) => day <= limit).length / Math.max(1, sorted.length),
        half: Number.isFinite(half) ? addDays(world.asOf, half) : undefined
      }
    ]
  })
  return {
    samples: runs.length,
    builds,
    fan,
    belowReserve: runs.filter(({ touched }) => touched).length / Math.max(1, runs.length)
  }
}
