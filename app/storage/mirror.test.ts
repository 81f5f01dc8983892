import 'fake-indexeddb/auto'
import { IDBFactory } from 'fake-indexeddb'
import fc from 'fast-check'
import { beforeEach, describe, expect, jest, test } from '@jest/globals'
import type { LedgerEntry } from '../../core/ledger'
import type { Workspace } from '../../core/workspace'
import { entry, ledgerIn } from '../../tests/helpers/stored'
import { demo, emptyWorkspace } from '../../tests/helpers/workspaces'
import { CHUNK } from './records'
import { openStorage, type Storage } from '.'

/** The browser's own store, and the second one beside it. */
let second: IDBFactory
beforeEach(() => {
  globalThis.indexedDB = new IDBFactory()
  second = new IDBFactory()
})
const news: string[] = []
const opened = (
  factory: () => Promise<IDBFactory | undefined> = () => Promise.resolve(second)
): Storage =>
  openStorage(
    () => 1,
    undefined,
    (one) => news.push(one),
    factory
  )
const emptied = (): void => {
  globalThis.indexedDB = new IDBFactory()
}
const workspace = emptyWorkspace({ name: 'Mine' })

describe('a store the browser has emptied', () => {
  test('is filled again from the second copy: workspaces, ledger, photos, and which was open', async () => {
    const storage = opened()
    await storage.save(demo('hive-yard'), 0)
    await storage.save({ ...workspace, ledger: [entry(1)] }, 0)
    await storage.save({ ...workspace, ledger: [entry(1), entry(2)] }, 1)
    const photo = {
      id: 'p',
      workspace: workspace.id,
      type: 'image/jpeg' as const,
      bytes: Uint8Array.from([1])
    }
    await storage.putPhotos([photo])
    emptied()
    news.length = 0
    const again = opened()
    expect(await again.settings()).toMatchObject({
      ok: true,
      value: { current: expect.any(String) }
    })
    expect(news).toEqual(['restored'])
    expect(await ledgerIn(again, workspace.id)).toEqual([2, [], [entry(1), entry(2)]])
    expect(await ledgerIn(again, 'demo-hive-yard')).toEqual([1, [], demo('hive-yard').ledger])
    expect(await again.photo(photo.workspace, 'p')).toEqual({
      ok: true,
      value: { ...photo, at: 1 }
    })
    // And it goes on from there.
    expect(await again.save({ ...workspace, ledger: [entry(1), entry(2), entry(3)] }, 2)).toEqual({
      ok: true,
      value: 3
    })
  })
  test('has its settings again, and shows what was open; a second copy of the first form takes them too', async () => {
    // The first form had no settings.
    const old = second.open('frugal-ledger-copy', 1)
    old.onupgradeneeded = () => {
      old.result.createObjectStore('workspaces', { keyPath: 'id' })
      old.result.createObjectStore('ledger', { keyPath: ['workspace', 'index'] })
      old.result.createObjectStore('photos', { keyPath: 'id' })
    }
    await new Promise((resolve) => {
      old.onsuccess = resolve
    })
    old.result.close()
    const storage = opened()
    await storage.save(demo('hive-yard'), 0)
    await storage.save(workspace, 0)
    await storage.saveSettings({ current: 'demo-hive-yard', theme: 'dark', letters: false })
    emptied()
    expect(await opened().settings()).toEqual({
      ok: true,
      value: { current: 'demo-hive-yard', theme: 'dark', letters: false }
    })
    emptied()
    await opened().saveSettings({ current: 'gone', theme: 'dark' })
    emptied()
    expect(await opened().settings()).toMatchObject({
      value: { theme: 'dark', current: expect.stringMatching(/^(demo-hive-yard|ws-)/) }
    })
  })
  test('whatever was saved, in whatever order and size, the copy is the same to the last entry', async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.array(
          fc.record({
            how: fc.constantFrom('more', 'many', 'fewer', 'other', 'second-away'),
            n: fc.nat(5)
          }),
          { minLength: 1, maxLength: 8 }
        ),
        async (steps) => {
          globalThis.indexedDB = new IDBFactory()
          second = new IDBFactory()
          let storage = opened()
          let [ledger, revision]: [readonly LedgerEntry[], number] = [[], 0]
          for (const [i, { how, n }] of steps.entries()) {
            if (how === 'second-away')
              storage = opened(n % 2 === 0 ? () => Promise.resolve(undefined) : undefined)
            ledger =
              how === 'many'
                ? [...ledger, ...Array.from({ length: CHUNK + n }, (_, k) => entry(1000 * i + k))]
                : how === 'fewer'
                  ? ledger.slice(0, n)
                  : how === 'other'
                    ? [entry(i), ...ledger]
                    : [...ledger, entry(10_000 + i)]
            const saved = await storage.save({ ...workspace, ledger }, revision)
            revision = saved.ok ? saved.value : revision
          }
          // A last save with the copy at hand: it may have been behind, and takes the whole.
          storage = opened()
          await storage.load(workspace.id)
          await storage.save({ ...workspace, ledger }, revision)
          emptied()
          expect(await ledgerIn(opened(), workspace.id)).toEqual([revision + 1, [], ledger])
        }
      ),
      { numRuns: 20 }
    )
  })
  test('what was taken out stays out', async () => {
    const storage = opened()
    await storage.save(workspace, 0)
    await storage.remove(workspace.id)
    emptied()
    expect(await opened().load(workspace.id)).toEqual({ ok: true, value: undefined })
  })
})

test('a store that has anything in it is left as it is', async () => {
  await opened().save(workspace, 0)
  emptied()
  await opened(() => Promise.resolve(undefined)).save({ ...workspace, name: 'Begun anew' }, 0)
  news.length = 0
  const loaded = await opened().load(workspace.id)
  expect([news, loaded.ok && (loaded.value?.data as Workspace).name]).toEqual([[], 'Begun anew'])
})

test('without a second store, or with one that fails, everything is kept all the same', async () => {
  for (const factory of [
    () => Promise.resolve(undefined),
    () => Promise.reject(new Error('no')),
    () =>
      Promise.resolve({
        open: () => {
          throw new Error('no')
        }
      } as unknown as IDBFactory)
  ]) {
    globalThis.indexedDB = new IDBFactory()
    const storage = opened(factory)
    expect(await storage.save(workspace, 0)).toEqual({ ok: true, value: 1 })
    expect((await storage.load(workspace.id)).ok).toBe(true)
  }
})

test('a copy that is new, or that the browser has emptied, is made whole from the store', async () => {
  const storage = opened(() => Promise.resolve(undefined))
  await storage.save(demo('hive-yard'), 0)
  await storage.save(
    { ...workspace, ledger: Array.from({ length: CHUNK + 3 }, (_, i) => entry(i)) },
    0
  )
  await storage.putPhotos([
    { id: 'p', workspace: workspace.id, type: 'image/jpeg', bytes: Uint8Array.from([1, 2, 3]) }
  ])
  await storage.saveSettings({ current: workspace.id, theme: 'dark' })
  expect(await storage.completeCopy()).toEqual({ ok: true, value: 0 })
  const again = opened()
  expect([await again.completeCopy(), await again.completeCopy()]).toEqual([
    { ok: true, value: 3 },
    { ok: true, value: 0 }
  ])
  emptied()
  const restored = opened()
  expect(await ledgerIn(restored, workspace.id)).toEqual([
    1,
    [],
    Array.from({ length: CHUNK + 3 }, (_, i) => entry(i))
  ])
  expect([await restored.settings(), (await restored.photo(workspace.id, 'p')).ok]).toEqual([
    { ok: true, value: { current: workspace.id, theme: 'dark' } },
    true
  ])
})

test('a copy that is made whole while changes are saved ends with the newest of them', async () => {
  const behind = opened(() => Promise.resolve(undefined))
  await behind.save({ ...workspace, ledger: [entry(0)] }, 0)
  const storage = opened()
  await storage.load(workspace.id)
  await Promise.all([
    storage.completeCopy(),
    storage
      .save({ ...workspace, ledger: [entry(0), entry(1)] }, 1)
      .then(() => storage.save({ ...workspace, ledger: [entry(0), entry(1), entry(2)] }, 2))
  ])
  emptied()
  expect(await ledgerIn(opened(), workspace.id)).toEqual([3, [], [entry(0), entry(1), entry(2)]])
})

test('a copy that does not answer holds one save up for a moment, the next not at all, and takes the whole once it answers', async () => {
  let answer = (): void => undefined
  const storage = opened(
    () =>
      new Promise((resolve) => {
        answer = () => resolve(second)
      })
  )
  let revision = 1
  const save = async (): Promise<void> => {
    expect(
      await storage.save(
        { ...workspace, ledger: Array.from({ length: revision + 1 }, (_, i) => entry(i)) },
        revision
      )
    ).toEqual({ ok: true, value: revision + 1 })
    revision += 1
  }
  // A store that is empty would ask the copy first.
  await opened(() => Promise.resolve(undefined)).save(workspace, 0)
  // Whoever waits for the copy sets a timer for giving up.
  const timers = jest.spyOn(globalThis, 'setTimeout')
  const waits = (): number => timers.mock.calls.filter(([, ms]) => Number(ms) >= 1000).length
  await save()
  expect(waits()).toBe(1)
  await save()
  expect(waits()).toBe(1)
  answer()
  while (waits() === 1) await save()
  timers.mockRestore()
  emptied()
  expect(await ledgerIn(opened(), workspace.id)).toEqual([
    revision,
    [],
    Array.from({ length: revision }, (_, i) => entry(i))
  ])
}, 120_000)
