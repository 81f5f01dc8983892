import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import Papa from 'papaparse'
import {
  readItems,
  readLedgerCsv,
  readQuotes,
  writeItems,
  writeLedgerCsv,
  writeQuotes
} from '../../core/formats'
import { balanceOn, ledgerProblems, type LedgerEntry } from '../../core/ledger'
import { library } from '../../data'
import { DEMO_FILES, TODAY, demo } from '../helpers/workspaces'
import { ledgerCase } from '../helpers/ledger-cases'

const defaults = { currency: 'EUR', today: TODAY, newId: () => 'made' }
/** Line feeds inside a text survive; carriage returns and the ends of a text do not. */
const tidy = (ledger: readonly LedgerEntry[]): LedgerEntry[] =>
  ledger.map((entry) => ({ ...entry, text: entry.text.trim() }))

describe('CSV', () => {
  test('the ledger comes back entry by entry', () => {
    fc.assert(
      fc.property(ledgerCase, (ledger) => {
        fc.pre(ledger.length > 0)
        expect(ledgerProblems(ledger)).toEqual([])
        const read = readLedgerCsv(writeLedgerCsv(ledger, 'EUR'), defaults)
        expect(read).toEqual({
          ok: true,
          value: { found: tidy(ledger), problems: [], rows: ledger.length }
        })
      })
    )
  })
  test('what a spreadsheet of another country would part or run is quoted or guarded', () => {
    const one: LedgerEntry = {
      id: 'e',
      date: '2026-04-01',
      kind: 'other',
      amount: -1,
      text: 'a;b'
    }
    expect(writeLedgerCsv([one], 'EUR')).toContain('"a;b"')
    for (const sign of ['\uff1d', '\uff0b', '\uff0d', '\uff20'])
      expect(writeLedgerCsv([{ ...one, text: `${sign}1` }], 'EUR')).toContain(`'${sign}1`)
  })
  test('as much as a workspace holds comes back: 20 000 prices, 100 001 entries', () => {
    const quotes = Array.from({ length: 20_000 }, (_, i) => ({
      id: `q${i}`,
      offer: 'jigsaw/weekend/new/buy/corded',
      date: TODAY,
      price: i,
      seller: 'other' as const
    }))
    const prices = readQuotes(writeQuotes(quotes, library, 'EUR'), library, {
      ...defaults,
      tier: 'weekend'
    })
    expect(prices.ok && [prices.value.found.length, prices.value.problems]).toEqual([20_000, []])
    const ledger = Array.from({ length: 100_001 }, (_, i): LedgerEntry => ({
      id: `e${i}`,
      date: TODAY,
      kind: 'other',
      amount: -1 - i,
      text: 't'
    }))
    const read = readLedgerCsv(writeLedgerCsv(ledger, 'EUR'), defaults)
    expect(read.ok && [read.value.found.length, read.value.problems]).toEqual([100_001, []])
  })
  test('a sign under money in or out, where the column says the way, is asked about', () => {
    const rows = (column: string, amount: string): string =>
      `date,text,${column}\n${TODAY},x,${amount}`
    for (const column of ['in', 'out'])
      expect(readLedgerCsv(rows(column, '-5'), defaults)).toMatchObject({
        ok: true,
        value: { found: [], problems: [{ code: 'ledger-csv.sign', path: [2, column] }] }
      })
    expect(readLedgerCsv(rows('amount', '-5'), defaults)).toMatchObject({
      value: { found: [{ amount: -500 }] }
    })
  })
  test('a text beyond what an entry holds is named, not cut', () => {
    expect(readLedgerCsv(`date,text,out\n${TODAY},${'x'.repeat(2001)},5`, defaults)).toMatchObject({
      value: { found: [], problems: [{ code: 'ledger-csv.text' }] }
    })
  })
  test('an independent reader (papaparse, RFC 4180) sees the same rows, and nothing begins like a formula', () => {
    fc.assert(
      fc.property(ledgerCase, (ledger) => {
        const { data, errors } = Papa.parse<Record<string, string>>(writeLedgerCsv(ledger, 'EUR'), {
          header: true,
          skipEmptyLines: true,
          newline: '\r\n'
        })
        expect([errors, data.length]).toEqual([[], ledger.length])
        expect(
          data.reduce(
            (sum, row) =>
              sum + Math.round(Number(row.in) * 100) - Math.round(Number(row.out) * 100),
            0
          )
        ).toBe(balanceOn(ledger, '2026-12-31'))
        for (const row of data)
          expect([row.text, row.in, row.out].some((cell) => /^[=+\-@]/.test(cell ?? ''))).toBe(
            false
          )
      })
    )
  })
  test.each(DEMO_FILES)(
    '%s: tools and prices come back; written again they are the same bytes',
    (name) => {
      const state = demo(name)
      const { currency } = state.money
      const today = state.asOf ?? TODAY
      const items = readItems(writeItems(state.items, currency), library, {
        ...defaults,
        currency,
        today
      })
      expect(items).toEqual({
        ok: true,
        value: { found: state.items, problems: [], rows: state.items.length }
      })
      const quotes = readQuotes(writeQuotes(state.quotes, library, currency), library, {
        ...defaults,
        currency,
        today,
        tier: 'weekend',
        offers: new Set(state.offers.map(({ id }) => id))
      })
      expect(quotes.ok && quotes.value.found).toEqual(state.quotes)
      expect(items.ok && writeItems(items.value.found, currency)).toBe(
        writeItems(state.items, currency)
      )
      const ledger = readLedgerCsv(writeLedgerCsv(state.ledger, currency), {
        ...defaults,
        currency,
        today
      })
      expect(ledger.ok && ledger.value.found).toEqual(state.ledger)
    }
  )
  test('a list from elsewhere: semicolons, decimal commas, a minus for what went out, other headings', () => {
    const read = readLedgerCsv(
      'Day;Description;Amount\n2026-04-02;Boards;-1.234,50\n2026-04-03;Gift;20,00\n',
      defaults
    )
    expect(read).toEqual({
      ok: true,
      value: {
        rows: 2,
        problems: [],
        found: [
          { id: 'made', date: '2026-04-02', kind: 'other', amount: -123_450, text: 'Boards' },
          { id: 'made', date: '2026-04-03', kind: 'one-off', amount: 2000, text: 'Gift' }
        ]
      }
    })
    expect(
      readItems('Item\tQty\tPaid\nHandsaw, panel\t2\t12,50 €\n', library, defaults)
    ).toMatchObject({ ok: true })
  })
  test.each<[string, string, string]>([
    ['ledger-csv.empty', '', ''],
    ['ledger-csv.no-column', 'date,text\n2026-04-01,x\n', ''],
    ['ledger-csv.cell', 'date,out\n2026-02-30,1\n', 'date'],
    ['ledger-csv.cell', 'date,out\n,1\n', 'date'],
    ['ledger-csv.future', 'date,out\n2027-01-01,1\n', 'date'],
    ['ledger-csv.amount', 'date,in,out\n2026-04-01,1,2\n', 'in'],
    ['ledger-csv.amount', 'date,out\n2026-04-01,much\n', 'out'],
    ['ledger-csv.currency', 'date,out,currency\n2026-04-01,1,USD\n', 'currency'],
    ['ledger-csv.currency', 'date,out\n2026-04-01,$5\n', 'out'],
    ['ledger-csv.choice', 'date,out,kind\n2026-04-01,1,bribe\n', 'kind'],
    ['ledger-csv.way', 'date,out,kind\n2026-04-01,1,set-aside\n', 'kind'],
    ['ledger-csv.cell', 'date,out,tax\n2026-04-01,1,some\n', 'tax']
  ])('%s: %j', (code, text, column) => {
    const read = readLedgerCsv(text, defaults)
    const [problem] = read.ok ? read.value.problems : read.issues
    expect([problem?.code, read.ok ? problem?.path : ['', '']]).toEqual([
      code,
      read.ok ? [2, column] : ['', '']
    ])
  })
  test.each<[string, string]>([
    ['items-csv.empty', 'tool\n'],
    ['items-csv.no-column', 'what is it,paid\ntape,1\n'],
    ['items-csv.tool', 'tool\nwarp drive\n'],
    ['items-csv.choice', 'tool,tier\ntape,golden\n'],
    ['items-csv.choice', 'tool,condition\ntape,broken\n'],
    ['items-csv.choice', 'tool,power\ntape,corded\n'],
    ['items-csv.cell', 'tool,count\ntape,0\n'],
    ['items-csv.cell', 'tool,since\ntape,yesterday\n'],
    ['items-csv.cell', 'tool,paid\ntape,-3\n'],
    ['items-csv.currency', 'tool,paid\ntape,£3\n'],
    ['items-csv.cell', 'tool,specs\ntape,length 5\n'],
    ['items-csv.cell', 'tool,uses\ntape,1.5\n']
  ])('%s: %j', (code, text) => {
    const read = readItems(text, library, defaults)
    expect((read.ok ? read.value.problems : read.issues)[0]?.code).toBe(code)
  })
})
