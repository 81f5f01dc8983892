import { z } from 'zod'
import * as part from './schema-parts'

const { id, day, minutes } = part

/** A check that was made, or care that was taken. */
export const upkeep = z.discriminatedUnion('kind', [
  z.strictObject({
    kind: z.literal('check'),
    id,
    item: id,
    check: id,
    on: day,
    values: z
      .array(z.number().min(0, 'number.too-small').max(10_000, 'number.too-large'))
      .max(5, 'list.too-long'),
    fine: z.boolean()
  }),
  z.strictObject({
    kind: z.literal('care'),
    id,
    item: id,
    task: id,
    on: day,
    atMinutes: minutes
  })
])
