import { describe, expect, test } from '@jest/globals'
import {
  NO_FILTER,
  answeredBy,
  dailyBalances,
  filterRows,
  ledgerRows,
  ledgerSums,
  pastBalances,
  reconcile,
  reversalOf,
  shareOut,
  sortRows,
  thinned,
  type LedgerEntry
} from '.'

// Small ledgers worked by hand, each for one rule.
const entry = (
  id: string,
  date: string,
  amount: number,
  of: Partial<LedgerEntry> = {}
): LedgerEntry => ({
  id,
  date: `2026-05-${date}`,
  kind: amount < 0 ? 'tool' : 'set-aside',
  amount,
  text: id,
  ...of
})
const told = (rows: ReturnType<typeof ledgerRows>): string[] =>
  rows.map(({ entry: { id }, balance }) => `${id} ${balance}`)

describe('rows', () => {
  const first = [entry('in', '01', 100), entry('saw', '03', -40)]
  const before = { entries: first, rows: ledgerRows(first) }
  test('newest first, with the balance after each; of one day in the order they were entered', () => {
    expect(told(ledgerRows([...first, entry('late', '02', -1), entry('same', '03', -5)]))).toEqual([
      'same 54',
      'saw 59',
      'late 99',
      'in 100'
    ])
  })
  test('what was only added is put on top of what was there, the old rows left as they were', () => {
    const grown = [...first, entry('a', '03', 7), entry('b', '04', -2)]
    const rows = ledgerRows(grown, before)
    expect(told(rows)).toEqual(['b 65', 'a 67', 'saw 60', 'in 100'])
    expect(rows.slice(2)).toEqual(before.rows)
    expect(rows[2]).toBe(before.rows[0])
    expect(rows[0]).toEqual({
      entry: grown[3],
      balance: 65,
      reversed: false,
      takesBack: undefined,
      words: 'b '
    })
  })
  test.each([
    ['an entry of an earlier day', [...first, entry('a', '02', 7)]],
    ['added entries that go back in time', [...first, entry('a', '05', 7), entry('b', '04', 1)]],
    ['one that takes another back', [...first, reversalOf(first[1] as LedgerEntry, 'r')]],
    ['another beginning', [entry('in', '01', 100), entry('other', '03', -40), entry('a', '04', 1)]],
    ['fewer entries', first.slice(0, 1)]
  ])('with %s all is worked out anew', (_name, entries) => {
    expect(ledgerRows(entries, before)).toEqual(ledgerRows(entries))
  })
  test('from nothing before, all is worked out', () =>
    expect(ledgerRows(first, { entries: [], rows: [] })).toEqual(before.rows))
  test('what takes back names what it takes back, also where it is gone; both are marked', () => {
    const saw = entry('saw', '03', -40, { text: 'Old Saw' })
    const rows = ledgerRows([
      saw,
      reversalOf(saw, 'r'),
      entry('lost', '04', 1, { reverses: 'gone' })
    ])
    expect(rows.map(({ reversed, takesBack }) => [reversed, takesBack])).toEqual([
      [false, ''],
      [false, 'Old Saw'],
      [true, undefined]
    ])
    expect(ledgerSums(rows)).toEqual({ inn: 0, out: 0, against: undefined })
  })
})

describe('rows found and put in order', () => {
  const rows = ledgerRows([
    entry('b', '01', 50, { text: 'beta One' }),
    entry('a', '02', -10, { text: 'Alpha two', planned: -12 }),
    entry('c', '03', -10, { text: 'alpha  one' })
  ])
  const ids = (found: readonly { entry: LedgerEntry }[]) =>
    found.map((row) => row.entry.id).join('')
  test('all words, in any order, apart by any number of spaces; without a filter the same rows', () => {
    const by = (text: string) => ids(filterRows(rows, { ...NO_FILTER, text }))
    expect([by('alpha'), by('one   ALPHA'), by(' '), by('gamma')]).toEqual(['ca', 'c', 'cab', ''])
    expect(filterRows(rows, NO_FILTER)).toBe(rows)
  })
  test('from a day on and up to a day, both days included, and by kind', () => {
    const by = (of: object) => ids(filterRows(rows, { ...NO_FILTER, ...of }))
    expect([
      by({ from: '2026-05-02' }),
      by({ to: '2026-05-02' }),
      by({ kinds: ['set-aside'] })
    ]).toEqual(['ca', 'ab', 'b'])
  })
  test('equal ones stay as they stood, upward and downward; texts whatever their case', () => {
    const by = (of: Parameters<typeof sortRows>[1], down: boolean) => ids(sortRows(rows, of, down))
    expect([by('amount', false), by('amount', true)]).toEqual(['cab', 'bca'])
    expect([by('text', false), by('text', true)]).toEqual(['cab', 'bac'])
    expect([by('planned', false), by('planned', true)]).toEqual(['acb', 'cba'])
    expect([by('kind', false), by('date', true), by('date', false)]).toEqual(['bca', 'cab', 'bac'])
  })
})

describe('a line with fewer points', () => {
  const line = (...balances: number[]) => balances.map((balance, at) => ({ balance, at }))
  const at = (points: readonly { at: number }[]) => points.map((one) => one.at)
  test('is left as it is while it is short enough', () => {
    const points = line(1, 2, 3, 4)
    expect(thinned(points, 4)).toBe(points)
  })
  test('keeps of each stretch the first, the lowest, the highest and the last; the earliest of equals', () => {
    // Sixteen points for eight wanted: two stretches of eight.
    const points = line(5, 9, 9, 1, 1, 5, 5, 5, 3, 3, 3, 3, 3, 3, 3, 4)
    expect(at(thinned(points, 8))).toEqual([0, 1, 3, 7, 8, 15])
  })
})

describe('sums', () => {
  test('in, out, and what was paid against what was planned, of entries that have a plan', () => {
    const rows = ledgerRows([
      entry('in', '01', 100),
      entry('saw', '02', -40, { planned: -35 }),
      entry('glue', '03', -5)
    ])
    expect(ledgerSums(rows)).toEqual({ inn: 100, out: 45, against: { paid: 40, planned: 35 } })
    expect(ledgerSums(ledgerRows([entry('in', '01', 100)])).against).toBeUndefined()
  })
  test('a day’s balance is that after its last entry, the earliest day first', () => {
    const rows = ledgerRows([entry('a', '02', 10), entry('b', '01', 5), entry('c', '02', -3)])
    expect(dailyBalances(rows)).toEqual([
      { date: '2026-05-01', balance: 5 },
      { date: '2026-05-02', balance: 12 }
    ])
    expect(dailyBalances([])).toEqual([])
  })
  test('the balance of a day, and of each later one before another on which something moved', () => {
    const list = [
      entry('c', '09', 1),
      entry('a', '01', 10),
      entry('b', '05', 20),
      entry('d', '12', 5)
    ]
    expect(pastBalances(list, '2026-05-03', '2026-05-12')).toEqual([
      { date: '2026-05-03', balance: 10 },
      { date: '2026-05-05', balance: 30 },
      { date: '2026-05-09', balance: 31 }
    ])
    // A movement of the first day itself is in its balance, not a day of its own.
    expect(pastBalances(list, '2026-05-05', '2026-05-09')).toEqual([
      { date: '2026-05-05', balance: 30 }
    ])
  })
})

test.each([
  [10, [1, 1, 1], [4, 3, 3]],
  [11, [1, 1, 1], [4, 4, 3]],
  [10, [0, 0, 0, 0], [3, 3, 2, 2]],
  [7, [1, 5, 1], [1, 5, 1]],
  // 2.5, 5, 2.5: the half left over goes to the earlier of the two.
  [10, [1, 2, 1], [3, 5, 2]],
  // 0.9, 8.1: the larger remainder first, though it stands later in size.
  [9, [1, 9], [1, 8]],
  // 8.1, 0.9: and also where it stands later in the list.
  [9, [9, 1], [8, 1]]
])('%d shared out by %j is %j', (total, weights, shares) =>
  expect(shareOut(total, weights)).toEqual(shares)
)

describe('brought to what stands in another ledger', () => {
  const fresh = () => {
    let count = 0
    return () => `new${++count}`
  }
  test('the same ledger stays, as a list of its own', () => {
    const list = [entry('a', '01', 5)]
    expect(reconcile(list, list, fresh())).toEqual(list)
    expect(reconcile(list, list, fresh())).not.toBe(list)
  })
  test('what says the same under another name is no change; as often as it is wanted', () => {
    const same = (id: string) => entry(id, '01', 5, { text: 'glue' })
    expect(reconcile([same('a')], [same('b')], fresh())).toEqual([same('a')])
    expect(reconcile([same('a')], [same('b'), same('c')], fresh())).toEqual([
      same('a'),
      same('new1')
    ])
    expect(reconcile([same('a'), same('b')], [same('c')], fresh())).toEqual([
      same('a'),
      same('b'),
      reversalOf(same('b'), 'new1')
    ])
  })
  test('a refund that is entered again belongs to the purchase as it is entered again', () => {
    const saw = entry('saw', '01', -50)
    const back = entry('back', '02', 50, { refunds: 'saw' })
    const names: string[] = []
    expect(reconcile([], [saw, back], fresh(), (from, to) => names.push(`${from}>${to}`))).toEqual([
      { ...saw, id: 'new1' },
      { ...back, id: 'new2', refunds: 'new1' }
    ])
    expect(names).toEqual(['saw>new1', 'back>new2'])
    // Where the purchase stands already, the refund keeps its name.
    expect(reconcile([saw], [saw, back], fresh())).toEqual([saw, { ...back, id: 'new1' }])
  })
  test('an answer counts while it stands: not taken back, and no taking back', () => {
    const paid = entry('paid', '01', 5, { answers: 'income/2026-05-01' })
    expect([...answeredBy([paid])]).toEqual(['income/2026-05-01'])
    expect([...answeredBy([paid, reversalOf(paid, 'r')])]).toEqual([])
    expect([...answeredBy([{ ...paid, reverses: 'other' }])]).toEqual([])
    expect([...answeredBy([entry('a', '01', 5)])]).toEqual([])
  })
})
