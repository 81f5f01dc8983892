import 'fake-indexeddb/auto'
import { readFileSync } from 'node:fs'
import fc from 'fast-check'
import { IDBFactory } from 'fake-indexeddb'
import { beforeEach, describe, expect, test } from '@jest/globals'
import { openDB } from 'idb'
import { writeWorkspace } from '../../core/formats'
import type { LedgerEntry } from '../../core/ledger'
import type { Workspace, WorkspaceFile } from '../../core/workspace'
import { library } from '../../data'
import { demo, emptyWorkspace } from '../../tests/helpers/workspaces'
import { readStored } from '../stores/recovery'
import { VERSION } from './database'
import { CHUNK } from './records'
import { expired } from './snapshots'
import { openStorage, type Storage } from '.'

beforeEach(() => {
  globalThis.indexedDB = new IDBFactory()
})
const workspace = emptyWorkspace({ name: 'Mine' })

test('what was saved is there again, with its revision', async () => {
  const storage = openStorage(() => 1)
  expect(await storage.save(workspace, 0)).toEqual({ ok: true, value: 1 })
  expect(await storage.save({ ...workspace, name: 'Mine, changed' }, 1)).toEqual({
    ok: true,
    value: 2
  })
  const again = openStorage(() => 2)
  expect(await again.load(workspace.id)).toMatchObject({
    ok: true,
    value: { revision: 2, data: { name: 'Mine, changed' } }
  })
  expect(await again.list()).toEqual({
    ok: true,
    value: [{ id: workspace.id, name: 'Mine, changed', savedAt: 1 }]
  })
})

test('two tabs cannot overwrite one another: the later one is told', async () => {
  const [one, two] = [openStorage(() => 1), openStorage(() => 1)]
  await one.save(workspace, 0)
  await two.save({ ...workspace, name: 'Second' }, 1)
  const late = await one.save({ ...workspace, name: 'First' }, 1)
  expect(late.ok ? '' : late.issues[0]?.code).toBe('storage.elsewhere')
  expect(await one.load(workspace.id)).toMatchObject({ value: { data: { name: 'Second' } } })
})

test('settings and removal', async () => {
  const storage = openStorage(() => 1)
  expect(await storage.settings()).toEqual({ ok: true, value: {} })
  await storage.saveSettings({ theme: 'dark', letters: false })
  expect(await storage.settings()).toEqual({ ok: true, value: { theme: 'dark', letters: false } })
  await storage.save(workspace, 0)
  await storage.remove(workspace.id)
  expect(await storage.load(workspace.id)).toEqual({ ok: true, value: undefined })
})

test.each([
  ['SecurityError', 'storage.refused'],
  ['QuotaExceededError', 'storage.full'],
  ['AbortError', 'storage.failed']
])('%s is said as %s', async (name, code) => {
  globalThis.indexedDB = {
    open: () => {
      throw new DOMException('no', name)
    }
  } as unknown as IDBFactory
  const saved = await openStorage(() => 1).save(workspace, 0)
  expect(saved.ok ? '' : saved.issues[0]?.code).toBe(code)
})

test('a browser without a database is said, not a crash', async () => {
  globalThis.indexedDB = undefined as unknown as IDBFactory
  const loaded = await openStorage(() => 1).load('x')
  expect(loaded.ok ? '' : loaded.issues[0]?.code).toBe('storage.refused')
})

describe('a long ledger', () => {
  const entry = (i: number): LedgerEntry => ({
    id: `e${i}`,
    date: '2026-05-01',
    kind: 'other',
    amount: 0 - i,
    text: `Entry ${i}`
  })
  const many = { ...workspace, ledger: Array.from({ length: CHUNK * 3 + 7 }, (_, i) => entry(i)) }
  test('is kept in pieces; an entry more writes the last piece alone', async () => {
    const storage = openStorage(() => 1)
    await storage.save(many, 0)
    const puts: unknown[] = []
    const put = IDBObjectStore.prototype.put
    IDBObjectStore.prototype.put = function (this: IDBObjectStore, value: unknown, ...key: []) {
      puts.push(value)
      return put.call(this, value, ...key)
    }
    try {
      expect(await storage.save({ ...many, ledger: [...many.ledger, entry(9999)] }, 1)).toEqual({
        ok: true,
        value: 2
      })
    } finally {
      IDBObjectStore.prototype.put = put
    }
    expect(puts.map((one) => (one as { index?: number }).index)).toEqual([undefined, 3])
    const again = await openStorage(() => 2).load(workspace.id)
    expect(again.ok && (again.value?.data as Workspace).ledger).toEqual([
      ...many.ledger,
      entry(9999)
    ])
    expect(again.ok && again.value?.damaged).toEqual([])
  })
  test('a shorter or another ledger leaves nothing of the former one', async () => {
    await fc.assert(
      fc.asyncProperty(fc.array(fc.nat(3), { minLength: 1, maxLength: 6 }), async (sizes) => {
        globalThis.indexedDB = new IDBFactory()
        const storage = openStorage(() => 1)
        let ledger: readonly LedgerEntry[] = []
        for (const [i, size] of sizes.entries()) {
          ledger =
            size === 0
              ? ledger.slice(0, Math.floor(ledger.length / 2))
              : size === 1
                ? [entry(i), ...ledger]
                : [...ledger, ...Array.from({ length: 200 * size }, (_, k) => entry(1000 * i + k))]
          expect(await storage.save({ ...workspace, ledger }, i)).toEqual({
            ok: true,
            value: i + 1
          })
        }
        const again = await openStorage(() => 2).load(workspace.id)
        expect(again.ok && (again.value?.data as Workspace).ledger).toEqual(ledger)
      }),
      { numRuns: 15 }
    )
  })
})

describe('a database of version 1', () => {
  /** As version 1 of this program made it. */
  const oldDatabase = async (records: readonly object[]): Promise<void> => {
    const db = await openDB('frugal-ledger', 1, {
      upgrade: (made) =>
        void (
          made.createObjectStore('workspaces', { keyPath: 'id' }),
          made.createObjectStore('settings')
        )
    })
    for (const record of records) await db.put('workspaces', record)
    await db.put('settings', { current: 'demo-hive-yard', theme: 'dark' }, 'settings')
    db.close()
  }
  test('is brought up to date with everything in it, down to the last entry', async () => {
    const old = JSON.parse(
      readFileSync(
        new URL('../../tests/fixtures/workspace-version-1.json', import.meta.url),
        'utf8'
      )
    ) as WorkspaceFile
    await oldDatabase([
      { id: old.id, name: old.name, revision: 41, savedAt: 7, data: old },
      {
        id: 'ws-2',
        name: 'Other',
        revision: 1,
        savedAt: 8,
        data: { ...old, id: 'ws-2', ledger: [] }
      }
    ])
    const storage = openStorage(() => 9)
    expect(await storage.settings()).toEqual({
      ok: true,
      value: { current: 'demo-hive-yard', theme: 'dark' }
    })
    const loaded = await storage.load(old.id)
    if (!loaded.ok || !loaded.value) throw new Error('not loaded')
    const { plan, ...rest } = old
    expect([loaded.value.revision, loaded.value.damaged, loaded.value.data]).toEqual([41, [], rest])
    expect([plan !== undefined, loaded.value.plan]).toEqual([true, plan])
    const read = await readStored(old.id, loaded.value, storage, library, '2026-05-04')
    expect(read).toMatchObject({
      ok: true,
      value: { repaired: false, workspace: { version: 2 }, notes: [{ code: 'file.migrated' }] }
    })
    expect(read.ok && (await storage.save(read.value.workspace, 41))).toEqual({
      ok: true,
      value: 42
    })
    expect((await storage.list()).ok).toBe(true)
  })
  test('an open tab of the old program blocks it, is told of, and is waited for', async () => {
    await oldDatabase([])
    const oldTab = await openDB('frugal-ledger', 1)
    const news: string[] = []
    const opening = openStorage(
      () => 1,
      undefined,
      (one) => news.push(one)
    ).settings()
    while (news.length === 0) await new Promise((resolve) => setTimeout(resolve, 5))
    expect(news).toEqual(['blocked'])
    oldTab.close()
    expect(await opening).toMatchObject({ ok: true })
  })
  test('a newer program takes over: this tab lets go, says so, and writes no more', async () => {
    const news: string[] = []
    const storage = openStorage(
      () => 1,
      undefined,
      (one) => news.push(one)
    )
    await storage.save(workspace, 0)
    const newer = await openDB('frugal-ledger', 99)
    expect(news).toEqual(['outdated'])
    const late = await storage.save(workspace, 1)
    expect(late.ok ? '' : late.issues[0]?.code).toBe('storage.outdated')
    newer.close()
    const fresh = await openStorage(() => 1).settings()
    expect(fresh.ok ? '' : fresh.issues[0]?.code).toBe('storage.newer')
  })
})

describe('damage is noticed and repaired from the newest good snapshot', () => {
  const hive = demo('hive-yard')
  const later: Workspace = {
    ...hive,
    ledger: [
      ...hive.ledger,
      { id: 'new', date: '2026-05-04', kind: 'other', amount: -700, text: 'After the snapshot' }
    ]
  }
  const alter = async (
    store: 'workspaces' | 'ledger' | 'snapshots',
    change: (record: Record<string, unknown>) => void
  ): Promise<void> => {
    const db = await openDB('frugal-ledger', VERSION)
    for (const record of (await db.getAll(store)) as Record<string, unknown>[]) {
      change(record)
      await db.put(store, record)
    }
    db.close()
  }
  const prepared = async (): Promise<Storage> => {
    let now = 0
    const storage = openStorage(
      () => ++now,
      () => `k${now}`
    )
    await storage.snapshot(
      { ...hive, name: 'Older' },
      writeWorkspace({ ...hive, name: 'Older' }),
      'by-hand'
    )
    await storage.snapshot(hive, writeWorkspace(hive), 'while-working')
    await storage.save(later, 0)
    return storage
  }
  const recovered = async (storage: Storage) => {
    const loaded = await storage.load(hive.id)
    if (!loaded.ok || !loaded.value) throw new Error('not loaded')
    return {
      damaged: loaded.value.damaged,
      read: await readStored(hive.id, loaded.value, storage, library, '2026-05-04')
    }
  }
  test('the head: the snapshot’s state with every entry of the ledger, also the later ones', async () => {
    const storage = await prepared()
    await alter('workspaces', (record) => {
      record.head = { ...(record.head as object), builds: 'gone' }
    })
    const { damaged, read } = await recovered(storage)
    expect([
      damaged,
      read.ok && read.value.repaired,
      read.ok && read.value.workspace.ledger.at(-1)?.id,
      read.ok && read.value.workspace.builds.length
    ]).toEqual([['head'], true, 'new', hive.builds.length])
  })
  test('the ledger: the present state with the entries of the snapshot', async () => {
    const storage = await prepared()
    await alter('ledger', (record) => {
      record.text = String(record.text).replace(/"amount":-?\d+/g, '"amount":1')
    })
    const { damaged, read } = await recovered(storage)
    expect([damaged, read.ok && read.value.workspace.ledger]).toEqual([['ledger'], hive.ledger])
    expect(read.ok && read.value.notes).toMatchObject([{ code: 'storage.repaired' }])
  })
  test('a damaged snapshot is passed over for the next one; with none left nothing is made up and nothing is touched', async () => {
    const storage = await prepared()
    await alter('workspaces', (record) => {
      record.print = 'x'
    })
    await alter('snapshots', (record) => {
      if (record.reason === 'while-working') record.packed = Uint8Array.from([1, 2, 3])
    })
    expect((await recovered(storage)).read).toMatchObject({
      ok: true,
      value: { workspace: { name: 'Older' } }
    })
    await alter('snapshots', (record) => {
      record.print = 'x'
    })
    const before = await storage.load(hive.id)
    expect((await recovered(storage)).read).toMatchObject({
      ok: false,
      issues: [{ code: 'storage.unreadable' }]
    })
    expect(await storage.load(hive.id)).toEqual(before)
  })
  test('put aside, the record is there as it was, and the repaired one stands in its place', async () => {
    const storage = await prepared()
    await alter('workspaces', (record) => {
      record.print = 'x'
    })
    expect(await storage.repair(later, 1)).toEqual({ ok: true, value: 2 })
    const db = await openDB('frugal-ledger', VERSION)
    expect((await db.getAll('aside')) as unknown[]).toMatchObject([
      { record: { head: { print: 'x' }, ledger: [{ index: 0 }] } }
    ])
    db.close()
    expect(await storage.load(hive.id)).toMatchObject({
      ok: true,
      value: { revision: 2, damaged: [], readable: later.ledger }
    })
    expect(await storage.save(hive, 2)).toEqual({ ok: true, value: 3 })
  })
})

describe('snapshots', () => {
  test('what was packed comes back, with what it holds in short', async () => {
    const storage = openStorage(
      () => 5,
      () => 'key'
    )
    const hive = demo('hive-yard')
    await storage.snapshot(hive, writeWorkspace(hive), 'by-hand')
    expect(await storage.snapshotText('key')).toEqual({ ok: true, value: writeWorkspace(hive) })
    expect(await storage.snapshots(hive.id)).toEqual({
      ok: true,
      value: [
        {
          key: 'key',
          order: 1,
          workspace: hive.id,
          at: 5,
          reason: 'by-hand',
          builds: hive.builds.length,
          items: hive.items.length,
          entries: hive.ledger.length,
          balance: 29_870
        }
      ]
    })
    expect(await storage.snapshotText('none')).toEqual({ ok: true, value: undefined })
  })
  test('a year of work every ten minutes leaves the newest, one an hour for a day, one a day for a month, one a week for a year', () => {
    const minute = 60_000
    const now = Date.UTC(2026, 10, 25, 12)
    const list = Array.from({ length: 52_560 }, (_, i) => ({
      key: String(i),
      at: now - i * 10 * minute,
      reason: 'while-working' as const
    }))
    const gone = new Set(expired(list, now))
    const left = list.filter(({ key }) => !gone.has(key))
    expect(left.length).toBeLessThan(12 + 25 + 31 + 54)
    expect(left.slice(0, 12).map(({ key }) => key)).toEqual(list.slice(0, 12).map(({ key }) => key))
    for (const [hours, within] of [
      [5, 1],
      [20, 1],
      [24 * 3, 24],
      [24 * 28, 24],
      [24 * 90, 24 * 7],
      [24 * 300, 24 * 7]
    ] as const)
      expect(
        left.some(({ at }) => Math.abs(now - at - hours * 60 * minute) <= within * 60 * minute)
      ).toBe(true)
    // Looked at again a little later, the same ones stay: rotating does not eat them up.
    expect(expired(left, now + minute).length).toBeLessThanOrEqual(3)
  })
  test('those made before a file came in are not pushed out by those made while working', () => {
    const list = [
      { key: 'import', at: 1, reason: 'before-import' as const },
      ...Array.from({ length: 40 }, (_, i) => ({
        key: `w${i}`,
        at: 1e12 + i,
        reason: 'while-working' as const
      }))
    ]
    const gone = expired(list, 1e12 + 100)
    expect(gone).not.toContain('import')
    expect(gone.length).toBeGreaterThan(20)
  })
})

const photo = (id: string, of: string) => ({
  id,
  workspace: of,
  type: 'image/jpeg' as const,
  bytes: Uint8Array.from([1, 2])
})
test('photos, backup notes and who owns them', async () => {
  const storage = openStorage(() => 1)
  await storage.putPhotos([photo('a', 'one'), photo('b', 'two')])
  expect(await storage.photosOf('one')).toEqual({
    ok: true,
    value: [{ ...photo('a', 'one'), at: 1 }]
  })
  expect(await storage.photo('two', 'b')).toEqual({
    ok: true,
    value: { ...photo('b', 'two'), at: 1 }
  })
  await storage.noteBackup({ workspace: 'one', at: 3, revision: 4, where: 'file' })
  expect(await storage.backup('one')).toEqual({
    ok: true,
    value: { workspace: 'one', at: 3, revision: 4, where: 'file' }
  })
})

describe('photos nothing speaks of', () => {
  const DAY = 86_400_000
  const withPhoto = (id: string): Workspace => ({
    ...workspace,
    ledger: [{ id: 'e', date: '2026-05-01', kind: 'tool', amount: -1, text: 'Saw' }],
    photos: [{ id, entry: 'e', type: 'image/jpeg', widthPx: 1, heightPx: 1, bytes: 2 }]
  })
  let now = 0
  const left = async (storage: Storage): Promise<unknown> => {
    const all = await storage.photosOf(workspace.id)
    return all.ok && all.value.map(({ id }) => id)
  }
  async function filled(): Promise<{ storage: Storage; second: IDBFactory }> {
    now = 0
    const second = new IDBFactory()
    const storage = openStorage(
      () => now,
      undefined,
      undefined,
      () => Promise.resolve(second)
    )
    await storage.save(withPhoto('shown'), 0)
    await storage.putPhotos(['shown', 'removed'].map((id) => photo(id, workspace.id)))
    await storage.putPhotos([photo('others', 'another')])
    return { storage, second }
  }
  test('go after a month, from both copies; what is spoken of and what belongs to others stays', async () => {
    const { storage, second } = await filled()
    now = 29 * DAY
    expect([await storage.clearPhotos(withPhoto('shown')), await left(storage)]).toEqual([
      { ok: true, value: 0 },
      ['removed', 'shown']
    ])
    now = 31 * DAY
    expect([await storage.clearPhotos(withPhoto('shown')), await left(storage)]).toEqual([
      { ok: true, value: 1 },
      ['shown']
    ])
    globalThis.indexedDB = new IDBFactory()
    const restored = openStorage(
      () => now,
      undefined,
      undefined,
      () => Promise.resolve(second)
    )
    expect([await left(restored), (await restored.photo('another', 'others')).ok]).toEqual([
      ['shown'],
      true
    ])
  })
  test('stay while a snapshot speaks of them, or one that cannot be read might', async () => {
    const { storage } = await filled()
    await storage.snapshot(withPhoto('removed'), writeWorkspace(withPhoto('removed')), 'by-hand')
    now = 31 * DAY
    expect([await storage.clearPhotos(withPhoto('shown')), await left(storage)]).toEqual([
      { ok: true, value: 0 },
      ['removed', 'shown']
    ])
    const db = await openDB('frugal-ledger')
    const [key] = await db.getAllKeys('snapshots')
    await db.put('snapshots', {
      ...(await db.get('snapshots', key as string)),
      packed: Uint8Array.from([1, 2, 3])
    })
    expect([await storage.clearPhotos(withPhoto('shown')), await left(storage)]).toEqual([
      { ok: true, value: 0 },
      ['removed', 'shown']
    ])
    await db.clear('snapshots')
    db.close()
    expect(await storage.clearPhotos(withPhoto('shown'))).toEqual({ ok: true, value: 1 })
  })
  test('stay while a record is put aside', async () => {
    const { storage } = await filled()
    await storage.repair(withPhoto('shown'), 1)
    now = 31 * DAY
    expect([await storage.clearPhotos(withPhoto('shown')), await left(storage)]).toEqual([
      { ok: true, value: 0 },
      ['removed', 'shown']
    ])
  })
})

test('a store another process holds for a moment is opened a little later', async () => {
  const real = new IDBFactory()
  let calls = 0
  globalThis.indexedDB = {
    open: (...args: [string, number?]) => {
      calls += 1
      if (calls < 3) throw new DOMException('held', 'UnknownError')
      return real.open(...args)
    }
  } as unknown as IDBFactory
  expect(await openStorage(() => 1).settings()).toEqual({ ok: true, value: {} })
  expect(calls).toBe(3)
})

describe('photos are a workspace’s own', () => {
  test('two workspaces may have one of the same id; taking one workspace out takes its own along, and its snapshots', async () => {
    const storage = openStorage(() => 1)
    await storage.save(workspace, 0)
    await storage.snapshot(workspace, writeWorkspace(workspace), 'by-hand')
    await storage.putPhotos([photo('p', workspace.id)])
    await storage.putPhotos([{ ...photo('p', 'other'), bytes: Uint8Array.from([9]) }])
    expect([
      await storage.photo(workspace.id, 'p'),
      await storage.photo('other', 'p')
    ]).toMatchObject([
      { value: { bytes: Uint8Array.from([1, 2]) } },
      { value: { bytes: Uint8Array.from([9]) } }
    ])
    await storage.remove(workspace.id)
    expect(await storage.photosOf(workspace.id)).toEqual({ ok: true, value: [] })
    expect(await storage.snapshots(workspace.id)).toEqual({ ok: true, value: [] })
    expect(await storage.photosOf('other')).toMatchObject({ ok: true, value: [{ id: 'p' }] })
  })
  test('a store of version 3 keeps its photos', async () => {
    const db = await openDB('frugal-ledger', 3, {
      upgrade(fresh) {
        for (const [name, keyPath] of [
          ['workspaces', 'id'],
          ['plans', 'workspace'],
          ['snapshots', 'key'],
          ['photos', 'id'],
          ['backups', 'workspace'],
          ['aside', 'key']
        ] as const)
          fresh.createObjectStore(name, { keyPath })
        fresh.createObjectStore('ledger', { keyPath: ['workspace', 'index'] })
        for (const name of ['settings', 'handles']) fresh.createObjectStore(name)
      }
    })
    await db.put('photos', { ...photo('p', 'one'), at: 7 })
    db.close()
    expect(await openStorage(() => 1).photosOf('one')).toEqual({
      ok: true,
      value: [{ ...photo('p', 'one'), at: 7 }]
    })
  })
})

describe('a state that is as it was written and that the reader refuses', () => {
  test('is shown without the part that is wrong, which is set aside with the record, can be seen and let go', async () => {
    let now = 0
    const storage = openStorage(
      () => ++now,
      () => `k${now}`
    )
    const hive = demo('hive-yard')
    const bad = {
      ...hive,
      builds: hive.builds.map((one, i) => (i === 1 ? { ...one, name: 'x'.repeat(201) } : one))
    }
    await storage.save(bad, 0)
    const loaded = await storage.load(hive.id)
    if (!loaded.ok || !loaded.value) throw new Error('not loaded')
    const read = await readStored(hive.id, loaded.value, storage, library, '2026-05-04')
    if (!read.ok) throw new Error('not read')
    expect(read.value).toMatchObject({
      repaired: true,
      aside: [{ path: ['builds', 1, 'name'], value: 'x'.repeat(201) }],
      notes: [{ code: 'storage.set-aside', figures: { count: 1, places: 'builds, entry 2, name' } }]
    })
    expect(read.value.workspace.builds.map(({ id }) => id)).toEqual(hive.builds.map(({ id }) => id))
    expect(await storage.repair(read.value.workspace, 1, read.value.aside)).toEqual({
      ok: true,
      value: 2
    })
    const aside = await storage.aside(hive.id)
    expect(aside).toMatchObject({
      ok: true,
      value: [{ parts: [{ issue: { code: 'text.too-long' } }], record: { head: { id: hive.id } } }]
    })
    if (aside.ok) for (const { key } of aside.value) await storage.dropAside(key)
    expect(await storage.aside(hive.id)).toEqual({ ok: true, value: [] })
  })
})

test('a clock that was set back neither hides the newest former states nor lets them go', async () => {
  const YEAR = 365 * 86_400_000
  let now = 10 * YEAR
  let count = 0
  const storage = openStorage(
    () => now,
    () => `k${++count}`
  )
  const make = async (): Promise<void> => {
    await storage.snapshot(workspace, writeWorkspace(workspace), 'while-working')
  }
  for (let i = 0; i < 14; i++) {
    now += 3_600_000
    await make()
  }
  now = YEAR
  for (let i = 0; i < 3; i++) {
    now += 3_600_000
    await make()
  }
  const listed = await storage.snapshots(workspace.id)
  expect(listed.ok && listed.value.slice(0, 4).map(({ key }) => key)).toEqual([
    'k17',
    'k16',
    'k15',
    'k14'
  ])
})
