import { spawnSync } from 'node:child_process'
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterAll, beforeAll, describe, expect, test } from '@jest/globals'
import { DEMO_FILES, demo } from '../tests/helpers/workspaces'
import type { Ladder } from '../core/ladder'
import type { Plan } from '../core/workspace'

let folder = ''
beforeAll(() => {
  folder = mkdtempSync(join(tmpdir(), 'ledger-'))
})
afterAll(() => rmSync(folder, { recursive: true, force: true }))

function run(
  command: 'plan' | 'check' | 'ladder' | 'library' | 'generate',
  ...args: string[]
): { status: number | null; out: string; errors: string } {
  const { status, stdout, stderr } = spawnSync(
    process.execPath,
    ['--import', 'tsx', `${command === 'generate' ? 'scripts' : 'cli'}/${command}.ts`, ...args],
    { encoding: 'utf8' }
  )
  return { status, out: stdout, errors: stderr }
}
const keep = (name: string, data: unknown): string => {
  const path = join(folder, name)
  writeFileSync(path, typeof data === 'string' ? data : JSON.stringify(data))
  return path
}

const valueIn = (text: string): number => Number(/^value +(-?[\d.]+)/m.exec(text)?.[1])
/** The terms of a value, added up. */
const termsIn = (text: string): number =>
  [...text.matchAll(/^ {2}\w+ +(-?[\d.]+)$/gm)].reduce((sum, [, figure]) => sum + Number(figure), 0)

describe.each(DEMO_FILES)('%s', (name) => {
  test('has its ladder printed: sums add up, nothing owned is on it', () => {
    const { status, out } = run('ladder', `data/demo/${name}.json`)
    expect(status).toBe(0)
    const { rungs } = JSON.parse(out) as Ladder
    expect(rungs.reduce((sum, { cost }) => sum + cost, 0)).toBe(rungs.at(-1)?.total)
    const owned = new Set(demo(name).items.map(({ tool }) => tool))
    expect(rungs.filter(({ lead }) => owned.has(lead.tool) && lead.count === 1)).toEqual([])
  })
  test('is planned, and its plan breaks no rule', () => {
    const file = `data/demo/${name}.json`
    const planned = run('plan', file, '--evaluations', '2500', '--seed', '7', '--no-bound')
    expect([
      planned.status,
      /^value +\d/m.test(planned.errors),
      /^evaluations +2\d{3}$/m.test(planned.errors)
    ]).toEqual([0, true, true])
    // The same seed and number of evaluations: the same plan.
    expect(run('plan', file, '--evaluations', '2500', '--seed', '7', '--no-bound').out).toBe(
      planned.out
    )
    const plan = JSON.parse(planned.out) as Plan
    expect(plan.format).toBe('frugal-ledger/plan')
    const checked = run('check', file, keep(`${name}.plan.json`, plan))
    expect([checked.status, checked.out]).toEqual([0, 'The plan breaks no rule.\n'])
    // What it is worth, the same as when it was made; the terms add up to it.
    expect(valueIn(checked.errors)).toBeCloseTo(valueIn(planned.errors), 1)
    expect(termsIn(checked.errors)).toBeCloseTo(valueIn(checked.errors), 0)
    const forged = {
      ...plan,
      purchases: plan.purchases.map((one, i) => (i === 0 ? { ...one, price: 1 } : one))
    }
    const caught = run('check', file, keep(`${name}.forged.json`, forged))
    expect([
      caught.status,
      caught.out.includes('purchases[0]') && caught.out.includes('its price is')
    ]).toEqual([1, true])
  })
})

test('what cannot be read ends with 2 and says why on stderr, nothing on stdout', () => {
  const bad = keep('bad.json', {
    ...demo('hive-yard'),
    money: { ...demo('hive-yard').money, reserve: -5 }
  })
  for (const args of [
    ['plan', bad],
    ['plan', join(folder, 'none.json')],
    ['plan'],
    ['ladder'],
    ['ladder', bad],
    ['check', bad, bad],
    ['check', 'data/demo/hive-yard.json', keep('broken.json', '{')],
    ['check']
  ] as const) {
    const { status, out, errors } = run(args[0], ...args.slice(1))
    expect([args[0], status, out, errors.length > 20, /\bat .*\.ts:\d+/.test(errors)]).toEqual([
      args[0],
      2,
      '',
      true,
      false
    ])
  }
  expect(run('plan', bad).errors).toContain('money.reserve: This amount must not be negative.')
})

test('a generated workspace is planned, with what the plan is worth and how much better one could be', () => {
  const made = run('generate', '--size', 'small', '--seed', '2')
  expect([made.status, made.errors]).toEqual([0, ''])
  expect(run('generate', '--size', 'small', '--seed', '2').out).toBe(made.out)
  const file = keep('generated.json', made.out)
  const planned = run('plan', file, '--seconds', '1', '--seed', '3')
  const figure = (name: string): number =>
    Number(new RegExp(`^${name} +(\\d+(\\.\\d+)?)`, 'm').exec(planned.errors)?.[1] ?? Number.NaN)
  expect(planned.status).toBe(0)
  expect(figure('upper bound')).toBeGreaterThanOrEqual(figure('value') - 1)
  expect(planned.errors).toMatch(/^possible gain +at most/m)
  expect(run('check', file, keep('generated.plan.json', planned.out)).out).toBe(
    'The plan breaks no rule.\n'
  )
  for (const args of [
    ['generate'],
    ['generate', '--size', 'huge', '--seed', '1'],
    ['generate', '--size', 'small', '--seed', 'x'],
    ['plan', file, '--seconds', 'soon'],
    ['plan', file, '--evaluations', '0']
  ] as const) {
    const { status, out } = run(args[0], ...args.slice(1))
    expect([args.join(' '), status, out]).toEqual([args.join(' '), 2, ''])
  }
})

test('library counts what there is, follows every reference and ends well', () => {
  const { status, out, errors } = run('library')
  expect([status, errors]).toEqual([0, ''])
  for (const line of [
    'operations',
    'methods',
    'tools',
    'shop-made jigs',
    'build templates',
    'references checked'
  ])
    expect(out).toMatch(new RegExp(`^${line} +\\d+`, 'm'))
  expect(out).toContain('Every reference holds.')
  const json = JSON.parse(run('library', '--json').out) as {
    operations: number
    methods: number
    methodsByForm: Record<string, number>
    problems: unknown[]
  }
  expect(json.problems).toEqual([])
  expect(Object.values(json.methodsByForm).reduce((sum, count) => sum + count, 0)).toBe(
    json.methods
  )
})

test('whoever reads may stop reading: a closed pipe is no fault', () => {
  const { status, stderr } = spawnSync(
    'bash',
    [
      '-c',
      `"${process.execPath}" --import tsx scripts/generate.ts --size large --seed 1 | head -c 10 > /dev/null; exit "\${PIPESTATUS[0]}"`
    ],
    { encoding: 'utf8' }
  )
  expect([status, stderr]).toEqual([0, ''])
})

test('days that do not exist, nesting without end and bytes that are no text are said, and end with 2', () => {
  const plan = {
    format: 'frugal-ledger/plan',
    version: 1,
    workspace: { id: 'demo-hive-yard', hash: 'x' },
    libraryVersion: '1',
    asOf: '2026-02-30',
    until: '2026-13-01',
    purchases: [],
    builds: []
  }
  const checked = run('check', 'data/demo/hive-yard.json', keep('days.json', plan))
  expect([checked.status, checked.errors.match(/2026-02-30|2026-13-01/g)?.length]).toEqual([2, 2])
  const deep = run('plan', keep('deep.json', '['.repeat(6000)))
  expect([deep.status, deep.errors.includes('64 deep')]).toEqual([2, true])
  const path = join(folder, 'bytes.json')
  writeFileSync(path, Buffer.from([0xff, 0xfe, 0x7b, 0x7d]))
  const bytes = run('plan', path)
  expect([bytes.status, bytes.errors.includes('UTF-8')]).toEqual([2, true])
})
