import { readFileSync } from 'node:fs'
import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import Papa from 'papaparse'
import {
  DEMO_FILES,
  TODAY,
  build,
  demo,
  demoPlan,
  demoText,
  demoWorld,
  emptyWorkspace,
  funds,
  item
} from '../../tests/helpers/workspaces'
import { library } from '../../data'
import { makePlan } from '../search'
import { worldOf, type Workspace } from '../workspace'
import {
  MOST_PROBLEMS,
  checkWorkspace,
  pathText,
  planCsv,
  readKept,
  readPlan,
  readProven,
  readWorkspace,
  textOf,
  writeWorkspace
} from '.'
import { LARGEST_FILE, parseJson } from './json'
import { keepPlan } from '../against'

const text = (change: object): string => JSON.stringify({ ...demo('hive-yard'), ...change })
const refusals = (raw: string): { code: string; path: string; line: unknown }[] => {
  const read = readWorkspace(raw, library)
  return read.ok
    ? []
    : read.issues.map(({ code, path, figures }) => ({
        code,
        path: pathText(path),
        line: figures.line
      }))
}
const first = (raw: string): string | undefined => refusals(raw)[0]?.code

describe.each(DEMO_FILES)('demo %s', (name) => {
  test('is read, and written as it was', () => {
    const read = readWorkspace(demoText(name), library)
    expect(read.ok ? read.value.notes : read.issues).toEqual([])
    expect(read.ok && JSON.parse(writeWorkspace(read.value.workspace, read.value.plan))).toEqual(
      JSON.parse(demoText(name))
    )
  })
})

describe('files that are refused', () => {
  test.each<[string, string, string]>([
    ['nothing', '', 'file.empty'],
    ['white space', ' \n ', 'file.empty'],
    ['no JSON', 'hello', 'json.syntax'],
    ['cut short', demoText('hive-yard').slice(0, 900), 'json.syntax'],
    ['an array', '[]', 'file.not-this-format'],
    ['another format', '{"format":"something/else","version":1}', 'file.not-this-format'],
    ['no version', '{"format":"frugal-ledger/workspace"}', 'file.no-version'],
    ['a newer one', text({ version: 3 }), 'file.newer'],
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

describe('versions', () => {
  test('a stored file of version 1 is read as it was, brought up to version 2, and that is said', () => {
    const old = readFileSync(
      new URL('../../tests/fixtures/workspace-version-1.json', import.meta.url),
      'utf8'
    )
    const read = readWorkspace(old, library)
    if (!read.ok) throw new Error(JSON.stringify(read.issues))
    expect(read.value.notes).toMatchObject([{ code: 'file.migrated', figures: { from: 1, to: 2 } }])
    const { trail, version, ...rest } = read.value.workspace
    const { version: _old, plan, ...was } = JSON.parse(old) as Record<string, unknown>
    expect(read.value.plan).toEqual(plan)
    expect([version, trail, rest]).toEqual([2, { changed: {}, removed: {}, handed: [] }, was])
  })
  test('an older file is brought up step by step; the steps are pure', () => {
    const old = { ...demo('hive-yard'), version: -1, title: 'Old name', name: undefined }
    const before = JSON.stringify(old)
    const migrations = [
      {
        from: -1,
        apply: ({ title, ...rest }: Record<string, unknown>) => ({ ...rest, called: title })
      },
      {
        from: 0,
        apply: ({ called, ...rest }: Record<string, unknown>) => ({ ...rest, name: called })
      },
      { from: 1, apply: (data: Record<string, unknown>) => data }
    ]
    const read = readWorkspace(JSON.stringify(old), library, migrations)
    expect(read.ok && read.value.workspace.name).toBe('Old name')
    expect(read.ok && read.value.notes).toMatchObject([
      { code: 'file.migrated', figures: { from: -1, to: 2 } }
    ])
    expect(JSON.stringify(old)).toBe(before)
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

describe('the plan', () => {
  const world = demoWorld('hive-yard')
  const made = makePlan(world, { evaluations: 1200 })
  if (made.kind !== 'planned') throw new Error(made.kind)
  test('as CSV is read by an independent reader with every line and the same sum', () => {
    const parsed = Papa.parse<Record<string, string>>(planCsv(world, made.plan), {
      header: true,
      skipEmptyLines: true
    })
    expect(parsed.errors).toEqual([])
    expect(parsed.data).toHaveLength(made.plan.purchases.length + made.plan.builds.length)
    expect(Math.round(parsed.data.reduce((sum, row) => sum + Number(row.amount) * 100, 0))).toBe(
      made.report.spent
    )
    expect(planCsv(world, made.plan)).toContain('\r\n')
  })
  test('cells a spreadsheet would run are made inert', () => {
    const evil: Workspace = {
      ...emptyWorkspace({
        ...funds(90_000, 0),
        items: [item('tape'), item('sawhorses'), item('sanding-block')]
      }),
      builds: [build('sheet-stack', { name: '=HYPERLINK("x")' })]
    }
    const there = worldOf(evil, library, TODAY)
    const plan = makePlan(there)
    if (plan.kind !== 'planned') throw new Error(plan.kind)
    expect(planCsv(there, plan.plan)).toContain(`'=HYPERLINK`)
  })
  test('a workspace file is no plan, and a damaged plan says where', () => {
    const read = readPlan(demoText('hive-yard'))
    expect(read.ok ? '' : read.issues[0]?.code).toBe('file.not-this-format')
    const damaged = readPlan(
      JSON.stringify({
        ...made.plan,
        purchases: [{ ...made.plan.purchases[0], date: '2026-02-31' }]
      })
    )
    expect(damaged.ok ? [] : damaged.issues.map((one) => pathText(one.path))).toEqual([
      'purchases[0].date'
    ])
  })
})

describe('what the cut list and the workshop add to the file', () => {
  const part = {
    id: 'p1',
    name: 'Side',
    quantity: 2,
    lengthMm: 900,
    widthMm: 300,
    thicknessMm: 18,
    stock: 'sheet',
    joints: [{ joint: 'dado', count: 3 }],
    grain: false
  }
  const withBuild = (change: object): string =>
    text({ builds: [{ ...demo('hive-yard').builds[0], ...change }], plan: undefined })
  const withWorkshop = (change: object): string =>
    text({ workshop: { ...demo('hive-yard').workshop, ...change } })

  test('a build keeps its parts, its bearing and the surfaces of its steps', () => {
    const steps = [
      {
        id: 's1',
        operation: 'crosscut',
        quantity: 2,
        stock: { widthMm: 300 },
        accuracyMm: 1,
        surface: 'clean'
      }
    ]
    const read = readWorkspace(
      withBuild({ parts: [part], bearing: 'carries-people', steps }),
      library
    )
    expect(read.ok && read.value.workspace.builds[0]).toMatchObject({
      parts: [part],
      bearing: 'carries-people',
      steps
    })
  })
  test.each<[string, object, string, string]>([
    [
      'no length',
      { parts: [{ ...part, lengthMm: 0 }] },
      'number.too-small',
      'builds[0].parts[0].lengthMm'
    ],
    [
      'an absurd width',
      { parts: [{ ...part, widthMm: 1e9 }] },
      'number.too-large',
      'builds[0].parts[0].widthMm'
    ],
    [
      'half a piece',
      { parts: [{ ...part, quantity: 1.5 }] },
      'number.whole',
      'builds[0].parts[0].quantity'
    ],
    [
      'a stock nobody sells',
      { parts: [{ ...part, stock: 'driftwood' }] },
      'field.choice',
      'builds[0].parts[0].stock'
    ],
    [
      'a joint nobody knows',
      { parts: [{ ...part, joints: [{ joint: 'warp', count: 1 }] }] },
      'field.choice',
      'builds[0].parts[0].joints[0].joint'
    ],
    [
      'a surface nobody knows',
      { steps: [{ id: 's1', operation: 'crosscut', quantity: 1, stock: {}, surface: 'shiny' }] },
      'field.choice',
      'builds[0].steps[0].surface'
    ],
    [
      'a field of a part that does not exist',
      { parts: [{ ...part, colour: 'red' }] },
      'field.unknown',
      'builds[0].parts[0].colour'
    ]
  ])('%s is refused with its place', (_, change, code, path) =>
    expect(refusals(withBuild(change))).toContainEqual(expect.objectContaining({ code, path }))
  )

  test('humidity is a range, and trade names are one of the sets', () => {
    expect(refusals(withWorkshop({ humidity: { low: 30, high: 70 } }))).toEqual([])
    expect(refusals(withWorkshop({ humidity: { low: 70, high: 30 } }))).toContainEqual(
      expect.objectContaining({ code: 'workshop.humidity' })
    )
    expect(refusals(withWorkshop({ humidity: { low: 0, high: 120 } })).length).toBe(2)
    expect(
      refusals(text({ preferences: { ...demo('hive-yard').preferences, names: 'british' } }))
    ).toEqual([])
    expect(
      refusals(text({ preferences: { ...demo('hive-yard').preferences, names: 'martian' } }))
    ).toContainEqual(expect.objectContaining({ code: 'field.choice', path: 'preferences.names' }))
  })
  test('a method of one’s own with a work-around is kept; one that reaches less than it has is refused', () => {
    const method = { ...library.methods.get('rip/table-saw'), id: 'my/rip' }
    const own = (rules: unknown): string =>
      text({
        own: {
          operations: [],
          tools: [],
          materials: [],
          methods: [{ ...method, roles: [{ role: 'table-saw', count: 1, rules }] }]
        }
      })
    const rule = { spec: 'depthMm', is: 'atLeast', bound: { stock: 'thicknessMm' } }
    const around = { how: 'two-sides', reach: 2, setupMinutes: 1, runMinutes: 1, errorMm: 0.3 }
    expect(refusals(own([{ ...rule, otherwise: around }]))).toEqual([])
    expect(refusals(own([{ ...rule, otherwise: { ...around, reach: 0.5 } }]))).toContainEqual(
      expect.objectContaining({
        code: 'number.too-small',
        path: 'own.methods[0].roles[0].rules[0].otherwise.reach'
      })
    )
    expect(refusals(own([{ ...rule, otherwise: { ...around, how: 'magic' } }]))).toContainEqual(
      expect.objectContaining({ code: 'field.choice' })
    )
  })
})

describe('a workspace whose ledger is known to be what was written', () => {
  test('is read as any other, everything but the ledger checked', () => {
    const kept = demo('hive-yard')
    expect(readProven(kept, library)).toEqual(readKept(kept, library))
    const wrong = readProven(
      { ...kept, items: [{ ...kept.items[0], tool: 'warp' }] } as unknown as Workspace,
      library
    )
    expect(wrong.ok ? '' : wrong.issues[0]?.code).toBe('unknown.tool')
    const photo = { id: 'p', entry: 'gone', type: 'image/jpeg', widthPx: 1, heightPx: 1, bytes: 1 }
    const pictured = readProven({ ...kept, photos: [photo] } as unknown as Workspace, library)
    expect(pictured.ok ? '' : pictured.issues[0]?.code).toBe('unknown.entry')
  })
  test('of an older version is brought up to date with all checks', () => {
    const old = JSON.parse(
      readFileSync(
        new URL('../../tests/fixtures/workspace-version-1.json', import.meta.url),
        'utf8'
      )
    ) as Workspace
    expect(readProven(old, library)).toMatchObject({
      ok: true,
      value: { notes: [{ code: 'file.migrated' }] }
    })
    const wrong = readProven(
      { ...old, ledger: [{ ...old.ledger[0], amount: 0.5 }] } as unknown as Workspace,
      library
    )
    expect(wrong.ok ? '' : wrong.issues[0]?.code).toBe('money.fraction')
  })
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
