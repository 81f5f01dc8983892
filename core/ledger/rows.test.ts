import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import {
  NO_FILTER,
  balanceOn,
  dailyBalances,
  filterRows,
  ledgerRows,
  ledgerSums,
  reversalOf,
  shareOut,
  sortRows,
  shareReceipt,
  standing,
  thinned,
  type LedgerEntry
} from '.'
import { entry, ledgerOf } from '../../tests/helpers/ledgers'

describe('a receipt with several lines', () => {
  test('shares add up to the whole, and none is off its exact share by a whole unit', () => {
    fc.assert(
      fc.property(
        fc.nat(1_000_000),
        fc.array(fc.nat(100_000), { minLength: 1, maxLength: 30 }),
        (total, weights) => {
          const shares = shareOut(total, weights)
          const sum = weights.reduce((a, b) => a + b, 0)
          expect(shares.reduce((a, b) => a + b, 0)).toBe(total)
          shares.forEach((share, i) =>
            expect(
              Math.abs(
                share - (sum === 0 ? total / weights.length : (total * (weights[i] ?? 0)) / sum)
              )
            ).toBeLessThan(1)
          )
        }
      )
    )
  })
  test('worked by hand: 10.00 of delivery over 30.00, 30.00 and 40.01, tax contained', () => {
    // 10 × 3000/10001 = 2.9997, 2.9997, 4.0006: 299 + 299 + 400, the two cents left go to the largest remainders.
    expect(
      shareReceipt([{ price: 3000 }, { price: 3000 }, { price: 4001 }], {
        tax: 0,
        taxIncluded: true,
        delivery: 1000
      })
    ).toEqual({
      ok: true,
      value: [
        { amount: 3300, tax: 0, delivery: 300 },
        { amount: 3300, tax: 0, delivery: 300 },
        { amount: 4401, tax: 0, delivery: 400 }
      ]
    })
  })
  test('tax below the lines is added, tax within them only shown; a total that differs is refused with the difference', () => {
    const lines = [{ price: 1000 }, { price: 3000 }]
    expect(shareReceipt(lines, { tax: 800, taxIncluded: false, delivery: 0 })).toMatchObject({
      value: [
        { amount: 1200, tax: 200 },
        { amount: 3600, tax: 600 }
      ]
    })
    expect(
      shareReceipt(lines, { tax: 800, taxIncluded: true, delivery: 0, total: 4000 })
    ).toMatchObject({
      value: [
        { amount: 1000, tax: 200 },
        { amount: 3000, tax: 600 }
      ]
    })
    expect(
      shareReceipt(lines, { tax: 0, taxIncluded: true, delivery: 0, total: 4100 })
    ).toMatchObject({
      ok: false,
      issues: [{ code: 'receipt.total-differs', figures: { difference: 100 } }]
    })
    expect(shareReceipt([], { tax: 0, taxIncluded: true, delivery: 0 })).toMatchObject({
      issues: [{ code: 'receipt.empty' }]
    })
  })
})

describe('rows of the table', () => {
  const ledger = [
    ...ledgerOf([
      { day: 9, amount: -300, text: 'Glue' },
      { day: 3, amount: 1000, text: 'Start' },
      { day: 9, amount: -200, text: 'Boards of oak' }
    ]),
    reversalOf(ledgerOf([{ day: 9, amount: -300, text: 'Glue' }])[0] as LedgerEntry, 'r')
  ]
  const rows = ledgerRows(ledger)
  test('the running balance of each row is the sum of all that stands before it', () => {
    fc.assert(
      fc.property(fc.array(entry, { maxLength: 20 }), (list) => {
        const all = ledgerRows(ledgerOf(list))
        const last = new Map([...all].reverse().map((row) => [row.entry.date, row.balance]))
        for (const [day, balance] of last) expect(balance).toBe(balanceOn(ledgerOf(list), day))
      })
    )
    expect(rows.map(({ entry: { text }, balance, reversed }) => [text, balance, reversed])).toEqual(
      [
        ['Glue', 800, false],
        ['Boards of oak', 500, false],
        ['Glue', 700, true],
        ['Start', 1000, false]
      ]
    )
  })
  test('filters by every word, kind, day and standing; sorting turns round and keeps equals in order', () => {
    const texts = (list: readonly { entry: LedgerEntry }[]): string[] =>
      list.map(({ entry: { text } }) => text)
    expect(texts(filterRows(rows, { ...NO_FILTER, text: 'OAK boards' }))).toEqual(['Boards of oak'])
    expect(texts(filterRows(rows, { ...NO_FILTER, kinds: ['set-aside'] }))).toEqual(['Start'])
    expect(texts(filterRows(rows, { ...NO_FILTER, from: '2026-05-04', standing: true }))).toEqual([
      'Boards of oak'
    ])
    expect(texts(filterRows(rows, { ...NO_FILTER, to: '2026-05-03' }))).toEqual(['Start'])
    expect(filterRows(rows, NO_FILTER)).toBe(rows)
    expect(texts(sortRows(rows, 'amount', true))).toEqual([
      'Start',
      'Glue',
      'Boards of oak',
      'Glue'
    ])
    expect(texts(sortRows(rows, 'text', false))).toEqual(['Boards of oak', 'Glue', 'Glue', 'Start'])
    expect(texts(sortRows(rows, 'date', false))).toEqual(texts([...rows].reverse()))
  })
})

test('rows of a ledger that has grown are the same as worked out anew, whatever was added', () => {
  fc.assert(
    fc.property(
      fc.array(entry, { maxLength: 12 }),
      fc.array(entry, { maxLength: 5 }),
      fc.boolean(),
      (first, more, takeBack) => {
        const before = ledgerOf(first, 'a')
        const after = [
          ...before,
          ...ledgerOf(more, 'b'),
          ...(takeBack && before[0] ? [reversalOf(before[0], 'r')] : [])
        ]
        expect(ledgerRows(after, { entries: before, rows: ledgerRows(before) })).toEqual(
          ledgerRows(after)
        )
        expect(ledgerRows(before.slice(1), { entries: before, rows: ledgerRows(before) })).toEqual(
          ledgerRows(before.slice(1))
        )
      }
    )
  )
})

test('a thinned line keeps its ends, its lowest and its highest point, in order', () => {
  fc.assert(
    fc.property(
      fc.array(fc.integer({ min: -9999, max: 9999 }), { minLength: 1, maxLength: 900 }),
      fc.integer({ min: 8, max: 120 }),
      (list, most) => {
        const points = list.map((balance, at) => ({ balance, at }))
        const kept = thinned(points, most)
        expect(kept.length).toBeLessThanOrEqual(Math.max(most + 4, Math.min(points.length, most)))
        expect([kept[0], kept.at(-1)]).toEqual([points[0], points.at(-1)])
        for (const end of [Math.min, Math.max])
          expect(end(...kept.map(({ balance }) => balance))).toBe(end(...list))
        expect(kept.map(({ at }) => at)).toEqual(kept.map(({ at }) => at).sort((a, b) => a - b))
      }
    )
  )
})

test('sums and daily balances of the rows are those of the entries that stand', () => {
  fc.assert(
    fc.property(fc.array(entry, { maxLength: 15 }), fc.boolean(), (list, takeBack) => {
      const plain = ledgerOf(list).map((one, i) =>
        i % 2 === 0 ? { ...one, planned: one.amount - 7 } : one
      )
      const ledger = [...plain, ...(takeBack && plain[0] ? [reversalOf(plain[0], 'r')] : [])]
      const still = standing(ledger)
      const { inn, out, against } = ledgerSums(ledgerRows(ledger))
      expect(inn - out).toBe(balanceOn(ledger, '2026-12-31'))
      expect(inn).toBe(
        still.filter(({ amount }) => amount > 0).reduce((sum, { amount }) => sum + amount, 0)
      )
      const compared = still.filter(({ planned }) => planned !== undefined)
      expect(against === undefined ? 0 : against.planned - against.paid).toBe(7 * compared.length)
      for (const { date, balance } of dailyBalances(ledgerRows(ledger)))
        expect(balance).toBe(balanceOn(ledger, date))
    })
  )
})
