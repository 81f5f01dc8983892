import { describe, expect, test } from '@jest/globals'
import { library } from '../../data'
import { gearOf, loudestIn, playsIn, workingDay, type SittingWork } from '.'

const AIR = { volumeM3: 36, changes: 1 }
/** So many minutes of a way of working. */
function stretch(method: string, minutes: number): SittingWork {
  const way = library.methods.get(method)
  if (!way) throw new Error(method)
  return {
    step: { id: method, operation: way.operation, quantity: 1, stock: {} },
    minutes,
    method,
    tools: [],
    wear: [],
    goesOn: false
  }
}
const [loud, quiet] = (() => {
  const all = [...library.methods.values()].filter(({ hazard }) => hazard)
  const sorted = all.sort((a, b) => b.soundDbA - a.soundDbA)
  return [sorted[0]!, sorted.at(-1)!]
})()
const bare = gearOf(new Set())

describe('a day of work', () => {
  // NIOSH: every 3 dB above 85 halve the eight hours.
  test('the permitted time of the loudest way is a dose of a hundred', () => {
    const minutes = 480 / 2 ** ((loud.soundDbA - 85) / 3)
    const day = workingDay(library, [stretch(loud.id, minutes)], bare, AIR)
    expect(day.dose.threeDb).toBeCloseTo(100, 6)
    // Three decibels are ten times the logarithm of two, rounded.
    expect(day.exposure.bare).toBeCloseTo(85, 0)
    expect(day.loudest?.permitted).toBeCloseTo(minutes, 6)
  })
  test('quiet work counts nothing by the five-decibel rule', () => {
    expect(quiet.soundDbA).toBeLessThan(80)
    expect(workingDay(library, [stretch(quiet.id, 480)], bare, AIR).dose.fiveDb).toBe(0)
  })
  test('muffs of 27 take off 23, plugs of 33 take off 29: four are deducted for how they are worn', () => {
    const work = [stretch(loud.id, 480)]
    for (const [tool, off] of [
      ['ear-muffs', 23],
      ['ear-plugs', 29]
    ] as const) {
      const day = workingDay(library, work, gearOf(new Set([tool])), AIR)
      expect(day.exposure.bare - (day.exposure.worn ?? 0)).toBeCloseTo(off, 9)
    }
    expect(workingDay(library, work, bare, AIR).exposure.worn).toBeUndefined()
  })
  test('a mask divides by its factor; where there is no hose it says what one would do', () => {
    const dusty = [...library.methods.values()].find(
      ({ dust, parts }) => dust === 'fine' && !parts
    )!
    const work = [stretch(dusty.id, 60)]
    const day = workingDay(library, work, gearOf(new Set(['dust-masks'])), AIR)
    expect(day.masked).toBeCloseTo((day.dust?.mean ?? 0) / 10, 9)
    expect(day.withHose).toBeCloseTo((day.dust?.mean ?? 0) * 0.15, 9)
    const hosed = workingDay(library, work, gearOf(new Set(['vacuum'])), AIR)
    expect([hosed.withHose, hosed.masked]).toEqual([undefined, undefined])
    expect(hosed.dust?.mean).toBeCloseTo(day.withHose ?? 0, 9)
  })
  test('steps without a way or a time are left out', () => {
    const none = { ...stretch(loud.id, 10), method: undefined }
    const day = workingDay(library, [none], bare, AIR)
    expect(day.stretches).toEqual([])
    expect([day.dose.threeDb, day.loudest]).toEqual([0, undefined])
  })
})

describe('work that is made up of other work', () => {
  const joined: SittingWork = {
    ...stretch('join-case/screwed', 60),
    ways: [
      { operation: 'bore', method: 'bore/drill', minutes: 20, tools: [] },
      { operation: 'sand-flat', method: 'sand-flat/random-orbital', minutes: 40, tools: [] }
    ]
  }
  test('is as loud and dusty as its parts, each for its own minutes', () => {
    const apart = workingDay(
      library,
      [stretch('bore/drill', 20), stretch('sand-flat/random-orbital', 40)],
      bare,
      AIR
    )
    const day = workingDay(library, [joined], bare, AIR)
    expect(day.dose).toEqual(apart.dose)
    expect(day.dust).toEqual(apart.dust)
    expect(day.stretches.map(({ method }) => method)).toEqual([
      'bore/drill',
      'sand-flat/random-orbital'
    ])
    expect(loudestIn(library, joined)).toBe(Math.max(...day.stretches.map(({ dbA }) => dbA)))
  })
  test('a tool plays in the part that has its role', () => {
    expect(playsIn(library, 'drill-driver', 'bore/drill')).toBe(true)
    expect(playsIn(library, 'drill-driver', 'sand-flat/random-orbital')).toBe(false)
  })
})
