import type { Library, MaterialLine, Step, Template, Timber, Wish } from '../catalogue'
import type { Part } from '../cutlist'
import { sumOf } from '../kernel'
import type { Day } from '../calendar'
import type { BuildLog } from './log'
import { timesRatio, type Minor } from '../money'

/** What the seller knows of a price: how long a piece waits for its buyer at it, and how many are sold in a month. */
export interface PricePoint {
  readonly outlet?: string | undefined
  readonly price: Minor
  readonly perMonth: number
  readonly days: number
}

/** How a build is sold. */
export interface Sale {
  /** What one brings, fees and delivery off: what plans reckon with. */
  readonly netEach: Minor
  readonly daysToSell: number
  /** The price the buyer pays and where, where it is said: `netEach` follows from them. */
  readonly price?: Minor | undefined
  readonly outlet?: string | undefined
  readonly known?: readonly PricePoint[] | undefined
  /** Months of the year in which it sells, 1 to 12; all of them when left out. */
  readonly season?: readonly number[] | undefined
  /** Floor one takes while it waits for a buyer, m². */
  readonly storedM2?: number | undefined
  /** So many of another build can be cut from what is left over of one. */
  readonly offcuts?: { readonly build: string; readonly each: number } | undefined
  /** What is told of it where it is offered, in the seller's words. */
  readonly story?: string | undefined
  /** It is ordered for this day: done later, nobody takes it. */
  readonly due?: Day | undefined
}

/** A planned piece. Quantities of steps and materials are for one copy. */
export interface Build {
  readonly id: string
  readonly name: string
  readonly template?: string | undefined
  readonly steps: readonly Step[]
  readonly materials: readonly MaterialLine[]
  readonly copies: number
  /** Copies made together, sharing each set-up; as `togetherOf` says when left out. */
  readonly batchSize?: number | undefined
  /** What one finished copy is worth to the user; the ready-made price when left out. */
  readonly worthEach?: Minor | undefined
  /** How much it is wanted; the usual wish when left out. Builds for sale are worth what they bring. */
  readonly wish?: Wish | undefined
  /** Where its timber and finish are paid from; as the workspace says when left out. Jigs and builds for sale are paid from the purse. */
  readonly timber?: Timber | undefined
  readonly sale?: Sale | undefined
  /** What an hour of this build costs in the reckoning, where it differs from the workspace's; asked for sold builds. */
  readonly hourValue?: Minor | undefined
  readonly wished?: Day | undefined
  /** The tool a jig build becomes. */
  readonly yields?: string | undefined
  readonly log?: BuildLog | undefined
  /** The cut list its steps were worked out from. */
  readonly parts?: readonly Part[] | undefined
  /** Whether it carries people or hangs over them, where no template says so. */
  readonly bearing?: Template['bearing']
}

/** Own prices and stock of a library material, or a material of the user's own (then it also stands in the workspace's `ownMaterials`). */
export interface MaterialPrice {
  readonly material: string
  readonly price: Minor
}

/** A design whose pieces are offered to whoever comes, with its sale; not one ordered by a customer. */
export const isForSale = (build: Build): build is Build & { readonly sale: Sale } =>
  build.sale !== undefined && build.sale.due === undefined

/** Pieces for sale are made so many at a time where nothing is said (common practice: what lies side by side on a bench). */
const SOLD_TOGETHER = 4
/** Into more batches than these nothing is split by itself. */
const MOST_BATCHES = 8

/**
 * Copies of a build that are made together. Where nothing is said: all of them, but of what is made for sale a few at a time, so that the
 * first are sold before the timber of the last is bought. An order is delivered whole and made whole.
 */
export function togetherOf({
  copies,
  batchSize,
  sale
}: Pick<Build, 'copies' | 'batchSize' | 'sale'>): number {
  const usual =
    sale && sale.due === undefined
      ? Math.max(SOLD_TOGETHER, Math.ceil(copies / MOST_BATCHES))
      : copies
  return Math.max(1, Math.min(batchSize ?? usual, copies))
}

export const batchesOf = (build: Build): number => Math.ceil(build.copies / togetherOf(build))

export const isDone = (build: Build): boolean => build.log?.done !== undefined
export const isBegun = (build: Build): boolean => build.log !== undefined

export interface MaterialPricing {
  readonly library: Library
  readonly minorPer100Points: number
  readonly own: readonly MaterialPrice[]
}

/** What a material costs per unit: the user's price, or the typical one. 0 for an unknown material (refused on reading). */
export function materialPrice(
  pricing: MaterialPricing,
  material: string
): { readonly price: Minor; readonly typical: boolean } {
  const own = pricing.own.find((entry) => entry.material === material)
  if (own) return { price: own.price, typical: false }
  const points = pricing.library.materials.get(material)?.points ?? 0
  return { price: timesRatio(pricing.minorPer100Points, points / 100), typical: true }
}

/** What a line of material costs for one piece, minor units, and whether its price is only the library's typical one. */
export function lineCost(
  pricing: MaterialPricing,
  { material, quantity }: MaterialLine
): { readonly cost: Minor; readonly typical: boolean } {
  const { price, typical } = materialPrice(pricing, material)
  return { cost: timesRatio(price, quantity), typical }
}

/** Material for all copies; each line is rounded on its own. */
export const materialCost = (pricing: MaterialPricing, build: Build): Minor =>
  sumOf(build.materials, (line) =>
    timesRatio(materialPrice(pricing, line.material).price, line.quantity * build.copies)
  )

/**
 * What all copies are worth when finished: the user's figure, else the net sale price, else the ready-made price of the
 * template, else nothing.
 */
export function worthOf(pricing: MaterialPricing, build: Build): Minor {
  if (build.sale) return build.sale.netEach * build.copies
  if (build.worthEach !== undefined) return build.worthEach * build.copies
  const template =
    build.template === undefined ? undefined : pricing.library.templates.get(build.template)
  return template
    ? timesRatio(pricing.minorPer100Points, pointsOf(pricing.library, build, template) / 100) *
        build.copies
    : 0
}

/** Points of such a piece ready-made; of what is made for the shop those of a bought one, unless it is made along the way for a build. */
function pointsOf(library: Library, build: Build, template: Template): number {
  if (template.readyMadePoints > 0 || build.id.startsWith('make/')) return template.readyMadePoints
  return library.tools.get(build.yields ?? '')?.forms[0]?.points ?? 0
}

/** How often the worth of a build counts: by the wish for it; once where it is for sale. */
export const wishOf = (library: Library, { sale, wish }: Pick<Build, 'sale' | 'wish'>): number =>
  sale ? 1 : library.data.reckoning.wish[wish ?? library.data.reckoning.usualWish]

/** A build made from a template; the steps are copied, so a later library does not change it. */
export function buildFromTemplate(template: Template, id: string, name: string, copies = 1): Build {
  return {
    id,
    name,
    template: template.id,
    steps: template.steps,
    materials: template.materials,
    copies,
    ...(template.yields === undefined ? {} : { yields: template.yields })
  }
}

/** Whether a build carries people or hangs over them: its own word, else its template's. */
export const bearingOf = (library: Library, build: Build): Template['bearing'] =>
  build.bearing ??
  (build.template === undefined ? undefined : library.templates.get(build.template)?.bearing)

/** A new build after the pattern of one that is there; what really happened with that one stays behind. */
export function buildLike(
  { log: _log, wished: _wished, ...pattern }: Build,
  id: string,
  name: string,
  copies: number
): Build {
  return { ...pattern, id, name, copies }
}

/** The id of the build that makes a shop-made tool from its template; such builds are derived, never stored. */
export const jigBuildId = (template: string): string => `make/${template}`

/** The derived build that makes a jig, or undefined when the id is not of that kind. */
export function jigBuild(library: Library, id: string): Build | undefined {
  if (!id.startsWith('make/')) return undefined
  const template = library.templates.get(id.slice('make/'.length))
  return template?.yields === undefined ? undefined : buildFromTemplate(template, id, template.name)
}
