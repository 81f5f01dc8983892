import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import type { Build } from '../builds'
import { seededRandom } from '../kernel'
import { BOOK_HOURS, OTHER_WORK, PACE_FAMILIES, ownPace, paceUsed, type PaceFamily } from '.'
import { library } from '../../data'
import { build, worldWith } from '../../tests/helpers/workspaces'
import { libraryOf } from './library-of'

type Book = Partial<Record<PaceFamily, number>>
/** A finished build: hours by the book, and hours it really took. */
const logged = (book: Book, real: number, id = 'b'): Build => ({
  ...build('bird-box'),
  id,
  log: {
    begun: '2026-01-01',
    done: '2026-02-01',
    minutesSpent: Math.round(real * 60),
    shared: {
      book: Object.fromEntries(
        Object.entries(book).map(([family, hours]) => [family, Math.round(hours * 60)])
      ),
      ways: {},
      items: {}
    }
  }
})
const timesOf = (builds: readonly Build[], family: PaceFamily): number =>
  ownPace({ builds }).find((one) => one.family === family)?.times ?? NaN

describe('the user’s own pace', () => {
  test('nothing logged, or logged without its times by the book: like the book', () => {
    for (const family of PACE_FAMILIES) expect(timesOf([], family)).toBe(1)
    const plain = {
      ...build('bird-box'),
      log: { begun: '2026-01-01', done: '2026-01-02', minutesSpent: 600 }
    }
    expect(
      ownPace({ builds: [plain] }).every(({ times, builds }) => times === 1 && builds === 0)
    ).toBe(true)
  })
  test('of one family: (real + 10)/(book + 10), the shrunken mean of ridge regression in closed form', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            book: fc.integer({ min: 1, max: 40 }),
            times: fc.double({ min: 0.5, max: 2.5, noNaN: true })
          }),
          { minLength: 1, maxLength: 12 }
        ),
        (list) => {
          const builds = list.map(({ book, times }, i) =>
            logged({ 'hand-saws': book }, Math.round(book * times * 60) / 60, `b${i}`)
          )
          const book = list.reduce((sum, one) => sum + one.book, 0)
          const real = builds.reduce((sum, { log }) => sum + (log?.minutesSpent ?? 0) / 60, 0)
          expect(timesOf(builds, 'hand-saws')).toBeCloseTo(
            (real + BOOK_HOURS) / (book + BOOK_HOURS),
            6
          )
        }
      )
    )
  })
  test('two builds by hand: the solution of the two normal equations', () => {
    // Book (saws, planes) in hours: (4, 1) took 8, (1, 5) took 6. With weights 1/5 and 1/6 and 10 on the diagonal:
    // 10 + 16/5 + 1/6 = 13.3667, off the diagonal 4/5 + 5/6 = 1.6333, 10 + 1/5 + 25/6 = 14.3667;
    // right sides 10 + 4·8/5 + 1·6/6 = 17.4 and 10 + 1·8/5 + 5·6/6 = 16.6. Cramer's rule.
    const det = 13.366667 * 14.366667 - 1.633333 ** 2
    const builds = [
      logged({ 'hand-saws': 4, 'edge-tools': 1 }, 8, 'a'),
      logged({ 'hand-saws': 1, 'edge-tools': 5 }, 6, 'b')
    ]
    expect(timesOf(builds, 'hand-saws')).toBeCloseTo((17.4 * 14.366667 - 16.6 * 1.633333) / det, 4)
    expect(timesOf(builds, 'edge-tools')).toBeCloseTo((13.366667 * 16.6 - 1.633333 * 17.4) / det, 4)
  })
  test('with much logged it comes near the truth a made-up history was drawn from', () => {
    const truth: Book = { 'hand-saws': 1.6, machines: 0.8, joints: 1.2, [OTHER_WORK]: 1 }
    const random = seededRandom(7)
    const builds = Array.from({ length: 150 }, (_, i) => {
      const book: Book = Object.fromEntries(
        Object.keys(truth).map((family) => [family, 1 + Math.round(random() * 6)])
      )
      const real = Object.entries(book).reduce(
        (sum, [family, hours]) => sum + hours * (truth[family as PaceFamily] ?? 1),
        0
      )
      return logged(book, real * (0.9 + 0.2 * random()), `b${i}`)
    })
    for (const [family, times] of Object.entries(truth))
      expect(Math.abs(timesOf(builds, family as PaceFamily) - times)).toBeLessThan(0.12)
    // One evening of the same history moves it by little.
    expect(Math.abs(timesOf(builds.slice(0, 1), 'hand-saws') - 1)).toBeLessThan(0.3)
  })
  test('a clock left on for a week counts as four times the book, and no pace is believed beyond three times', () => {
    expect(timesOf([logged({ machines: 10 }, 200)], 'machines')).toBe(
      timesOf([logged({ machines: 10 }, 40)], 'machines')
    )
    expect(timesOf([logged({ machines: 500 }, 4000)], 'machines')).toBe(3)
  })
  test('minutes and set-up of each way go by it, errors and services do not, and the book can be gone back to', () => {
    const builds = [logged({ 'hand-saws': 20 }, 30)]
    const world = worldWith({ builds })
    const times = paceUsed(world.workspace)['hand-saws'] ?? NaN
    expect(times).toBe(1.33)
    const plain = libraryOf(worldWith({}).workspace, library)
    const paced = libraryOf(world.workspace, library)
    for (const { id, family, runMinutes, setupMinutes, accuracyMm } of plain.methods.values()) {
      const own = paced.methods.get(id)
      const by = family === 'hand-saws' ? times : 1
      expect([own?.runMinutes, own?.setupMinutes, own?.accuracyMm]).toEqual([
        runMinutes * by,
        setupMinutes * by,
        accuracyMm
      ])
    }
    expect(
      paceUsed({ builds, preferences: { ...world.workspace.preferences, byTheBook: true } })
    ).toEqual({})
  })
})
