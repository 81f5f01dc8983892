import { describe, expect, test } from '@jest/globals'
import { library } from '../../data'
import { addDays } from '../calendar'
import { TODAY, demo, item } from '../../tests/helpers/workspaces'
import { crossCheck } from '../formats'
import { unitOn } from '../prices'
import { makePlan } from '../search'
import { change, stillOnOffer, tillOf, worldOf, type Workspace } from '.'
import { ids, saw, start } from '../../tests/helpers/purchases'

describe('several pieces, bundles and finds', () => {
  const piece = (tool: string, count = 1) => ({
    tool,
    tier: 'weekend' as const,
    condition: 'new' as const,
    power: 'hand' as const,
    count
  })
  const box = {
    id: 'my/set',
    name: 'Set',
    pieces: [piece('mallet'), piece('tape'), piece('f-clamp-600', 4)]
  }
  const quote = {
    id: 'q',
    offer: 'my/set',
    date: '2026-05-01',
    price: 9000,
    seller: 'private' as const
  }
  const withBox = { ...start, bundles: [box], quotes: [quote] }
  const boughtBox = change.recordPurchase(withBox, library, {
    purchase: { ...saw, offer: 'my/set' },
    date: TODAY,
    paid: 9001,
    itemId: 'i',
    entryId: 'e'
  })
  const back = { entry: 'e', date: TODAY, amount: 9001, id: 'f', returned: 1 }
  test('a bundle taken back or returned leaves no piece behind', () => {
    expect(boughtBox.items).toHaveLength(3)
    expect(change.reverseEntry(boughtBox, 'e', 'r').items).toEqual(start.items)
    expect(change.refundEntry(boughtBox, back).items).toEqual(start.items)
    expect(change.refundEntry(boughtBox, { ...back, returned: 0 }).items).toHaveLength(3)
  })
  test('a corrected amount is shared out among all pieces, to the cent', () => {
    const after = change.correctEntry(boughtBox, 'e', { amount: -6000 }, ids())
    expect(after.items.map(({ cost }) => cost)).toEqual([2002, 1999, 1999])
    expect(after.items.reduce((sum, { cost }) => sum + cost, 0)).toBe(6000)
  })
  test('of four clamps one goes back: three stay with three quarters of the cost, also once the price is corrected', () => {
    const clamps = change.recordReceipt(start, library, {
      id: 'r',
      date: TODAY,
      lines: [
        {
          ...piece('f-clamp-600', 4),
          what: 'tool',
          amount: 4000,
          tax: 0,
          delivery: 0,
          entryId: 'e',
          itemId: 'i'
        }
      ]
    })
    const one = change.refundEntry(clamps, { ...back, amount: 1000 })
    expect(one.items.map(({ count, cost }) => [count, cost])).toEqual([[3, 3000]])
    const right = change.correctEntry(one, 'e', { amount: -4400 }, ids())
    expect(right.items.map(({ count, cost }) => [count, cost])).toEqual([[3, 3300]])
    expect(crossCheck(right, library)).toEqual([])
  })
  test.each([
    ['without an end', {}],
    ['with an end later than the purchase', { until: '2026-09-30' }],
    ['with its last day on the eve of the purchase', { until: addDays(TODAY, -1) }],
    ['priced on the day of the purchase', { date: TODAY, until: '2026-06-01' }]
  ])('the days of a bundle %s are as before when its purchase is taken back', (_, days) => {
    const quotes = [{ ...quote, ...days }]
    const bought = change.recordPurchase({ ...withBox, quotes }, library, {
      purchase: { ...saw, offer: 'my/set' },
      date: TODAY,
      paid: 9001,
      itemId: 'i',
      entryId: 'e'
    })
    expect(stillOnOffer(bought, 'my/set', TODAY)).toBe(false)
    expect(change.reverseEntry(bought, 'e', 'r').quotes).toEqual(quotes)
  })
  test.each([
    ['open', {}],
    ['with days of its own', { from: TODAY, until: '2026-09-30' }]
  ])('so are those of a find, %s', (_, days) => {
    const offers = [
      {
        id: 'my/find',
        tool: 'mallet',
        tier: 'trade' as const,
        condition: 'used' as const,
        acquisition: 'buy' as const,
        power: 'hand' as const,
        single: true,
        ...days
      }
    ]
    const bought = change.recordPurchase({ ...start, offers }, library, {
      purchase: { ...saw, offer: 'my/find' },
      date: TODAY,
      paid: 900,
      itemId: 'i',
      entryId: 'e'
    })
    expect(stillOnOffer(bought, 'my/find', TODAY)).toBe(false)
    expect(change.reverseEntry(bought, 'e', 'r').offers).toEqual(offers)
  })
  test('what there is only one of is on offer no more once it is bought, and again when that was a mistake', () => {
    const find = {
      id: 'my/find',
      tool: 'mallet',
      tier: 'weekend' as const,
      condition: 'used' as const,
      acquisition: 'buy' as const,
      power: 'hand' as const,
      single: true
    }
    const there = {
      ...withBox,
      offers: [find],
      quotes: [quote, { ...quote, id: 'q2', offer: 'my/find', price: 500 }]
    }
    const priceOn = (state: Workspace, id: string): number | undefined => {
      const world = worldOf(state, library, TODAY)
      const open = state.offers.find((one) => one.id === id)
      return (open?.until ?? TODAY) < TODAY ? undefined : unitOn(tillOf(world), id, TODAY)?.payment
    }
    const purchase = { ...saw, offer: 'my/find' }
    const bought = { date: TODAY, paid: 500, itemId: 'n', entryId: 'x' }
    const after = change.recordPurchase(there, library, { purchase, ...bought })
    expect([priceOn(there, 'my/find') !== undefined, priceOn(after, 'my/find')]).toEqual([
      true,
      undefined
    ])
    expect(priceOn(change.reverseEntry(after, 'x', 'r'), 'my/find')).toBe(priceOn(there, 'my/find'))
    expect([priceOn(withBox, 'my/set'), priceOn(boughtBox, 'my/set')]).toEqual([9000, undefined])
    const onOffer = (state: Workspace): boolean[] =>
      ['my/find', 'my/set'].map((id) => stillOnOffer(state, id, TODAY))
    expect([onOffer(there), onOffer(after), onOffer(boughtBox)]).toEqual([
      [true, true],
      [false, true],
      [true, false]
    ])
    expect([crossCheck(after, library), crossCheck(boughtBox, library)]).toEqual([[], []])
    const planned = makePlan(worldOf(after, library, TODAY), { evaluations: 200 })
    expect(
      planned.kind !== 'clash' && planned.plan.purchases.some(({ offer }) => offer === 'my/find')
    ).toBe(false)
  })
})

test('a receipt’s lines are entries of their own that share it; tools go into the kit, timber does not', () => {
  const line = { tax: 0, delivery: 100, itemId: 'i', entryId: 'e' }
  const after = change.recordReceipt(start, library, {
    id: 'r1',
    date: TODAY,
    seller: 'hardware-store',
    warrantyUntil: '2028-05-04',
    lines: [
      { ...line, what: 'planned', purchase: saw, amount: 4000, entryId: 'e1', itemId: 'i1' },
      {
        ...line,
        what: 'tool',
        tool: 'tape',
        tier: 'weekend',
        condition: 'new',
        power: 'hand',
        count: 2,
        amount: 1200,
        entryId: 'e2',
        itemId: 'i2'
      },
      {
        ...line,
        what: 'other',
        kind: 'timber',
        text: 'Two boards',
        amount: 2500,
        entryId: 'e3',
        itemId: 'i3',
        delivery: 0
      }
    ]
  })
  expect(
    after.ledger
      .slice(-3)
      .map(({ kind, amount, receipt, warrantyUntil, delivery }) => [
        kind,
        amount,
        receipt,
        warrantyUntil,
        delivery
      ])
  ).toEqual([
    ['tool', -4000, 'r1', '2028-05-04', 100],
    ['tool', -1200, 'r1', '2028-05-04', 100],
    ['timber', -2500, 'r1', undefined, undefined]
  ])
  expect(after.items.map(({ tool, count, cost }) => [tool, count, cost])).toEqual([
    ['circular-saw', 1, 4000],
    ['tape', 2, 1200]
  ])
  expect(crossCheck(after, library)).toEqual([])
})

test('rows taken in: known ids take the place, equal ones are counted, the ledger only grows', () => {
  const hive = demo('hive-yard')
  const [first] = hive.items
  if (!first) throw new Error('no item')
  const items = change.takeInItems(hive, [
    { ...first, count: 3 },
    hive.items[1] ?? first,
    item('mallet', { id: 'new' })
  ])
  expect([
    items.alreadyThere,
    items.workspace.items.length,
    items.workspace.items[0]?.count
  ]).toEqual([1, hive.items.length + 1, 3])
  const [opening, , sand] = hive.ledger
  if (!opening || !sand) throw new Error('no entries')
  const taken = change.takeInEntries(hive, [
    opening,
    { ...sand, amount: -1 },
    { ...sand, id: 'other' },
    { id: 'fresh', date: '2026-05-01', kind: 'other', amount: -5, text: 'Pencil' }
  ])
  expect([
    taken.alreadyThere,
    taken.conflicts.map(({ id }) => id),
    taken.workspace.ledger.slice(hive.ledger.length).map(({ id }) => id)
  ]).toEqual([2, ['e3'], ['fresh']])
})
