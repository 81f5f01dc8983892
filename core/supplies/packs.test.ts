import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { cheapestPacks, savedBy, type Pack } from '.'

const bottles: readonly Pack[] = [
  { amount: 1, points: 6 },
  { amount: 3, points: 14 },
  { amount: 20, points: 70 }
]

describe('the cheapest sizes', () => {
  test('by hand: four bottles are one of three and one, 20 against 24', () => {
    const choice = cheapestPacks(4, bottles)
    expect(choice).toEqual({
      packs: [
        { pack: bottles[1], count: 1 },
        { pack: bottles[0], count: 1 }
      ],
      points: 20,
      amount: 4
    })
    expect(choice && savedBy(choice, 4, bottles)).toBe(4)
  })

  test('a larger size is taken where it is cheaper for what is needed, though some is left', () => {
    expect(cheapestPacks(2.5, bottles)?.points).toBe(14)
    expect(cheapestPacks(16, bottles)).toMatchObject({ points: 70, amount: 20 })
  })

  test('of equally cheap ones the one that leaves least over', () => {
    const packs = [
      { amount: 1, points: 5 },
      { amount: 4, points: 10 }
    ]
    expect(cheapestPacks(2, packs)?.amount).toBe(2)
  })

  test('nothing is bought for nothing, and tenths add up', () => {
    expect(cheapestPacks(0, bottles)).toBeUndefined()
    expect(cheapestPacks(0.1 + 0.2, [{ amount: 0.1, points: 1 }])?.points).toBe(3)
  })

  test('no other choice that holds it is cheaper: against all there are', () => {
    const size = fc.record({
      amount: fc.integer({ min: 1, max: 6 }),
      points: fc.integer({ min: 1, max: 30 })
    })
    fc.assert(
      fc.property(
        fc.array(size, { minLength: 1, maxLength: 3 }),
        fc.integer({ min: 1, max: 14 }),
        (packs, short) => {
          // Coins that must be passed: the least cost of holding at least so much (Kellerer et al., Knapsack Problems, 2004, covering form).
          const least = [0]
          for (let held = 1; held <= short; held++)
            least[held] = Math.min(
              ...packs.map(
                ({ amount, points }) => (least[Math.max(0, held - amount)] ?? 0) + points
              )
            )
          const choice = cheapestPacks(short, packs)
          expect(choice?.points).toBe(least[short])
          expect(choice?.amount).toBeGreaterThanOrEqual(short)
        }
      )
    )
  })
})
