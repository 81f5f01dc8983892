import { describe, expect, test } from '@jest/globals'
import { TODAY, build, funds, items, worldWith } from '../../tests/helpers/workspaces'
import { roughVariant, type Build } from '../builds'
import { fitContext } from '../fit'
import { ladderOf } from '../ladder'
import { evaluate } from '../plan'
import { buildMaterial, plannedBuild, type Plan, type PlannedBuild, type World } from '../workspace'
import { makePlan, problemOf } from '.'

/** A bench top of forty metres of planed hardwood board, to be cut to length and sanded. */
const top = (change: Partial<Build> = {}): Build => ({
  id: 'top',
  name: 'Top',
  copies: 1,
  worthEach: 150_000,
  materials: [{ material: 'hardwood-board', quantity: 40 }],
  steps: [
    {
      id: 's1',
      operation: 'crosscut',
      quantity: 30,
      stock: { lengthMm: 900, widthMm: 150, thicknessMm: 22 }
    },
    { id: 's2', operation: 'sand-flat', quantity: 2, stock: {} }
  ],
  ...change
})
const BASICS = items('tape', 'rafter-square', 'panel-saw', 'sawhorses', 'sanding-block')
const MILL = items(
  'thicknesser',
  'jointer',
  'chip-extractor',
  'push-sticks',
  'safety-glasses',
  'ear-muffs',
  'half-mask'
)
const there = (mill: boolean, change: Partial<Build> = {}): World =>
  worldWith({
    ...funds(60_000, 0),
    builds: [top(change)],
    items: mill ? [...BASICS, ...MILL] : BASICS
  })
const planFor = (world: World): Plan => {
  const outcome = makePlan(world, { evaluations: 600 })
  if (outcome.kind !== 'planned') throw new Error(outcome.kind)
  expect(outcome.report.broken).toEqual([])
  return outcome.plan
}
const topOf = ({ builds }: Plan): PlannedBuild => {
  const found = builds.find((one) => one.build === 'top')
  if (!found) throw new Error('not built')
  return found
}

describe('rough timber is a choice of the plan', () => {
  test('with the machines there it is milled, and the timber costs what rough boards cost', () => {
    const world = there(true)
    const one = topOf(planFor(world))
    expect(one.rough).toBe(true)
    const variant = roughVariant(world.library, top())
    // By hand: 40 m planed at 9 points a metre, or a fifth more of rough board at 5.
    const level = world.pricing.minorPer100Points / 100
    expect(buildMaterial(world, top())).toBe(Math.round(40 * 9 * level))
    expect(variant && buildMaterial(world, variant.build)).toBe(Math.round(48 * 5 * level))
    expect(one.material).toBeLessThan(40 * 9 * level)
    expect(Object.keys(one.methods)).toContain('rough-0-thickness')
    // Milled by oneself all its minutes are beyond the quickest way, which is to buy it planed.
    const { quickest } = fitContext(world)
    for (const step of variant?.build.steps.filter(({ spared }) => spared) ?? [])
      expect(quickest({ step, build: top(), load: { units: 1, batches: 1 } })).toBe(0)
  })
  test('without them one piece does not pay for a mill', () => {
    const plan = planFor(there(false))
    expect(topOf(plan).rough).toBeUndefined()
    expect(plan.purchases.some(({ offer }) => /^(thicknesser|jointer)\//.test(offer))).toBe(false)
  })
  test('where an hour is dear the planed boards are bought all the same', () => {
    const dear = there(true, { hourValue: 20_000 })
    expect(topOf(planFor(dear)).rough).toBeUndefined()
  })
  test('of both the one that is worth more was chosen', () => {
    for (const world of [there(true), there(true, { hourValue: 20_000 })]) {
      const plan = planFor(world)
      const one = topOf(plan)
      const other = { ...one, rough: one.rough ? undefined : (true as const) }
      const build_ = plannedBuild(world, other)
      if (!build_) throw new Error('no build')
      const { broken, value } = evaluate(world, plan)
      expect(broken).toEqual([])
      // The same piece the other way, with all day for it: what it pays and takes is reckoned, its hours are not.
      const then = evaluate(world, {
        ...plan,
        builds: [
          ...plan.builds.filter((done) => done !== one),
          {
            ...other,
            methods: {
              ...one.methods,
              'rough-0-flatten': 'flatten/thicknesser-sled',
              'rough-0-thickness': 'thickness/thicknesser',
              'rough-0-edge': 'straighten-edge/jointer'
            }
          }
        ]
      })
      expect(then.value.total).toBeLessThan(value.total + 1)
    }
  })
  test('the ladder reckons with it: no mill for one piece, a thicknesser, alone or in one with a jointer, for a dozen', () => {
    const one = ladderOf(there(false))
    expect(one.rungs.map(({ lead }) => lead.tool)).not.toContain('thicknesser')
    const dozen = ladderOf(there(false, { copies: 12 }))
    expect(
      dozen.rungs.some(({ lead }) => ['thicknesser', 'combined-planer'].includes(lead.tool))
    ).toBe(true)
    for (const { gain, cost } of [...one.rungs, ...dozen.rungs])
      expect(Number.isFinite(gain) && Number.isFinite(cost)).toBe(true)
  })
  test('a piece without planed boards cannot be said to be made from rough ones', () => {
    const world = worldWith({ ...funds(60_000, 0), builds: [build('planter')], items: BASICS })
    const plan = planFor(world)
    const rough = { ...plan, builds: plan.builds.map((one) => ({ ...one, rough: true as const })) }
    expect(evaluate(world, rough).broken.map(({ code }) => code)).toContain('plan.not-rough')
  })
  test('jigs are not asked for their timber, and a piece begun has its timber', () => {
    const world = there(true, { log: { minutesSpent: 30, begun: TODAY } })
    const problem = problemOf(world)
    const begun = problem.activities.filter(({ begun: is }) => is)
    expect(begun.map(({ steps }) => steps.length)).toEqual([2])
    // One more like it would be asked again.
    const later = problem.after.map((activity) => problem.activities[activity]?.steps.length)
    expect(later).toEqual([3])
    for (const { derived, steps, build: one } of problem.activities)
      if (derived) expect(steps).toHaveLength(one.steps.length)
  })
})
