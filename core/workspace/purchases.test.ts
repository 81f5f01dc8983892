import { describe, expect, test } from '@jest/globals'
import { library } from '../../data'
import { TODAY, emptyWorkspace, item } from '../../tests/helpers/workspaces'
import { crossCheck } from '../formats'
import { balanceOn, standing } from '../ledger'
import { change } from '.'
import { ids, saw, start, bought } from '../../tests/helpers/purchases'

describe('a purchase', () => {
  test('goes into the kit and the ledger at its real price, with what the receipt says, and out of the plan', () => {
    expect(bought.items).toMatchObject([
      { id: 'i1', tool: 'circular-saw', cost: 3900, condition: 'refurbished', since: TODAY }
    ])
    expect(bought.ledger.at(-1)).toEqual({
      id: 'e1',
      date: TODAY,
      kind: 'tool',
      amount: -3900,
      planned: -4400,
      text: library.tools.get('circular-saw')?.name,
      offer: saw.offer,
      item: 'i1',
      seller: 'private',
      warrantyUntil: '2027-05-04',
      condition: 'refurbished'
    })
    expect([bought.pins, crossCheck(bought, library)]).toEqual([[], []])
  })
  test('taken back, it leaves the kit and every day’s balance is as before', () => {
    const after = change.reverseEntry(bought, 'e1', 'r1')
    expect([after.items, balanceOn(after.ledger, TODAY), standing(after.ledger)]).toEqual([
      [],
      30_000,
      start.ledger
    ])
  })
  test('corrected, the old line stays, the new one stands, the tool costs what it really did, photos and refunds follow', () => {
    const withPhoto = change.addPhoto(
      change.refundEntry(bought, {
        entry: 'e1',
        date: TODAY,
        amount: 500,
        id: 'f1',
        returned: 0
      }),
      { id: 'ph', entry: 'e1', type: 'image/jpeg', widthPx: 4, heightPx: 3, bytes: 10 }
    )
    const after = change.correctEntry(withPhoto, 'e1', { amount: -4100, date: '2026-05-02' }, ids())
    expect(after.ledger.slice(0, withPhoto.ledger.length)).toEqual(withPhoto.ledger)
    expect(standing(after.ledger).map(({ kind, amount, date }) => [kind, amount, date])).toEqual([
      ['opening', 30_000, TODAY],
      ['tool', -4100, '2026-05-02'],
      ['refund', 500, TODAY]
    ])
    expect([
      after.items[0]?.cost,
      after.items[0]?.since,
      after.photos?.[0]?.entry,
      change.refundable(after, 'n1')
    ]).toEqual([4100, '2026-05-02', 'n1', 3600])
    expect(crossCheck(after, library)).toEqual([])
  })
  test('of a bundle puts every piece into the kit, the money shared out to the cent', () => {
    const bundle = {
      id: 'my/set',
      name: 'Drill and driver',
      pieces: [
        {
          tool: 'drill-driver',
          tier: 'weekend' as const,
          condition: 'new' as const,
          power: 'corded' as const,
          count: 1
        },
        {
          tool: 'drill-bits',
          tier: 'weekend' as const,
          condition: 'new' as const,
          power: 'hand' as const,
          count: 2
        }
      ]
    }
    const after = change.recordPurchase({ ...start, bundles: [bundle] }, library, {
      purchase: { ...saw, offer: 'my/set' },
      date: TODAY,
      paid: 9001,
      itemId: 'i',
      entryId: 'e'
    })
    expect(after.items.map(({ tool, count, cost }) => [tool, count, cost])).toEqual([
      ['drill-driver', 1, 4501],
      ['drill-bits', 2, 4500]
    ])
    expect([after.ledger.at(-1)?.amount, crossCheck(after, library)]).toEqual([-9001, []])
  })
})

describe('money that comes back', () => {
  test('a part of the price: the tool stays; the rest can still be refunded, no more', () => {
    const after = change.refundEntry(bought, {
      entry: 'e1',
      date: TODAY,
      amount: 900,
      id: 'f1',
      returned: 0
    })
    expect([
      after.items.length,
      change.refundable(after, 'e1'),
      balanceOn(after.ledger, TODAY)
    ]).toEqual([1, 3000, 27_000])
    expect(change.refundable(change.reverseEntry(after, 'f1', 'r'), 'e1')).toBe(3900)
  })
  test('brought back: the tool leaves the kit', () => {
    const after = change.refundEntry(bought, {
      entry: 'e1',
      date: TODAY,
      amount: 3900,
      id: 'f1',
      returned: 1
    })
    expect([
      after.items,
      change.refundable(after, 'e1'),
      balanceOn(after.ledger, TODAY),
      crossCheck(after, library)
    ]).toEqual([[], 0, 30_000, []])
  })
  test('one of several alike is sold: the others stay with their share of the cost', () => {
    const clamps = emptyWorkspace({
      items: [item('f-clamp-600', { id: 'c', count: 4, cost: 4001 })]
    })
    const after = change.sellItem(clamps, {
      item: 'c',
      date: TODAY,
      amount: 700,
      id: 's',
      name: 'Clamp'
    })
    expect(after.items).toMatchObject([{ count: 3, cost: 3001 }])
    expect(after.ledger).toMatchObject([{ kind: 'resale', amount: 700, tool: 'f-clamp-600' }])
    expect(
      change.sellItem(
        { ...clamps, items: [item('tape', { id: 'c' })] },
        { item: 'c', date: TODAY, amount: 1, id: 's', name: 'x' }
      ).items
    ).toEqual([])
  })
})
