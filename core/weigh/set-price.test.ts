import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { library } from '../../data'
import { build, items, worldWith } from '../../tests/helpers/workspaces'
import { makeFitter } from '../fit'
import { priceSet, type Bundle, type Deal, type Wanted } from '../prices'
import { worldOf } from '../workspace'

const subsets = (n: number): number[] => Array.from({ length: 2 ** n }, (_, mask) => mask)

describe('what a set costs', () => {
  const wantedArb = fc
    .array(
      fc.record({
        tool: fc.constantFrom('a', 'b', 'c', 'd'),
        count: fc.integer({ min: 1, max: 3 }),
        each: fc.integer({ min: 0, max: 500 })
      }),
      { minLength: 1, maxLength: 4 }
    )
    .map((list) =>
      list
        .filter(({ tool }, i) => list.findIndex((other) => other.tool === tool) === i)
        .map(({ tool, count, each }): Wanted => ({
          id: tool,
          tool,
          tier: 'weekend',
          condition: 'new',
          power: 'hand',
          count,
          each,
          atTill: each
        }))
    )
  const bundleArb = fc
    .array(
      fc.record({
        tools: fc.uniqueArray(fc.constantFrom('a', 'b', 'c', 'd'), { minLength: 2, maxLength: 3 }),
        allIn: fc.integer({ min: 0, max: 900 })
      }),
      { maxLength: 3 }
    )
    .map((list) =>
      list.map(({ tools, allIn }, i) => ({
        allIn,
        bundle: {
          id: `my/b${i}`,
          name: `b${i}`,
          pieces: tools.map((tool) => ({
            tool,
            tier: 'weekend',
            condition: 'new',
            power: 'hand',
            count: 1
          }))
        } satisfies Bundle
      }))
    )
  const dealArb = fc
    .array(
      fc.record({
        tools: fc.uniqueArray(fc.constantFrom('a', 'b', 'c'), { minLength: 1, maxLength: 3 }),
        buy: fc.integer({ min: 1, max: 3 })
      }),
      { maxLength: 2 }
    )
    .map((list) =>
      list.map(({ tools, buy }, i): Deal => ({ id: `d${i}`, name: `d${i}`, buy, free: 1, tools }))
    )

  /** Every subset of bundles, and every way to put each remaining unit into a deal or none, groups formed as the till does. */
  function bruteForce(
    wanted: readonly Wanted[],
    bundles: readonly { bundle: Bundle; allIn: number }[],
    deals: readonly Deal[]
  ): number {
    let best = Infinity
    for (const mask of subsets(bundles.length)) {
      const units = wanted.flatMap(({ tool, count, each }) =>
        Array.from({ length: count }, () => ({ tool, each }))
      )
      let cost = 0
      bundles.forEach(({ bundle, allIn }, i) => {
        if (!((mask >> i) & 1)) return
        cost += allIn
        for (const piece of bundle.pieces) {
          const at = units.findIndex(({ tool }) => tool === piece.tool)
          if (at >= 0) units.splice(at, 1)
        }
      })
      const go = (index: number, baskets: readonly (readonly number[])[], paid: number): void => {
        const unit = units[index]
        if (!unit) {
          const free = deals.reduce(
            (sum, { buy, free: gift }, i) =>
              sum +
              [...(baskets[i] ?? [])]
                .sort((a, b) => b - a)
                .reduce((saved, price, k) => saved + (k % (buy + gift) >= buy ? price : 0), 0),
            0
          )
          best = Math.min(best, cost + paid - free)
          return
        }
        go(index + 1, baskets, paid + unit.each)
        deals.forEach((deal, i) => {
          if (deal.tools.includes(unit.tool))
            go(
              index + 1,
              baskets.map((one, k) => (k === i ? [...one, unit.each] : one)),
              paid + unit.each
            )
        })
      }
      go(
        0,
        deals.map(() => []),
        0
      )
    }
    return best
  }
  test('bundles and deals: the same as trying everything', () => {
    fc.assert(
      fc.property(wantedArb, bundleArb, dealArb, (wanted, bundles, deals) => {
        fc.pre(wanted.reduce((sum, { count }) => sum + count, 0) <= 7)
        expect(priceSet(wanted, bundles, deals).cost).toBe(bruteForce(wanted, bundles, deals))
      }),
      { numRuns: 150 }
    )
  })
  test('a dearer piece, bundle or both never makes a set cheaper', () => {
    fc.assert(
      fc.property(
        wantedArb,
        bundleArb,
        dealArb,
        fc.integer({ min: 0, max: 3 }),
        fc.integer({ min: 1, max: 300 }),
        (wanted, bundles, deals, at, more) => {
          const before = priceSet(wanted, bundles, deals).cost
          expect(
            priceSet(
              wanted.map((one, i) =>
                i === at ? { ...one, each: one.each + more, atTill: one.atTill + more } : one
              ),
              bundles,
              deals
            ).cost
          ).toBeGreaterThanOrEqual(before)
          expect(
            priceSet(
              wanted,
              bundles.map((one, i) => (i === at ? { ...one, allIn: one.allIn + more } : one)),
              deals
            ).cost
          ).toBeGreaterThanOrEqual(before)
        }
      )
    )
  })
  test('raising any quoted price never lowers what the cheapest way into a build costs, with what bothers about it', () => {
    const world = worldWith({ builds: [build('step-stool')], items: items('tape') })
    const cheapest = (quotes: typeof world.workspace.quotes): number => {
      const made = worldOf({ ...world.workspace, quotes }, library, world.asOf)
      return makeFitter(made).waysIn(build('step-stool'))[0]?.reckoned ?? NaN
    }
    const base = makeFitter(world).waysIn(build('step-stool'))[0]
    const before = cheapest([])
    for (const [id, { buyable }] of base?.set ?? []) {
      if (buyable.jig) continue
      // A quote fixes one price; the level that calibrates the others is given, so that only this one moves.
      const quote = {
        id: 'q',
        offer: id,
        date: world.asOf,
        price: buyable.payment * 2,
        seller: 'online' as const,
        until: world.until
      }
      expect(cheapest([quote])).toBeGreaterThanOrEqual(before)
    }
  })
})
