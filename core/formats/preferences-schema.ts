import { z } from 'zod'
import { CONDITIONS, FAMILIES, HAZARDS, LEVELS, NAME_SETS, TIERS } from '../catalogue'
import { condition, id, price, share, tier } from './schema-parts'

export const ban = z.strictObject({ kind: z.enum(['tool', 'method']), id })

const comfortLevel = z.literal([0, 1, 2, 3]).optional()
export const quiet = z.strictObject({ aboveDbA: z.number().min(0).max(160), costPerHour: price })
export const comfort = z.strictObject(
  Object.fromEntries(HAZARDS.map((hazard) => [hazard, comfortLevel])) as Record<
    (typeof HAZARDS)[number],
    typeof comfortLevel
  >
)

const weighting = z.strictObject({
  worth: z.number().min(0, 'number.too-small').max(10, 'number.too-large'),
  spacePerM2: price,
  easePerHour: price,
  finishPerStep: price
})
const leanings = z
  .array(
    z.strictObject({
      tool: id,
      times: z.number().min(0.01, 'number.too-small').max(100, 'number.too-large')
    })
  )
  .max(500)
const joints = z.number().min(0, 'number.too-small').max(10, 'number.too-large')
const learns = z.array(z.enum(FAMILIES)).max(FAMILIES.length)
const soldTimes = z.number().min(0.01, 'number.too-small').max(100, 'number.too-large')
const powerWish = z.enum(['cheapest', 'corded', 'cordless'])
const level = z.enum(LEVELS).optional()
const levels = z.strictObject(
  Object.fromEntries(FAMILIES.map((family) => [family, level])) as Record<
    (typeof FAMILIES)[number],
    typeof level
  >
)
/** The user's own settings, kept aside while a school is taken up. */
const ownMix = z.strictObject({
  weighting: weighting.optional(),
  leanings: leanings.optional(),
  soldTimes: soldTimes.optional(),
  joints: joints.optional(),
  learns: learns.optional(),
  power: powerWish,
  hourValue: price,
  quiet: quiet.optional(),
  comfort,
  bans: z.array(ban).max(2000),
  reinvestShare: share
})
/** What was before a side in a dispute was taken. */
const beforeSide = z.strictObject({
  power: powerWish,
  tier,
  condition,
  leanings,
  bans: z.array(id).max(2000)
})
/** Never all of a kind: then nothing could be bought. */
const ruledOut = z.strictObject({
  tiers: z
    .array(tier)
    .max(TIERS.length - 1, 'ruled-out.all')
    .optional(),
  conditions: z
    .array(condition)
    .max(CONDITIONS.length - 1, 'ruled-out.all')
    .optional(),
  powers: z
    .array(z.enum(['corded', 'cordless']))
    .max(2)
    .optional()
})
export const preferences = z.strictObject({
  units: z.enum(['metric', 'imperial']),
  tier,
  condition,
  power: powerWish,
  ruledOut: ruledOut.optional(),
  levels: levels.optional(),
  byTheBook: z.literal(true).optional(),
  withoutVerdicts: z.literal(true).optional(),
  joints: joints.optional(),
  learns: learns.optional(),
  names: z.enum(NAME_SETS).optional(),
  weighting: weighting.optional(),
  leanings: leanings.optional(),
  soldTimes: soldTimes.optional(),
  school: id.optional(),
  ownMix: ownMix.optional(),
  sides: z.record(id, id).optional(),
  beforeSides: z.record(id, beforeSide).optional()
})
