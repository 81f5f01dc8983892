import { readFileSync, readdirSync } from 'node:fs'
import { gzipSync } from 'node:zlib'
import { type Browser, type Page } from '@playwright/test'
import type { Asks, CallName, FromWorker } from '../../app/workers/protocol'
import { feltFigures } from './felt'
import { median, under, type Figure } from './figures'
import { withBrowser } from './with-browser'

const RUNS = 5
const MANY_ENTRIES = 5000
/** The day the default demo is looked at. */
const DEMO_TODAY = '2026-05-04'

/** What stands in the page: asks its worker, and says after how many milliseconds it heard of the answer first and last. */
interface Bench {
  readonly ask: <K extends CallName>(
    call: K,
    asks: Asks<K>
  ) => Promise<{ readonly first: number; readonly last: number }>
}
declare const bench: Bench

/** The default demo with many ledger entries, as a file. */
function manyEntries(): string {
  const workspace = JSON.parse(readFileSync('data/demo/hive-yard.json', 'utf8')) as {
    id: string
    name: string
    ledger: object[]
  }
  const extra = Array.from({ length: MANY_ENTRIES }, (_, i) => ({
    id: `bench-${i}`,
    date: '2026-04-02',
    kind: 'other',
    amount: i % 2 === 0 ? 100 : -100,
    text: `Entry ${i}`
  }))
  return JSON.stringify({
    ...workspace,
    id: 'ws-bench',
    name: 'Bench',
    ledger: [...workspace.ledger, ...extra]
  })
}

async function firstLoad(
  browser: Browser,
  url: string
): Promise<{ ms: number; initial: string[] }> {
  const page = await (
    await browser.newContext({ viewport: { width: 1280, height: 800 } })
  ).newPage()
  const scripts: string[] = []
  page.on('response', (response) => {
    if (/\.(js|css)$/.test(response.url())) scripts.push(response.url())
  })
  const started = performance.now()
  await page.goto(url)
  await page.getByRole('heading', { level: 1, name: /^Buy/ }).waitFor()
  const ms = performance.now() - started
  await page.context().close()
  return { ms, initial: scripts }
}

async function openingMany(browser: Browser, url: string): Promise<number> {
  const page = await (await browser.newContext()).newPage()
  await page.goto(`${url}#/settings`)
  await page.getByRole('button', { name: 'Save to a file' }).waitFor()
  const ms = await page.evaluate(async (text) => {
    const input = document.querySelector<HTMLInputElement>('input[type=file]')
    const data = new DataTransfer()
    data.items.add(new File([text], 'bench.json'))
    if (input) input.files = data.files
    const started = performance.now()
    input?.dispatchEvent(new Event('change'))
    while (
      !document.querySelector('h1')?.textContent?.match(/Buy|Nothing|Working/) ||
      !document.querySelector('.amount')
    )
      await new Promise((resolve) => requestAnimationFrame(resolve))
    return performance.now() - started
  }, manyEntries())
  await page.context().close()
  return ms
}

/** A page with one worker of its own, that has been given the default demo to stand on. */
async function pageWithWorker(browser: Browser, url: string, worker: string): Promise<Page> {
  const page = await (await browser.newContext()).newPage()
  await page.goto(url)
  await page.getByRole('heading', { level: 1, name: /^Buy/ }).waitFor()
  // The loader of this script marks named functions; the page has to know the mark.
  await page.evaluate('globalThis.__name = (one) => one')
  await page.evaluate(
    ({ script, ground }) => {
      const core = new Worker(script, { type: 'module' })
      let request = 0
      const bench: Bench = {
        ask: (call, asks) =>
          new Promise((answered, failed) => {
            const mine = ++request
            const started = performance.now()
            let first = Number.NaN
            core.onmessage = ({ data }: MessageEvent<FromWorker>) => {
              if (data.request !== mine) return
              if (data.kind === 'failed') failed(new Error(`${call}: ${data.reason}`))
              else {
                if (Number.isNaN(first)) first = performance.now() - started
                if (data.last) answered({ first, last: performance.now() - started })
              }
            }
            core.postMessage({ kind: 'ask', call, request: mine, asks })
          })
      }
      Object.assign(globalThis, { bench })
      core.postMessage({ kind: 'ground', key: 'bench', ground })
    },
    {
      script: worker,
      ground: {
        workspace: JSON.parse(readFileSync('data/demo/hive-yard.json', 'utf8')) as unknown,
        today: DEMO_TODAY
      }
    }
  )
  return page
}

/** The first answer to `plan` of a worker that has done nothing, and of one that has ranked. */
async function firstPlanInWorker(
  browser: Browser,
  url: string,
  worker: string
): Promise<{ cold: number; warm: number }> {
  const cold = await pageWithWorker(browser, url, worker)
  const first = await cold.evaluate(() => bench.ask('plan', {}))
  await cold.context().close()
  const warm = await pageWithWorker(browser, url, worker)
  const second = await warm.evaluate(async () => {
    await bench.ask('rank', {})
    return await bench.ask('plan', {})
  })
  await warm.context().close()
  return { cold: first.first, warm: second.first }
}

/** Times in a page's worker: the list with other weights, and the sharing of its gain, after it has ranked once. */
async function weighInWorker(
  browser: Browser,
  url: string,
  worker: string
): Promise<{ slider: number; firstPicture: number; shared: number }> {
  const page = await pageWithWorker(browser, url, worker)
  const times = await page.evaluate(async () => {
    await bench.ask('rank', {})
    const sliders: number[] = []
    for (let i = 1; i <= 9; i++)
      sliders.push(
        (
          await bench.ask('rank', {
            weights: { money: 1, time: 100 * i, space: 0, quiet: 0, ease: 50 * i, finish: 0 }
          })
        ).last
      )
    await bench.ask('rank', {})
    return { sliders, shares: await bench.ask('pulls', {}) }
  })
  await page.context().close()
  return {
    slider: median(times.sliders),
    firstPicture: times.shares.first,
    shared: times.shares.last
  }
}

/** The longest task of the page while the default demo is planned again; 0 where none was long enough to be told of (50 ms). */
async function longestTask(browser: Browser, url: string): Promise<number> {
  const page = await (
    await browser.newContext({ viewport: { width: 1280, height: 800 } })
  ).newPage()
  await page.goto(url)
  await page.getByRole('heading', { level: 1, name: /^Buy/ }).waitFor()
  await page.goto(`${url}#/stages`)
  await page.getByRole('button', { name: 'Plan the rest again' }).waitFor()
  await page.waitForTimeout(2000)
  await page.evaluate(
    `globalThis.longTasks = []; new PerformanceObserver((list) => globalThis.longTasks.push(...list.getEntries().map((one) => one.duration))).observe({ entryTypes: ['longtask'] })`
  )
  await page.getByRole('button', { name: 'Plan the rest again' }).click()
  await page.waitForTimeout(6000)
  const longest = (await page.evaluate('Math.max(0, ...globalThis.longTasks)')) as number
  await page.context().close()
  return longest
}

/** Figures of the production build in Debian's Chromium, served by our own server on this machine. */
export async function browserFigures(): Promise<Figure[]> {
  return [...(await withBrowser(measured))]
}

async function measured(browser: Browser, url: string): Promise<Figure[]> {
  const worker = readdirSync('dist/assets').find((name) => name.startsWith('core.worker')) ?? ''
  await firstLoad(browser, url)
  const loads = []
  for (let run = 0; run < RUNS; run++) loads.push(await firstLoad(browser, url))
  const opened = []
  const planned = []
  const weighed = []
  for (let run = 0; run < RUNS; run++) {
    opened.push(await openingMany(browser, url))
    planned.push(await firstPlanInWorker(browser, url, `/assets/${worker}`))
    weighed.push(await weighInWorker(browser, url, `/assets/${worker}`))
  }
  const longest = await longestTask(browser, url)
  const felt = await feltFigures(browser, url)
  const size = (file: string): number => gzipSync(readFileSync(`dist/assets/${file}`)).length / 1000
  const initial = [...new Set(loads[0]?.initial.map((one) => one.split('/').at(-1) ?? '') ?? [])]
  const kilobytes = (files: readonly string[]): number =>
    files.reduce((sum, file) => sum + size(file), 0)
  const ofThePage = initial.filter((file) => !file.includes('worker'))
  return [
    under(
      'first plan of the default demo, cold worker (Chromium)',
      median(planned.map(({ cold }) => cold)),
      'ms',
      200
    ),
    under(
      'first plan of the default demo, worker that has ranked (Chromium)',
      median(planned.map(({ warm }) => warm)),
      'ms',
      200
    ),
    under(
      'a slider of the default demo: the list in its new order (Chromium worker)',
      median(weighed.map(({ slider }) => slider)),
      'ms',
      50
    ),
    under(
      'shares of the default demo, first picture (Chromium worker)',
      median(weighed.map(({ firstPicture }) => firstPicture)),
      'ms',
      150
    ),
    under(
      'shares of the default demo, until exact to 2 % (Chromium worker)',
      median(weighed.map(({ shared }) => shared)),
      'ms',
      1000
    ),
    under(
      'longest task of the page while planning (Chromium; 0: none over 50 ms)',
      longest,
      'ms',
      50
    ),
    under(
      'first load shows the Bench with its plan (Chromium)',
      median(loads.map(({ ms }) => ms)),
      'ms',
      1500
    ),
    under(
      'JavaScript and CSS the page loads until the Bench stands, gzip',
      kilobytes(ofThePage),
      'kB',
      220
    ),
    under(
      'the same with the worker that has begun to load by then, gzip',
      kilobytes(initial),
      'kB',
      340
    ),
    under(
      `opening a workspace with ${MANY_ENTRIES} ledger entries (Chromium)`,
      median(opened),
      'ms',
      500
    ),
    ...felt
  ]
}
