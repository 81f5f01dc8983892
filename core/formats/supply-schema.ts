import { z } from 'zod'
import * as part from './schema-parts'

const { id, day } = part

/** What happened to what is kept in stock. */
export const supply = z.strictObject({
  id,
  what: id,
  kind: z.enum(['count', 'in', 'opened', 'gone']),
  on: day,
  amount: z.number().min(0, 'number.too-small').max(100_000, 'number.too-large'),
  entry: id.optional()
})
