import { readFileSync } from 'node:fs'
import { describe, expect, test } from '@jest/globals'
import Papa from 'papaparse'
import {
  DEMO_FILES,
  TODAY,
  build,
  demo,
  demoText,
  demoWorld,
  emptyWorkspace,
  funds,
  item
} from '../../tests/helpers/workspaces'
import { library } from '../../data'
import { makePlan } from '../search'
import { worldOf, type Workspace } from '../workspace'
import { pathText, planCsv, readKept, readPlan, readProven, readWorkspace, writeWorkspace } from '.'
import { text, refusals } from '../../tests/helpers/refusals'

describe.each(DEMO_FILES)('demo %s', (name) => {
  test('is read, and written as it was', () => {
    const read = readWorkspace(demoText(name), library)
    expect(read.ok ? read.value.notes : read.issues).toEqual([])
    expect(read.ok && JSON.parse(writeWorkspace(read.value.workspace, read.value.plan))).toEqual(
      JSON.parse(demoText(name))
    )
  })
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
      made.plan.purchases.reduce((sum, { price }) => sum + price, 0) +
        made.plan.builds.reduce((sum, { material }) => sum + material, 0)
    )
    expect(planCsv(world, made.plan)).toContain('\r\n')
  })
  test('cells a spreadsheet would run are made inert', () => {
    const evil: Workspace = {
      ...emptyWorkspace({
        ...funds(90_000, 0),
        items: [item('tape'), item('sawhorses'), item('sanding-block')]
      }),
      builds: [build('garage-shelves', { name: '=HYPERLINK("x")' })]
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
      value: { notes: [{ code: 'file.migrated' }, { code: 'file.other-library' }] }
    })
    const wrong = readProven(
      { ...old, ledger: [{ ...old.ledger[0], amount: 0.5 }] } as unknown as Workspace,
      library
    )
    expect(wrong.ok ? '' : wrong.issues[0]?.code).toBe('money.fraction')
  })
})
