import { readFileSync } from 'node:fs'
import { type Browser, type Page } from '@playwright/test'
import { readWorkspace, workspacePrint, writeWorkspace } from '../../core/formats'
import { NO_FILTER, filterRows, ledgerRows, type LedgerEntry } from '../../core/ledger'
import { library } from '../../data'
import { median, timed, under, type Figure } from './figures'
import { withBrowser } from './with-browser'

const ENTRIES = 50_000
const RUNS = 5

/** Years of a very busy workshop: entries of every day, alternately in and out. */
const entries = (): LedgerEntry[] =>
  Array.from({ length: ENTRIES }, (_, i) => ({
    id: `bench-${i}`,
    date: `20${10 + Math.floor(i / 3400)}-${String((Math.floor(i / 280) % 12) + 1).padStart(2, '0')}-${String((Math.floor(i / 10) % 28) + 1).padStart(2, '0')}`,
    kind: i % 2 === 0 ? 'one-off' : 'timber',
    amount: i % 2 === 0 ? 100 : -100,
    text: i % 997 === 0 ? `Rare boards ${i}` : `Entry ${i}`
  }))
const longFile = (): string => {
  const workspace = JSON.parse(readFileSync('data/demo/hive-yard.json', 'utf8')) as {
    ledger: object[]
  }
  return JSON.stringify({
    ...workspace,
    id: 'ws-bench',
    name: 'Bench',
    adopted: [],
    ledger: entries()
  })
}

async function filled(browser: Browser, url: string): Promise<Page> {
  const page = await (
    await browser.newContext({ viewport: { width: 1280, height: 800 }, locale: 'en-GB' })
  ).newPage()
  await page.goto(`${url}#/settings`)
  await page.getByRole('button', { name: 'Save to a file' }).waitFor()
  await page.setInputFiles('input[type=file]', {
    name: 'bench.json',
    mimeType: 'application/json',
    buffer: Buffer.from(longFile())
  })
  await page
    .getByRole('heading', { level: 1, name: /^Buy|^Nothing|^Working/ })
    .waitFor({ timeout: 60_000 })
  await page.getByText('Kept in this browser').waitFor({ timeout: 120_000 })
  // Planning comes to rest, so that it is the ledger that is measured.
  await page.waitForTimeout(8000)
  return page
}

/** From the start of the page until the ledger's table stands with all its entries counted. */
async function opening(page: Page, url: string): Promise<number> {
  await page.goto('about:blank')
  await page.goto(`${url}#/ledger`)
  await page
    .getByText(/50[,.]?00\d entries/)
    .first()
    .waitFor({ timeout: 60_000 })
  return (await page.evaluate(() => performance.now())) as number
}

/** The same for the demo with its handful of entries: what the page itself takes. */
async function openingFew(browser: Browser, url: string): Promise<number> {
  const page = await (
    await browser.newContext({ viewport: { width: 1280, height: 800 }, locale: 'en-GB' })
  ).newPage()
  await page.goto(url)
  await page.getByText('Kept in this browser').waitFor()
  await page.waitForTimeout(3000)
  const times = []
  for (let run = 0; run < RUNS; run++) {
    await page.goto('about:blank')
    await page.goto(`${url}#/ledger`)
    await page.getByText('8 entries', { exact: true }).waitFor()
    times.push((await page.evaluate(() => performance.now())) as number)
  }
  await page.context().close()
  return median(times)
}

/** Changes a field as a hand does, and waits until the page says what it found. */
const changing = (page: Page, id: string, value: string, shows: string): Promise<number> =>
  page.evaluate(
    async ([field, text, expected]) => {
      const input = document.getElementById(field ?? '') as HTMLInputElement
      const started = performance.now()
      input.value = text ?? ''
      input.dispatchEvent(new Event('input', { bubbles: true }))
      while (
        ![...document.querySelectorAll('[role=status]')].some((one) =>
          one.textContent?.match(new RegExp(expected ?? ''))
        )
      )
        await new Promise((resolve) => setTimeout(resolve, 0))
      return performance.now() - started
    },
    [id, value, shows] as const
  )

/** Enters one thing more: until the page counts it, and until the screen says that it is kept. */
const adding = (
  page: Page,
  text: string,
  count: number
): Promise<{ shown: number; kept: number }> =>
  page.evaluate(
    async ([name, expected]) => {
      const set = (id: string, value: string): void => {
        const input = document.getElementById(id) as HTMLInputElement
        input.value = value
        input.dispatchEvent(new Event('input', { bubbles: true }))
      }
      const wait = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, 0))
      set('entry-amount', '1')
      set('entry-text', name)
      await wait()
      const started = performance.now()
      document.querySelector<HTMLFormElement>('form.enter')?.requestSubmit()
      while (
        ![...document.querySelectorAll('[role=status]')].some((one) =>
          one.textContent?.startsWith(`${expected} entries`)
        )
      )
        await wait()
      const shown = performance.now() - started
      while (document.querySelector('.kept')?.textContent?.trim() !== 'Kept in this browser')
        await wait()
      return { shown, kept: performance.now() - started }
    },
    [text, count] as const
  )

/** A ledger of 50 000 entries: in Node what is reckoned, in Chromium what a person waits for. */
export async function keepingFigures(): Promise<Figure[]> {
  const ledger = entries()
  const rows = ledgerRows(ledger)
  const read = timed(() => readWorkspace(longFile(), library))
  const state = read.result.ok ? read.result.value.workspace : undefined
  const figures = [
    under(
      `rows with running balance, ${ENTRIES} entries (Node)`,
      median(Array.from({ length: RUNS }, () => timed(() => ledgerRows(ledger)).ms)),
      'ms',
      100
    ),
    under(
      `filter by words, ${ENTRIES} entries (Node)`,
      median(
        Array.from(
          { length: RUNS },
          () => timed(() => filterRows(rows, { ...NO_FILTER, text: 'rare boards' })).ms
        )
      ),
      'ms',
      20
    ),
    under(`file with ${ENTRIES} entries read and checked (Node)`, read.ms, 'ms', 3000)
  ]
  if (state)
    figures.push(
      under(
        `file with ${ENTRIES} entries written (Node)`,
        timed(() => writeWorkspace(state)).ms,
        'ms',
        1500
      ),
      under(
        `print of a workspace with ${ENTRIES} entries (Node)`,
        timed(() => workspacePrint(state)).ms,
        'ms',
        1500
      )
    )
  const felt = await withBrowser(async (browser, url) => {
    const few = await openingFew(browser, url)
    const page = await filled(browser, url)
    const opened = []
    for (let run = 0; run < RUNS; run++) opened.push(await opening(page, url))
    await page.evaluate('globalThis.__name = (one) => one')
    const filtered = []
    for (let run = 0; run < RUNS; run++) {
      filtered.push(await changing(page, 'ledger-filter', 'rare boards', '^\\d+ of'))
      filtered.push(await changing(page, 'ledger-filter', '', '^50.?000 entries'))
    }
    const added = []
    for (let run = 0; run < RUNS; run++) {
      added.push(await adding(page, `Added ${run}`, ENTRIES + run + 1))
      await page.waitForTimeout(1500)
    }
    return [
      under(
        `ledger of ${ENTRIES} entries opened, from the start of the page (Chromium)`,
        median(opened),
        'ms',
        1000
      ),
      under(
        'of which its length: beyond what the same page takes with 8 entries (Chromium)',
        median(opened) - few,
        'ms',
        300
      ),
      under(`filter of ${ENTRIES} entries (Chromium)`, median(filtered), 'ms', 100),
      under(
        `entry added to ${ENTRIES}, until it is counted on the screen (Chromium)`,
        median(added.map(({ shown }) => shown)),
        'ms',
        50
      ),
      under(
        `entry added to ${ENTRIES}, until it is kept on the disk (Chromium)`,
        median(added.map(({ kept }) => kept)),
        'ms',
        250
      )
    ]
  })
  return [...figures, ...felt]
}
