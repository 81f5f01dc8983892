import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { errorTyped, type CheckKind, type TrueCheck } from '../inspection'
import { change, type CheckDone, type Workspace } from '../workspace'
import { fitBuild, fitContext, kitOf } from '../fit'
import { library, trueChecks } from '../../data'
import { checksOf, inexactBy, reckonedError, toCheck, waitsForTrue } from '.'
import { TODAY, build, item, items, worldWith } from '../../tests/helpers/workspaces'

const of = (kind: CheckKind, overMm?: number): TrueCheck => ({
  id: 'x',
  tools: [],
  kind,
  overMm,
  minutesFirst: 1,
  minutesLater: 1,
  months: 6
})
const error = (check: TrueCheck, ...values: number[]): unknown => {
  const found = errorTyped(check, values)
  return found.ok ? found.value : found.issues.map(({ code }) => code)
}

// Plain geometry, common practice: each cut turned against the one before adds the error once more.
describe('what a test comes to', () => {
  test('five cuts: a strip of 400 mm, 10.8 and 10.0 mm thick, is 0.2 mm off a cut of 400, so 0.15 over 300', () => {
    expect(error(of('five-cut', 300), 10.8, 10, 400)).toBeCloseTo(0.15, 12)
    expect(error(of('five-cut', 300), 10, 10.8, 400)).toBeCloseTo(0.15, 12)
  })
  test('flip: lines 1 mm apart after 250 mm are 0.5 off there, 0.6 over 300; a straight edge is off by half its gap', () => {
    expect(error(of('flip', 300), 1, 250)).toBeCloseTo(0.6, 12)
    expect(error(of('flip'), 0.5, 0)).toBe(0.25)
  })
  test('eight mitres: 1.6 mm open over strips of 60 are 0.2 a cut, 1 over 300', () =>
    expect(error(of('eight-cut', 300), 1.6, 60)).toBeCloseTo(1, 12))
  test('a gap is what it is, and a look measures nothing', () =>
    expect([error(of('gap'), 0.15), error(of('look'))]).toEqual([0.15, 0]))
  test('a panel turned four times on a saw off by an angle ends that much thicker at one end', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.0001, max: 0.005, noNaN: true }),
        fc.integer({ min: 100, max: 900 }),
        (angle, length) => {
          // Each corner is a right angle plus the error; after four of them the first side is met at four times it.
          const thick = 12 + length * Math.tan(4 * angle)
          const real = 300 * Math.tan(angle)
          expect(error(of('five-cut', 300), thick, 12, length) as number).toBeCloseTo(real, 2)
        }
      )
    )
  })
  test.each<[string, TrueCheck, number[], string]>([
    ['a distance below nothing', of('gap'), [-1], 'check.negative'],
    ['a length nothing can be told over', of('flip', 300), [1, 5], 'check.short'],
    ['inches or hundredths for millimetres', of('gap'), [15], 'check.wild']
  ])('refused: %s', (_, check, values, code) => expect(error(check, ...values)).toEqual([code]))
})

const frame = {
  ...build('step-stool'),
  id: 'frame',
  name: 'Frame',
  steps: [
    {
      id: 's1',
      operation: 'crosscut',
      quantity: 4,
      stock: { widthMm: 80, thicknessMm: 20 },
      accuracyMm: 1
    }
  ]
}
const saw = item('mitre-saw', { id: 'saw', since: '2026-05-01' })
const state = (more: Partial<Workspace> = {}) =>
  worldWith({
    items: [saw, ...items('tape', 'safety-glasses', 'ear-muffs', 'half-mask', 'sawhorses')],
    builds: [frame],
    workshop: { ...worldWith({}).workspace.workshop, comfort: {} },
    ...more
  })
const fiveCut = trueChecks.find(({ id }) => id === 'saw-square')!
const found = (apart: number, id = 'c', on = TODAY): CheckDone => ({
  kind: 'check',
  id,
  item: 'saw',
  check: 'saw-square',
  on,
  values: [10 + apart, 10, 300],
  fine: false
})
/** The state with a check of the saw kept, as the page keeps it. */
function checked(world: ReturnType<typeof state>, done: CheckDone) {
  const { workspace } = world
  const inexact = inexactBy(world, workspace.items[0]!, trueChecks, [
    ...(workspace.upkeep ?? []),
    done
  ])
  return state({ ...change.addUpkeep(workspace, done, inexact) })
}

describe('a measured error becomes that of the tool', () => {
  const reckoned = reckonedError(state(), saw, fiveCut)!
  const errorOf = (world: ReturnType<typeof state>): number | undefined => {
    const step = fitBuild(fitContext(world), kitOf(world.library, world.workspace.items), {
      ...frame,
      steps: [{ ...frame.steps[0]!, accuracyMm: undefined }]
    } as never).steps[0]
    return step?.usable.find(({ method }) => method.id === 'crosscut/mitre-saw')?.accuracyMm
  }
  test('plans reckon with half a millimetre for a sound one of the weekend tier, as the library says', () =>
    expect(reckoned).toBeCloseTo(0.5, 12))
  test('what was measured is what the cut comes out at, beside the marking', () => {
    const sound = errorOf(state())!
    const marking = Math.sqrt(Math.max(0, sound ** 2 - reckoned ** 2))
    // 3.2 mm apart over 300: 0.8 mm off.
    expect(errorOf(checked(state(), found(3.2)))).toBeCloseTo(Math.hypot(0.8, marking), 6)
  })
  test('within what is reckoned nothing changes', () => {
    const world = checked(state(), found(1))
    expect(world.workspace.items[0]).toEqual(saw)
    expect(errorOf(world)).toBe(errorOf(state()))
  })
  test('on both sides of what the build forgives: made just within it, waiting just beyond, free again once it is set', () => {
    const marking = Math.sqrt(Math.max(0, errorOf(state())! ** 2 - reckoned ** 2))
    const limit = Math.sqrt(1 - marking ** 2)
    const within = checked(state(), found((limit - 0.01) * 4))
    const beyond = checked(state(), found((limit + 0.01) * 4))
    expect(waitsForTrue(within, within.workspace.items[0]!)).toEqual([])
    expect(waitsForTrue(beyond, beyond.workspace.items[0]!)).toEqual(['frame'])
    const set = checked(beyond, { ...found(0.4, 'd'), fine: true })
    expect(set.workspace.items[0]).toEqual(saw)
    expect(waitsForTrue(set, set.workspace.items[0]!)).toEqual([])
  })
  test('the newest of each check counts, the worst of several; taken out it is as before', () => {
    const early = checked(state(), found(4, 'a', '2026-05-02'))
    const later = checked(early, found(2.4, 'b', '2026-05-03'))
    expect(later.workspace.items[0]?.inexact).toBeCloseTo(0.6 / reckoned, 9)
    const rest = later.workspace.upkeep!.filter(({ id }) => id !== 'b')
    const back = change.removeUpkeep(
      later.workspace,
      'b',
      inexactBy(later, later.workspace.items[0]!, trueChecks, rest)
    )
    expect(back.items[0]?.inexact).toBeCloseTo(1 / reckoned, 9)
  })
})

describe('when a check is due', () => {
  test('on the day it came, for three months on the Bench; done, again after its months', () => {
    const [asked] = toCheck(state(), trueChecks)
    expect(asked).toEqual({
      item: 'saw',
      tool: 'mitre-saw',
      checks: ['saw-square', 'saw-mitre'],
      minutes: 70
    })
    expect(toCheck(state({ items: [{ ...saw, since: '2025-05-01' }] }), trueChecks)).toEqual([])
    const done = checked(state(), { ...found(1), fine: true })
    expect(toCheck(done, trueChecks)[0]?.checks).toEqual(['saw-mitre'])
    const again = checksOf(done, trueChecks).find(({ check }) => check.id === 'saw-square')
    // Half a year of 365 days after 4 May.
    expect(again?.due).toBe('2026-11-03')
  })
  test('every check is of tools there are, by a way there is', () => {
    for (const { tools, method } of trueChecks) {
      for (const tool of tools) expect(library.tools.has(tool)).toBe(true)
      if (method !== undefined) expect(library.methods.has(method)).toBe(true)
    }
  })
})
