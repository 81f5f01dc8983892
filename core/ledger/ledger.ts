import type { Day } from '../calendar'
import { sumOf } from '../kernel'
import type { Minor } from '../money'

export const ENTRY_KINDS = [
  'opening', 'set-aside', 'one-off', 'sale', 'resale', 'refund', 'tool', 'companion', 'consumable', 'timber', 'fee', 'repair', 'other', 'reversal'
] as const
export type EntryKind = (typeof ENTRY_KINDS)[number]

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
}

/** What is in the purse at the end of a day. */
export const balanceOn = (ledger: readonly LedgerEntry[], day: Day): Minor => sumOf(ledger, (entry) => (entry.date <= day ? entry.amount : 0))

/** The entry that takes another back: same date and amount with the sign turned, so that every day's balance is as before. */
export const reversalOf = (entry: LedgerEntry, id: string): LedgerEntry => ({
  id,
  date: entry.date,
  kind: 'reversal',
  amount: -entry.amount,
  text: entry.text,
  reverses: entry.id,
  ...(entry.planned === undefined ? {} : { planned: -entry.planned }),
  ...(entry.build === undefined ? {} : { build: entry.build })
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
 */
export function reconcile(current: readonly LedgerEntry[], target: readonly LedgerEntry[], newId: () => string): LedgerEntry[] {
  const content = (entry: LedgerEntry): string => JSON.stringify({ ...entry, id: undefined })
  const wanted = new Map<string, LedgerEntry[]>()
  for (const entry of standing(target)) wanted.set(content(entry), [...(wanted.get(content(entry)) ?? []), entry])
  const added: LedgerEntry[] = []
  for (const entry of standing(current)) {
    const match = wanted.get(content(entry))
    if (match && match.length > 0) match.pop()
    else added.push(reversalOf(entry, newId()))
  }
  for (const missing of [...wanted.values()].flat()) added.push({ ...missing, id: newId() })
  return [...current, ...added]
}
