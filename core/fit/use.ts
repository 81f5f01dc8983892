import type { Method } from '../catalogue'
import type { Minor } from '../money'
import { hourValueOf, spoiltBy, wastedOf, type FitContext } from './fit-context'
import { burdenOf, minutesOf, penaltyOf, serviceFee, type Burden } from './kernel'
import type { MethodFit } from './method-fit'
import type { Task } from './task'

/** What doing a step in one way comes to, for all copies. */
export interface UseFigures extends Burden {
  /** All minutes, with those of the clean-up. */
  readonly minutes: number
  /** Those of them that count: beyond the quickest way there is, for what is sold all of them. */
  readonly wasted: number
  readonly fee: Minor
  /** Timber that it spoils. */
  readonly spoilt: Minor
  /** Loss of goodwill for noise in quiet hours, of ease and of finish, in money. */
  readonly penalty: Minor
  /** Wasted hours at their value, and the penalty. */
  readonly effort: number
  /** Fees at their weight and the effort: what the choice between methods goes by. */
  readonly cost: number
}

/** A method that does a step, with what it takes for all copies. */
export interface MethodUse extends MethodFit, UseFigures {
  /** What has to follow because the method alone leaves it too rough or not exact enough; counted in all figures. */
  readonly cleanUp?: MethodUse | undefined
  /** For a method made up of other operations: how each of them is done. */
  readonly parts?: readonly MethodUse[] | undefined
}

/**
 * What a method comes to for a task: fee, burdens with their penalty, and the cost by which methods are chosen.
 * @param minutes of the method with its tools
 * @param errorMm of the result
 */
export function figuresOf(
  context: FitContext,
  method: Method,
  task: Task,
  minutes: number,
  errorMm: number
): UseFigures {
  const { workshop, weights } = context
  const { step, build, load } = task
  const fee = serviceFee(method, load, context.minorPer100Points)
  const burden = burdenOf(method, minutes, errorMm, step.accuracyMm, { load, workshop })
  const penalty = penaltyOf(weights, burden)
  const spoilt = spoiltBy(context, method, build)
  const wasted = wastedOf(context, task, minutes)
  const hours = (hourValueOf(context, build) * wasted) / 60
  // Named one by one: this is asked for every way of every step, and copying takes longer than reckoning.
  return {
    loudMinutes: burden.loudMinutes,
    riskMinutes: burden.riskMinutes,
    coarseness: burden.coarseness,
    minutes,
    wasted,
    fee,
    spoilt,
    penalty,
    effort: penalty + hours,
    cost: fee + spoilt + penalty + hours
  }
}

/** A method's use for a task, whatever its misses. */
export const plainUse = (context: FitContext, fit: MethodFit, task: Task): MethodUse => {
  const minutes = minutesOf(fit.method, fit.tools[0], fit.workArounds, task.load)
  return Object.assign(figuresOf(context, fit.method, task, minutes, fit.accuracyMm), {
    method: fit.method,
    misses: fit.misses,
    tools: fit.tools,
    workArounds: fit.workArounds,
    accuracyMm: fit.accuracyMm
  })
}
