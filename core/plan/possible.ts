import { isDone } from '../builds'
import { type Day } from '../calendar'
import {
  QUIET_DBA,
  benchSteps,
  fitBuild,
  fitContext,
  kitOf,
  type BenchStep,
  type Kit
} from '../fit'
import { quietLimit } from '../workshop'
import { findBuild, type Plan, type World } from '../workspace'
import { acquisitions, kitBetween, type Acquired } from './acquired'
import { checkPurchases } from './evaluate-purchases'
import { checkResales } from './resale'

const acquiredBy = (world: World, plan: Plan): Acquired[] => {
  const list = checkPurchases(world, plan, [])
  return acquisitions(world, plan, list, checkResales(world, plan, list, []))
}

/** Builds possible with what is owned at the end of a day if the plan is followed. */
export function possibleAfter(world: World, plan: Plan, day: Day): string[] {
  const kit = kitBetween(acquiredBy(world, plan), day, day)
  const context = fitContext(world)
  return world.workspace.builds
    .filter((build) => !isDone(build) && fitBuild(context, kit, build).gaps.length === 0)
    .map(({ id }) => id)
}

/** What is owned at the end of a day if the plan is followed; what is owned now where there is none. */
export const kitOn = (world: World, plan: Plan | undefined, day: Day): Kit =>
  plan ? kitBetween(acquiredBy(world, plan), day, day) : kitOf(world.library, world.workspace.items)

/** What is owned at the end of a plan if it is followed. */
export function kitAfter(world: World, plan: Plan): Kit {
  return kitBetween(acquiredBy(world, plan), plan.until, plan.until)
}

/**
 * The steps of a build as they will be done: with what is there on the day the plan begins it, or with what is owned where the plan
 * does not build it. Undefined for a build that is not there.
 */
export function plannedSteps(
  world: World,
  plan: Plan | undefined,
  id: string
): BenchStep[] | undefined {
  const build = findBuild(world, id)
  const begin = plan?.builds.find((one) => one.build === id)?.begin
  const kit = kitOn(world, begin === undefined ? undefined : plan, begin ?? world.asOf)
  return (
    build &&
    benchSteps(
      fitBuild(fitContext(world), kit, build),
      quietLimit(world.workspace.workshop) ?? QUIET_DBA
    )
  )
}
