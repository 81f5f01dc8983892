import type { Build } from '../builds'
import type { Library, Material } from '../catalogue'
import { distinct, sumOf } from '../kernel'

const MM_PER_M = 1000
/** Air-dry densities, kg/m³, rounded: pine and spruce about 480, oak, ash and beech about 680, birch plywood about 650. Forest Products Laboratory, Wood Handbook, table 5 (values from memory). */
const DENSITY = { sheet: 650, softwood: 480, hardwood: 680 } as const
/** Share of the timber bought that is in the finished piece; the rest is offcuts and chips. Common practice. */
const USED = 0.85

/** What a buyer wants to know of a piece, as far as the build says it. */
export interface ListingFacts {
  /** Outside size, mm: of its template where it has one. */
  readonly sizeMm:
    { readonly length: number; readonly width: number; readonly height: number } | undefined
  /** Kinds of timber, the most first, and what is brushed or wiped on, by its id. */
  readonly timber: readonly TimberKind[]
  readonly finish: readonly string[]
  /** Estimated from what is bought, kg; undefined where that says nothing. */
  readonly weightKg: number | undefined
  /** Whether anything of it is for outdoors. */
  readonly outdoors: boolean
  /** Whether it carries people or hangs over them. */
  readonly bearing: boolean
}

export type TimberKind = keyof typeof DENSITY
const kindOf = ({ stock }: Material): TimberKind =>
  stock?.kind === 'sheet' ? 'sheet' : stock?.kind === 'softwood' ? 'softwood' : 'hardwood'

/** Cubic metres of one unit of a timber; nothing for what has no section. */
function volumeM3({ unit, stock }: Material): number {
  if (unit === 'm3') return 1
  if (!stock) return 0
  const { thicknessMm, widthMm = 0, lengthMm = 0 } = stock
  if (unit === 'metre') return (thicknessMm * widthMm) / MM_PER_M ** 2
  if (unit === 'm2') return thicknessMm / MM_PER_M
  return (thicknessMm * widthMm * lengthMm) / MM_PER_M ** 3
}

const FINISH_UNIT = 'litre'

/** The facts of a piece in good order for a listing. */
export function listingFacts(library: Library, build: Build): ListingFacts {
  const lines = build.materials.flatMap(({ material, quantity }) => {
    const known = library.materials.get(material)
    return known ? [{ material: known, quantity, m3: volumeM3(known) * quantity }] : []
  })
  const timber = lines.filter(({ m3 }) => m3 > 0).sort((a, b) => b.m3 - a.m3)
  const finish = lines.filter(({ material }) => material.unit === FINISH_UNIT)
  const weight = sumOf(timber, ({ m3, material }) => m3 * DENSITY[kindOf(material)] * USED)
  const template = library.templates.get(build.template ?? '')
  return {
    sizeMm: template?.sizeMm,
    timber: distinct(timber.map(({ material }) => kindOf(material))),
    finish: finish.map(({ material }) => material.id),
    weightKg: weight > 0 ? weight : undefined,
    outdoors: lines.some(({ material }) => material.id.includes('outdoor')),
    bearing: (build.bearing ?? template?.bearing) !== undefined
  }
}
