import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import {
  addedLedgerProblems,
  answeredBy,
  commonStart,
  ledgerProblems,
  ledgerRows,
  ledgerSums,
  reconcile,
  reversalOf,
  sortRows,
  standing,
  type LedgerEntry
} from '.'

const DAY = '2026-05-04'
const paid = (id: string, amount = -1000, more: Partial<LedgerEntry> = {}): LedgerEntry => ({
  id,
  date: DAY,
  kind: 'tool',
  amount,
  text: id,
  ...more
})
const refund = (id: string, of: string, amount = 400): LedgerEntry =>
  paid(id, amount, { kind: 'refund', refunds: of })

/** Entries of all kinds, right and wrong: purchases, reversals and refunds of any of the five first ids, ids that repeat. */
const anyEntry = fc.oneof(
  fc
    .record({ id: fc.constantFrom('a', 'b', 'c', 'd', 'e'), amount: fc.constantFrom(-1000, -500) })
    .map(({ id, amount }) => paid(id, amount)),
  fc
    .record({ id: fc.constantFrom('r', 's', 't'), of: fc.constantFrom('a', 'b', 'r', 'x') })
    .map(({ id, of }) => paid(id, 1000, { reverses: of })),
  fc
    .record({
      id: fc.constantFrom('u', 'v', 'w'),
      of: fc.constantFrom('a', 'b', 'x'),
      amount: fc.constantFrom(200, 600, 1000)
    })
    .map(({ id, of, amount }) => refund(id, of, amount))
)

describe('what is added to a ledger that was right', () => {
  test('leaves wrong just what a look at the whole ledger finds with the added entries (300 ledgers)', () => {
    let [wrong, right] = [0, 0]
    fc.assert(
      fc.property(
        fc.array(anyEntry, { maxLength: 6 }),
        fc.array(anyEntry, { minLength: 1, maxLength: 4 }),
        (start, added) => {
          const ids = new Set<string>()
          // A ledger that is right to begin with.
          const before = start.reduce<LedgerEntry[]>((ledger, one) => {
            if (ids.has(one.id) || ledgerProblems([...ledger, one], ['ledger']).length > 0)
              return ledger
            ids.add(one.id)
            return [...ledger, one]
          }, [])
          const whole = [...before, ...added]
          const late = (path: readonly (string | number)[]): boolean =>
            Number(path[1]) >= before.length
          const found = addedLedgerProblems(whole, before.length)
          const other = found.filter(({ code }) => code !== 'id.duplicate')
          expect(other).toEqual(ledgerProblems(whole, ['ledger']).filter(({ path }) => late(path)))
          const repeated = added.some(
            ({ id }, i) => ids.has(id) || added.findIndex((one) => one.id === id) !== i
          )
          expect(found.some(({ code }) => code === 'id.duplicate')).toBe(repeated)
          if (found.length > 0) wrong++
          else right++
        }
      ),
      { numRuns: 300, seed: 20_261_130 }
    )
    expect(Math.min(wrong, right)).toBeGreaterThan(20)
  })
  test('an id that stands in the ledger already is named with its place and with the first one', () => {
    const ledger = [paid('a'), paid('b'), paid('c'), paid('b')]
    expect(addedLedgerProblems(ledger, 2)).toEqual([
      { code: 'id.duplicate', path: ['ledger', 3, 'id'], figures: { id: 'b', first: 2 } }
    ])
    expect(addedLedgerProblems([paid('a'), paid('b'), paid('b')], 1)).toMatchObject([
      { code: 'id.duplicate', path: ['ledger', 2, 'id'], figures: { id: 'b', first: 2 } }
    ])
    expect(addedLedgerProblems([paid('a'), paid('b')], 1)).toEqual([])
  })
  test('the entry that is taken back and what was refunded before bear on it', () => {
    const before = [paid('a'), refund('u', 'a', 800)]
    expect(addedLedgerProblems([...before, refund('v', 'a', 200)], 2)).toEqual([])
    const much = addedLedgerProblems([...before, refund('v', 'a', 300)], 2)
    expect(much).toHaveLength(1)
    expect(much[0]?.path.slice(0, 2)).toEqual(['ledger', 2])
    // A refund that was taken back leaves room again.
    const freed = [...before, reversalOf(refund('u', 'a', 800), 'x')]
    expect(addedLedgerProblems([...freed, refund('v', 'a', 1000)], 3)).toEqual([])
  })
})

test('two ledgers begin alike as far as their entries are the same objects', () => {
  const [a, b, c] = [paid('a'), paid('b'), paid('c')]
  expect(commonStart([a, b, c], [a, b])).toBe(2)
  expect(commonStart([a, b], [a, c])).toBe(1)
  expect(commonStart([a], [{ ...a }])).toBe(0)
  expect(commonStart([], [a])).toBe(0)
})

test('an expected receipt is answered by an entry that stands, not by one taken back nor by what takes it back', () => {
  const came = paid('m', 5000, { kind: 'set-aside', answers: 'income/2026-05-01' })
  const other = paid('n', 5000, { kind: 'set-aside', answers: 'income/2026-06-01' })
  expect([...answeredBy([came, other, paid('a')])]).toEqual([
    'income/2026-05-01',
    'income/2026-06-01'
  ])
  expect([...answeredBy([came, other, reversalOf(came, 'r')])]).toEqual(['income/2026-06-01'])
  expect([...answeredBy([paid('a')])]).toEqual([])
})

describe('one ledger made to say what another says', () => {
  const ids = (): (() => string) => {
    let n = 0
    return () => `new${n++}`
  }
  test('entries that say the same under other ids stay; of two alike one is enough for one', () => {
    const current = [paid('a', -100, { text: 'saw' }), paid('b', -100, { text: 'saw' })]
    const target = [paid('z', -100, { text: 'saw' })]
    const made = reconcile(current, target, ids())
    expect(made.slice(0, 2)).toEqual(current)
    expect(made).toHaveLength(3)
    expect(made[2]?.reverses).toBeDefined()
    expect(standing(made).map(({ text }) => text)).toEqual(['saw'])
  })
  test('a refund that is entered again belongs to its purchase as that is entered again, and each new id is told', () => {
    const told: [string, string][] = []
    const target = [paid('a'), refund('u', 'a')]
    const made = reconcile([], target, ids(), (from, to) => told.push([from, to]))
    expect(told).toEqual([
      ['a', 'new0'],
      ['u', 'new1']
    ])
    expect(made.map(({ id, refunds }) => [id, refunds])).toEqual([
      ['new0', undefined],
      ['new1', 'new0']
    ])
  })
  test('the same ledger is left as it is', () => {
    const ledger = [paid('a')]
    expect(reconcile(ledger, ledger, ids())).toEqual(ledger)
  })
})

describe('rows that grow', () => {
  const later = (id: string, date: string, more: Partial<LedgerEntry> = {}): LedgerEntry =>
    paid(id, -10, { date, ...more })
  const old = [later('a', '2026-05-02'), later('b', '2026-05-04')]
  const before = { entries: old, rows: ledgerRows(old) }
  test.each([
    ['later ones', [later('c', '2026-05-04'), later('d', '2026-05-06')]],
    ['one of an earlier day', [later('c', '2026-05-03')]],
    ['a later and an earlier one', [later('c', '2026-05-08'), later('d', '2026-05-05')]],
    ['one that takes another back', [reversalOf(old[0]!, 'r')]],
    ['none', []]
  ])('%s added: as when all are worked out afresh', (_, added) => {
    const all = [...old, ...added]
    expect(ledgerRows(all, before)).toEqual(ledgerRows(all))
  })
  test('another ledger is not taken for one that has grown', () => {
    const other = [later('x', '2026-05-01'), ...old]
    expect(ledgerRows(other, before)).toEqual(ledgerRows(other))
  })
  test('sums: what came, what went, and against the plan; what was taken back counts in none', () => {
    const entries = [
      paid('in', 5000, { kind: 'set-aside' }),
      paid('a', -1200, { planned: -1000 }),
      paid('b', -300),
      paid('c', -700, { planned: -700 })
    ]
    const rows = ledgerRows([...entries, reversalOf(entries[3]!, 'r')])
    expect(ledgerSums(rows)).toEqual({
      inn: 5000,
      out: 1500,
      against: { paid: 1200, planned: 1000 }
    })
    expect(ledgerSums(ledgerRows([entries[2]!])).against).toBeUndefined()
  })
  test('sorted by what was planned, by kind and by words, either way, equal ones as they stood', () => {
    const rows = ledgerRows([
      paid('a', -3, { text: 'Saw', planned: -5 }),
      paid('b', 2, { text: 'glue', kind: 'set-aside' }),
      paid('c', -1, { text: 'boards', planned: -9 })
    ])
    const order = (...args: [Parameters<typeof sortRows>[1], boolean]): string =>
      sortRows(rows, ...args)
        .map(({ entry }) => entry.id)
        .join('')
    expect(order('date', true)).toBe('cba')
    expect(order('date', false)).toBe('abc')
    expect(order('amount', false)).toBe('acb')
    expect(order('amount', true)).toBe('bca')
    expect(order('planned', false)).toBe('cab')
    expect(order('planned', true)).toBe('bac')
    expect(order('text', false)).toBe('cba')
    expect(order('text', true)).toBe('abc')
    expect(order('kind', false)).toBe('bca')
  })
})
