import { z } from 'zod'
import { TIMBERS } from '../catalogue'
import { MOST } from './limits'
import { amount, day, id, price, share, text } from './schema-parts'

const income = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('none') }),
  z.strictObject({ kind: z.literal('weekly'), first: day, amount: price, until: day.optional() }),
  z.strictObject({
    kind: z.literal('fortnightly'),
    first: day,
    amount: price,
    until: day.optional()
  }),
  z.strictObject({
    kind: z.literal('monthly'),
    first: day,
    dayOfMonth: z
      .number()
      .multipleOf(1, 'number.whole')
      .min(1, 'number.too-small')
      .max(31, 'number.too-large'),
    amount: price,
    until: day.optional()
  }),
  z.strictObject({
    kind: z.literal('list'),
    receipts: z.array(z.strictObject({ date: day, amount: price })).max(2000)
  })
])

export const minutesPerWeek = z
  .number()
  .multipleOf(1, 'number.whole')
  .min(0, 'number.too-small')
  .max(10_080, 'number.too-large')

const oneOff = z.strictObject({ id, date: day, amount, text })
export const money = z.strictObject({
  currency: z.string().regex(/^[A-Z]{3}$/, 'currency.code'),
  income,
  oneOffs: z.array(oneOff).max(MOST.oneOffs),
  reserve: price,
  cap: price.optional(),
  taxBasisPoints: z
    .number()
    .multipleOf(1, 'number.whole')
    .min(0, 'number.too-small')
    .max(10_000, 'number.too-large'),
  deliveryEach: price,
  minorPer100Points: price.optional(),
  hourValue: price,
  impatience: z.number().min(0, 'number.too-small').max(10, 'number.too-large'),
  keptMoneyWorth: z.number().min(0, 'number.too-small').max(10, 'number.too-large'),
  latenessPerDay: share,
  reinvestShare: share,
  reinvestAbove: price.optional(),
  perKm: price.optional(),
  roomPerMonth: price.optional(),
  timber: z.enum(TIMBERS),
  after: z.strictObject({
    years: z.number().min(0, 'number.too-small').max(20, 'number.too-large'),
    perYear: z.number().min(0, 'number.too-small').max(1000, 'number.too-large').optional()
  })
})
