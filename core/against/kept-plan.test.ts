import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { TODAY, build } from '../../tests/helpers/workspaces'
import { library } from '../../data'
import { balanceOn, reversalOf, type LedgerEntry } from '../ledger'
import { worldOf, type Plan, type Workspace } from '../workspace'
import { againstPlan, keepPlan } from '.'
import { evaluate } from '../plan'
import { START, entry, saw, tape, state, planOf } from '../../tests/helpers/against'

describe('what a kept plan knew and counted on', () => {
  const before = state([entry('march', '2026-03-01', 10_000)])
  const keep = (workspace: Workspace, change: Partial<Plan> = {}): Plan => {
    const plan = planOf(workspace, {
      asOf: TODAY,
      until: '2026-07-31',
      purchases: [],
      builds: [],
      ...change
    })
    const kept = keepPlan(worldOf(workspace, library, TODAY), plan).adopted.at(-1)
    if (!kept) throw new Error('nothing kept')
    return kept
  }
  const against = (workspace: Workspace, plan: Plan, asOf = TODAY) =>
    againstPlan(worldOf({ ...workspace, asOf }, library, TODAY), plan)
  const added = (workspace: Workspace, ...more: LedgerEntry[]): Workspace => ({
    ...workspace,
    ledger: [...workspace.ledger, ...more]
  })

  test('a payday raised or a one-off put in later is news, not part of the plan', () => {
    const plan = keep(before)
    expect(plan.kept).toEqual({
      on: TODAY,
      balance: 15_000,
      entries: [],
      income: ['2026-06-01', '2026-07-01'].map((date) => ({ date, amount: 10_000 }))
    })
    const raised: Workspace = {
      ...before,
      money: {
        ...before.money,
        income: { kind: 'monthly', first: START, dayOfMonth: 1, amount: 15_000 },
        oneOffs: [{ id: 'gift', date: '2026-06-10', amount: 7000, text: 'Gift' }]
      }
    }
    expect(against(raised, plan, '2026-06-20').stages.map(({ plannedIn }) => plannedIn)).toEqual([
      0, 10_000
    ])
    // A plan that was kept by an earlier version cannot say so.
    expect(
      against(raised, { ...plan, kept: undefined }, '2026-06-20').stages.map(
        ({ plannedIn }) => plannedIn
      )
    ).toEqual([0, 22_000])
  })
  test('what was bought on the day, before the plan was kept, is no difference; what is bought after it is', () => {
    const saw1 = entry('saw', TODAY, -7000, { offer: saw })
    const plan = keep(added(before, saw1))
    expect(against(added(before, saw1), plan)).toMatchObject({
      ahead: 0,
      total: { plannedIn: 0, actualIn: 0, plannedOut: 0, actualOut: 0 },
      tools: []
    })
    const after = against(added(before, saw1, entry('tape', TODAY, -900, { offer: tape })), plan)
    expect([
      after.ahead,
      after.total.actualOut,
      after.tools.map(({ tool, kind }) => [tool, kind])
    ]).toEqual([-900, 900, [['tape', 'unplanned']]])
  })
  test('an entry known to the plan that is taken back comes off what went out; one of an earlier day put in later is a correction', () => {
    const saw1 = entry('saw', TODAY, -7000, { offer: saw })
    const known = added(before, saw1)
    const plan = keep(known)
    const back = against(added(known, reversalOf(saw1, 'r')), plan)
    expect([
      back.ahead,
      back.total.actualIn,
      back.total.actualOut,
      back.actual.at(-1)?.balance
    ]).toEqual([7000, 0, -7000, 15_000])
    const late = against(added(known, entry('forgotten', '2026-03-20', -250)), plan)
    expect([late.ahead, late.total.actualOut, late.actual.map(({ balance }) => balance)]).toEqual([
      -250,
      0,
      [8000, 7750]
    ])
  })
  test('whatever is entered and taken back afterwards, the line of the purse ends at what is in it', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            amount: fc.integer({ min: -5000, max: 5000 }),
            day: fc.constantFrom('2026-03-05', '2026-04-20', TODAY, '2026-05-20'),
            back: fc.boolean(),
            known: fc.boolean()
          }),
          { maxLength: 12 }
        ),
        (list) => {
          const entries = list.map(({ amount, day }, i) =>
            entry(`x${i}`, day, amount, { kind: amount < 0 ? 'other' : 'one-off' })
          )
          const known = added(
            before,
            ...entries.filter(({ date }, i) => list[i]?.known === true && date <= TODAY)
          )
          const all = added(
            before,
            ...entries,
            ...entries.flatMap((one, i) =>
              list[i]?.back === true ? [reversalOf(one, `r${i}`)] : []
            )
          )
          const laidOver = against(all, keep(known), '2026-06-15')
          expect(laidOver.actual.at(-1)).toEqual({
            date: '2026-06-15',
            balance: balanceOn(all.ledger, '2026-06-15')
          })
        }
      )
    )
  })
  test('builds that are sold count by their net price, the share that flows back, on the day they are sold', () => {
    const selling: Workspace = {
      ...before,
      money: { ...before.money, income: { kind: 'none' }, reinvestShare: 0.5 },
      builds: [
        build('bird-box', { id: 'boxes', copies: 4, sale: { netEach: 3000, daysToSell: 10 } })
      ]
    }
    const made = { build: 'boxes', begin: TODAY, work: [], methods: {}, material: 0 }
    const plan = keep(selling, {
      builds: [
        { ...made, copies: 3, done: '2026-05-20' },
        { ...made, copies: 1, done: '2026-07-25' }
      ]
    })
    // Three at 30.00, half of it, ten days after; the fourth would be sold after the plan's last day.
    expect(plan.kept?.income).toEqual([{ date: '2026-05-30', amount: 4500 }])
    expect(against(selling, plan, '2026-06-15')).toMatchObject({
      ahead: -4500,
      total: { plannedIn: 4500, actualIn: 0 }
    })
    // The judge of plans counts on the same.
    expect(
      evaluate(worldOf(selling, library, TODAY), plan).movements.find(({ kind }) => kind === 'sale')
    ).toMatchObject({ date: '2026-05-30', amount: 4500 })
  })
})
