import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { GAUGES, circuitLoad, gaugeFor, judgeCord, voltsLost, type Gauge } from '.'

const gauge = (name: string): Gauge => {
  const found = GAUGES.find((one) => one.name === name)
  if (!found) throw new Error(name)
  return found
}
const FEET = 0.3048

describe('cords', () => {
  test('a hundred feet of 14 AWG at 15 A loses 2·100·15·3.14/1000 = 9.42 V warm (NEC chapter 9 table 8, from memory)', () => {
    expect(voltsLost(gauge('14 AWG'), 100 * FEET, 15)).toBeCloseTo(9.42, 6)
  })
  test('25 m of 1.5 mm² at 10 A and 20 °C loses 2·25·10·0.0133 = 6.65 V (IEC 60228 class 5, from memory)', () => {
    expect(voltsLost(gauge('1.5 mm²'), 25, 10, 20)).toBeCloseTo(6.65, 9)
    // Warm it is 16.2 ohm per km.
    expect(voltsLost(gauge('1.5 mm²'), 25, 10) / (2 * 25 * 10)).toBeCloseTo(0.0162, 4)
  })
  test('14 AWG of fifteen feet serves one 15 A tool (common practice); 50 m of thin cord does not', () => {
    expect(judgeCord(gauge('14 AWG'), 15 * FEET, 15, 120)).toMatchObject({
      carries: true,
      stiff: true
    })
    expect(judgeCord(gauge('1 mm²'), 50, 10, 230).stiff).toBe(false)
    expect(judgeCord(gauge('0.75 mm²'), 5, 10, 230).carries).toBe(false)
  })
  test('the thinnest that serves: any thinner of its system does not', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('awg' as const, 'mm2' as const),
        fc.integer({ min: 1, max: 60 }),
        fc.integer({ min: 1, max: 20 }),
        (system, metres, amps) => {
          const volts = system === 'awg' ? 120 : 230
          const found = gaugeFor(system, metres, amps, volts)
          const serves = (one: Gauge): boolean => {
            const { carries, stiff } = judgeCord(one, metres, amps, volts)
            return carries && stiff
          }
          const own = GAUGES.filter((one) => one.system === system)
          for (const one of own.slice(0, found ? own.indexOf(found) : own.length))
            expect(serves(one)).toBe(false)
          if (found) expect(serves(found)).toBe(true)
        }
      )
    )
  })
  test('what runs for hours counts a quarter more: 12 A of it fill a 15 A circuit (NEC 210.20, from memory)', () => {
    expect(circuitLoad([{ amps: 12, continuous: true }], 15).share).toBeCloseTo(1, 9)
    expect(
      circuitLoad(
        [
          { amps: 10, continuous: false },
          { amps: 5, continuous: false }
        ],
        15
      )
    ).toEqual({ amps: 15, share: 1 })
  })
})
