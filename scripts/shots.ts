import { chromium } from '@playwright/test'

/** `npm run shots` while the application is served: one current picture of each main view, from the demo data. */
const BASE = process.env.BASE ?? 'http://localhost:4173/'
const VIEWS: readonly [file: string, path: string, width: number, height: number][] = [
  ['bench', '/', 1280, 800], ['builds', '/builds', 1280, 800], ['kit', '/kit', 1280, 800], ['weigh-up', '/weigh', 1280, 800], ['stages', '/stages', 1280, 800], ['ledger', '/ledger', 1280, 800],
  ['start', '/start', 1280, 800], ['settings', '/settings', 1280, 800], ['bench-phone', '/', 390, 844], ['stages-phone', '/stages', 390, 844]
]
const SETTLE_MS = 2500

const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox'] })
for (const [file, path, width, height] of VIEWS) {
  const page = await (await browser.newContext({ viewport: { width, height }, locale: 'en-GB', timezoneId: 'UTC', colorScheme: 'light' })).newPage()
  await page.goto(BASE)
  await page.getByRole('heading', { level: 1, name: /^Buy/ }).waitFor()
  await page.goto(`${BASE}#${path}`)
  await page.waitForTimeout(SETTLE_MS)
  await page.screenshot({ path: `docs/screenshots/${file}.png` })
  await page.context().close()
}
await browser.close()
