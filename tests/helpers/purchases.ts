import { library } from '../../data'
import { TODAY, emptyWorkspace, funds } from './workspaces'
import { change, type PlannedPurchase, type Workspace } from '../../core/workspace'

export const ids = (): (() => string) => {
  let n = 0
  return () => `n${++n}`
}
export const saw: PlannedPurchase = {
  id: 'p1',
  offer: 'circular-saw/weekend/used/buy/corded',
  count: 1,
  date: '2026-06-01',
  price: 4400
}
export const start: Workspace = emptyWorkspace({
  ...funds(30_000, 0),
  pins: [{ offer: saw.offer, count: 1, date: saw.date }]
})
export const bought = change.recordPurchase(start, library, {
  purchase: saw,
  date: TODAY,
  paid: 3900,
  itemId: 'i1',
  entryId: 'e1',
  seller: 'private',
  warrantyUntil: '2027-05-04',
  condition: 'refurbished',
  tax: 0
})
