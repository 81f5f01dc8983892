// Builds the application when its sources are newer than the build, then serves it.
import { spawnSync } from 'node:child_process'
import { createHash } from 'node:crypto'
import { existsSync, readFileSync, readdirSync, statSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'

const SOURCES = ['app', 'core', 'data', 'index.html', 'vite.config.ts', 'package-lock.json']
const KEPT = 'dist/.source-sha256'

function* files(path) {
  if (statSync(path).isFile()) yield path
  else for (const name of readdirSync(path).sort()) yield* files(join(path, name))
}
const hash = createHash('sha256')
for (const source of SOURCES)
  for (const file of files(source)) hash.update(file).update(readFileSync(file))
const now = hash.digest('hex')

if (!existsSync(KEPT) || readFileSync(KEPT, 'utf8') !== now) {
  console.log('Building …')
  const built = spawnSync(
    process.execPath,
    ['node_modules/vite/bin/vite.js', 'build', '--logLevel', 'warn'],
    { stdio: 'inherit' }
  )
  if (built.status !== 0) process.exit(built.status ?? 1)
  writeFileSync(KEPT, now)
}
if (!process.argv.includes('--build-only')) {
  const { register } = await import('tsx/esm/api')
  register()
  await import('../server/main.ts')
}
