/** Unit tests stand beside the code; what crosses folders is under tests/. Browser tests are Playwright's. */
export default {
  testEnvironment: 'node',
  roots: [
    '<rootDir>/core',
    '<rootDir>/data',
    '<rootDir>/app',
    '<rootDir>/cli',
    '<rootDir>/server',
    '<rootDir>/tests'
  ],
  testMatch: ['**/*.test.ts'],
  extensionsToTreatAsEsm: ['.ts'],
  moduleFileExtensions: ['ts', 'mjs', 'js', 'json'],
  transform: {
    '^.+\\.ts$': [
      '@swc/jest',
      {
        jsc: { parser: { syntax: 'typescript' }, target: 'es2022' },
        module: { type: 'es6' },
        sourceMaps: 'inline'
      }
    ]
  },
  setupFiles: ['<rootDir>/tests/setup.ts'],
  testTimeout: 900000
}
