import { describe, expect, test } from '@jest/globals'
import { commandRun } from '../../tests/helpers/commands'
import { TODAY, build, demo, emptyWorkspace, item } from '../../tests/helpers/workspaces'
import { library } from '../../data'
import { change, type Workspace } from '../workspace'
import { checkChange, checkWorkspace, readWorkspace, writeWorkspace } from '.'
import { MOST } from './limits'

const hive = demo('hive-yard')
const refusal = (after: Workspace, before = hive): string[] => {
  const checked = checkChange(before, after, library)
  return checked.ok ? [] : checked.issues.map(({ code, path }) => `${code} ${path.join('.')}`)
}
const firstBuild = (next: object): Workspace => ({
  ...hive,
  builds: hive.builds.map((one, i) => (i === 0 ? { ...one, ...next } : one))
})

describe('what the reader would refuse later is refused before it is kept, at its place', () => {
  const step = hive.builds[0]?.steps[0]
  test.each<[string, Workspace, string]>([
    [
      'done before begun',
      firstBuild({ log: { begun: '2026-05-04', done: '2026-05-01', minutesSpent: 1 } }),
      'build.done-before-begun builds.0.log.done'
    ],
    [
      'over 200 steps',
      firstBuild({ steps: Array.from({ length: 201 }, (_, i) => ({ ...step, id: `s${i}` })) }),
      'list.too-long builds.0.steps'
    ],
    [
      'a count of 200000',
      firstBuild({
        parts: [
          {
            id: 'p',
            name: 'Side',
            quantity: 1,
            lengthMm: 1,
            widthMm: 1,
            thicknessMm: 1,
            stock: 'softwood',
            joints: [{ joint: 'pocket', count: 200_000 }],
            grain: true
          }
        ]
      }),
      'number.too-large builds.0.parts.0.joints.0.count'
    ],
    ['a name of 201 signs', firstBuild({ name: 'x'.repeat(201) }), 'text.too-long builds.0.name'],
    ['a name nobody sees', firstBuild({ name: '\u200b' }), 'text.empty builds.0.name'],
    [
      'a text of 2001 signs',
      change.addEntry(hive, {
        id: 'new',
        date: TODAY,
        kind: 'other',
        amount: -1,
        text: 'x'.repeat(2001)
      }),
      `text.too-long ledger.${hive.ledger.length}.text`
    ],
    [
      'a length of 2000 m',
      {
        ...hive,
        items: [...hive.items, item('jigsaw', { specs: { depthMm: 2_000_000 } })]
      },
      `number.too-large items.${hive.items.length}.specs.depthMm`
    ],
    [
      '51 scenarios',
      {
        ...hive,
        scenarios: Array.from({ length: 51 }, (_, i) => ({ id: `s${i}`, name: 'S', change: {} }))
      },
      'list.too-long scenarios'
    ],
    [
      'a bundle of 31 pieces',
      {
        ...hive,
        bundles: [
          {
            id: 'my/b',
            name: 'B',
            pieces: Array.from({ length: 31 }, () => ({
              tool: 'jigsaw',
              tier: 'weekend' as const,
              condition: 'new' as const,
              power: 'corded' as const,
              count: 1
            }))
          }
        ]
      },
      'list.too-long bundles.0.pieces'
    ],
    [
      'a deal on a tool that is not there',
      change.addDeal(hive, { id: 'd', name: 'D', buy: 1, free: 1, tools: ['none'] }),
      'unknown.tool deals.0.tools.0'
    ],
    [
      'a pin on a bundle',
      { ...hive, pins: [{ offer: 'nothing', count: 1, date: TODAY }] },
      'unknown.offer pins.0.offer'
    ],
    [
      'a second opening under one id',
      change.addEntry(hive, { ...(hive.ledger[0] as Workspace['ledger'][number]) }),
      `id.duplicate ledger.${hive.ledger.length}.id`
    ]
  ])('%s', (_name, after, expected) => {
    const found = refusal(after)
    expect(found[0]).toBe(expected)
    expect(checkWorkspace(after, library).ok).toBe(false)
  })
})

test('names come out as they will be read back; what was not touched stays the same object', () => {
  const checked = checkChange(hive, firstBuild({ name: ' Hive\u200b  box ' }), library)
  expect(checked.ok && checked.value.builds[0]?.name).toBe('Hive box')
  expect(checked.ok && checked.value.builds[1] === hive.builds[1]).toBe(true)
  expect(checked.ok && checked.value.ledger === hive.ledger).toBe(true)
})

test('entries put to a ledger are held against what they bear on, as the whole ledger would be', () => {
  const paid = { id: 'p', date: TODAY, kind: 'tool' as const, amount: -500, text: 'Saw' }
  const back = {
    id: 'b',
    date: TODAY,
    kind: 'refund' as const,
    amount: 300,
    text: 'Saw',
    refunds: 'p'
  }
  const before = { ...hive, ledger: [...hive.ledger, paid, back] }
  const more = (amount: number): Workspace => change.addEntry(before, { ...back, id: 'c', amount })
  expect(refusal(more(200), before)).toEqual([])
  expect(refusal(more(201), before)).toEqual([
    `ledger.refund-too-large ledger.${before.ledger.length}.refunds`
  ])
  // A refund that was taken back leaves room again.
  const freed = change.addEntry(before, {
    id: 'r',
    date: TODAY,
    kind: 'reversal',
    amount: -300,
    text: 'Saw',
    reverses: 'b'
  })
  expect(refusal(change.addEntry(freed, { ...back, id: 'c', amount: 500 }), freed)).toEqual([])
})

test('a full list takes no more, and one that is full already may be shortened', () => {
  const full = {
    ...emptyWorkspace(),
    wishes: Array.from({ length: MOST.wishes }, () => 'jigsaw')
  }
  expect(refusal({ ...full, wishes: [...full.wishes, 'jigsaw'] }, full)).toEqual([
    'list.too-long wishes'
  ])
  expect(refusal({ ...full, wishes: full.wishes.slice(1) }, full)).toEqual([])
})

test('whatever commands are given with whatever values, every state that is let in reads back as it is', () => {
  const starts = [emptyWorkspace(), hive, emptyWorkspace({ builds: [build('step-stool')] })]
  let [states, refused] = [0, 0]
  for (let seed = 1; seed <= 12; seed++) {
    const run = commandRun(starts[seed % starts.length] ?? hive, seed, 40)
    refused += run.refused
    for (const state of run.states) {
      states++
      const read = readWorkspace(writeWorkspace(state), library)
      if (!read.ok) throw new Error(JSON.stringify([seed, read.issues[0]]))
      expect(writeWorkspace(read.value.workspace)).toBe(writeWorkspace(state))
      expect(read.value.notes).toEqual([])
    }
  }
  // Both sides of the door were tried.
  expect([states > 150, refused > 100]).toEqual([true, true])
})
