import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { TODAY, build, demo, demoPlan, demoText } from '../../tests/helpers/workspaces'
import { library } from '../../data'
import { makePlan } from '../search'
import { worldOf } from '../workspace'
import { MOST_PROBLEMS, checkWorkspace, readWorkspace, textOf, writeWorkspace } from '.'
import { LARGEST_FILE, parseJson } from './json'
import { keepPlan } from '../against'
import { text, refusals } from '../../tests/helpers/refusals'

const first = (raw: string): string | undefined => refusals(raw)[0]?.code

describe('files that are refused', () => {
  test.each<[string, string, string]>([
    ['nothing', '', 'file.empty'],
    ['white space', ' \n ', 'file.empty'],
    ['no JSON', 'hello', 'json.syntax'],
    ['cut short', demoText('hive-yard').slice(0, 900), 'json.syntax'],
    ['an array', '[]', 'file.not-this-format'],
    ['another format', '{"format":"something/else","version":1}', 'file.not-this-format'],
    ['no version', '{"format":"frugal-ledger/workspace"}', 'file.no-version'],
    ['a newer one', text({ version: 4 }), 'file.newer'],
    ['a version that never was', text({ version: 0 }), 'file.unknown-version'],
    ['too large', 'y'.repeat(LARGEST_FILE + 1), 'file.too-large'],
    ['a long text in the wrong place', `{"x":"${'y'.repeat(16_100_000)}"}`, 'file.not-this-format'],
    ['nested beyond any file of ours', '['.repeat(6000) + ']'.repeat(6000), 'json.too-deep'],
    ['the same, cut short', '{"a":'.repeat(6000), 'json.too-deep']
  ])('%s', (_, raw, code) => expect(first(raw)).toBe(code))

  const hive = demo('hive-yard')
  test.each<[string, object, string, string]>([
    [
      'negative money',
      { money: { ...hive.money, reserve: -1 } },
      'money.negative',
      'money.reserve'
    ],
    [
      'fractional money',
      { money: { ...hive.money, reserve: 0.5 } },
      'money.fraction',
      'money.reserve'
    ],
    [
      'absurd money',
      { money: { ...hive.money, reserve: 1e18 } },
      'money.too-large',
      'money.reserve'
    ],
    ['a date that does not exist', { asOf: '2026-02-30' }, 'day.does-not-exist', 'asOf'],
    ['no date at all', { asOf: 'soon' }, 'day.format', 'asOf'],
    ['an unknown field', { colour: 'red' }, 'field.unknown', 'colour'],
    ['a missing field', { items: undefined }, 'field.missing', 'items'],
    ['a wrong kind of value', { builds: 'many' }, 'field.type', 'builds'],
    [
      'an unknown tool',
      { items: [{ ...hive.items[0], tool: 'warp-drive' }] },
      'unknown.tool',
      'items[0].tool'
    ],
    [
      'an unknown operation',
      {
        builds: [
          {
            ...build('bird-box'),
            steps: [{ id: 's', operation: 'teleport', quantity: 1, stock: {} }]
          }
        ]
      },
      'unknown.operation',
      'builds[0].steps[0].operation'
    ],
    [
      'an unknown offer',
      { quotes: [{ ...hive.quotes[0], offer: 'saw/of/no/kind/known' }] },
      'unknown.offer',
      'quotes[0].offer'
    ],
    ['a duplicate id', { items: [hive.items[0], hive.items[0]] }, 'id.duplicate', 'items[1].id'],
    ['an empty name', { name: '   ' }, 'text.empty', 'name'],
    [
      'no currency',
      { money: { ...hive.money, currency: 'euro' } },
      'currency.code',
      'money.currency'
    ],
    [
      'a horizon beyond five years',
      { horizon: { ...hive.horizon, count: 62 } },
      'horizon.too-long',
      'horizon.count'
    ],
    [
      'done before begun',
      {
        builds: [
          build('bird-box', { log: { begun: '2026-05-02', done: '2026-05-01', minutesSpent: 1 } })
        ]
      },
      'build.done-before-begun',
      'builds[0].log.done'
    ],
    ...(
      [
        [
          'sessions longer than the log',
          { sessions: [{ id: 's', on: '2026-05-01', minutes: 90 }] },
          'log.sessions-differ',
          'minutesSpent'
        ],
        [
          'a session before it was begun',
          { sessions: [{ id: 's', on: '2026-04-30', minutes: 9 }] },
          'log.session-outside',
          'sessions[0].on'
        ],
        [
          'a session twice',
          { sessions: [1, 2].map((minutes) => ({ id: 's', on: '2026-05-01', minutes })) },
          'log.twice',
          'sessions'
        ],
        [
          'a clock that runs on a finished build',
          { done: '2026-05-02', running: '2026-05-02T10:00:00.000Z' },
          'log.running-done',
          'running'
        ],
        [
          'ways that are not the log',
          { shared: { book: {}, ways: { 'bore/drill': 50 }, items: {} } },
          'log.shares-differ',
          'shared.ways'
        ],
        [
          'a tool in use longer than the build took',
          { shared: { book: {}, ways: {}, items: { saw: 61 } } },
          'log.item-too-long',
          'shared.items.saw'
        ]
      ] as const
    ).map(([name, log, code, path]): [string, object, string, string] => [
      name,
      { builds: [build('bird-box', { log: { begun: '2026-05-01', minutesSpent: 60, ...log } })] },
      code,
      `builds[0].log.${path}`
    ]),
    [
      'reversing what is not there',
      {
        ledger: [{ id: 'x', date: TODAY, kind: 'reversal', amount: 1, text: 'x', reverses: 'gone' }]
      },
      'unknown.entry',
      'ledger[0].reverses'
    ]
  ])('%s', (_, change, code, path) =>
    expect(refusals(text(change))).toContainEqual({ code, path, line: expect.any(Number) })
  )

  test('all problems at once, with their lines, at most twenty and how many more', () => {
    const bad = {
      ...hive,
      items: Array.from({ length: 30 }, (_, i) => ({
        ...hive.items[0],
        id: `i${i}`,
        tool: 'nothing'
      })),
      quotes: []
    }
    const read = readWorkspace(JSON.stringify(bad, null, 2), library)
    const issues = read.ok ? [] : read.issues
    expect(issues).toHaveLength(MOST_PROBLEMS + 1)
    expect(issues.at(-1)).toMatchObject({ code: 'file.more-problems', figures: { more: 10 } })
    const lines = JSON.stringify(bad, null, 2).split('\n')
    for (const { figures } of issues.slice(0, -1))
      expect(lines[Number(figures.line) - 1]).toContain('"tool": "nothing"')
  })
  test('a syntax error names its line and column', () => {
    const read = readWorkspace(
      '{\n  "format": "frugal-ledger/workspace",\n  "version": oops\n}',
      library
    )
    expect(read.ok ? undefined : read.issues[0]?.figures).toMatchObject({ line: 3, column: 14 })
  })
  test('a prototype in the file is a field like any other', () => {
    expect(first(demoText('hive-yard').replace('{', '{"__proto__": {"polluted": true},'))).toBe(
      'field.unknown'
    )
    expect(({} as Record<string, unknown>).polluted).toBeUndefined()
  })
})

describe('names', () => {
  test('markup stays text; direction marks are taken out and it is said', () => {
    const read = readWorkspace(
      text({ builds: [build('bird-box', { name: '<b>Box</b>\u202e gnp' })], plan: undefined }),
      library
    )
    if (!read.ok) throw new Error(JSON.stringify(read.issues))
    expect(read.value.workspace.builds[0]?.name).toBe('<b>Box</b> gnp')
    expect(read.value.notes).toMatchObject([{ code: 'file.cleaned', figures: { count: 1 } }])
  })
})

test('a file that was cut, swapped or garbled anywhere is refused or read, never a crash', () => {
  const whole = demoText('third-floor')
  fc.assert(
    fc.property(
      fc.nat(whole.length - 1),
      fc.nat(40),
      fc.string({ maxLength: 6 }),
      (at, length, patch) => {
        const read = readWorkspace(whole.slice(0, at) + patch + whole.slice(at + length), library)
        if (read.ok) expect(checkWorkspace(read.value.workspace, library).ok).toBe(true)
        else expect(read.issues.length).toBeGreaterThan(0)
      }
    ),
    { numRuns: 150 }
  )
})

describe('files found by attack', () => {
  const whole = JSON.parse(demoText('hive-yard')) as Record<string, unknown>
  const readOf = (change: object) => readWorkspace(JSON.stringify({ ...whole, ...change }), library)
  const money = whole.money as object
  test('whatever is planned and kept at the largest amounts can be read back', () => {
    const huge = readOf({
      money: { ...money, minorPer100Points: 100_000_000_000, reserve: 0 },
      ledger: [1, 2, 3].map((n) => ({
        id: `o${n}`,
        date: '2026-04-01',
        kind: n === 1 ? 'opening' : 'one-off',
        amount: 100_000_000_000,
        text: 'Purse'
      })),
      plan: undefined,
      quotes: []
    })
    if (!huge.ok) throw new Error(JSON.stringify(huge.issues))
    const world = worldOf(huge.value.workspace, library, '2026-05-04')
    const made = makePlan(world, { evaluations: 200 })
    if (made.kind === 'clash') throw new Error('clash')
    const kept = keepPlan(world, made.plan)
    expect(kept.adopted.at(-1)?.kept?.balance).toBe(300_000_000_000)
    const again = readWorkspace(writeWorkspace(kept, made.plan), library)
    expect(again.ok ? [] : again.issues).toEqual([])
  })
  test('a horizon beyond the last day that can be written is refused at the door', () => {
    const late = readOf({
      asOf: undefined,
      plan: undefined,
      horizon: { start: '2199-06-01', length: 'month', count: 12 }
    })
    expect(late.ok ? [] : late.issues.map(({ code }) => code)).toContain('horizon.too-late')
  })
  test('a key that stands twice is said, with its line, wherever it stands', () => {
    const twice = demoText('hive-yard').replace(/\}\s*$/, ', "ledger": [] }')
    expect(readWorkspace(twice, library)).toMatchObject({
      issues: [{ code: 'json.twice', figures: { key: 'ledger' } }]
    })
    expect(parseJson('{"format":"x","money":{"reserve":1,"reserve":2}}')).toMatchObject({
      issues: [{ code: 'json.twice', figures: { key: 'reserve', line: 1 } }]
    })
    // The same key in two objects, and one that stands in a text, are no repeats.
    expect(parseJson('{"a":{"b":1},"c":{"b":"\\"b\\":"}}').ok).toBe(true)
  })
  test('bytes that are no UTF-8 are refused; halves of characters are cleaned away and said', () => {
    expect(textOf(new Uint8Array([0x7b, 0xff, 0x7d]))).toMatchObject({
      ok: false,
      issues: [{ code: 'file.not-text' }]
    })
    const read = readOf({ name: 'Shop \ud800 one' })
    if (!read.ok) throw new Error(JSON.stringify(read.issues))
    expect([read.value.workspace.name, read.value.notes.map(({ code }) => code)]).toEqual([
      'Shop one',
      ['file.cleaned']
    ])
  })
  test('a name stands on one line and has at least one sign that is seen', () => {
    const lined = readOf({ name: 'Two\nlines' })
    expect(lined.ok && lined.value.workspace.name).toBe('Two lines')
    for (const name of ['\u200b', '\u2800\u3164', '\u00ad\u034f', ' \n '])
      expect(readOf({ name }).ok).toBe(false)
  })
  test('no more plans are kept than a file may hold', () => {
    const world = worldOf(demo('hive-yard'), library, '2026-05-04')
    const full = {
      ...world.workspace,
      adopted: Array.from({ length: 200 }, () => demoPlan('hive-yard'))
    }
    const kept = keepPlan(worldOf(full, library, '2026-05-04'), demoPlan('hive-yard'))
    expect([kept.adopted.length, kept.adopted.at(-1)?.kept !== undefined]).toEqual([200, true])
  })
})
