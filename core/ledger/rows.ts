import { byDate, type Day } from '../calendar'
import { sumOf } from '../kernel'
import type { Minor } from '../money'
import { commonStart, type EntryKind, type LedgerEntry } from './ledger'

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

/**
 * Entries by date with the balance after each, newest first.
 * @param before rows of a ledger that this one may have grown from; where only later entries were added, they alone are worked out
 */
export function ledgerRows(
  entries: readonly LedgerEntry[],
  before?: { readonly entries: readonly LedgerEntry[]; readonly rows: readonly LedgerRow[] }
): readonly LedgerRow[] {
  if (
    before &&
    before.rows.length > 0 &&
    commonStart(before.entries, entries) === before.entries.length
  ) {
    const added = entries.slice(before.entries.length)
    const [newest] = before.rows
    if (
      newest &&
      added.every(
        ({ date, reverses }, i) =>
          reverses === undefined && date >= (added[i - 1]?.date ?? newest.entry.date)
      )
    ) {
      let { balance } = newest
      return [
        ...added
          .map((entry): LedgerRow => ({
            entry,
            balance: (balance += entry.amount),
            reversed: false,
            takesBack: undefined,
            words: `${entry.text} `.toLowerCase()
          }))
          .reverse(),
        ...before.rows
      ]
    }
  }
  const reversed = new Set<string>()
  for (const { reverses } of entries) if (reverses !== undefined) reversed.add(reverses)
  const texts = new Map<string, string>()
  if (reversed.size > 0)
    for (const { id, text } of entries) if (reversed.has(id)) texts.set(id, text)
  // Sorting keeps the order of entry within a day.
  const inOrder = [...entries].sort(byDate)
  let balance = 0
  return inOrder
    .map((entry): LedgerRow => {
      const takesBack = entry.reverses === undefined ? undefined : (texts.get(entry.reverses) ?? '')
      return {
        entry,
        balance: (balance += entry.amount),
        reversed: reversed.has(entry.id),
        takesBack,
        words: `${entry.text} ${takesBack ?? ''}`.toLowerCase()
      }
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
  const words = filter.text
    .toLowerCase()
    .split(/\s+/)
    .filter((word) => word !== '')
  const kinds = new Set(filter.kinds)
  const { from, to } = filter
  if (
    words.length === 0 &&
    kinds.size === 0 &&
    from === undefined &&
    to === undefined &&
    !filter.standing
  )
    return rows
  return rows.filter(
    ({ entry, reversed, takesBack, words: text }) =>
      (kinds.size === 0 || kinds.has(entry.kind)) &&
      (from === undefined || entry.date >= from) &&
      (to === undefined || entry.date <= to) &&
      (!filter.standing || (!reversed && takesBack === undefined)) &&
      words.every((word) => text.includes(word))
  )
}

export type SortBy = 'date' | 'kind' | 'text' | 'planned' | 'amount'

/** Rows in another order; equal ones stay as they stood. `down` is from large to small, from late to early, from z to a. */
export function sortRows(
  rows: readonly LedgerRow[],
  by: SortBy,
  down: boolean
): readonly LedgerRow[] {
  const sign = down ? -1 : 1
  // Rows come newest first, with the balance running; that order is kept as it is.
  if (by === 'date') return down ? rows : [...rows].reverse()
  const figure = ({ entry }: LedgerRow): number | string =>
    by === 'amount'
      ? entry.amount
      : by === 'planned'
        ? (entry.planned ?? 0)
        : by === 'kind'
          ? entry.kind
          : entry.text.toLowerCase()
  return rows
    .map((row) => ({ row, at: figure(row) }))
    .sort((a, b) => (a.at < b.at ? -sign : a.at > b.at ? sign : 0))
    .map(({ row }) => row)
}

/**
 * A line of balances with fewer points that looks the same: of each stretch the first, the lowest, the highest and the last stay.
 * @param most points wanted at the most; a shorter line stays as it is
 */
export function thinned<T extends { readonly balance: Minor }>(
  points: readonly T[],
  most: number
): readonly T[] {
  if (points.length <= most) return points
  const each = Math.ceil((points.length * 4) / most)
  const kept: T[] = []
  for (let from = 0; from < points.length; from += each) {
    const stretch = points.slice(from, from + each)
    const [first] = stretch
    if (!first) break
    let [low, high] = [first, first]
    for (const one of stretch) {
      if (one.balance < low.balance) low = one
      if (one.balance > high.balance) high = one
    }
    const wanted = new Set([first, low, high, stretch.at(-1)])
    kept.push(...stretch.filter((one) => wanted.has(one)))
  }
  return kept
}

/** What the rows come to, one with another. */
export const movedIn = (rows: readonly LedgerRow[]): Minor =>
  sumOf(rows, ({ entry }) => entry.amount)

/** What stands of a ledger, added up. */
export interface LedgerSums {
  readonly inn: Minor
  readonly out: Minor
  /** Entries that a plan had a figure for: what was paid for them, and that figure. Undefined where there are none. */
  readonly against: { readonly paid: Minor; readonly planned: Minor } | undefined
}

/** Sums over what was neither taken back nor takes back; in one pass, since a long ledger is gone through at every entry. */
export function ledgerSums(rows: readonly LedgerRow[]): LedgerSums {
  let [inn, out, compared, paid, planned] = [0, 0, 0, 0, 0]
  for (const { entry, reversed, takesBack } of rows) {
    if (reversed || takesBack !== undefined) continue
    if (entry.amount > 0) inn += entry.amount
    else out -= entry.amount
    if (entry.planned === undefined) continue
    compared += 1
    paid -= entry.amount
    planned -= entry.planned
  }
  return { inn, out, against: compared > 0 ? { paid, planned } : undefined }
}

/** The balance at the end of each day on which something moved, the earliest first. @param rows newest first */
export function dailyBalances(
  rows: readonly LedgerRow[]
): { readonly date: Day; readonly balance: Minor }[] {
  const byDay = new Map<Day, Minor>()
  for (let i = rows.length - 1; i >= 0; i--) {
    const row = rows[i]
    if (row) byDay.set(row.entry.date, row.balance)
  }
  return [...byDay].map(([date, balance]) => ({ date, balance }))
}
