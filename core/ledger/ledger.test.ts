import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import {
  NO_FILTER,
  balanceOn,
  dailyBalances,
  filterRows,
  ledgerProblems,
  ledgerRows,
  ledgerSums,
  reconcile,
  reversalOf,
  shareOut,
  sortRows,
  splitReceipt,
  standing,
  thinned,
  type LedgerEntry
} from '.'

const entry = fc.record({
  day: fc.integer({ min: 1, max: 28 }),
  amount: fc.integer({ min: -50_000, max: 50_000 }),
  text: fc.constantFrom('saw', 'boards', 'glue')
})
const ledgerOf = (
  list: readonly { day: number; amount: number; text: string }[],
  prefix = 'e'
): LedgerEntry[] =>
  list.map(({ day, amount, text }, i) => ({
    id: `${prefix}${i}`,
    date: `2026-05-${String(day).padStart(2, '0')}`,
    kind: amount < 0 ? 'tool' : 'set-aside',
    amount,
    text
  }))
const DAYS = Array.from({ length: 28 }, (_, i) => `2026-05-${String(i + 1).padStart(2, '0')}`)
const balances = (ledger: readonly LedgerEntry[]): number[] =>
  DAYS.map((day) => balanceOn(ledger, day))
const ids = (): (() => string) => {
  let n = 0
  return () => `new${n++}`
}

test('the balance of a day is the sum of what moved until then', () => {
  const ledger = ledgerOf([
    { day: 3, amount: 1000, text: 'a' },
    { day: 5, amount: -300, text: 'b' }
  ])
  expect([
    balanceOn(ledger, '2026-05-02'),
    balanceOn(ledger, '2026-05-03'),
    balanceOn(ledger, '2026-05-31')
  ]).toEqual([0, 1000, 700])
})

test('a reversal brings every day’s balance back', () => {
  fc.assert(
    fc.property(fc.array(entry, { minLength: 1, maxLength: 20 }), fc.nat(), (list, which) => {
      const ledger = ledgerOf(list)
      const taken = ledger[which % ledger.length]
      if (!taken) return
      const without = ledger.filter(({ id }) => id !== taken.id)
      expect(balances([...ledger, reversalOf(taken, 'r')])).toEqual(balances(without))
      expect(standing([...ledger, reversalOf(taken, 'r')])).toEqual(without)
    })
  )
})

test('reconciling adds only, and ends at the other ledger’s standing entries', () => {
  fc.assert(
    fc.property(fc.array(entry, { maxLength: 12 }), fc.array(entry, { maxLength: 12 }), (a, b) => {
      const [current, target] = [ledgerOf(a, 'a'), ledgerOf(b, 'b')]
      const after = reconcile(current, target, ids())
      expect(after.slice(0, current.length)).toEqual(current)
      expect(balances(after)).toEqual(balances(target))
      expect(new Set(after.map(({ id }) => id)).size).toBe(after.length)
      const again = reconcile(after, current, ids())
      expect(balances(again)).toEqual(balances(current))
    })
  )
})

test('reconciling equal ledgers adds nothing', () => {
  const ledger = ledgerOf([
    { day: 1, amount: 5, text: 'a' },
    { day: 1, amount: 5, text: 'a' }
  ])
  expect(reconcile(ledger, ledger, ids())).toEqual(ledger)
})

describe('what a ledger must keep to', () => {
  const paid: LedgerEntry = {
    id: 'a',
    date: '2026-05-03',
    kind: 'tool',
    amount: -5000,
    text: 'saw'
  }
  const back = reversalOf(paid, 'r')
  const refund = (id: string, amount: number): LedgerEntry => ({
    id,
    date: '2026-05-09',
    kind: 'refund',
    amount,
    text: 'saw',
    refunds: 'a'
  })
  const codes = (...ledger: LedgerEntry[]): string[] =>
    ledgerProblems(ledger).map(({ code, path }) => `${code} ${path.join('.')}`)

  test('a purchase, its reversal and its refunds up to what was paid are in order', () => {
    expect(codes(paid, back)).toEqual([])
    expect(codes(paid, refund('f', 2000), refund('g', 3000))).toEqual([])
    expect(
      codes(paid, refund('f', 5000), reversalOf(refund('f', 5000), 'x'), refund('g', 5000))
    ).toEqual([])
  })
  test.each<[string, LedgerEntry[], string]>([
    [
      'taken back twice',
      [paid, back, { ...back, id: 's' }],
      'ledger.reversed-twice ledger.2.reverses'
    ],
    [
      'a reversal of another amount',
      [paid, { ...back, amount: 4999 }],
      'ledger.reversal-differs ledger.1.reverses'
    ],
    [
      'a reversal on another day',
      [paid, { ...back, date: '2026-05-04' }],
      'ledger.reversal-differs ledger.1.reverses'
    ],
    [
      'a reversal of a reversal',
      [paid, back, reversalOf(back, 't')],
      'ledger.reversal-differs ledger.2.reverses'
    ],
    [
      'taking back what is not there',
      [{ ...back, reverses: 'gone' }],
      'unknown.entry ledger.0.reverses'
    ],
    [
      'a reversal that takes nothing back',
      [{ ...paid, kind: 'reversal' }],
      'ledger.reversal-kind ledger.0.kind'
    ],
    [
      'more refunded than paid',
      [paid, refund('f', 3000), refund('g', 2001)],
      'ledger.refund-too-large ledger.2.refunds'
    ],
    [
      'a refund of money that came in',
      [{ ...paid, kind: 'sale', amount: 5000 }, refund('f', 1)],
      'ledger.refund-too-large ledger.1.refunds'
    ],
    ['a tool that brings money', [{ ...paid, amount: 5000 }], 'ledger.wrong-way ledger.0.amount'],
    [
      'a set-aside that takes money',
      [{ ...paid, kind: 'set-aside' }],
      'ledger.wrong-way ledger.0.amount'
    ],
    [
      'more tax than money',
      [{ ...paid, tax: 3000, delivery: 2001 }],
      'ledger.parts-too-large ledger.0.amount'
    ]
  ])('%s', (_what, ledger, expected) => expect(codes(...ledger)).toEqual([expected]))

  const goes = (kind: LedgerEntry['kind'], amount: number): string[] =>
    codes({ id: 'a', date: '2026-05-03', kind, amount, text: 'x' })
  test.each(['set-aside', 'sale', 'resale', 'refund'] as const)('%s only brings money', (kind) =>
    expect([goes(kind, 100), goes(kind, 0), goes(kind, -100)]).toEqual([
      [],
      [],
      ['ledger.wrong-way ledger.0.amount']
    ])
  )
  test.each(['tool', 'companion', 'consumable', 'timber', 'fee', 'repair'] as const)(
    '%s only costs money',
    (kind) =>
      expect([goes(kind, -100), goes(kind, 0), goes(kind, 100)]).toEqual([
        [],
        [],
        ['ledger.wrong-way ledger.0.amount']
      ])
  )
  test.each(['opening', 'one-off', 'other'] as const)('%s goes either way', (kind) =>
    expect([goes(kind, 100), goes(kind, -100)]).toEqual([[], []])
  )
  test('tax and delivery may be all of what was paid', () =>
    expect(codes({ ...paid, tax: 4000, delivery: 1000 })).toEqual([]))
  test('what is found names the entry and the sums', () => {
    expect(ledgerProblems([paid, refund('f', 3000), refund('g', 2001)], [])).toEqual([
      {
        code: 'ledger.refund-too-large',
        path: [2, 'refunds'],
        figures: { id: 'a', amount: 5001, paid: 5000 }
      }
    ])
    expect(ledgerProblems([{ ...back, reverses: 'gone' }])[0]?.figures).toEqual({ id: 'gone' })
    expect(ledgerProblems([refund('f', 1)])[0]).toMatchObject({
      code: 'unknown.entry',
      figures: { id: 'a' }
    })
  })
  test('only a refund brings money back for a purchase', () =>
    expect(codes(paid, { ...refund('f', 100), kind: 'sale' })).toEqual([
      'ledger.refund-too-large ledger.1.refunds'
    ]))
})

test('a reversal turns what was planned too, and stays with the build and the tool', () => {
  const entry: LedgerEntry = {
    id: 'a',
    date: '2026-05-03',
    kind: 'tool',
    amount: -5000,
    text: 'saw',
    planned: -4500,
    build: 'stool',
    tool: 'pull-saw',
    offer: 'o'
  }
  expect(reversalOf(entry, 'r')).toEqual({
    id: 'r',
    date: '2026-05-03',
    kind: 'reversal',
    amount: 5000,
    text: 'saw',
    reverses: 'a',
    planned: 4500,
    build: 'stool',
    tool: 'pull-saw'
  })
  expect(
    Object.keys(
      reversalOf({ ...entry, planned: undefined, build: undefined, tool: undefined }, 'r')
    )
  ).toEqual(['id', 'date', 'kind', 'amount', 'text', 'reverses'])
  expect(
    standing([entry, reversalOf(entry, 'r'), { ...entry, id: 'b' }]).map(({ id }) => id)
  ).toEqual(['b'])
})

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
      splitReceipt([{ price: 3000 }, { price: 3000 }, { price: 4001 }], {
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
    expect(splitReceipt(lines, { tax: 800, taxIncluded: false, delivery: 0 })).toMatchObject({
      value: [
        { amount: 1200, tax: 200 },
        { amount: 3600, tax: 600 }
      ]
    })
    expect(
      splitReceipt(lines, { tax: 800, taxIncluded: true, delivery: 0, total: 4000 })
    ).toMatchObject({
      value: [
        { amount: 1000, tax: 200 },
        { amount: 3000, tax: 600 }
      ]
    })
    expect(
      splitReceipt(lines, { tax: 0, taxIncluded: true, delivery: 0, total: 4100 })
    ).toMatchObject({
      ok: false,
      issues: [{ code: 'receipt.total-differs', figures: { difference: 100 } }]
    })
    expect(splitReceipt([], { tax: 0, taxIncluded: true, delivery: 0 })).toMatchObject({
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
