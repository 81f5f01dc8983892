import { isDone, materialCost, roughVariant, type Build } from '../builds'
import { DAYS_PER_YEAR, daysBetween } from '../calendar'
import { fitBuild, fitContext, hourValueOf, taskOf, usedUp, type Kit } from '../fit'
import { sumOf } from '../kernel'
import type { World } from '../workspace'
import { countedWorth, netOf, oneMore, payTimes } from './stakes'

const WEEKS_PER_YEAR = DAYS_PER_YEAR / 7
const MINUTES_PER_HOUR = 60

/** The builds that stand for the kinds of pieces that go on being made: each kind still to be made once, jigs and orders left out. */
function kindsOf({ workspace }: Pick<World, 'workspace'>): Build[] {
  const seen = new Set<string>()
  return workspace.builds.filter((build) => {
    const kind = build.template ?? build.id
    const once = build.yields !== undefined || build.sale?.due !== undefined
    if (once || isDone(build) || seen.has(kind)) return false
    seen.add(kind)
    return true
  })
}

/** Hours a piece is usually taken to need: its template's, else those of the quickest way. */
export function usualHours(world: World, build: Build): number {
  const template =
    build.template === undefined ? undefined : world.library.templates.get(build.template)
  if (template?.typicalHours !== undefined) return template.typicalHours
  const { quickest } = fitContext(world)
  const minutes = sumOf(build.steps, (step) => {
    const one = quickest(taskOf(step, build))
    return Number.isFinite(one) ? one : 0
  })
  return minutes / MINUTES_PER_HOUR
}

/** How the kit goes on serving after the plan. */
export interface After {
  readonly years: number
  readonly perYear: number
  /** Whether the pieces a year were worked out rather than said. */
  readonly worked: boolean
  /** One piece of each kind. */
  readonly kinds: readonly Build[]
  /** Ids of the builds that stand for the kinds. */
  readonly standing: ReadonlySet<string>
  /**
   * What the mean of the kinds is multiplied by, seen from today: Σ D(end + y) × n over the years after. 0 where nothing comes after.
   */
  readonly times: number
}

const known = new WeakMap<World, After>()

/**
 * The years after the plan. Pieces a year, where they are not said: as many as the hours of a year allow at the usual hours of a piece,
 * no more than the list holds for a year of the plan, and between the library's least and most.
 */
export function afterOf(world: World): After {
  const present = known.get(world)
  if (present) return present
  const { money, time, builds } = world.workspace
  const { leastPerYear, mostPerYear } = world.library.data.reckoning
  const standing = kindsOf(world)
  const kinds = standing.map(oneMore)
  const { years } = money.after
  const mean = sumOf(kinds, (build) => usualHours(world, build)) / Math.max(1, kinds.length)
  const byHours =
    mean > 0 ? (time.minutesPerWeek * WEEKS_PER_YEAR) / MINUTES_PER_HOUR / mean : mostPerYear
  const span = Math.max(1, daysBetween(world.asOf, world.until) / DAYS_PER_YEAR)
  const listed = sumOf(builds, ({ copies, yields }) => (yields === undefined ? copies : 0)) / span
  const perYear =
    money.after.perYear ??
    Math.round(Math.max(leastPerYear, Math.min(mostPerYear, byHours, listed)))
  const end = daysBetween(world.asOf, world.until) / DAYS_PER_YEAR
  let times = 0
  for (let year = 1; year <= Math.ceil(years); year++)
    times += Math.min(1, years - year + 1) * Math.pow(1 + money.impatience, -(end + year)) * perYear
  const after: After = {
    years,
    perYear,
    worked: money.after.perYear === undefined,
    kinds,
    standing: new Set(standing.map(({ id }) => id)),
    times: kinds.length === 0 ? 0 : times
  }
  known.set(world, after)
  return after
}

/** What one more piece of a kind brings with a kit, from planed timber or from rough; 0 where it cannot be made. Minor units. */
function bringsWith(world: World, kit: Kit, kind: Build): number {
  const variant = roughVariant(world.library, kind)
  const planed = bringsAs(world, kit, kind)
  return variant ? Math.max(planed, bringsAs(world, kit, variant.build)) : planed
}

function bringsAs(world: World, kit: Kit, kind: Build): number {
  const context = fitContext(world)
  const fit = fitBuild(context, kit, kind)
  if (fit.gaps.length > 0) return 0
  const uses = fit.steps.flatMap(({ usable }) => usable[0] ?? [])
  return netOf(context.weights.money, {
    worth: countedWorth(world, kind),
    paid:
      payTimes(world, kind) *
      (materialCost(world.pricing, kind) + fit.fees + fit.spoilt + usedUp(world, kind, uses)),
    hours: (hourValueOf(context, kind) * fit.wasted) / MINUTES_PER_HOUR,
    penalties: fit.penalties
  })
}

/** How often one more piece of the kind a build stands for counts; 0 where another build stands for it. */
export function afterTimes(world: World, build: Build): number {
  const { kinds, standing, times } = afterOf(world)
  return standing.has(build.id) ? times / kinds.length : 0
}

const worths = new WeakMap<World, Map<string, number>>()
/** Kits remembered for a world at most. */
const REMEMBERED = 2000

/**
 * **A(K), the years after** (docs/model.md, 4), seen from today: Σ D(end + y) × n × the mean, over the kinds of pieces, of what one more
 * of them would bring with the kit owned at the end. Minor units.
 */
export function afterWorth(world: World, kit: Kit): number {
  const { kinds, times } = afterOf(world)
  if (times === 0) return 0
  const memory = worths.get(world) ?? new Map<string, number>()
  worths.set(world, memory)
  const key = kit.tools
    .map(({ tool, tier, condition, power, platform, count }) =>
      [tool.id, tier, condition, power, platform, count].join()
    )
    .sort()
    .join(' ')
  const present = memory.get(key)
  if (present !== undefined) return present
  const worth = (times / kinds.length) * sumOf(kinds, (kind) => bringsWith(world, kit, kind))
  if (memory.size < REMEMBERED) memory.set(key, worth)
  return worth
}
