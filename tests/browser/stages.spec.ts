import { expect, test } from '@playwright/test'
import { openDemo, settled, watch } from './helpers'

test('a purchase is moved and pinned with the keyboard, and undone', async ({ page }) => {
  const errors = watch(page)
  await openDemo(page, '/stages')
  await settled(page)
  const tag = page.locator('button.tag').last()
  const name = (await tag.getAttribute('aria-label')) ?? ''
  const day = (await tag.getAttribute('data-day')) ?? ''
  await tag.focus()
  await page.keyboard.press('ArrowRight')
  const tool = name.split(', €')[0] ?? ''
  await expect(
    page
      .getByRole('button', { name: `${tool}, ` })
      .and(page.locator('.tag'))
      .first()
  ).not.toHaveAttribute('data-day', day)
  await expect(page.getByRole('alert').or(page.getByRole('status')).first()).toBeVisible()
  await page.getByRole('button', { name: /^Undo moving/ }).click()
  await expect(
    page
      .getByRole('button', { name: `${tool}, ` })
      .and(page.locator('.tag'))
      .first()
  ).toHaveAttribute('data-day', day)
  await tag.focus()
  await page.keyboard.press('p')
  await expect(tag).toHaveAccessibleName(/pinned$/)
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { name: 'Why not earlier?' })).toBeVisible()
  expect(errors).toEqual([])
})

test('dragging shows at once which rule a move breaks, with two ways out', async ({ page }) => {
  await openDemo(page, '/stages')
  await settled(page)
  // What today's build needs, dragged behind the day it begins.
  const tag = page.locator('button.tag').first()
  const from = await tag.boundingBox()
  const later = await page.locator('button.tag').last().boundingBox()
  if (!from || !later) throw new Error('no tags')
  await page.mouse.move(from.x + 20, from.y + 10)
  await page.mouse.down()
  await page.mouse.move(from.x + 60, from.y + 10, { steps: 4 })
  await page.mouse.move(later.x + 20, from.y + 10, { steps: 8 })
  await expect(page.getByText(/this would break a rule/)).toBeVisible()
  await page.mouse.up()
  await expect(page.getByText('This move breaks a rule:')).toBeVisible()
  await expect(
    page.getByText(/is to begin on .*, but nothing is there by then/).first()
  ).toBeVisible()
  await page.getByRole('button', { name: 'Put it back' }).click()
  await expect(page.getByText('This move breaks a rule:')).toHaveCount(0)
})

test('a pin the money cannot hold is named as a clash and can be let go', async ({ page }) => {
  await openDemo(page, '/kit')
  await page.goto('/#/stages')
  await settled(page)
  // A payday later and back again: so it is pinned to today.
  await page.getByRole('button', { name: /^Circular saw,/ }).focus()
  await page.keyboard.press('ArrowRight')
  await page.keyboard.press('ArrowLeft')
  await page.getByRole('link', { name: 'Ledger' }).click()
  await page.getByLabel('Keep back').fill('290')
  await page.getByLabel('Keep back').blur()
  await page.getByRole('link', { name: 'Stages' }).click()
  await expect(
    page.getByRole('heading', { level: 1, name: 'These pins cannot hold together' })
  ).toBeVisible()
  await page
    .getByRole('button', { name: /^Let .* go$/ })
    .first()
    .click()
  await expect(
    page.getByRole('heading', { level: 1, name: /builds? for|Nothing staged/ })
  ).toBeVisible()
})

test('the plan is saved as CSV', async ({ page }) => {
  await openDemo(page, '/stages')
  await settled(page)
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save as CSV' }).click()
  ])
  expect(download.suggestedFilename()).toBe('Hive-yard-plan.csv')
})
