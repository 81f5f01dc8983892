// Lint, types, unit tests, browser tests, one after another; ends with the counts of both runners. Fails when anything failed or nothing ran.
import { spawnSync } from 'node:child_process'
import { existsSync, readFileSync, rmSync } from 'node:fs'

rmSync('test-results', { recursive: true, force: true })
const steps = [
  ['Lint', 'node_modules/eslint/bin/eslint.js', '.'],
  ['Boundaries', 'node_modules/dependency-cruiser/bin/dependency-cruise.mjs', '--config', '.dependency-cruiser.cjs', 'core', 'data', 'app', 'cli', 'server'],
  ['Types', 'node_modules/vue-tsc/bin/vue-tsc.js', '--noEmit', '-p', 'tsconfig.json'],
  ['Known faults of the packages', '--import', 'tsx', 'scripts/audit.ts'],
  ['Unit tests', 'scripts/unit.mjs'],
  ['Browser tests', 'node_modules/@playwright/test/cli.js', 'test']
]
const broken = []
for (const [name, ...args] of steps) {
  console.log(`\n== ${name}`)
  const started = Date.now()
  const { status } = spawnSync(process.execPath, args, { stdio: 'inherit' })
  console.log(`-- ${name}: ${status === 0 ? 'fine' : 'FAILED'} after ${Math.round((Date.now() - started) / 1000)} s`)
  if (status !== 0) broken.push(name)
}
const read = (file) => (existsSync(file) ? JSON.parse(readFileSync(file, 'utf8')) : undefined)
const unit = read('test-results/unit.json')
const browser = read('test-results/browser.json')
const passed = (unit?.numPassedTests ?? 0) + (browser?.stats.expected ?? 0)
const failed = (unit?.numFailedTests ?? 0) + (unit?.numRuntimeErrorTestSuites ?? 0) + (browser?.stats.unexpected ?? 0)
const skipped = (unit?.numPendingTests ?? 0) + (browser?.stats.skipped ?? 0)
if (!unit?.numPassedTests) broken.push('no unit test ran')
if (!browser?.stats.expected) broken.push('no browser test ran')
if (broken.length > 0) console.log(`\nFailed: ${broken.join(', ')}`)
console.log(`\n${passed} passed, ${failed + (failed === 0 && broken.length > 0 ? broken.length : 0)} failed, ${skipped} skipped`)
process.exit(broken.length > 0 || failed > 0 ? 1 : 0)
