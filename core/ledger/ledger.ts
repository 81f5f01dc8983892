import type { Day } from '../calendar'
import type { Condition } from '../catalogue'
import { sumOf } from '../kernel'
import type { Minor } from '../money'
import type { SellerType } from '../prices'

export const ENTRY_KINDS = [
  'opening',
  'set-aside',
  'one-off',
  'sale',
  'deposit',
  'resale',
  'refund',
  'tool',
  'companion',
  'consumable',
  'timber',
  'fee',
  'given-back',
  'repair',
  'other',
  'reversal'
] as const
export type EntryKind = (typeof ENTRY_KINDS)[number]

/** Kinds that bring money in; the others take it out. */
export const COMES_IN: ReadonlySet<EntryKind> = new Set([
  'opening',
  'set-aside',
  'one-off',
  'sale',
  'deposit',
  'resale',
  'refund'
])
/** Kinds that may go either way: a purse that starts in debt, a deposit that comes and is set against the price or goes back, an expense that comes once, a reversal. */
export const EITHER_WAY: ReadonlySet<EntryKind> = new Set([
  'opening',
  'deposit',
  'one-off',
  'other',
  'reversal'
])

/** Money that really moved: in is positive, out is negative. Entries are added, never changed. */
export interface LedgerEntry {
  readonly id: string
  readonly date: Day
  readonly kind: EntryKind
  readonly amount: Minor
  readonly text: string
  /** What the plan had assumed, for plan against actual; same sign as `amount`. */
  readonly planned?: Minor | undefined
  readonly offer?: string | undefined
  /** The item this purchase put into the kit. */
  readonly item?: string | undefined
  readonly build?: string | undefined
  /** The expected receipt this answers: `income/2026-05-01` or `one-off/<id>`. */
  readonly answers?: string | undefined
  /** The entry this one takes back. */
  readonly reverses?: string | undefined
  /** The kind of tool it was paid for, where no offer says so. */
  readonly tool?: string | undefined
  /** Lines of one receipt share this. */
  readonly receipt?: string | undefined
  /** Tax contained in the amount, minor units without sign. */
  readonly tax?: Minor | undefined
  /** Delivery contained in the amount, minor units without sign. */
  readonly delivery?: Minor | undefined
  readonly seller?: SellerType | undefined
  readonly condition?: Condition | undefined
  /** The last day of the warranty. */
  readonly warrantyUntil?: Day | undefined
  /** The purchase this brings money back for. */
  readonly refunds?: string | undefined
  /** The piece whose sale it belongs to, or the customer's order. */
  readonly piece?: string | undefined
  readonly order?: string | undefined
}

/** What is in the purse at the end of a day. */
export const balanceOn = (ledger: readonly LedgerEntry[], day: Day): Minor =>
  sumOf(ledger, (entry) => (entry.date <= day ? entry.amount : 0))

/** The balance at the end of `from` and of every later day before `until` on which something moved, in order. */
export function pastBalances(
  ledger: readonly LedgerEntry[],
  from: Day,
  until: Day
): { readonly date: Day; readonly balance: Minor }[] {
  const moved = ledger.map(({ date }) => date).filter((date) => date > from && date < until)
  return [...new Set([from, ...moved])]
    .sort()
    .map((date) => ({ date, balance: balanceOn(ledger, date) }))
}

/** The entry that takes another back: same date and amount with the sign turned, so that every day's balance is as before. */
export const reversalOf = (entry: LedgerEntry, id: string): LedgerEntry => ({
  id,
  date: entry.date,
  kind: 'reversal',
  amount: -entry.amount,
  text: entry.text,
  reverses: entry.id,
  ...(entry.planned === undefined ? {} : { planned: -entry.planned }),
  ...(entry.build === undefined ? {} : { build: entry.build }),
  ...(entry.tool === undefined ? {} : { tool: entry.tool }),
  ...(entry.piece === undefined ? {} : { piece: entry.piece }),
  ...(entry.order === undefined ? {} : { order: entry.order })
})

/** The entries that still count: neither reversed nor reversals. */
export function standing(ledger: readonly LedgerEntry[]): LedgerEntry[] {
  const reversed = new Set(ledger.flatMap((entry) => entry.reverses ?? []))
  return ledger.filter((entry) => entry.reverses === undefined && !reversed.has(entry.id))
}

/**
 * Brings a ledger to the standing entries of another without taking a line out: what stands too much is reversed, what is
 * missing is entered again. Used by undo and redo.
 * @param newId makes an id for each entry that is added
 * @param entered hears under which id an entry was entered again
 */
export function reconcile(
  current: readonly LedgerEntry[],
  target: readonly LedgerEntry[],
  newId: () => string,
  entered: (from: string, to: string) => void = () => undefined
): LedgerEntry[] {
  if (current === target) return [...current]
  // Most entries are the same objects in both; only the others are compared by what they say.
  const [here, there] = [new Set(standing(current)), new Set(standing(target))]
  const content = (entry: LedgerEntry): string => JSON.stringify({ ...entry, id: undefined })
  const wanted = new Map<string, LedgerEntry[]>()
  for (const entry of there)
    if (!here.has(entry)) wanted.set(content(entry), [...(wanted.get(content(entry)) ?? []), entry])
  const added: LedgerEntry[] = []
  for (const entry of here) {
    if (there.has(entry)) continue
    const match = wanted.get(content(entry))
    if (match && match.length > 0) match.pop()
    else added.push(reversalOf(entry, newId()))
  }
  const ids = new Map<string, string>()
  for (const missing of [...wanted.values()].flat()) {
    const id = newId()
    ids.set(missing.id, id)
    entered(missing.id, id)
    added.push({ ...missing, id })
  }
  // A refund that is entered again belongs to the purchase as it is entered again.
  const linked = added.map((entry) =>
    entry.refunds !== undefined && ids.has(entry.refunds)
      ? { ...entry, refunds: ids.get(entry.refunds) }
      : entry
  )
  return [...current, ...linked]
}

/** How many entries two ledgers begin with in common, as the same objects. */
export function commonStart(a: readonly unknown[], b: readonly unknown[]): number {
  const most = Math.min(a.length, b.length)
  for (let i = 0; i < most; i++) if (a[i] !== b[i]) return i
  return most
}

/** The expected receipts that entries which still stand answer. */
export function answeredBy(ledger: readonly LedgerEntry[]): Set<string> {
  const answers = ledger.filter((entry) => entry.answers !== undefined)
  if (answers.length === 0) return new Set()
  const reversed = new Set<string>()
  for (const { reverses } of ledger) if (reverses !== undefined) reversed.add(reverses)
  return new Set(
    answers.flatMap(({ id, answers: key, reverses }) =>
      key === undefined || reverses !== undefined || reversed.has(id) ? [] : [key]
    )
  )
}
