import type { HazardClass, HazardLevel, Library, Method, Wall } from '../catalogue'
import type { Minor } from '../money'
import type { Mains } from './circuits'
import type { FloorPlan } from './floor-plan'
import type { Neighbour } from './neighbour'

/** Where the work is done and what it allows. Limits left out do not bind. */
export interface Workshop extends Mains {
  /** Inner size of the room, metres. */
  readonly room?: { readonly lengthM: number; readonly widthM: number } | undefined
  /** Floor that stored tools may take, m². */
  readonly floorM2?: number | undefined
  /** Floor for finished pieces that wait for a buyer, m²; no limit when left out. */
  readonly piecesM2?: number | undefined
  /** The room drawn to scale: then tools stand where they can, whatever the floor in square metres. */
  readonly plan?: FloorPlan | undefined
  /** Relative humidity of the rooms the pieces will stand in, driest and dampest of the year, per cent. */
  readonly humidity?: { readonly low: number; readonly high: number } | undefined
  /** What the walls are that pieces hang on. */
  readonly walls?: Wall | undefined
  /** Methods louder than this cost goodwill, per hour of running. */
  readonly quiet?: { readonly aboveDbA: number; readonly costPerHour: Minor } | undefined
  /** Who hears it: the nearest neighbour's room. */
  readonly neighbour?: Neighbour | undefined
  /** Height of the room, metres. */
  readonly heightM?: number | undefined
  /** Protection that is owned and not worn: it chafes, fogs or stays on its hook. By tool. */
  readonly unworn?: readonly string[] | undefined
  /** The highest hazard level the user is comfortable with, by class; a class left out is not limited. */
  readonly comfort: { readonly [H in HazardClass]?: HazardLevel | undefined }
}

/** The sides of the room, metres: as drawn where it is, else as said. */
export function sidesOf({ plan, room }: Workshop): Workshop['room'] {
  if (!plan || plan.outline.length === 0) return room
  const span = (list: readonly number[]): number => (Math.max(...list) - Math.min(...list)) / 1000
  return {
    lengthM: span(plan.outline.map(({ xMm }) => xMm)),
    widthM: span(plan.outline.map(({ yMm }) => yMm))
  }
}

/** Share of a room that tools put away may take, so that the rest stays for the bench, the work and the way round it. Common practice. */
const SHARE_FOR_TOOLS = 1 / 3

/** Floor for tools put away that goes with a room, m², to a tenth. */
export const floorFor = ({
  lengthM,
  widthM
}: {
  readonly lengthM: number
  readonly widthM: number
}): number => Math.round(lengthM * widthM * SHARE_FOR_TOOLS * 10) / 10

/** Whether a method is for the walls there are; where nothing is said of them, any is. */
export const suitsWall = ({ walls }: Workshop, { wall }: Method): boolean =>
  wall === undefined || walls === undefined || wall === walls

/** Whether the declared comfort admits the method. */
export function comfortable(workshop: Workshop, method: Method): boolean {
  if (method.hazard === null) return true
  const limit = workshop.comfort[method.hazard.kind]
  return limit === undefined || method.hazard.level <= limit
}

/** Methods of a hazard class that the declared comfort leaves out. */
export const beyondComfort = (
  library: Library,
  workshop: Workshop,
  hazard: HazardClass
): Method[] =>
  [...library.methods.values()].filter(
    (method) => method.hazard?.kind === hazard && !comfortable(workshop, method)
  )
