import type { EntryKind, LedgerEntry } from '../ledger'
import { exponentOf } from '../money'
import type { Workspace } from '../workspace'
import { decimal } from './write'

/** The purse, as plain-text accounting calls it. */
const PURSE = 'assets:purse'
/** Where the money of each kind comes from or goes to. */
const ACCOUNTS: Readonly<Record<Exclude<EntryKind, 'reversal'>, string>> = {
  opening: 'equity:opening',
  'set-aside': 'income:set aside',
  'one-off': 'income:one-off',
  sale: 'income:pieces sold',
  resale: 'income:tools sold',
  refund: 'expenses:tools',
  tool: 'expenses:tools',
  companion: 'expenses:companions',
  consumable: 'expenses:consumables',
  timber: 'expenses:timber',
  fee: 'expenses:fees',
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

/** The account an entry stands against; a reversal against that of what it takes back, a refund against that of the purchase. */
function accountOf(entry: LedgerEntry, entries: ReadonlyMap<string, LedgerEntry>): string {
  const original = entries.get(entry.reverses ?? entry.refunds ?? '')
  if (original && original !== entry) return accountOf(original, entries)
  return entry.kind === 'reversal' ? 'expenses:other' : ACCOUNTS[entry.kind]
}

/**
 * The ledger as a plain-text accounting journal (double entry): each entry is a transaction between the purse and an account of its
 * kind, in order of date; its id and what else is known stand as tags. Balances come out to the cent.
 */
export function writeJournal(workspace: Pick<Workspace, 'name' | 'ledger' | 'money'>): string {
  const { currency } = workspace.money
  const exponent = exponentOf(currency)
  const entries = new Map(workspace.ledger.map((entry) => [entry.id, entry]))
  const inOrder = workspace.ledger
    .map((entry, i) => ({ entry, i }))
    .sort((a, b) =>
      a.entry.date < b.entry.date ? -1 : a.entry.date > b.entry.date ? 1 : a.i - b.i
    )
  const head = [
    `; ${safe(workspace.name)}`,
    'decimal-mark .',
    `commodity 1000.${'0'.repeat(exponent)} ${currency}`,
    ''
  ]
  const transactions = inOrder.map(({ entry }) => {
    const {
      id,
      date,
      kind,
      amount,
      text,
      seller,
      receipt,
      warrantyUntil,
      reverses,
      refunds,
      tax,
      delivery
    } = entry
    const tags = `id:${id}, kind:${kind}${tag('seller', seller)}${tag('receipt', receipt)}${tag('warranty', warrantyUntil)}${tag('reverses', reverses)}${tag('refunds', refunds)}${tax === undefined ? '' : tag('tax', decimal(tax, currency))}${delivery === undefined ? '' : tag('delivery', decimal(delivery, currency))}`
    return [
      `${date} * ${safe(text) || kind}  ; ${tags}`,
      `    ${accountOf(entry, entries)}  ${decimal(-amount || 0, currency)} ${currency}`,
      `    ${PURSE}  ${decimal(amount, currency)} ${currency}`,
      ''
    ].join('\n')
  })
  return `${[...head, ...transactions].join('\n')}`
}
