import { batchesOf, type Build } from '../builds'
import type { Library, Method, Step } from '../catalogue'
import { leastBy, sumOf } from '../kernel'
import { timesRatio, type Minor } from '../money'
import type { World } from '../workspace'
import { fitMethod, runFactor, type Circumstances, type MethodFit, type Miss } from './method-fit'
import type { Kit, KitTool } from './kit'

/** A method that does a step, with what it takes for all copies. */
export interface MethodUse extends MethodFit {
  readonly minutes: number
  readonly fee: Minor
  /** Loss of goodwill for noise in quiet hours, in money. */
  readonly penalty: Minor
  /** fee + penalty + the user's hours at their value: what the choice between methods goes by. */
  readonly cost: number
}

export interface StepFit {
  readonly step: Step
  /** Everything that does the step, best first: cheapest, then quickest. */
  readonly usable: readonly MethodUse[]
  /** The rest, the one that lacks least first. */
  readonly others: readonly MethodFit[]
}

export interface BuildFit {
  readonly build: Build
  readonly steps: readonly StepFit[]
  readonly gaps: readonly StepFit[]
  /** Sum of the best methods' minutes; gaps count nothing. */
  readonly minutes: number
  readonly fees: Minor
  readonly penalties: Minor
}

/** What fitting needs to know besides kit and build. */
export interface FitContext extends Circumstances {
  readonly library: Library
  readonly minorPer100Points: number
  readonly hourValue: Minor
}

export const fitContext = (world: World): FitContext => ({
  library: world.library,
  workshop: world.workspace.workshop,
  bannedMethods: new Set(world.workspace.bans.flatMap((ban) => (ban.kind === 'method' ? [ban.id] : []))),
  minorPer100Points: world.pricing.minorPer100Points,
  hourValue: world.workspace.money.hourValue
})

/** What an hour of work on a build costs in the reckoning. */
export const hourValueOf = (context: Pick<FitContext, 'hourValue'>, build: Build): Minor => build.hourValue ?? context.hourValue

/** Minutes, fee and penalty of a method for all copies of a build's step. Set-up counts once per batch, running per unit. */
export function useOf(context: FitContext, fit: MethodFit, step: Step, build: Build): MethodUse {
  const { method } = fit
  const batches = batchesOf(build)
  const quantity = step.quantity * build.copies
  const run = method.runMinutes * quantity * runFactor(fit.tools)
  const minutes = method.setupMinutes * batches + run
  const fee = method.service
    ? timesRatio(context.minorPer100Points, (method.service.pointsPerUnit * quantity + method.service.pointsPerVisit * batches) / 100)
    : 0
  const { quiet } = context.workshop
  const penalty = quiet && method.soundDbA > quiet.aboveDbA ? timesRatio(quiet.costPerHour, run / 60) : 0
  return { ...fit, minutes, fee, penalty, cost: fee + penalty + (hourValueOf(context, build) * minutes) / 60 }
}

/** Order of misses by how hard they are to get over; a limit of the method or a ban cannot be bought away. */
const WEIGHT: Readonly<Record<Miss['kind'], number>> = {
  accuracy: 1, spec: 1, protection: 1, companion: 1, tie: 2, role: 3, comfort: 5, circuit: 5, banned: 20, limit: 20
}
const weightOf = (fit: MethodFit): number => sumOf(fit.misses, ({ kind }) => WEIGHT[kind])

export function fitStep(context: FitContext, kit: Kit, step: Step, build: Build): StepFit {
  const usable: MethodUse[] = []
  const others: MethodFit[] = []
  for (const method of context.library.methodsFor.get(step.operation) ?? []) {
    const fit = fitMethod(kit, method, step, context)
    if (fit.misses.length === 0) usable.push(useOf(context, fit, step, build))
    else others.push(fit)
  }
  usable.sort((a, b) => a.cost - b.cost || a.minutes - b.minutes)
  others.sort((a, b) => weightOf(a) - weightOf(b))
  return { step, usable, others }
}

export function fitBuild(context: FitContext, kit: Kit, build: Build): BuildFit {
  const steps = build.steps.map((step) => fitStep(context, kit, step, build))
  const best = steps.flatMap(({ usable }) => usable[0] ?? [])
  return {
    build,
    steps,
    gaps: steps.filter(({ usable }) => usable.length === 0),
    minutes: Math.ceil(sumOf(best, ({ minutes }) => minutes)),
    fees: sumOf(best, ({ fee }) => fee),
    penalties: sumOf(best, ({ penalty }) => penalty)
  }
}

/** The least minutes a step can take with the kit, whatever it costs; undefined for a gap. */
export const fastest = (fit: StepFit): MethodUse | undefined => leastBy(fit.usable, ({ minutes }) => minutes)

/** Tools of the kit that a build uses with its best methods. */
export const toolsUsed = (fit: BuildFit): ReadonlySet<KitTool> => new Set(fit.steps.flatMap(({ usable }) => usable[0]?.tools ?? []))

/** The method chosen per step, by step id. */
export const chosenMethods = (fit: BuildFit): Record<string, string> =>
  Object.fromEntries(fit.steps.flatMap(({ step, usable }) => (usable[0] ? [[step.id, usable[0].method.id]] : [])))

export const isMethodReady = (context: FitContext, kit: Kit, method: Method, step: Step): boolean => fitMethod(kit, method, step, context).misses.length === 0
