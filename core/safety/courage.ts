import { isDone } from '../builds'
import {
  HAZARDS,
  type HazardClass,
  type HazardLevel,
  type Library,
  type Method,
  type Step
} from '../catalogue'
import { plainRunMinutes, setUpMinutes, type BenchStep } from '../fit'
import { distinct, sumOf } from '../kernel'
import { plannedSteps } from '../plan'
import { finishedWays, practiceOf, type Plan, type World } from '../workspace'

const MINUTES_PER_HOUR = 60
const TOP: HazardLevel = 3

/** What would come with the next level in a class of hazard, with the tools for it. */
export interface Opening {
  readonly steps: number
  readonly builds: readonly string[]
  /** Hours that would be saved against the ways there are, with plain tools; an estimate. A step that had no way counts none. */
  readonly hours: number
  /** Operations in which a quicker way comes, in working order. */
  readonly operations: readonly string[]
}

/** Where somebody stands with a class of hazard. */
export interface Courage {
  readonly hazard: HazardClass
  /** As declared; undefined where nothing is said, which limits nothing. */
  readonly level: HazardLevel | undefined
  /** Hours logged with ways of the class, and finished builds and pieces they went into. */
  readonly hours: number
  readonly builds: number
  readonly pieces: number
  /** The level that practice suggests; only the user declares it. */
  readonly suggests: HazardLevel | undefined
  /** The level above the declared one; undefined at the top. */
  readonly next: HazardLevel | undefined
  /** What that would open; undefined at the top. */
  readonly opens: Opening | undefined
}

/** Minutes of a step one way, practised and with plain tools. */
const minutesOf = (method: Method, step: Step, copies: number): number =>
  setUpMinutes(method) +
  plainRunMinutes(method, {
    units: step.quantity * (step.perBatch ? 1 : copies),
    batches: 1,
    stock: step.stock,
    species: step.species
  })

/** Ways by a tool of one's own: no service, no method of several parts, whose work stands in the parts. */
const own = (library: Library, operation: string): Method[] =>
  (library.methodsFor.get(operation) ?? []).filter(
    ({ service, parts }) => service === undefined && parts === undefined
  )

/** Steps of the open builds as they will be done: with what the plan has bought by then, or with what is owned. */
const openSteps = (world: World, plan: Plan | undefined): OpenStep[] =>
  world.workspace.builds
    .filter((one) => !isDone(one))
    .flatMap(({ id, copies }) =>
      (plannedSteps(world, plan, id) ?? []).map((bench) => ({ build: id, copies, bench }))
    )
interface OpenStep {
  readonly build: string
  readonly copies: number
  readonly bench: BenchStep
}

function opening(
  { library }: World,
  steps: readonly OpenStep[],
  hazard: HazardClass,
  next: HazardLevel
): Opening {
  const better = steps.flatMap(({ build, copies, bench: { step, minutes = Infinity } }) => {
    const ways = own(library, step.operation).filter(
      (one) => one.hazard?.kind === hazard && one.hazard.level === next
    )
    const then = Math.min(Infinity, ...ways.map((one) => minutesOf(one, step, copies)))
    return then < minutes
      ? [{ build, step, saves: Number.isFinite(minutes) ? minutes - then : 0 }]
      : []
  })
  const order = (id: string): number => library.operations.get(id)?.order ?? 0
  return {
    steps: better.length,
    builds: distinct(better.map(({ build }) => build)),
    hours: sumOf(better, ({ saves }) => saves) / MINUTES_PER_HOUR,
    operations: distinct(better.map(({ step }) => step.operation)).sort(
      (a, b) => order(a) - order(b)
    )
  }
}

/**
 * The ladder of courage: for each class of hazard the declared level, what is practised by the log, and what the next level would open. Of
 * a finished build its logged minutes count by the ways it was made.
 */
export function courageOf(world: World, plan?: Plan): Courage[] {
  const { library, workspace } = world
  const done = finishedWays(workspace, plan)
  const steps = openSteps(world, plan)
  const suggested = practiceOf(workspace, library, plan)
  return HAZARDS.map((hazard): Courage => {
    const level = workspace.workshop.comfort[hazard]
    const isOf = (id: string): boolean => library.methods.get(id)?.hazard?.kind === hazard
    const used = done.filter(({ ways }) => ways.some(({ method }) => isOf(method)))
    const next = level === undefined || level === TOP ? undefined : ((level + 1) as HazardLevel)
    return {
      hazard,
      level,
      hours:
        sumOf(used, ({ ways }) =>
          sumOf(ways, ({ method, minutes }) => (isOf(method) ? minutes : 0))
        ) / MINUTES_PER_HOUR,
      builds: used.length,
      pieces: sumOf(used, ({ copies }) => copies),
      suggests: suggested.find((one) => one.hazard === hazard)?.suggests,
      next,
      opens: next === undefined ? undefined : opening(world, steps, hazard, next)
    }
  })
}
