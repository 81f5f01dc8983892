import { chromium } from '@playwright/test'
const b = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox'] })
const phone = process.argv[2] === 'phone'
const lang = process.env.LANG_ ?? 'de-DE'
const c = await b.newContext({ viewport: phone ? { width: 390, height: 844 } : { width: 1280, height: 800 }, locale: lang, timezoneId: 'UTC', serviceWorkers: 'block' })
const p = await c.newPage()
p.on('pageerror', e => console.log('ERR', e.message)); p.on('console', m => m.type() === 'error' && console.log('CON', m.text()))
await p.goto('http://127.0.0.1:4173/'); await p.waitForTimeout(6000)
for (const a of process.argv.slice(3)) {
  const [name, route] = a.split('=')
  await p.goto('http://127.0.0.1:4173/#' + route); await p.waitForTimeout(4000)
  await p.screenshot({ path: `/tmp/w/${name}.png` })
}
await b.close()
