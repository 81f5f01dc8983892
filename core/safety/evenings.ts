import { isDone } from '../builds'
import type { Day } from '../calendar'
import { gearOf, sittingsOf, workingDay, type SittingWork, type WorkingDay } from '../fit'
import { kitOn, plannedSteps } from '../plan'
import { AIR_CHANGES, areaOf, sidesOf, type Air, type Workshop } from '../workshop'
import type { Plan, World } from '../workspace'

/** An evening where nothing else is said, minutes; an usual ceiling, metres; a room where none is said, m²: a single garage. Common practice. */
export const EVENING_MINUTES = 180
const HEIGHT_M = 2.4
const FLOOR_M2 = 18

/** The air of the workshop: as drawn or said, of a usual room where nothing is; shut unless its gate is open. */
export function airOf(workshop: Workshop, open = false): Air {
  const { plan, heightM = HEIGHT_M } = workshop
  const sides = sidesOf(workshop)
  const floor = plan && plan.outline.length > 2 ? areaOf(plan.outline) : undefined
  const said =
    sides && sides.lengthM > 0 && sides.widthM > 0 ? sides.lengthM * sides.widthM : FLOOR_M2
  return {
    volumeM3: (floor ?? said) * heightM,
    changes: open ? AIR_CHANGES.open : AIR_CHANGES.shut
  }
}

/** An evening of a build, with its noise and dust behind what is there by then. */
export interface Evening {
  readonly build: string
  /** Counted from 1. */
  readonly evening: number
  /** The day the plan begins the build; undefined where it does not. */
  readonly begin: Day | undefined
  /** Tools that are there by then, by id. */
  readonly there: ReadonlySet<string>
  readonly work: readonly SittingWork[]
  readonly day: WorkingDay
}

/** Every evening of the builds a plan makes, in its order; of all open builds with what is owned where there is no plan. */
export function eveningsOf(world: World, plan: Plan | undefined): Evening[] {
  const { library, workspace } = world
  const air = airOf(workspace.workshop)
  const builds = plan
    ? [...plan.builds]
        .filter(({ build }) => workspace.builds.some((one) => one.id === build && !isDone(one)))
        .sort((a, b) => (a.begin < b.begin ? -1 : 1))
        .map(({ build, begin }) => ({ build, begin }))
    : workspace.builds
        .filter((one) => !isDone(one))
        .map(({ id }) => ({ build: id, begin: undefined }))
  return builds.flatMap(({ build, begin }) => {
    const kit = kitOn(world, plan, begin ?? world.asOf)
    const there = new Set(kit.tools.map(({ tool }) => tool.id))
    const gear = gearOf(worn(there, workspace.workshop))
    return sittingsOf(library, plannedSteps(world, plan, build) ?? [], EVENING_MINUTES).map(
      ({ work }, i) => ({
        build,
        evening: i + 1,
        begin,
        there,
        work,
        day: workingDay(library, work, gear, air)
      })
    )
  })
}

/** What of some tools protects: what is owned and not worn does not. */
export const worn = (tools: ReadonlySet<string>, { unworn = [] }: Workshop): ReadonlySet<string> =>
  new Set([...tools].filter((id) => !unworn.includes(id)))
