import type { Day } from '../calendar'
import { groupBy } from '../kernel'
import { standing, type LedgerEntry } from '../ledger'
import type { Minor } from '../money'
import type { Piece, Workspace } from '../workspace'

/**
 * What happens to pieces for sale in the books, from the stock and the ledger together: *made* puts its cost into the stock, *sold* earns
 * the price and takes the cost out of the stock (*cost*), *paid* brings the money, *fee* is what the sale costs, *given-back* is money
 * returned to a buyer, *again* puts a returned piece back into the stock, *gone* takes one out that was not sold, *km* is what was driven.
 */
export const MOVE_KINDS = [
  'made',
  'sold',
  'cost',
  'paid',
  'fee',
  'given-back',
  'again',
  'gone',
  'km'
] as const
export type MoveKind = (typeof MOVE_KINDS)[number]

/** One movement. Amounts in minor units without sign. */
export interface Move {
  readonly date: Day
  readonly kind: MoveKind
  readonly piece: string
  readonly build: string
  readonly name: string
  readonly amount: Minor
  /** Of a sale: minutes of work in the piece, and whether it stands. */
  readonly minutes?: number | undefined
  readonly standing?: boolean | undefined
}

/** Standing entries of pieces by the piece, in the order they were entered. */
const entriesByPiece = (ledger: readonly LedgerEntry[]): Map<string, LedgerEntry[]> =>
  groupBy(
    standing(ledger).filter(({ piece }) => piece !== undefined),
    ({ piece }) => piece ?? ''
  )

/** A sale that was taken back: earned and paid when it was entered, back in the stock when its money, or the piece, came back. */
function formerSale(
  at: (kind: MoveKind, date: Day, amount: Minor) => void,
  { cost, returned = [] }: Piece,
  entries: readonly LedgerEntry[]
): void {
  const sale = entries.find(({ kind }) => kind === 'sale')
  if (!sale) return
  at('sold', sale.date, sale.amount)
  at('paid', sale.date, sale.amount)
  at('cost', sale.date, cost)
  const back =
    returned.find((day) => day >= sale.date) ??
    entries.findLast(({ kind }) => kind === 'given-back')?.date ??
    sale.date
  at('again', back, cost)
}

/** The movements of one piece. */
function movesOfPiece(piece: Piece, entries: readonly LedgerEntry[], perKm: Minor): Move[] {
  const { id, build, name, made, cost, minutes, sold, gone } = piece
  const moves: Move[] = []
  const at = (kind: MoveKind, date: Day, amount: Minor, standing_ = false): void => {
    if (amount !== 0 || kind === 'sold')
      moves.push({
        date,
        kind,
        piece: id,
        build,
        name,
        amount,
        ...(kind === 'sold' ? { minutes, standing: standing_ } : {})
      })
  }
  at('made', made, cost)
  const sales = groupBy(entries, ({ receipt }) => receipt ?? '')
  for (const [receipt, lines] of sales) {
    if (receipt !== sold?.id) formerSale(at, piece, lines)
    for (const { kind, date, amount } of lines)
      if (kind === 'fee' || kind === 'given-back') at(kind, date, -amount)
  }
  if (sold) {
    at('sold', sold.date, sold.price, true)
    at('cost', sold.date, cost)
    if (sold.paid !== undefined) at('paid', sold.paid, sold.price)
    if (sold.km !== undefined) at('km', sold.date, Math.round(sold.km * perKm))
  }
  if (gone) at('gone', gone.date, cost)
  return moves
}

/** All movements of pieces, by date; of one day in the order of the kinds. */
export function stockMoves(workspace: Pick<Workspace, 'pieces' | 'ledger' | 'money'>): Move[] {
  const entries = entriesByPiece(workspace.ledger)
  const order = new Map(MOVE_KINDS.map((kind, i) => [kind, i]))
  return (workspace.pieces ?? [])
    .flatMap((piece) =>
      movesOfPiece(piece, entries.get(piece.id) ?? [], workspace.money.perKm ?? 0)
    )
    .sort((a, b) =>
      a.date < b.date
        ? -1
        : a.date > b.date
          ? 1
          : (order.get(a.kind) ?? 0) - (order.get(b.kind) ?? 0)
    )
}

/** A piece whose sale is not what the ledger says of it. */
export interface Disagreement {
  readonly piece: Piece
  /** Money that should have come for it so far, and what did, minor units. */
  readonly expected: Minor
  readonly found: Minor
}

/** Pieces for which the ledger holds another sum than the stock says: sales less what was given back. Fees are not looked at. */
export function disagreements(workspace: Pick<Workspace, 'pieces' | 'ledger'>): Disagreement[] {
  const entries = entriesByPiece(workspace.ledger)
  return (workspace.pieces ?? []).flatMap((piece) => {
    const { sold, kept = 0 } = piece
    const expected = kept + (sold?.paid === undefined ? 0 : sold.price - (sold.back ?? 0))
    const found = (entries.get(piece.id) ?? []).reduce(
      (sum, { kind, amount }) => (kind === 'sale' || kind === 'given-back' ? sum + amount : sum),
      0
    )
    return found === expected ? [] : [{ piece, expected, found }]
  })
}
