import type { Feed } from '../board'
import { issue, refused, type Result } from '../kernel'
import { readCsvFeed } from './feed-csv'
import {
  headFault,
  priced,
  readListings,
  type FeedReading,
  type FeedWanted,
  type Raw
} from './feed-listings'
import { FEED_FORMAT, FEED_VERSION, feedSchema } from './feed-schema'
import { parseJson } from './json'
import { header } from './read'

function readJsonFeed(text: string, wanted: FeedWanted): Result<FeedReading> {
  const parsed = parseJson(text)
  if (!parsed.ok) return parsed
  const named = header(parsed.value.data, FEED_FORMAT, FEED_VERSION)
  if (!named.ok) return named
  const { listings, ...rest } = named.value.data
  const head = feedSchema.omit({ listings: true }).safeParse(rest)
  if (!head.success) return refused(headFault(rest, head.error))
  if (!Array.isArray(listings)) return refused(issue('feed.empty'))
  const { name, simulated = false, currency, date } = head.data
  const raws = listings.map((data: unknown, i): Raw => ({ row: i + 1, data }))
  return readListings({ name, simulated, currency, date }, raws, wanted)
}
/**
 * Reads a price feed, JSON or CSV. Each faulty listing is named and left out, the others are read; a feed in another currency, of a day
 * that has not come, of a newer version or with more than 5 000 listings is refused.
 */
export const readFeed = (text: string, wanted: FeedWanted): Result<FeedReading> =>
  /^\ufeff?\s*[[{]/.test(text) ? readJsonFeed(text, wanted) : readCsvFeed(text, wanted)

/** A feed as a JSON file of the published form. */
export const writeFeed = ({ name, simulated, currency, date, listings }: Feed): string =>
  `${JSON.stringify(
    {
      format: FEED_FORMAT,
      version: FEED_VERSION,
      name,
      ...(simulated ? { simulated } : {}),
      currency,
      date,
      listings: listings.map((one) => ({ ...one, ...priced(one, currency) }))
    },
    null,
    1
  )}\n`
