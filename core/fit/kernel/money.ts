import type { Method } from '../../catalogue'
import { timesRatio, type Minor } from '../../money'
import { runningMinutes, type Load } from './minutes'

/** What a service takes for a load: so much a unit and so much a visit, minor units; 0 for methods done by oneself. */
export const serviceFee = (method: Method, load: Load, minorPer100Points: number): Minor =>
  method.service
    ? timesRatio(
        minorPer100Points,
        (method.service.pointsPerUnit * load.units + method.service.pointsPerVisit * load.batches) /
          100
      )
    : 0

/**
 * What running a tool eats in blades, bits and discs, minor units, not rounded.
 * @param perHour what an hour of the leading tool eats
 * @param minutes of the method, clean-up apart
 */
export const eaten = (perHour: number, method: Method, minutes: number, load: Load): number =>
  (perHour * runningMinutes(method, minutes, load)) / 60
