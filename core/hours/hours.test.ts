import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { withSession, type Build, type BuildLog } from '../builds'
import { apportion, sumOf } from '../kernel'
import { change, type Workspace } from '../workspace'
import { itemHours, minutesUntil, reckonedWays, shareOf, sharedOf } from '.'
import { library } from '../../data'
import { BESIDE_A_SAW, TODAY, build, item, items, worldWith } from '../../tests/helpers/workspaces'

const total = (shares: Readonly<Record<string, number>>): number =>
  sumOf(Object.values(shares), (minutes) => minutes)
const kit = [...items(...BESIDE_A_SAW), item('pull-saw', { id: 'saw' })]
const log = (minutesSpent: number, more: Partial<BuildLog> = {}): BuildLog => ({
  begun: '2026-03-01',
  minutesSpent,
  ...more
})
const world = (builds: readonly Build[], more: Partial<Workspace> = {}) =>
  worldWith({ items: kit, builds, ...more })

describe('whole numbers shared out', () => {
  test('Hamilton’s method by its usual example: 10 seats for 47, 16, 15.9, 12, 6 and 3.1 of 100 are 5, 2, 1, 1, 1, 0', () =>
    // From memory: the example of largest remainders, quota 10: 4.7, 1.6, 1.59, 1.2, 0.6, 0.31.
    expect(apportion(10, [47, 16, 15.9, 12, 6, 3.1])).toEqual([5, 2, 1, 1, 1, 0]))
  test('they come to the whole exactly, none is a whole unit off its share, and nothing goes to no weight', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 100_000 }),
        fc.array(fc.double({ min: 0, max: 500, noNaN: true }), { minLength: 1, maxLength: 30 }),
        (whole, weights) => {
          const parts = apportion(whole, weights)
          const all = sumOf(weights, (one) => one)
          if (!(all > 0)) return expect(parts.every((part) => part === 0)).toBe(true)
          expect(sumOf(parts, (one) => one)).toBe(whole)
          parts.forEach((part, i) => {
            expect(Math.abs(part - (whole * (weights[i] ?? 0)) / all)).toBeLessThan(1 + 1e-6)
          })
        }
      )
    )
  })
})

describe('the hours of a build', () => {
  const bird = build('bird-box')
  test('shared over ways and things they add up to the log exactly, whatever it took', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 6000 }), fc.boolean(), (spent, isDone) => {
        const share = shareOf(world([bird]), bird, spent, TODAY, { isDone })
        const reckoned = Math.round(
          sumOf(reckonedWays(world([bird]), bird, TODAY), ({ minutes }) => minutes)
        )
        expect(total(share.ways)).toBe(spent)
        expect(total(share.book)).toBeLessThanOrEqual(reckoned)
        if (isDone) expect(total(share.book)).toBe(reckoned)
        for (const minutes of Object.values(share.items)) {
          expect(minutes).toBeGreaterThan(0)
          expect(minutes).toBeLessThanOrEqual(spent)
        }
      }),
      { numRuns: 60 }
    )
  })
  test('each way gets its part of what is reckoned, and what it is done with all of that', () => {
    const ways = reckonedWays(world([bird]), bird, TODAY)
    const all = sumOf(ways, ({ minutes }) => minutes)
    const sawn = sumOf(ways, ({ tools, minutes }) => (tools.includes('pull-saw') ? minutes : 0))
    const share = shareOf(world([bird]), bird, 600, TODAY)
    expect(sawn).toBeGreaterThan(0)
    expect(Math.abs((share.items.saw ?? 0) - (600 * sawn) / all)).toBeLessThanOrEqual(ways.length)
  })
  test('half done, its first work counts: marking out and sawing before the screws', () => {
    const ways = reckonedWays(world([bird]), bird, TODAY)
    const first = ways[0]!
    const begun = shareOf(world([bird]), bird, Math.max(1, Math.floor(first.minutes / 2)), TODAY, {
      isDone: false
    })
    expect(Object.keys(begun.ways)).toEqual([first.method])
  })
  test('the pace the log has shown changes nothing of what stands by the book', () => {
    const before = shareOf(world([bird]), bird, 300, TODAY)
    const slow = {
      ...build('bird-box', { id: 'slow' }),
      log: log(3000, { done: '2026-03-20', shared: { ...before, ways: {}, items: {} } })
    }
    expect(shareOf(world([bird, slow]), bird, 300, TODAY).book).toEqual(before.book)
  })
  test('by the ways a kept plan names, where they can be taken', () => {
    const usual = reckonedWays(world([bird]), bird, TODAY)
    const other = items('coping-saw')
    const more = worldWith({ items: [...kit, ...other], builds: [bird] })
    const [step] = bird.steps
    const ways = reckonedWays(more, bird, TODAY, { [step!.id]: usual[0]!.method })
    expect(ways[0]?.method).toBe(usual[0]?.method)
  })
  test('a thing counts from the day it came; of two alike the older one', () => {
    const two = [...kit, item('pull-saw', { id: 'old', since: '2025-01-01' })]
    const both = worldWith({ items: two, builds: [bird] })
    expect(Object.keys(shareOf(both, bird, 300, TODAY).items)).toContain('old')
    const late = kit.map((one) => (one.id === 'saw' ? { ...one, since: '2027-01-01' } : one))
    expect(
      Object.keys(shareOf(worldWith({ items: late, builds: [bird] }), bird, 300, TODAY).items)
    ).not.toContain('saw')
  })
  test('hours of use: finished builds by what was kept with them, begun ones worked out, pieces for sale besides', () => {
    const done = {
      ...build('bird-box', { id: 'done' }),
      log: log(120, {
        done: '2026-03-20',
        shared: { book: {}, ways: {}, items: { saw: 45 } }
      })
    }
    const begun = { ...bird, log: log(30) }
    const piece = {
      id: 'p',
      build: 'sold',
      name: 'Box',
      made: '2026-04-01',
      cost: 0,
      minutes: 200,
      offered: []
    }
    const sold = build('bird-box', { id: 'sold', sale: { netEach: 3000, daysToSell: 10 } })
    const state = world([done, begun, sold], { pieces: [piece] })
    const parts = [
      45,
      sharedOf(state, begun)?.items.saw ?? 0,
      shareOf(state, sold, 200, '2026-04-01').items.saw ?? 0
    ]
    const hours = itemHours(state).get('saw')
    expect(hours?.minutes).toBe(sumOf(parts, (one) => one))
    expect(parts[2]).toBeGreaterThan(0)
    expect(hours?.builds).toContain('sold')
    // What the log tells of the same work is not counted twice.
    const both = world(
      [
        {
          ...sold,
          log: log(200, { done: '2026-04-01', shared: { book: {}, ways: {}, items: { saw: 60 } } })
        }
      ],
      { pieces: [piece] }
    )
    expect(itemHours(both).get('saw')?.minutes).toBe(60)
    expect(minutesUntil(both, 'saw', '2020-01-01')).toBe(0)
    expect(minutesUntil(both, 'saw', TODAY)).toBe(60)
  })
})

describe('a log put right by hand', () => {
  const logged = world([
    {
      ...build('bird-box', { id: 'b' }),
      log: log(100, {
        done: '2026-03-20',
        shared: { book: {}, ways: { a: 50, b: 30, c: 20 }, items: { saw: 40 } }
      })
    }
  ]).workspace
  const waysOf = (state: Workspace): unknown => state.builds[0]?.log?.shared?.ways
  test('what one way gets the others give in proportion: 50, 30, 20 with 60 for the first are 60, 24, 16', () =>
    expect(waysOf(change.setWayMinutes(logged, 'b', 'a', 60))).toEqual({ a: 60, b: 24, c: 16 }))
  test('whatever is typed the ways come to the log', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('a', 'b', 'c'),
        fc.integer({ min: 0, max: 400 }),
        (way, minutes) =>
          expect(
            total(waysOf(change.setWayMinutes(logged, 'b', way, minutes)) as Record<string, number>)
          ).toBe(100)
      )
    )
  })
  test('a thing is in use no longer than the build took', () =>
    expect(change.setItemMinutes(logged, 'b', 'saw', 250).builds[0]?.log?.shared?.items).toEqual({
      saw: 100
    }))
  test('clock and sessions: the log is their sum with what was there, and taking them out undoes them', () => {
    const begun = world([{ ...build('bird-box', { id: 'b' }), log: log(30) }]).workspace
    const running = change.startClock(begun, 'b', '2026-05-04T18:00:00.000Z')
    const stopped = change.stopClock(running, 'b', { id: 's', on: TODAY, minutes: 75 })
    expect(stopped.builds[0]?.log).toEqual(
      withSession(log(30), { id: 's', on: TODAY, minutes: 75 })
    )
    expect(stopped.builds[0]?.log?.minutesSpent).toBe(105)
    expect(change.setSession(stopped, 'b', 's', 60).builds[0]?.log?.minutesSpent).toBe(90)
    expect(change.setSession(stopped, 'b', 's', 0).builds[0]?.log).toEqual(log(30))
    expect(
      change.stopClock(running, 'b', { id: 's', on: TODAY, minutes: 0 }).builds[0]?.log
    ).toEqual(log(30))
    // A clock that runs goes on, and a finished build has none.
    expect(change.startClock(running, 'b', '2026-05-04T19:00:00.000Z')).toEqual(running)
    const finished = change.finishBuild(running, library, {
      build: 'b',
      date: TODAY,
      minutesSpent: 60,
      itemId: 'i'
    })
    expect(finished.builds[0]?.log).toEqual(log(60, { done: TODAY }))
    expect(change.startClock(finished, 'b', '2026-05-04T19:00:00.000Z')).toEqual(finished)
  })
})
