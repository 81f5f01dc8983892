import { expect, test } from '@jest/globals'
import { demo, demoWorld } from '../../tests/helpers/workspaces'
import { change, compareForReplacing } from '../../core/workspace'
import { isEmpty, momentText, partDifference, partName } from './keeping'
import { sayFor } from './say'

const say = sayFor(demoWorld('hive-yard'))
const hive = demo('hive-yard')

test('parts are called by what they are, and differences say the figures in money and words', () => {
  const other = change.changeBuild(
    {
      ...change.removeItem(hive, 'item-3'),
      money: { ...hive.money, reserve: 5000 },
      wishes: ['table-saw']
    },
    'step-stool',
    (build) => ({ ...build, worthEach: 3100, name: 'Stool' })
  )
  const { parts } = compareForReplacing(hive, other)
  expect(parts.map((part) => [partName(say, part), partDifference(say, part)])).toEqual([
    ['Money settings', 'reserve: €40 → €50'],
    ['Build: Stool', expect.stringMatching(/name: Step stool → Stool.*worth each: .* → €31/)],
    ['Owned: Hammer, 300 g', ''],
    ['Wish: Compact table saw', '']
  ])
})
test('equal states change nothing, whatever order their fields have', () => {
  const turned = {
    ...hive,
    builds: hive.builds.map(
      (build) => Object.fromEntries(Object.entries(build).reverse()) as unknown as typeof build
    )
  }
  expect([
    isEmpty(compareForReplacing(hive, turned), true),
    isEmpty(compareForReplacing(hive, { ...hive, ledger: [] }), true)
  ]).toEqual([true, false])
})
test('a moment is said with day and time', () =>
  expect(momentText(Date.UTC(2026, 4, 4, 18, 30))).toMatch(/^4 May 2026, \d\d:\d\d$/))
