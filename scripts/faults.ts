import { spawnSync } from 'node:child_process'
import { cpSync, mkdtempSync, readFileSync, rmSync } from 'node:fs'
import type { AddressInfo } from 'node:net'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { chromium } from '@playwright/test'
import { Ajv2020 } from 'ajv/dist/2020.js'
import addFormats from 'ajv-formats'
import {
  readItems,
  readLedgerCsv,
  readQuotes,
  readWorkspace,
  readZip,
  workspaceJsonSchema,
  writeItems,
  writeLedgerCsv,
  writeQuotes,
  writeWorkspace,
  writeZip,
  crossCheck
} from '../core/formats'
import { fingerprint, seededRandom } from '../core/kernel'
import { library } from '../data'
import { createApp } from '../server/app'
import { killRuns } from '../tests/faults/kills'
import { monkeyRun } from '../tests/faults/monkey'
import { commandRun } from '../tests/helpers/commands'
import { damaged } from '../tests/helpers/mutate'
import { CHROMIUM, FLAGS } from './browser-flags'

/** `npm run faults`: the long fault runs. `-- --kills 200 --files 10000 --states 12000 --actions 2000 --seed 1` are the usual figures; it ends with 1 where anything was lost. */
const option = (name: string, usual: number): number =>
  Number(
    process.argv[process.argv.indexOf(`--${name}`) + 1] && process.argv.includes(`--${name}`)
      ? process.argv[process.argv.indexOf(`--${name}`) + 1]
      : usual
  )
const [kills, files, states, actions, seed] = [
  option('kills', 200),
  option('files', 10_000),
  option('states', 12_000),
  option('actions', 2000),
  option('seed', 20_261_125)
]
const rows: [what: string, runs: number, result: string, good: boolean][] = []

const demos = ['hive-yard', 'third-floor', 'half-a-garage'].map((name) =>
  readFileSync(`data/demo/${name}.json`, 'utf8')
)
const present = JSON.parse(demos[0] ?? '{}') as object

function damagedFiles(): void {
  const ajv = new Ajv2020({ strict: false })
  ;(addFormats as unknown as (target: Ajv2020) => void)(ajv)
  const accepts = ajv.compile(workspaceJsonSchema())
  const before = fingerprint(present)
  let [crashes, wrong, accepted] = [0, 0, 0]
  for (let i = 0; i < files; i++) {
    try {
      const read = readWorkspace(damaged(demos[i % demos.length] ?? '', seed + i), library)
      if (!read.ok) continue
      accepted++
      if (
        !accepts(JSON.parse(writeWorkspace(read.value.workspace))) ||
        crossCheck(read.value.workspace, library).length > 0
      )
        wrong++
    } catch (error) {
      crashes++
      console.error(`Damage ${seed + i}: ${error instanceof Error ? error.message : String(error)}`)
    }
  }
  rows.push([
    'damaged workspace files',
    files,
    `${crashes} crashes, ${wrong} accepted wrongly (${accepted} read), ${fingerprint(present) === before ? 0 : 1} changes to present data`,
    crashes + wrong === 0 && fingerprint(present) === before
  ])
}

/** Zips and sheets with bytes changed, cut and doubled. */
async function damagedOthers(): Promise<void> {
  const random = seededRandom(seed)
  const demo = readWorkspace(demos[0] ?? '', library)
  if (!demo.ok) throw new Error('the demo cannot be read')
  const { workspace } = demo.value
  const { currency } = workspace.money
  const zip = writeZip(demos[0] ?? '', [
    { id: 'p', bytes: Uint8Array.from([0xff, 0xd8, 0xff, 1]), type: 'image/jpeg' }
  ])
  const defaults = { currency, today: '2026-05-04', newId: () => 'id' }
  const sheets = [
    {
      text: writeLedgerCsv(workspace.ledger, currency),
      read: (text: string) => readLedgerCsv(text, defaults)
    },
    {
      text: writeItems(workspace.items, currency),
      read: (text: string) => readItems(text, library, defaults)
    },
    {
      text: writeQuotes(workspace.quotes, library, currency),
      read: (text: string) => readQuotes(text, library, { ...defaults, tier: 'weekend' })
    }
  ]
  let crashes = 0
  for (let i = 0; i < files; i++) {
    try {
      const bytes = zip.slice(0, random() < 0.3 ? Math.floor(random() * zip.length) : zip.length)
      for (let k = 0; k < 4; k++)
        bytes[Math.floor(random() * bytes.length)] = Math.floor(random() * 256)
      await readZip(bytes)
      const sheet = sheets[i % sheets.length]
      if (!sheet) continue
      const at = Math.floor(random() * sheet.text.length)
      sheet.read(
        sheet.text.slice(0, at) +
          ['"', ',', '\u0000', ';', '\r', '=', '-', '9'.repeat(40)][Math.floor(random() * 8)] +
          sheet.text.slice(at + Math.floor(random() * 20))
      )
    } catch (error) {
      crashes++
      console.error(`Bytes ${i}: ${error instanceof Error ? error.message : String(error)}`)
    }
  }
  rows.push(['damaged zips and sheets', files, `${crashes} crashes`, crashes === 0])
}

/** Commands with values of any kind: every state the door lets in is written and read back. */
function commands(): void {
  const starts = demos.map((text) => {
    const read = readWorkspace(text, library)
    if (!read.ok) throw new Error('a demo cannot be read')
    return read.value.workspace
  })
  let [count, refused, unreadable] = [0, 0, 0]
  for (let run = 0; count < states; run++) {
    const start = starts[run % starts.length]
    if (!start) break
    const made = commandRun(start, seed + run, 60)
    refused += made.refused
    for (const state of made.states) {
      count++
      const text = writeWorkspace(state)
      const read = readWorkspace(text, library)
      if (!read.ok || writeWorkspace(read.value.workspace) !== text) unreadable++
    }
  }
  rows.push([
    'states made by commands',
    count,
    `${unreadable} not read back as they were; ${refused} commands refused at the door`,
    unreadable === 0
  ])
}
async function killed(url: string): Promise<void> {
  const { acknowledged, lost, unreadable, restored } = await killRuns(
    url,
    kills,
    seed,
    (done, all) =>
      done % 20 === 0 && console.log(`${done} of ${kills} kills, ${all} changes acknowledged`)
  )
  rows.push([
    'browser killed while writing',
    kills,
    `${lost.length} of ${acknowledged} acknowledged changes lost, ${unreadable} unreadable stores; ${restored} times the browser had emptied its store and all came back from the copy`,
    lost.length + unreadable === 0
  ])
}
/** Acts at random on all forms of the application as it is served. */
async function monkey(url: string): Promise<void> {
  const browser = await chromium.launch({ executablePath: CHROMIUM, args: FLAGS })
  const context = await browser.newContext({ locale: 'en-GB', serviceWorkers: 'block' })
  const page = await context.newPage()
  await page.addInitScript('delete globalThis.showSaveFilePicker')
  const perRound = 20
  const run = await monkeyRun(
    page,
    url,
    { rounds: Math.ceil(actions / perRound), perRound, seed },
    (done) => done % 20 === 0 && console.log(`${done * perRound} of ${actions} actions`)
  )
  await browser.close()
  for (const one of [...run.lost, ...run.differing, ...run.complaints]) console.error(one)
  rows.push([
    'acting at random on all forms',
    run.actions,
    `${run.lost.length} texts lost, ${run.differing.length} of ${run.reloads} reloads showed another state, ${run.complaints.length} complaints of the page`,
    run.lost.length + run.differing.length + run.complaints.length === 0
  ])
}

damagedFiles()
await damagedOthers()
commands()
if (kills + actions > 0) {
  spawnSync(process.execPath, ['scripts/start.mjs', '--build-only'], { stdio: 'inherit' })
  // A copy of its own, so that a build beside it does not disturb the run.
  const folder = mkdtempSync(join(tmpdir(), 'served-'))
  cpSync('dist', folder, { recursive: true })
  const server = createApp(folder).listen(0)
  const url = `http://localhost:${(server.address() as AddressInfo).port}/`
  if (actions > 0) await monkey(url)
  if (kills > 0) await killed(url)
  server.close()
  rmSync(folder, { recursive: true, force: true })
}
for (const [what, runs, result, good] of rows)
  console.log(
    `${good ? 'held ' : 'FAILED'}  ${what.padEnd(30)} ${String(runs).padStart(6)} runs   ${result}`
  )
process.exit(rows.every(([, , , good]) => good) ? 0 : 1)
