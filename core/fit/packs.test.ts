import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { build, items, worldWith } from '../../tests/helpers/workspaces'
import { library } from '../../data'
import {
  EXACT_SIZE,
  SMALL_KEPT,
  costOf,
  fitBuild,
  kitWith,
  makeFitter,
  marketOf,
  type KitTool
} from '.'
import { dominanceOf } from './dominance'
import {
  EMPTY_PACK,
  packAdded,
  packOfSet,
  packOne,
  packUnion,
  packWithin,
  registerOf,
  setOf,
  type Pack
} from './packs'

describe('packs are sets of purchases', () => {
  const register = registerOf(marketOf(worldWith()))
  const some = fc.array(
    fc.tuple(
      fc.integer({ min: 0, max: register.buyables.length - 1 }),
      fc.integer({ min: 1, max: 6 })
    ),
    { maxLength: 6 }
  )
  const packed = (list: readonly (readonly [number, number])[]): Pack =>
    list.reduce<Pack>(
      (pack, [number, count]) =>
        packUnion(register, pack, packOne(register, register.buyables[number] as never, count)),
      EMPTY_PACK
    )

  test('a union holds both, costs no more than both, and adds what it says', () => {
    fc.assert(
      fc.property(some, some, (a, b) => {
        const [left, right] = [packed(a), packed(b)]
        const both = packUnion(register, left, right)
        expect([packWithin(register, left, both), packWithin(register, right, both)]).toEqual([
          true,
          true
        ])
        expect(both.cost).toBeLessThanOrEqual(left.cost + right.cost + 1e-6)
        expect(both.cost).toBeLessThanOrEqual(left.cost + packAdded(register, left, right) + 1e-6)
        // Sets are compared with what bothers about their pieces.
        const bother = [...setOf(register, both).values()].reduce(
          (sum, { buyable, count }) => sum + buyable.bother * count,
          0
        )
        expect(both.cost).toBeCloseTo(costOf(setOf(register, both)) + bother, 6)
      }),
      {
        examples: [
          [
            [[0, 1]],
            [
              [0, 1],
              [4, 2],
              [3, 3]
            ]
          ]
        ]
      }
    )
  })
  test('there and back again', () =>
    fc.assert(
      fc.property(some, (list) => {
        const pack = packed(list)
        expect(packOfSet(register, setOf(register, pack)).codes).toEqual(pack.codes)
      })
    ))
  test('a better offer of the same tool serves where a lesser one would, not the other way round', () => {
    const offer = (tier: string) =>
      packOne(
        register,
        register.buyables.find(
          ({ id }) => id === `combination-square/${tier}/new/buy/hand`
        ) as never,
        1
      )
    expect([
      packWithin(register, offer('weekend'), offer('trade')),
      packWithin(register, offer('trade'), offer('weekend'))
    ]).toEqual([true, false])
    expect(packUnion(register, offer('weekend'), offer('trade')).codes).toEqual(
      offer('trade').codes
    )
  })
})

describe('what another purchase makes needless', () => {
  const market = marketOf(worldWith())
  const spared = (...ids: string[]): string[] =>
    dominanceOf(library)
      .spared(ids.flatMap((id) => (market.get(id) ?? []).slice(0, 1)))
      .map(({ entry }) => entry.tool.id)
  test('a dearer clamp that opens no further goes; one that opens further stays', () => {
    expect(spared('f-clamp-600', 'parallel-clamp-1000', 'f-clamp-300')).toEqual(
      expect.arrayContaining(['f-clamp-300', 'f-clamp-600', 'parallel-clamp-1000'])
    )
    expect(spared('pipe-clamp-1500', 'f-clamp-600')).toEqual(['pipe-clamp-1500', 'f-clamp-600'])
    expect(spared('trigger-clamp-300', 'f-clamp-300')).toEqual(['f-clamp-300'])
  })
  test('leaving it out never costs the cheapest way in', () => {
    const kept = makeFitter(worldWith({ items: items('tape') }))
    for (const template of ['bird-box', 'tea-box', 'step-stool', 'picture-ledge', 'coat-bench']) {
      const [way] = kept.waysIn(build(template), undefined, 1)
      for (const { buyable, count } of way?.set.values() ?? []) {
        const cheaper = (kept.market.get(buyable.entry.tool.id) ?? []).filter(
          ({ allIn, bother }) => allIn + bother < buyable.allIn + buyable.bother
        )
        // No purchase of the way can be swapped for a cheaper offer of the same tool without opening a gap.
        for (const other of cheaper) {
          const swapped: KitTool[] = [...(way?.set.values() ?? [])].map((part) =>
            part.buyable === buyable
              ? { ...other.entry, count }
              : { ...part.buyable.entry, count: part.count }
          )
          expect(
            fitBuild(kept.context, kitWith(kept.kit, swapped), build(template)).gaps.length
          ).toBeGreaterThan(0)
        }
      }
    }
  })
})

test('families of small sets stay below the limit at which exactness would end, for every template from an empty kit', () => {
  const fitter = makeFitter(worldWith())
  for (const template of library.data.templates)
    for (const family of fitter.families(build(template.id)) ?? [])
      expect([
        template.id,
        family.filter(({ codes }) => codes.length <= EXACT_SIZE).length < SMALL_KEPT
      ]).toEqual([template.id, true])
})
