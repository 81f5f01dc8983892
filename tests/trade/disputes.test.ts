import { describe, expect, test } from '@jest/globals'
import { adoptSchool, leaveSchool, takeSide, weightsOf, type Workspace } from '../../core/workspace'
import type { Dispute, Side } from '../../core/catalogue'
import { crossCheck, readWorkspace, writeWorkspace } from '../../core/formats'
import { disputes, library, schools } from '../../data'
import { emptyWorkspace } from '../helpers/workspaces'

describe('disputes', () => {
  test('carry the open ones of the trade, with two sides at least, of tools the library knows, and none is decided', () => {
    expect(disputes.length).toBeGreaterThanOrEqual(11)
    expect(emptyWorkspace().preferences.sides).toBeUndefined()
    for (const { sides } of disputes) {
      expect(sides.length).toBeGreaterThanOrEqual(2)
      for (const { leanings, bans, argument } of sides) {
        expect(argument.length).toBeGreaterThan(5)
        for (const id of [...leanings.map(({ tool }) => tool), ...bans])
          expect([id, library.tools.has(id)]).toEqual([id, true])
      }
    }
  })
  test('taking a side, changing it and taking none leaves no trace but what is in force', () => {
    const dispute = disputes.find(({ id }) => id === 'mitre-saw')
    if (!dispute) throw new Error('no dispute')
    const start = emptyWorkspace()
    const no = takeSide(start, library, dispute, 'no')
    expect(no.bans.map(({ id }) => id)).toEqual(['mitre-saw', 'mitre-saw-small', 'mitre-saw-large'])
    const yes = takeSide(no, library, dispute, 'yes')
    expect([yes.bans, yes.preferences.leanings]).toEqual([[], dispute.sides[0]?.leanings])
    const none = takeSide(yes, library, dispute, undefined)
    expect([none.bans, none.preferences.leanings, none.preferences.sides]).toEqual([[], [], {}])
    expect(weightsOf(none)).toEqual(weightsOf(start))
  })
})

describe('a side that is left takes nothing of the user’s along and leaves nothing of its own', () => {
  const start = emptyWorkspace({
    bans: [{ kind: 'tool', id: 'jigsaw' }],
    preferences: {
      ...emptyWorkspace().preferences,
      power: 'corded',
      tier: 'weekend',
      leanings: [{ tool: 'pull-saw', times: 2 }]
    }
  })
  const side = (id: string, change: Partial<Side>): Side => ({
    id,
    name: id,
    argument: '',
    leanings: [],
    bans: [],
    ...change
  })
  const dispute: Dispute = {
    id: 'how',
    question: '',
    sides: [
      side('cheap', {
        power: 'cordless',
        tier: 'get-by',
        condition: 'used',
        bans: ['jigsaw', 'belt-sander'],
        leanings: [{ tool: 'pull-saw', times: 0.5 }]
      }),
      side('dear', { tier: 'trade' })
    ]
  }
  const settings = ({ bans, preferences: { power, tier, condition, leanings } }: Workspace) => ({
    bans,
    power,
    tier,
    condition,
    leanings
  })
  test('power, tier, condition, leanings and the user’s own ban come back', () => {
    const taken = takeSide(start, library, dispute, 'cheap')
    expect(settings(taken)).toMatchObject({ power: 'cordless', tier: 'get-by', condition: 'used' })
    expect(settings(takeSide(taken, library, dispute, undefined))).toEqual(settings(start))
    const other = takeSide(taken, library, dispute, 'dear')
    expect(settings(other)).toEqual({ ...settings(start), tier: 'trade' })
    expect(settings(takeSide(other, library, dispute, undefined))).toEqual(settings(start))
    expect(crossCheck(taken, library)).toEqual([])
    const read = readWorkspace(writeWorkspace(taken), library)
    expect(read.ok && read.value.workspace.preferences.beforeSides).toEqual(
      taken.preferences.beforeSides
    )
  })
  test('what was changed by hand meanwhile stays, and what a school had put aside is freed as well', () => {
    const taken = takeSide(start, library, dispute, 'cheap')
    const byHand = { ...taken, preferences: { ...taken.preferences, power: 'cheapest' as const } }
    expect(takeSide(byHand, library, dispute, undefined).preferences.power).toBe('cheapest')
    const [school] = schools
    if (!school) throw new Error('no school')
    const taught = adoptSchool(taken, library, 12_000, school)
    const left = leaveSchool(takeSide(taught, library, dispute, undefined))
    expect([left.bans, left.preferences.power]).toEqual([start.bans, 'corded'])
  })
})
