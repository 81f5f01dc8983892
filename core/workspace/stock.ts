import type { Day } from '../calendar'
import { must } from '../kernel'
import { reversalOf, standing, type LedgerEntry } from '../ledger'
import type { Minor } from '../money'
import { addEntry } from './changes'
import { said } from './purchase-parts'
import type { Bid, GoneWhy, Offered, Order, Piece, Sold } from './selling-types'
import type { Workspace } from './types'

/** Pieces that were made to be sold: into stock, offered, sold, brought back. What moves money stands in the ledger with the piece's id. */

const pieceOf = (workspace: Workspace, id: string): Piece =>
  must(
    workspace.pieces?.find((piece) => piece.id === id),
    'a piece in stock'
  )

export const changePiece = (
  workspace: Workspace,
  id: string,
  change: (piece: Piece) => Piece
): Workspace => ({
  ...workspace,
  pieces: (workspace.pieces ?? []).map((piece) => (piece.id === id ? change(piece) : piece))
})

/** Finished pieces, into the stock. */
export const addPieces = (workspace: Workspace, pieces: readonly Piece[]): Workspace => ({
  ...workspace,
  pieces: [...(workspace.pieces ?? []), ...pieces]
})

/** Takes a piece out that was entered by mistake. One that money has moved for stays. */
export const removePiece = (workspace: Workspace, id: string): Workspace =>
  workspace.ledger.some(({ piece }) => piece === id)
    ? workspace
    : { ...workspace, pieces: (workspace.pieces ?? []).filter((piece) => piece.id !== id) }

/** Offers a piece at a price from a day on. */
export const offerPiece = (workspace: Workspace, id: string, offered: Offered): Workspace =>
  changePiece(workspace, id, (piece) => ({
    ...piece,
    offered: [...piece.offered.filter(({ date }) => date < offered.date), offered]
  }))

/** What somebody would have given. */
export const bidForPiece = (workspace: Workspace, id: string, bid: Bid): Workspace =>
  changePiece(workspace, id, (piece) => ({ ...piece, bids: [...(piece.bids ?? []), bid] }))

/** What a sale moves: the price when it is paid, and what it costs on the day it is sold. */
function saleEntries({ id, name, build }: Piece, sold: Sold, newId: () => string): LedgerEntry[] {
  const { date, price, fee, delivery, paid, order } = sold
  const about = { text: name, piece: id, build, receipt: sold.id, ...said({ order }) }
  const costs = fee + delivery
  const money: LedgerEntry[] =
    paid === undefined ? [] : [{ id: newId(), date: paid, kind: 'sale', amount: price, ...about }]
  if (costs > 0)
    money.push({
      id: newId(),
      date,
      kind: 'fee',
      amount: -costs,
      ...about,
      ...said({ delivery })
    })
  return money
}

/** A piece that was sold. What it brings and what its sale costs go into the ledger; what is not paid yet waits for `payPiece`. */
export function sellPiece(
  workspace: Workspace,
  id: string,
  sold: Sold,
  newId: () => string
): Workspace {
  const piece = pieceOf(workspace, id)
  return saleEntries(piece, sold, newId).reduce(
    addEntry,
    changePiece(workspace, id, (one) => ({ ...one, sold }))
  )
}

/** The money for a piece that was sold before it was paid. */
export function payPiece(
  workspace: Workspace,
  id: string,
  date: Day,
  newId: () => string
): Workspace {
  const piece = pieceOf(workspace, id)
  const sold = { ...must(piece.sold, 'the sale that is paid'), paid: date }
  const [money] = saleEntries(piece, { ...sold, fee: 0, delivery: 0 }, newId)
  return addEntry(
    changePiece(workspace, id, (one) => ({ ...one, sold })),
    must(money, 'the money of a sale')
  )
}

/** Money goes back to the buyer, and the piece comes back, or the buyer keeps it. Of what is not paid yet so much is no longer asked. */
export function giveBack(
  workspace: Workspace,
  id: string,
  back: {
    readonly date: Day
    readonly amount: Minor
    readonly returned: boolean
    readonly id: string
  }
): Workspace {
  const piece = pieceOf(workspace, id)
  const sold = must(piece.sold, 'the sale that is taken back')
  const amount = sold.paid === undefined ? 0 : back.amount
  const changed = changePiece(workspace, id, (one): Piece => {
    if (!back.returned)
      return sold.paid === undefined
        ? { ...one, sold: { ...sold, price: sold.price - back.amount } }
        : { ...one, sold: { ...sold, back: (sold.back ?? 0) + amount } }
    const { sold: _was, ...rest } = one
    const held = sold.paid === undefined ? 0 : sold.price - (sold.back ?? 0) - amount
    return {
      ...rest,
      returned: [...(one.returned ?? []), back.date],
      ...said({ kept: held + (one.kept ?? 0) })
    }
  })
  if (amount === 0) return changed
  return addEntry(changed, {
    id: back.id,
    date: back.date,
    kind: 'given-back',
    amount: -amount,
    text: piece.name,
    piece: id,
    build: piece.build,
    receipt: sold.id
  })
}

/**
 * Takes a sale back that was entered by mistake: what stands of it in the ledger is reversed, and what was sold with it is in stock as it
 * was. An order it delivered is open again.
 */
export function unsell(workspace: Workspace, sale: string, newId: () => string): Workspace {
  const entries = standing(workspace.ledger).filter(({ receipt }) => receipt === sale)
  const orders = new Set(
    (workspace.pieces ?? []).flatMap(({ sold }) => (sold?.id === sale && sold.order) || [])
  )
  const back: Workspace = {
    ...workspace,
    pieces: (workspace.pieces ?? []).map((piece): Piece => {
      if (piece.sold?.id !== sale) return piece
      const { sold: _was, ...rest } = piece
      return rest
    }),
    ...(orders.size === 0
      ? {}
      : {
          orders: (workspace.orders ?? []).map((order): Order => {
            if (!orders.has(order.id)) return order
            const { closed: _was, ...rest } = order
            return { ...rest, state: 'accepted' }
          })
        })
  }
  return entries.reduce((state, entry) => addEntry(state, reversalOf(entry, newId())), back)
}

/** A piece that left the stock without being sold. */
export const leaveStock = (
  workspace: Workspace,
  id: string,
  gone: { readonly date: Day; readonly why: GoneWhy } | undefined
): Workspace =>
  changePiece(workspace, id, ({ gone: _was, ...piece }) => (gone ? { ...piece, gone } : piece))
