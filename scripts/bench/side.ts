import { readFileSync } from 'node:fs'
import type { Browser } from '@playwright/test'
import highsLoader from 'highs'
import { must, seededRandom } from '../../core/kernel'
import { readWorkspace, writeWorkspace } from '../../core/formats'
import { bestMix, type MixAsks, type MixSolver } from '../../core/mix'
import { learntOf, MOST_IN_VIEW, toolsEarn } from '../../core/sidework'
import { change, worldOf, type Piece, type Workspace } from '../../core/workspace'
import { library } from '../../data'
import { atMost, median, timed, under, type Figure } from './figures'
import { withBrowser } from './with-browser'

const DESIGNS = 12
const MONTHS = 6
const CASES = 8
const RUNS = 5
const MIX_RUNS = 3
const PIECES = 2000
/** The day the demo with a market stall is looked at. */
const STALL_TODAY = '2026-11-02'

/** Twelve designs drawn by a seed, each with its price, its hours and its buyers, and six months of forty hours. */
function drawn(seed: number): MixAsks {
  const random = seededRandom(seed)
  const between = (low: number, high: number): number => low + random() * (high - low)
  const designs = Array.from({ length: DESIGNS }, (_, i) => ({
    build: `d${i}`,
    name: `D${i}`,
    price: 0,
    fee: 0,
    delivery: 0,
    net: Math.round(between(2000, 22_000)),
    cost: Math.round(between(500, 4500)),
    timber: Math.round(between(400, 1400)),
    batch: 4,
    batchMinutes: Math.round(between(20, 110)),
    eachMinutes: Math.round(between(40, 340)),
    pace: 1,
    days: between(10, 40),
    perMonth: between(0.5, 6.5),
    demandSaid: true,
    season: undefined,
    storedM2: between(0.05, 0.35),
    hourValue: 720,
    offcuts: i === 0 ? { build: 'd1', each: 2 } : undefined
  }))
  const months = Array.from({ length: MONTHS }, (_, m) => ({
    month: `2026-0${m + 1}`,
    ofYear: m + 1,
    minutes: 2400,
    comesIn: 3000
  }))
  const rest = { stock: {}, purse: 30_000, share: 1, rate: 0.3, floorM2: 2, most: 3 }
  return { designs, months, ...rest }
}

async function mixFigures(): Promise<Figure[]> {
  const solver = await (highsLoader as unknown as (options: object) => Promise<MixSolver>)({})
  // The first one also waits until the solver's code is compiled; the page asks it in a worker of its own.
  const first = timed(() => bestMix(solver, drawn(CASES + 1)))
  const found = Array.from({ length: CASES }, (_, i) => {
    const runs = Array.from({ length: MIX_RUNS }, () => timed(() => bestMix(solver, drawn(i + 1))))
    return { ms: median(runs.map(({ ms }) => ms)), result: runs[0]?.result }
  })
  const what = `mix of ${DESIGNS} designs × ${MONTHS} months`
  return [
    under(`${what}, the first one asked (Node)`, first.ms, 'ms', 1000),
    under(
      `${what}, the slowest of ${CASES} drawn ones (Node)`,
      Math.max(...found.map(({ ms }) => ms)),
      'ms',
      1000
    ),
    under(`${what}, median (Node)`, median(found.map(({ ms }) => ms)), 'ms', 1000),
    atMost(
      'of which not proven to be the best',
      found.filter(({ result }) => !result?.proven).length,
      'of 8',
      0
    )
  ]
}

const stall = (): Workspace =>
  must(
    ((read) => (read.ok ? read.value.workspace : undefined))(
      readWorkspace(readFileSync('data/demo/market-stall.json', 'utf8'), library)
    ),
    'the demo with a market stall'
  )

function breakEvenFigures(): Figure[] {
  const workspace = stall()
  const learnt = learntOf(workspace)
  const runs = Array.from({ length: RUNS }, () =>
    // A world of its own each time, so that nothing is remembered from the run before.
    timed(() =>
      toolsEarn(worldOf({ ...workspace }, library, STALL_TODAY), workspace.adopted.at(-1), learnt)
    )
  )
  const count = runs[0]?.result.tools.length ?? 0
  return [
    under(
      `what ${count} tools earn: break-even, spread, where to stop (Node)`,
      median(runs.map(({ ms }) => ms)),
      'ms',
      500
    ),
    atMost('tools left out of view', Math.max(0, MOST_IN_VIEW - count), 'tools', 0)
  ]
}

/** The demo with so many pieces more, every second one sold, paid and in the ledger. */
function manyPieces(): Workspace {
  const from = stall()
  const [build] = from.builds.filter(({ sale }) => sale)
  const { id, name } = must(build, 'a build for sale')
  const pieces = Array.from({ length: PIECES }, (_, i): Piece => ({
    id: `bench-${i}`,
    build: id,
    name,
    made: '2026-06-01',
    cost: 900,
    minutes: 70,
    offered: [{ date: '2026-06-02', price: 4200 }]
  }))
  let entry = 0
  const newId = (): string => `bench-entry-${++entry}`
  const sold = { date: '2026-06-20', price: 4200, fee: 200, delivery: 0, paid: '2026-06-20' }
  const before: Workspace = { ...from, id: 'ws-bench', name: 'Bench', ledger: [], pieces: [] }
  const filled = pieces
    .filter((_, i) => i % 2 === 0)
    .reduce(
      (state, piece) =>
        change.sellPiece(state, piece.id, { ...sold, id: `sale-${piece.id}` }, newId),
      change.addPieces(before, pieces)
    )
  return {
    ...filled,
    ledger: [...from.ledger, ...filled.ledger],
    pieces: [...(from.pieces ?? []), ...(filled.pieces ?? [])]
  }
}

/** From the press on its tab until the heading counts the stock and the list stands. */
async function opened(browser: Browser, url: string): Promise<number[]> {
  const page = await (
    await browser.newContext({ viewport: { width: 1280, height: 800 }, locale: 'en-GB' })
  ).newPage()
  await page.goto(`${url}#/settings`)
  await page.getByRole('button', { name: 'Save to a file' }).waitFor()
  await page.setInputFiles('input[type=file]', {
    name: 'bench.json',
    mimeType: 'application/json',
    buffer: Buffer.from(writeWorkspace(manyPieces()))
  })
  await page.getByRole('heading', { level: 1, name: /^Buy|^Nothing|^Working/ }).waitFor()
  await page.getByText('Kept in this browser').waitFor({ timeout: 120_000 })
  await page.waitForTimeout(8000)
  await page.evaluate('globalThis.__name = (one) => one')
  const times = []
  for (let run = 0; run < RUNS; run++) {
    await page.evaluate("location.hash = '#/side/prices'")
    await page.getByRole('link', { name: 'Stock and orders' }).waitFor()
    await page.waitForTimeout(3000)
    times.push(
      await page.evaluate(async (least) => {
        const started = performance.now()
        location.hash = '#/side/stock'
        const count = (): number =>
          Number(
            document
              .querySelector('h1')
              ?.textContent?.match(/\d[\d,.\s]*/)?.[0]
              .replace(/\D/g, '')
          )
        while (!(count() >= least) || document.querySelectorAll('li.piece').length < 2)
          await new Promise((resolve) => setTimeout(resolve, 0))
        await new Promise((resolve) => requestAnimationFrame(resolve))
        return performance.now() - started
      }, PIECES / 2)
    )
  }
  await page.context().close()
  return times
}

/** Side work: what to make, what tools earn, and a long stock. */
export async function sideFigures(): Promise<Figure[]> {
  const many = manyPieces()
  const text = writeWorkspace(many)
  return [
    ...(await mixFigures()),
    ...breakEvenFigures(),
    under(
      `file with ${PIECES} pieces and their sales read and checked (Node)`,
      timed(() => readWorkspace(text, library)).ms,
      'ms',
      1000
    ),
    ...(await withBrowser(async (browser, url) => [
      under(
        `${PIECES} pieces of stock and sales opened (Chromium)`,
        median(await opened(browser, url)),
        'ms',
        300
      )
    ]))
  ]
}
