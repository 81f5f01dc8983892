import { TODAY, emptyWorkspace } from './workspaces'
import { library } from '../../data'
import { type LedgerEntry } from '../../core/ledger'
import { worldOf, type Plan, type Workspace } from '../../core/workspace'
import { emptyPlan } from '../../core/plan'

export const START = '2026-03-01'
export const entry = (
  id: string,
  date: string,
  amount: number,
  more: Partial<LedgerEntry> = {}
): LedgerEntry => ({ id, date, kind: amount < 0 ? 'tool' : 'set-aside', amount, text: id, ...more })
export const saw = 'circular-saw/weekend/new/buy/corded'
export const tape = 'tape/weekend/new/buy/hand'
export const state = (ledger: LedgerEntry[]): Workspace =>
  emptyWorkspace({
    horizon: { start: START, length: 'month', count: 12 },
    money: {
      ...emptyWorkspace().money,
      income: { kind: 'monthly', first: START, dayOfMonth: 1, amount: 10_000 }
    },
    ledger: [entry('open', START, 5000, { kind: 'opening' }), ...ledger]
  })
export const planOf = (workspace: Workspace, change: Partial<Plan> = {}): Plan => ({
  ...emptyPlan(worldOf(workspace, library, TODAY)),
  asOf: START,
  until: '2027-02-28',
  purchases: [
    { id: 'a', offer: saw, count: 1, date: '2026-04-01', price: 9000 },
    { id: 'b', offer: tape, count: 1, date: '2026-03-01', price: 1000 },
    { id: 'c', offer: 'mallet/weekend/new/buy/hand', count: 1, date: '2026-08-01', price: 2000 }
  ],
  builds: [
    {
      build: 'bird-box',
      begin: '2026-04-01',
      done: '2026-04-20',
      work: [],
      methods: {},
      material: 3000
    }
  ],
  ...change
})
