import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { TODAY, demoWorld, worldWith } from '../../tests/helpers/workspaces'
import { library } from '../../data'
import { balanceOn, reversalOf, type LedgerEntry } from '../ledger'
import { worldOf, type Plan } from '../workspace'
import { againstPlan, shiftsBetween } from '.'
import { START, entry, saw, tape, state, planOf } from '../../tests/helpers/against'

const laid = (ledger: LedgerEntry[], change: Partial<Plan> = {}) =>
  againstPlan(worldOf(state(ledger), library, TODAY), planOf(state(ledger), change))

describe('a kept plan laid over what happened; worked by hand', () => {
  const ledger = [
    entry('march', '2026-03-01', 10_000),
    entry('april', '2026-04-02', 8000),
    entry('tape', '2026-03-10', -1200, { offer: tape }),
    entry('wrong', '2026-03-11', -700, { offer: tape }),
    reversalOf(entry('wrong', '2026-03-11', -700, { offer: tape }), 'r'),
    entry('glue', '2026-04-05', -450, { kind: 'consumable', tool: 'finishing-kit' }),
    entry('boards', '2026-04-10', -3600, { kind: 'timber', build: 'bird-box' }),
    entry('clamp', '2026-04-11', -2400, { tool: 'f-clamp-600' }),
    entry('back', '2026-04-20', 2400, { kind: 'refund', refunds: 'clamp' })
  ]
  test('by stage: what came in and went out, refunds off what went out, up to today', () => {
    expect(laid(ledger).stages).toEqual([
      {
        start: '2026-03-01',
        end: '2026-03-31',
        plannedIn: 10_000,
        actualIn: 10_000,
        plannedOut: 1000,
        actualOut: 1200
      },
      {
        start: '2026-04-01',
        end: '2026-04-30',
        plannedIn: 10_000,
        actualIn: 8000,
        plannedOut: 12_000,
        actualOut: 4050
      },
      {
        start: '2026-05-01',
        end: TODAY,
        plannedIn: 10_000,
        actualIn: 0,
        plannedOut: 0,
        actualOut: 0
      }
    ])
  })
  test('by tool: bought, late, to come, not planned, given back', () => {
    expect(
      laid(ledger).tools.map(({ tool, kind, planned, actual }) => [tool, kind, planned, actual])
    ).toEqual([
      ['tape', 'bought', 1000, 1200],
      ['circular-saw', 'late', 9000, 0],
      ['finishing-kit', 'unplanned', 0, 450],
      ['f-clamp-600', 'given-back', 0, 0],
      ['mallet', 'to-come', 2000, 0]
    ])
  })
  test('by build, and the purse against the planned one', () => {
    const { builds, ahead, planned, actual } = laid(ledger)
    expect(builds).toEqual([
      { build: 'bird-box', plannedDone: '2026-04-20', planned: 3000, actual: 3600 }
    ])
    // Planned: 5000 + 3 × 10 000 − 1000 − 9000 − 3000 = 22 000; in the purse: 5000 + 18 000 − 1200 − 450 − 3600 = 17 750.
    expect(ahead).toBe(-4250)
    expect([planned[0], actual.at(-1)]).toEqual([
      { date: START, balance: 5000 },
      { date: TODAY, balance: 17_750 }
    ])
  })
  test('what is planned for today and has not moved yet is no difference', () => {
    const today = {
      purchases: [{ id: 'a', offer: saw, count: 1, date: TODAY, price: 9000 }],
      builds: []
    }
    const paid = [
      entry('m', '2026-03-01', 10_000),
      entry('a', '2026-04-01', 10_000),
      entry('may', '2026-05-01', 10_000)
    ]
    expect(laid(paid, today).ahead).toBe(0)
    expect(laid([...paid, entry('saw', TODAY, -9500, { offer: saw })], today).ahead).toBe(-500)
  })
  test('a purse that follows the plan to the cent is even on every day', () => {
    const true_ = laid([
      entry('m', '2026-03-01', 10_000),
      entry('a', '2026-04-01', 10_000),
      entry('may', '2026-05-01', 10_000),
      entry('t', '2026-03-01', -1000, { offer: tape }),
      entry('s', '2026-04-01', -9000, { offer: saw }),
      entry('b', '2026-04-01', -3000, { kind: 'timber', build: 'bird-box' })
    ])
    expect(true_.ahead).toBe(0)
    for (const { plannedIn, actualIn, plannedOut, actualOut } of true_.stages)
      expect([actualIn, actualOut]).toEqual([plannedIn, plannedOut])
    const until = true_.planned.filter(({ date }) => date <= TODAY).map(({ balance }) => balance)
    expect(true_.actual.map(({ balance }) => balance).slice(0, until.length)).toEqual(until)
  })
})

test('stages add up to the whole: in less out is what the purse gained', () => {
  fc.assert(
    fc.property(
      fc.array(
        fc.record({
          day: fc.integer({ min: 1, max: 60 }),
          amount: fc.integer({ min: -9000, max: 9000 })
        }),
        { maxLength: 20 }
      ),
      (moves) => {
        const ledger = moves.map(({ day, amount }, i) =>
          entry(
            `e${i}`,
            day > 31
              ? `2026-04-${String(day - 31).padStart(2, '0')}`
              : `2026-03-${String(day).padStart(2, '0')}`,
            amount,
            { kind: 'one-off' }
          )
        )
        const { stages, actual, total } = laid(ledger)
        expect(total.actualIn - total.actualOut).toBe(balanceOn(state(ledger).ledger, TODAY) - 5000)
        expect(stages.reduce((sum, { actualIn, actualOut }) => sum + actualIn - actualOut, 0)).toBe(
          balanceOn(state(ledger).ledger, TODAY) - 5000
        )
        expect(actual.at(-1)?.balance).toBe(balanceOn(state(ledger).ledger, TODAY))
      }
    ),
    { numRuns: 60 }
  )
})

test('Hive yard: the demo’s kept plan and what came of it', () => {
  const world = demoWorld('hive-yard')
  const [plan] = world.workspace.adopted
  if (!plan) throw new Error('no kept plan')
  const { ahead, tools } = againstPlan(world, plan)
  expect([ahead, tools.find(({ tool }) => tool === 'pull-saw')?.kind]).toEqual([-8930, 'late'])
  expect(againstPlan(worldWith(), { ...plan, purchases: [], builds: [] }).tools).toEqual([])
})

test('what shifts between two outcomes: later, earlier, only in one; jigs and equal days are no shift', () => {
  const of = (builds: Record<string, string>) => ({
    builds: Object.entries(builds).map(([build, done]) => ({ build, done }))
  })
  expect(
    shiftsBetween(
      of({ box: '2026-05-01', stool: '2026-06-01', chest: '2026-07-01', 'make/jig': '2026-05-01' }),
      of({ box: '2026-05-01', stool: '2026-05-20', bench: '2026-08-01', 'make/jig': '2026-06-01' })
    )
  ).toEqual([
    { build: 'stool', here: '2026-06-01', there: '2026-05-20' },
    { build: 'chest', here: '2026-07-01', there: undefined },
    { build: 'bench', here: undefined, there: '2026-08-01' }
  ])
})
