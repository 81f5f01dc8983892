import type { Build } from '../builds'
import type { Day } from '../calendar'
import { must, sumOf } from '../kernel'
import { standing, type LedgerEntry } from '../ledger'
import type { Minor } from '../money'
import { addBuild, removeBuild } from './change-builds'
import { addEntry } from './changes'
import type { Order, OrderState, Piece, Sold } from './selling-types'
import { withNet } from './selling'
import { sellPiece } from './stock'
import type { Workspace } from './types'

/** Orders of customers: asked, accepted with a deposit, delivered from the stock, cancelled. */

const orderOf = (workspace: Workspace, id: string): Order =>
  must(
    workspace.orders?.find((order) => order.id === id),
    'an order'
  )
const changeOrder = (
  workspace: Workspace,
  id: string,
  change: (order: Order) => Order
): Workspace => ({
  ...workspace,
  orders: (workspace.orders ?? []).map((order) => (order.id === id ? change(order) : order))
})
const withState = (workspace: Workspace, id: string, state: OrderState, closed?: Day): Workspace =>
  changeOrder(workspace, id, ({ closed: _was, ...order }) => ({
    ...order,
    state,
    ...(closed === undefined ? {} : { closed })
  }))

export const addOrder = (workspace: Workspace, order: Order): Workspace => ({
  ...workspace,
  orders: [...(workspace.orders ?? []), order]
})
/** The build an accepted order is planned as. */
export const orderBuildId = (order: string): string => `order-${order}`

/**
 * What the planner makes of an order: so many of its build, sold on the day they are done, and taken by nobody once the day has passed.
 * Undefined where its build is gone.
 */
export function orderBuild(workspace: Workspace, order: Order): Build | undefined {
  const pattern = workspace.builds.find(({ id }) => id === order.build)
  if (!pattern) return undefined
  const { log: _log, wished: _wished, batchSize: _batch, sale, ...rest } = pattern
  return {
    ...rest,
    id: orderBuildId(order.id),
    name: order.text,
    copies: order.copies,
    sale: withNet(workspace, {
      netEach: order.priceEach,
      daysToSell: 0,
      due: order.due,
      ...(sale?.storedM2 === undefined ? {} : { storedM2: sale.storedM2 })
    })
  }
}

/** Takes an order on: it is planned from now on, and its deposit comes in. */
export function acceptOrder(
  workspace: Workspace,
  id: string,
  {
    date,
    deposit,
    entryId
  }: { readonly date: Day; readonly deposit: Minor; readonly entryId: string }
): Workspace {
  const order = orderOf(workspace, id)
  const build = orderBuild(workspace, order)
  const taken = withState(build ? addBuild(workspace, build) : workspace, id, 'accepted')
  if (deposit === 0) return taken
  return addEntry(taken, {
    id: entryId,
    date,
    kind: 'deposit',
    amount: deposit,
    text: order.text,
    order: id
  })
}

export const declineOrder = (workspace: Workspace, id: string, date: Day): Workspace =>
  withState(workspace, id, 'declined', date)

/** What is held of a customer's deposit, minor units. */
export const depositHeld = (ledger: readonly LedgerEntry[], order: string): Minor =>
  sumOf(
    standing(ledger).filter((entry) => entry.order === order && entry.kind === 'deposit'),
    ({ amount }) => amount
  )

/** The deposit that is held goes out of the ledger's deposits: set against the price, given back, or kept. */
function settleDeposit(
  workspace: Workspace,
  { id, text }: Order,
  date: Day,
  entryId: string,
  receipt?: string
): Workspace {
  const held = depositHeld(workspace.ledger, id)
  if (held === 0) return workspace
  return addEntry(workspace, {
    id: entryId,
    date,
    kind: 'deposit',
    amount: -held,
    text,
    order: id,
    ...(receipt === undefined ? {} : { receipt })
  })
}

/**
 * Pieces of the stock go to the customer, each at the price agreed; the deposit is set against it. The build it was planned as stays with
 * what was really spent on it where it was begun.
 * @param sold how, the same for each piece; its order is set here
 */
export function deliverOrder(
  workspace: Workspace,
  id: string,
  { pieces, sold }: { readonly pieces: readonly string[]; readonly sold: Omit<Sold, 'order'> },
  newId: () => string
): Workspace {
  const order = orderOf(workspace, id)
  const delivered = pieces.reduce(
    (state, piece) => sellPiece(state, piece, { ...sold, order: id }, newId),
    settleDeposit(workspace, order, sold.paid ?? sold.date, newId(), sold.id)
  )
  return withState(withoutOrderBuild(delivered, id), id, 'delivered', sold.date)
}

/** The order's build leaves the plan; where it was begun it stays, with its log. */
function withoutOrderBuild(workspace: Workspace, order: string): Workspace {
  const build = workspace.builds.find(({ id }) => id === orderBuildId(order))
  return build && !build.log ? removeBuild(workspace, build.id) : workspace
}

/** An order that comes to nothing: its deposit goes back, or is kept for the work already done. */
export function cancelOrder(
  workspace: Workspace,
  id: string,
  { date, keep }: { readonly date: Day; readonly keep: Minor },
  newId: () => string
): Workspace {
  const order = orderOf(workspace, id)
  const held = depositHeld(workspace.ledger, id)
  const settled = settleDeposit(withoutOrderBuild(workspace, id), order, date, newId())
  const kept = Math.min(keep, held)
  const done = withState(settled, id, 'cancelled', date)
  return kept === 0
    ? done
    : addEntry(done, { id: newId(), date, kind: 'sale', amount: kept, text: order.text, order: id })
}

/** The pieces in stock an order could be delivered from: of its build, not sold and not gone, the oldest first. */
export function piecesFor(workspace: Workspace, order: Order): Piece[] {
  return (workspace.pieces ?? [])
    .filter(
      ({ build, sold, gone }) =>
        !sold && !gone && (build === order.build || build === orderBuildId(order.id))
    )
    .sort((a, b) => (a.made < b.made ? -1 : a.made > b.made ? 1 : 0))
}
