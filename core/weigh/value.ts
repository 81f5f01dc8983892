import { isDone, type Build } from '../builds'
import { fitBuild, hourValueOf, type BuildFit, type FitContext, type Kit } from '../fit'
import type { Minor } from '../money'
import { afterTimes, countedWorth, netOf, oneMore, payTimes } from '../worth'
import { buildMaterial, type World } from '../workspace'
import { roughVariant } from '../builds'

/** What a kit makes of one build, in money: nothing while a step has no method. */
export interface BuildValue {
  readonly build: Build
  readonly feasible: boolean
  /** max(0, worth − material − wasted hours − fees − penalties), and what the kind goes on bringing; 0 when not feasible. docs/model.md, 4. */
  readonly net: Minor
  readonly minutes: number
  readonly fees: Minor
  readonly fit: BuildFit
  /** Set where rough boards with the kit's milling are the better buy: metres, and the timber money saved. */
  readonly rough?: { readonly metres: number; readonly saved: Minor } | undefined
}

function plainValue(world: World, context: FitContext, kit: Kit, build: Build): BuildValue {
  const fit = fitBuild(context, kit, build)
  const feasible = fit.gaps.length === 0
  const hours = (hourValueOf(context, build) * fit.wasted) / 60
  const net = feasible
    ? netOf(context.weights.money, {
        worth: countedWorth(world, build),
        paid: payTimes(world, build) * (buildMaterial(world, build) + fit.fees + fit.spoilt),
        hours,
        penalties: fit.penalties
      })
    : 0
  return { build, feasible, net, minutes: fit.minutes, fees: fit.fees, fit }
}

/** Value of a build with a kit, and of one more of its kind in the years after, each as it is planned or of rough boards where that brings more. */
export function buildValue(world: World, context: FitContext, kit: Kit, build: Build): BuildValue {
  const value = oneValue(world, context, kit, build)
  const times = afterTimes(world, build)
  if (times === 0 || !value.feasible) return value
  const { net } = oneValue(world, context, kit, oneMore(build))
  return { ...value, net: value.net + Math.round(times * net) }
}

function oneValue(world: World, context: FitContext, kit: Kit, build: Build): BuildValue {
  const planned = plainValue(world, context, kit, build)
  const variant = planned.feasible ? roughVariant(world.library, build) : undefined
  if (!variant) return planned
  const rough = plainValue(world, context, kit, variant.build)
  if (!rough.feasible || rough.net <= planned.net) return planned
  return {
    ...rough,
    build,
    rough: {
      metres: variant.metres * build.copies,
      saved: buildMaterial(world, build) - buildMaterial(world, variant.build)
    }
  }
}

/** Builds that are still to be made; jigs count through what they open, not by themselves. */
export const openBuilds = (world: World): Build[] =>
  world.workspace.builds.filter((build) => !isDone(build))
