import { expect, test } from '@playwright/test'
import { openDemo, watch } from './helpers'

test('a square is found out of true, care is done with one press, and both are undone', async ({
  page
}) => {
  const errors = watch(page)
  await openDemo(page, '/kit/due')
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(/due|cared for/)
  // Care by time: the screws of clamps that came in October 2024.
  await page.getByRole('button', { name: /^Oil the screws of F-clamp.*: done$/ }).click()
  await expect(
    page.getByRole('button', { name: /^Oil the screws of F-clamp.*: done$/ })
  ).toHaveCount(0)
  await page.getByRole('button', { name: /^Undo care of F-clamp/ }).click()
  await expect(
    page.getByRole('button', { name: /^Oil the screws of F-clamp.*: done$/ })
  ).toBeVisible()
  await page.getByRole('button', { name: /^Rafter square.*: Square, by flipping/ }).click()
  await page.getByLabel('Over a length of, mm').fill('150')
  // Hundredths of a millimetre typed for millimetres.
  await page.getByLabel('Distance, mm').fill('80')
  await page.getByLabel('Distance, mm').blur()
  await expect(page.getByText(/^That would be 80.0 mm off/)).toBeVisible()
  await expect(page.getByRole('button', { name: 'Keep the result' })).toBeDisabled()
  // Lines 2 mm apart after 150 mm: 1 mm off there, 2 mm over 300.
  await page.getByLabel('Distance, mm').fill('2')
  await page.getByLabel('Distance, mm').blur()
  await expect(page.getByText(/^2 mm off over 300 mm: more than/)).toBeVisible()
  await page.getByRole('button', { name: 'Keep the result' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('One tool is out of true')
  await expect(page.getByText(/^Rafter square: 2 mm off over 300 mm; plans reckon/)).toBeVisible()
  await page.getByRole('button', { name: /^Undo checking Rafter square/ }).click()
  await expect(page.getByRole('heading', { level: 1 })).not.toHaveText('One tool is out of true')
  expect(errors).toEqual([])
})

test('time at the bench: a clock, a session by hand, where the hours went, and the pace that follows', async ({
  page
}) => {
  const errors = watch(page)
  await page.goto('/#/settings')
  await page.locator('button[aria-label*="Market stall"]').first().click()
  await expect(page.getByText(/^The demo “Market stall”/)).toBeVisible()
  await page.goto('/#/builds/stool')
  await page.getByRole('button', { name: 'Begin', exact: true }).click()
  await page.getByRole('button', { name: 'Begin it' }).click()
  await page.getByRole('button', { name: 'Start the clock' }).click()
  await expect(page.getByText(/^The clock runs since /)).toBeVisible()
  // It goes on while the page is closed.
  await page.goto('/#/')
  await expect(page.getByText(/^The clock of Step stool runs since/)).toBeVisible()
  await page.goto('/#/builds/stool')
  await page.getByRole('button', { name: 'Stop the clock' }).click()
  await page.getByLabel('Hours worked').fill('30')
  await page.getByLabel('Hours worked').blur()
  await page.getByRole('button', { name: 'Put it in' }).click()
  await expect(page.getByText(/^A day has 24 hours/)).toBeVisible()
  await page.getByLabel('Hours worked').fill('2.5')
  await page.getByLabel('Hours worked').blur()
  await page.getByRole('button', { name: 'Put it in' }).click()
  await expect(page.getByText('2 h 30 logged so far.')).toBeVisible()
  await page.getByRole('button', { name: 'Done', exact: true }).click()
  const dialog = page.getByRole('dialog')
  await expect(dialog.getByLabel('Hours it took')).toHaveValue('2.5')
  await dialog.getByLabel('Hours it took').fill('300')
  await dialog.getByRole('button', { name: 'It is done' }).click()
  await expect(dialog.getByText(/^300 h do not fit: begun on/)).toBeVisible()
  await dialog.getByLabel('Hours it took').fill('20')
  await dialog.getByRole('button', { name: 'It is done' }).click()
  await expect(page.getByRole('heading', { name: 'Where the hours went' })).toBeVisible()
  await page.goto('/#/kit/hours')
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(/you take|as the book says/)
  await page.getByLabel('Reckon by the book instead').check()
  await expect(page.getByText('Your own pace is left out of every time.')).toBeVisible()
  expect(errors).toEqual([])
})
