import 'fake-indexeddb/auto'
import fc from 'fast-check'
import { IDBFactory } from 'fake-indexeddb'
import { beforeEach, describe, expect, test } from '@jest/globals'
import type { LedgerEntry } from '../../core/ledger'
import { openDB } from 'idb'
import type { Plan, Workspace } from '../../core/workspace'
import { CHUNK, printOf } from './records'
import { openStorage } from '.'
import { workspace } from '../../tests/helpers/stored-workspace'

beforeEach(() => {
  globalThis.indexedDB = new IDBFactory()
})

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

describe('what this very program has written after a check is known again', () => {
  const inBuild = (build: string | undefined): ReturnType<typeof openStorage> =>
    openStorage(() => 1, undefined, undefined, undefined, build)
  const isSealed = async (build: string | undefined): Promise<boolean | undefined> => {
    const loaded = await inBuild(build).load(workspace.id)
    return loaded.ok ? loaded.value?.sealed : undefined
  }
  const plan = { version: 1 } as unknown as Plan
  const altered = async (store: 'workspaces' | 'plans', change: object): Promise<void> => {
    const db = await openDB('frugal-ledger')
    await db.put(store, { ...(await db.get(store, workspace.id)), ...change })
    db.close()
  }
  beforeEach(async () => {
    await inBuild('build-1').save(workspace, 0, true)
    await inBuild('build-1').savePlan(workspace.id, plan)
  })

  test('by the same build alone; a build that does not know itself knows nothing again', async () => {
    expect(await isSealed('build-1')).toBe(true)
    expect(await isSealed('build-2')).toBe(false)
    expect(await isSealed(undefined)).toBe(false)
  })
  test('not where it was kept unchecked', async () => {
    await inBuild('build-1').save({ ...workspace, name: 'x'.repeat(999) }, 1)
    expect(await isSealed('build-1')).toBe(false)
  })
  test('not where somebody altered it since, with a print that fits or without', async () => {
    const head = { ...workspace, name: 'Altered', ledger: undefined }
    await altered('workspaces', { head })
    expect(await isSealed('build-1')).toBe(false)
    await altered('workspaces', { head, print: printOf(head) })
    expect(await isSealed('build-1')).toBe(false)
  })
  test('not where the plan beside it was altered, or kept by another build', async () => {
    await altered('plans', { plan: { version: 2 } })
    expect(await isSealed('build-1')).toBe(false)
    await inBuild('build-2').savePlan(workspace.id, plan)
    expect(await isSealed('build-1')).toBe(false)
    await inBuild('build-1').savePlan(workspace.id, undefined)
    expect(await isSealed('build-1')).toBe(true)
  })
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
