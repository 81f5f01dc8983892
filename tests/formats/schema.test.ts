import { readFileSync } from 'node:fs'
import { describe, expect, test } from '@jest/globals'
import { Ajv2020 } from 'ajv/dist/2020.js'
import addFormats from 'ajv-formats'
import {
  feedJsonSchema,
  planJsonSchema,
  readWorkspace,
  schemaText,
  workspaceJsonSchema,
  writeWorkspace,
  crossCheck,
  checkShape
} from '../../core/formats'
import { fingerprint } from '../../core/kernel'
import { library } from '../../data'
import { damaged } from '../helpers/mutate'
import { DEMO_FILES, demo, demoText } from '../helpers/workspaces'

/** Ajv (registry library) is the independent judge of the published JSON Schema, draft 2020-12. */
const ajv = new Ajv2020({ strict: false, allErrors: false })
;(addFormats as unknown as (target: Ajv2020) => void)(ajv)
const accepts = ajv.compile(workspaceJsonSchema())
const CASES = Number(process.env.MUTATED ?? 250)

test.each([
  ['workspace', workspaceJsonSchema],
  ['plan', planJsonSchema],
  ['price-feed', feedJsonSchema]
] as const)(
  'the published schema of the %s is the one files are read by (npm run schema writes it)',
  (name, make) => {
    expect(readFileSync(new URL(`../../docs/${name}.schema.json`, import.meta.url), 'utf8')).toBe(
      schemaText(make())
    )
  }
)

test.each(DEMO_FILES)('the schema accepts the demo %s', (name) => {
  expect(accepts(JSON.parse(demoText(name)))).toBe(true)
})

test('a field of every kind that is wrong is refused by the schema too', () => {
  const hive = demo('hive-yard')
  const wrong: object[] = [
    { ...hive, colour: 'red' },
    { ...hive, money: { ...hive.money, reserve: -1 } },
    { ...hive, money: { ...hive.money, reserve: 0.5 } },
    { ...hive, asOf: '2026-02-30' },
    { ...hive, asOf: '1850-01-01' },
    { ...hive, name: ' \u200b' },
    { ...hive, items: undefined },
    { ...hive, ledger: [{ ...hive.ledger[0], warrantyUntil: 'soon' }] },
    {
      ...hive,
      offers: [
        {
          id: 'my/x',
          tool: 'tape',
          tier: 'weekend',
          condition: 'used',
          acquisition: 'buy',
          power: 'hand',
          link: 'javascript:alert(1)'
        }
      ]
    },
    { ...hive, trail: { changed: { money: 'now' }, removed: {}, handed: [] } }
  ]
  for (const one of wrong)
    expect([accepts(JSON.parse(JSON.stringify(one))), checkShape(one).ok]).toEqual([false, false])
})

describe(`${CASES} damaged files, seeded`, () => {
  const texts = DEMO_FILES.map(demoText)
  const present = demo('hive-yard')
  const before = fingerprint(present)
  test('no crash; nothing is accepted that the schema or a cross-reference refuses; shape is judged alike; present data stays', () => {
    let [accepted, refused] = [0, 0]
    for (let seed = 1; seed <= CASES; seed++) {
      const text = damaged(texts[seed % texts.length] ?? '', seed)
      const read = readWorkspace(text, library)
      let raw: unknown
      try {
        raw = JSON.parse(text.replace(/^\ufeff/, ''))
      } catch {
        expect([seed, read.ok]).toEqual([seed, false])
      }
      if (raw !== undefined) expect([seed, checkShape(raw).ok]).toEqual([seed, accepts(raw)])
      if (read.ok) {
        accepted++
        expect([
          seed,
          accepts(JSON.parse(writeWorkspace(read.value.workspace))),
          crossCheck(read.value.workspace, library)
        ]).toEqual([seed, true, []])
      } else {
        refused++
        expect(read.issues.length).toBeGreaterThan(0)
      }
    }
    expect(refused).toBeGreaterThan(CASES / 2)
    expect(accepted).toBeGreaterThan(0)
    expect(fingerprint(present)).toBe(before)
    expect(({} as Record<string, unknown>).colour).toBeUndefined()
  })
})
