import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { library } from '../../data'
import { build, items, worldWith } from '../../tests/helpers/workspaces'
import type { Build } from '../builds'
import { entriesOf, kitWith, makeFitter, type NeedSet } from '../fit'
import { weightsOf, withWeights, worldOf, type World } from '../workspace'
import { Scale, buildValue, openBuilds } from '.'

/** The scale's look-ups against fitting every build anew, on the real library: clean-ups, work-arounds, services and rough board in it. */

const pieces = [...library.templates.values()]
  .filter(({ kind }) => kind === 'piece')
  .map(({ id }) => id)
const things = [...library.tools.values()]
  .filter(({ madeBy }) => madeBy === undefined)
  .map(({ id }) => id)
const BASE = [
  'tape',
  'rafter-square',
  'panel-saw',
  'sawhorses',
  'hammer',
  'screwdrivers',
  'drill-driver',
  'drill-bits',
  'sanding-block',
  'safety-glasses',
  'finishing-kit',
  'f-clamp-600'
]

const shelves: Build = {
  id: 'shelves',
  name: 'shelves',
  copies: 3,
  worthEach: 40_000,
  materials: [{ material: 'hardwood-board', quantity: 12 }],
  steps: [
    {
      id: 's',
      operation: 'crosscut',
      quantity: 4,
      stock: { widthMm: 145, thicknessMm: 22 },
      accuracyMm: 3.5
    }
  ]
}

const cases = fc.record({
  templates: fc.uniqueArray(fc.constantFrom(...pieces), { minLength: 1, maxLength: 3 }),
  owned: fc.uniqueArray(fc.constantFrom(...things), { maxLength: 12 }),
  bought: fc.array(fc.uniqueArray(fc.constantFrom(...things), { minLength: 1, maxLength: 6 }), {
    minLength: 1,
    maxLength: 4
  }),
  time: fc.integer({ min: 0, max: 2500 }),
  quiet: fc.constantFrom(0, 900),
  ease: fc.constantFrom(0, 400),
  finish: fc.constantFrom(0, 250)
})

const worldOfCase = ({
  templates,
  owned,
  time,
  quiet,
  ease,
  finish
}: {
  templates: readonly string[]
  owned: readonly string[]
  time: number
  quiet: number
  ease: number
  finish: number
}): World => {
  const plain = worldWith({
    builds: [...templates.map((id) => build(id, { copies: 2 })), shelves],
    items: items(...BASE, ...owned.filter((id) => !BASE.includes(id)))
  })
  return worldOf(
    withWeights(plain.workspace, { ...weightsOf(plain.workspace), time, quiet, ease, finish }),
    library,
    plain.asOf
  )
}
const setOf = (world: World, tools: readonly string[]): NeedSet => {
  const { market } = makeFitter(world)
  return new Map(
    tools.flatMap((id) => {
      const [buyable] = market.get(id) ?? []
      return buyable ? [[buyable.id, { buyable, count: 2 }] as const] : []
    })
  )
}

describe('the scale on the real library', () => {
  test('what the kit is worth by itself is the sum of its builds', () => {
    fc.assert(
      fc.property(cases, (one) => {
        const world = worldOfCase(one)
        const fitter = makeFitter(world)
        const scale = new Scale(world, fitter)
        openBuilds(world).forEach((open, i) => {
          const slow = buildValue(world, fitter.context, fitter.kit, open)
          expect([open.id, scale.base[i]?.feasible, scale.base[i]?.net]).toEqual([
            open.id,
            slow.feasible,
            slow.net
          ])
          if (slow.feasible)
            expect([
              scale.base[i]?.minutes,
              scale.base[i]?.fees,
              scale.base[i]?.roughMetres
            ]).toEqual([slow.minutes, slow.fees, slow.rough?.metres ?? 0])
        })
      }),
      { numRuns: 25 }
    )
  })
  test('every set gains what fitting all builds anew says it gains', () => {
    fc.assert(
      fc.property(cases, (one) => {
        const world = worldOfCase(one)
        const fitter = makeFitter(world)
        const scale = new Scale(world, fitter)
        for (const tools of one.bought) {
          const set = setOf(world, tools)
          const kit = kitWith(fitter.kit, entriesOf(set))
          const slow = openBuilds(world).reduce(
            (sum, open) =>
              sum +
              buildValue(world, fitter.context, kit, open).net -
              buildValue(world, fitter.context, fitter.kit, open).net,
            0
          )
          expect([tools.join(), scale.gain(set)]).toEqual([tools.join(), slow])
        }
      }),
      { numRuns: 25 }
    )
  })
  test('a coalition of a game is worth what the sets together gain, in whatever order they come', () => {
    fc.assert(
      fc.property(cases, (one) => {
        const world = worldOfCase(one)
        const scale = new Scale(world, makeFitter(world))
        const tools = [...new Set(one.bought.flat())].slice(0, 8)
        const game = scale.game(tools.map((tool) => setOf(world, [tool])))
        const all = 2 ** tools.length - 1
        expect(game.value(all)).toBe(scale.gain(setOf(world, tools)))
        const into = new Float64Array(tools.length)
        for (const order of [tools.map((_, i) => i), tools.map((_, i) => tools.length - 1 - i)]) {
          game.walk(order, into)
          expect(into.reduce((sum, added) => sum + added, 0)).toBeCloseTo(game.value(all), 6)
        }
      }),
      { numRuns: 20 }
    )
  })
  test('other weights and back again: the same figures as at first', () => {
    const world = worldOfCase({
      templates: ['step-stool', 'bookcase'],
      owned: ['jigsaw'],
      time: 500,
      quiet: 0,
      ease: 0,
      finish: 0
    })
    const fitter = makeFitter(world)
    const scale = new Scale(world, fitter)
    const set = setOf(world, ['ro-sander', 'sanding-discs', 'half-mask', 'ear-muffs'])
    const first = scale.gain(set)
    const plain = fitter.context.weights
    scale.reweigh({ ...plain, time: 3000 })
    expect(scale.gain(set)).not.toBe(first)
    scale.reweigh(plain)
    expect(scale.gain(set)).toBe(first)
  })
})
