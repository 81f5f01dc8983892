import { batchesOf, type Build } from '../builds'
import type { Library, Method, Step } from '../catalogue'
import { leastBy, sumOf } from '../kernel'
import type { Minor } from '../money'
import { weightsOf, type Weights, type World } from '../workspace'
import type { Kit } from './kit'
import {
  burdenOf,
  cleanUpStep,
  minutesOf,
  penaltyOf,
  serviceFee,
  tooRough,
  type Burden,
  type Circumstances,
  type Load
} from './kernel'
import { fitMethod, plainlyNot, type MethodFit, type Miss } from './method-fit'

/** What doing a step in one way comes to, for all copies. */
export interface UseFigures extends Burden {
  /** All minutes, with those of the clean-up. */
  readonly minutes: number
  readonly fee: Minor
  /** Loss of goodwill for noise in quiet hours, of ease and of finish, in money. */
  readonly penalty: Minor
  /** The user's hours at their value, and the penalty. */
  readonly effort: number
  /** Fees at their weight and the effort: what the choice between methods goes by. */
  readonly cost: number
}

/** A method that does a step, with what it takes for all copies. */
export interface MethodUse extends MethodFit, UseFigures {
  /** What has to follow because the method alone leaves it too rough or not exact enough; counted in all figures. */
  readonly cleanUp?: MethodUse | undefined
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
  readonly weights: Weights
}

export const fitContext = (world: World): FitContext => ({
  library: world.library,
  workshop: world.workspace.workshop,
  bannedMethods: new Set(
    world.workspace.bans.flatMap((ban) => (ban.kind === 'method' ? [ban.id] : []))
  ),
  minorPer100Points: world.pricing.minorPer100Points,
  weights: weightsOf(world.workspace)
})

/** What an hour of work on a build costs in the reckoning. */
export const hourValueOf = (context: Pick<FitContext, 'weights'>, build: Build): Minor =>
  build.hourValue ?? context.weights.time

/** How much of a step there is for all copies of a build. */
export const loadOf = (step: Step, build: Build): Load => ({
  units: step.quantity * build.copies,
  batches: batchesOf(build)
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

/**
 * What a method comes to for a task: fee, burdens with their penalty, and the cost by which methods are chosen.
 * @param minutes of the method with its tools
 * @param errorMm of the result
 */
export function figuresOf(
  context: FitContext,
  method: Method,
  { step, build, load }: Task,
  minutes: number,
  errorMm: number
): UseFigures {
  const { workshop, weights } = context
  const fee = serviceFee(method, load, context.minorPer100Points)
  const burden = burdenOf(method, minutes, errorMm, step.accuracyMm, { load, workshop })
  const penalty = penaltyOf(weights, burden)
  const hours = (hourValueOf(context, build) * minutes) / 60
  const cost = weights.money * fee + penalty + hours
  return { ...burden, minutes, fee, penalty, effort: penalty + hours, cost }
}

/** A method's use for a task, whatever its misses. */
export const plainUse = (context: FitContext, fit: MethodFit, task: Task): MethodUse => {
  const minutes = minutesOf(fit.method, fit.tools[0], fit.workArounds, task.load)
  return { ...fit, ...figuresOf(context, fit.method, task, minutes, fit.accuracyMm) }
}

/** What a method did not do well enough for a step: too rough, or nothing. */
const lacking = ({ method }: MethodFit, step: Step): Miss[] =>
  step.surface !== undefined && tooRough(method, step)
    ? [{ kind: 'surface', has: method.surface, needs: step.surface }]
    : []

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
  const task = taskOf(step, build)
  const fit = fitMethod(kit, method, step, context, task.load)
  const rough = lacking(fit, step)
  if (fit.misses.length === 0 && rough.length === 0)
    return { kind: 'done', use: plainUse(context, fit, task) }
  const all = rough.length === 0 ? fit : { ...fit, misses: [...fit.misses, ...rough] }
  if (fit.misses.some(({ kind }) => kind !== 'accuracy') || !cleanUpStep(context.library, step))
    return { kind: 'no', fit: all }
  // The pick must be as exact as can be had without the limit, so that the limit does not make the choice of the tool.
  const anyError = { ...task, step: { ...step, accuracyMm: undefined } }
  const free =
    fit.misses.length === 0 ? fit : fitMethod(kit, method, anyError.step, context, task.load)
  return { kind: 'to-clean', first: plainUse(context, free, anyError), fit: all }
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
  effort: first.effort + cleanUp.effort,
  cost: first.cost + cleanUp.cost,
  cleanUp
})

export const isUse = (fit: MethodFit | MethodUse): fit is MethodUse => 'minutes' in fit

/** Methods that do a step well enough by themselves. */
const alone = (context: FitContext, kit: Kit, step: Step, build: Build): MethodUse[] => {
  const task = taskOf(step, build)
  return (context.library.methodsFor.get(step.operation) ?? []).flatMap((method) => {
    if (plainlyNot(kit, method, step, context)) return []
    const fit = fitMethod(kit, method, step, context, task.load)
    return fit.misses.length === 0 && lacking(fit, step).length === 0
      ? [plainUse(context, fit, task)]
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
