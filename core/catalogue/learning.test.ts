import { describe, expect, test } from '@jest/globals'
import { TODAY, build, emptyWorkspace, funds, items } from '../../tests/helpers/workspaces'
import { school } from '../../tests/helpers/school'
import { library } from '../../data'
import { adoptSchool, leaveSchool, learningOf, worldOf, type Workspace } from '../workspace'
import { LEVELS, reachedAfter, sharesOver, withSkill } from '.'

const sum = (shares: Readonly<Record<string, number>>): number =>
  Object.values(shares).reduce((total, one) => total + one, 0)

describe('the learning curve', () => {
  test('worked by hand: nothing behind one, fifteen hours, sixty hours', () => {
    expect(reachedAfter(0)).toEqual({ new: 1, practised: 0, home: 0 })
    expect(reachedAfter(15)).toEqual({ new: 0, practised: 1, home: 0 })
    expect(reachedAfter(60)).toEqual({ new: 0, practised: 0, home: 1 })
    // Half way on the logarithm of 1 + hours: √16 − 1 = 3 hours.
    expect(reachedAfter(3).practised).toBeCloseTo(0.5, 12)
    // From 15 to 60 hours half way: √(16 × 61) − 1 = 30.24 hours.
    expect(reachedAfter(Math.sqrt(16 * 61) - 1).home).toBeCloseTo(0.5, 12)
  })
  test('every doubling of 1 + hours is the same step', () => {
    const step = reachedAfter(3).practised - reachedAfter(1).practised
    expect(reachedAfter(7).practised - reachedAfter(3).practised).toBeCloseTo(step, 12)
    expect(reachedAfter(15).practised - reachedAfter(7).practised).toBeCloseTo(step, 12)
  })
  test('the mean over hours to come lies between what is and what will be, and adds up to 1', () => {
    for (const ahead of [0, 5, 40, 300]) {
      const mean = sharesOver('new', 4, ahead)
      expect(sum(mean)).toBeCloseTo(1, 12)
      expect(mean.new).toBeLessThanOrEqual(reachedAfter(4).new + 1e-12)
      expect(mean.home).toBeLessThanOrEqual(reachedAfter(4 + ahead).home + 1e-12)
    }
    expect(sharesOver('home', 0, 10)).toEqual({ new: 0, practised: 0, home: 1 })
    expect(sharesOver('practised', 0, 0).practised).toBeCloseTo(1, 12)
  })
})

describe('what learning makes of the methods', () => {
  const method = [...library.methods.values()].find(
    ({ family, skill }) => family === 'hand-saws' && skill === 'some'
  )
  if (!method) throw new Error('no method by hand saw')
  const minutes = (...args: Parameters<typeof withSkill>): number =>
    withSkill(...args).methods.get(method.id)?.runMinutes ?? NaN

  test('half new, half practised: the mean of both factors, worked by hand', () => {
    const shares = { new: 0.5, practised: 0.5, home: 0 }
    // Some practice asked for: 1.4 times as long for somebody new, 1.15 for somebody practised.
    expect(minutes(library, {}, { 'hand-saws': shares })).toBeCloseTo(
      method.runMinutes * ((1.4 + 1.15) / 2),
      9
    )
    expect(minutes(library, {})).toBeCloseTo(method.runMinutes * 1.4, 9)
  })
  test('other families are as they were', () => {
    const learning = { 'hand-saws': { new: 0, practised: 0, home: 1 } }
    const plain = withSkill(library, {})
    for (const one of withSkill(library, {}, learning).methods.values())
      if (one.family !== 'hand-saws')
        expect(one.runMinutes).toBe(plain.methods.get(one.id)?.runMinutes)
  })
})

describe('a school of hand work declares it', () => {
  const workspace: Workspace = {
    ...emptyWorkspace({
      ...funds(40_000, 0),
      builds: [build('bookcase-solid'), build('tea-box')],
      items: items('tape', 'hammer')
    }),
    preferences: { ...emptyWorkspace().preferences, levels: {} }
  }
  const adopted = adoptSchool(workspace, library, 12_000, school('quiet-pull'))

  test('taken up it is reckoned with, left again it is not', () => {
    expect(learningOf(workspace, library)).toEqual({})
    expect(Object.keys(learningOf(adopted, library)).sort()).toEqual(
      ['edge-tools', 'hand-saws', 'joints'].sort()
    )
    expect(learningOf(leaveSchool(adopted), library)).toEqual({})
    expect(leaveSchool(adopted).preferences).toEqual(workspace.preferences)
  })
  test('more hours ahead or behind, a higher level', () => {
    const shares = learningOf(adopted, library)['hand-saws']
    const longer = learningOf(
      { ...adopted, builds: [...adopted.builds, build('blanket-chest', { copies: 4 })] },
      library
    )['hand-saws']
    expect(longer?.new).toBeLessThan(shares?.new ?? 0)
    expect(LEVELS.every((level) => (shares?.[level] ?? -1) >= 0)).toBe(true)
  })
  test('a step by hand saw takes less than somebody new needs for it, more than somebody at home', () => {
    const run = (there: Workspace): number =>
      [...worldOf(there, library, TODAY).library.methods.values()].find(
        ({ family, skill }) => family === 'hand-saws' && skill === 'some'
      )?.runMinutes ?? NaN
    const fresh = run({ ...adopted, preferences: { ...adopted.preferences, learns: undefined } })
    const home = run({
      ...adopted,
      preferences: { ...adopted.preferences, learns: undefined, levels: { 'hand-saws': 'home' } }
    })
    expect(run(adopted)).toBeLessThan(fresh)
    expect(run(adopted)).toBeGreaterThan(home)
  })
})
