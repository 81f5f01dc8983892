import fc from 'fast-check'
import { type LedgerEntry } from '../../core/ledger'

export const entry = fc.record({
  day: fc.integer({ min: 1, max: 28 }),
  amount: fc.integer({ min: -50_000, max: 50_000 }),
  text: fc.constantFrom('saw', 'boards', 'glue')
})
export const ledgerOf = (
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
