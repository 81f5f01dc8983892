import { errorFactor, exactBy, type ExactBy, type Method, type Step } from '../../catalogue'
import { TOLERANCE } from '../../kernel'
import type { KitTool } from '../kit'
import type { WorkAroundUse } from './roles'

/** What a tool makes of the error of a method, by its tier and by how worn it is. */
export const wornError = (
  { tier, inexact = 1 }: Pick<KitTool, 'tier' | 'inexact'>,
  by?: ExactBy
): number => errorFactor(tier, by) * inexact

/**
 * Error of a method with a leading tool apart from marking, mm: the method's own times what the tool's tier and wear make of it (little where the hand guides it, nothing where it only holds); independent
 * errors of work-arounds add in squares (the usual rule for independent errors: GUM, JCGM 100:2008, 5.1.2).
 */
export const leadError = (
  method: Method,
  lead: Pick<KitTool, 'tier' | 'inexact'> | undefined,
  uses: readonly WorkAroundUse[]
): number => {
  const own = method.accuracyMm * (lead ? wornError(lead, exactBy(method)) : 1)
  return uses.length === 0 ? own : Math.hypot(own, ...uses.map(({ around }) => around.errorMm))
}

/** Error of the result, mm: that of method and tool, and that of marking where the work is marked out by hand, in squares. */
export const resultError = (method: Method, leadErrorMm: number, markingMm: number): number =>
  Math.hypot(leadErrorMm, method.marked ? markingMm : 0)

/** Whether an error is forgiven by a step, mm; a step that says nothing forgives any. */
export const exactEnough = (errorMm: number, limitMm: Step['accuracyMm']): boolean =>
  limitMm === undefined || errorMm <= limitMm + TOLERANCE

/** The largest marking error with which the result is still exact enough, mm; Infinity where marking does not matter. */
export const markingAllowed = (
  method: Method,
  leadErrorMm: number,
  limitMm: Step['accuracyMm']
): number =>
  limitMm === undefined || !method.marked
    ? Infinity
    : Math.sqrt(Math.max(0, (limitMm + TOLERANCE) ** 2 - leadErrorMm ** 2))
