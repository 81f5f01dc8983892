import { spawnSync } from 'node:child_process'
import { describe, expect, test } from '@jest/globals'
import { ESLint } from 'eslint'

const cruise = (...folders: string[]): { status: number | null; out: string } => {
  const { status, stdout } = spawnSync(
    process.execPath,
    [
      'node_modules/dependency-cruiser/bin/dependency-cruise.mjs',
      '--config',
      '.dependency-cruiser.cjs',
      ...folders
    ],
    { encoding: 'utf8' }
  )
  return { status, out: stdout }
}

describe('imports run one way: core ← (storage, workers, cli, server) ← stores ← views', () => {
  test('in the project', () =>
    expect(cruise('core', 'data', 'app', 'cli', 'server').status).toBe(0))
  test('and the rule can fail: a core that knows a store, a store that knows a view', () => {
    const { status, out } = cruise('tests/architecture/fixtures')
    expect(status).not.toBe(0)
    expect(out).toContain('core-stands-alone')
    expect(out).toContain('stores-below-views')
  })
})

describe('the linter says the same where the code is written', () => {
  const lint = async (code: string, filePath: string): Promise<string[]> =>
    (await new ESLint().lintText(code, { filePath }))[0]?.messages.map(
      ({ ruleId }) => ruleId ?? ''
    ) ?? []
  test.each([
    [
      "import { ref } from 'vue'\nexport const x = ref",
      'core/fit/probe.ts',
      'no-restricted-imports'
    ],
    ["import { z } from 'zod'\nexport const x = z", 'core/fit/probe.ts', 'no-restricted-imports'],
    ['export const x = Math.random()', 'core/fit/probe.ts', 'no-restricted-properties'],
    ['export const x = document', 'core/fit/probe.ts', 'no-restricted-globals'],
    ["export * from './kit'", 'core/fit/index.ts', 'no-restricted-syntax'],
    [
      "import { x } from '../views/bench'\nexport const y = x",
      'app/stores/probe.ts',
      'no-restricted-imports'
    ],
    [
      "import { x } from '../../app/stores/y'\nexport const y = x",
      'cli/probe.ts',
      'no-restricted-imports'
    ],
    [
      "import { evaluate } from '../../core/plan'\nexport const y = evaluate",
      'app/stores/probe.ts',
      '@typescript-eslint/no-restricted-imports'
    ],
    [
      "import { searchPlan } from '../../../core/search'\nexport const y = searchPlan",
      'app/views/bench/probe.ts',
      '@typescript-eslint/no-restricted-imports'
    ]
  ])('%s in %s', async (code, file, rule) => expect(await lint(code, file)).toContain(rule))
  test('and keeps quiet about what is allowed', async () =>
    expect(
      await lint("import { z } from 'zod'\nexport const x = z\n", 'core/formats/probe.ts')
    ).toEqual([]))
  test('a worker judges, and the page may move a purchase', async () => {
    expect(
      await lint(
        "import { evaluate } from '../../core/plan'\nexport const y = evaluate\n",
        'app/workers/probe.ts'
      )
    ).toEqual([])
    expect(
      await lint(
        "import { movePurchase } from '../../core/plan'\nexport const y = movePurchase\n",
        'app/stores/probe.ts'
      )
    ).toEqual([])
  })
})
