import { priceParts, type Piece, type Workspace } from '../../core/workspace'
import { build, emptyWorkspace } from './workspaces'

/** An invented stall with a fee, and pieces for it. */
export const SALE = { netEach: 5000, daysToSell: 10 }
export const OUTLET = { id: 'stall', name: 'Stall', feeShare: 0.1, feeFixed: 50, deliveryEach: 200 }
export const begin = (): Workspace => ({
  ...emptyWorkspace({ builds: [build('window-box', { copies: 4, sale: SALE })] }),
  outlets: [OUTLET],
  ledger: [{ id: 'open', date: '2026-01-01', kind: 'opening', amount: 30_000, text: 'Opening' }]
})
export const piece = (id: string, made: string, cost = 1200): Piece => ({
  id,
  build: 'window-box',
  name: 'Window box',
  made,
  cost,
  minutes: 100,
  offered: [{ date: made, price: 5000 }]
})

let ids = 0
export const newId = (): string => `n${++ids}`
export const selling = (date: string, price: number, paid: boolean) => {
  const { fee, delivery } = priceParts(price, OUTLET)
  return {
    id: newId(),
    date,
    price,
    outlet: 'stall',
    fee,
    delivery,
    ...(paid ? { paid: date } : {})
  }
}
