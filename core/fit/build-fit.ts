import { batchesOf, type Build } from '../builds'
import { SURFACES, type Library, type Method, type Step } from '../catalogue'
import { leastBy, sumOf } from '../kernel'
import { timesRatio, type Minor } from '../money'
import type { World } from '../workspace'
import {
  fitMethod,
  minutesOf,
  plainlyNot,
  type Circumstances,
  type Load,
  type MethodFit,
  type Miss
} from './method-fit'
import type { Kit } from './kit'

/** A method that does a step, with what it takes for all copies. */
export interface MethodUse extends MethodFit {
  /** All minutes, with those of the clean-up. */
  readonly minutes: number
  /** What has to follow because the method alone leaves it too rough or not exact enough; counted in all figures. */
  readonly cleanUp?: MethodUse | undefined
  readonly fee: Minor
  /** Loss of goodwill for noise in quiet hours, in money. */
  readonly penalty: Minor
  /** Minutes running louder than the quiet hours allow. */
  readonly loudMinutes: number
  /** Running minutes times the hazard level. */
  readonly riskMinutes: number
  /** How near the result comes to the error the step forgives: 1 just within, 0.5 twice as exact; 0 where it does not matter. */
  readonly coarseness: number
  /** fee + penalty + the user's hours at their value: what the choice between methods goes by. */
  readonly cost: number
}

/** What methods are weighed by, in money. */
export interface MethodWeights {
  /** Fees are multiplied by this. */
  readonly worth: number
  readonly quietPerHour: Minor
  readonly easePerHour: Minor
  readonly finishPerStep: Minor
}

/** Loss of goodwill, ease and finish of a use, in money. */
export const penaltyOf = (
  weights: MethodWeights,
  use: Pick<MethodUse, 'loudMinutes' | 'riskMinutes' | 'coarseness'>
): Minor =>
  timesRatio(weights.quietPerHour, use.loudMinutes / 60) +
  timesRatio(weights.easePerHour, use.riskMinutes / 60) +
  timesRatio(weights.finishPerStep, use.coarseness)

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
  readonly weights: MethodWeights
}

export const methodWeights = ({ preferences, workshop }: World['workspace']): MethodWeights => ({
  worth: preferences.weighting?.worth ?? 1,
  quietPerHour: workshop.quiet?.costPerHour ?? 0,
  easePerHour: preferences.weighting?.easePerHour ?? 0,
  finishPerStep: preferences.weighting?.finishPerStep ?? 0
})

export const fitContext = (world: World): FitContext => ({
  library: world.library,
  workshop: world.workspace.workshop,
  bannedMethods: new Set(
    world.workspace.bans.flatMap((ban) => (ban.kind === 'method' ? [ban.id] : []))
  ),
  minorPer100Points: world.pricing.minorPer100Points,
  hourValue: world.workspace.money.hourValue,
  weights: methodWeights(world.workspace)
})

/** What an hour of work on a build costs in the reckoning. */
export const hourValueOf = (context: Pick<FitContext, 'hourValue'>, build: Build): Minor =>
  build.hourValue ?? context.hourValue

/** How much of a step there is for all copies of a build. */
export const loadOf = (step: Step, build: Build): Load => ({
  units: step.quantity * build.copies,
  batches: batchesOf(build)
})

/** Minutes, fee and penalty of a method for all copies of a build's step. Set-up counts once per batch, running per unit. */
export function plainUse(
  context: FitContext,
  fit: MethodFit,
  load: Load,
  build: Build,
  step: Step
): MethodUse {
  const { method } = fit
  const minutes = minutesOf(method, fit.tools, fit.stretches, load)
  const fee = method.service
    ? timesRatio(
        context.minorPer100Points,
        (method.service.pointsPerUnit * load.units + method.service.pointsPerVisit * load.batches) /
          100
      )
    : 0
  const running = Math.max(0, minutes - method.setupMinutes * load.batches)
  const loudMinutes = method.soundDbA > (context.workshop.quiet?.aboveDbA ?? LOUD_DBA) ? running : 0
  const riskMinutes = running * (method.hazard?.level ?? 0)
  const coarseness =
    step.accuracyMm === undefined ? 0 : Math.min(1, fit.accuracyMm / step.accuracyMm)
  const penalty = penaltyOf(context.weights, { loudMinutes, riskMinutes, coarseness })
  return {
    ...fit,
    minutes,
    fee,
    loudMinutes,
    riskMinutes,
    coarseness,
    penalty,
    cost: context.weights.worth * fee + penalty + (hourValueOf(context, build) * minutes) / 60
  }
}

/** Louder than this counts as loud where no quiet hours are declared, dB(A): the action value of Directive 2003/10/EC (from memory). */
export const LOUD_DBA = 85

/** What a method did not do well enough for a step: too rough, not exact enough, or nothing. */
const lacking = (fit: MethodFit, step: Step): Miss[] =>
  step.surface !== undefined &&
  SURFACES.indexOf(fit.method.surface) < SURFACES.indexOf(step.surface)
    ? [{ kind: 'surface', has: fit.method.surface, needs: step.surface }]
    : []

/** The step of cleaning up after one that was done too roughly; undefined where the trade has none. */
export function cleanUpStep(library: Library, step: Step): Step | undefined {
  const rule = library.operations.get(step.operation)?.cleanUp
  if (!rule) return undefined
  const each =
    rule.per === 'unit' ? rule.times : (rule.times * (step.stock.lengthMm ?? 1000)) / 1000
  return { ...step, operation: rule.operation, quantity: step.quantity * each }
}

/**
 * How a method does a step of a build, clean-up included: what is left in the way as `misses`, or the whole use. A rough cut whose
 * only fault is its surface or its error is good where the kit can clean it up; the cheapest clean-up is added to its time.
 */
export function useMethod(
  context: FitContext,
  kit: Kit,
  method: Method,
  step: Step,
  build: Build
): MethodFit | MethodUse {
  const reached = reachOf(context, kit, method, step, build)
  if (reached.kind !== 'to-clean') return reached.kind === 'done' ? reached.use : reached.fit
  const after = cleanUpStep(context.library, step)
  const cleanUp =
    after &&
    leastBy(alone(context, kit, after, build), ({ cost, minutes }) => cost + minutes * 1e-6)
  return cleanUp ? cleaned(reached.first, cleanUp) : reached.fit
}

/** How far a method gets with a step by itself: all the way, so far that a clean-up may follow, or not at all. */
export type Reached =
  | { readonly kind: 'done'; readonly use: MethodUse }
  | { readonly kind: 'to-clean'; readonly first: MethodUse; readonly fit: MethodFit }
  | { readonly kind: 'no'; readonly fit: MethodFit }

export function reachOf(
  context: FitContext,
  kit: Kit,
  method: Method,
  step: Step,
  build: Build
): Reached {
  const load = loadOf(step, build)
  const fit = fitMethod(kit, method, step, context, load)
  const rough = lacking(fit, step)
  if (fit.misses.length === 0 && rough.length === 0)
    return { kind: 'done', use: plainUse(context, fit, load, build, step) }
  const all = rough.length === 0 ? fit : { ...fit, misses: [...fit.misses, ...rough] }
  if (fit.misses.some(({ kind }) => kind !== 'accuracy') || !cleanUpStep(context.library, step))
    return { kind: 'no', fit: all }
  // The pick must be as exact as can be had without the limit, so that the limit does not make the choice of the tool.
  const anyError = { ...step, accuracyMm: undefined }
  return {
    kind: 'to-clean',
    first: plainUse(
      context,
      fit.misses.length === 0 ? fit : fitMethod(kit, method, anyError, context, load),
      load,
      build,
      anyError
    ),
    fit: all
  }
}

/** A rough use with what cleans up after it. */
const cleaned = (first: MethodUse, cleanUp: MethodUse): MethodUse => ({
  ...first,
  tools: [...first.tools, ...cleanUp.tools],
  accuracyMm: cleanUp.accuracyMm,
  minutes: first.minutes + cleanUp.minutes,
  fee: first.fee + cleanUp.fee,
  loudMinutes: first.loudMinutes + cleanUp.loudMinutes,
  riskMinutes: first.riskMinutes + cleanUp.riskMinutes,
  coarseness: cleanUp.coarseness,
  penalty: first.penalty + cleanUp.penalty,
  cost: first.cost + cleanUp.cost,
  cleanUp
})

export const isUse = (fit: MethodFit | MethodUse): fit is MethodUse => 'minutes' in fit

/** Methods that do a step well enough by themselves. */
const alone = (context: FitContext, kit: Kit, step: Step, build: Build): MethodUse[] => {
  const load = loadOf(step, build)
  return (context.library.methodsFor.get(step.operation) ?? []).flatMap((method) => {
    if (plainlyNot(kit, method, step, context)) return []
    const fit = fitMethod(kit, method, step, context, load)
    return fit.misses.length === 0 && lacking(fit, step).length === 0
      ? [plainUse(context, fit, load, build, step)]
      : []
  })
}

/** Order of misses by how hard they are to get over; a limit of the method or a ban cannot be bought away. */
const WEIGHT: Readonly<Record<Miss['kind'], number>> = {
  accuracy: 1,
  surface: 1,
  spec: 1,
  protection: 1,
  companion: 1,
  tie: 2,
  role: 3,
  comfort: 5,
  circuit: 5,
  banned: 20,
  limit: 20
}
const weightOf = (fit: MethodFit): number => sumOf(fit.misses, ({ kind }) => WEIGHT[kind])

export function fitStep(context: FitContext, kit: Kit, step: Step, build: Build): StepFit {
  const usable: MethodUse[] = []
  const rest: (MethodFit | Method)[] = []
  for (const method of context.library.methodsFor.get(step.operation) ?? []) {
    const fit = plainlyNot(kit, method, step, context)
      ? undefined
      : useMethod(context, kit, method, step, build)
    if (fit && isUse(fit)) usable.push(fit)
    else rest.push(fit ?? method)
  }
  if (usable.length > 1) usable.sort((a, b) => a.cost - b.cost || a.minutes - b.minutes)
  let others: readonly MethodFit[] | undefined
  return {
    step,
    usable,
    // Worked out when asked for: most of the time only what can be done matters.
    get others() {
      others ??= rest
        .map((one) => ('misses' in one ? one : useMethod(context, kit, one, step, build)))
        .map((fit) => ({ fit, weight: weightOf(fit) }))
        .sort((a, b) => a.weight - b.weight)
        .map(({ fit }) => fit)
      return others
    }
  }
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
export const fastest = (fit: StepFit): MethodUse | undefined =>
  leastBy(fit.usable, ({ minutes }) => minutes)

/** The method chosen per step, by step id. */
export const chosenMethods = (fit: BuildFit): Record<string, string> =>
  Object.fromEntries(
    fit.steps.flatMap(({ step, usable }) => (usable[0] ? [[step.id, usable[0].method.id]] : []))
  )
