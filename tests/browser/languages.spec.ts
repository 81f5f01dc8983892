import { readFileSync } from 'node:fs'
import { expect, test, type Browser, type Page } from '@playwright/test'
import { VIEWS, watch } from './helpers'

/** What a demo's owner wrote is theirs, in whatever language. */
const OWN = readFileSync('data/demo/hive-yard.json', 'utf8').toLowerCase()
/** Words that are the same in German, names of formats and months, times, and what a field without a choice holds unseen. */
const SAME =
  /^(?:Frugal( Ledger)?|Plan|Plan \(CSV\)|Name|Text|CSV|Deutsch|English|Hive yard|Third floor|Half a garage|Esc|Hammer, 300 g|in EUR|https:\/\/|empty|Jan|Feb|Apr|Jun|Jul|Aug|Sep|Nov|\d+ min|.*…)$/
/** Names of builds, several of them, or with how many. */
const isOwn = (text: string): boolean =>
  text.split(', ').every((name) => OWN.includes(name.replace(/ × \d+$/, '').toLowerCase()))

/** All that is said on a page, and to those who listen to it. */
const saidOn = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const found = new Set<string>()
    const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT)
    for (let node = walker.nextNode(); node; node = walker.nextNode()) {
      const within = node.parentElement
      if (!within || within.closest('script, style, noscript')) continue
      found.add(node.textContent?.trim() ?? '')
    }
    for (const one of document.querySelectorAll('[aria-label], [placeholder], [title]'))
      for (const name of ['aria-label', 'placeholder', 'title'])
        found.add(one.getAttribute(name)?.trim() ?? '')
    return [...found].filter((text) => /\p{L}{3}/u.test(text))
  })

async function pageIn(browser: Browser, locale: string, width: number): Promise<Page> {
  const context = await browser.newContext({
    locale,
    viewport: { width, height: 844 },
    timezoneId: 'UTC',
    serviceWorkers: 'block'
  })
  return context.newPage()
}
/** The view at rest: planned, and its own parts fetched. */
async function goTo(page: Page, path: string): Promise<void> {
  await page.goto(`/#${path}`)
  await expect(page.getByRole('heading', { level: 1 })).not.toHaveText(/…$/)
  await page.waitForTimeout(1200)
}

test('in German nothing is said in English, but what the demo’s owner wrote', async ({
  browser
}) => {
  test.setTimeout(420_000)
  const [english, german] = await Promise.all([
    pageIn(browser, 'en-IE', 1280),
    pageIn(browser, 'de-DE', 1280)
  ])
  const errors = watch(german)
  await Promise.all([goTo(english, '/'), goTo(german, '/')])
  await expect(german.locator('html')).toHaveAttribute('lang', 'de')
  for (const path of VIEWS) {
    await Promise.all([goTo(english, path), goTo(german, path)])
    const [plain, told] = await Promise.all([saidOn(english), saidOn(german)])
    const alike = told.filter((text) => plain.includes(text) && !SAME.test(text) && !isOwn(text))
    expect.soft(alike, path).toEqual([])
  }
  expect(errors).toEqual([])
  await Promise.all([english.context().close(), german.context().close()])
})

test('the language is chosen in the settings, holds after a reload, and goes back to the browser’s', async ({
  page
}) => {
  await page.goto('/#/settings')
  await page.getByRole('combobox', { name: 'Language' }).click()
  await page.getByRole('option', { name: 'Deutsch' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Datei und Einstellungen')
  await page.reload()
  await expect(page.getByRole('navigation').getByText('Kassenbuch')).toBeVisible()
  await page.getByRole('combobox', { name: 'Sprache' }).click()
  await page.getByRole('option', { name: 'wie der Browser' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('File and settings')
})

test.describe('in German, on a phone', () => {
  test.use({ locale: 'de-DE', viewport: { width: 320, height: 844 } })
  test('nothing runs out of a screen of 320 pixels', async ({ page }) => {
    await goTo(page, '/')
    for (const path of VIEWS) {
      await goTo(page, path)
      expect
        .soft(
          await page.evaluate(
            () => document.documentElement.scrollWidth - document.documentElement.clientWidth
          ),
          path
        )
        .toBeLessThanOrEqual(0)
    }
  })
})

test.describe('in German', () => {
  test.use({ locale: 'de-AT' })
  test('from an empty browser to a plan, with figures and days as they are written in Austria', async ({
    page
  }) => {
    await page.goto('/#/start')
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Meine beginnen')
    await page.getByPlaceholder('Ein Stück suchen').fill('Nistk')
    await page.getByLabel('Nistkasten').check()
    await page.getByPlaceholder('Ein Stück suchen').fill('')
    for (const piece of ['Werkzeugtrage', 'Pflanztisch', 'Spielzeugregal'])
      await page.getByLabel(piece).check()
    await page.getByLabel('Jetzt in der Kasse').fill('400,50')
    await page.getByLabel('Jetzt in der Kasse').blur()
    await page.getByRole('button', { name: 'Zeig mir einen Plan' }).click()
    await expect(page.getByRole('heading', { level: 1 })).toHaveText(/Vorhaben für €\s\d/)
    await page.goto('/#/ledger')
    await expect(page.getByRole('heading', { level: 1 })).toHaveText(/^€\s400,50 in der Kasse$/)
    await page.getByLabel('Betrag').first().fill('12,90')
    await page.locator('#entry-text').fill('Leim')
    await page.getByRole('textbox', { name: 'Am' }).first().fill('gestern')
    await page.getByRole('button', { name: 'Eintragen', exact: true }).click()
    await expect(page.getByRole('row', { name: /Leim/ })).toContainText('12,90')
  })
})
