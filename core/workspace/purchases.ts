import {
  specsOf,
  type Condition,
  type Library,
  type Power,
  type Tier,
  type Tool
} from '../catalogue'
import type { Day } from '../calendar'
import { must } from '../kernel'
import type { EntryKind, LedgerEntry } from '../ledger'
import type { Minor } from '../money'
import { findOffer } from '../prices'
import { offMarket, pieceId, sharedEqually } from './bought'
import { addEntry, addItem, withoutPinOn } from './changes'
import type { Item, Workspace } from './types'
import type { PlannedPurchase } from './plan-types'

/** Money that really moved for things: purchases, receipts with several lines, returns, sales, corrections. Nothing in the ledger is ever rewritten. */

/** What a purchase is in the ledger. */
export const entryKindOf = (tool: Tool): EntryKind => (tool.kind === 'tool' ? 'tool' : 'companion')

/** What a receipt says of a line besides its amount. */
export type Receipted = Pick<
  LedgerEntry,
  'receipt' | 'tax' | 'delivery' | 'seller' | 'condition' | 'warrantyUntil'
>

/** Without the fields that say nothing. */
export const said = <T extends object>(fields: T): Partial<T> =>
  Object.fromEntries(
    Object.entries(fields).filter(([, value]) => value !== undefined && value !== 0 && value !== '')
  ) as Partial<T>

export type RealPurchase = Receipted & {
  readonly purchase: PlannedPurchase
  readonly date: Day
  /** Really paid for all of them together. */
  readonly paid: Minor
  readonly itemId: string
  readonly entryId: string
}

/** The workspace once a purchase has been made: its pin is gone, and what there was only one of is on offer no more. */
const takenUp = (workspace: Workspace, purchase: PlannedPurchase, date: Day): Workspace =>
  offMarket(withoutPinOn(workspace, purchase), purchase.offer, date)

/** A planned purchase that was really made: into the kit, into the ledger at its real price. A bundle puts all its pieces into the kit. */
export function recordPurchase(
  workspace: Workspace,
  library: Library,
  { purchase, date, paid, itemId, entryId, ...receipted }: RealPurchase
): Workspace {
  const bundle = workspace.bundles?.find(({ id }) => id === purchase.offer)
  if (bundle) {
    const costs = sharedEqually(paid, bundle.pieces.length)
    const shares = bundle.pieces.map((piece, i): Item => {
      const tool = must(library.tools.get(piece.tool), 'the tool of a bundle')
      return {
        id: pieceId(itemId, i),
        tool: tool.id,
        tier: piece.tier,
        condition: piece.condition,
        power: piece.power,
        specs: specsOf(tool, piece.tier),
        count: piece.count * purchase.count,
        since: date,
        cost: costs[i] ?? 0,
        ...(piece.platform === undefined ? {} : { platform: piece.platform })
      }
    })
    const entry: LedgerEntry = {
      id: entryId,
      date,
      kind: 'tool',
      amount: -paid,
      planned: -purchase.price,
      text: bundle.name,
      offer: bundle.id,
      item: itemId,
      ...said(receipted)
    }
    return addEntry(shares.reduce(addItem, takenUp(workspace, purchase, date)), entry)
  }
  const offer = must(
    findOffer({ library, offers: workspace.offers }, purchase.offer),
    'the offer of a planned purchase'
  )
  const tool = must(library.tools.get(offer.tool), 'the tool of an offer')
  const item: Item = {
    id: itemId,
    tool: tool.id,
    tier: offer.tier,
    condition: receipted.condition ?? offer.condition,
    power: offer.power,
    specs: { ...specsOf(tool, offer.tier), ...offer.specs },
    count: purchase.count,
    since: date,
    cost: paid,
    ...(offer.platform === undefined ? {} : { platform: offer.platform })
  }
  const entry: LedgerEntry = {
    id: entryId,
    date,
    kind: entryKindOf(tool),
    amount: -paid,
    planned: -purchase.price,
    text: tool.name,
    offer: offer.id,
    item: itemId,
    ...said(receipted)
  }
  return addEntry(addItem(takenUp(workspace, purchase, date), item), entry)
}

/** A line of a receipt: something for the kit, or money for something else. */
export type Line =
  | { readonly what: 'planned'; readonly purchase: PlannedPurchase }
  | {
      readonly what: 'tool'
      readonly tool: string
      readonly tier: Tier
      readonly condition: Condition
      readonly power: Power
      readonly count: number
    }
  | { readonly what: 'other'; readonly kind: EntryKind; readonly text: string }

export type BoughtLine = Line & {
  readonly amount: Minor
  readonly tax: Minor
  readonly delivery: Minor
  readonly entryId: string
  readonly itemId: string
}

/** A receipt with its lines: each is an entry of its own, and they share the receipt's id. */
export function recordReceipt(
  workspace: Workspace,
  library: Library,
  receipt: Omit<Receipted, 'tax' | 'delivery'> & {
    readonly id: string
    readonly date: Day
    readonly lines: readonly BoughtLine[]
  }
): Workspace {
  const { id, date, lines, seller, warrantyUntil } = receipt
  const shared = {
    receipt: id,
    ...(seller === undefined ? {} : { seller }),
    ...(warrantyUntil === undefined ? {} : { warrantyUntil })
  }
  return lines.reduce((state, line): Workspace => {
    const { amount, tax, delivery, entryId, itemId } = line
    switch (line.what) {
      case 'planned':
        return recordPurchase(state, library, {
          purchase: line.purchase,
          date,
          paid: amount,
          itemId,
          entryId,
          ...shared,
          tax,
          delivery,
          condition: receipt.condition
        })
      case 'tool': {
        const tool = must(library.tools.get(line.tool), 'the tool of a receipt')
        const item: Item = {
          id: itemId,
          tool: tool.id,
          tier: line.tier,
          condition: line.condition,
          power: line.power,
          specs: specsOf(tool, line.tier),
          count: line.count,
          since: date,
          cost: amount
        }
        return addEntry(addItem(state, item), {
          id: entryId,
          date,
          kind: entryKindOf(tool),
          amount: -amount,
          text: tool.name,
          tool: tool.id,
          item: itemId,
          condition: line.condition,
          ...said({ ...shared, tax, delivery })
        })
      }
      case 'other': {
        const { warrantyUntil: _none, ...plain } = shared as typeof shared & { warrantyUntil?: Day }
        return addEntry(state, {
          id: entryId,
          date,
          kind: line.kind,
          amount: -amount,
          text: line.text,
          ...said({ ...plain, tax, delivery })
        })
      }
    }
  }, workspace)
}
