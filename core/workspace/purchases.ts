import {
  specsOf,
  type Condition,
  type Library,
  type Power,
  type Tier,
  type Tool
} from '../catalogue'
import { addSupply } from './supplies'
import type { Day } from '../calendar'
import { must } from '../kernel'
import type { EntryKind, LedgerEntry } from '../ledger'
import type { Minor } from '../money'
import { findOffer, hireOf, type Bundle } from '../prices'
import { offMarket, pieceId, sharedEqually } from './bought'
import { addEntry, addItem, withoutPinOn } from './changes'
import { recordHire } from './hires'
import { said, type RealPurchase, type Receipted } from './purchase-parts'
import type { Item, Workspace } from './types'
import type { PlannedPurchase } from './plan-types'

/** Money that really moved for things: purchases, receipts with several lines, returns, sales, corrections. Nothing in the ledger is ever rewritten. */

export { said, type RealPurchase, type Receipted } from './purchase-parts'

/** What a purchase is in the ledger. */
export const entryKindOf = (tool: Tool): EntryKind => (tool.kind === 'tool' ? 'tool' : 'companion')

/** The workspace once a purchase has been made: its pin is gone, and what there was only one of is on offer no more. */
const takenUp = (workspace: Workspace, purchase: PlannedPurchase, date: Day): Workspace =>
  offMarket(withoutPinOn(workspace, purchase), purchase.offer, date)

/** A planned purchase that was really made: into the kit, into the ledger at its real price. A bundle puts all its pieces into the kit. */
export function recordPurchase(
  workspace: Workspace,
  library: Library,
  real: RealPurchase
): Workspace {
  const { purchase, date } = real
  const hire = hireOf(workspace.hires, purchase.offer)
  if (hire) return recordHire(workspace, library, hire, real)
  const bundle = workspace.bundles?.find(({ id }) => id === purchase.offer)
  const left = takenUp(workspace, purchase, date)
  if (bundle) {
    const pieces = piecesOf(bundle, library, real)
    return addEntry(
      pieces.reduce(addItem, left),
      paidEntry(real, { kind: 'tool', text: bundle.name, offer: bundle.id })
    )
  }
  const offer = must(
    findOffer({ library, offers: workspace.offers }, purchase.offer),
    'the offer of a planned purchase'
  )
  const tool = must(library.tools.get(offer.tool), 'the tool of an offer')
  const item: Item = {
    id: real.itemId,
    tool: tool.id,
    tier: offer.tier,
    condition: real.condition ?? offer.condition,
    power: offer.power,
    specs: { ...specsOf(tool, offer.tier), ...offer.specs },
    count: purchase.count,
    since: date,
    cost: real.paid,
    ...said({ platform: offer.platform, inexact: offer.looked?.inexact })
  }
  return addEntry(
    addItem(left, item),
    paidEntry(real, { kind: entryKindOf(tool), text: tool.name, offer: offer.id })
  )
}

/** The entry of a purchase, at what was really paid. */
function paidEntry(
  { purchase, date, paid, itemId, entryId, ...receipted }: RealPurchase,
  what: Pick<LedgerEntry, 'kind' | 'text' | 'offer'>
): LedgerEntry {
  return {
    id: entryId,
    date,
    amount: -paid,
    planned: -purchase.price,
    item: itemId,
    ...what,
    ...said(receipted)
  }
}

/** What a bundle puts into the kit; all pieces share what was paid. */
function piecesOf(
  bundle: Bundle,
  library: Library,
  { purchase, date, paid, itemId }: RealPurchase
): Item[] {
  const costs = sharedEqually(paid, bundle.pieces.length)
  return bundle.pieces.map(({ tool: id, tier, condition, power, count, platform }, i): Item => {
    const tool = must(library.tools.get(id), 'the tool of a bundle')
    return {
      id: pieceId(itemId, i),
      tool: tool.id,
      tier,
      condition,
      power,
      specs: specsOf(tool, tier),
      count: count * purchase.count,
      since: date,
      cost: costs[i] ?? 0,
      ...(platform === undefined ? {} : { platform })
    }
  })
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
  | {
      readonly what: 'other'
      readonly kind: EntryKind
      readonly text: string
      /** What of it goes into stock, in the units of the material. */
      readonly supply?: { readonly what: string; readonly amount: number } | undefined
    }

export type BoughtLine = Line & {
  readonly amount: Minor
  readonly tax: Minor
  readonly delivery: Minor
  readonly entryId: string
  readonly itemId: string
}

/** A receipt with its lines. */
export type Receipt = Omit<Receipted, 'tax' | 'delivery'> & {
  readonly id: string
  readonly date: Day
  readonly lines: readonly BoughtLine[]
}

/** What a line brings into stock. */
const stocked = (state: Workspace, on: Day, line: BoughtLine): Workspace =>
  line.what === 'other' && line.supply
    ? addSupply(state, {
        id: `s-${line.entryId}`,
        kind: 'in',
        on,
        entry: line.entryId,
        ...line.supply
      })
    : state

/** A receipt with its lines: each is an entry of its own, and they share the receipt's id. */
export const recordReceipt = (
  workspace: Workspace,
  library: Library,
  receipt: Receipt
): Workspace =>
  receipt.lines.reduce(
    (state, line) => stocked(recordLine(state, library, receipt, line), receipt.date, line),
    workspace
  )

function recordLine(
  state: Workspace,
  library: Library,
  { id, date, seller, warrantyUntil, condition }: Receipt,
  line: BoughtLine
): Workspace {
  const { amount, tax, delivery, entryId, itemId } = line
  const shared = said({ receipt: id, seller, tax, delivery })
  const warranted = said({ warrantyUntil })
  switch (line.what) {
    case 'planned': {
      const { purchase } = line
      const real = { purchase, date, paid: amount, itemId, entryId, condition }
      return recordPurchase(state, library, { ...real, ...shared, ...warranted })
    }
    case 'tool': {
      const tool = must(library.tools.get(line.tool), 'the tool of a receipt')
      const { tier, power, count } = line
      const specs = specsOf(tool, tier)
      const item: Item = {
        id: itemId,
        tool: tool.id,
        tier,
        condition: line.condition,
        power,
        specs,
        count,
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
        ...shared,
        ...warranted
      })
    }
    case 'other': {
      const { kind, text } = line
      return addEntry(state, { id: entryId, date, kind, amount: -amount, text, ...shared })
    }
  }
}
