import { spawnSync } from 'node:child_process'
import { existsSync, readFileSync, readdirSync } from 'node:fs'
import type { AddressInfo } from 'node:net'
import { gzipSync } from 'node:zlib'
import { chromium, type Browser } from '@playwright/test'
import { createApp } from '../../server/app'
import { median, under, type Figure } from './figures'

const CHROMIUM = '/usr/bin/chromium'
const RUNS = 5
const MANY_ENTRIES = 5000

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

async function firstPlanInWorker(
  browser: Browser,
  url: string,
  worker: string
): Promise<{ cold: number; warm: number }> {
  const page = await (await browser.newContext()).newPage()
  await page.goto(url)
  await page.getByRole('heading', { level: 1, name: /^Buy/ }).waitFor()
  const ms = await page.evaluate(
    async ({ script, workspace }) => {
      const core = new Worker(script, { type: 'module' })
      const marks: number[] = []
      const started = performance.now()
      await new Promise<void>((resolve) => {
        core.onmessage = ({ data }: MessageEvent<{ kind: string }>) => {
          if (data.kind.startsWith('plan')) resolve()
        }
        core.postMessage({ kind: 'plan', request: 1, workspace, today: '2026-05-04' })
      })
      const cold = performance.now() - started
      // The page's worker has ranked by the time anyone asks for a plan; so has this one before it is asked again.
      const again = performance.now()
      await new Promise<void>((resolve) => {
        core.onmessage = ({ data }: MessageEvent<{ kind: string; request: number }>) => {
          if (data.kind === 'rank')
            core.postMessage({ kind: 'plan', request: 3, workspace, today: '2026-05-04' })
          if (data.request === 3) resolve()
          if (data.kind === 'rank') marks.push(performance.now())
        }
        core.postMessage({ kind: 'rank', request: 2, workspace, today: '2026-05-04' })
      })
      const warm = performance.now() - (marks[0] ?? again)
      core.terminate()
      return { cold, warm }
    },
    {
      script: worker,
      workspace: JSON.parse(readFileSync('data/demo/hive-yard.json', 'utf8')) as unknown
    }
  )
  await page.context().close()
  return ms
}

/** Times in a page's worker: the list with other weights, and the sharing of its gain, after it has ranked once. */
async function weighInWorker(
  browser: Browser,
  url: string,
  worker: string
): Promise<{ slider: number; firstPicture: number; shared: number }> {
  const page = await (await browser.newContext()).newPage()
  await page.goto(url)
  await page.getByRole('heading', { level: 1, name: /^Buy/ }).waitFor()
  // The loader of this script marks named functions; the page has to know the mark.
  await page.evaluate('globalThis.__name = (one) => one')
  const ms = await page.evaluate(
    async ({ script, workspace }) => {
      const core = new Worker(script, { type: 'module' })
      let request = 0
      const ask = (
        question: object,
        heard: (data: { kind: string; view?: { done: boolean } }) => boolean
      ): Promise<number> =>
        new Promise((resolve) => {
          const started = performance.now()
          core.onmessage = ({ data }: MessageEvent<{ kind: string; view?: { done: boolean } }>) => {
            if (heard(data)) resolve(performance.now() - started)
          }
          core.postMessage({ ...question, request: ++request, workspace, today: '2026-05-04' })
        })
      await ask({ kind: 'rank' }, () => true)
      const sliders: number[] = []
      for (let i = 1; i <= 9; i++)
        sliders.push(
          await ask(
            {
              kind: 'rank',
              weights: { money: 1, time: 100 * i, space: 0, quiet: 0, ease: 50 * i, finish: 0 }
            },
            () => true
          )
        )
      await ask({ kind: 'rank' }, () => true)
      let first = Number.NaN
      const began = performance.now()
      const shared = await ask({ kind: 'pulls' }, ({ view }) => {
        if (Number.isNaN(first)) first = performance.now() - began
        return view?.done === true
      })
      core.terminate()
      return {
        slider: [...sliders].sort((a, b) => a - b)[4] ?? Number.NaN,
        firstPicture: first,
        shared
      }
    },
    {
      script: worker,
      workspace: JSON.parse(readFileSync('data/demo/hive-yard.json', 'utf8')) as unknown
    }
  )
  await page.context().close()
  return ms
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
  if (!existsSync(CHROMIUM)) {
    console.error(`No browser at ${CHROMIUM}: the browser's figures are left out.`)
    return []
  }
  spawnSync(process.execPath, ['scripts/start.mjs', '--build-only'], { stdio: 'inherit' })
  const server = createApp('dist').listen(0)
  const url = `http://localhost:${(server.address() as AddressInfo).port}/`
  const browser = await chromium.launch({
    executablePath: CHROMIUM,
    args: [
      '--no-sandbox',
      '--disable-quic',
      '--no-first-run',
      '--disable-background-networking',
      '--disable-component-update',
      '--disable-sync'
    ]
  })
  const worker = readdirSync('dist/assets').find((name) => name.startsWith('core.worker')) ?? ''
  try {
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
    const size = (file: string): number =>
      gzipSync(readFileSync(`dist/assets/${file}`)).length / 1000
    const initial = [...new Set(loads[0]?.initial.map((one) => one.split('/').at(-1) ?? '') ?? [])]
    const kilobytes = initial.reduce((sum, file) => sum + size(file), 0)
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
      under('JavaScript and CSS loaded until the Bench stands, gzip', kilobytes, 'kB', 220),
      under(
        `opening a workspace with ${MANY_ENTRIES} ledger entries (Chromium)`,
        median(opened),
        'ms',
        500
      )
    ]
  } finally {
    await browser.close()
    server.close()
  }
}
