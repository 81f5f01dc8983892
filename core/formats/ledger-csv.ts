import { CONDITIONS, type Condition } from '../catalogue'
import { checkDay, type Day } from '../calendar'
import { issueNamed, ok, refused, type Code, type Issue, type Result } from '../kernel'
import { COMES_IN, EITHER_WAY, ENTRY_KINDS, type EntryKind, type LedgerEntry } from '../ledger'
import { foreignCurrency, parseAmount, type Minor } from '../money'
import { SELLER_TYPES, type SellerType } from '../prices'
import { MOST } from './limits'
import { idIn } from './quotes-csv'
import {
  plainHeading,
  readRows,
  writeSheet,
  type Cells as Row,
  type SheetKind,
  type SheetReading
} from './sheet'
import { decimal } from './write'

const COLUMNS = [
  'date',
  'kind',
  'text',
  'in',
  'out',
  'currency',
  'planned',
  'tax',
  'delivery',
  'seller',
  'condition',
  'warranty until',
  'receipt',
  'tool',
  'offer',
  'item',
  'build',
  'answers',
  'refunds',
  'reverses',
  'piece',
  'order',
  'id'
] as const
type Column = (typeof COLUMNS)[number] | 'amount'
const HEADINGS: Readonly<Record<Column, readonly string[]>> = {
  date: ['date', 'day', 'on', 'booked'],
  kind: ['kind', 'what', 'type', 'category'],
  text: ['text', 'for', 'description', 'memo', 'name', 'payee'],
  in: ['in', 'money in', 'received', 'credit'],
  out: ['out', 'money out', 'paid', 'spent', 'debit'],
  amount: ['amount', 'value', 'sum'],
  currency: ['currency', 'cur'],
  planned: ['planned'],
  tax: ['tax', 'vat', 'of which tax'],
  delivery: ['delivery', 'shipping', 'of which delivery'],
  seller: ['seller', 'seller type'],
  condition: ['condition', 'state'],
  'warranty until': ['warranty until', 'warranty'],
  receipt: ['receipt'],
  tool: ['tool'],
  offer: ['offer'],
  item: ['item'],
  build: ['build'],
  answers: ['answers'],
  refunds: ['refunds'],
  reverses: ['reverses'],
  piece: ['piece'],
  order: ['order'],
  id: ['id']
}
const SHEET: SheetKind<Column> = {
  headings: HEADINGS,
  needed: [['date'], ['amount', 'in', 'out']],
  most: MOST.ledger,
  empty: 'ledger-csv.empty',
  tooMany: 'ledger-csv.too-many',
  noColumn: 'ledger-csv.no-column'
}

/** The ledger as CSV; read back, it gives the same entries. Amounts stand in a column for money in and one for money out, without sign. */
export const writeLedgerCsv = (ledger: readonly LedgerEntry[], currency: string): string =>
  writeSheet(
    COLUMNS,
    ledger.map((entry) => ({
      ...entry,
      in: entry.amount >= 0 ? decimal(entry.amount, currency) : '',
      out: entry.amount < 0 ? decimal(-entry.amount, currency) : '',
      currency,
      // A plan's figure goes the way its entry goes; a minus says otherwise.
      planned:
        entry.planned === undefined
          ? ''
          : Number(decimal(entry.amount < 0 ? -entry.planned : entry.planned, currency)),
      tax: entry.tax === undefined ? '' : decimal(entry.tax, currency),
      delivery: entry.delivery === undefined ? '' : decimal(entry.delivery, currency),
      'warranty until': entry.warrantyUntil ?? ''
    }))
  )

/**
 * Reads entries from CSV or pasted cells: a row for each, the first row headings. Needed are a date and an amount (`in` and `out`, or
 * one signed `amount`). Faulty rows are named and left out. A row in another currency is refused with its reason.
 * Codes: `ledger-csv.empty`, `ledger-csv.no-column`, `ledger-csv.too-many`, `ledger-csv.cell`, `ledger-csv.amount`, `ledger-csv.sign`, `ledger-csv.currency`, `ledger-csv.future`, `ledger-csv.choice`
 */
export function readLedgerCsv(
  text: string,
  defaults: { readonly currency: string; readonly today: Day; readonly newId: () => string }
): Result<SheetReading<LedgerEntry>> {
  return readRows(text, SHEET, (cells) => entryOf(cells, defaults))
}

/** Characters of an entry's text. */
const LONGEST_TEXT = 2000

type Cells = Row<Column>
type Defaults = { readonly currency: string; readonly today: Day; readonly newId: () => string }
const wrong = (
  { row, cell }: Cells,
  column: Column,
  code: Code,
  figures: Issue['figures'] = {}
): Result<never> =>
  refused(issueNamed(code, [row, column], { row, column, text: cell(column), ...figures }))

/** The amount of a row, in minor units with its sign. */
function amountOf(cells: Cells, { currency }: Defaults): Result<Minor> {
  const { cell } = cells
  const foreign = foreignCurrency(cell('currency'), currency)
  if (foreign !== undefined)
    return wrong(cells, 'currency', 'ledger-csv.currency', { found: foreign, expected: currency })
  const filled = (['in', 'out', 'amount'] as const).filter((column) => cell(column) !== '')
  const [column] = filled
  if (column === undefined || filled.length > 1)
    return wrong(cells, column ?? 'amount', 'ledger-csv.amount')
  const read = parseAmount(cell(column), currency)
  if (!read.ok)
    return read.issues[0]?.code === 'money.other-currency'
      ? wrong(cells, column, 'ledger-csv.currency', read.issues[0].figures)
      : wrong(cells, column, 'ledger-csv.amount')
  // "-5" under money out may mean five out, or five come back: it is asked about.
  if (column !== 'amount' && read.value < 0) return wrong(cells, column, 'ledger-csv.sign')
  return ok(column === 'out' && read.value !== 0 ? -read.value : read.value)
}

function choice<T extends string>(
  cells: Cells,
  column: Column,
  list: readonly T[]
): Result<T | undefined> {
  const text = plainHeading(cells.cell(column)).replace(/ /g, '-')
  const one = list.find((candidate) => candidate === text)
  return text === ''
    ? ok(undefined)
    : one === undefined
      ? wrong(cells, column, 'ledger-csv.choice', { choices: list.join(', ') })
      : ok(one)
}
function day(cells: Cells, column: Column): Result<Day | undefined> {
  const text = cells.cell(column)
  return text === ''
    ? ok(undefined)
    : checkDay(text).ok
      ? ok(text)
      : wrong(cells, column, 'ledger-csv.cell')
}
function money(cells: Cells, column: Column, currency: string): Result<Minor | undefined> {
  const text = cells.cell(column)
  const read = text === '' ? ok(undefined) : parseAmount(text, currency)
  return read.ok ? read : wrong(cells, column, 'ledger-csv.cell')
}

const REFERENCES = [
  'receipt',
  'tool',
  'offer',
  'item',
  'build',
  'answers',
  'refunds',
  'reverses',
  'piece',
  'order'
] as const
/** Ids a row refers to. */
const referencesOf = ({ cell }: Cells): Partial<Pick<LedgerEntry, (typeof REFERENCES)[number]>> =>
  Object.fromEntries(
    REFERENCES.flatMap((column) => {
      const id = idIn(cell(column))
      return id === undefined ? [] : [[column, id]]
    })
  )

/** What a receipt says besides the amount; a plan's figure goes the way its entry goes. */
function receiptOf(cells: Cells, amount: Minor, currency: string): Result<Partial<LedgerEntry>> {
  const seller: Result<SellerType | undefined> = choice(cells, 'seller', SELLER_TYPES)
  const condition: Result<Condition | undefined> = choice(cells, 'condition', CONDITIONS)
  const warrantyUntil = day(cells, 'warranty until')
  const planned = money(cells, 'planned', currency)
  const tax = money(cells, 'tax', currency)
  const delivery = money(cells, 'delivery', currency)
  const fields = { tax, delivery, seller, condition, warrantyUntil, planned }
  const bad = Object.values(fields).find((one) => !one.ok)
  if (bad && !bad.ok) return bad
  return ok(
    Object.fromEntries(
      Object.entries(fields).flatMap(([name, read]) => {
        if (!read.ok || read.value === undefined) return []
        const { value } = read
        return [[name, name === 'planned' && amount < 0 ? 0 - Number(value) : value]]
      })
    )
  )
}

/** The kind of an entry; of a row that does not say, what its way suggests. */
function kindOf(cells: Cells, amount: Minor): Result<EntryKind> {
  const said: Result<EntryKind | undefined> = choice(cells, 'kind', ENTRY_KINDS)
  if (!said.ok) return said
  const reverses = idIn(cells.cell('reverses')) !== undefined
  const kind = said.value ?? (reverses ? 'reversal' : amount >= 0 ? 'one-off' : 'other')
  // Bank lists write what goes out with a minus; kinds that only bring money in cannot.
  return !EITHER_WAY.has(kind) && COMES_IN.has(kind) && amount < 0
    ? wrong(cells, 'kind', 'ledger-csv.way')
    : ok(kind)
}

function entryOf(cells: Cells, defaults: Defaults): Result<LedgerEntry> {
  const { cell } = cells
  const date = day(cells, 'date')
  if (!date.ok) return date
  const amount = amountOf(cells, defaults)
  if (!amount.ok) return amount
  if (date.value === undefined) return wrong(cells, 'date', 'ledger-csv.cell')
  if (date.value > defaults.today) return wrong(cells, 'date', 'ledger-csv.future')
  const kind = kindOf(cells, amount.value)
  if (!kind.ok) return kind
  const receipt = receiptOf(cells, amount.value, defaults.currency)
  if (!receipt.ok) return receipt
  const text = cell('text')
  if (text.length > LONGEST_TEXT) return wrong(cells, 'text', 'ledger-csv.text', { text: '' })
  return ok({
    id: idIn(cell('id')) ?? defaults.newId(),
    date: date.value,
    kind: kind.value,
    amount: amount.value,
    text,
    ...receipt.value,
    ...referencesOf(cells)
  })
}
