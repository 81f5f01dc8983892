import type { Joint, Library, Material, StockKind } from '../catalogue'
import type { UnitSystem } from '../units'

/** What is done to a part's edges, and to which: all round, both long ones, or the front one. */
export interface EdgeWork {
  readonly work: 'profile' | 'band'
  readonly run: 'all' | 'long' | 'front'
}

/** One kind of part of a build, as it stands in a cut list: finished sizes in millimetres. */
export interface Part {
  readonly id: string
  readonly name: string
  readonly quantity: number
  readonly lengthMm: number
  readonly widthMm: number
  readonly thicknessMm: number
  readonly stock: StockKind
  /** Wood species where it is known; the movement across the grain depends on it. */
  readonly species?: string | undefined
  readonly edges?: EdgeWork | undefined
  /** Joints of one such part, each counted at one of the two pieces it joins. */
  readonly joints: readonly { readonly joint: Joint; readonly count: number }[]
  /** Whether the grain has to run along the length; sheet parts may be turned otherwise. */
  readonly grain: boolean
}

/** How far a thickness may differ from a material's and still be cut from it, mm. */
const THICKNESS_SLACK_MM = 1.1

type Wanted = Pick<Part, 'stock' | 'lengthMm' | 'widthMm' | 'thicknessMm'>
type Stock = NonNullable<Material['stock']>

/** Sheets and planed softwood come as they are; hardwood is bought by volume in the thickness wanted. */
function thickEnough({ kind, thicknessMm }: Stock, part: Wanted): boolean {
  const spare = thicknessMm - part.thicknessMm
  if (kind === 'sheet') return Math.abs(spare) <= THICKNESS_SLACK_MM
  return kind !== 'softwood' || spare >= -THICKNESS_SLACK_MM
}
/** Sizes of the other country are taken only where they are the part's own, mm. */
const SAME_SIZE_MM = 0.2
const ofHere = ({ stock, nominal }: Material, units: UnitSystem): boolean =>
  stock?.kind !== 'softwood' || (nominal === undefined) === (units === 'metric')

const largeEnough = ({ kind, lengthMm = 0, widthMm = 0 }: Stock, part: Wanted): boolean =>
  kind !== 'sheet' || fitsSheet(part, { lengthMm, widthMm }, true)

/** How well timber suits a part, the smaller the better; undefined where it does not. */
function rankOf(material: Material, part: Wanted, units: UnitSystem): number | undefined {
  const { stock } = material
  if (stock?.kind !== part.stock || !thickEnough(stock, part)) return undefined
  if (stock.kind.startsWith('hardwood') && material.unit !== 'm3') return undefined
  const spare = stock.thicknessMm - part.thicknessMm
  const narrow = Math.max(0, part.widthMm - (stock.widthMm ?? Infinity))
  const waste = Math.max(0, (stock.widthMm ?? 0) - part.widthMm)
  const same = Math.abs(spare) < SAME_SIZE_MM && Math.abs(waste + narrow) < SAME_SIZE_MM
  if (!ofHere(material, units) && !same) return undefined
  return (
    (largeEnough(stock, part) ? 0 : 1e6) +
    Math.max(0, spare) * 1000 +
    (stock.kind === 'sheet' ? 0 : narrow * 20 + waste) -
    (stock.lengthMm ?? 0) * 1e-4
  )
}

/** Timber a part can be cut from, best first: no more planing than needed, then the narrowest that is wide enough, then the widest. */
export function materialFor(
  library: Library,
  part: Wanted,
  units: UnitSystem = 'metric'
): Material | undefined {
  const candidates = library.data.materials.flatMap((material) => {
    const rank = rankOf(material, part, units)
    return rank === undefined ? [] : [{ material, rank }]
  })
  return candidates.sort((a, b) => a.rank - b.rank)[0]?.material
}

/** Whether a part fits a sheet, turned if it may be. */
export const fitsSheet = (
  part: { readonly lengthMm: number; readonly widthMm: number },
  sheet: { readonly lengthMm: number; readonly widthMm: number },
  canTurn: boolean
): boolean =>
  (part.lengthMm <= sheet.lengthMm && part.widthMm <= sheet.widthMm) ||
  (canTurn && part.lengthMm <= sheet.widthMm && part.widthMm <= sheet.lengthMm)
