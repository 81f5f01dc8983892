import { isDone, type Build } from '../builds'
import { fitBuild, hourValueOf, type BuildFit, type FitContext, type Kit } from '../fit'
import type { Minor } from '../money'
import { buildMaterial, buildWorth, type World } from '../workspace'
import { roughVariant } from './rough-timber'

/** What a kit makes of one build, in money: nothing while a step has no method. */
export interface BuildValue {
  readonly build: Build
  readonly feasible: boolean
  /** max(0, worth − material − hours at their value − fees − penalties); 0 when not feasible. docs/model.md, 4. */
  readonly net: Minor
  readonly minutes: number
  readonly fees: Minor
  readonly fit: BuildFit
  /** Set where rough boards with the kit's milling are the better buy: metres, and the timber money saved. */
  readonly rough?: { readonly metres: number; readonly saved: Minor } | undefined
}

/** What a build brings and what it takes, minor units; hours and penalties in what they are worth. */
interface Account {
  readonly worth: number
  readonly material: number
  readonly fees: number
  readonly hours: number
  readonly penalties: number
}
/** (worth − material − fees) × the weight of worth − hours − penalties, never below nothing. */
export const netOf = (weight: number, account: Account): Minor => {
  const { worth, material, fees, hours, penalties } = account
  return Math.max(0, Math.round(weight * (worth - material - fees) - hours - penalties))
}

function plainValue(world: World, context: FitContext, kit: Kit, build: Build): BuildValue {
  const fit = fitBuild(context, kit, build)
  const feasible = fit.gaps.length === 0
  const hours = (hourValueOf(context, build) * fit.minutes) / 60
  const net = feasible
    ? netOf(context.weights.money, {
        worth: buildWorth(world, build),
        material: buildMaterial(world, build),
        fees: fit.fees,
        hours,
        penalties: fit.penalties
      })
    : 0
  return { build, feasible, net, minutes: fit.minutes, fees: fit.fees, fit }
}

/** Value of a build with a kit: as it is planned, or of rough boards where that brings more. */
export function buildValue(world: World, context: FitContext, kit: Kit, build: Build): BuildValue {
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
