import { spawnSync } from 'node:child_process'
import { readFileSync } from 'node:fs'
import { judge, type Allowed } from './audit-rules'

/** `npm run audit`: asks the registry for known faults of the packages. Fails on those of high severity that no dated allowance names; says so where no answer comes. */
const { npm_execpath: npm } = process.env
const { stdout } = spawnSync(
  npm ? process.execPath : 'npm',
  [...(npm ? [npm] : []), 'audit', '--json'],
  { encoding: 'utf8', timeout: 60_000, maxBuffer: 64_000_000 }
)
const allowed = JSON.parse(
  readFileSync(new URL('audit-allowed.json', import.meta.url), 'utf8')
) as Allowed[]
const verdict = judge(stdout ?? '', allowed, new Date().toISOString().slice(0, 10))
for (const line of verdict.lines) console.log(line)
process.exit(verdict.kind === 'faults' ? 1 : 0)
