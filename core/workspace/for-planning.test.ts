import { expect, test } from '@jest/globals'
import fc from 'fast-check'
import { library } from '../../data'
import { DEMO_FILES, TODAY, demo } from '../../tests/helpers/workspaces'
import { reversalOf, type LedgerEntry } from '../ledger'
import { forPlanning, worldOf, workspaceHash, type Workspace } from '.'

/** All that a plan is made from. */
const ground = (workspace: Workspace): unknown => {
  const { balance, receipts, overdue, until, asOf } = worldOf(workspace, library, TODAY)
  return { balance, receipts, overdue, until, asOf, hash: workspaceHash(workspace) }
}

test.each(DEMO_FILES)(
  '%s: what is handed to a worker plans the same, with a fraction of the ledger',
  (name) => {
    const state = demo(name)
    const handed = forPlanning(state, TODAY)
    expect(ground(handed)).toEqual(ground(state))
    expect(handed.ledger.length).toBeLessThanOrEqual(state.ledger.length)
  }
)

test('so it is for any ledger: answered receipts, reversals, entries still to come', () => {
  const some = fc.record({
    day: fc.integer({ min: 1, max: 28 }),
    month: fc.constantFrom('03', '04', '05'),
    amount: fc.integer({ min: -9000, max: 9000 }),
    kind: fc.constantFrom('opening', 'set-aside', 'other'),
    answers: fc.option(
      fc.constantFrom('income/2026-04-01', 'income/2026-05-01', 'one-off/windfall')
    ),
    back: fc.boolean()
  })
  fc.assert(
    fc.property(fc.array(some, { maxLength: 15 }), (rows) => {
      const ledger = rows.flatMap(
        ({ day, month, amount, kind, answers, back }, i): LedgerEntry[] => {
          const entry: LedgerEntry = {
            id: `e${i}`,
            date: `2026-${month}-${String(day).padStart(2, '0')}`,
            kind: kind as LedgerEntry['kind'],
            amount,
            text: 'x',
            ...(answers === null ? {} : { answers })
          }
          return back ? [entry, reversalOf(entry, `r${i}`)] : [entry]
        }
      )
      const state = { ...demo('hive-yard'), ledger }
      const future = ledger.some(({ date, answers }) => date > TODAY && answers !== undefined)
      const handed = forPlanning(state, TODAY)
      if (!future) expect(ground(handed)).toEqual(ground(state))
      expect(workspaceHash(handed)).toBe(workspaceHash(forPlanning(handed, TODAY)))
    }),
    { numRuns: 150 }
  )
})
