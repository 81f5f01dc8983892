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
    '^.+\\.ts$': '<rootDir>/scripts/jest-transform.mjs'
  },
  setupFiles: ['<rootDir>/tests/setup.ts'],
  testTimeout: 900000
}
