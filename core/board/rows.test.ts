import { describe, expect, test } from '@jest/globals'
import { library } from '../../data'
import { emptyWorkspace } from '../../tests/helpers/workspaces'
import { findOffer } from '../prices'
import { change, worldOf, type Workspace } from '../workspace'
import { boardRows, changeOf, takenOver, type Feed, type Listing } from '.'

const DAY = '2026-05-04'
const listing = (more: Partial<Listing> = {}): Listing => ({
  id: 'shop/saw',
  seller: 'Shop',
  sellerType: 'online',
  tool: 'circular-saw',
  tier: 'weekend',
  condition: 'new',
  power: 'corded',
  price: 6000,
  ...more
})
const feed = (...listings: Listing[]): Feed => ({
  name: 'Board',
  simulated: true,
  currency: 'EUR',
  date: DAY,
  listings
})
const rows = (workspace: Workspace, ...listings: Listing[]) =>
  boardRows(worldOf(workspace, library, DAY), undefined, feed(...listings))
const SAW = 'circular-saw/weekend/new/buy/corded'
const used = listing({ id: 'ad/saw/1', condition: 'used', stock: 1, price: 3000 })
let count = 0
const newId = (): string => `q${count++}`

describe('what a board says', () => {
  test('of one kind the cheapest stands, with the number of dearer ones; a single piece stands by itself', () => {
    const found = rows(
      emptyWorkspace(),
      listing({ id: 'a', price: 7000 }),
      listing({ id: 'b', price: 6500 }),
      used
    )
    expect(found.map(({ listing: { id }, dearer }) => [id, dearer])).toEqual([
      ['ad/saw/1', 0],
      ['b', 1]
    ])
  })
  test('what is watched comes first, and is met where it costs no more', () => {
    const workspace = change.addWatch(emptyWorkspace(), {
      id: 'w',
      tool: 'circular-saw',
      tier: 'weekend',
      condition: 'new',
      power: 'corded',
      upTo: 6000,
      from: DAY
    })
    const other = listing({ id: 'x', tool: 'jigsaw', price: 1000 })
    const [first] = rows(workspace, other, listing())
    expect([first?.listing.tool, first?.concern, first?.met]).toEqual([
      'circular-saw',
      'watched',
      true
    ])
    expect(rows(workspace, listing({ price: 6001 }))[0]?.met).toBe(false)
  })
  test('against the newest price that was known', () => {
    const workspace = change.addQuotes(emptyWorkspace(), [
      { id: '1', offer: SAW, date: '2026-04-01', price: 8000, seller: 'online' },
      { id: '2', offer: SAW, date: '2026-05-01', price: 7500, seller: 'online' },
      { id: '3', offer: SAW, date: '2026-05-02', price: 500, seller: 'online', until: '2026-05-03' }
    ])
    const [row] = rows(workspace, listing())
    expect(row?.known?.id).toBe('2')
    expect(row && changeOf(row)).toBeCloseTo(-0.2)
  })
  test('nothing enters by itself; taken over it is a price from the board, with its last day', () => {
    const before = emptyWorkspace()
    rows(before, listing())
    expect(before.quotes).toEqual([])
    const after = takenOver(before, { date: DAY }, [listing({ until: '2026-05-09' })], newId)
    expect(after.quotes).toMatchObject([
      { offer: SAW, date: DAY, price: 6000, seller: 'online', source: 'board', until: '2026-05-09' }
    ])
    expect(rows(after, listing())[0]?.taken).toBe(true)
    expect(rows(after, listing({ price: 5000 }))[0]?.taken).toBe(false)
  })
  test('a single used piece becomes a find with its price; taken over twice it is one find still', () => {
    const once = takenOver(emptyWorkspace(), { date: DAY }, [used], newId)
    const twice = takenOver(once, { date: '2026-05-05' }, [{ ...used, price: 2800 }], newId)
    expect(twice.offers).toHaveLength(1)
    const [find] = twice.offers
    expect(find).toMatchObject({ tool: 'circular-saw', condition: 'used', single: true })
    expect(twice.quotes.map(({ offer, price }) => [offer, price])).toEqual([
      [find?.id, 3000],
      [find?.id, 2800]
    ])
    expect(findOffer(worldOf(twice, library, DAY).pricing, find?.id ?? '')).toEqual(find)
  })
})
