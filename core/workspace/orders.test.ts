import { describe, expect, test } from '@jest/globals'
import { TODAY } from '../../tests/helpers/workspaces'
import { OUTLET, SALE, begin, newId, piece, selling } from '../../tests/helpers/selling'
import { balanceOn } from '../ledger'
import { change, orderBuildId, type Workspace } from '.'

describe('outlets and orders', () => {
  test('another fee makes another net price of everything sold there; an outlet that goes takes its fee along', () => {
    const priced = change.setSale(begin(), 'window-box', { ...SALE, price: 6000, outlet: 'stall' })
    const net = (state: Workspace): number => state.builds[0]?.sale?.netEach ?? 0
    expect(net(priced)).toBe(6000 - 650 - 200)
    expect(net(change.putOutlet(priced, { ...OUTLET, feeShare: 0.2 }))).toBe(6000 - 1250 - 200)
    const gone = change.removeOutlet(priced, 'stall')
    expect(gone.builds[0]?.sale).toMatchObject({ netEach: 6000, price: 6000 })
    expect(gone.builds[0]?.sale?.outlet).toBeUndefined()
  })
  test('an accepted order is a build of its own, due on its day; delivered or cancelled it leaves the plan', () => {
    const order = {
      id: 'o',
      text: 'Three boxes',
      build: 'window-box',
      copies: 3,
      priceEach: 5500,
      asked: TODAY,
      due: '2026-06-01',
      deposit: 4000,
      state: 'asked' as const
    }
    const taken = change.acceptOrder(change.addOrder(begin(), order), 'o', {
      date: TODAY,
      deposit: 4000,
      entryId: 'd'
    })
    expect(taken.builds.at(-1)).toMatchObject({
      id: orderBuildId('o'),
      copies: 3,
      sale: { netEach: 5500, daysToSell: 0, due: '2026-06-01' }
    })
    const off = change.cancelOrder(taken, 'o', { date: TODAY, keep: 1500 }, newId)
    expect(off.builds).toHaveLength(1)
    expect(balanceOn(off.ledger, '2099-01-01')).toBe(30_000 + 1500)
  })
  test('a piece money has moved for is not taken out as a mistake', () => {
    let state = change.addPieces(begin(), [piece('a', '2026-02-01'), piece('b', '2026-02-01')])
    state = change.sellPiece(state, 'a', selling('2026-02-10', 5000, true), newId)
    expect(change.removePiece(state, 'a').pieces).toHaveLength(2)
    expect(change.removePiece(state, 'b').pieces).toHaveLength(1)
  })
})
