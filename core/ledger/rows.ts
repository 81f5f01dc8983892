import type { Day } from '../calendar'
import type { Minor } from '../money'
import type { EntryKind, LedgerEntry } from './ledger'

/** An entry as a table shows it. */
export interface LedgerRow {
  readonly entry: LedgerEntry
  /** Balance after it, in order of date and then of entry. */
  readonly balance: Minor
  /** Taken back by a later entry. */
  readonly reversed: boolean
  /** The text of the entry it takes back. */
  readonly takesBack: string | undefined
  /** What is searched for words, in lower case. */
  readonly words: string
}

/** Entries by date with the balance after each, newest first. */
export function ledgerRows(entries: readonly LedgerEntry[]): LedgerRow[] {
  const texts = new Map(entries.map((entry) => [entry.id, entry.text]))
  const reversed = new Set(entries.flatMap(({ reverses }) => reverses ?? []))
  const inOrder = entries.map((entry, index) => ({ entry, index })).sort((a, b) => (a.entry.date < b.entry.date ? -1 : a.entry.date > b.entry.date ? 1 : a.index - b.index))
  let balance = 0
  return inOrder
    .map(({ entry }): LedgerRow => {
      const takesBack = entry.reverses === undefined ? undefined : (texts.get(entry.reverses) ?? '')
      return { entry, balance: (balance += entry.amount), reversed: reversed.has(entry.id), takesBack, words: `${entry.text} ${takesBack ?? ''}`.toLowerCase() }
    })
    .reverse()
}

export interface LedgerFilter {
  /** Every word must occur in the text. */
  readonly text: string
  /** Any kind when empty. */
  readonly kinds: readonly EntryKind[]
  readonly from?: Day | undefined
  readonly to?: Day | undefined
  /** Without what was taken back and what takes it back. */
  readonly standing: boolean
}
export const NO_FILTER: LedgerFilter = { text: '', kinds: [], standing: false }

export function filterRows(rows: readonly LedgerRow[], filter: LedgerFilter): readonly LedgerRow[] {
  const words = filter.text.toLowerCase().split(/\s+/).filter((word) => word !== '')
  const kinds = new Set(filter.kinds)
  const { from, to } = filter
  if (words.length === 0 && kinds.size === 0 && from === undefined && to === undefined && !filter.standing) return rows
  return rows.filter(
    ({ entry, reversed, takesBack, words: text }) =>
      (kinds.size === 0 || kinds.has(entry.kind)) && (from === undefined || entry.date >= from) && (to === undefined || entry.date <= to) &&
      (!filter.standing || (!reversed && takesBack === undefined)) && words.every((word) => text.includes(word))
  )
}

export type SortBy = 'date' | 'kind' | 'text' | 'planned' | 'amount'

/** Rows in another order; equal ones stay as they stood. `down` is from large to small, from late to early, from z to a. */
export function sortRows(rows: readonly LedgerRow[], by: SortBy, down: boolean): readonly LedgerRow[] {
  const sign = down ? -1 : 1
  // Rows come newest first, with the balance running; that order is kept as it is.
  if (by === 'date') return down ? rows : [...rows].reverse()
  const figure = ({ entry }: LedgerRow): number | string => (by === 'amount' ? entry.amount : by === 'planned' ? (entry.planned ?? 0) : by === 'kind' ? entry.kind : entry.text.toLowerCase())
  return rows.map((row) => ({ row, at: figure(row) })).sort((a, b) => (a.at < b.at ? -sign : a.at > b.at ? sign : 0)).map(({ row }) => row)
}
