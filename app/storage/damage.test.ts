import 'fake-indexeddb/auto'
import { readFileSync } from 'node:fs'
import { IDBFactory } from 'fake-indexeddb'
import { beforeEach, describe, expect, test } from '@jest/globals'
import { openDB } from 'idb'
import { writeWorkspace } from '../../core/formats'
import type { Workspace, WorkspaceFile } from '../../core/workspace'
import { library } from '../../data'
import { demo } from '../../tests/helpers/workspaces'
import { readStored } from '../stores/recovery'
import { VERSION } from './database'
import { openStorage, type Storage } from '.'
import { workspace } from '../../tests/helpers/stored-workspace'

beforeEach(() => {
  globalThis.indexedDB = new IDBFactory()
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
      value: {
        repaired: false,
        workspace: { version: 3 },
        notes: [{ code: 'file.migrated' }, { code: 'file.other-library' }]
      }
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
