import { compareDays, type Day } from '../calendar'
import { sumOf } from '../kernel'
import { plannedBuild, type Plan, type World } from '../workspace'
import { shareOf } from './share'

/** What a planned build will use of what is owned now. */
export interface PlannedUse {
  readonly build: string
  readonly begin: Day
  readonly done: Day
  /** Minutes of each thing, by its id. */
  readonly items: Readonly<Record<string, number>>
}

const known = new WeakMap<World, { readonly plan: Plan; readonly uses: readonly PlannedUse[] }>()

/** The builds ahead with the minutes each thing owned will be in use for them, in the order in which they are ready. */
export function plannedUses(world: World, plan: Plan | undefined): readonly PlannedUse[] {
  const present = known.get(world)
  if (!plan) return []
  if (present?.plan === plan) return present.uses
  const uses = plan.builds
    .flatMap((planned): PlannedUse[] => {
      const build = plannedBuild(world, planned)
      if (!build || build.log) return []
      const minutes = sumOf(planned.work, (one) => one.minutes)
      const { items } = shareOf(world, build, minutes, world.asOf, { plan })
      return [{ build: build.id, begin: planned.begin, done: planned.done, items }]
    })
    .sort((a, b) => compareDays(a.done, b.done))
  known.set(world, { plan, uses })
  return uses
}
