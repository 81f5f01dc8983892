import { expect, test } from '@jest/globals'
import fc from 'fast-check'
import { seededRandom } from '.'

const take = (seed: number, count: number): number[] => {
  const random = seededRandom(seed)
  return Array.from({ length: count }, random)
}

test('the same seed gives the same numbers, another one others, all from 0 up to 1', () => {
  fc.assert(
    fc.property(fc.integer(), fc.integer(), (a, b) => {
      expect(take(a, 20)).toEqual(take(a, 20))
      if (a >>> 0 !== b >>> 0) expect(take(a, 20)).not.toEqual(take(b, 20))
      for (const value of take(a, 50)) expect(value >= 0 && value < 1).toBe(true)
    })
  )
})

test('the numbers are spread evenly: mean a half, each tenth about as often', () => {
  const values = take(42, 20_000)
  expect(values.reduce((sum, value) => sum + value, 0) / values.length).toBeCloseTo(0.5, 2)
  for (let tenth = 0; tenth < 10; tenth++) {
    const share = values.filter((value) => Math.floor(value * 10) === tenth).length / values.length
    expect(Math.abs(share - 0.1)).toBeLessThan(0.01)
  }
})
