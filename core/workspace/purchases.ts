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
import { reversalOf, type EntryKind, type LedgerEntry } from '../ledger'
import type { Minor } from '../money'
import { findOffer } from '../prices'
import { addEntry, addItem, changeItem, removeItem, withoutPinOn } from './changes'
import type { Item, Photo, PlannedPurchase, Workspace } from './types'

/** Money that really moved for things: purchases, receipts with several lines, returns, sales, corrections. Nothing in the ledger is ever rewritten. */

/** What a purchase is in the ledger. */
export const entryKindOf = (tool: Tool): EntryKind => (tool.kind === 'tool' ? 'tool' : 'companion')

/** What a receipt says of a line besides its amount. */
export type Receipted = Pick<
  LedgerEntry,
  'receipt' | 'tax' | 'delivery' | 'seller' | 'condition' | 'warrantyUntil'
>

/** Without the fields that say nothing. */
const said = <T extends object>(fields: T): Partial<T> =>
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

/** A planned purchase that was really made: into the kit, into the ledger at its real price. A bundle puts all its pieces into the kit. */
export function recordPurchase(
  workspace: Workspace,
  library: Library,
  { purchase, date, paid, itemId, entryId, ...receipted }: RealPurchase
): Workspace {
  const bundle = workspace.bundles?.find(({ id }) => id === purchase.offer)
  if (bundle) {
    const shares = bundle.pieces.map((piece, i): Item => {
      const tool = must(library.tools.get(piece.tool), 'the tool of a bundle')
      return {
        id: i === 0 ? itemId : `${itemId}-${i + 1}`,
        tool: tool.id,
        tier: piece.tier,
        condition: piece.condition,
        power: piece.power,
        specs: specsOf(tool, piece.tier),
        count: piece.count * purchase.count,
        since: date,
        cost: Math.floor(paid / bundle.pieces.length) + (i === 0 ? paid % bundle.pieces.length : 0),
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
    return addEntry(shares.reduce(addItem, withoutPinOn(workspace, purchase)), entry)
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
  return addEntry(addItem(withoutPinOn(workspace, purchase), item), entry)
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

/** What of a purchase has not been refunded yet, minor units. */
export function refundable(workspace: Workspace, entryId: string): Minor {
  const takenBack = new Set(workspace.ledger.flatMap(({ reverses }) => reverses ?? []))
  const paid = -(workspace.ledger.find(({ id }) => id === entryId)?.amount ?? 0)
  const back = workspace.ledger
    .filter(({ id, refunds }) => refunds === entryId && !takenBack.has(id))
    .reduce((sum, { amount }) => sum + amount, 0)
  return Math.max(0, paid - back)
}

/** Money that came back for a purchase. With `returned` the thing went back too and leaves the kit. */
export function refundEntry(
  workspace: Workspace,
  refund: {
    readonly entry: string
    readonly date: Day
    readonly amount: Minor
    readonly id: string
    readonly returned: boolean
  }
): Workspace {
  const original = must(
    workspace.ledger.find(({ id }) => id === refund.entry),
    'the purchase that is refunded'
  )
  const { item, offer, tool, build, text } = original
  const entry: LedgerEntry = {
    id: refund.id,
    date: refund.date,
    kind: 'refund',
    amount: refund.amount,
    text,
    refunds: original.id,
    ...said({ item, offer, tool, build })
  }
  const without = refund.returned && item !== undefined ? removeItem(workspace, item) : workspace
  return addEntry(without, entry)
}

/** A tool that was sold: out of the kit, its money into the ledger. With several alike, one of them is. */
export function sellItem(
  workspace: Workspace,
  sale: {
    readonly item: string
    readonly date: Day
    readonly amount: Minor
    readonly id: string
    readonly name: string
  }
): Workspace {
  const item = must(
    workspace.items.find(({ id }) => id === sale.item),
    'the tool that is sold'
  )
  const left =
    item.count > 1
      ? changeItem(workspace, item.id, (one) => ({
          ...one,
          count: one.count - 1,
          cost: one.cost - Math.round(one.cost / one.count)
        }))
      : removeItem(workspace, item.id)
  return addEntry(left, {
    id: sale.id,
    date: sale.date,
    kind: 'resale',
    amount: sale.amount,
    text: sale.name,
    tool: item.tool,
    item: item.id
  })
}

/** Takes an entry back by adding its reversal. What the purchase had put into the kit leaves it again. */
export function reverseEntry(workspace: Workspace, entryId: string, id: string): Workspace {
  const entry = must(
    workspace.ledger.find((candidate) => candidate.id === entryId),
    'the entry to take back'
  )
  const boughtIt = entry.item !== undefined && (entry.kind === 'tool' || entry.kind === 'companion')
  return addEntry(
    boughtIt && entry.item !== undefined ? removeItem(workspace, entry.item) : workspace,
    reversalOf(entry, id)
  )
}

/**
 * Corrects an entry: its reversal, and the entry as it should have been. What it put into the kit stays, at the corrected cost and day;
 * its photos and refunds go over to the new entry.
 */
export function correctEntry(
  workspace: Workspace,
  entryId: string,
  right: Partial<
    Pick<
      LedgerEntry,
      'date' | 'kind' | 'amount' | 'text' | 'seller' | 'condition' | 'warrantyUntil'
    >
  >,
  newId: () => string
): Workspace {
  const entry = must(
    workspace.ledger.find(({ id }) => id === entryId),
    'the entry to correct'
  )
  const { tax, delivery, ...rest } = entry
  // Parts of an amount that became smaller than they are cannot be right any more.
  const kept = (tax ?? 0) + (delivery ?? 0) <= Math.abs(right.amount ?? entry.amount) ? entry : rest
  const next: LedgerEntry = { ...kept, ...right, id: newId() }
  const takenBack = new Set(workspace.ledger.flatMap(({ reverses }) => reverses ?? []))
  const refunds = workspace.ledger
    .filter(({ id, refunds: of }) => of === entryId && !takenBack.has(id))
    .flatMap((refund) => [
      reversalOf(refund, newId()),
      { ...refund, id: newId(), refunds: next.id }
    ])
  const photos = workspace.photos
    ? {
        photos: workspace.photos.map((photo) =>
          photo.entry === entryId ? { ...photo, entry: next.id } : photo
        )
      }
    : {}
  const both: Workspace = {
    ...workspace,
    ...photos,
    ledger: [...workspace.ledger, reversalOf(entry, newId()), next, ...refunds]
  }
  const owns = entry.item !== undefined && (entry.kind === 'tool' || entry.kind === 'companion')
  return owns && entry.item !== undefined
    ? changeItem(both, entry.item, (item) => ({
        ...item,
        since: next.date,
        cost: Math.max(0, -next.amount)
      }))
    : both
}

export const addPhoto = (workspace: Workspace, photo: Photo): Workspace => ({
  ...workspace,
  photos: [...(workspace.photos ?? []), photo]
})
export const removePhoto = (workspace: Workspace, id: string): Workspace => ({
  ...workspace,
  photos: (workspace.photos ?? []).filter((photo) => photo.id !== id)
})
