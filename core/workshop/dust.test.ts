import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { AIR_CHANGES, SETTLES_PER_HOUR, airAfter, dustOf, type Air, type Dusty } from '.'

/** The same room by small steps of time. */
function stepped({ volumeM3, changes }: Air, day: readonly Dusty[]) {
  const STEP_H = 1 / 7200
  let [now, breathed, peak] = [0, 0, 0]
  for (const { minutes, sends } of day)
    for (let k = 0; k < (minutes * 7200) / 60; k++) {
      breathed += now * STEP_H
      now += ((sends * 60) / volumeM3 - (changes + SETTLES_PER_HOUR) * now) * STEP_H
      peak = Math.max(peak, now)
    }
  return { mean: breathed / 8, peak, now }
}

describe('dust in a room', () => {
  test('against the same room by small steps of time', () => {
    const stretch = fc.record({
      minutes: fc.integer({ min: 1, max: 90 }),
      sends: fc.double({ min: 0, max: 10, noNaN: true })
    })
    fc.assert(
      fc.property(
        fc.array(stretch, { minLength: 1, maxLength: 4 }),
        fc.integer({ min: 10, max: 120 }),
        fc.double({ min: 0, max: 6, noNaN: true }),
        (day, volumeM3, changes) => {
          const [exact, slow] = [
            dustOf({ volumeM3, changes }, day)!,
            stepped({ volumeM3, changes }, day)
          ]
          expect(exact.mean).toBeCloseTo(slow.mean, 2)
          expect(exact.peak).toBeCloseTo(slow.peak, 2)
        }
      ),
      { numRuns: 20 }
    )
  })
  // 6 mg a minute are 360 an hour; 36 m³ and a removal of 2 an hour: 360 / 72 = 5 mg/m³ in the end.
  test('after long it comes to source over removal and volume, and the half of it after one half-life', () => {
    const air = { volumeM3: 36, changes: 2 - SETTLES_PER_HOUR }
    expect(airAfter(air, 0, { minutes: 6000, sends: 6 }).after).toBeCloseTo(5, 9)
    expect(airAfter(air, 0, { minutes: 30 * Math.LN2, sends: 6 }).after).toBeCloseTo(2.5, 9)
    expect(airAfter(air, 4, { minutes: 30 * Math.LN2, sends: 0 }).after).toBeCloseTo(2, 9)
  })
  test('airing: from ten times what is clean it takes ln 10 over the removal with the gate open', () => {
    const air = { volumeM3: 30, changes: 0 }
    const day = dustOf(air, [{ minutes: 60, sends: 4 }])!
    const { after } = airAfter(air, 0, { minutes: 60, sends: 4 })
    expect(day.airing).toBeCloseTo((Math.log(after / 0.1) / (AIR_CHANGES.open + 1)) * 60, 9)
    expect(dustOf(air, [{ minutes: 60, sends: 0 }])).toEqual({ mean: 0, peak: 0, airing: 0 })
  })
  test('a room without air says nothing', () => {
    expect(dustOf({ volumeM3: 0, changes: 1 }, [{ minutes: 1, sends: 1 }])).toBeUndefined()
  })
})
