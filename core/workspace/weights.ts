import type { Minor } from '../money'
import { LOUD_DBA, type WeightName } from '../catalogue'
import type { Weighting, Workspace } from './types'

/**
 * What each of the six counts here, each with the figure the screens show. Zero leaves a thing out. `money`: what builds are worth is
 * multiplied by it; `time`: an hour of work; `space`: a square metre of floor for what is put away; `quiet`: an hour of noise above what
 * the quiet hours allow; `ease`: an hour at hazard level 1, twice that at level 2; `finish`: a step that comes out just as exact as it
 * must. All but `money` in minor units.
 */
export type Weights = Readonly<Record<WeightName, Minor>>

export const weightsOf = ({ money, workshop, preferences: { weighting } }: Workspace): Weights => ({
  money: weighting?.worth ?? 1,
  time: money.hourValue,
  space: weighting?.spacePerM2 ?? 0,
  quiet: workshop.quiet?.costPerHour ?? 0,
  ease: weighting?.easePerHour ?? 0,
  finish: weighting?.finishPerStep ?? 0
})

const PLAIN: Weighting = { worth: 1, spacePerM2: 0, easePerHour: 0, finishPerStep: 0 }

/** The workspace with other weights; each goes where it has always stood, so that there is one figure for one thing. */
export function withWeights(
  workspace: Workspace,
  { money, time, space, quiet, ease, finish }: Weights
): Workspace {
  const weighting: Weighting = {
    worth: money,
    spacePerM2: space,
    easePerHour: ease,
    finishPerStep: finish
  }
  const { weighting: _old, ...preferences } = workspace.preferences
  const { quiet: present, ...workshop } = workspace.workshop
  const isPlain = (Object.keys(PLAIN) as (keyof Weighting)[]).every(
    (key) => weighting[key] === PLAIN[key]
  )
  const keepsQuiet = present !== undefined || quiet > 0
  return {
    ...workspace,
    preferences: isPlain ? preferences : { ...preferences, weighting },
    money: { ...workspace.money, hourValue: time },
    workshop: keepsQuiet
      ? {
          ...workshop,
          quiet: { aboveDbA: present?.aboveDbA ?? LOUD_DBA, costPerHour: quiet }
        }
      : workshop
  }
}
