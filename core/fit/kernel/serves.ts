import { SPECS, timeFactor, type SpecName } from '../../catalogue'
import type { KitTool } from '../kit'
import { wornError } from './exactness'

/** Measures that tie a tool to another one: they have to be equal rather than large. */
export const TIED_SPECS: ReadonlySet<SpecName> = new Set(['colletMm', 'shankMm', 'volts'])

/**
 * Whether a tool measures up to another one in every capacity: equal where it has to be, finer where a measure is an error, larger
 * elsewhere.
 * @param equal measures in which only an equal one will do
 * @param unsaid whether a measure the other one does not have counts as met
 */
export const measuresUp = (
  better: KitTool,
  worse: KitTool,
  equal: ReadonlySet<string>,
  unsaid: boolean
): boolean =>
  SPECS.every((spec) => {
    const [has, other] = [better.specs[spec], worse.specs[spec]]
    if (has === other) return true
    if (equal.has(spec)) return false
    if (other === undefined) return unsaid
    if (has === undefined) return false
    return spec === 'accuracyMm' ? has <= other : has >= other
  })

/** Whether a tool works as exactly and as quickly as another one, and there are as many of it. */
export const worksAsWell = (better: KitTool, worse: KitTool): boolean =>
  better.count >= worse.count &&
  wornError(better) <= wornError(worse) &&
  timeFactor(better.tier, better.condition) <= timeFactor(worse.tier, worse.condition)

/** Whether a tool is as exact as another one of its kind, whatever its time. */
export const asExact = (better: KitTool, worse: KitTool): boolean =>
  wornError(better) <= wornError(worse)

/** **Serves in the place of**: whether one of a tool serves wherever another one of the same tool does. */
export const servesFor = (better: KitTool, worse: KitTool): boolean =>
  better.tool.id === worse.tool.id &&
  better.platform === worse.platform &&
  worksAsWell(better, worse) &&
  measuresUp(better, worse, TIED_SPECS, false)
