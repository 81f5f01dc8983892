import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import loadHighs from 'highs'
import { library } from '../../data'
import { demoWorld } from '../../tests/helpers/workspaces'
import { bestSplit, tierPlaces, type SplitPlace } from '.'

describe('spend here, save there', () => {
  const placesArb = fc
    .array(
      fc.array(
        fc.record({
          cost: fc.integer({ min: 0, max: 60 }),
          value: fc.integer({ min: -40, max: 60 })
        }),
        { minLength: 1, maxLength: 4 }
      ),
      { minLength: 1, maxLength: 6 }
    )
    .map((list) =>
      list.map((options, i): SplitPlace => ({
        id: `p${i}`,
        options: options.map((one, k) => ({ id: `o${k}`, ...one }))
      }))
    )
  const enumerate = (limit: number, places: readonly SplitPlace[]): number => {
    let best = -Infinity
    const go = (index: number, cost: number, value: number): void => {
      const place = places[index]
      if (cost > limit) return
      if (!place) best = Math.max(best, value)
      else
        for (const option of place.options) go(index + 1, cost + option.cost, value + option.value)
    }
    go(0, 0, 0)
    return best
  }
  test('agrees with trying every combination', () => {
    fc.assert(
      fc.property(placesArb, fc.integer({ min: 0, max: 250 }), (places, limit) => {
        const split = bestSplit(limit, places)
        const best = enumerate(limit, places)
        if (split.kind !== 'split')
          return expect([split.kind, best]).toEqual(['too-little', -Infinity])
        expect(split.value).toBe(best)
        expect(split.cost).toBeLessThanOrEqual(limit)
        const chosen = split.chosen.map(({ place, option }) =>
          places.find(({ id }) => id === place)?.options.find(({ id }) => id === option)
        )
        expect([
          chosen.reduce((sum, one) => sum + (one?.cost ?? NaN), 0),
          chosen.reduce((sum, one) => sum + (one?.value ?? NaN), 0)
        ]).toEqual([split.cost, split.value])
      }),
      { numRuns: 300 }
    )
  })
  test('P01 of the public knapsack test set: 309 with items 1 to 4 and 6 (values from memory)', () => {
    const weights = [23, 31, 29, 44, 53, 38, 63, 85, 89, 82]
    const profits = [92, 57, 49, 68, 60, 43, 67, 84, 87, 72]
    const split = bestSplit(
      165,
      weights.map((cost, i) => ({
        id: String(i + 1),
        options: [
          { id: 'leave', cost: 0, value: 0 },
          { id: 'take', cost, value: profits[i] ?? 0 }
        ]
      }))
    )
    expect(
      split.kind === 'split' && [
        split.value,
        split.chosen.filter(({ option }) => option === 'take').map(({ place }) => Number(place))
      ]
    ).toEqual([309, [1, 2, 3, 4, 6]])
  })
  test('P02 to P05 of the same set: 51, 150, 107 and 900 (values from memory)', () => {
    const sets: readonly [number, readonly number[], readonly number[], number][] = [
      [26, [12, 7, 11, 8, 9], [24, 13, 23, 15, 16], 51],
      [190, [56, 59, 80, 64, 75, 17], [50, 50, 64, 46, 50, 5], 150],
      [50, [31, 10, 20, 19, 4, 3, 6], [70, 20, 39, 37, 7, 5, 10], 107],
      [104, [25, 35, 45, 5, 25, 3, 2, 2], [350, 400, 450, 20, 70, 8, 5, 5], 900]
    ]
    for (const [limit, weights, profits, optimum] of sets) {
      const split = bestSplit(
        limit,
        weights.map((cost, i) => ({
          id: `${i}`,
          options: [
            { id: 'leave', cost: 0, value: 0 },
            { id: 'take', cost, value: profits[i] ?? 0 }
          ]
        }))
      )
      expect(split.kind === 'split' && split.value).toBe(optimum)
    }
  })
  test('agrees with the HiGHS solver on forty tools of four tiers', async () => {
    const highs = await loadHighs()
    for (const seed of [11, 12, 13]) {
      let state = seed
      const next = (most: number): number => (state = (state * 48_271) % 2_147_483_647) % most
      const places = Array.from({ length: 40 }, (_, i): SplitPlace => {
        let [cost, value] = [500 + next(6000), 0]
        return {
          id: `t${i}`,
          options: ['g', 'w', 't', 'l'].map((id) => ({
            id,
            cost: (cost += 300 + next(9000)),
            value: (value += next(5000))
          }))
        }
      })
      const limit = Math.round(
        places.reduce((sum, { options }) => sum + (options[1]?.cost ?? 0), 0) * 1.1
      )
      const name = (i: number, k: number): string => `x${i}_${k}`
      const terms = (pick: (option: SplitPlace['options'][number]) => number): string =>
        places
          .flatMap(({ options }, i) =>
            options.map((option, k) => `+ ${pick(option)} ${name(i, k)}`)
          )
          .join(' ')
      const model = `Maximize\n obj: ${terms(({ value }) => value)}\nSubject To\n money: ${terms(({ cost }) => cost)} <= ${limit}\n${places.map(({ options }, i) => ` one${i}: ${options.map((_, k) => `+ ${name(i, k)}`).join(' ')} = 1`).join('\n')}\nBinary\n ${places.flatMap(({ options }, i) => options.map((_, k) => name(i, k))).join(' ')}\nEnd`
      const solved = highs.solve(model, { mip_rel_gap: 0, mip_abs_gap: 0 })
      const split = bestSplit(limit, places)
      expect(solved.Status).toBe('Optimal')
      expect(split.kind === 'split' && split.value).toBe(Math.round(solved.ObjectiveValue))
    }
  })
  test('too little money names the least that would do; a place without options is named', () => {
    expect(
      bestSplit(5, [
        { id: 'a', options: [{ id: 'x', cost: 4, value: 1 }] },
        { id: 'b', options: [{ id: 'x', cost: 3, value: 1 }] }
      ])
    ).toEqual({ kind: 'too-little', least: 7 })
    expect(bestSplit(5, [{ id: 'a', options: [] }])).toEqual({ kind: 'no-option', place: 'a' })
  })
  test('more money is never spent worse', () => {
    const world = demoWorld('hive-yard')
    const places = tierPlaces(
      world,
      ['circular-saw', 'drill-driver', 'ro-sander', 'pull-saw'].flatMap((id) => {
        const tool = library.tools.get(id)
        return tool ? [{ tool, power: tool.forms[0]?.power ?? ('hand' as const), count: 1 }] : []
      })
    )
    const values = [30_000, 40_000, 60_000, 100_000]
      .map((limit) => bestSplit(limit, places))
      .map((split) => (split.kind === 'split' ? split.value : -Infinity))
    expect(values).toEqual([...values].sort((a, b) => a - b))
  })
})
