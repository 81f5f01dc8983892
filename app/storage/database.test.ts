import 'fake-indexeddb/auto'
import { IDBFactory } from 'fake-indexeddb'
import { beforeEach, expect, test } from '@jest/globals'
import { emptyWorkspace } from '../../tests/helpers/workspaces'
import { openStorage } from '.'

beforeEach(() => {
  globalThis.indexedDB = new IDBFactory()
})
const workspace = emptyWorkspace({ name: 'Mine' })

test('what was saved is there again, with its revision', async () => {
  const storage = openStorage(() => 1)
  expect(await storage.save(workspace, 0)).toEqual({ ok: true, value: 1 })
  expect(await storage.save({ ...workspace, name: 'Mine, changed' }, 1)).toEqual({ ok: true, value: 2 })
  const again = openStorage(() => 2)
  expect(await again.load(workspace.id)).toMatchObject({ ok: true, value: { revision: 2, data: { name: 'Mine, changed' } } })
  expect(await again.list()).toEqual({ ok: true, value: [{ id: workspace.id, name: 'Mine, changed', savedAt: 1 }] })
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

test.each([['SecurityError', 'storage.refused'], ['QuotaExceededError', 'storage.full'], ['AbortError', 'storage.failed']])('%s is said as %s', async (name, code) => {
  globalThis.indexedDB = { open: () => { throw new DOMException('no', name) } } as unknown as IDBFactory
  const saved = await openStorage(() => 1).save(workspace, 0)
  expect(saved.ok ? '' : saved.issues[0]?.code).toBe(code)
})

test('a browser without a database is said, not a crash', async () => {
  globalThis.indexedDB = undefined as unknown as IDBFactory
  const loaded = await openStorage(() => 1).load('x')
  expect(loaded.ok ? '' : loaded.issues[0]?.code).toBe('storage.refused')
})
