import type { Feed } from '../board'
import { issue, refused, type Result } from '../kernel'
import { FEED_FORMAT, FEED_VERSION, feedSchema, type FeedListing } from './feed-schema'
import {
  headFault,
  priced,
  readListings,
  shown,
  type FeedReading,
  type FeedWanted,
  type Raw
} from './feed-listings'
import { header } from './read'
import { readSheet, writeSheet } from './sheet'

const COLUMNS = [
  'version',
  'board',
  'simulated',
  'currency',
  'date',
  'id',
  'seller',
  'seller type',
  'tool',
  'tier',
  'condition',
  'power',
  'price',
  'before',
  'until',
  'stock',
  'note'
] as const

/** The CSV form: the head stands in each row, since tables have no other place for it. */
export function readCsvFeed(text: string, wanted: FeedWanted): Result<FeedReading> {
  const [head, ...rows] = readSheet(text)
  const [first] = rows
  if (!head || !first) return refused(issue('feed.empty'))
  const at = new Map(head.cells.map((cell, i) => [cell.toLowerCase(), i]))
  const cellOf = (cells: readonly string[], column: (typeof COLUMNS)[number]): string | undefined =>
    cells[at.get(column) ?? -1] || undefined
  const missing = (['currency', 'date', 'seller', 'tool', 'price'] as const).filter(
    (one) => !at.has(one)
  )
  if (missing.length > 0)
    return refused(
      ...missing.map((column) =>
        issue('feed.no-column', [column], {
          column,
          found: shown(head.cells.filter(Boolean).join(', '))
        })
      )
    )
  const of = (column: (typeof COLUMNS)[number]): string | undefined => cellOf(first.cells, column)
  const version = Number(of('version') ?? FEED_VERSION)
  const named = header({ format: FEED_FORMAT, version }, FEED_FORMAT, FEED_VERSION)
  if (!named.ok) return named
  const top = {
    format: FEED_FORMAT,
    version,
    name: of('board') ?? of('seller'),
    simulated: of('simulated') === 'yes',
    currency: of('currency'),
    date: of('date')
  }
  const read = feedSchema.omit({ listings: true }).safeParse(top)
  if (!read.success) return refused(headFault(top, read.error))
  const { name, simulated = false, currency, date } = read.data
  const strange = rows.find(({ cells }) => cellOf(cells, 'currency') !== currency)
  if (strange)
    return refused(
      issue('feed.currency', [strange.row, 'currency'], {
        found: cellOf(strange.cells, 'currency') ?? '',
        expected: currency
      })
    )
  const raws = rows.map(({ row, cells }): Raw => ({
    row,
    data: recordOf(row, (one) => cellOf(cells, one))
  }))
  return readListings({ name, simulated, currency, date }, raws, wanted)
}

/** What a row that says nothing of it is taken for: as of other lists of prices. */
function recordOf(
  row: number,
  cell: (column: (typeof COLUMNS)[number]) => string | undefined
): { readonly [K in keyof FeedListing]?: unknown } {
  const stock = cell('stock')
  const [before, until, note] = [cell('before'), cell('until'), cell('note')]
  return {
    id: cell('id') ?? `row-${row}`,
    seller: cell('seller'),
    sellerType: cell('seller type')?.toLowerCase().replace(/ /g, '-') ?? 'other',
    tool: cell('tool'),
    tier: cell('tier') ?? 'weekend',
    condition: cell('condition') ?? 'new',
    power: cell('power') ?? 'hand',
    price: cell('price'),
    ...(before === undefined ? {} : { before }),
    ...(until === undefined ? {} : { until }),
    ...(stock === undefined ? {} : { stock: Number(stock) }),
    ...(note === undefined ? {} : { note })
  }
}

/** The same as CSV; measures of single pieces are left out. */
export const writeFeedCsv = ({ name, simulated, currency, date, listings }: Feed): string =>
  writeSheet(
    COLUMNS,
    listings.map((one) => ({
      ...priced(one, currency),
      version: FEED_VERSION,
      board: name,
      simulated: simulated ? 'yes' : '',
      currency,
      date,
      id: one.id,
      seller: one.seller,
      'seller type': one.sellerType,
      tool: one.tool,
      tier: one.tier,
      condition: one.condition,
      power: one.power,
      until: one.until ?? '',
      stock: one.stock ?? '',
      note: one.note ?? ''
    }))
  )
