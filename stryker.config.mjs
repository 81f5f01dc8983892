import jest from './jest.config.mjs'

/**
 * Which tests notice which changes: a room of the core is changed on purpose, and the tests that hold it, `tests/mutants/<room>.ts`, are
 * asked. The room comes from the environment; `npm run mutants` goes through all of them.
 */
export const ROOMS = {
  money: ['core/money/*.ts'],
  calendar: ['core/calendar/*.ts'],
  ledger: ['core/ledger/*.ts'],
  kernel: ['core/fit/kernel/*.ts'],
  evaluator: [
    'core/plan/evaluate.ts',
    'core/plan/evaluate-builds.ts',
    'core/plan/evaluate-cash.ts',
    'core/plan/evaluate-hours.ts',
    'core/plan/evaluate-purchases.ts',
    'core/plan/terms.ts',
    'core/plan/value.ts'
  ]
}
const room = process.env.MUTANTS_ROOM ?? 'money'

export default {
  testRunner: 'jest',
  testRunnerNodeArgs: ['--experimental-vm-modules', '--disable-warning=ExperimentalWarning'],
  jest: {
    projectType: 'custom',
    enableFindRelatedTests: false,
    config: {
      ...jest,
      testEnvironment: '@stryker-mutator/jest-runner/jest-env/node',
      testMatch: [`<rootDir>/tests/mutants/${room}.ts`]
    }
  },
  coverageAnalysis: 'perTest',
  mutate: [...ROOMS[room], '!core/**/*.test.ts', '!core/**/index.ts'],
  ignoreStatic: true,
  concurrency: 2,
  timeoutMS: 8_000,
  allowConsoleColors: false,
  reporters: ['clear-text', 'json', 'progress-append-only'],
  clearTextReporter: {
    allowColor: false,
    reportTests: false,
    logTests: false,
    reportMutants: false
  },
  jsonReporter: { fileName: `test-results/mutants-${room}.json` },
  tempDirName: 'test-results/mutants'
}
