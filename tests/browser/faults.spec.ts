import { expect, test } from '@playwright/test'
import { killRuns } from '../faults/kills'
import { openDemo } from './helpers'

/** Short forms; `npm run faults` runs the long ones. */
test('the browser is killed while it writes: nothing that was said to be kept is lost, and the store can be read', async ({
  baseURL
}) => {
  test.setTimeout(120_000)
  const { acknowledged, lost, unreadable } = await killRuns(baseURL ?? '', 3, 20_261_125)
  expect(acknowledged).toBeGreaterThan(0)
  expect([lost, unreadable]).toEqual([[], 0])
})

test('names and texts with markup are text on every screen, and only links of the web are opened, without a referrer', async ({
  page
}) => {
  const evil =
    '<img src=x onerror="window.struck=1">{{constructor.constructor("window.struck=2")()}}'
  await openDemo(page, '/ledger')
  await page.getByLabel('Amount').first().fill('1')
  await page.locator('#entry-text').fill(evil)
  await page.getByRole('button', { name: 'Enter', exact: true }).click()
  await expect(page.getByRole('row', { name: /onerror/ })).toContainText('<img src=x')
  await page.getByRole('row', { name: /onerror/ }).click()
  await expect(
    page.getByRole('region', { name: 'The entry' }).getByRole('heading', { level: 2 })
  ).toHaveText(evil)
  await page.getByRole('heading', { level: 1 }).click()
  await page.keyboard.press('/')
  await page.getByRole('combobox', { name: 'What are you looking for' }).fill('onerror')
  await expect(page.getByRole('option').first()).toContainText('<img src=x')
  await page.keyboard.press('Escape')
  await page.goto('/#/prices/find')
  const find = page.locator('form').filter({ hasText: 'Keep this find' })
  await find.getByRole('combobox').first().click()
  await page.getByRole('option', { name: 'Jigsaw', exact: true }).click()
  await find.getByLabel('Price').fill('20')
  await find.getByLabel('Price').blur()
  await find.getByLabel('Link to it, if it has one').fill('javascript:window.struck=3')
  await find.getByRole('button', { name: 'Keep this find' }).click()
  await expect(find.getByRole('alert')).toHaveText(
    'A link must begin with http:// or https:// and hold no spaces.'
  )
  await find.getByLabel('Link to it, if it has one').fill('https://market.invalid/jigsaw?id=1')
  await find.getByRole('button', { name: 'Keep this find' }).click()
  const link = page.getByRole('link', { name: 'market.invalid' })
  await expect(link).toHaveAttribute('rel', 'noopener noreferrer')
  await expect(link).toHaveAttribute('referrerpolicy', 'no-referrer')
  expect(await page.evaluate(() => (window as { struck?: number }).struck)).toBeUndefined()
})
