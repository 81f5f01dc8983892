import { z } from 'zod'
import * as part from './schema-parts'
import { id } from './schema-parts'

const pixels = z
  .number()
  .multipleOf(1, 'number.whole')
  .min(1, 'number.too-small')
  .max(20_000, 'number.too-large')
export const photo = z.strictObject({
  id,
  entry: id.optional(),
  build: id.optional(),
  type: z.enum(['image/jpeg', 'image/png', 'image/webp']),
  widthPx: pixels,
  heightPx: pixels,
  bytes: z
    .number()
    .multipleOf(1, 'number.whole')
    .min(1, 'number.too-small')
    .max(20_000_000, 'number.too-large')
})
const partKey = z.string().min(1, 'id.empty').max(300, 'id.too-long')
export const trail = z.strictObject({
  changed: z.record(partKey, part.moment),
  removed: z.record(partKey, part.moment),
  handed: z
    .array(
      z.strictObject({
        print: z.string().min(1, 'id.empty').max(40, 'id.too-long'),
        at: part.moment
      })
    )
    .max(50, 'list.too-long')
})
