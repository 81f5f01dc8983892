import { chromium } from '@playwright/test'
const BASE = 'http://127.0.0.1:4173/'
const [
  ,
  ,
  path = '/prices/board',
  out = '/tmp/w/a.png',
  size = '1280x800',
  lang = 'en-GB',
  act = ''
] = process.argv
const [w, h] = size.split('x').map(Number)
const b = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox'] })
const ctx = await b.newContext({ viewport: { width: w!, height: h! }, locale: lang })
const page = await ctx.newPage()
page.on('pageerror', (e) => console.log('ERR', e.message))
page.on('console', (m) => {
  if (m.type() === 'error') console.log('console', m.text())
})
const demo = process.env.DEMO ?? ''
await page.goto(BASE + (demo ? '#/settings' : ''))
if (demo)
  await page
    .getByRole('button', { name: new RegExp('^(Show|Zeige?).*' + demo) })
    .first()
    .click()
await page.waitForTimeout(3500)
await page.goto(BASE + '#' + path)
await page.waitForTimeout(1500)
if (act) {
  const fn = new Function('page', `return (async()=>{${act}})()`)
  await fn(page)
}
await page.waitForTimeout(1200)
await page.screenshot({ path: out })
console.log(await page.locator('h1').first().innerText())
await b.close()
