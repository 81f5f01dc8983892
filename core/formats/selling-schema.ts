import { z } from 'zod'
import { GONE_WHY, ORDER_STATES } from '../workspace'
import { count, day, id, minutes, name, price, share, text } from './schema-parts'

/** Most pieces a month that are believed of one design. */
const MOST_A_MONTH = 10_000
const wait = z
  .number()
  .multipleOf(1, 'number.whole')
  .min(0, 'number.too-small')
  .max(3650, 'number.too-large')
const perMonth = z.number().min(0, 'number.too-small').max(MOST_A_MONTH, 'number.too-large')
const longText = z.string().max(4000, 'text.too-long')
const month = z
  .number()
  .multipleOf(1, 'number.whole')
  .min(1, 'number.too-small')
  .max(12, 'number.too-large')
const km = z.number().min(0, 'number.too-small').max(100_000, 'number.too-large')

export const sale = z.strictObject({
  netEach: price,
  daysToSell: wait,
  price: price.optional(),
  outlet: id.optional(),
  known: z
    .array(z.strictObject({ outlet: id.optional(), price, perMonth, days: wait }))
    .max(50, 'list.too-long')
    .optional(),
  season: z.array(month).max(12, 'list.too-long').optional(),
  storedM2: z.number().min(0, 'number.too-small').max(1000, 'number.too-large').optional(),
  offcuts: z.strictObject({ build: id, each: count }).optional(),
  story: longText.optional(),
  due: day.optional()
})

export const outlet = z.strictObject({
  id,
  name,
  feeShare: share,
  feeFixed: price,
  deliveryEach: price,
  kmEach: km.optional()
})

export const piece = z.strictObject({
  id,
  build: id,
  name,
  made: day,
  cost: price,
  minutes,
  offered: z
    .array(z.strictObject({ date: day, price, outlet: id.optional() }))
    .max(200, 'list.too-long'),
  bids: z
    .array(z.strictObject({ date: day, price }))
    .max(200, 'list.too-long')
    .optional(),
  sold: z
    .strictObject({
      id,
      date: day,
      price,
      outlet: id.optional(),
      fee: price,
      delivery: price,
      paid: day.optional(),
      back: price.optional(),
      order: id.optional(),
      km: km.optional()
    })
    .optional(),
  returned: z.array(day).max(100, 'list.too-long').optional(),
  kept: price.optional(),
  gone: z.strictObject({ date: day, why: z.enum(GONE_WHY) }).optional()
})

export const order = z.strictObject({
  id,
  text,
  build: id,
  copies: count,
  priceEach: price,
  asked: day,
  due: day,
  deposit: price,
  state: z.enum(ORDER_STATES),
  closed: day.optional()
})
