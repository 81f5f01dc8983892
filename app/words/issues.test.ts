import { readFileSync, readdirSync } from 'node:fs'
import { expect, test } from '@jest/globals'
import { demoWorld } from '../../tests/helpers/workspaces'
import { issue } from '../../core/kernel'
import { knownIssueCodes, sentence } from './issues'
import { sayFor } from './say'

const sources = (folder: string): string[] =>
  readdirSync(new URL(`../../${folder}/`, import.meta.url), { recursive: true, encoding: 'utf8' })
    .filter((file) => /\.(ts|vue)$/.test(file) && !file.endsWith('.test.ts'))
    .map((file) => readFileSync(new URL(`../../${folder}/${file}`, import.meta.url), 'utf8'))

test('every issue code of the core and the application has its sentence', () => {
  const text = [...sources('core'), ...sources('app')].join('\n')
  const made = [
    ...text.matchAll(/\bissue\([^']{0,40}'([a-z-]+\.[a-z-]+)'/g),
    ...text.matchAll(/: '((?:ledger-csv|items-csv|quotes)\.[a-z-]+)'/g),
    ...text.matchAll(
      /, '((?:id|text|money|number|list|currency|link|moment|ledger-csv|items-csv|ledger)\.[a-z-]+)'\)/g
    )
  ].map(([, code]) => code ?? '')
  const missing = [...new Set(made)].filter(
    (code) => !code.startsWith('library.') && !knownIssueCodes().includes(code)
  )
  expect(made.length).toBeGreaterThan(60)
  expect(missing).toEqual([])
})

test('every kind of miss has its sentence', () => {
  const kinds = [
    'role',
    'spec',
    'limit',
    'accuracy',
    'tie',
    'companion',
    'protection',
    'comfort',
    'circuit',
    'banned'
  ]
  expect(kinds.filter((kind) => !knownIssueCodes().includes(`plan.miss.${kind}`))).toEqual([])
})

test('a sentence names the item, the figure and the day in the workspace’s own currency', () => {
  const say = sayFor(demoWorld('hive-yard'))
  const text = sentence(
    issue('plan.below-reserve', [], {
      on: '2026-07-01',
      date: '2026-06-01',
      balance: 1250,
      reserve: 4000,
      short: 2750
    }),
    say
  )
  expect(text).toBe(
    'Paying on 1 Jun leaves €12.50 on 1 Jul; you keep back €40, so €27.50 is missing.'
  )
})

test('lengths are said in the user’s units', () => {
  expect([
    sayFor(demoWorld('hive-yard')).length(38.1),
    sayFor(demoWorld('half-a-garage')).length(38.1)
  ]).toEqual(['38 mm', '1 1/2 in'])
})
