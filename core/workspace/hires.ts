import type { Day } from '../calendar'
import { hiredBundles, lastHired, type Hire } from '../prices'
import type { Library } from '../catalogue'
import { addEntry, withoutPinOn } from './changes'
import { said, type RealPurchase } from './purchase-parts'
import type { Workspace } from './types'

export const addHire = (workspace: Workspace, hire: Hire): Workspace => ({
  ...workspace,
  hires: [...(workspace.hires ?? []).filter(({ id }) => id !== hire.id), hire]
})
export const removeHire = (workspace: Workspace, id: string): Workspace => ({
  ...workspace,
  hires: (workspace.hires ?? []).filter((one) => one.id !== id),
  pins: workspace.pins.filter(({ offer }) => !offer.startsWith(`${id}@`))
})

const withHire = (workspace: Workspace, id: string, change: (hire: Hire) => Hire): Workspace => ({
  ...workspace,
  hires: (workspace.hires ?? []).map((one) => (one.id === id ? change(one) : one))
})

/** A stretch of hire that was really paid for: a fee in the ledger, and its days there for the builds of these days. */
export function recordHire(
  workspace: Workspace,
  library: Library,
  hire: Hire,
  { purchase, date, paid, itemId: _item, entryId, ...receipted }: RealPurchase
): Workspace {
  const stretch = hiredBundles(library, workspace.hires, date).find(
    ({ id }) => id === purchase.offer
  )?.hire
  // Days that were paid for already are not paid for again.
  if (!stretch || stretch.from !== undefined) return workspace
  const taken = {
    from: date,
    until: lastHired(stretch, date),
    minutes: stretch.minutes * purchase.count
  }
  const left = withHire(withoutPinOn(workspace, purchase), hire.id, (one) => ({
    ...one,
    taken: [...(one.taken ?? []), taken]
  }))
  return addEntry(left, {
    id: entryId,
    date,
    kind: 'fee',
    amount: -paid,
    planned: -purchase.price,
    text: hire.name,
    offer: purchase.offer,
    ...said(receipted)
  })
}

/** The days of a hire whose fee is taken back are not there any more. */
export const withoutTaken = (workspace: Workspace, hire: Hire, from: Day): Workspace =>
  withHire(workspace, hire.id, ({ taken = [], ...one }) => {
    const at = taken.findLastIndex((days) => days.from === from)
    const left = taken.filter((_, i) => i !== at)
    return left.length > 0 ? { ...one, taken: left } : one
  })
