import { expect, test } from '@jest/globals'
import Papa from 'papaparse'
import { library } from '../../data'
import { TODAY, emptyWorkspace, item, worldWith } from '../../tests/helpers/workspaces'
import { resaleShare } from '../catalogue'
import { must } from '../kernel'
import { writeInventory } from '../formats'
import { change, type Workspace } from '../workspace'
import { dueIn, inventoryOf, inventorySums } from '.'

const share = (tool: string, condition: 'new' | 'used' = 'new'): number =>
  resaleShare(must(library.tools.get(tool), tool), 'weekend', condition)
const bought: Workspace = emptyWorkspace({
  items: [
    item('circular-saw', { id: 'saw', cost: 9000, since: '2024-05-04' }),
    item('f-clamp-600', { id: 'clamps', count: 4, cost: 0 }),
    item('bench-hook', { id: 'hook' })
  ],
  ledger: [
    {
      id: 'e1',
      date: '2024-05-04',
      kind: 'tool',
      amount: -9000,
      text: 'saw',
      item: 'saw',
      warrantyUntil: '2026-05-20'
    }
  ],
  photos: [{ id: 'ph', entry: 'e1', type: 'image/jpeg', widthPx: 1, heightPx: 1, bytes: 1 }]
})

test('paid less what was refunded, age in years, worth by the usual share, warranty and photos of the purchase', () => {
  const refunded = change.refundEntry(bought, {
    entry: 'e1',
    date: TODAY,
    amount: 1000,
    id: 'f',
    returned: 0
  })
  const [saw, clamps, hook] = inventoryOf(worldWith(refunded))
  expect(saw).toMatchObject({
    paid: 8000,
    worth: Math.round(8000 * share('circular-saw')),
    warrantyUntil: '2026-05-20',
    photos: ['ph']
  })
  expect(saw?.ageYears).toBeCloseTo(2, 2)
  // Nothing known was paid: the price of new ones stands in.
  expect([clamps?.paid, clamps?.worth]).toEqual([
    undefined,
    Math.round((clamps?.replace ?? 0) * share('f-clamp-600'))
  ])
  expect([hook?.replace, hook?.worth]).toEqual([undefined, 0])
  // What is not known counts as nothing in the sums.
  expect(inventorySums(inventoryOf(worldWith(refunded)))).toEqual({
    paid: 8000,
    worth: (saw?.worth ?? NaN) + (clamps?.worth ?? NaN),
    replace: (saw?.replace ?? NaN) + (clamps?.replace ?? NaN)
  })
})
test('a used one is worth a greater share of what was paid for it', () =>
  expect(share('circular-saw', 'used')).toBeGreaterThanOrEqual(share('circular-saw')))

test('as a sheet for the insurer it is read by another reader, with the sums kept', () => {
  const lines = inventoryOf(worldWith(bought))
  const { data, errors } = Papa.parse<Record<string, string>>(
    writeInventory(lines, library, 'EUR'),
    { header: true, skipEmptyLines: true }
  )
  expect([errors, data.length, data[0]?.paid, data[0]?.['warranty until'], data[1]?.paid]).toEqual([
    [],
    3,
    '90.00',
    '2026-05-20',
    ''
  ])
  expect(data.reduce((sum, row) => sum + Math.round(Number(row['worth now']) * 100), 0)).toBe(
    lines.reduce((sum, { worth }) => sum + worth, 0)
  )
})

test('the end of a warranty is said within a month before it, once, and not for what is gone', () => {
  const warranty = (state: Workspace, asOf: string) =>
    dueIn(worldWith({ ...state, asOf })).filter(({ kind }) => kind === 'warranty')
  expect(warranty(bought, '2026-05-04')).toEqual([
    { kind: 'warranty', tool: 'circular-saw', until: '2026-05-20', entry: 'e1' }
  ])
  expect([
    warranty(bought, '2026-04-19'),
    warranty(bought, '2026-05-21'),
    warranty(change.removeItem(bought, 'saw'), '2026-05-04'),
    warranty(change.reverseEntry(bought, 'e1', 'r'), '2026-05-04')
  ]).toEqual([[], [], [], []])
})
