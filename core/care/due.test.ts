import { describe, expect, test } from '@jest/globals'
import { library } from '../../data'
import { TODAY, demoWorld, funds, items, worldWith } from '../../tests/helpers/workspaces'
import { change, worldOf } from '../workspace'
import { dueIn } from '.'

describe('the deliberate problem of each demo is pointed out', () => {
  test('Hive yard: the set-aside of 1 May was never entered, and a quote is stale', () => {
    const due = dueIn(demoWorld('hive-yard'))
    expect(due).toContainEqual({
      kind: 'receipt',
      receipt: { key: 'income/2026-05-01', date: '2026-05-01', amount: 11_000 },
      today: false
    })
  })
  test('Third floor: chisels without anything to sharpen them', () => {
    expect(dueIn(demoWorld('third-floor'))).toContainEqual({
      kind: 'companion',
      tool: 'chisels',
      anyOf: ['sharpening-stone', 'diamond-plates']
    })
  })
  test('Half a garage: a circular saw without ear or lung protection', () => {
    expect(dueIn(demoWorld('half-a-garage'))).toContainEqual({
      kind: 'unprotected',
      tool: 'circular-saw',
      protections: ['ears', 'lungs']
    })
  })
})

test('nothing is due where all is well; a low purse and a missed wish are said', () => {
  expect(dueIn(worldWith({ ...funds(1000, 0), items: items('tape') }))).toEqual([])
  const purse = funds(1000, 0)
  expect(dueIn(worldWith({ ...purse, money: { ...purse.money, reserve: 2000 } }))).toEqual([
    { kind: 'below-reserve', balance: 1000, reserve: 2000 }
  ])
})

test('what is to come in today is asked about on the day itself, until the ledger answers it', () => {
  const world = worldWith({ ...funds(10_000, 5000), items: items('tape') })
  const onPayday = worldOf({ ...world.workspace, asOf: world.receipts[0]?.date }, library, TODAY)
  const [asked] = dueIn(onPayday)
  expect(asked).toMatchObject({ kind: 'receipt', today: true, receipt: { amount: 5000 } })
  const { key, date, amount } = onPayday.receipts[0] ?? { key: '', date: '', amount: 0 }
  const answered = change.addEntry(onPayday.workspace, {
    id: 'e',
    date,
    kind: 'set-aside',
    amount,
    text: 'x',
    answers: key
  })
  expect(dueIn(worldOf(answered, library, TODAY))).toEqual([])
})
