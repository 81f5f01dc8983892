import { describe, expect, test } from '@jest/globals'
import { freshWorkspace, type Workspace } from '../../core/workspace'
import { library } from '../../data'
import { figuresOf, unanswered, workspaceOf, type Answers } from './beginning'

const TODAY = '2026-05-04'
const fresh = (currency = 'EUR'): Workspace =>
  freshWorkspace(library, 'draft', 'Mine', currency, TODAY)
const made = (change: Partial<Answers> = {}): Workspace => {
  const answers = { ...unanswered(), ...change }
  return workspaceOf(answers, fresh(answers.currency), TODAY, (prefix, of) => `${prefix}-${of}`)
}

describe('what somebody new answers, and the workspace it comes to', () => {
  test('nothing answered: nothing had, nothing wanted, four hours a week, a year of months', () => {
    const workspace = made()
    expect(workspace.builds).toEqual([])
    expect(workspace.items).toEqual([])
    expect(workspace.ledger).toEqual([])
    expect(workspace.money.income).toEqual({ kind: 'none' })
    expect(workspace.time.minutesPerWeek).toBe(240)
    expect(workspace.horizon).toEqual({ start: TODAY, length: 'month', count: 12 })
    expect(workspace.workshop.comfort).toEqual({})
    expect(workspace.preferences.levels).toBeUndefined()
    expect(workspace.preferences.school).toBeUndefined()
  })
  test('pieces with their wish, tools, a sum now and a sum each fortnight', () => {
    const workspace = made({
      builds: ['step-stool', 'bird-box'],
      wishes: { 'step-stool': 'must' },
      tools: ['tape', 'hammer'],
      now: '150',
      each: '60,50',
      rhythm: 'fortnightly',
      reserve: '10',
      hours: '2.5'
    })
    expect(workspace.builds.map(({ name, wish }) => [name, wish])).toEqual(
      expect.arrayContaining([
        ['Step stool', 'must'],
        ['Bird box', undefined]
      ])
    )
    expect(workspace.items.map(({ tool }) => tool).sort()).toEqual(['hammer', 'tape'])
    expect(workspace.ledger.map(({ kind, amount }) => [kind, amount])).toEqual([
      ['opening', 15_000]
    ])
    expect(workspace.money.income).toEqual({ kind: 'fortnightly', first: TODAY, amount: 6050 })
    expect(workspace.money.reserve).toBe(1000)
    expect(workspace.time.minutesPerWeek).toBe(150)
    expect(workspace.horizon).toEqual({ start: TODAY, length: 'fortnight', count: 26 })
  })
  test('each way to like it sets what it says and nothing else', () => {
    const plain = made()
    // Blades in the hand that kick back and table saws are out; a mitre saw and a small router are not.
    expect(made({ careful: true }).workshop.comfort).toEqual({
      'hand-blade': 1,
      'fixed-blade': 2,
      'router-bit': 1,
      'feed-rollers': 2
    })
    expect(made({ corner: true }).workshop.floorM2).toBe(1)
    const quiet = made({ quiet: true }).workshop.quiet
    expect(quiet?.aboveDbA).toBe(85)
    expect(quiet?.costPerHour).toBeGreaterThan(0)
    expect(made({ power: 'corded' }).preferences.power).toBe('corded')
    expect(made({ hands: 'hand' }).preferences.school).toBe('quiet-pull')
    expect(made({ hands: 'motor' })).toEqual(plain)
    expect(made({ timber: 'purse' }).money.timber).toBe('purse')
    expect(Object.values(made({ level: 'practised' }).preferences.levels ?? {})).toContain(
      'practised'
    )
  })
  test.each([
    [{ now: 'some' }, 'money.not-a-number'],
    [{ each: '-5' }, 'money.negative'],
    [{ hours: '200' }, 'field.type'],
    [{ hours: 'many' }, 'number.not-a-number']
  ] as const)('%j is said: %s', (change, code) => {
    expect(figuresOf({ ...unanswered(), ...change }).problems.map((one) => one.code)).toEqual([
      code
    ])
  })
})
