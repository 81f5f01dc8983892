import Papa from 'papaparse'
import { CONDITIONS, POWERS, TIERS, type Condition, type Library, type Power, type Tier, type Tool } from '../catalogue'
import { checkDay, type Day } from '../calendar'
import { issue, ok, refused, type Issue, type Result } from '../kernel'
import { parseAmount } from '../money'
import { SELLER_TYPES, offerId, type Quote, type SellerType } from '../prices'
import { cleanText } from './schema-parts'

/** Prices as read: those in order, and what is wrong with the other rows, by row and column. */
export interface QuotesReading {
  readonly quotes: readonly Quote[]
  readonly problems: readonly Issue[]
  readonly rows: number
}

/** What a row that says nothing of it is taken for. */
export interface QuoteDefaults {
  readonly currency: string
  readonly tier: Tier
  readonly today: Day
  readonly newId: () => string
}

const COLUMNS = ['tool', 'price', 'date', 'seller', 'tier', 'condition', 'power', 'until', 'currency'] as const
type Column = (typeof COLUMNS)[number]
const HEADINGS: Readonly<Record<Column, readonly string[]>> = {
  tool: ['tool', 'item', 'name', 'article', 'what'],
  price: ['price', 'cost', 'amount', 'quote'],
  date: ['date', 'seen', 'day', 'quoted'],
  seller: ['seller', 'seller type', 'from', 'where', 'shop type'],
  tier: ['tier', 'quality', 'grade'],
  condition: ['condition', 'state'],
  power: ['power', 'power form', 'drive'],
  until: ['until', 'valid until', 'ends', 'expires'],
  currency: ['currency', 'cur']
}
const MOST_ROWS = 2000
/** Signs people write for a currency, where only one currency is usually meant by them. */
const SIGNS: Readonly<Record<string, readonly string[]>> = { '€': ['EUR'], '£': ['GBP'], '$': ['USD', 'CAD', 'AUD', 'NZD'], '¥': ['JPY', 'CNY'] }

const plain = (text: string): string => text.trim().toLowerCase().replace(/\s+/g, ' ')

/** A tool by its id, its name or another name people use. */
export function findTool(library: Library, text: string): Tool | undefined {
  const wanted = plain(text)
  const tools = [...library.tools.values()]
  return tools.find(({ id }) => id === wanted) ?? tools.find(({ name }) => plain(name) === wanted) ?? tools.find(({ name }) => plain(name.split(',')[0] ?? '') === wanted) ?? tools.find(({ aliases }) => aliases.some((alias) => plain(alias) === wanted))
}

const oneOf = <T extends string>(list: readonly T[], text: string): T | undefined => list.find((one) => one === plain(text).replace(/ /g, '-'))

/**
 * Reads prices from a CSV file or from pasted cells: a row for each, the first row headings. Each faulty row is named and left out, the
 * others are taken. A row in another currency than the workspace's is refused: amounts are never converted in silence.
 */
export function readQuotes(text: string, library: Library, defaults: QuoteDefaults): Result<QuotesReading> {
  const delimiter = text.includes('\t') ? '\t' : (text.split('\n', 1)[0] ?? '').includes(';') ? ';' : ''
  const { data } = Papa.parse<string[]>(text.replace(/^\ufeff/, ''), { delimiter, skipEmptyLines: false, delimitersToGuess: [',', ';', '|'] })
  const all = data.map((cells, i) => ({ row: i + 1, cells: cells.map((cell) => cleanText(cell).trim()) })).filter(({ cells }) => cells.some((cell) => cell !== ''))
  const [head, ...rows] = all
  if (!head || rows.length === 0) return refused(issue('quotes.empty'))
  if (rows.length > MOST_ROWS) return refused(issue('quotes.too-many', [], { rows: rows.length, limit: MOST_ROWS }))
  const at = new Map(COLUMNS.flatMap((column) => {
    const index = head.cells.findIndex((cell) => HEADINGS[column].includes(plain(cell)))
    return index < 0 ? [] : [[column, index] as const]
  }))
  const missing = (['tool', 'price'] as const).filter((column) => !at.has(column))
  if (missing.length > 0) return refused(...missing.map((column) => issue('quotes.no-column', [column], { column, found: head.cells.filter((cell) => cell !== '').join(', ') || 'none' })))
  const quotes: Quote[] = []
  const problems: Issue[] = []
  for (const { row, cells } of rows) {
    const read = rowOf(row, (column) => cells[at.get(column) ?? -1] ?? '', library, defaults)
    if (read.ok) quotes.push(read.value)
    else problems.push(...read.issues)
  }
  return ok({ quotes, problems, rows: rows.length })
}

function rowOf(row: number, cell: (column: Column) => string, library: Library, defaults: QuoteDefaults): Result<Quote> {
  const wrong = (column: Column, code: string, figures: Record<string, string | number> = {}): Result<never> => refused(issue(code, [row, column], { row, text: cell(column), ...figures }))
  const tool = findTool(library, cell('tool'))
  if (!tool) return wrong('tool', 'quotes.tool')
  if (tool.madeBy !== undefined) return wrong('tool', 'quotes.shop-made')
  const tier: Tier | undefined = cell('tier') === '' ? defaults.tier : oneOf(TIERS, cell('tier'))
  if (!tier) return wrong('tier', 'quotes.choice', { choices: TIERS.join(', ') })
  const condition: Condition | undefined = cell('condition') === '' ? 'new' : oneOf(CONDITIONS, cell('condition'))
  if (!condition) return wrong('condition', 'quotes.choice', { choices: CONDITIONS.join(', ') })
  const forms = tool.forms.map((form) => form.power)
  const power: Power | undefined = cell('power') === '' ? forms[0] : oneOf(POWERS.filter((one) => forms.includes(one)), cell('power'))
  if (!power) return wrong('power', 'quotes.choice', { choices: forms.join(', ') })
  const seller: SellerType | undefined = cell('seller') === '' ? 'other' : oneOf(SELLER_TYPES, cell('seller'))
  if (!seller) return wrong('seller', 'quotes.choice', { choices: SELLER_TYPES.join(', ') })
  const foreign = currencyOf(cell('currency'), cell('price'), defaults.currency)
  if (foreign !== undefined) return wrong('price', 'quotes.currency', { found: foreign, expected: defaults.currency })
  const price = parseAmount(cell('price').replace(/[a-z]{3}/gi, ''), defaults.currency)
  if (!price.ok) return wrong('price', 'quotes.price')
  if (price.value < 0) return wrong('price', 'quotes.negative')
  const date = cell('date') === '' ? defaults.today : cell('date')
  const until = cell('until')
  if (!checkDay(date).ok) return wrong('date', 'quotes.date')
  if (date > defaults.today) return wrong('date', 'quotes.future', { today: defaults.today })
  if (until !== '' && !checkDay(until).ok) return wrong('until', 'quotes.date')
  if (until !== '' && until < date) return wrong('until', 'quotes.until', { date })
  const offer = offerId({ tool: tool.id, tier, condition, acquisition: 'buy', power })
  return ok({ id: defaults.newId(), offer, date, price: price.value, seller, ...(until === '' ? {} : { until }) })
}

/** The currency a row is written in, where that is another one; undefined where it is the workspace's, or not said. */
function currencyOf(column: string, price: string, own: string): string | undefined {
  const word = (/\b[A-Z]{3}\b/.exec(column.toUpperCase()) ?? /(?<=\d\s*)[A-Z]{3}\b|\b[A-Z]{3}(?=\s*\d)/.exec(price.toUpperCase()))?.[0]
  if (word !== undefined) return word === own ? undefined : word
  const sign = [...`${column}${price}`].find((character) => SIGNS[character] !== undefined)
  return sign === undefined || SIGNS[sign]?.includes(own) ? undefined : sign
}
