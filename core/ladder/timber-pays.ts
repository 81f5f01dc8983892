import { roughVariant, type Build } from '../builds'
import { fitBuild, fitContext, type Kit } from '../fit'
import type { Minor } from '../money'
import { buildMaterial, type World } from '../workspace'

/** From which volume of timber a milling machine is paid by buying rough boards instead of planed ones. */
export interface TimberPays {
  /** Planed timber it would have to stand for, cubic metres. */
  readonly volumeM3: number
  /** What a cubic metre saves, less the hours of milling it at their value. */
  readonly savesPerM3: Minor
}

const MINUTES_PER_HOUR = 60
const MILLS: ReadonlySet<string> = new Set(['thicknesser', 'jointer'])

/** A cubic metre of planed hardwood, as boards. */
const CUBIC_METRE: Build = {
  id: 'timber',
  name: 'timber',
  copies: 1,
  materials: [{ material: 'hardwood-surfaced', quantity: 1 }],
  steps: []
}

/**
 * What the timber alone says for a milling machine; undefined for other tools, and where milling cannot be done with the kit or saves
 * nothing at the value of the hours it takes.
 * @param kit with the machine in it
 * @param cost of the machine with what must come along, minor units
 */
export function timberPays(
  world: World,
  kit: Kit,
  roles: readonly string[],
  cost: Minor
): TimberPays | undefined {
  if (!roles.some((role) => MILLS.has(role))) return undefined
  const variant = roughVariant(world.library, CUBIC_METRE)
  if (!variant) return undefined
  const fit = fitBuild(fitContext(world), kit, variant.build)
  if (fit.gaps.length > 0) return undefined
  const hours = fit.minutes / MINUTES_PER_HOUR
  const savesPerM3 =
    buildMaterial(world, CUBIC_METRE) -
    buildMaterial(world, variant.build) -
    fit.fees -
    hours * world.workspace.money.hourValue
  return savesPerM3 > 0 ? { volumeM3: cost / savesPerM3, savesPerM3 } : undefined
}
