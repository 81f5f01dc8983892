import { describe, expect, test } from '@jest/globals'
import { demoPlan, demoWorld } from '../../tests/helpers/workspaces'
import { plannedSteps } from './possible'

describe('the steps of a build as they will be done', () => {
  const world = demoWorld('hive-yard')
  const plan = demoPlan('hive-yard')
  const first = plan.builds.find(({ build }) => !build.startsWith('make/'))?.build ?? ''
  const id = (steps: ReturnType<typeof plannedSteps>) => (steps ?? []).map(({ step }) => step.id)
  test('each has a way once the plan begins it, with tools that are owned or bought by then', () => {
    const steps = plannedSteps(world, plan, first) ?? []
    const begin = plan.builds.find(({ build }) => build === first)?.begin ?? ''
    const made = plan.builds
      .filter(({ done }) => done <= begin)
      .map(({ build }) => world.library.templates.get(build.replace('make/', ''))?.yields)
    const there = new Set([
      ...made,
      ...world.workspace.items.map(({ tool }) => tool),
      ...plan.purchases.filter(({ date }) => date <= begin).map(({ offer }) => offer.split('/')[0])
    ])
    expect(steps.length).toBeGreaterThan(3)
    expect(steps.filter(({ method }) => method === undefined)).toEqual([])
    expect(steps.flatMap(({ tools }) => tools).filter((tool) => !there.has(tool))).toEqual([])
  })
  test('without a plan only what is owned counts; the steps are the same, some without a way', () => {
    const owned = plannedSteps(world, undefined, first)
    expect(id(owned)).toEqual(id(plannedSteps(world, plan, first)))
    expect(owned?.some(({ method }) => method === undefined)).toBe(true)
    // A plan that does not build it says nothing of it.
    expect(plannedSteps(world, { ...plan, builds: [] }, first)).toEqual(owned)
  })
  test('there are none of a build that is not there', () =>
    expect(plannedSteps(world, plan, 'no-such-build')).toBeUndefined())
})
