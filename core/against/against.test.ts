import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { TODAY, build, demoWorld, emptyWorkspace, worldWith } from '../../tests/helpers/workspaces'
import { library } from '../../data'
import { balanceOn, reversalOf, type LedgerEntry } from '../ledger'
import { worldOf, type Plan, type Workspace } from '../workspace'
import { againstPlan, keepPlan, shiftsBetween } from '.'
import { evaluate, emptyPlan } from '../plan'

const START = '2026-03-01'
const entry = (
  id: string,
  date: string,
  amount: number,
  more: Partial<LedgerEntry> = {}
): LedgerEntry => ({ id, date, kind: amount < 0 ? 'tool' : 'set-aside', amount, text: id, ...more })
const saw = 'circular-saw/weekend/new/buy/corded'
const tape = 'tape/weekend/new/buy/hand'
const state = (ledger: LedgerEntry[]): Workspace =>
  emptyWorkspace({
    horizon: { start: START, length: 'month', count: 12 },
    money: {
      ...emptyWorkspace().money,
      income: { kind: 'monthly', first: START, dayOfMonth: 1, amount: 10_000 }
    },
    ledger: [entry('open', START, 5000, { kind: 'opening' }), ...ledger]
  })
const planOf = (workspace: Workspace, change: Partial<Plan> = {}): Plan => ({
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
const laid = (ledger: LedgerEntry[], change: Partial<Plan> = {}) =>
  againstPlan(worldOf(state(ledger), library, TODAY), planOf(state(ledger), change))

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
