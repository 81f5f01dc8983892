import type { Build } from '../builds'
import type { Method, Step } from '../catalogue'
import { distinct, leastBy, sumOf } from '../kernel'
import type { Minor } from '../money'

import type { Kit } from './kit'
import { charmOf, hourValueOf, wastedOf, type FitContext } from './fit-context'
import { taskOf, type Task } from './task'
import { plainUse, type MethodUse } from './use'
import { cleanUpStep, methodsOf, partSteps, minutesOf, tooRough } from './kernel'
import { fitMethod, plainlyNot, type MethodFit, type Miss } from './method-fit'

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
  /** Timber that is spoilt on the way. */
  readonly spoilt: Minor
  readonly penalties: Minor
  /** Minutes beyond the quickest way there is, step by step; all of them for what is sold. */
  readonly wasted: number
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
  return cleanUp ? cleaned(context, taskOf(step, build), reached.first, cleanUp) : reached.fit
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
  if (method.parts) return partsReach(context, kit, method, step, build)
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

/** A method made up of other operations: done where the kit has a way for each of them, each in its best one. */
function partsReach(
  context: FitContext,
  kit: Kit,
  method: Method,
  step: Step,
  build: Build
): Reached {
  const own = fitMethod(kit, method, step, context)
  const fits = partSteps(method, step).map((part) => fitStep(context, kit, part, build))
  const gap = fits.find(({ usable }) => usable.length === 0)
  if (own.misses.length > 0 || gap) {
    const misses = [...own.misses, ...(gap?.others[0]?.misses ?? [])]
    return {
      kind: 'no',
      fit: {
        ...own,
        misses:
          misses.length > 0 ? misses : [{ kind: 'role', role: step.operation, count: 1, have: 0 }]
      }
    }
  }
  const parts = fits.flatMap(({ usable }) => usable[0] ?? [])
  const minutes =
    minutesOf(method, undefined, [], taskOf(step, build).load) +
    sumOf(parts, (part) => part.minutes)
  const fee = sumOf(parts, (part) => part.fee)
  const spoilt = sumOf(parts, (part) => part.spoilt)
  const penalty =
    sumOf(parts, (part) => part.penalty) - charmOf(context, method, taskOf(step, build))
  const wasted = wastedOf(context, taskOf(step, build), minutes)
  const effort = penalty + (hourValueOf(context, build) * wasted) / 60
  return {
    kind: 'done',
    use: {
      ...own,
      tools: distinct(parts.flatMap(({ tools }) => tools)),
      workArounds: parts.flatMap(({ workArounds }) => workArounds),
      minutes,
      wasted,
      fee,
      spoilt,
      penalty,
      effort,
      cost: fee + spoilt + effort,
      loudMinutes: sumOf(parts, (part) => part.loudMinutes),
      riskMinutes: sumOf(parts, (part) => part.riskMinutes),
      coarseness: Math.max(0, ...parts.map((part) => part.coarseness)),
      parts
    }
  }
}

/** A rough use with what cleans up after it. */
function cleaned(context: FitContext, task: Task, first: MethodUse, cleanUp: MethodUse): MethodUse {
  const minutes = first.minutes + cleanUp.minutes
  const fee = first.fee + cleanUp.fee
  const spoilt = first.spoilt + cleanUp.spoilt
  const penalty = first.penalty + cleanUp.penalty
  const wasted = wastedOf(context, task, minutes)
  const effort = penalty + (hourValueOf(context, task.build) * wasted) / 60
  return {
    ...first,
    tools: [...first.tools, ...cleanUp.tools],
    accuracyMm: cleanUp.accuracyMm,
    minutes,
    wasted,
    fee,
    spoilt,
    penalty,
    effort,
    cost: fee + spoilt + effort,
    loudMinutes: first.loudMinutes + cleanUp.loudMinutes,
    riskMinutes: first.riskMinutes + cleanUp.riskMinutes,
    coarseness: cleanUp.coarseness,
    cleanUp
  }
}

/** A use with all uses it is made up of, and what cleans up after them: what is really done, and with what. */
export const usesWithin = (use: MethodUse): MethodUse[] => [
  use,
  ...(use.parts ?? []).flatMap(usesWithin),
  ...(use.cleanUp ? usesWithin(use.cleanUp) : [])
]

export const isUse = (fit: MethodFit | MethodUse): fit is MethodUse => 'minutes' in fit

/** Methods that do a step well enough by themselves. */
const alone = (context: FitContext, kit: Kit, step: Step, build: Build): MethodUse[] => {
  const task = taskOf(step, build)
  return methodsOf(context.library, step, build.sale !== undefined).flatMap((method) => {
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
  wall: 20,
  banned: 20,
  limit: 20
}
const weightOf = (fit: MethodFit): number => sumOf(fit.misses, ({ kind }) => WEIGHT[kind])

export function fitStep(context: FitContext, kit: Kit, step: Step, build: Build): StepFit {
  const usable: MethodUse[] = []
  const rest: (MethodFit | Method)[] = []
  for (const method of methodsOf(context.library, step, build.sale !== undefined)) {
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
    spoilt: sumOf(best, ({ spoilt }) => spoilt),
    penalties: sumOf(best, ({ penalty }) => penalty),
    wasted: sumOf(best, ({ wasted }) => wasted)
  }
}
