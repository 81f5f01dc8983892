import { z } from 'zod'
import { MATERIAL_UNITS, STOCK_KINDS } from '../catalogue'
import { id, measure, name } from './schema-parts'

/** A material of one's own. */
export const material = z.strictObject({
  id,
  name,
  unit: z.enum(MATERIAL_UNITS),
  points: measure,
  keepsDays: z
    .number()
    .multipleOf(1, 'number.whole')
    .min(1, 'number.too-small')
    .max(36_500, 'number.too-large')
    .optional(),
  stock: z
    .strictObject({
      kind: z.enum(STOCK_KINDS),
      lengthMm: measure.optional(),
      widthMm: measure.optional(),
      thicknessMm: measure
    })
    .optional(),
  nominal: name.optional(),
  inInches: id.optional()
})
