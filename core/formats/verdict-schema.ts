import { z } from 'zod'
import { REGRET_KINDS, VERDICT_TIMES } from '../workspace'
import * as part from './schema-parts'

const { id, day, tier, condition } = part

/** What became of a purchase. */
export const verdict = z.strictObject({
  id,
  item: id,
  tool: id,
  tier,
  condition,
  when: z.enum(VERDICT_TIMES),
  on: day,
  good: z.boolean(),
  regret: z.enum(REGRET_KINDS).optional()
})
