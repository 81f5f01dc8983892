import { z } from 'zod'
import { SELLER_TYPES } from '../prices'
import * as part from './schema-parts'

export const FEED_FORMAT = 'frugal-ledger/price-feed'
export const FEED_VERSION = 1

/** A decimal amount above 0 in the feed's currency, as text, so that no figure is bent on its way: `129.90`. */
const price = z.string().regex(/^(?!0*(\.0*)?$)\d{1,9}(\.\d{1,3})?$/, 'feed.price')

/** One thing a seller offers. `tool` is its id in the library, or a name it is known by. */
export const feedListing = z.strictObject({
  id: part.id,
  seller: part.name,
  sellerType: z.enum(SELLER_TYPES),
  tool: part.name,
  tier: part.tier,
  condition: part.condition,
  power: part.power,
  price,
  before: price.optional(),
  until: part.day.optional(),
  stock: z
    .int('number.whole')
    .min(0, 'number.too-small')
    .max(100_000, 'number.too-large')
    .optional(),
  specs: part.specs.optional(),
  note: part.name.optional()
})

/** A price feed, whole. */
export const feedSchema = z.strictObject({
  format: z.literal(FEED_FORMAT),
  version: z.literal(FEED_VERSION),
  name: part.name,
  simulated: z.boolean().optional(),
  currency: z.string().regex(/^[A-Z]{3}$/, 'currency.code'),
  date: part.day,
  listings: z.array(feedListing)
})
export type FeedListing = z.infer<typeof feedListing>
