import { chromium, type Page } from '@playwright/test'
const [, , out, path, w = '1280', h = '800', ...js] = process.argv
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox'] })
const page = await (await browser.newContext({ viewport: { width: +w, height: +h }, locale: 'en-GB', timezoneId: 'UTC', colorScheme: 'light', serviceWorkers: 'block' })).newPage()
page.on('pageerror', (e) => console.log('ERR', e.message)); page.on('console', (m) => m.type() === 'error' && console.log('CONSOLE', m.text()))
await page.goto('http://localhost:4288/')
await page.getByRole('heading', { level: 1, name: /^Buy/ }).waitFor()
await page.goto(`http://localhost:4288/#${path}`)
await page.waitForTimeout(1500)
for (const step of js) { await (new Function('page', `return (async () => { ${step} })()`) as (p: Page) => Promise<void>)(page); await page.waitForTimeout(800) }
await page.screenshot({ path: out! })
await browser.close()
