// Lint, boundaries, types and the question for known faults beside the unit tests, then the browser tests; ends with the counts of both runners. Fails when anything failed or nothing ran.
import { spawn } from 'node:child_process'
import { existsSync, readFileSync, rmSync } from 'node:fs'

rmSync('test-results', { recursive: true, force: true })
const looked = [
  ['Lint', 'node_modules/eslint/bin/eslint.js', '.'],
  [
    'Layout of the text',
    'node_modules/prettier/bin/prettier.cjs',
    '--check',
    '--log-level',
    'warn',
    '.'
  ],
  [
    'Boundaries',
    'node_modules/dependency-cruiser/bin/dependency-cruise.mjs',
    '--config',
    '.dependency-cruiser.cjs',
    'core',
    'data',
    'app',
    'cli',
    'server'
  ],
  ['Types', 'node_modules/vue-tsc/bin/vue-tsc.js', '--noEmit', '-p', 'tsconfig.json'],
  ['Known faults of the packages', '--import', 'tsx', 'scripts/audit.ts']
]
const broken = []
/** Runs one step; what it says is shown at once, or kept together until it ends where another step runs beside it. */
const step = ([name, ...args], together) =>
  new Promise((resolve) => {
    const started = Date.now()
    const said = []
    if (!together) console.log(`\n== ${name}`)
    const child = spawn(process.execPath, args, {
      stdio: together ? ['ignore', 'pipe', 'pipe'] : 'inherit'
    })
    child.stdout?.on('data', (text) => said.push(text))
    child.stderr?.on('data', (text) => said.push(text))
    child.on('close', (status) => {
      if (together) console.log(`\n== ${name}\n${Buffer.concat(said)}`)
      console.log(
        `-- ${name}: ${status === 0 ? 'fine' : 'FAILED'} after ${Math.round((Date.now() - started) / 1000)} s`
      )
      if (status !== 0) broken.push(name)
      resolve()
    })
  })
const inTurn = async (steps) => {
  for (const one of steps) await step(one, true)
}
await Promise.all([inTurn(looked), step(['Unit tests', 'scripts/unit.mjs'], false)])
await step(['Browser tests', 'node_modules/@playwright/test/cli.js', 'test'], false)
const read = (file) => (existsSync(file) ? JSON.parse(readFileSync(file, 'utf8')) : undefined)
const unit = read('test-results/unit.json')
const browser = read('test-results/browser.json')
const flaky = browser?.stats.flaky ?? 0
const passed = (unit?.numPassedTests ?? 0) + (browser?.stats.expected ?? 0) + flaky
const failed =
  (unit?.numFailedTests ?? 0) +
  (unit?.numRuntimeErrorTestSuites ?? 0) +
  (browser?.stats.unexpected ?? 0)
const skipped = (unit?.numPendingTests ?? 0) + (browser?.stats.skipped ?? 0)
if (!unit?.numPassedTests) broken.push('no unit test ran')
if (!browser?.stats.expected) broken.push('no browser test ran')
if (broken.length > 0) console.log(`\nFailed: ${broken.join(', ')}`)
if (flaky > 0) console.log(`\nPassed at the second try only: ${flaky} (named above)`)
console.log(
  `\n${passed} passed, ${failed + (failed === 0 && broken.length > 0 ? broken.length : 0)} failed, ${skipped} skipped`
)
process.exit(broken.length > 0 || failed > 0 ? 1 : 0)
