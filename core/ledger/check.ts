import { issue, issueNamed, type Code, type Issue, type Path } from '../kernel'
import type { Minor } from '../money'
import { COMES_IN, EITHER_WAY, type LedgerEntry } from './ledger'

/**
 * What a ledger must keep to, beyond the shape of its entries: what is taken back exists, once, with the same date and the opposite
 * amount; no more is refunded than was paid; tax and delivery are part of the amount; money goes the way its kind says.
 * Codes: `unknown.entry`, `ledger.reversed-twice`, `ledger.reversal-differs`, `ledger.reversal-kind`, `ledger.refund-too-large`,
 * `ledger.parts-too-large`, `ledger.wrong-way`.
 */
export function ledgerProblems(ledger: readonly LedgerEntry[], path: Path = ['ledger']): Issue[] {
  const book: Book = {
    entries: new Map(ledger.map((entry) => [entry.id, entry])),
    takenBack: new Set(ledger.flatMap(({ reverses }) => reverses ?? [])),
    reversed: new Set(),
    refunded: new Map()
  }
  return ledger.flatMap((entry, i) =>
    [...reversalProblems(book, entry), ...refundProblems(book, entry), ...wayProblems(entry)].map(
      ({ code, field, figures }) =>
        issueNamed(code, [...path, i, field], { id: entry.id, ...figures })
    )
  )
}

/** What is known of a ledger while it is gone through: what was taken back so far, and how much refunded. */
interface Book {
  readonly entries: ReadonlyMap<string, LedgerEntry>
  readonly takenBack: ReadonlySet<string>
  readonly reversed: Set<string>
  readonly refunded: Map<string, Minor>
}
interface Wrong {
  readonly code: Code
  readonly field: keyof LedgerEntry
  readonly figures?: Issue['figures']
}

function reversalProblems({ entries, reversed }: Book, entry: LedgerEntry): Wrong[] {
  const { reverses, kind, amount, date } = entry
  const found: Wrong[] = []
  if ((kind === 'reversal') !== (reverses !== undefined))
    found.push({ code: 'ledger.reversal-kind', field: 'kind' })
  if (reverses === undefined) return found
  const [original, figures] = [entries.get(reverses), { id: reverses }]
  if (!original) found.push({ code: 'unknown.entry', field: 'reverses', figures })
  else if (original.reverses !== undefined || original.amount !== -amount || original.date !== date)
    found.push({ code: 'ledger.reversal-differs', field: 'reverses', figures })
  if (reversed.has(reverses))
    found.push({ code: 'ledger.reversed-twice', field: 'reverses', figures })
  reversed.add(reverses)
  return found
}

function refundProblems({ entries, takenBack, refunded }: Book, entry: LedgerEntry): Wrong[] {
  const { refunds, kind, amount } = entry
  if (refunds === undefined) return []
  const original = entries.get(refunds)
  if (!original) return [{ code: 'unknown.entry', field: 'refunds', figures: { id: refunds } }]
  if (takenBack.has(entry.id)) return []
  const sum = (refunded.get(refunds) ?? 0) + amount
  refunded.set(refunds, sum)
  const paid = Math.max(0, -original.amount)
  const figures = { id: refunds, amount: sum, paid }
  return kind !== 'refund' || sum > paid
    ? [{ code: 'ledger.refund-too-large', field: 'refunds', figures }]
    : []
}

/** Money goes the way its kind says, and tax and delivery are part of it. */
function wayProblems({ reverses, kind, amount, tax = 0, delivery = 0 }: LedgerEntry): Wrong[] {
  const wrongWay =
    reverses === undefined &&
    !EITHER_WAY.has(kind) &&
    (COMES_IN.has(kind) ? amount < 0 : amount > 0)
  return [
    ...(wrongWay
      ? [{ code: 'ledger.wrong-way' as const, field: 'amount' as const, figures: { kind } }]
      : []),
    ...(tax + delivery > Math.abs(amount)
      ? [{ code: 'ledger.parts-too-large' as const, field: 'amount' as const }]
      : [])
  ]
}

/**
 * What entries added to a ledger that was found right leave wrong with it. Only they are looked at, and what they bear on: what they
 * refer to, and what else refers to that. Otherwise as `ledgerProblems`.
 * @param from where the added entries begin
 */
export function addedLedgerProblems(
  ledger: readonly LedgerEntry[],
  from: number,
  path: Path = ['ledger']
): Issue[] {
  const added = ledger.slice(from)
  const found = repeatedIds(ledger, from, path)
  if (from === 0) return [...found, ...ledgerProblems(ledger, path)]
  const bearing = bearingOn(ledger, added)
  const places: number[] = []
  for (let i = bearing.size === 0 ? from : 0; i < ledger.length; i++)
    if (i >= from || bearing.has(ledger[i]?.id ?? '')) places.push(i)
  const some = places.flatMap((i) => ledger[i] ?? [])
  const problems = ledgerProblems(some, []).flatMap((one): Issue[] => {
    const place = places[Number(one.path[0])] ?? 0
    return place >= from ? [{ ...one, path: [...path, place, ...one.path.slice(1)] }] : []
  })
  return [...found, ...problems]
}
/** Ids of added entries that stand in the ledger already. A long ledger is gone through without anything being made for each entry. */
function repeatedIds(ledger: readonly LedgerEntry[], from: number, path: Path): Issue[] {
  const ids = new Set<string>()
  const found: Issue[] = []
  for (let i = from; i < ledger.length; i++) {
    const { id } = ledger[i] as LedgerEntry
    if (ids.has(id)) found.push(twice(ledger, id, [...path, i, 'id']))
    ids.add(id)
  }
  for (let i = 0; i < from; i++) {
    const { id } = ledger[i] as LedgerEntry
    if (!ids.has(id)) continue
    const at = ledger.findIndex((one, k) => k >= from && one.id === id)
    found.push(twice(ledger, id, [...path, at, 'id']))
  }
  return found
}
const twice = (ledger: readonly LedgerEntry[], id: string, path: Path): Issue =>
  issue('id.duplicate', path, { id, first: ledger.findIndex((one) => one.id === id) + 1 })

/** The entries some others refer to, those that refer to the same, and what takes these back. */
function bearingOn(
  ledger: readonly LedgerEntry[],
  added: readonly LedgerEntry[]
): ReadonlySet<string> {
  const bearing = new Set(added.flatMap(({ reverses, refunds }) => [reverses, refunds]))
  bearing.delete(undefined)
  if (bearing.size === 0) return new Set()
  for (let before = -1; before < bearing.size;) {
    before = bearing.size
    for (const { id, reverses, refunds } of ledger)
      if (
        (reverses !== undefined && bearing.has(reverses)) ||
        (refunds !== undefined && bearing.has(refunds))
      )
        bearing.add(id)
  }
  return bearing as Set<string>
}
