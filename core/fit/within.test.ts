import { expect, test } from '@jest/globals'
import { build, items, worldWith } from '../../tests/helpers/workspaces'
import { buildableNow, fitContext, floorOf, kitOf, operationsWithin } from '.'

const gear = items('safety-glasses', 'ear-muffs', 'half-mask')

test('a bare kit does nothing; a drill with its bits bores, and opens only what needs no more', () => {
  const bare = worldWith({ items: [] })
  const names = (world: typeof bare): string[] =>
    operationsWithin(fitContext(world), kitOf(world.library, world.workspace.items)).map(
      ({ id }) => id
    )
  expect(names(bare)).not.toContain('bore')
  const drilled = worldWith({ items: [...gear, ...items('drill-driver', 'drill-bits')] })
  expect(names(drilled)).toContain('bore')
  expect(names(drilled)).not.toContain('rip')
})

test('what can be begun today is neither begun nor done, and has every step', () => {
  const bench = build('bird-box')
  const everything = [...worldWith().library.tools.values()].map(({ id }) => id)
  const open = (log?: { begun: string; minutesSpent: number; done?: string }): string[] =>
    buildableNow(
      worldWith({ items: items(...everything), builds: [{ ...bench, ...(log ? { log } : {}) }] })
    ).map(({ build: one }) => one.id)
  expect(open()).toEqual([bench.id])
  expect(open({ begun: '2026-05-01', minutesSpent: 0 })).toEqual([])
  expect(open({ begun: '2026-05-01', minutesSpent: 90, done: '2026-05-02' })).toEqual([])
  expect(buildableNow(worldWith({ items: [], builds: [bench] }))).toEqual([])
})

test('floor of tools put away: each as often as there is of it', () => {
  expect(
    floorOf({
      tools: [
        { tool: { storedM2: 0.5 }, count: 2 },
        { tool: { storedM2: 0.25 }, count: 1 }
      ]
    })
  ).toBe(1.25)
})
