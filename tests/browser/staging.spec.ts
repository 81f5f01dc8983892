import { expect, test } from '@playwright/test'
import { openDemo, settled, watch } from './helpers'

test('only trying: a move is shown with its rules, dropped without a trace, and kept when wanted', async ({
  page
}) => {
  const errors = watch(page)
  await openDemo(page, '/stages')
  await settled(page)
  await page.getByRole('button', { name: 'Only try things' }).click()
  const tag = page.locator('button.tag').first()
  const day = (await tag.getAttribute('data-day')) ?? ''
  const offer = (await tag.getAttribute('data-offer')) ?? ''
  await tag.focus()
  await page.keyboard.press('ArrowRight')
  await expect(page.locator(`[data-offer="${offer}"]`).first()).not.toHaveAttribute('data-day', day)
  await expect(page.getByText('You are only trying')).toBeVisible()
  await expect(page.getByRole('button', { name: /^Undo moving/ })).toHaveCount(0)
  await page.getByRole('button', { name: 'Back to the plan' }).click()
  await expect(page.locator(`[data-offer="${offer}"]`).first()).toHaveAttribute('data-day', day)
  const last = page.locator('button.tag').last()
  const lastOffer = (await last.getAttribute('data-offer')) ?? ''
  await page.getByRole('button', { name: 'Only try things' }).click()
  await last.focus()
  await page.keyboard.press('ArrowLeft')
  await page.getByRole('button', { name: 'Keep it so' }).click()
  await expect(page.getByRole('button', { name: 'Undo moving 1 purchase' })).toBeEnabled()
  await expect(page.locator(`[data-offer="${lastOffer}"]`).first()).toHaveAccessibleName(/pinned$/)
  expect(errors).toEqual([])
})

test('the rule grows and shrinks by keys, and each stage says what can be built after it', async ({
  page
}) => {
  await openDemo(page, '/stages')
  await settled(page)
  const rule = page.getByRole('group', { name: 'The rule: purchases and builds by date' })
  await rule.focus()
  const width = async (): Promise<number> =>
    page.locator('.drawing').evaluate((drawing) => drawing.getBoundingClientRect().width)
  const before = await width()
  await page.keyboard.press('+')
  await expect.poll(width).toBeGreaterThan(before)
  await page.keyboard.press('End')
  await expect.poll(() => rule.evaluate((frame) => frame.scrollLeft)).toBeGreaterThan(0)
  await page.keyboard.press('-')
  await page.keyboard.press('-')
  await expect.poll(width).toBeLessThan(before)
  await page
    .getByRole('button', { name: /^What can I build after/ })
    .last()
    .click()
  await expect(page.getByRole('heading', { name: /^What you can build after/ })).toBeVisible()
  await expect(page.getByText(/Hive boxes/).first()).toBeVisible()
})

test('a purchase answers what would be without it, the next fifty and the upper limit are worked out beside the page', async ({
  page
}) => {
  const errors = watch(page)
  await openDemo(page, '/stages')
  await settled(page)
  await page.evaluate(() => {
    const seen: number[] = []
    Object.assign(globalThis, { longTasks: seen })
    new PerformanceObserver((list) =>
      seen.push(...list.getEntries().map(({ duration }) => duration))
    ).observe({ entryTypes: ['longtask'] })
  })
  await page.getByRole('button', { name: /^Circular saw,/ }).click()
  await page.getByRole('button', { name: /^Plan again without it/ }).click()
  await expect(page.getByText('Without it', { exact: true })).toBeVisible()
  await expect(page.getByText(/^Worth (€|about)|^No difference/).first()).toBeVisible()
  await page.getByRole('button', { name: /^With €50 more today/ }).click()
  await expect(page.locator('.worth').getByText(/^Worth (€|about)|^No difference/)).toBeVisible()
  await page.getByRole('button', { name: 'How much better could it be?' }).click()
  await expect(page.getByText(/^No plan can be more than/)).toBeVisible({ timeout: 50_000 })
  expect(errors).toEqual([])
})

test('two ways are laid side by side, and one is kept and taken out again', async ({ page }) => {
  await openDemo(page, '/stages/scenarios')
  await page.getByLabel('Set aside, against now, %').fill('50')
  await page.getByLabel('Set aside, against now, %').blur()
  await page.getByRole('button', { name: 'Keep this one' }).click()
  await page.getByRole('button', { name: 'Plan and compare' }).click()
  await expect(page.getByRole('row', { name: /^Builds ready/ })).toContainText('/ 8')
  await expect(page.getByRole('columnheader', { name: 'As it stands' })).toBeVisible()
  await page.getByRole('button', { name: 'Take out' }).click()
  await expect(page.getByRole('button', { name: /^Undo taking out/ })).toBeEnabled()
})

test('how sure: chances for each build, a fan and its table', async ({ page }) => {
  await openDemo(page, '/stages/risk')
  await expect(page.getByRole('row', { name: /Bird boxes/ })).toContainText('%')
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(/more likely/i)
  await expect(page.getByText(/^The purse falls below what you keep back in/)).toBeVisible()
  await page.getByRole('button', { name: 'As a table' }).click()
  await expect(page.getByRole('columnheader', { name: '95 %' })).toBeVisible()
})

test('the calendar is saved, and the plan prints without its buttons', async ({ page }) => {
  await openDemo(page, '/stages')
  await settled(page)
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Calendar' }).click()
  ])
  expect(download.suggestedFilename()).toBe('Hive-yard-plan.ics')
  await page.emulateMedia({ media: 'print' })
  await expect(page.getByRole('cell', { name: /^Buy circular saw/ })).toBeVisible()
  await expect(page.getByRole('button', { name: 'Only try things' })).toBeHidden()
})

test('the workshop’s limits move the plan: weeks without hours, a floor from the room, a cap', async ({
  page
}) => {
  const errors = watch(page)
  await openDemo(page, '/workshop')
  await page.getByText('A corner that is not there').click()
  await page.getByRole('button', { name: 'Take the drawing away' }).click()
  await page.goto('/#/workshop/limits')
  await expect(page.getByLabel('Floor for tools put away, m²')).toBeVisible()
  await page.getByLabel('Length of the room, m').fill('6')
  await page.getByLabel('Length of the room, m').blur()
  await page.getByLabel('Width of the room, m').fill('3')
  await page.getByLabel('Width of the room, m').blur()
  await page.getByRole('button', { name: 'Take 6 m²' }).click()
  await expect(page.getByLabel('Floor for tools put away, m²')).toHaveValue('6')
  await page.getByLabel('No more than').fill('300')
  await page.getByLabel('No more than').blur()
  await page.goto('/#/stages')
  await settled(page)
  await expect(page.getByRole('heading', { level: 1 })).toContainText(/for €[12]?\d\d(\.\d\d)?$/)
  expect(errors).toEqual([])
})

test('the same rule on a phone runs down the page and opens its purchases', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 })
  await openDemo(page, '/stages')
  await page
    .getByRole('button', { name: /^(Drill driver|Circular saw)/ })
    .first()
    .click()
  await expect(page.getByRole('heading', { name: 'What it opens' })).toBeVisible()
  await page
    .getByRole('button', { name: /^What can I build after/ })
    .first()
    .click()
  await expect(page.getByRole('heading', { name: /^What you can build after/ })).toBeVisible()
})
