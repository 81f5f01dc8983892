import { isForSale } from '../builds'
import type { Day } from '../calendar'
import { fitContext } from '../fit'
import { distinct } from '../kernel'
import { kitOn } from '../plan'
import type { Plan, World } from '../workspace'
import { designsOf, type Design } from './design'
import type { Learnt } from './learnt'

/** A build for sale with the first day on which it can be made. */
export interface DesignFrom {
  readonly design: Design
  readonly from: Day
}

/** What is for sale, as the plan goes. */
export interface ForSale {
  readonly designs: readonly DesignFrom[]
  /** Builds for sale that nothing owned or planned can make. */
  readonly cannot: readonly string[]
}

/** The days on which the kit grows: today and the plan's days of purchase. */
export const kitDays = (world: World, plan: Plan | undefined): Day[] =>
  distinct([world.asOf, ...(plan?.purchases ?? []).map(({ date }) => date)])
    .filter((day) => day >= world.asOf)
    .sort()

/** The designs at each of some days, with what the plan has bought by then. */
export function designsOn(
  world: World,
  plan: Plan | undefined,
  days: readonly Day[],
  learnt: readonly Learnt[]
): Map<Day, Design[]> {
  const context = fitContext(world)
  const grown = kitDays(world, plan)
  const known = new Map<Day, Design[]>()
  return new Map(
    days.map((day) => {
      const since = grown.findLast((one) => one <= day) ?? world.asOf
      const designs =
        known.get(since) ?? designsOf(world, kitOn(world, plan, since), learnt, context)
      known.set(since, designs)
      return [day, designs]
    })
  )
}

/** Every build for sale on the first day it can be made: today, or once the plan has bought what it takes. */
export function forSale(world: World, plan: Plan | undefined, learnt: readonly Learnt[]): ForSale {
  const days = kitDays(world, plan)
  const found = new Map<string, DesignFrom>()
  const wanted = world.workspace.builds.filter(isForSale)
  const context = fitContext(world)
  for (const day of days) {
    if (found.size === wanted.length) break
    for (const design of designsOf(world, kitOn(world, plan, day), learnt, context))
      if (!found.has(design.build)) found.set(design.build, { design, from: day })
  }
  return {
    designs: wanted.flatMap(({ id }) => found.get(id) ?? []),
    cannot: wanted.filter(({ id }) => !found.has(id)).map(({ id }) => id)
  }
}
