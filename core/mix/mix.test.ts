import highsLoader from 'highs'
import { beforeAll, describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import type { Design } from '../sidework'
import { bestMix, inTurn, type MixAsks, type MixSolver } from '.'

let solver: MixSolver
beforeAll(async () => {
  solver = await (highsLoader as unknown as (options: object) => Promise<MixSolver>)({})
})

const design = (build: string, change: Partial<Design>): Design => ({
  build,
  name: build,
  price: 0,
  fee: 0,
  delivery: 0,
  net: 5000,
  cost: 1000,
  timber: 800,
  batch: 1,
  batchMinutes: 0,
  eachMinutes: 120,
  pace: 1,
  days: 10,
  perMonth: 4,
  demandSaid: true,
  season: undefined,
  storedM2: 0,
  hourValue: 0,
  offcuts: undefined,
  ...change
})
const months = (count: number, minutes: number, comesIn = 0): MixAsks['months'] =>
  Array.from({ length: count }, (_, m) => ({
    month: `2026-0${m + 1}`,
    ofYear: m + 1,
    minutes,
    comesIn
  }))
const asks = (change: Partial<MixAsks>): MixAsks => ({
  designs: [],
  months: months(1, 10_000),
  stock: {},
  purse: 1_000_000,
  share: 1,
  rate: 0.3,
  most: 3,
  ...change
})
const madeOf = (found: ReturnType<typeof bestMix>): Record<string, number> => {
  const sums: Record<string, number> = {}
  for (const { build, made } of found?.lines ?? []) sums[build] = (sums[build] ?? 0) + made
  return sums
}

describe('what to make in the months ahead', () => {
  test('doors and windows of Hillier and Lieberman, Introduction to Operations Research, chapter 3 (Wyndor Glass, from memory): 2 and 6 bring 36', () => {
    // Maximize 3 x + 5 y with x <= 4, 2 y <= 12, 3 x + 2 y <= 18.
    const found = bestMix(
      solver,
      asks({
        designs: [
          design('doors', { net: 300, cost: 0, perMonth: 4, eachMinutes: 180 }),
          design('windows', { net: 500, cost: 0, perMonth: 6, eachMinutes: 120 })
        ],
        months: months(1, 18 * 60)
      })
    )
    expect(found?.margin).toBe(3600)
    expect(madeOf(found)).toEqual({ doors: 2, windows: 6 })
    expect(found?.proven).toBe(true)
    expect(found?.fullMonths).toEqual(['2026-01'])
  })

  /** Every way to make and sell whole pieces in two months, gone through. */
  function enumerated({ designs, months: all, purse, most }: MixAsks): number {
    const [a, b] = designs as [Design, Design]
    const asked = (one: Design, count: number): number => Math.floor(one.perMonth * count + 1e-9)
    let best = 0
    const each = (one: Design): number[] =>
      Array.from({ length: asked(one, 2) + 1 }, (_, count) => count)
    for (const a1 of each(a))
      for (const a2 of each(a))
        for (const b1 of each(b))
          for (const b2 of each(b)) {
            if (most < 2 && a1 + a2 > 0 && b1 + b2 > 0) continue
            const first = a1 * a.eachMinutes + b1 * b.eachMinutes
            const both = first + a2 * a.eachMinutes + b2 * b.eachMinutes
            const [m1, m2] = all.map(({ minutes }) => minutes) as [number, number]
            if (first > m1 || both - first > m2) continue
            const sold1 = [Math.min(a1, asked(a, 1)), Math.min(b1, asked(b, 1))]
            const sold = [Math.min(a1 + a2, asked(a, 2)), Math.min(b1 + b2, asked(b, 2))]
            if (a1 * a.cost + b1 * b.cost > purse) continue
            const left = purse - a1 * a.cost - b1 * b.cost + sold1[0]! * a.net + sold1[1]! * b.net
            if (a2 * a.cost + b2 * b.cost > left) continue
            best = Math.max(
              best,
              sold[0]! * a.net + sold[1]! * b.net - (a1 + a2) * a.cost - (b1 + b2) * b.cost
            )
          }
    return best
  }
  const some = fc.record({
    net: fc.integer({ min: 500, max: 9000 }),
    cost: fc.integer({ min: 0, max: 4000 }),
    perMonth: fc.constantFrom(0.5, 1, 1.5, 2, 3),
    eachMinutes: fc.integer({ min: 1, max: 5 }).map((hours) => hours * 60)
  })
  test('never worse than any plan of whole pieces gone through one by one; better only by a piece that is under way between the months', () => {
    fc.assert(
      fc.property(
        some,
        some,
        fc.integer({ min: 1, max: 10 }).map((hours) => hours * 60),
        fc.integer({ min: 0, max: 10_000 }),
        fc.integer({ min: 1, max: 2 }),
        (one, other, minutes, purse, most) => {
          const given = asks({
            designs: [design('a', one), design('b', other)],
            months: months(2, minutes),
            purse,
            most,
            rate: 0
          })
          const found = bestMix(solver, given)?.margin ?? 0
          const best = enumerated(given)
          expect(found).toBeGreaterThanOrEqual(best)
          // With all hours in one month nothing can be under way between two.
          const together = { ...given, months: months(1, 2 * minutes, 0) }
          const twice = {
            ...together,
            designs: given.designs.map((each) => ({ ...each, perMonth: 2 * each.perMonth })),
            purse: 1_000_000
          }
          expect(found).toBeLessThanOrEqual(bestMix(solver, twice)?.margin ?? 0)
        }
      ),
      { numRuns: 40 }
    )
  })
  test('in one month it is the best of all whole numbers', () => {
    fc.assert(
      fc.property(some, some, fc.integer({ min: 1, max: 20 }), (one, other, hours) => {
        const designs = [design('a', one), design('b', other)]
        let best = 0
        for (let a = 0; a <= Math.floor(one.perMonth); a++)
          for (let b = 0; b <= Math.floor(other.perMonth); b++)
            if (a * one.eachMinutes + b * other.eachMinutes <= hours * 60)
              best = Math.max(best, a * (one.net - one.cost) + b * (other.net - other.cost))
        expect(bestMix(solver, asks({ designs, months: months(1, hours * 60) }))?.margin ?? 0).toBe(
          best
        )
      }),
      { numRuns: 60 }
    )
  })
  test('offcuts are free timber: boards follow the tables they are cut from', () => {
    const table = design('table', {
      net: 20_000,
      cost: 8000,
      perMonth: 1,
      offcuts: { build: 'board', each: 2 }
    })
    const board = design('board', {
      net: 2000,
      cost: 1500,
      timber: 1200,
      perMonth: 5,
      eachMinutes: 60
    })
    const found = bestMix(solver, asks({ designs: [table, board], months: months(2, 10_000) }))
    expect(found?.lines.reduce((sum, { fromOffcuts }) => sum + fromOffcuts, 0)).toBe(4)
    expect(found?.margin).toBe(2 * 12_000 + 10 * 500 + 4 * 1200)
    const turns = inTurn(
      found!,
      { designs: [table, board], months: months(2, 10_000) },
      '2026-01-01'
    )
    expect(turns[0]?.build).toBe('table')
  })
  test('what is in stock is sold before anything is made, and a month out of season sells none', () => {
    const found = bestMix(
      solver,
      asks({
        designs: [design('a', { perMonth: 2, season: [2] })],
        months: months(3, 10_000),
        stock: { a: 1 }
      })
    )
    expect(madeOf(found)).toEqual({ a: 1 })
    expect(found?.lines.filter(({ sold }) => sold > 0)).toEqual([
      expect.objectContaining({ month: '2026-02', sold: 2 })
    ])
    expect(found?.margin).toBe(2 * 5000 - 1000)
  })
  test('a purse of 300 that grows by its own sales', () => {
    const one = design('a', { net: 9000, cost: 3000, perMonth: 10, eachMinutes: 60 })
    const made = bestMix(
      solver,
      asks({ designs: [one], months: months(2, 10_000), purse: 30_000 })
    )?.lines.map((line) => line.made)
    expect(made).toEqual([10, 10])
    const poor = bestMix(solver, asks({ designs: [one], months: months(3, 10_000), purse: 3000 }))
    expect(poor?.lines.map((line) => line.made)).toEqual([1, 3, 9])
  })
  test('what brings less than an hour is to bring is left out: 40 for two hours is 20 an hour', () => {
    const at = (hourValue: number) =>
      bestMix(solver, asks({ designs: [design('a', { hourValue })] }))?.margin ?? 0
    expect([at(1999), at(2001)]).toEqual([4 * 4000, 0])
  })
  test('nothing to make: no demand, a loss on each, no hours', () => {
    const none = [{ perMonth: 0 }, { net: 500 }, { eachMinutes: 100_000 }]
    for (const change of none)
      expect(bestMix(solver, asks({ designs: [design('a', change)] }))).toBeUndefined()
  })
})
