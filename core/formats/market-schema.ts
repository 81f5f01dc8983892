import { z } from 'zod'
import { QUOTE_SOURCES, SELLER_TYPES } from '../prices'
import * as part from './schema-parts'
import { id, tier, condition, power, name, day, price, count, share } from './schema-parts'

/** Days that were remembered when something was bought of which there was only one. */
const offeredDays = z.strictObject({ from: day.optional(), until: day.optional() })

const lookedAt = z.strictObject({
  date: day,
  answers: z.record(id, z.enum(['fine', 'doubtful', 'bad', 'unseen'])),
  repair: price,
  inexact: z.number().min(1, 'number.too-small').max(100, 'number.too-large').optional()
})

export const offer = z.strictObject({
  id: part.ownId,
  tool: id,
  tier,
  condition,
  acquisition: part.acquisition,
  power,
  platform: name.optional(),
  specs: part.specs.optional(),
  single: z.boolean().optional(),
  from: day.optional(),
  until: day.optional(),
  before: offeredDays.optional(),
  looked: lookedAt.optional(),
  link: part.link.optional()
})

export const quote = z.strictObject({
  id,
  offer: id,
  date: day,
  price,
  seller: z.enum(SELLER_TYPES),
  until: day.optional(),
  before: offeredDays.optional(),
  source: z.enum(QUOTE_SOURCES).optional(),
  aside: z.boolean().optional()
})
export const materialPrice = z.strictObject({ material: id, price })
export const needTest = z.strictObject({ tool: id, build: id, asked: day, until: day })
const pieces = z
  .array(z.strictObject({ tool: id, tier, condition, power, platform: name.optional(), count }))
  .min(1, 'list.empty')
  .max(30)
export const bundle = z.strictObject({
  id: part.ownId,
  name,
  pieces
})
export const deal = z.strictObject({
  id,
  name,
  buy: count,
  free: count,
  tools: z.array(id).min(1, 'list.empty').max(500),
  until: day.optional(),
  most: count.optional()
})
export const watch = z.strictObject({
  id,
  tool: id,
  tier,
  condition,
  power,
  upTo: price,
  from: day,
  until: day.optional(),
  looked: day.optional()
})
export const hire = z.strictObject({
  id: part.ownId,
  name,
  pieces,
  per: z.enum(['day', 'visit', 'month']),
  fee: price,
  minutes: part.minutes.min(1, 'number.too-small').max(44_640, 'number.too-large'),
  elsewhere: z.boolean().optional(),
  until: day.optional(),
  taken: z
    .array(z.strictObject({ from: day, until: day, minutes: part.minutes }))
    .max(500, 'list.too-long')
    .optional()
})
export const saleWindow = z.strictObject({
  id,
  name,
  from: day,
  until: day,
  off: share,
  chance: share,
  tools: z.array(id).max(500),
  yearly: z.boolean().optional()
})
