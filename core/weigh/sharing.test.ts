import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { library } from '../../data'
import type { Step } from '../catalogue'
import { build, demoWorld, emptyWorkspace, items, worldWith } from '../../tests/helpers/workspaces'
import { anyMoney, miniArbitrary } from '../../tests/helpers/mini'
import { kitWith, entriesOf } from '../fit'
import { weightsOf, withWeights, worldOf } from '../workspace'
import {
  Weighing,
  buildValue,
  exactShares,
  gameOf,
  linesOf,
  playersOf,
  pulls,
  roughVariant,
  sampledShares,
  swayOf,
  weightRange
} from '.'

describe('sharing the gain', () => {
  const close = (got: readonly number[], want: readonly number[]): void =>
    got.forEach((value, i) => expect(value).toBeCloseTo(want[i] ?? NaN, 9))
  test('gloves: one left, two right (textbook game theory)', () => {
    const pairs = (mask: number): number =>
      Math.min(mask & 1, ((mask >> 1) & 1) + ((mask >> 2) & 1))
    close(exactShares(gameOf(3, pairs)).shares, [2 / 3, 1 / 6, 1 / 6])
  })
  test('airport: each stretch of runway is shared by those who need it (Littlechild and Owen 1973; textbook game theory)', () => {
    const needs = [1, 3, 7, 10]
    const runway = (mask: number): number => Math.max(0, ...needs.filter((_, i) => (mask >> i) & 1))
    close(exactShares(gameOf(4, runway)).shares, [
      1 / 4,
      1 / 4 + 2 / 3,
      1 / 4 + 2 / 3 + 4 / 2,
      1 / 4 + 2 / 3 + 4 / 2 + 3
    ])
  })
  test('unanimity: those who are needed share alike, the others get nothing (textbook game theory)', () => {
    close(
      exactShares(gameOf(5, (mask) => ((mask & 0b10110) === 0b10110 ? 6 : 0))).shares,
      [0, 2, 2, 0, 2]
    )
  })

  const games = fc
    .integer({ min: 1, max: 6 })
    .chain((n) =>
      fc.tuple(
        fc.constant(n),
        fc.array(fc.integer({ min: -50, max: 100 }), { minLength: 2 ** n, maxLength: 2 ** n })
      )
    )
  const value =
    (worth: readonly number[]) =>
    (mask: number): number =>
      mask === 0 ? 0 : (worth[mask] ?? 0)
  test('efficiency, the null player, symmetry and additivity hold', () => {
    fc.assert(
      fc.property(games, games, ([n, a], [, b]) => {
        const v = value(a)
        const w = value(b)
        const shares = exactShares(gameOf(n, v)).shares
        expect(shares.reduce((sum, one) => sum + one, 0)).toBeCloseTo(v(2 ** n - 1), 6)
        const withNull = exactShares(gameOf(n + 1, (mask) => v(mask & (2 ** n - 1)))).shares
        expect(withNull[n]).toBeCloseTo(0, 9)
        const swap = (mask: number): number =>
          n < 2 ? mask : (mask & ~3) | ((mask & 1) << 1) | ((mask >> 1) & 1)
        const even = exactShares(gameOf(n, (mask) => v(mask) + v(swap(mask)))).shares
        if (n > 1) expect(even[0]).toBeCloseTo(even[1] ?? NaN, 6)
        const other = exactShares(gameOf(n, w)).shares
        exactShares(gameOf(n, (mask) => v(mask) + w(mask))).shares.forEach((sum, i) =>
          expect(sum).toBeCloseTo((shares[i] ?? 0) + (other[i] ?? 0), 6)
        )
      }),
      { numRuns: 60 }
    )
  })
  test('sampled shares of ten to twelve players lie within four standard errors of the exact ones, and add up', () => {
    for (const [n, seed] of [
      [10, 3],
      [11, 4],
      [12, 5]
    ] as const) {
      const weights = Array.from({ length: n }, (_, i) => ((i * 7) % 11) + 1)
      const game = gameOf(n, (mask) =>
        Math.floor(
          weights.reduce((sum, weight, i) => ((mask >> i) & 1 ? sum + weight : sum), 0) ** 1.5
        )
      )
      const exact = exactShares(game)
      const sampler = sampledShares(game, seed)
      sampler.more(400)
      const { shares, errors } = sampler.now()
      shares.forEach((share, i) =>
        expect(Math.abs(share - (exact.shares[i] ?? 0))).toBeLessThanOrEqual(
          4 * (errors[i] ?? 0) + 1e-9
        )
      )
      expect(shares.reduce((sum, one) => sum + one, 0)).toBeCloseTo(game.value(2 ** n - 1), 6)
    }
  })
  test('shared among real purchases it adds up to what all of them gain', () => {
    const weighing = new Weighing(demoWorld('half-a-garage'))
    const ranking = weighing.rank()
    const { pulls: list, shares } = pulls(weighing, ranking, { most: 60 })
    const all = new Map(playersOf(ranking).map((part) => [part.buyable.id, part]))
    expect(list.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(weighing.scale.gain(all), 3)
    expect(shares.exact).toBe(false)
  })
})

describe('the scale', () => {
  test('a set weighed by look-up is worth what fitting every build anew says (small random trades)', () => {
    fc.assert(
      fc.property(
        miniArbitrary(anyMoney),
        fc.integer({ min: 0, max: 3000 }),
        ({ world: plain }, hourValue) => {
          const world = worldOf(
            withWeights(plain.workspace, {
              ...weightsOf(plain.workspace),
              time: hourValue,
              ease: 200,
              finish: 30
            }),
            plain.library,
            plain.asOf
          )
          const weighing = new Weighing(world)
          for (const candidate of weighing.candidates()) {
            const kit = kitWith(
              weighing.fitter.kit,
              entriesOf(new Map(linesOf(candidate).map((part) => [part.buyable.id, part])))
            )
            const worth = (owned: typeof kit): number =>
              world.workspace.builds.reduce(
                (sum, one) => sum + buildValue(world, weighing.fitter.context, owned, one).net,
                0
              )
            expect(candidate.gain).toBe(worth(kit) - worth(weighing.fitter.kit))
          }
        }
      ),
      { numRuns: 40 }
    )
  })
  test('other weights give what a workspace with those weights would (demo)', () => {
    const world = demoWorld('half-a-garage')
    const weights = { money: 1, time: 900, space: 4000, quiet: 700, ease: 300, finish: 100 }
    const moved = new Weighing(world).rank(weights)
    const fresh = new Weighing(
      worldOf(withWeights(world.workspace, weights), library, world.asOf)
    ).rank()
    expect(moved.candidates.slice(0, 8).map(({ id, gain, cost }) => [id, gain, cost])).toEqual(
      fresh.candidates.slice(0, 8).map(({ id, gain, cost }) => [id, gain, cost])
    )
  })
  test('writing the weights into a workspace and reading them gives them back', () => {
    const weights = { money: 0.5, time: 800, space: 10, quiet: 20, ease: 30, finish: 40 }
    expect(weightsOf(withWeights(emptyWorkspace(), weights))).toEqual(weights)
    expect(withWeights(emptyWorkspace(), weightsOf(emptyWorkspace()))).toEqual(emptyWorkspace())
  })
  test('neither the names of things nor the unit of money changes the order', () => {
    fc.assert(
      fc.property(miniArbitrary(anyMoney), ({ world }) => {
        const ids = (w: typeof world): string[] =>
          new Weighing(w)
            .rank()
            .candidates.map(
              ({ lead, effects }) => `${lead.buyable.entry.tool.id}:${effects.length}`
            )
        const renamed = worldOf(
          {
            ...world.workspace,
            builds: world.workspace.builds.map((one) => ({
              ...one,
              id: `z-${one.id}`,
              name: 'other'
            }))
          },
          world.library,
          world.asOf
        )
        expect(ids(renamed)).toEqual(ids(world))
        const dearer = worldOf(
          {
            ...world.workspace,
            money: { ...world.workspace.money, minorPer100Points: 1_200_000, reserve: 0 },
            builds: world.workspace.builds.map((one) => ({
              ...one,
              worthEach: (one.worthEach ?? 0) * 100
            }))
          },
          world.library,
          world.asOf
        )
        const base = worldOf(
          {
            ...world.workspace,
            money: { ...world.workspace.money, minorPer100Points: 12_000, reserve: 0 }
          },
          world.library,
          world.asOf
        )
        expect(ids(dearer)).toEqual(ids(base))
      }),
      { numRuns: 25 }
    )
  })
  test('with every weight at zero nothing is told apart but by price, and that is said', () => {
    const none = { money: 0, time: 0, space: 0, quiet: 0, ease: 0, finish: 0 }
    const ranking = new Weighing(demoWorld('hive-yard')).rank(none)
    expect(ranking.weightless).toBe(true)
    for (const { gain, backPerMoney } of ranking.candidates)
      expect([gain, Number.isNaN(backPerMoney)]).toEqual([0, false])
  })
  test('a leaning moves a tool up, and only those sets that hold it', () => {
    const world = demoWorld('half-a-garage')
    const first = new Weighing(world).rank().candidates
    const later = first[1]
    const tool = later?.lead.buyable.entry.tool.id ?? ''
    const leaning = worldOf(
      {
        ...world.workspace,
        preferences: {
          ...world.workspace.preferences,
          leanings: [{ tool, times: 1000 }]
        }
      },
      library,
      world.asOf
    )
    const then = new Weighing(leaning).rank().candidates[0]
    expect([then?.lead.buyable.entry.tool.id, then?.backPerMoney]).toEqual([
      tool,
      later?.backPerMoney
    ])
  })
  test('a sway says who takes over, and just beyond it that is so', () => {
    // A hammer opens a small piece; a sander saves hours on a large one. Which comes first hangs on what an hour is worth.
    const step = (operation: string, quantity: number): Step[] => [
      { id: 's', operation, quantity, stock: {} }
    ]
    const piece = { name: 'p', copies: 1, materials: [], wish: 'pays' as const }
    const world = worldWith({
      items: items('tape', 'sanding-block', 'safety-glasses', 'ear-muffs', 'half-mask'),
      money: { ...emptyWorkspace().money, hourValue: 0, after: { years: 0 } },
      builds: [
        { ...piece, id: 'nailed', worthEach: 6000, steps: step('tack', 20) },
        { ...piece, id: 'sanded', worthEach: 90_000, steps: step('sand-flat', 40) }
      ]
    })
    const weighing = new Weighing(world)
    const weights = weightsOf(world.workspace)
    const range = weightRange(world.pricing.minorPer100Points)
    const sway = swayOf(weighing, weights, 'time', range.time)
    expect(sway.above).toBeDefined()
    const lead = (time: number): string | undefined =>
      weighing.rank({ ...weights, time }).candidates[0]?.lead.buyable.entry.tool.id
    expect(lead(sway.above?.at ?? 0)).toBe(sway.above?.lead)
    expect(lead(weights.time)).not.toBe(sway.above?.lead)
  })
  test('rough board costs a fifth more length and takes three steps more; without planed board there is no such choice', () => {
    const plain = {
      ...build('bird-box'),
      materials: [{ material: 'hardwood-board', quantity: 10 }]
    }
    const variant = roughVariant(library, plain)
    expect(variant?.metres).toBe(10)
    expect(variant?.build.materials).toEqual([{ material: 'hardwood-rough', quantity: 12 }])
    expect(
      variant?.build.steps
        .slice(plain.steps.length)
        .map(({ operation, quantity }) => [operation, quantity])
    ).toEqual([
      ['flatten', 1.5],
      ['thickness', 1.5],
      ['straighten-edge', 10]
    ])
    expect(roughVariant(library, { ...plain, materials: [] })).toBeUndefined()
  })
})
