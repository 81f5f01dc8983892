import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import {
  FIVE_DB,
  THREE_DB,
  dailyExposure,
  doseOf,
  levelAt,
  levelBehind,
  levelOfDose,
  permittedMinutes,
  together
} from '.'

describe('permitted times', () => {
  // NIOSH criteria document 98-126, from memory.
  test.each([
    [85, 480],
    [88, 240],
    [91, 120],
    [94, 60],
    [97, 30],
    [100, 15]
  ])('3 dB rule: %d dB(A) for %d min', (dbA, minutes) => {
    expect(permittedMinutes(dbA, THREE_DB)).toBeCloseTo(minutes, 6)
  })
  // 29 CFR 1910.95 table G-16, from memory; its hours are rounded.
  test.each([
    [90, 8],
    [92, 6],
    [95, 4],
    [97, 3],
    [100, 2],
    [102, 1.5],
    [105, 1],
    [110, 0.5],
    [115, 0.25]
  ])('5 dB rule: %d dB(A) for %d h', (dbA, hours) => {
    expect(Math.abs(permittedMinutes(dbA, FIVE_DB) / 60 - hours)).toBeLessThan(0.1)
  })
})

describe('a day', () => {
  test('twice a hundred per cent is two permitted times; half of each of two is one', () => {
    expect(doseOf([{ dbA: 94, minutes: 120 }])).toBeCloseTo(200, 6)
    expect(
      doseOf([
        { dbA: 94, minutes: 30 },
        { dbA: 100, minutes: 7.5 }
      ])
    ).toBeCloseTo(100, 6)
  })
  test('TWA = 16.61·log10(D/100) + 90 (29 CFR 1910.95 appendix A, from memory)', () => {
    for (const dose of [10, 50, 100, 135, 400])
      expect(levelOfDose(dose, FIVE_DB)).toBeCloseTo(16.61 * Math.log10(dose / 100) + 90, 2)
  })
  test('by equal energy the level of the dose is the daily exposure level', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            dbA: fc.integer({ min: 60, max: 110 }),
            minutes: fc.integer({ min: 1, max: 300 })
          }),
          { minLength: 1, maxLength: 60 }
        ),
        (day) => {
          // 3 dB is 10·log10(2) but for a hundredth.
          expect(Math.abs(levelOfDose(doseOf(day)) - dailyExposure(day))).toBeLessThan(0.15)
        }
      )
    )
  })
  test('eight hours at a level are that level; half the time is three decibels less', () => {
    expect(dailyExposure([{ dbA: 87, minutes: 480 }])).toBeCloseTo(87, 9)
    expect(dailyExposure([{ dbA: 87, minutes: 240 }])).toBeCloseTo(84, 1)
    expect(dailyExposure([])).toBe(-Infinity)
  })
  test('two alike at once are three decibels more; twice as far is six less', () => {
    expect(together([90, 90])).toBeCloseTo(93, 1)
    expect(levelAt(95, 2) - levelAt(95, 4)).toBeCloseTo(6.02, 2)
    expect(levelAt(95, 10, 20)).toBeCloseTo(55, 6)
  })
})

describe('behind a protector', () => {
  test('muffs of NRR 28 at 100 dB(A): a quarter off, seven between the scales: 86', () => {
    expect(levelBehind(100, { kind: 'muffs', rating: 28, scheme: 'nrr' })).toBeCloseTo(86, 9)
  })
  test('foam plugs of NRR 32: half off; plugs of other kinds seven tenths off', () => {
    expect(levelBehind(100, { kind: 'formable-plugs', rating: 32, scheme: 'nrr' })).toBeCloseTo(
      91,
      9
    )
    expect(levelBehind(100, { kind: 'other-plugs', rating: 25, scheme: 'nrr' })).toBeCloseTo(
      99.5,
      9
    )
  })
  test('SNR 30: four for the fit', () => {
    expect(levelBehind(100, { kind: 'muffs', rating: 30, scheme: 'snr' })).toBe(74)
  })
  test('a poor one never makes it louder', () => {
    expect(levelBehind(100, { kind: 'other-plugs', rating: 10, scheme: 'nrr' })).toBe(100)
  })
})
