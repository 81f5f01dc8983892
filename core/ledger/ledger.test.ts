import { expect, test } from '@jest/globals'
import fc from 'fast-check'
import { balanceOn, reconcile, reversalOf, standing, type LedgerEntry } from '.'

const entry = fc.record({ day: fc.integer({ min: 1, max: 28 }), amount: fc.integer({ min: -50_000, max: 50_000 }), text: fc.constantFrom('saw', 'boards', 'glue') })
const ledgerOf = (list: readonly { day: number; amount: number; text: string }[], prefix = 'e'): LedgerEntry[] =>
  list.map(({ day, amount, text }, i) => ({ id: `${prefix}${i}`, date: `2026-05-${String(day).padStart(2, '0')}`, kind: amount < 0 ? 'tool' : 'set-aside', amount, text }))
const DAYS = Array.from({ length: 28 }, (_, i) => `2026-05-${String(i + 1).padStart(2, '0')}`)
const balances = (ledger: readonly LedgerEntry[]): number[] => DAYS.map((day) => balanceOn(ledger, day))
const ids = (): (() => string) => {
  let n = 0
  return () => `new${n++}`
}

test('the balance of a day is the sum of what moved until then', () => {
  const ledger = ledgerOf([{ day: 3, amount: 1000, text: 'a' }, { day: 5, amount: -300, text: 'b' }])
  expect([balanceOn(ledger, '2026-05-02'), balanceOn(ledger, '2026-05-03'), balanceOn(ledger, '2026-05-31')]).toEqual([0, 1000, 700])
})

test('a reversal brings every day’s balance back', () => {
  fc.assert(fc.property(fc.array(entry, { minLength: 1, maxLength: 20 }), fc.nat(), (list, which) => {
    const ledger = ledgerOf(list)
    const taken = ledger[which % ledger.length]
    if (!taken) return
    const without = ledger.filter(({ id }) => id !== taken.id)
    expect(balances([...ledger, reversalOf(taken, 'r')])).toEqual(balances(without))
    expect(standing([...ledger, reversalOf(taken, 'r')])).toEqual(without)
  }))
})

test('reconciling adds only, and ends at the other ledger’s standing entries', () => {
  fc.assert(fc.property(fc.array(entry, { maxLength: 12 }), fc.array(entry, { maxLength: 12 }), (a, b) => {
    const [current, target] = [ledgerOf(a, 'a'), ledgerOf(b, 'b')]
    const after = reconcile(current, target, ids())
    expect(after.slice(0, current.length)).toEqual(current)
    expect(balances(after)).toEqual(balances(target))
    expect(new Set(after.map(({ id }) => id)).size).toBe(after.length)
    const again = reconcile(after, current, ids())
    expect(balances(again)).toEqual(balances(current))
  }))
})

test('reconciling equal ledgers adds nothing', () => {
  const ledger = ledgerOf([{ day: 1, amount: 5, text: 'a' }, { day: 1, amount: 5, text: 'a' }])
  expect(reconcile(ledger, ledger, ids())).toEqual(ledger)
})
