import { expect, test } from '@playwright/test'
import { killRuns } from '../faults/kills'
import { openDemo } from './helpers'

/** Short forms; `npm run faults` runs the long ones. */
test('the browser is killed while it writes: nothing that was said to be kept is lost, and the store can be read', async ({ baseURL }) => {
  test.setTimeout(120_000)
  const { acknowledged, lost, unreadable } = await killRuns(baseURL ?? '', 3, 20_261_125)
  expect(acknowledged).toBeGreaterThan(0)
  expect([lost, unreadable]).toEqual([[], 0])
})

test('names and texts with markup are text on every screen, and only links of the web are opened, without a referrer', async ({ page }) => {
  const evil = '<img src=x onerror="window.struck=1">{{constructor.constructor("window.struck=2")()}}'
  await openDemo(page, '/ledger')
  await page.getByLabel('Amount').first().fill('1')
  await page.locator('#entry-text').fill(evil)
  await page.getByRole('button', { name: 'Enter', exact: true }).click()
  await expect(page.getByRole('row', { name: /onerror/ })).toContainText('<img src=x')
  await page.getByRole('row', { name: /onerror/ }).click()
  await expect(page.getByRole('region', { name: 'The entry' }).getByRole('heading', { level: 2 })).toHaveText(evil)
  await page.getByRole('heading', { level: 1 }).click()
  await page.keyboard.press('/')
  await page.getByRole('combobox', { name: 'What are you looking for' }).fill('onerror')
  await expect(page.getByRole('option').first()).toContainText('<img src=x')
  expect(await page.evaluate(() => (window as { struck?: number }).struck)).toBeUndefined()
})
