import 'fake-indexeddb/auto'
import { IDBFactory } from 'fake-indexeddb'
import { beforeEach, describe, expect, test } from '@jest/globals'
import { openDB } from 'idb'
import { entry, ledgerIn } from '../../tests/helpers/stored'
import { demo, emptyWorkspace } from '../../tests/helpers/workspaces'
import { openStorage, type Storage } from '.'

/** The second store beside the browser's own. */
let second: IDBFactory
const news: string[] = []
beforeEach(() => {
  globalThis.indexedDB = new IDBFactory()
  second = new IDBFactory()
})
const opened = (
  factory: () => Promise<IDBFactory | undefined> = () => Promise.resolve(second)
): Storage =>
  openStorage(
    () => 1,
    undefined,
    (one) => news.push(one),
    factory
  )
const workspace = emptyWorkspace({ name: 'Mine' })

describe('a store that is emptied under an open page', () => {
  const photo = {
    id: 'p',
    workspace: workspace.id,
    type: 'image/jpeg' as const,
    bytes: Uint8Array.from([1])
  }
  /** Takes all records out while the connection stays open, as clearing the data of a site can. */
  async function cleared(): Promise<void> {
    const db = await openDB('frugal-ledger')
    for (const name of db.objectStoreNames) await db.clear(name)
    db.close()
  }
  async function filled(): Promise<Storage> {
    const storage = opened()
    await storage.save(demo('hive-yard'), 0)
    await storage.save({ ...workspace, ledger: [entry(1)] }, 0)
    await storage.saveSettings({ current: workspace.id, theme: 'dark' })
    await storage.putPhotos([photo])
    news.length = 0
    return storage
  }
  const changed = { ...workspace, ledger: [entry(1), entry(2)] }

  test('the next change brings all of it back, with the change, the photos and the settings', async () => {
    const storage = await filled()
    await cleared()
    expect(await storage.save(changed, 1)).toEqual({ ok: true, value: 2 })
    expect(news).toEqual(['restored'])
    const again = opened()
    expect(await ledgerIn(again, workspace.id)).toEqual([2, [], [entry(1), entry(2)]])
    expect(await ledgerIn(again, 'demo-hive-yard')).toEqual([1, [], demo('hive-yard').ledger])
    expect(await again.settings()).toEqual({
      ok: true,
      value: { current: workspace.id, theme: 'dark' }
    })
    expect(
      (await again.photosOf(workspace.id)).ok && (await again.photo(workspace.id, 'p'))
    ).toEqual({
      ok: true,
      value: { ...photo, at: 1 }
    })
  })
  test('where the copy is gone as well, the page still writes all it knows of the workspace, and which was open', async () => {
    const storage = await filled()
    await cleared()
    second = new IDBFactory()
    const lost = openStorage(
      () => 1,
      undefined,
      undefined,
      () => Promise.resolve(undefined)
    )
    expect((await lost.list()).ok).toBe(true)
    expect(await lost.save(changed, 1)).toEqual({ ok: true, value: 2 })
    const again = opened(() => Promise.resolve(undefined))
    expect(await ledgerIn(again, workspace.id)).toEqual([2, [], [entry(1), entry(2)]])
    expect(await again.settings()).toMatchObject({ ok: true, value: { current: workspace.id } })
    expect(storage).toBeDefined()
  })
  test('a database that is deleted lets go of the page, and is made again with the next change', async () => {
    const storage = await filled()
    await new Promise<void>((resolve, reject) => {
      const request = indexedDB.deleteDatabase('frugal-ledger')
      request.onsuccess = () => resolve()
      request.onerror = () => reject(request.error ?? new Error('not deleted'))
    })
    expect(await storage.save(changed, 1)).toEqual({ ok: true, value: 2 })
    expect(news).toEqual(['closed', 'restored'])
    expect(await ledgerIn(opened(), workspace.id)).toEqual([2, [], [entry(1), entry(2)]])
  })
  test('a copy that is behind what the page knows is written over, never taken for another tab', async () => {
    const storage = await filled()
    await storage.save(changed, 1)
    const db = await openDB('frugal-ledger')
    const old = (await db.get('workspaces', workspace.id)) as { revision: number }
    await db.put('workspaces', { ...old, revision: 1 })
    db.close()
    const next = { ...workspace, ledger: [entry(1), entry(2), entry(3)] }
    expect(await storage.save(next, 2)).toEqual({ ok: true, value: 3 })
    expect(await ledgerIn(opened(), workspace.id)).toEqual([3, [], [entry(1), entry(2), entry(3)]])
  })
})
