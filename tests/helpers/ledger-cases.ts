import fc from 'fast-check'
import { reversalOf, type LedgerEntry } from '../../core/ledger'

export const nasty = fc.constantFrom(
  'saw',
  '=1+1',
  '@cmd',
  "'=x",
  "''=y",
  '-4',
  '+5',
  'a; b, c',
  'a\tb\tc\td\te\tf\tg\th\ti\tj\tk\tl\tm\tn\to\tp\tq\tr\ts\tt\tu',
  '\uff1d1+1',
  '\uff20cmd',
  'say "so"',
  'two\nlines',
  'Säge',
  '日本',
  '; comment',
  '| bar',
  '! mark',
  '* star',
  '(code) x',
  '   spaced'
)
/** A ledger that keeps every rule: purchases with all that a receipt says, money in, reversals and refunds. */
export const ledgerCase = fc
  .array(
    fc.record({
      day: fc.integer({ min: 1, max: 28 }),
      amount: fc.integer({ min: 1, max: 90_000 }),
      text: nasty,
      kind: fc.constantFrom('tool', 'timber', 'set-aside', 'one-off', 'fee'),
      extra: fc.nat(3)
    }),
    { maxLength: 25 }
  )
  .map((rows) =>
    rows.flatMap(({ day, amount, text, kind, extra }, i): LedgerEntry[] => {
      const out = kind !== 'set-aside' && !(kind === 'one-off' && i % 2 === 0)
      const date = `2026-04-${String(day).padStart(2, '0')}`
      const paid = {
        tax: Math.floor(amount / 6),
        delivery: 1,
        seller: 'auction' as const,
        condition: 'used' as const,
        warrantyUntil: '2028-02-29',
        receipt: `r${i}`,
        tool: 'tape',
        planned: -amount - 3
      }
      const entry: LedgerEntry = {
        id: `e${i}`,
        date,
        kind: kind as LedgerEntry['kind'],
        amount: out ? -amount : amount,
        text: text.trim(),
        ...(out && extra > 1 && amount > 6 ? paid : {})
      }
      if (extra === 1) return [entry, reversalOf(entry, `r${i}`)]
      return extra === 3 && out
        ? [entry, { id: `f${i}`, date, kind: 'refund', amount: 1, text: 'back', refunds: `e${i}` }]
        : [entry]
    })
  )
