import jest from './jest.config.mjs'

/**
 * Which tests notice which changes: a room of the core is changed on purpose, and the tests that hold it are asked. The room comes from
 * the environment; `npm run mutants` goes through all of them.
 */
export const ROOMS = {
  money: { change: ['core/money/*.ts'], tests: ['core/money', 'core/units'] },
  calendar: { change: ['core/calendar/*.ts'], tests: ['core/calendar'] },
  ledger: {
    change: ['core/ledger/*.ts'],
    tests: ['core/ledger', 'core/workspace/purchases']
  },
  kernel: {
    change: ['core/fit/kernel/*.ts'],
    tests: [
      'core/fit',
      'tests/trade/exactness',
      'tests/trade/worked-builds',
      'tests/library/capacity'
    ]
  },
  evaluator: {
    change: [
      'core/plan/evaluate.ts',
      'core/plan/evaluate-builds.ts',
      'core/plan/evaluate-cash.ts',
      'core/plan/evaluate-hours.ts',
      'core/plan/evaluate-purchases.ts',
      'core/plan/terms.ts',
      'core/plan/value.ts'
    ],
    tests: ['core/plan', 'core/search/choices']
  }
}
const room = ROOMS[process.env.MUTANTS_ROOM ?? 'money']

export default {
  testRunner: 'jest',
  testRunnerNodeArgs: ['--experimental-vm-modules', '--disable-warning=ExperimentalWarning'],
  jest: {
    projectType: 'custom',
    enableFindRelatedTests: false,
    config: {
      ...jest,
      testEnvironment: '@stryker-mutator/jest-runner/jest-env/node',
      testMatch: room.tests
        .map((place) => `<rootDir>/${place}*/**/*.test.ts`)
        .concat(room.tests.map((place) => `<rootDir>/${place}*.test.ts`))
    }
  },
  coverageAnalysis: 'perTest',
  mutate: [...room.change, '!core/**/*.test.ts', '!core/**/index.ts'],
  ignoreStatic: true,
  concurrency: 2,
  timeoutMS: 20_000,
  allowConsoleColors: false,
  reporters: ['clear-text', 'json'],
  clearTextReporter: {
    allowColor: false,
    reportTests: false,
    logTests: false,
    reportMutants: false
  },
  jsonReporter: { fileName: `test-results/mutants-${process.env.MUTANTS_ROOM ?? 'money'}.json` },
  tempDirName: 'test-results/mutants'
}
