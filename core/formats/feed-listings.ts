import type { z } from 'zod'
import type { Feed, Listing } from '../board'
import { daysBetween, type Day } from '../calendar'
import type { Library } from '../catalogue'
import { issue, ok, refused, type Issue, type Result } from '../kernel'
import { checkAmount, exponentOf, type Minor } from '../money'
import { feedListing, type FeedListing } from './feed-schema'
import { findTool } from './quotes-csv'
import { cleanText } from './schema-parts'
import { decimal } from './write'

/** What a feed is read for. */
export interface FeedWanted {
  readonly library: Library
  readonly currency: string
  readonly today: Day
}
export interface FeedReading {
  readonly feed: Feed
  /** Faulty listings, which were left out, and what else is worth saying. */
  readonly problems: readonly Issue[]
  /** Listings there were. */
  readonly rows: number
}

/** More listings than this are not read at once. */
const MOST_LISTINGS = 5000
/** More faulty ones than this are counted, not listed. */
const MOST_PROBLEMS = 50
/** Prices older than this many days are said to be old. */
const OLD_DAYS = 14
const LONGEST_SAID = 60

/** A listing as it stands in a file, with the number it is called by: its place from 1, in CSV its row. */
export interface Raw {
  readonly row: number
  readonly data: unknown
}

export const shown = (value: unknown): string =>
  cleanText(typeof value === 'string' ? value : (JSON.stringify(value) ?? 'nothing')).slice(
    0,
    LONGEST_SAID
  )

/** What is wrong with a listing, in one sentence that names its place. */
function faultIn(row: number, data: unknown, { issues }: z.ZodError): Issue {
  const [first] = issues
  const field = String(first?.path[0] ?? (first?.code === 'unrecognized_keys' ? first.keys[0] : ''))
  const value = field === '' ? data : (data as Record<string, unknown>)[field]
  const text = value === undefined ? '' : shown(value)
  if (field === 'price' || field === 'before')
    return issue('feed.price', [row, field], { row, text })
  if (first?.code === 'invalid_value')
    return issue('feed.choice', [row, field], {
      row,
      field,
      text,
      choices: first.values.map(String).join(', ')
    })
  if (field === 'until') return issue('feed.day', [row, field], { row, text })
  return issue('feed.field', [row, field], { row, field, text })
}

/** The tool a listing names, in a form it is sold in. */
function toolOf(
  row: number,
  { tool: named, power }: FeedListing,
  library: Library
): Result<string> {
  const tool = findTool(library, named)
  if (!tool || tool.madeBy !== undefined)
    return refused(issue('feed.tool', [row, 'tool'], { row, text: named.slice(0, LONGEST_SAID) }))
  const powers = tool.forms.map((form) => form.power)
  return powers.includes(power)
    ? ok(tool.id)
    : refused(
        issue('feed.choice', [row, 'power'], {
          row,
          field: 'power',
          text: power,
          choices: powers.join(', ')
        })
      )
}

/** A decimal amount of a feed: a point always parts the cents, so that `59.905` is never read as thousands. */
function amountOf(text: string, currency: string): Result<Minor> {
  const [whole = '', fraction = ''] = text.split('.')
  const exponent = exponentOf(currency)
  return fraction.length > exponent
    ? refused(issue('feed.price'))
    : checkAmount(Number(`${whole}${fraction.padEnd(exponent, '0')}`))
}

/** One listing with its tool found and its amounts read. */
function listingOf({ row, data }: Raw, { library, currency }: FeedWanted): Result<Listing> {
  const read = feedListing.safeParse(data)
  if (!read.success) return refused(faultIn(row, data, read.error))
  const { price, before, note, stock, until, specs, ...rest } = read.data
  const tool = toolOf(row, read.data, library)
  if (!tool.ok) return tool
  const [amount, was] = [price, before ?? price].map((text) => amountOf(text, currency))
  if (!amount?.ok || !was?.ok)
    return refused(issue('feed.price', [row, 'price'], { row, text: `${price}` }))
  const optional = { until, stock, specs, note }
  return ok({
    ...rest,
    tool: tool.value,
    price: amount.value,
    ...(before === undefined ? {} : { before: was.value }),
    ...(Object.fromEntries(
      Object.entries(optional).filter(([, value]) => value !== undefined)
    ) as Partial<typeof optional>)
  })
}

/** The head of a feed and its listings, not read yet. */
export type Head = Omit<Feed, 'listings'>

export function readListings(
  head: Head,
  raws: readonly Raw[],
  wanted: FeedWanted
): Result<FeedReading> {
  const { currency, today } = wanted
  if (raws.length === 0) return refused(issue('feed.empty'))
  if (raws.length > MOST_LISTINGS)
    return refused(issue('feed.too-many', [], { rows: raws.length, limit: MOST_LISTINGS }))
  if (head.currency !== currency)
    return refused(
      issue('feed.currency', ['currency'], { found: head.currency, expected: currency })
    )
  if (head.date > today) return refused(issue('feed.future', ['date'], { date: head.date, today }))
  const known = new Set<string>()
  const problems: Issue[] = []
  const listings = raws.flatMap((raw): Listing[] => {
    const read = listingOf(raw, wanted)
    if (!read.ok) {
      problems.push(...read.issues)
      return []
    }
    const { id, stock, until } = read.value
    if (known.has(id)) {
      problems.push(
        issue('feed.twice', [raw.row, 'id'], { row: raw.row, text: id.slice(0, LONGEST_SAID) })
      )
      return []
    }
    known.add(id)
    // What is sold out, or whose price has ended, is no offer; nothing is wrong with it.
    return stock === 0 || (until !== undefined && until < head.date) ? [] : [read.value]
  })
  const days = daysBetween(head.date, today)
  return ok({
    feed: { ...head, listings },
    rows: raws.length,
    problems: [
      ...(days > OLD_DAYS ? [issue('feed.old', ['date'], { date: head.date, days })] : []),
      ...problems.slice(0, MOST_PROBLEMS),
      ...(problems.length > MOST_PROBLEMS
        ? [issue('file.more-problems', [], { more: problems.length - MOST_PROBLEMS })]
        : [])
    ]
  })
}

export const headFault = (data: Record<string, unknown>, { issues }: z.ZodError): Issue => {
  const field = String(issues[0]?.path[0] ?? 'head')
  return issue('feed.head', [field], {
    field,
    text: data[field] === undefined ? '' : shown(data[field])
  })
}

export const priced = (
  { price, before }: Listing,
  currency: string
): { price: string; before?: string } => ({
  price: decimal(price, currency),
  ...(before === undefined ? {} : { before: decimal(before, currency) })
})
