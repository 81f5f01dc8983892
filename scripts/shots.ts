import { chromium, type Page } from '@playwright/test'
import { CHROMIUM, FLAGS } from './browser-flags'

/** `npm run shots` while the application is served: one current picture of each main view, from the demo data; `-- side` for one of them. */
const SETTLE_MS = 2500
const BASE = process.env.BASE ?? 'http://localhost:4173/'
/** An invented bookcase with a top. */
const LIST = [
  'part\tqty\tlength\twidth\tthickness\tmaterial\tedges\tjoints',
  'Side\t2\t1200\t280\t18\tplywood\tband front\tdado 4',
  'Shelf\t4\t764\t270\t18\tplywood\tband front\t',
  'Back rail\t2\t764\t95\t20\tpine\t\tpocket 4',
  'Top\t1\t860\t320\t20\toak\tround all\tscrews 6'
].join('\n')
const fillList = async (page: Page): Promise<void> => {
  await page.getByLabel('Name of the build').fill('Hall bookcase')
  await page.getByLabel('The rows, with their headings').fill(LIST)
}
const makeBuild = async (page: Page): Promise<void> => {
  await fillList(page)
  await page.getByRole('button', { name: 'Make it a build' }).click()
  await page.getByRole('heading', { name: 'Joints: do they suit?' }).waitFor()
  await page.getByRole('button', { name: 'Why, and how else: Pocket joint' }).click()
  await page.getByRole('heading', { name: /^Pocket joint, for/ }).scrollIntoViewIfNeeded()
  await page.waitForTimeout(1500)
  await page
    .getByRole('heading', { name: /^Pocket joint, for/ })
    .evaluate((heading) => heading.scrollIntoView())
}

const climbed = async (page: Page): Promise<void> => page.locator('.rung').first().waitFor()
const weighRisk = async (page: Page): Promise<void> => {
  await page.getByRole('row').nth(1).waitFor()
  await page.waitForTimeout(4000)
}

const openEntry = async (page: Page): Promise<void> =>
  page.getByRole('row', { name: /Boards/ }).click()
const keepState = async (page: Page): Promise<void> =>
  page.getByRole('button', { name: 'Keep this state' }).click()

/** A stool and a bird box for 150: the first plan stands beside the questions. */
const firstPlan = async (page: Page): Promise<void> => {
  for (const piece of ['Step stool', 'Bird box'])
    await page.getByRole('checkbox', { name: piece }).check()
  await page.getByLabel('In the purse now').fill('150')
  await page.getByText(/pieces can be made/).waitFor()
  await page.evaluate(() => window.scrollTo(0, 0))
}
/** All answers are there, and one with prices seen is chosen. */
const answered = async (page: Page): Promise<void> => {
  await page.getByRole('button', { name: /^Coping saw/ }).waitFor({ timeout: 60_000 })
  await page.getByRole('button', { name: /^Drill driver/ }).click()
}
const openCard = async (page: Page): Promise<void> => {
  await page.getByRole('button', { name: /^What is this: Circular saw/ }).click()
  await page.locator('.card').waitFor()
}

/** The demo with a market stall, and what to make next in it. */
const openStall = async (page: Page): Promise<void> => {
  await page.getByRole('button', { name: 'Show Market stall' }).click()
  await page.getByText('The demo “Market stall”').waitFor()
  await page.goto(`${BASE}#/side`)
  await page.getByText('Proven: no other choice').waitFor({ timeout: 60_000 })
}

/** The demo with a year of history, looked back on. */
const openYear = async (page: Page): Promise<void> => {
  await page.getByRole('button', { name: 'Show A year on' }).click()
  await page.getByText('The demo “A year on”').waitFor()
  await page.goto(`${BASE}#/kit/back`)
}

/** A saw is asked about, put in and placed. */
const placeSaw = async (page: Page): Promise<void> => {
  await page.getByLabel('Would another one fit?').click()
  await page.getByRole('option', { name: 'Compact table saw' }).click()
  await page.getByRole('button', { name: 'Put in Compact table saw' }).click()
  await page.getByRole('button', { name: 'Place them for me' }).click()
  await page.waitForTimeout(SETTLE_MS)
  await page.evaluate(() => window.scrollTo(0, 0))
}

const VIEWS: readonly [
  file: string,
  path: string,
  width: number,
  height: number,
  prepare?: (page: Page) => Promise<void>
][] = [
  ['bench', '/', 1280, 800],
  ['builds', '/builds', 1280, 800],
  ['cut-list', '/cut-list', 1280, 800, fillList],
  ['build', '/cut-list', 1280, 800, makeBuild],
  ['kit', '/kit', 1280, 800],
  ['kit-back', '/settings', 1280, 800, openYear],
  ['weigh-up', '/weigh', 1280, 800, climbed],
  ['weigh-up-quality', '/weigh/quality', 1280, 800],
  ['prices', '/prices', 1280, 800, answered],
  ['stages', '/stages', 1280, 800],
  ['ledger', '/ledger', 1280, 800, openEntry],
  ['ledger-plan', '/ledger/plan', 1280, 800],
  ['keeping', '/keeping', 1280, 800, keepState],
  ['stages-how-sure', '/stages/risk', 1280, 800, weighRisk],
  ['workshop', '/workshop', 1280, 800, placeSaw],
  ['side', '/settings', 1280, 800, openStall],
  ['start', '/start', 1280, 800, firstPlan],
  ['card', '/', 1280, 800, openCard],
  ['bench-phone', '/', 390, 844]
]

const browser = await chromium.launch({ executablePath: CHROMIUM, args: FLAGS })
const wanted = process.argv.slice(2)
for (const [file, path, width, height, prepare] of VIEWS) {
  if (wanted.length > 0 && !wanted.includes(file)) continue
  const page = await (
    await browser.newContext({
      viewport: { width, height },
      locale: 'en-GB',
      timezoneId: 'UTC',
      colorScheme: 'light'
    })
  ).newPage()
  await page.goto(BASE)
  await page.getByRole('heading', { level: 1, name: /^Buy/ }).waitFor()
  await page.goto(`${BASE}#${path}`)
  await prepare?.(page)
  await page.waitForTimeout(SETTLE_MS)
  await page.screenshot({ path: `docs/screenshots/${file}.png` })
  await page.context().close()
}
await browser.close()
