import 'fake-indexeddb/auto'
import { IDBFactory } from 'fake-indexeddb'
import { beforeEach, describe, expect, test } from '@jest/globals'
import { openDB } from 'idb'
import { writeWorkspace } from '../../core/formats'
import type { Workspace } from '../../core/workspace'
import { demo } from '../../tests/helpers/workspaces'
import { expired } from './snapshots'
import { openStorage, type Storage } from '.'
import { workspace } from '../../tests/helpers/stored-workspace'

beforeEach(() => {
  globalThis.indexedDB = new IDBFactory()
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
