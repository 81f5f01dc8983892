// Installs what is missing, with nothing but Node and npm: packages when the lock file has changed, a browser for the tests.
import { spawnSync } from 'node:child_process'
import { createHash } from 'node:crypto'
import { existsSync, readFileSync, writeFileSync } from 'node:fs'

const CHROMIUM = '/usr/bin/chromium'
const KEPT = 'node_modules/.lock-sha256'

function run(command, args) {
  const { status } = spawnSync(command, args, { stdio: 'inherit' })
  return status === 0
}
function stop(message) {
  console.error(message)
  process.exit(1)
}

const lock = createHash('sha256').update(readFileSync('package-lock.json')).digest('hex')
const kept = existsSync(KEPT) ? readFileSync(KEPT, 'utf8') : ''
if (kept !== lock) {
  console.log('Installing packages …')
  const npm = process.env.npm_execpath
  const done = npm
    ? run(process.execPath, [npm, 'ci', '--include=dev', '--no-audit', '--no-fund'])
    : run('npm', ['ci', '--include=dev', '--no-audit', '--no-fund'])
  if (!done)
    stop(
      'The packages could not be installed. Check the connection to the registry and run the command again.'
    )
  writeFileSync(KEPT, lock)
}

/** Programs the tests need besides Node: a browser, and the accounting program that reads the journal independently. */
const PROGRAMS = [
  [CHROMIUM, 'chromium', 'Chromium for the browser tests'],
  ['/usr/bin/hledger', 'hledger', 'hledger for the test of the accounting journal']
]
const missing = process.argv.includes('--tests')
  ? PROGRAMS.filter(([path]) => !existsSync(path))
  : []
if (missing.length > 0) {
  const names = missing.map(([, name]) => name)
  if (process.getuid?.() !== 0 || !existsSync('/usr/bin/apt-get'))
    stop(
      `The tests need ${missing.map(([path, , what]) => `${what} at ${path}`).join(' and ')}. On Debian, as root: apt-get install ${names.join(' ')}`
    )
  console.log(`Installing ${missing.map(([, , what]) => what).join(' and ')} …`)
  if (
    !run('apt-get', ['update']) ||
    !run('apt-get', ['install', '-y', '--no-install-recommends', ...names])
  )
    stop(`They could not be installed. Install them by hand: apt-get install ${names.join(' ')}`)
}
