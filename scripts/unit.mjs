// Runs Jest as ECMAScript modules and keeps its counts for the summary.
import { spawnSync } from 'node:child_process'
import { mkdirSync } from 'node:fs'

mkdirSync('test-results', { recursive: true })
const args = [
  '--experimental-vm-modules',
  '--disable-warning=ExperimentalWarning',
  'node_modules/jest/bin/jest.js',
  '--maxWorkers=2',
  '--json',
  '--outputFile=test-results/unit.json',
  ...process.argv.slice(2)
]
const { status } = spawnSync(process.execPath, args, { stdio: 'inherit' })
process.exit(status ?? 1)
