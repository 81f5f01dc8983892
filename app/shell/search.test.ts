import { expect, test } from '@jest/globals'
import { demoWorld, demoPlan } from '../../tests/helpers/workspaces'
import { sayFor } from '../words/say'
import { findables, search } from './search'

const world = demoWorld('hive-yard')
const all = findables(world, sayFor(world), demoPlan('hive-yard'))

test('everything with a name is in it, with the way to it', () => {
  const kinds = new Set(all.map(({ kind }) => kind))
  for (const kind of [
    'place',
    'build',
    'plan',
    'owned',
    'tool',
    'entry',
    'quote',
    'operation'
  ] as const)
    expect(kinds.has(kind)).toBe(true)
  expect(all.filter(({ kind }) => kind === 'entry')).toHaveLength(world.workspace.ledger.length)
  expect(all.every(({ path, label }) => path.startsWith('/') && label !== '')).toBe(true)
  expect(new Set(all.map(({ kind, key }) => kind + key)).size).toBe(all.length)
})
test.each<[string, string, string]>([
  ['ledger', 'place', '/ledger'],
  ['hive boxes', 'build', '/builds/hive-boxes'],
  ['cloths', 'owned', '/kit?tool=finishing-kit'],
  ['BOARDS FOR', 'entry', '/ledger?entry=e6']
])('“%s” is found first as a %s', (text, kind, path) => {
  const found = search(all, text, 12).found.filter((one) => one.kind === kind)
  expect(found[0]?.path).toBe(path)
})
test('how many more there are is said; nothing by that name is nothing', () => {
  const { found, more } = search(all, 'saw', 5)
  expect([found.length, more > 5]).toEqual([5, true])
  expect(search(all, 'zzzz', 5)).toEqual({ found: [], more: 0 })
})
