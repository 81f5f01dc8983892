import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import {
  balanceOn,
  pastBalances,
  ledgerProblems,
  reconcile,
  reversalOf,
  standing,
  type LedgerEntry
} from '.'
import { entry, ledgerOf } from '../../tests/helpers/ledgers'

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

test('balances of the past: of the first day and of each day something moved, worked by hand', () => {
  const at = (date: string, amount: number): LedgerEntry => ({
    id: date,
    date,
    kind: 'set-aside',
    amount,
    text: 'saved'
  })
  const ledger = [at('2026-05-01', 100), at('2026-05-10', 40), at('2026-05-20', 7)]
  expect(pastBalances(ledger, '2026-05-04', '2026-05-20')).toEqual([
    { date: '2026-05-04', balance: 100 },
    { date: '2026-05-10', balance: 140 }
  ])
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
