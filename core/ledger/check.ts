import { issue, issueNamed, type Code, type Issue, type Path } from '../kernel'
import { COMES_IN, EITHER_WAY, type LedgerEntry } from './ledger'

/**
 * What a ledger must keep to, beyond the shape of its entries: what is taken back exists, once, with the same date and the opposite
 * amount; no more is refunded than was paid; tax and delivery are part of the amount; money goes the way its kind says.
 * Codes: `unknown.entry`, `ledger.reversed-twice`, `ledger.reversal-differs`, `ledger.reversal-kind`, `ledger.refund-too-large`,
 * `ledger.parts-too-large`, `ledger.wrong-way`.
 */
export function ledgerProblems(ledger: readonly LedgerEntry[], path: Path = ['ledger']): Issue[] {
  const found: Issue[] = []
  const entries = new Map(ledger.map((entry) => [entry.id, entry]))
  const reversed = new Set<string>()
  const standingRefunds = new Map<string, number>()
  const takenBack = new Set(ledger.flatMap(({ reverses }) => reverses ?? []))
  ledger.forEach((entry, i) => {
    const note = (code: Code, field: string, figures: Issue['figures'] = {}): void =>
      void found.push(issueNamed(code, [...path, i, field], { id: entry.id, ...figures }))
    const { reverses, refunds, kind, amount } = entry
    if ((kind === 'reversal') !== (reverses !== undefined)) note('ledger.reversal-kind', 'kind')
    if (reverses !== undefined) {
      const original = entries.get(reverses)
      if (!original) note('unknown.entry', 'reverses', { id: reverses })
      else if (
        original.reverses !== undefined ||
        original.amount !== -amount ||
        original.date !== entry.date
      )
        note('ledger.reversal-differs', 'reverses', { id: reverses })
      if (reversed.has(reverses)) note('ledger.reversed-twice', 'reverses', { id: reverses })
      reversed.add(reverses)
    } else if (!EITHER_WAY.has(kind) && (COMES_IN.has(kind) ? amount < 0 : amount > 0))
      note('ledger.wrong-way', 'amount', { kind })
    if (refunds !== undefined) {
      const original = entries.get(refunds)
      if (!original) note('unknown.entry', 'refunds', { id: refunds })
      else if (!takenBack.has(entry.id)) {
        const sum = (standingRefunds.get(refunds) ?? 0) + amount
        standingRefunds.set(refunds, sum)
        if (kind !== 'refund' || sum > Math.max(0, -original.amount))
          note('ledger.refund-too-large', 'refunds', {
            id: refunds,
            amount: sum,
            paid: Math.max(0, -original.amount)
          })
      }
    }
    if ((entry.tax ?? 0) + (entry.delivery ?? 0) > Math.abs(amount))
      note('ledger.parts-too-large', 'amount')
  })
  return found
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
  const ids = new Set(added.map(({ id }) => id))
  const found: Issue[] = []
  const said = new Set<string>()
  ledger.forEach(({ id }, i) => {
    if (i >= from && said.has(id)) found.push(twice(ledger, id, [...path, i, 'id']))
    if (ids.has(id)) said.add(id)
  })
  if (from === 0) return [...found, ...ledgerProblems(ledger, path)]
  const bearing = bearingOn(ledger, added)
  const places = ledger.flatMap(({ id }, i) => (i >= from || bearing.has(id) ? [i] : []))
  const some = places.flatMap((i) => ledger[i] ?? [])
  const problems = ledgerProblems(some, []).flatMap((one): Issue[] => {
    const place = places[Number(one.path[0])] ?? 0
    return place >= from ? [{ ...one, path: [...path, place, ...one.path.slice(1)] }] : []
  })
  return [...found, ...problems]
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
