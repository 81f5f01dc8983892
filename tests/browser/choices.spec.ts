import { expect, test } from '@playwright/test'
import { openDemo, settled, watch } from './helpers'

test('an advised companion is taken along, and stays in the plan that is made again', async ({
  page
}) => {
  const errors = watch(page)
  await openDemo(page, '/stages')
  await settled(page)
  await page.locator('button.tag[data-offer^="circular-saw/"]').first().click()
  const advice = page.locator('.advised').filter({ hasText: 'Fine blade for a circular saw' })
  await expect(advice).toContainText('The blade supplied is usually poor.')
  await advice.getByRole('button', { name: /^(Buy on|Take along)/ }).click()
  await settled(page)
  await expect(page.locator('button.tag[data-offer^="saw-blade/"]').first()).toHaveAccessibleName(
    /pinned$/
  )
  await page.locator('button.tag[data-offer^="circular-saw/"]').first().click()
  await expect(page.getByRole('heading', { name: 'Comes with it' })).toBeVisible()
  await expect(advice).toHaveCount(0)
  expect(errors).toEqual([])
})

test('what is never to be bought is kept, and the last condition cannot be ruled out', async ({
  page
}) => {
  const errors = watch(page)
  await openDemo(page, '/settings')
  await page.getByText('Nothing ruled out').click()
  await page.getByRole('option', { name: 'used', exact: true }).click()
  await page.getByRole('option', { name: 'refurbished' }).click()
  await expect(page.getByRole('option', { name: 'new', exact: true })).toHaveAttribute(
    'aria-disabled',
    'true'
  )
  await page.keyboard.press('Escape')
  await expect(page.getByText('refurbished, used')).toBeVisible()
  await page.goto('/#/stages')
  await settled(page)
  await expect(page.locator('button.tag[data-offer*="/used/"]')).toHaveCount(0)
  expect(errors).toEqual([])
})

test('what is to be learnt is reckoned as it comes with practice', async ({ page }) => {
  const errors = watch(page)
  await openDemo(page, '/workshop/hazards')
  const learn = page.getByLabel('I mean to learn it')
  await learn.first().click()
  await expect(page.getByText(/reckoned as it comes with practice/)).toBeVisible()
  await learn.first().click()
  await expect(page.getByText(/reckoned as it comes with practice/)).toHaveCount(0)
  expect(errors).toEqual([])
})
