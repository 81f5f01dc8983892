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
  readWorkspace,
  readZip,
  writeJournal,
  writeWorkspace,
  writeZip
} from '../../core/formats'
import { balanceOn, type LedgerEntry } from '../../core/ledger'
import { exponentOf } from '../../core/money'
import { library } from '../../data'
import { DEMO_FILES, demo, demoText, item } from '../helpers/workspaces'
import { ledgerCase } from '../helpers/ledger-cases'

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
