import { describe, expect, test } from '@jest/globals'
import { lookBack } from '../../core/against'
import { careOf, checksOf } from '../../core/care'
import { isDone } from '../../core/builds'
import { readWorkspace } from '../../core/formats'
import { itemHours } from '../../core/hours'
import { askedNow, idleIn, lessonFor, useCosts } from '../../core/judged'
import { makePlan } from '../../core/search'
import { stockOn, worldOf, type Plan } from '../../core/workspace'
import { careTasks, library, trueChecks } from '../../data'
import { demo, demoText, demoWorld } from '../helpers/workspaces'

const world = demoWorld('year-on')
const hours = itemHours(world)
const toolOf = (id: string): string | undefined =>
  world.workspace.items.find((item) => item.id === id)?.tool

describe('the demo with a year of history shows what it was made to show', () => {
  test('is a file as any other', () => {
    const read = readWorkspace(demoText('year-on'), library)
    expect(read.ok).toBe(true)
  })

  test('the worst purchase: paid for, never used, said so; the dearest hour stands first', () => {
    const [worst] = useCosts(world, hours)
    expect(worst).toMatchObject({ item: { tool: 'biscuit-joiner' }, uses: 0 })
    expect(idleIn(world, hours)[0]?.item.tool).toBe('biscuit-joiner')
    expect(lessonFor(world, 'tenon-joiner')).toMatchObject({ judged: 1, regretted: 1 })
    expect(askedNow(world).length).toBeGreaterThan(2)
  })

  test('the blunt edge and the machine that is out of true', () => {
    const due = careOf(world, careTasks, hours).filter(({ state }) => state === 'due')
    expect(due.some(({ item, task }) => item.tool === 'chisels' && task.edge)).toBe(true)
    const off = checksOf(world, trueChecks).filter(({ isFine }) => !isFine)
    expect(off.map(({ item }) => item.tool)).toEqual(['mitre-saw'])
    expect(world.workspace.items.find(({ tool }) => tool === 'mitre-saw')?.inexact).toBeGreaterThan(
      1
    )
  })

  test('the glue is there and too old', () => {
    const glue = stockOn(world.workspace, library, world.asOf).get('glue')
    expect(glue?.have).toBeGreaterThan(0)
    expect(glue?.goodUntil && glue.goodUntil < world.asOf).toBe(true)
  })

  test('the habit of planning too few hours for a build and too many in a week', () => {
    const { wrong, plans, calibration } = lookBack(world, world.workspace.adopted)
    expect(plans).toHaveLength(2)
    expect(wrong.map(({ kind }) => kind).sort()).toEqual(['hours', 'prices', 'times'])
    const real = wrong.find((one) => one.kind === 'hours')
    const times = wrong.find((one) => one.kind === 'times')
    expect(real && real.real < real.planned / 2).toBe(true)
    expect(times?.times).toBeGreaterThan(1.15)
    expect((calibration?.bins ?? []).reduce((sum, { count }) => sum + count, 0)).toBeGreaterThan(4)
  })

  test('planned with the hours really worked, the next plan promises what the year has shown', () => {
    const workspace = demo('year-on')
    const [real] = lookBack(world, workspace.adopted).wrong.filter((one) => one.kind === 'hours')
    const planWith = (minutesPerWeek: number): Plan => {
      const there = worldOf(
        { ...workspace, time: { ...workspace.time, minutesPerWeek } },
        library,
        world.asOf
      )
      const out = makePlan(there, { evaluations: 3000 })
      if (out.kind === 'clash') throw new Error('its pins cannot hold together')
      return out.plan
    }
    const daysPer = ({ builds }: Plan): number => {
      const own = builds.filter(({ build }) => !build.startsWith('make/'))
      const span = own.map(({ begin, done }) => (Date.parse(done) - Date.parse(begin)) / 86_400_000)
      return span.reduce((sum, days) => sum + days, 0) / own.length
    }
    // The builds of the year took so many days each, from begun to done.
    const done = workspace.builds.filter(isDone)
    const lived =
      done.reduce(
        (sum, { log }) =>
          sum + (Date.parse(log?.done ?? '') - Date.parse(log?.begun ?? '')) / 86_400_000,
        0
      ) / done.length
    const [as, learnt] = [
      daysPer(planWith(workspace.time.minutesPerWeek)),
      daysPer(planWith(real?.real ?? 0))
    ]
    expect(Math.abs(learnt - lived)).toBeLessThan(Math.abs(as - lived))
  })

  test('every item named by what was noted is there', () => {
    for (const { item } of world.workspace.upkeep ?? []) expect(toolOf(item)).toBeDefined()
  })
})
