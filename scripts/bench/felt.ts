import type { Browser, Page } from '@playwright/test'
import { median, under, type Figure } from './figures'

const RUNS = 5
const DESK = { width: 1280, height: 800 }
const PHONE = { width: 390, height: 844 }
/** How long what comes late may still move things, ms. */
const SETTLES_MS = 5000

const standing = (page: Page): Promise<void> =>
  page.getByRole('heading', { level: 1, name: /^Buy/ }).waitFor()

/** The Bench in a browser that has it already: milliseconds until it stands. */
async function again(browser: Browser, url: string): Promise<number> {
  const context = await browser.newContext({ viewport: DESK })
  const page = await context.newPage()
  await page.goto(url)
  await standing(page)
  await page.waitForTimeout(SETTLES_MS)
  const started = performance.now()
  await page.reload()
  await standing(page)
  const ms = performance.now() - started
  await context.close()
  return ms
}

/** What moves on the Bench while it comes: the sum of layout shifts (Layout Instability, W3C draft), no unit. */
async function shift(browser: Browser, url: string, viewport: typeof DESK): Promise<number> {
  const context = await browser.newContext({ viewport })
  const page = await context.newPage()
  await page.addInitScript(
    `globalThis.shift = 0; new PerformanceObserver((list) => { for (const one of list.getEntries()) if (!one.hadRecentInput) globalThis.shift += one.value }).observe({ type: 'layout-shift', buffered: true })`
  )
  await page.goto(url)
  await standing(page)
  await page.waitForTimeout(SETTLES_MS)
  const sum = (await page.evaluate('globalThis.shift')) as number
  await context.close()
  return sum
}

/** Presses somebody makes in a first minute: where, and on what. */
const PRESSES: readonly (readonly [path: string, selector: string])[] = [
  ['/', '.basket summary'],
  ['/weigh', '.rung .head >> nth=1'],
  ['/weigh', '.rung .head >> nth=3'],
  ['/builds', 'main table button >> nth=5'],
  ['/kit', 'button[aria-expanded="false"] >> nth=2'],
  ['/stages', 'button.tag >> nth=0'],
  ['/stages', 'button.tag >> nth=2'],
  ['/prices', 'nav a >> nth=3'],
  ['/ledger', 'main [role=row] >> nth=3'],
  ['/workshop', 'nav a >> nth=0'],
  ['/', 'nav a >> nth=1'],
  ['/', 'nav a >> nth=4']
]

/** From a press to the next picture, ms in steps of 8 (Event Timing, W3C draft), once each; below 16 nothing is told. */
async function presses(browser: Browser, url: string): Promise<number[]> {
  const context = await browser.newContext({ viewport: DESK })
  const page = await context.newPage()
  await page.addInitScript(
    `globalThis.pressed = []; new PerformanceObserver((list) => { for (const one of list.getEntries()) if (['click', 'pointerup', 'pointerdown'].includes(one.name)) globalThis.pressed.push(one.duration) }).observe({ type: 'event', durationThreshold: 16, buffered: true })`
  )
  await page.goto(url)
  await standing(page)
  const times: number[] = []
  for (const [path, selector] of PRESSES) {
    await page.goto(`${url}#${path}`)
    await page.locator(selector).first().waitFor()
    await page.waitForTimeout(2500)
    await page.evaluate('globalThis.pressed = []')
    await page.locator(selector).first().click()
    await page.waitForTimeout(600)
    const worst = (await page.evaluate('Math.max(0, ...globalThis.pressed)')) as number
    times.push(worst)
  }
  await context.close()
  return times
}

/** How quick and how still the page feels, in Debian's Chromium. */
export async function feltFigures(browser: Browser, url: string): Promise<Figure[]> {
  const agains: number[] = []
  for (let run = 0; run < RUNS; run++) agains.push(await again(browser, url))
  const pressed = await presses(browser, url)
  return [
    under('the Bench again, in a browser that has it (Chromium)', median(agains), 'ms', 600),
    under(
      'what moves on the Bench at a desk (layout shift)',
      1000 * (await shift(browser, url, DESK)),
      'thousandths',
      20
    ),
    under(
      'what moves on the Bench on a phone (layout shift)',
      1000 * (await shift(browser, url, PHONE)),
      'thousandths',
      20
    ),
    under(`a press until the next picture, median of ${pressed.length}`, median(pressed), 'ms', 50),
    under(
      `a press until the next picture, worst of ${pressed.length}`,
      Math.max(...pressed),
      'ms',
      50
    )
  ]
}
