import type { Day } from '../calendar'
import type { EntryKind, LedgerEntry } from '../ledger'
import { exponentOf, type Minor } from '../money'
import { monthsThrough, stockMoves, type Move } from '../sidework'
import type { Workspace } from '../workspace'
import { decimal } from './write'

/** The purse, as plain-text accounting calls it. */
const PURSE = 'assets:purse'
/** What is sold and not paid yet, what lies in stock at what it cost, and deposits that belong to customers until they are delivered. */
const RECEIVABLE = 'assets:receivable'
const STOCK = 'assets:stock'
const DEPOSITS = 'liabilities:deposits'
/** Where the money of each kind comes from or goes to. */
const ACCOUNTS: Readonly<Record<Exclude<EntryKind, 'reversal'>, string>> = {
  opening: 'equity:opening',
  'set-aside': 'income:set aside',
  'one-off': 'income:one-off',
  sale: 'income:pieces sold',
  deposit: DEPOSITS,
  resale: 'income:tools sold',
  refund: 'expenses:tools',
  tool: 'expenses:tools',
  companion: 'expenses:companions',
  consumable: 'expenses:consumables',
  timber: 'expenses:timber',
  fee: 'expenses:fees',
  'given-back': 'income:given back',
  repair: 'expenses:repairs',
  other: 'expenses:other'
}

/** Text that cannot be taken for anything else in a journal: one line, no comment sign, no bar between payee and note. */
const safe = (text: string): string =>
  text
    .replace(/[;|\r\n\t]+/g, ' ')
    .replace(/\s+/g, ' ')
    .replace(/^[\s!*(]+/, '')
    .trim()
const tag = (name: string, value: string | undefined): string =>
  value === undefined ? '' : `, ${name}:${safe(value).replace(/,/g, ' ')}`

/** A transaction between two accounts: what goes into the second comes from the first. */
interface Transaction {
  readonly date: Day
  readonly text: string
  readonly tags: string
  readonly from: string
  readonly to: string
  readonly amount: Minor
}

/** What the account of an entry depends on besides the entry. */
interface Accounts {
  readonly entries: ReadonlyMap<string, LedgerEntry>
  /** Entries that pay for a sale which was earned before, in the stock's own transactions. */
  readonly earned: ReadonlySet<LedgerEntry>
}

/** The account an entry stands against; a reversal against that of what it takes back, a refund against that of the purchase. */
function accountOf(entry: LedgerEntry, accounts: Accounts): string {
  const original = accounts.entries.get(entry.reverses ?? entry.refunds ?? '')
  if (original && original !== entry) return accountOf(original, accounts)
  if (accounts.earned.has(entry)) return RECEIVABLE
  return entry.kind === 'reversal' ? 'expenses:other' : ACCOUNTS[entry.kind]
}

function ofEntry(entry: LedgerEntry, accounts: Accounts, currency: string): Transaction {
  const { id, date, kind, amount, text, tax, delivery } = entry
  const money = (name: string, part: Minor | undefined): string =>
    part === undefined ? '' : tag(name, decimal(part, currency))
  const tags = [
    `id:${id}, kind:${kind}`,
    tag('seller', entry.seller),
    tag('receipt', entry.receipt),
    tag('warranty', entry.warrantyUntil),
    tag('reverses', entry.reverses),
    tag('refunds', entry.refunds),
    tag('piece', entry.piece),
    tag('order', entry.order),
    money('tax', tax),
    money('delivery', delivery)
  ].join('')
  return { date, text: text || kind, tags, from: accountOf(entry, accounts), to: PURSE, amount }
}

/** Where each movement of the stock goes that is not money. */
const STOCK_ACCOUNTS: Partial<Readonly<Record<Move['kind'], readonly [from: string, to: string]>>> =
  {
    made: ['expenses:put into stock', STOCK],
    cost: [STOCK, 'expenses:pieces sold'],
    again: ['expenses:pieces sold', STOCK],
    gone: [STOCK, 'expenses:pieces not sold'],
    km: ['equity:own car', 'expenses:kilometres']
  }

/** What happens to pieces besides money: into the stock and out of it at cost, earned when they are sold though they are paid later. */
function ofStock(
  moves: readonly Move[],
  workspace: Pick<Workspace, 'pieces' | 'ledger' | 'money'>
): Transaction[] {
  const later = new Set(
    (workspace.pieces ?? []).flatMap(({ id, sold }) =>
      sold && sold.paid !== sold.date ? [id] : []
    )
  )
  return moves.flatMap(({ date, kind, piece, name, amount, standing }): Transaction[] => {
    const tags = `piece:${piece}, kind:${kind}`
    const ways = STOCK_ACCOUNTS[kind]
    if (ways) return [{ date, text: name, tags, from: ways[0], to: ways[1], amount }]
    if (!standing || !later.has(piece)) return []
    return [{ date, text: name, tags, from: ACCOUNTS.sale, to: RECEIVABLE, amount }]
  })
}
/** The room, month by month on its last day as far as the books go. */
function ofRoom(workspace: Pick<Workspace, 'pieces' | 'money'>, last: Day): Transaction[] {
  const { pieces = [], money } = workspace
  const amount = money.roomPerMonth ?? 0
  if (amount === 0 || pieces.length === 0) return []
  const first = pieces.reduce((day, { made }) => (made < day ? made : day), last)
  return monthsThrough(first, last).map((month) => ({
    date: `${month}-01`,
    text: 'Room',
    tags: 'kind:room',
    from: 'equity:own household',
    to: 'expenses:room',
    amount
  }))
}

/**
 * The ledger as a plain-text accounting journal (double entry): each entry is a transaction between the purse and an account of its
 * kind, in order of date; its id and what else is known stand as tags. Pieces for sale stand in the stock at what they cost until they are
 * sold, what is sold and not paid is receivable, deposits are owed. Balances come out to the cent.
 * @param asOf the room, where it has a price, counts up to this day; the day of the last entry when left out
 */
export function writeJournal(
  workspace: Pick<Workspace, 'name' | 'ledger' | 'money' | 'pieces'>,
  asOf?: Day
): string {
  const { currency } = workspace.money
  const exponent = exponentOf(currency)
  const reversed = new Set(workspace.ledger.flatMap(({ reverses }) => reverses ?? []))
  const later = new Set(
    (workspace.pieces ?? []).flatMap(({ sold }) =>
      sold?.paid !== undefined && sold.paid !== sold.date ? [sold.id] : []
    )
  )
  const accounts: Accounts = {
    entries: new Map(workspace.ledger.map((entry) => [entry.id, entry])),
    earned: new Set(
      workspace.ledger.filter(
        ({ id, kind, piece, receipt }) =>
          kind === 'sale' && piece !== undefined && later.has(receipt ?? '') && !reversed.has(id)
      )
    )
  }
  const last = workspace.ledger.reduce((day, { date }) => (date > day ? date : day), '')
  const all = [
    ...workspace.ledger.map((entry) => ofEntry(entry, accounts, currency)),
    ...ofStock(stockMoves(workspace), workspace),
    ...ofRoom(workspace, asOf ?? last)
  ]
  const head = [
    `; ${safe(workspace.name)}`,
    'decimal-mark .',
    `commodity 1000.${'0'.repeat(exponent)} ${currency}`,
    ''
  ]
  const transactions = all
    .map((one, i) => ({ one, i }))
    .sort((a, b) => (a.one.date < b.one.date ? -1 : a.one.date > b.one.date ? 1 : a.i - b.i))
    .map(({ one: { date, text, tags, from, to, amount } }) =>
      [
        `${date} * ${safe(text) || 'piece'}  ; ${tags}`,
        `    ${from}  ${decimal(-amount || 0, currency)} ${currency}`,
        `    ${to}  ${decimal(amount, currency)} ${currency}`,
        ''
      ].join('\n')
    )
  return `${[...head, ...transactions].join('\n')}`
}
