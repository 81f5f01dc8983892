import { spawnSync } from 'node:child_process'
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { zipSync } from 'fflate'
import Papa from 'papaparse'
import {
  LARGEST_PHOTO,
  pictureType,
  readItems,
  readLedgerCsv,
  readQuotes,
  readWorkspace,
  readZip,
  writeItems,
  writeJournal,
  writeLedgerCsv,
  writeQuotes,
  writeWorkspace,
  writeZip
} from '../../core/formats'
import { balanceOn, ledgerProblems, reversalOf, type LedgerEntry } from '../../core/ledger'
import { exponentOf } from '../../core/money'
import { library } from '../../data'
import { DEMO_FILES, TODAY, demo, demoText, item } from '../helpers/workspaces'

const defaults = { currency: 'EUR', today: TODAY, newId: () => 'made' }
const nasty = fc.constantFrom(
  'saw',
  '=1+1',
  '@cmd',
  "'=x",
  "''=y",
  '-4',
  '+5',
  'a; b, c',
  'a\tb\tc\td\te\tf\tg\th\ti\tj\tk\tl\tm\tn\to\tp\tq\tr\ts\tt\tu',
  '\uff1d1+1',
  '\uff20cmd',
  'say "so"',
  'two\nlines',
  'Säge',
  '日本',
  '; comment',
  '| bar',
  '! mark',
  '* star',
  '(code) x',
  '   spaced'
)
/** A ledger that keeps every rule: purchases with all that a receipt says, money in, reversals and refunds. */
const ledgerCase = fc
  .array(
    fc.record({
      day: fc.integer({ min: 1, max: 28 }),
      amount: fc.integer({ min: 1, max: 90_000 }),
      text: nasty,
      kind: fc.constantFrom('tool', 'timber', 'set-aside', 'one-off', 'fee'),
      extra: fc.nat(3)
    }),
    { maxLength: 25 }
  )
  .map((rows) =>
    rows.flatMap(({ day, amount, text, kind, extra }, i): LedgerEntry[] => {
      const out = kind !== 'set-aside' && !(kind === 'one-off' && i % 2 === 0)
      const date = `2026-04-${String(day).padStart(2, '0')}`
      const paid = {
        tax: Math.floor(amount / 6),
        delivery: 1,
        seller: 'auction' as const,
        condition: 'used' as const,
        warrantyUntil: '2028-02-29',
        receipt: `r${i}`,
        tool: 'tape',
        planned: -amount - 3
      }
      const entry: LedgerEntry = {
        id: `e${i}`,
        date,
        kind: kind as LedgerEntry['kind'],
        amount: out ? -amount : amount,
        text: text.trim(),
        ...(out && extra > 1 && amount > 6 ? paid : {})
      }
      if (extra === 1) return [entry, reversalOf(entry, `r${i}`)]
      return extra === 3 && out
        ? [entry, { id: `f${i}`, date, kind: 'refund', amount: 1, text: 'back', refunds: `e${i}` }]
        : [entry]
    })
  )
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
      const items = readItems(writeItems(state.items, currency), library, { ...defaults, currency })
      expect(items).toEqual({
        ok: true,
        value: { found: state.items, problems: [], rows: state.items.length }
      })
      const quotes = readQuotes(writeQuotes(state.quotes, library, currency), library, {
        ...defaults,
        currency,
        tier: 'weekend',
        offers: new Set(state.offers.map(({ id }) => id))
      })
      expect(quotes.ok && quotes.value.found).toEqual(state.quotes)
      expect(items.ok && writeItems(items.value.found, currency)).toBe(
        writeItems(state.items, currency)
      )
      const ledger = readLedgerCsv(writeLedgerCsv(state.ledger, currency), {
        ...defaults,
        currency
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

describe('the journal', () => {
  const folder = mkdtempSync(join(tmpdir(), 'journal-'))
  const hledger = (journal: string, ...args: string[]): string => {
    const file = join(folder, 'ledger.journal')
    writeFileSync(file, journal)
    const { status, stdout, stderr } = spawnSync('hledger', ['-f', file, ...args], {
      encoding: 'utf8',
      env: { ...process.env, LANG: 'C.UTF-8', LC_ALL: 'C.UTF-8' }
    })
    if (status !== 0) throw new Error(stderr || 'hledger is missing: apt-get install hledger')
    return stdout
  }
  const purse = (journal: string, ...args: string[]): number =>
    Math.round(
      Number(
        /-?[\d.]+/.exec(
          Papa.parse<string[]>(
            hledger(journal, 'balance', 'assets:purse', '-O', 'csv', ...args)
          ).data.find(([account]) => account === 'assets:purse')?.[1] ?? ''
        )?.[0] ?? 0
      ) *
        10 ** exponent
    )
  let exponent = 2
  test.each(DEMO_FILES)(
    '%s: hledger (Debian) reads it, with the purse the same to the cent on the last day and on a day between',
    (name) => {
      const state = demo(name)
      exponent = exponentOf(state.money.currency)
      const journal = writeJournal(state)
      expect(purse(journal)).toBe(balanceOn(state.ledger, '2099-01-01'))
      expect(purse(journal, '--end', '2026-04-16')).toBe(balanceOn(state.ledger, '2026-04-15'))
      expect(hledger(journal, 'check')).toBe('')
    }
  )
  test('whatever the texts say, every entry is one transaction of its day, text and amount', () => {
    exponent = 2
    fc.assert(
      fc.property(ledgerCase, (ledger) => {
        fc.pre(ledger.length > 0)
        const journal = writeJournal({
          name: 'Odd; name\n',
          ledger,
          money: { ...demo('hive-yard').money }
        })
        const { data } = Papa.parse<Record<string, string>>(
          hledger(journal, 'print', '-O', 'csv'),
          { header: true, skipEmptyLines: true }
        )
        const lines = data.filter(({ account }) => account === 'assets:purse')
        expect(
          lines.map(({ date, amount }) => `${date} ${Math.round(Number(amount) * 100)}`).sort()
        ).toEqual(ledger.map(({ date, amount }) => `${date} ${amount}`).sort())
        expect(purse(journal)).toBe(balanceOn(ledger, '2099-01-01'))
      }),
      { numRuns: 12 }
    )
    rmSync(folder, { recursive: true })
  })
})

describe('the workspace file', () => {
  test.each(DEMO_FILES)('%s: written, read and written again it is the same bytes', (name) => {
    const read = readWorkspace(demoText(name), library)
    if (!read.ok) throw new Error('unread')
    const once = writeWorkspace(read.value.workspace)
    const again = readWorkspace(once, library)
    expect(again.ok && writeWorkspace(again.value.workspace)).toBe(once)
  })
  test('the order in which fields were made does not show, nor do invisible marks', () => {
    const state = {
      ...demo('hive-yard'),
      items: [item('tape', { name: 'My\u202e tape', id: 'x' })]
    }
    const turned = Object.fromEntries(Object.entries(state).reverse()) as unknown as typeof state
    const once = writeWorkspace(state)
    expect(writeWorkspace(turned)).toBe(once)
    const read = readWorkspace(once, library)
    expect(read.ok && [read.value.notes, writeWorkspace(read.value.workspace)]).toEqual([[], once])
  })
})

test('a ledger as long as any that is kept is written and read back', () => {
  const ledger = Array.from({ length: 200_000 }, (_, i): LedgerEntry => ({
    id: `e${i}`,
    date: '2026-04-01',
    kind: 'other',
    amount: -1 - i,
    text: `Glue, screws and a sheet of plywood from the yard, number ${i}`,
    tool: 'tape',
    seller: 'other'
  }))
  const text = writeWorkspace({ ...demo('hive-yard'), ledger, photos: [] })
  expect(text.length).toBeGreaterThan(32_000_000)
  const read = readWorkspace(text, library)
  expect(read.ok && [read.value.workspace.ledger.length, read.value.notes]).toEqual([200_000, []])
})

describe('the zip with photos', () => {
  const jpeg = Uint8Array.from([0xff, 0xd8, 0xff, 0xe0, 1, 2, 3])
  test('holds the file and the pictures, comes back, and is the same bytes again', async () => {
    const text = demoText('hive-yard')
    const zip = writeZip(text, [{ id: 'photo/1', bytes: jpeg, type: 'image/jpeg' }])
    expect(await readZip(zip)).toEqual({
      ok: true,
      value: { text, photos: [{ id: 'photo/1', bytes: jpeg }] }
    })
    expect(writeZip(text, [{ id: 'photo/1', bytes: jpeg, type: 'image/jpeg' }])).toEqual(zip)
  })
  test('unzip, the independent reader, finds both whole', () => {
    const folder = mkdtempSync(join(tmpdir(), 'zip-'))
    writeFileSync(
      join(folder, 'a.zip'),
      writeZip('{}', [{ id: 'p1', bytes: jpeg, type: 'image/jpeg' }])
    )
    const { stdout, status } = spawnSync(
      'python3',
      ['-m', 'zipfile', '-l', join(folder, 'a.zip')],
      { encoding: 'utf8' }
    )
    expect([status, stdout.includes('workspace.json'), stdout.includes('photos/p1.jpg')]).toEqual([
      0,
      true,
      true
    ])
    rmSync(folder, { recursive: true })
  })
  test('what is no zip, no workspace, no picture, or far too large is refused or left out', async () => {
    expect(await readZip(Uint8Array.from([0x50, 0x4b, 1, 2]))).toMatchObject({
      ok: false,
      issues: [{ code: 'zip.unreadable' }]
    })
    expect(await readZip(zipSync({ 'other.json': new Uint8Array([123, 125]) }))).toMatchObject({
      ok: false,
      issues: [{ code: 'zip.no-workspace' }]
    })
    const script = writeZip('{}', [
      { id: 'p', bytes: new TextEncoder().encode('<script>'), type: 'image/png' }
    ])
    expect(await readZip(script)).toMatchObject({ ok: true, value: { photos: [] } })
    expect(
      await readZip(
        writeZip('{}', [{ id: 'p', bytes: new Uint8Array(LARGEST_PHOTO + 1), type: 'image/png' }])
      )
    ).toMatchObject({ ok: false, issues: [{ code: 'zip.too-large' }] })
    expect([
      pictureType(jpeg),
      pictureType(new TextEncoder().encode('RIFFxxxxWEBPmore')),
      pictureType(new TextEncoder().encode('GIF89a'))
    ]).toEqual(['image/jpeg', 'image/webp', undefined])
  })
  const places = (bytes: Uint8Array, signature: number): number[] => {
    const view = new DataView(bytes.buffer)
    return Array.from({ length: bytes.length - 3 }, (_, i) => i).filter(
      (i) => view.getUint32(i, true) === signature
    )
  }
  test('a zip that says less of its sizes than it holds is stopped while it is unpacked', async () => {
    const zip = writeZip(`{"a":"${'x'.repeat(40_000_000)}"}`, [
      { id: 'p', bytes: Uint8Array.from([...jpeg, ...new Uint8Array(1000)]), type: 'image/jpeg' }
    ])
    const view = new DataView(zip.buffer)
    // The size as it stands in the local and in the central head (ZIP application note 6.3, 4.3.7 and 4.3.12).
    for (const at of places(zip, 0x04034b50)) view.setUint32(at + 22, 10, true)
    for (const at of places(zip, 0x02014b50)) view.setUint32(at + 24, 10, true)
    const read = await readZip(zip)
    expect(read.ok).toBe(false)
  })
  test('a bit that has flipped in the workspace is refused, in a picture the picture is left out', async () => {
    // Stored, not packed, so that the change reaches the text itself: 10 becomes 30.
    const stored = (text: string): Uint8Array =>
      zipSync(
        { 'workspace.json': new TextEncoder().encode(text), 'photos/p.jpg': jpeg },
        { level: 0 }
      )
    const zip = stored('{"a":10}')
    const at = zip.findIndex((_, i) => zip[i] === 0x31 && zip[i + 1] === 0x30)
    zip[at] = 0x33
    expect(await readZip(zip)).toMatchObject({ ok: false, issues: [{ code: 'zip.damaged' }] })
    const other = stored('{"a":10}')
    const picture = other.findIndex((_, i) => other[i] === 0xff && other[i + 1] === 0xd8)
    other[picture + 5] = 9
    expect(await readZip(other)).toMatchObject({ ok: true, value: { photos: [] } })
  })
})
