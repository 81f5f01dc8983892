import { LOUD_DBA, type Method, type Step } from '../../catalogue'
import { timesRatio, type Minor } from '../../money'
import type { Workshop } from '../../workshop'
import { runningMinutes, type Load } from './minutes'
import type { Weights } from '../../workspace'

/** What speaks against a use besides its minutes and money. */
export interface Burden {
  /** Minutes running louder than the quiet hours allow. */
  readonly loudMinutes: number
  /** Running minutes times the hazard level. */
  readonly riskMinutes: number
  /** How near the result comes to the error the step forgives: 1 just within, 0.5 twice as exact; 0 where it does not matter. */
  readonly coarseness: number
}

/** What fees and burdens are weighed by. */
export type MethodWeights = Pick<Weights, 'money' | 'quiet' | 'ease' | 'finish'>

/** Noise, hazard and coarseness of a method that takes so many minutes and comes out with such an error. */
export function burdenOf(
  method: Method,
  minutes: number,
  errorMm: number,
  limitMm: Step['accuracyMm'],
  { load, workshop }: { readonly load: Load; readonly workshop: Workshop }
): Burden {
  const running = runningMinutes(method, minutes, load)
  return {
    loudMinutes: method.soundDbA > (workshop.quiet?.aboveDbA ?? LOUD_DBA) ? running : 0,
    riskMinutes: running * (method.hazard?.level ?? 0),
    coarseness: limitMm === undefined ? 0 : Math.min(1, errorMm / limitMm)
  }
}

/** Loss of goodwill, ease and finish of a use, in money. */
export const penaltyOf = (weights: MethodWeights, burden: Burden): Minor =>
  timesRatio(weights.quiet, burden.loudMinutes / 60) +
  timesRatio(weights.ease, burden.riskMinutes / 60) +
  timesRatio(weights.finish, burden.coarseness)

/** How loud a way of working is at the ear, dB(A). */
export const loudnessOf = ({ soundDbA }: Method): number => soundDbA
