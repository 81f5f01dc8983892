import { describe, expect, test } from '@jest/globals'
import { demo } from '../../tests/helpers/workspaces'
import type { Piece } from '../workspace'
import { booksOf, leftOf, realWages, type Design } from '.'

const piece = (change: Partial<Piece>): Piece => ({
  id: 'p',
  build: 'stool',
  name: 'Stool',
  made: '2026-03-01',
  cost: 1900,
  minutes: 0,
  offered: [],
  ...change
})
const sold = { id: 's', date: '2026-03-20', price: 5800, fee: 300, delivery: 250 }

describe('what an hour really brought, by hand', () => {
  test('price less fees, delivery, what was given back and what is in the piece; what was kept of a sale taken back on top', () => {
    expect(leftOf(piece({ sold }))).toBe(5800 - 300 - 250 - 1900)
    expect(leftOf(piece({ sold: { ...sold, back: 1000 } }))).toBe(2350)
    expect(leftOf(piece({ sold, kept: 400 }))).toBe(3750)
    // Brought back, a part of the money kept: the piece is in the stock again with what is in it.
    expect(leftOf(piece({ kept: 400 }))).toBe(400)
  })
  test('over the hours of all pieces that were timed, the best first; one without hours says nothing of them', () => {
    const design = {
      build: 'stool',
      net: 5250,
      cost: 1900,
      batch: 1,
      batchMinutes: 0,
      eachMinutes: 150
    }
    const pieces = [
      piece({ minutes: 180, sold }),
      piece({ minutes: 120, sold: { ...sold, price: 6400 } }),
      piece({ sold }),
      piece({ minutes: 999 }),
      piece({ build: 'box', name: 'Box', minutes: 60, sold: { ...sold, price: 9000 } })
    ]
    const wages = realWages(pieces, [design as Design])
    expect(wages.map(({ build }) => build)).toEqual(['box', 'stool'])
    // 33.50 and 39.50 in five hours; expected 33.50 in two and a half.
    expect(wages[1]).toMatchObject({ sold: 3, minutesEach: 150, expectedMinutes: 150 })
    expect(wages[1]?.perHour).toBeCloseTo((3350 + 3950) / 5, 9)
    expect(wages[1]?.expected).toBeCloseTo(3350 / 2.5, 9)
    expect(wages[0]?.perHour).toBe(6550)
    expect(wages[0]?.expected).toBeUndefined()
  })
})

test('the demo’s year in the books is what its pieces and its ledger say, added up one by one', () => {
  const stall = demo('market-stall')
  const [year] = booksOf(stall, 'year', '2026-11-02').filter(({ period }) => period === '2026')
  const own = (stall.pieces ?? []).filter(({ sold: sale }) => sale?.date.startsWith('2026'))
  const [cost, minutes] = own.reduce<readonly [number, number]>(
    (sum, one) => [sum[0] + one.cost, sum[1] + one.minutes],
    [0, 0]
  )
  // Nothing is taken back in the demo's ledger, and all is paid: the money of a piece is in its entries.
  expect(stall.ledger.some(({ kind }) => kind === 'reversal')).toBe(false)
  let [takings, fees] = [0, 0]
  for (const { kind, amount, date, piece: id } of stall.ledger) {
    if (id === undefined || !date.startsWith('2026')) continue
    if (kind === 'sale' || kind === 'given-back') takings += amount
    if (kind === 'fee') fees -= amount
  }
  expect(own.length).toBeGreaterThan(20)
  expect(year?.all).toMatchObject({ pieces: own.length, takings, fees, cost, minutes })
  expect(year?.all.left).toBe(takings - fees - cost - (year?.all.other ?? 0))
  expect(year?.all.perHour).toBeCloseTo(((year?.all.left ?? 0) * 60) / minutes, 6)
})
