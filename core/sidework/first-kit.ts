import { type Day } from '../calendar'
import { entriesOf, kitOf, kitWith, makeFitter } from '../fit'
import type { Minor } from '../money'
import type { World } from '../workspace'
import { designsOf, marginEach, minutesEach, type Design } from './design'
import { breakEven, minutesPerMonth, paidOn } from './earns'
import type { Learnt } from './learnt'
import { demandOf } from './month'

/** The cheapest purchases with which a build for sale can be made: the kit for one sellable piece. Amounts in minor units. */
export interface FirstKit {
  readonly design: Design
  readonly cost: Minor
  readonly parts: readonly { readonly tool: string; readonly count: number }[]
  /** Pieces sold until they are paid, and the day at the pace of the buyers and the hours; undefined where a piece leaves nothing. */
  readonly pieces: number | undefined
  readonly day: Day | undefined
}

/** Pieces of a design that are made and sold in an average month when nothing else is. */
const inMonth = (design: Design, minutes: number): number =>
  Math.min(demandOf(design), minutes / Math.max(1, minutesEach(design)))

/** The first kits of builds for sale, the soonest paid first. @param builds ids of those that cannot be made yet */
export function firstKits(
  world: World,
  builds: readonly string[],
  learnt: readonly Learnt[]
): FirstKit[] {
  if (builds.length === 0) return []
  const owned = kitOf(world.library, world.workspace.items)
  const fitter = makeFitter(world, owned)
  const minutes = minutesPerMonth(world)
  return world.workspace.builds
    .filter(({ id }) => builds.includes(id))
    .flatMap((build): FirstKit[] => {
      const [way] = fitter.waysIn(build)
      if (!way) return []
      const alone = { ...world, workspace: { ...world.workspace, builds: [build] } }
      const [design] = designsOf(alone, kitWith(owned, entriesOf(way.set)), learnt)
      if (!design) return []
      const pieces = breakEven(way.cost, marginEach(design))
      const perMonth = inMonth(design, minutes)
      return [
        {
          design,
          cost: Math.round(way.cost),
          parts: [...way.set.values()].map(({ buyable, count }) => ({
            tool: buyable.entry.tool.id,
            count
          })),
          pieces,
          day: paidOn(world.asOf, way.cost, perMonth * marginEach(design), design.days)
        }
      ]
    })
    .sort((a, b) => ((a.day ?? LAST) < (b.day ?? LAST) ? -1 : 1))
}
/** After every day there is. */
const LAST = '9999'
