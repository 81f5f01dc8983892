import { isDone, type Build } from '../builds'
import { fitBuild, hourValueOf, type BuildFit, type FitContext, type Kit } from '../fit'
import type { Minor } from '../money'
import { buildMaterial, buildWorth, type World } from '../workspace'

/** What a kit makes of one build, in money: nothing while a step has no method. */
export interface BuildValue {
  readonly build: Build
  readonly feasible: boolean
  /** max(0, worth − material − hours at their value − fees − penalties); 0 when not feasible. model: value of a kit. */
  readonly net: Minor
  readonly minutes: number
  readonly fees: Minor
  readonly fit: BuildFit
}

export function buildValue(world: World, context: FitContext, kit: Kit, build: Build): BuildValue {
  const fit = fitBuild(context, kit, build)
  const feasible = fit.gaps.length === 0
  const hours = (hourValueOf(context, build) * fit.minutes) / 60
  const net = feasible ? Math.max(0, Math.round(buildWorth(world, build) - buildMaterial(world, build) - hours - fit.fees - fit.penalties)) : 0
  return { build, feasible, net, minutes: fit.minutes, fees: fit.fees, fit }
}

/** Builds that are still to be made; jigs count through what they open, not by themselves. */
export const openBuilds = (world: World): Build[] => world.workspace.builds.filter((build) => !isDone(build))
