import { describe, expect, test } from '@jest/globals'
import { Weighing, linesOf, weightRange } from '../../core/weigh'
import {
  adoptSchool,
  blend,
  followsSchool,
  leaveSchool,
  schoolWeights,
  worldOf,
  WEIGHTS
} from '../../core/workspace'
import { must } from '../../core/kernel'
import { ladderOf } from '../../core/ladder'
import { schoolOutcome } from '../../core/scenarios'
import { library, schools } from '../../data'
import {
  build,
  demo,
  demoWorld,
  emptyWorkspace,
  funds,
  items,
  worldWith
} from '../helpers/workspaces'
import { school } from '../helpers/school'
import { FIRSTS } from './first-purchases'

const followed = (
  id: string,
  owned: readonly string[],
  builds: readonly ReturnType<typeof build>[]
) => {
  const world = worldWith({ ...funds(60_000, 20_000), items: items(...owned), builds: [...builds] })
  return worldOf(
    adoptSchool(world.workspace, library, world.pricing.minorPer100Points, school(id)),
    library,
    world.asOf
  )
}

describe('the nine schools', () => {
  test('are the nine of the trade, each with its argument, what it gives up, and tools the library knows', () => {
    expect(schools).toHaveLength(9)
    for (const { argument, givesUp, firstMoney, leanings, bans, noMotorsBut } of schools) {
      for (const text of [argument, givesUp, firstMoney]) expect(text.length).toBeGreaterThan(5)
      for (const id of [...leanings.map(({ tool }) => tool), ...bans, ...(noMotorsBut ?? [])])
        expect([id, library.tools.has(id)]).toEqual([id, true])
    }
  })
  test('their weights lie within the ranges of the sliders', () => {
    const range = weightRange(12_000)
    for (const one of schools)
      for (const weight of WEIGHTS)
        expect(schoolWeights(one, 12_000)[weight]).toBeLessThanOrEqual(range[weight])
  })
  /** Schools whose first purchase follows from their reasons: on one of the first rungs stands what its followers would buy (common practice). */
  const REASONED = ['hand-held', 'gentle-start', 'quiet-pull', 'quiet-push', 'small-room']
  test.each(REASONED)('%s: its first rungs hold what its followers would buy first', (id) => {
    const { owned, builds, first } = must(
      FIRSTS.find((one) => one.school === id),
      'the school'
    )
    const { rungs } = ladderOf(followed(id, owned, builds))
    // One of the first two: a pair that only pays together may stand either way round.
    const begun = rungs.slice(0, 2).map(({ lead }) => lead.tool)
    expect([begun, begun.some((tool) => first.includes(tool))]).toEqual([begun, true])
  })
  test('what a school only likes weighs among packages, and moves the ladder by nothing', () => {
    for (const { school: id, owned, builds } of FIRSTS) {
      if (school(id).leanings.length === 0) continue
      const world = followed(id, owned, builds)
      const { leanings: _liked, ...preferences } = world.workspace.preferences
      const without = worldOf({ ...world.workspace, preferences }, library, world.asOf)
      expect(ladderOf(world).rungs).toEqual(ladderOf(without).rungs)
    }
    const { owned, builds, first } = must(
      FIRSTS.find((one) => one.school === 'machine-heart'),
      'the school'
    )
    const [top] = new Weighing(followed('machine-heart', owned, builds)).rank().candidates
    expect(first).toContain(top?.lead.buyable.entry.tool.id)
  })
  test('earn it back: the piece for sale is open within the first rungs', () => {
    const { owned, builds } = must(
      FIRSTS.find((one) => one.school === 'earn-back'),
      'the school'
    )
    const { rungs } = ladderOf(followed('earn-back', owned, builds))
    expect(rungs.slice(0, 4).flatMap(({ opens }) => opens)).toContain('hive-box')
  })
  test('the quiet schools buy nothing with a motor but what they name', () => {
    for (const id of ['quiet-pull', 'quiet-push']) {
      const world = followed(
        id,
        ['tape', 'finishing-kit'],
        [build('tea-box'), build('bookcase'), build('side-table')]
      )
      for (const candidate of new Weighing(world).rank().candidates)
        for (const {
          buyable: { entry }
        } of linesOf(candidate))
          expect(
            entry.power === 'hand' ||
              entry.tool.kind !== 'tool' ||
              (school(id).noMotorsBut ?? []).includes(entry.tool.id)
          ).toBe(true)
    }
  })
  test('taking up a school and leaving it gives back everything as it was', () => {
    for (const name of ['hive-yard', 'third-floor', 'half-a-garage'] as const)
      for (const one of schools) {
        const before = demo(name)
        const under = adoptSchool(before, library, 12_000, one)
        expect(followsSchool(under, one, 12_000)).toBe(true)
        expect(leaveSchool(under)).toEqual(before)
        const [next] = schools
        if (next) expect(leaveSchool(adoptSchool(under, library, 12_000, next))).toEqual(before)
      }
  })
  test('one’s own bans and limits of comfort stay in force under a school', () => {
    const own = {
      ...emptyWorkspace(),
      bans: [{ kind: 'tool' as const, id: 'jigsaw' }],
      workshop: { volts: 230 as const, comfort: { 'hand-blade': 0 as const } }
    }
    const under = adoptSchool(own, library, 12_000, school('gentle-start'))
    expect(under.bans).toContainEqual({ kind: 'tool', id: 'jigsaw' })
    expect(under.workshop.comfort).toMatchObject({ 'hand-blade': 0, 'router-bit': 1 })
  })
  test('a blend lies between its two, and at its ends is one of them', () => {
    const [a, b] = [school('hand-held'), school('machine-heart')]
    expect(blend(a, b, 0, 'x', 'x').weights).toEqual(a.weights)
    expect(blend(a, b, 1, 'x', 'x').weights).toEqual(b.weights)
    expect(blend(a, b, 0.5, 'x', 'x').weights.time).toBe((a.weights.time + b.weights.time) / 2)
  })
  test('followed on a demo, each spends within the money and opens builds; the quiet one is the quietest', () => {
    const world = demoWorld('half-a-garage')
    const outcomes = ['hand-held', 'machine-heart', 'quiet-push'].map((id) =>
      schoolOutcome(world, school(id))
    )
    for (const { builds, clash, order } of outcomes)
      expect([builds.length > 0, clash, order.length > 0]).toEqual([true, false, true])
    expect(outcomes[2]?.loudMinutes).toBeLessThanOrEqual(
      Math.min(outcomes[0]?.loudMinutes ?? 0, outcomes[1]?.loudMinutes ?? 0)
    )
  })
})
