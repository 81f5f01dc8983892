import type { Day } from '../calendar'
import { must, sumOf } from '../kernel'
import { reversalOf, type LedgerEntry } from '../ledger'
import type { Minor } from '../money'
import { itemsOf, onMarketAgain, rescaled, withFewer, withItem } from './bought'
import { hireOf } from '../prices'
import { addEntry, removeItem } from './changes'
import { withoutTaken } from './hires'
import { said } from './purchases'
import { withoutSupplyOf } from './supplies'
import type { Workspace } from './types'

/** What of a purchase has not been refunded yet, minor units. */
export function refundable(workspace: Workspace, entryId: string): Minor {
  const takenBack = new Set(workspace.ledger.flatMap(({ reverses }) => reverses ?? []))
  const paid = -(workspace.ledger.find(({ id }) => id === entryId)?.amount ?? 0)
  const back = workspace.ledger
    .filter(({ id, refunds }) => refunds === entryId && !takenBack.has(id))
    .reduce((sum, { amount }) => sum + amount, 0)
  return Math.max(0, paid - back)
}

/** The kit without so many pieces of what an entry brought; a bundle goes as a whole. */
function without(workspace: Workspace, entry: LedgerEntry, pieces: number): Workspace {
  const items = pieces === 0 ? [] : itemsOf(workspace, entry)
  return items.reduce(
    (state, item) =>
      withItem(state, item.id, items.length === 1 ? withFewer(item, pieces) : undefined),
    workspace
  )
}

/** Money that came back for a purchase. What went back with it leaves the kit: so many pieces, or all of a bundle. */
export function refundEntry(
  workspace: Workspace,
  refund: {
    readonly entry: string
    readonly date: Day
    readonly amount: Minor
    readonly id: string
    /** Pieces that went back; 0 where only money came. Of a bundle all go. */
    readonly returned: number
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
  return addEntry(without(workspace, original, refund.returned), entry)
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
  const left = withItem(workspace, item.id, withFewer(item, 1))
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
  const back = itemsOf(workspace, entry).reduce(
    (state, item) => removeItem(state, item.id),
    withoutSupplyOf(workspace, entryId)
  )
  if (entry.offer === undefined) return addEntry(back, reversalOf(entry, id))
  const hire = hireOf(workspace.hires, entry.offer)
  const offered = hire
    ? withoutTaken(back, hire, entry.date)
    : onMarketAgain(back, entry.offer, entry.date)
  return addEntry(offered, reversalOf(entry, id))
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
  const items = itemsOf(workspace, entry)
  // What is still there of several pieces keeps its share: three of four cost three quarters.
  const was = sumOf(items, ({ cost }) => cost)
  const left = entry.amount === 0 ? 1 : was / -entry.amount
  const costs = rescaled(
    items.map(({ cost }) => cost),
    Math.max(0, Math.round(-next.amount * (was === 0 ? 1 : left)))
  )
  return items.reduce(
    (state, item, i) =>
      withItem(state, item.id, { ...item, since: next.date, cost: costs[i] ?? item.cost }),
    both
  )
}
