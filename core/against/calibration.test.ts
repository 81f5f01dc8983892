import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { calibrationOf, type Forecast } from '.'

const f = (chance: number, ...came: number[]): Forecast[] =>
  came.map((one) => ({ chance, came: one === 1 }))

describe('how good forecasts were', () => {
  test('the worked example of the Brier score: rain said at 70 % that comes scores 0.09, that does not 0.49', () => {
    // (0.7 − 1)² and (0.7 − 0)²; sure and right 0, sure and wrong 1 (Brier 1950).
    const score = (chance: number, came: number): number | undefined =>
      calibrationOf(f(chance, came))?.brier
    expect(score(0.7, 1)).toBeCloseTo(0.09, 12)
    expect(score(0.7, 0)).toBeCloseTo(0.49, 12)
    expect([score(1, 1), score(1, 0)]).toEqual([0, 1])
  })
  test('its parts by hand: four said at 0.8 of which two came, six at 0.3 of which three came', () => {
    // Base rate 5/10. Reliability (4·0.3² + 6·0.2²)/10 = 0.06; both halves came, so nothing was told apart: resolution 0; uncertainty 0.25.
    const found = calibrationOf([...f(0.8, 1, 1, 0, 0), ...f(0.3, 1, 1, 1, 0, 0, 0)])!
    expect(found.reliability).toBeCloseTo(0.06, 12)
    expect(found.resolution).toBeCloseTo(0, 12)
    expect(found.uncertainty).toBeCloseTo(0.25, 12)
    // (2·0.2² + 2·0.8² + 3·0.7² + 3·0.3²)/10 = 0.31 = 0.06 − 0 + 0.25.
    expect(found.brier).toBeCloseTo(0.31, 12)
    expect(found.bins).toEqual([
      { count: 6, said: expect.closeTo(0.3, 12), came: 0.5 },
      { count: 4, said: expect.closeTo(0.8, 12), came: 0.5 }
    ])
  })
  test('whoever says 1 and 0 rightly tells all apart', () => {
    const found = calibrationOf([...f(1, 1, 1), ...f(0, 0, 0)])!
    expect([found.brier, found.reliability, found.resolution, found.uncertainty]).toEqual([
      0, 0, 0.25, 0.25
    ])
  })
  test('Murphy’s identity holds wherever all in a bin were given the same chance', () => {
    const tenths = fc.integer({ min: 0, max: 9 }).map((tenth) => tenth / 10 + 0.05)
    fc.assert(
      fc.property(
        fc.array(fc.record({ chance: tenths, came: fc.boolean() }), {
          minLength: 1,
          maxLength: 60
        }),
        (list) => {
          const { brier, reliability, resolution, uncertainty } = calibrationOf(list)!
          expect(brier).toBeCloseTo(reliability - resolution + uncertainty, 10)
        }
      )
    )
  })
  test('nothing was forecast', () => expect(calibrationOf([])).toBeUndefined())
})
