// Changes the heart on purpose, room by room, and prints which share of the changes a test notices. `npm run mutants -- money` does one room.
import { spawnSync } from 'node:child_process'
import { existsSync, readFileSync } from 'node:fs'
import { ROOMS } from '../stryker.config.mjs'

const NOTICED = new Set(['Killed', 'Timeout'])
const COUNTED = new Set(['Killed', 'Timeout', 'Survived', 'NoCoverage'])
const asked = process.argv.slice(2)
const unknown = asked.filter((room) => !(room in ROOMS))
if (unknown.length > 0) {
  console.error(`No room "${unknown.join('", "')}". There are: ${Object.keys(ROOMS).join(', ')}.`)
  process.exit(2)
}
const rows = []
for (const room of asked.length > 0 ? asked : Object.keys(ROOMS)) {
  const { status } = spawnSync(
    process.execPath,
    ['node_modules/@stryker-mutator/core/bin/stryker.js', 'run', 'stryker.config.mjs'],
    { stdio: 'inherit', env: { ...process.env, MUTANTS_ROOM: room } }
  )
  const report = `test-results/mutants-${room}.json`
  if (status !== 0 || !existsSync(report)) process.exit(status || 1)
  for (const [file, { mutants }] of Object.entries(
    JSON.parse(readFileSync(report, 'utf8')).files
  )) {
    const counted = mutants.filter(({ status: state }) => COUNTED.has(state))
    const noticed = counted.filter(({ status: state }) => NOTICED.has(state))
    rows.push({ room, file, changes: counted.length, noticed: noticed.length })
    for (const { status: state, location, mutatorName, replacement } of counted)
      if (!NOTICED.has(state))
        console.log(
          `${file}:${location.start.line}:${location.start.column} ${mutatorName} → ${replacement ?? ''}`
        )
  }
}
for (const row of rows)
  console.log(
    `${row.room.padEnd(10)} ${row.file.padEnd(38)} ${String(row.noticed).padStart(5)} of ${String(row.changes).padStart(5)}  ${Math.round((100 * row.noticed) / Math.max(1, row.changes))} %`
  )
