import type { Material, Species, Step } from './types'

/** Timber a piece is made from, and how much of it. */
export interface Listed {
  readonly material: Material
  readonly quantity: number
}

const MM2_PER_M2 = 1e6

/** Roughly how much of a material there is, m²: only good to tell what most of a piece is. */
const areaOf = ({ material: { stock, unit }, quantity }: Listed): number => {
  const { lengthMm = 1000, widthMm = 150, thicknessMm = 25 } = stock ?? {}
  if (unit === 'm3') return (quantity * 1000) / thicknessMm
  return (quantity * lengthMm * widthMm) / MM2_PER_M2
}

const speciesOfMaterial = ({ stock }: Material): Species =>
  stock?.kind === 'sheet' ? 'sheet' : stock?.kind === 'softwood' ? 'soft' : 'hard'

/**
 * What a step is done in: sheet goods where its stock is as thick as a listed sheet and as no listed board, else what most of the boards
 * are. Undefined for softwood, which times hold for.
 */
export function speciesOf(
  { stock: { thicknessMm } }: Pick<Step, 'stock'>,
  listed: readonly Listed[]
): 'hard' | 'sheet' | undefined {
  const timber = listed.filter(({ material }) => material.stock !== undefined)
  const thick = (species: Species): boolean =>
    timber.some(
      ({ material }) =>
        speciesOfMaterial(material) === species && material.stock?.thicknessMm === thicknessMm
    )
  const area = (species: Species): number =>
    timber
      .filter(({ material }) => speciesOfMaterial(material) === species)
      .reduce((sum, one) => sum + areaOf(one), 0)
  const [soft, hard, sheet] = [area('soft'), area('hard'), area('sheet')]
  if (thicknessMm !== undefined && thick('sheet') && !thick('soft') && !thick('hard'))
    return 'sheet'
  if (soft + hard === 0) return sheet > 0 ? 'sheet' : undefined
  return hard > soft ? 'hard' : undefined
}

/** Steps with what each is done in. */
export const inSpecies = (steps: readonly Step[], listed: readonly Listed[]): Step[] =>
  steps.map((step) => {
    const species = speciesOf(step, listed)
    return species === undefined ? step : { ...step, species }
  })
