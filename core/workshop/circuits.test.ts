import { describe, expect, test } from '@jest/globals'
import { library } from '../../data'
import {
  atNeighbour,
  circuitCarries,
  circuitsOf,
  leftFor,
  loadOn,
  mostAmps,
  quietLimit,
  runTogether,
  strayOutlets,
  type Mains
} from '.'

const tool = (id: string) => {
  const found = library.tools.get(id)
  if (!found) throw new Error(id)
  return found
}
const saw = tool('table-saw')
const vacuum = tool('vacuum')
const one = (amps: number): Mains => ({ volts: 120, circuits: [{ name: 'a', amps }] })

describe('circuits told apart', () => {
  test('without any nothing is ruled out; the one rating said before counts until they are told apart', () => {
    expect(circuitsOf({ volts: 230 })).toEqual([])
    expect(mostAmps({ volts: 230 })).toBeUndefined()
    expect(circuitCarries({ volts: 120 }, saw, 'corded')).toBe(true)
    expect(circuitCarries({ volts: 120, circuitAmps: 10 }, saw, 'corded')).toBe(false)
    expect(circuitCarries({ ...one(20), circuitAmps: 10 }, saw, 'corded')).toBe(true)
  })
  test('what always runs takes a circuit at 80 per cent: NEC 210.20 (from memory), worked by hand', () => {
    const circuit = {
      name: 'a',
      amps: 16,
      also: [{ name: 'light', amps: 4, always: true as const }]
    }
    // 4 A for three hours and longer ask for 4 / 0.8 = 5 A of breaker.
    expect(leftFor(circuit)).toBeCloseTo(11, 9)
    expect(loadOn(circuit, [{ amps: 11, continuous: false }]).share).toBeCloseTo(1, 9)
    expect(loadOn(circuit, [{ amps: 12, continuous: false }]).share).toBeGreaterThan(1)
    // A charger that hangs on it now and then leaves all of it.
    expect(leftFor({ name: 'a', amps: 16, also: [{ name: 'charger', amps: 4 }] })).toBe(16)
  })
  test('a tool is carried where some circuit has enough left, at its own voltage', () => {
    const both: Mains = {
      volts: 120,
      circuits: [
        { name: 'wall', amps: 10 },
        { name: 'dryer', amps: 30, volts: 230 }
      ]
    }
    expect(circuitCarries(one(10), saw, 'corded')).toBe(false)
    expect(circuitCarries(both, saw, 'corded')).toBe(true)
    expect(circuitCarries(one(0), tool('circular-saw'), 'cordless')).toBe(true)
    const taken: Mains = {
      volts: 120,
      circuits: [{ name: 'a', amps: 20, also: [{ name: 'heater', amps: 15, always: true }] }]
    }
    expect(circuitCarries(taken, saw, 'corded')).toBe(false)
    expect(circuitCarries(taken, tool('circular-saw'), 'cordless')).toBe(true)
  })
  test('a saw and its vacuum: together, apart, or not at all', () => {
    // 15 A and 10 A at 120 V by the library, sums by hand.
    expect([saw, vacuum].map(({ forms }) => forms[0]?.amps120)).toEqual([15, 10])
    const large = runTogether(one(30), saw, vacuum)
    expect([large.on?.name, large.on?.amps]).toEqual(['a', 25])
    expect(large.on?.share).toBeCloseTo(25 / 30, 9)
    const small = runTogether(one(15), saw, vacuum)
    expect([small.on, small.apart]).toEqual([undefined, undefined])
    const two: Mains = {
      volts: 120,
      circuits: [
        { name: 'left', amps: 10 },
        { name: 'right', amps: 15 }
      ]
    }
    expect(runTogether(two, saw, vacuum)).toMatchObject({ on: undefined, apart: ['right', 'left'] })
  })
  test('an outlet on no circuit is found; where none is told apart only one that names nothing', () => {
    const outlets = [
      { id: 'o', circuit: 'a' },
      { id: 'p', circuit: 'b' },
      { id: 'q', circuit: ' ' }
    ]
    expect(strayOutlets(one(16), outlets)).toEqual(['p', 'q'])
    expect(strayOutlets({ volts: 230 }, outlets)).toEqual(['q'])
  })
})

describe('the neighbours’ side', () => {
  test('ten times as far is 20 dB less, a wall what it takes off: textbook acoustics', () => {
    expect(atNeighbour(100, { metres: 1, wall: 'open' })).toBe(100)
    expect(atNeighbour(100, { metres: 10, wall: 'open' })).toBeCloseTo(80, 9)
    expect(atNeighbour(100, { metres: 10, wall: 'blocks' })).toBeCloseTo(40, 9)
    // Twice as far: 6.02 dB.
    expect(
      atNeighbour(100, { metres: 4, wall: 'open' }) - atNeighbour(100, { metres: 8, wall: 'open' })
    ).toBeCloseTo(6.02, 2)
    expect(atNeighbour(50, { metres: 100, wall: 'flat' })).toBe(0)
    expect(atNeighbour(90, { metres: 0, wall: 'open' })).toBe(90)
  })
  test('quiet hours leave 30 dB(A) in the sleeper’s room (WHO community noise, from memory), within what is sensible', () => {
    expect(quietLimit({})).toBeUndefined()
    expect(quietLimit({ quiet: { aboveDbA: 72 } })).toBe(72)
    // 30 + 20 for the distance + 20 for boards.
    expect(quietLimit({ neighbour: { metres: 10, wall: 'boards' } })).toBeCloseTo(70, 9)
    expect(quietLimit({ neighbour: { metres: 1, wall: 'open' } })).toBe(60)
    expect(quietLimit({ neighbour: { metres: 100, wall: 'flat' } })).toBe(85)
    expect(quietLimit({ quiet: { aboveDbA: 65 }, neighbour: { metres: 10, wall: 'boards' } })).toBe(
      65
    )
  })
})
