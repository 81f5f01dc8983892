import { describe, expect, test } from '@jest/globals'
import { evaluate } from '../../core/plan'
import { makePlan } from '../../core/search'
import { workspaceHash } from '../../core/workspace'
import { library } from '../../data'
import { DEMO_FILES, demo, demoWorld, demoPlan } from '../helpers/workspaces'

describe.each([...DEMO_FILES, 'year-on'])('the demo %s ships planned', (name) => {
  const workspace = demo(name)
  const world = demoWorld(name)
  test('with the plan its planner makes of it today: after a change of the library, npm run demo-plans', () => {
    const outcome = makePlan(world)
    if (outcome.kind === 'clash') throw new Error('its pins cannot hold together')
    expect(demoPlan(name)).toEqual(JSON.parse(JSON.stringify(outcome.plan)))
  })
  test('made for the state it stands in and the library in use, and breaking no rule', () => {
    const plan = demoPlan(name)
    expect([plan.workspace.hash, plan.libraryVersion]).toEqual([
      workspaceHash(workspace),
      library.version
    ])
    expect(evaluate(world, plan).broken).toEqual([])
    expect(plan.purchases.length).toBeGreaterThan(3)
  })
  test('protection comes no later than the first tool that needs it', () => {
    const owned = new Set(
      workspace.items.flatMap(({ tool }) => library.tools.get(tool)?.protects ?? [])
    )
    const dated = demoPlan(name).purchases.map(({ offer, date }) => ({
      tool: library.tools.get(offer.split('/')[0] ?? ''),
      date
    }))
    for (const { tool, date } of dated)
      for (const need of tool?.needs ?? []) {
        const there =
          owned.has(need) ||
          dated.some((other) => other.date <= date && other.tool?.protects.includes(need))
        expect([tool?.id, need, there]).toEqual([tool?.id, need, true])
      }
  })
})
