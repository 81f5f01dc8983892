import { z } from 'zod'
import { workspaceSchema } from './workspace-schema'
import { feedSchema } from './feed-schema'
import { planSchema } from './plan-schema'

/**
 * The shape of a workspace file as JSON Schema (draft 2020-12), made from the schema that reads it. What ids refer to, sums and dates
 * in order are beyond a schema and checked on reading.
 */
export const workspaceJsonSchema = (): object => ({
  title: 'Frugal Ledger workspace, version 2',
  ...z.toJSONSchema(workspaceSchema, { io: 'input' })
})
export const planJsonSchema = (): object => ({
  title: 'Frugal Ledger plan, version 1',
  ...z.toJSONSchema(planSchema, { io: 'input' })
})

export const feedJsonSchema = (): object => ({
  title: 'Frugal Ledger price feed, version 1',
  ...z.toJSONSchema(feedSchema, { io: 'input' })
})

export const schemaText = (schema: object): string => `${JSON.stringify(schema, null, 2)}\n`
