import { z } from 'zod'
import { id, count, day, minutes, paidTotal, share, total } from './schema-parts'

export const PLAN_FORMAT = 'frugal-ledger/plan'
export const PLAN_VERSION = 1

const plannedBuild = z.strictObject({
  build: id,
  copies: count.optional(),
  rough: z.literal(true).optional(),
  begin: day,
  done: day,
  work: z.array(z.strictObject({ stage: day, minutes })).max(2000),
  methods: z.record(id, id),
  material: paidTotal
})

export const planSchema = z.strictObject({
  format: z.literal(PLAN_FORMAT),
  version: z.literal(PLAN_VERSION),
  workspace: z.strictObject({ id, hash: z.string().max(40) }),
  libraryVersion: z.string().max(40),
  asOf: day,
  until: day,
  purchases: z
    .array(
      z.strictObject({ id, offer: id, count, date: day, price: paidTotal, forBuild: id.optional() })
    )
    .max(2000),
  builds: z.array(plannedBuild).max(2000),
  resales: z
    .array(z.strictObject({ item: id, date: day, amount: paidTotal }))
    .max(2000)
    .optional(),
  savings: z
    .array(z.strictObject({ deal: id, date: day, amount: paidTotal }))
    .max(2000)
    .optional(),
  kept: z
    .strictObject({
      on: day,
      balance: total,
      entries: z.array(id).max(5000),
      income: z.array(z.strictObject({ date: day, amount: total })).max(5000),
      chances: z
        .array(z.strictObject({ build: id, by: day, chance: share }))
        .max(2000)
        .optional()
    })
    .optional()
})
