import { readFileSync } from 'node:fs'
import { describe, expect, test } from '@jest/globals'
import { demo } from '../../tests/helpers/workspaces'
import { library } from '../../data'
import { readWorkspace } from '.'

/** Of a file in euros whose share of sales was said: an hour is six points of 120.00. */
const NEW_DEFAULTS = {
  hourValue: 720,
  keptMoneyWorth: 0.5,
  timber: 'elsewhere',
  after: { years: 2 }
}

describe('versions', () => {
  test('a stored file of version 1 is read as it was, brought up to version 3, and that is said', () => {
    const old = readFileSync(
      new URL('../../tests/fixtures/workspace-version-1.json', import.meta.url),
      'utf8'
    )
    const read = readWorkspace(old, library)
    if (!read.ok) throw new Error(JSON.stringify(read.issues))
    expect(read.value.notes).toMatchObject([
      { code: 'file.migrated', figures: { from: 1, to: 3 } },
      { code: 'file.other-library' }
    ])
    const { trail, version, ...rest } = read.value.workspace
    const { version: _old, plan, ...was } = JSON.parse(old) as Record<string, unknown>
    expect(read.value.plan).toEqual(plan)
    // What nobody had touched takes the new defaults.
    const money = { ...(was.money as object), ...NEW_DEFAULTS }
    expect([version, trail, rest]).toEqual([
      3,
      { changed: {}, removed: {}, handed: [] },
      { ...was, money }
    ])
  })
  test('an older file is brought up step by step; the steps are pure', () => {
    const old = { ...demo('hive-yard'), version: -1, title: 'Old name', name: undefined }
    const before = JSON.stringify(old)
    const migrations = [
      {
        from: -1,
        apply: ({ title, ...rest }: Record<string, unknown>) => ({ ...rest, called: title })
      },
      {
        from: 0,
        apply: ({ called, ...rest }: Record<string, unknown>) => ({ ...rest, name: called })
      },
      { from: 1, apply: (data: Record<string, unknown>) => data },
      { from: 2, apply: (data: Record<string, unknown>) => data }
    ]
    const read = readWorkspace(JSON.stringify(old), library, migrations)
    expect(read.ok && read.value.workspace.name).toBe('Old name')
    expect(read.ok && read.value.notes).toMatchObject([
      { code: 'file.migrated', figures: { from: -1, to: 3 } }
    ])
    expect(JSON.stringify(old)).toBe(before)
  })
})
