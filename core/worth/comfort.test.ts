import { describe, expect, test } from '@jest/globals'
import {
  TODAY,
  build,
  emptyWorkspace,
  funds,
  items,
  worldWith
} from '../../tests/helpers/workspaces'
import { library } from '../../data'
import { ladderOf } from '../ladder'
import { makePlan, type Outcome } from '../search'
import { buildWorth, type Workspace, type World } from '../workspace'
import { comfortsOf } from '.'

const BASICS = ['tape', 'hammer', 'screwdrivers', 'sanding-block', 'rafter-square'] as const
const MORE = [
  'drill-driver',
  'jigsaw',
  'circular-saw',
  'palm-sander',
  'combination-square',
  'pull-saw',
  'panel-saw',
  'chisels',
  'mallet',
  'f-clamp-600',
  'level',
  'awl'
] as const

const world = (change: Partial<Workspace> = {}): World =>
  worldWith({
    builds: [build('planter'), build('toy-shelf')],
    items: items(...BASICS),
    ...funds(80_000, 0),
    ...change
  })
const planned = (there: World): Extract<Outcome, { kind: 'planned' }> => {
  const outcome = makePlan(there, { evaluations: 4000 })
  if (outcome.kind !== 'planned') throw new Error(outcome.kind)
  return outcome
}

describe('what is worth having though no build asks for it', () => {
  test('a wish counts its usual price once and a half, and is bought from what the builds leave', () => {
    const wished = world({ wishes: ['band-saw'] })
    const points = library.tools.get('band-saw')?.forms[0]?.points ?? NaN
    // By hand: index points × what a point costs × 1.5 for "would like".
    const worth = 1.5 * points * (wished.pricing.minorPer100Points / 100)
    expect(comfortsOf(wished).get('band-saw')?.worth).toBeCloseTo(worth, 6)
    const { plan, report } = planned(wished)
    const first = plan.purchases.find(({ offer }) => offer.startsWith('band-saw/'))
    expect([first?.date, plan.builds.length > 1, report.broken]).toEqual([TODAY, true, []])
    expect(report.value.comfort).toBeCloseTo(worth, 6)
    const rung = ladderOf(wished).rungs.find(({ lead }) => lead.tool === 'band-saw')
    expect(rung?.own).toBe('wish')
    // Without the wish nobody thinks of it.
    expect(planned(world()).plan.purchases.some(({ offer }) => offer.startsWith('band-saw/'))).toBe(
      false
    )
  })

  test('the builds come before the wish: none is left out for it', () => {
    const enough = planned(world()).report.spent
    const { plan } = planned(world({ wishes: ['lathe'], ...funds(enough + 1000, 0) }))
    const wanted = (one: typeof plan): string[] =>
      one.builds.map(({ build }) => build).filter((id) => !id.startsWith('make/'))
    expect(wanted(plan).sort()).toEqual(wanted(planned(world()).plan).sort())
  })

  test('a wish that is owned is fulfilled', () =>
    expect(
      comfortsOf(world({ wishes: ['jigsaw'], items: items(...BASICS, 'jigsaw') })).has('jigsaw')
    ).toBe(false))

  test('a place for tools saves time once there are tools to look for', () => {
    expect([...comfortsOf(world()).keys()]).toEqual([])
    const full = world({ items: items(...BASICS, ...MORE) })
    const wall = comfortsOf(full).get('tool-wall')
    const box = comfortsOf(full).get('stacking-boxes')
    // 2 and 0.8 minutes of each hour: the same hours at the same value.
    expect((wall?.worth ?? 0) / (box?.worth ?? 1)).toBeCloseTo(2 / 0.8, 6)
    expect(wall?.group).toBe(box?.group)
    const slow = world({
      items: items(...BASICS, ...MORE),
      money: { ...emptyWorkspace().money, hourValue: 0 }
    })
    expect(comfortsOf(slow).size).toBe(0)
    const boxed = world({ items: items(...BASICS, ...MORE, 'stacking-boxes') })
    expect((comfortsOf(boxed).get('tool-wall')?.worth ?? 0) / (wall?.worth ?? 1)).toBeCloseTo(
      1.2 / 2,
      6
    )
  })

  test('shop furniture on the list is worth what a bought one costs, times the wish; made along the way it counts nothing', () => {
    const there = world()
    const points = library.tools.get('workbench-made')?.forms[0]?.points ?? NaN
    const bench = build('jig-workbench-made', { yields: 'workbench-made' })
    expect(buildWorth(there, bench)).toBe(
      Math.round((1.5 * points * there.pricing.minorPer100Points) / 100)
    )
    expect(buildWorth(there, { ...bench, id: 'make/jig-workbench-made' })).toBe(0)
  })

  test('a bench on the list is built, and before the build it serves', () => {
    const there = world({
      builds: [build('bookcase'), build('jig-sawhorses')],
      items: items(...BASICS, ...MORE, 'safety-glasses', 'ear-muffs', 'half-mask', 'drill-bits')
    })
    const { plan } = planned(there)
    const begins = new Map(plan.builds.map((one) => [one.build, one.begin]))
    expect(begins.has('jig-sawhorses')).toBe(true)
    expect((begins.get('jig-sawhorses') ?? '9') <= (begins.get('bookcase') ?? '9')).toBe(true)
  })
})
