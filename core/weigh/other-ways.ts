import { type Build } from '../builds'
import { sumOf } from '../kernel'
import { costOf, entriesOf, kitWith, type Fitter, type NeedSet } from '../fit'
import type { Minor } from '../money'
import { worldOf, type World } from '../workspace'
import { type PackageLine } from './candidate'
import { buildValue } from './value'

/** Another way to the same builds. */
export interface Way {
  readonly parts: readonly PackageLine[]
  readonly cost: Minor
  /** Minutes more for the builds it opens, as against the candidate. */
  readonly minutesMore: number
}

/** The builds' minutes with a set of purchases. */
export const minutesWith = (
  world: World,
  fitter: Fitter,
  set: NeedSet,
  builds: readonly Build[]
): number =>
  sumOf(
    builds,
    (build) => buildValue(world, fitter.context, kitWith(fitter.kit, entriesOf(set)), build).minutes
  )

/** The cheapest way to some builds together, in a fitter's world; undefined where there is none. */
export function wayTo(
  world: World,
  fitter: Fitter,
  builds: readonly Build[],
  minutes: number
): Way | undefined {
  const together: Build = {
    id: 'together',
    name: 'together',
    copies: 1,
    materials: [],
    steps: builds.flatMap(({ id, steps }) =>
      steps.map((step) => ({ ...step, id: `${id}/${step.id}` }))
    )
  }
  const set = fitter.waysIn(together, undefined, 1)[0]?.set
  if (!set) return undefined
  return {
    parts: [...set.values()].sort((a, b) => b.buyable.allIn * b.count - a.buyable.allIn * a.count),
    cost: costOf(set),
    minutesMore: minutesWith(world, fitter, set, builds) - minutes
  }
}

/** The same workspace with a change, seen from the same day. */
export const otherwise = (world: World, change: Partial<World['workspace']>): World =>
  worldOf({ ...world.workspace, ...change, asOf: world.asOf }, world.library, world.asOf)
