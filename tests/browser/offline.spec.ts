import { appendFileSync, cpSync, mkdtempSync, rmSync } from 'node:fs'
import type { AddressInfo } from 'node:net'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { expect, test } from '@playwright/test'
import { createApp } from '../../server/app'
import { openDemo, watch } from './helpers'

test.use({ serviceWorkers: 'allow' })

const controlled = async (page: import('@playwright/test').Page): Promise<void> => {
  await page.waitForFunction(
    async () =>
      (await navigator.serviceWorker.ready).active?.state === 'activated' &&
      navigator.serviceWorker.controller !== null,
    undefined
  )
}

test('installed, it works without a network from then on: every place, planning, a purchase, a reload', async ({
  page,
  context
}) => {
  const errors = watch(page)
  await openDemo(page)
  await controlled(page)
  await context.setOffline(true)
  await page.reload()
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Buy')
  for (const [path, heading] of [
    ['/builds', /builds? can start|start today/],
    ['/kit', /./],
    ['/weigh/quality', /./],
    ['/prices', /./],
    ['/stages/risk', /./],
    ['/ledger/inventory', /What you own/],
    ['/workshop', /./],
    ['/keeping', /Copies/]
  ] as const) {
    await page.goto(`/#${path}`)
    await expect(page.getByRole('heading', { level: 1 })).toHaveText(heading)
  }
  await page.goto('/#/')
  await page.getByRole('button', { name: 'Bought it: Drill driver' }).click()
  await page.getByLabel('Really paid, for all of it').fill('60')
  await page.getByRole('button', { name: 'Put it in the ledger' }).click()
  await expect(page.getByText('Kept in this browser')).toBeVisible()
  await page.reload()
  await page.goto('/#/ledger')
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('€238.70 in the purse')
  await context.setOffline(false)
  expect(errors.filter((error) => !/ERR_INTERNET_DISCONNECTED/.test(error))).toEqual([])
})

test('what is installed says so: manifest, icons, and a page whose policy still holds from the cache', async ({
  page,
  context,
  request
}) => {
  const manifest = (await (await request.get('/manifest.webmanifest')).json()) as {
    name: string
    display: string
    icons: { src: string; sizes: string }[]
  }
  expect([manifest.name, manifest.display]).toEqual(['Frugal Ledger', 'standalone'])
  for (const { src } of manifest.icons)
    expect((await request.get(`/${src}`)).headers()['content-type']).toBe('image/png')
  await openDemo(page)
  await controlled(page)
  await context.setOffline(true)
  const [response] = await Promise.all([
    page.waitForResponse((one) => one.request().isNavigationRequest()),
    page.reload()
  ])
  const policy = response.headers()['content-security-policy'] ?? ''
  const nonce = /'nonce-([^']+)'/.exec(policy)?.[1] ?? 'none'
  expect(await response.text()).toContain(`nonce="${nonce}"`)
  expect(policy).not.toMatch(/unsafe-inline|'unsafe-eval'|https?:/)
})

test('what was thrown out of the browser’s copy of the program is put back by the next page with a network', async ({
  page,
  context
}) => {
  await openDemo(page)
  await controlled(page)
  const left = (): Promise<number> =>
    page.evaluate(async () => {
      const names = await caches.keys()
      const all = await Promise.all(
        names.map(async (name) => (await (await caches.open(name)).keys()).length)
      )
      return all.reduce((sum, one) => sum + one, 0)
    })
  const whole = await left()
  await page.evaluate(async () => {
    for (const name of await caches.keys()) {
      const cache = await caches.open(name)
      for (const request of await cache.keys())
        if (/index\.html|\.js/.test(request.url)) await cache.delete(request)
    }
  })
  expect(await left()).toBeLessThan(whole)
  await page.reload()
  await expect.poll(left).toBe(whole)
  await context.setOffline(true)
  await page.reload()
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Buy')
})

test('a newer version waits until it is asked for, and a change that is half typed stays', async ({
  page
}) => {
  // A server of its own, whose program can be changed while it runs.
  const folder = mkdtempSync(join(tmpdir(), 'served-'))
  cpSync('dist', folder, { recursive: true })
  const server = createApp(folder).listen(0)
  const address = `http://localhost:${(server.address() as AddressInfo).port}`
  try {
    await page.goto(address)
    await expect(page.getByRole('heading', { level: 1 })).toContainText('Buy')
    await controlled(page)
    await page.goto(`${address}/#/ledger`)
    await page.locator('#entry-text').fill('Half typed')
    appendFileSync(join(folder, 'sw.js'), '\n// a newer version\n')
    await page.evaluate(
      async () => void (await (await navigator.serviceWorker.getRegistration())?.update())
    )
    await expect(page.getByText('A newer version is ready.')).toBeVisible()
    await expect(page.locator('#entry-text')).toHaveValue('Half typed')
    await page.getByLabel('Amount').first().fill('3')
    await page.getByRole('button', { name: 'Enter', exact: true }).click()
    await Promise.all([
      page.waitForEvent('load'),
      page.getByRole('button', { name: 'Load it anew' }).click()
    ])
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('€295.70 in the purse')
    await expect(page.getByText('A newer version is ready.')).toHaveCount(0)
  } finally {
    server.close()
    rmSync(folder, { recursive: true, force: true })
  }
})
