import {
  CONDITIONS,
  POWERS,
  TIERS,
  type Condition,
  type Library,
  type Power,
  type Tier,
  type Tool
} from '../catalogue'
import { checkDay, type Day } from '../calendar'
import { issueNamed, ok, refused, type Code, type Result } from '../kernel'
import { foreignCurrency, parseAmount, type Minor } from '../money'
import {
  QUOTE_SOURCES,
  SELLER_TYPES,
  offerId,
  typicalOffer,
  type Quote,
  type QuoteSource,
  type SellerType
} from '../prices'
import { MOST } from './limits'
import {
  plainHeading as plain,
  readRows,
  writeSheet,
  type Cells,
  type SheetKind,
  type SheetReading
} from './sheet'
import { decimal } from './write'

/** What a row that says nothing of it is taken for. */
export interface QuoteDefaults {
  readonly currency: string
  readonly tier: Tier
  readonly today: Day
  readonly newId: () => string
  /** Offers and bundles of the user's own, which a row may name by their id. */
  readonly offers?: ReadonlySet<string> | undefined
}

const COLUMNS = [
  'tool',
  'price',
  'date',
  'seller',
  'tier',
  'condition',
  'power',
  'until',
  'currency',
  'offer',
  'source',
  'aside',
  'id'
] as const
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
  currency: ['currency', 'cur'],
  offer: ['offer'],
  source: ['source'],
  aside: ['aside', 'set aside'],
  id: ['id']
}
const SHEET: SheetKind<Column> = {
  headings: HEADINGS,
  needed: [['tool'], ['price']],
  most: MOST.quotes,
  empty: 'quotes.empty',
  tooMany: 'quotes.too-many',
  noColumn: 'quotes.no-column'
}

/** A tool by its id, its name or another name people use. */
export function findTool(library: Library, text: string): Tool | undefined {
  const wanted = plain(text)
  const tools = [...library.tools.values()]
  return (
    tools.find(({ id }) => id === wanted) ??
    tools.find(({ name }) => plain(name) === wanted) ??
    tools.find(({ name }) => plain(name.split(',')[0] ?? '') === wanted) ??
    tools.find(({ aliases }) => aliases.some((alias) => plain(alias) === wanted))
  )
}

const oneOf = <T extends string>(list: readonly T[], text: string): T | undefined =>
  list.find((one) => one === plain(text).replace(/ /g, '-'))

/**
 * Reads prices from a CSV file or from pasted cells: a row for each, the first row headings. Each faulty row is named and left out, the
 * others are taken. A row in another currency than the workspace's is refused: amounts are never converted in silence.
 */
export function readQuotes(
  text: string,
  library: Library,
  defaults: QuoteDefaults
): Result<SheetReading<Quote>> {
  return readRows(text, SHEET, (cells) => rowOf(cells, library, defaults))
}

type Wrong = (
  column: Column,
  code: Code,
  figures?: Record<string, string | number>
) => Result<never>

/** An id a file brings along, where it is one. */
export const idIn = (text: string): string | undefined =>
  /^[A-Za-z0-9][A-Za-z0-9/_.@ +*-]{0,119}$/.test(text) ? text : undefined

function offerOf(
  cell: (column: Column) => string,
  wrong: Wrong,
  tool: Tool,
  defaults: QuoteDefaults
): Result<string> {
  if (tool.madeBy !== undefined) return wrong('tool', 'quotes.shop-made')
  const tier: Tier | undefined = cell('tier') === '' ? defaults.tier : oneOf(TIERS, cell('tier'))
  if (!tier) return wrong('tier', 'quotes.choice', { choices: TIERS.join(', ') })
  const condition: Condition | undefined =
    cell('condition') === '' ? 'new' : oneOf(CONDITIONS, cell('condition'))
  if (!condition) return wrong('condition', 'quotes.choice', { choices: CONDITIONS.join(', ') })
  const forms = tool.forms.map((form) => form.power)
  const power: Power | undefined =
    cell('power') === ''
      ? forms[0]
      : oneOf(
          POWERS.filter((one) => forms.includes(one)),
          cell('power')
        )
  if (!power) return wrong('power', 'quotes.choice', { choices: forms.join(', ') })
  return ok(offerId({ tool: tool.id, tier, condition, acquisition: 'buy', power }))
}

/** What a row says was asked; amounts in another currency are refused, never converted. */
function priceOf(cell: (column: Column) => string, wrong: Wrong, currency: string): Result<Minor> {
  const foreign = foreignCurrency(`${cell('currency')} ${cell('price')}`, currency)
  if (foreign !== undefined)
    return wrong('price', 'quotes.currency', { found: foreign, expected: currency })
  const price = parseAmount(cell('price').replace(/[a-z]{3}/gi, ''), currency)
  if (!price.ok) return wrong('price', 'quotes.price')
  return price.value < 0 ? wrong('price', 'quotes.negative') : price
}
/** When a row's price was seen, and how long it holds. */
function daysOf(
  cell: (column: Column) => string,
  wrong: Wrong,
  today: Day
): Result<Pick<Quote, 'date' | 'until'>> {
  const date = cell('date') === '' ? today : cell('date')
  const until = cell('until')
  if (!checkDay(date).ok) return wrong('date', 'quotes.date')
  if (date > today) return wrong('date', 'quotes.future', { today })
  if (until === '') return ok({ date })
  if (!checkDay(until).ok) return wrong('until', 'quotes.date')
  return until < date ? wrong('until', 'quotes.until', { date }) : ok({ date, until })
}

function rowOf(
  { row, cell }: Cells<Column>,
  library: Library,
  defaults: QuoteDefaults
): Result<Quote> {
  const wrong: Wrong = (column, code, figures = {}) =>
    refused(issueNamed(code, [row, column], { row, text: cell(column), ...figures }))
  const named = cell('offer')
  const known = named !== '' && defaults.offers?.has(named) === true
  const tool = known ? undefined : findTool(library, cell('tool'))
  if (!tool && !known) return wrong('tool', 'quotes.tool')
  const seller: SellerType | undefined =
    cell('seller') === '' ? 'other' : oneOf(SELLER_TYPES, cell('seller'))
  if (!seller) return wrong('seller', 'quotes.choice', { choices: SELLER_TYPES.join(', ') })
  const offer = tool ? offerOf(cell, wrong, tool, defaults) : ok(named)
  if (!offer.ok) return offer
  const price = priceOf(cell, wrong, defaults.currency)
  if (!price.ok) return price
  const days = daysOf(cell, wrong, defaults.today)
  if (!days.ok) return days
  const source: QuoteSource | undefined = oneOf(QUOTE_SOURCES, cell('source'))
  return ok({
    id: idIn(cell('id')) ?? defaults.newId(),
    offer: offer.value,
    price: price.value,
    seller,
    ...days.value,
    ...(source ? { source } : {}),
    ...(plain(cell('aside')) === 'yes' ? { aside: true } : {})
  })
}

/** Prices as CSV; read back, it gives the same prices. A typical offer is spelt out, an own one named by its id. */
export const writeQuotes = (quotes: readonly Quote[], library: Library, currency: string): string =>
  writeSheet(
    COLUMNS,
    quotes.map(({ id, offer, date, price, seller, until, source, aside }) => {
      const typical = typicalOffer(library, offer)
      return {
        tool: typical?.tool ?? '',
        price: decimal(price, currency),
        date,
        seller,
        tier: typical?.tier ?? '',
        condition: typical?.condition ?? '',
        power: typical?.power ?? '',
        until: until ?? '',
        currency,
        offer: typical ? '' : offer,
        source: source ?? '',
        aside: aside ? 'yes' : '',
        id
      }
    })
  )
