import AxeBuilder from '@axe-core/playwright'
import { expect, test } from '@playwright/test'
import { openDemo, watch } from './helpers'

const WIDEST = 390

test('a name opens its card by press and by key, leads on to others, and comes back', async ({
  page
}) => {
  const errors = watch(page)
  await openDemo(page, '/')
  await page.getByRole('button', { name: 'What is this: Drill driver' }).click()
  const card = page.getByRole('dialog', { name: 'Drill driver' })
  await expect(card.getByText('Bores holes and drives screws')).toBeVisible()
  await expect(card.getByRole('img', { name: 'Drill driver' })).toBeVisible()
  await expect(card.getByRole('heading', { name: 'When you choose one' })).toBeVisible()
  await expect(card.getByText('In your plan for')).toBeVisible()
  await card.getByRole('button', { name: 'What is this: Twist bits for wood, set' }).click()
  const bits = page.getByRole('dialog', { name: 'Twist bits for wood, set' })
  await expect(bits.getByText('Brad points for wood')).toBeVisible()
  await bits.getByRole('button', { name: 'Back' }).click()
  await expect(card).toBeVisible()
  const found = await new AxeBuilder({ page }).analyze()
  expect(found.violations.map(({ id }) => id)).toEqual([])
  await page.keyboard.press('Escape')
  await expect(card).toHaveCount(0)
  // By key: the name in focus is asked about.
  await page.getByRole('button', { name: 'What is this: Drill driver' }).focus()
  await page.keyboard.press('i')
  await expect(card).toBeVisible()
  expect(errors).toEqual([])
})

test('a card that was on its way when its page was left does not open over the next one', async ({
  page
}) => {
  const errors = watch(page)
  let letCome = (): void => undefined
  const mayCome = new Promise<void>((resolve) => {
    letCome = resolve
  })
  let asked = 0
  await page.route(/CardDialog.*\.js/, async (route) => {
    asked++
    await mayCome
    await route.continue()
  })
  await openDemo(page, '/')
  await page.getByRole('button', { name: 'What is this: Drill driver' }).click()
  await expect.poll(() => asked).toBe(1)
  await page.goto('/#/ledger')
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(/in the purse/)
  letCome()
  await page.waitForLoadState('networkidle')
  await expect(page.getByRole('dialog')).toHaveCount(0)
  await page.locator('#entry-text').click()
  // Asked for there, the next one opens.
  await page.goto('/#/')
  await page.getByRole('button', { name: 'What is this: Drill driver' }).click()
  const card = page.getByRole('dialog', { name: 'Drill driver' })
  await expect(card).toBeVisible()
  // And an open one goes with its page.
  await page.goto('/#/ledger')
  await expect(card).toHaveCount(0)
  await page.locator('#entry-text').click()
  expect(errors).toEqual([])
})

test('a card stands as a page of its own for paper and phone; work, ways and materials have theirs', async ({
  page
}) => {
  const errors = watch(page)
  await page.setViewportSize({ width: WIDEST, height: 844 })
  for (const [path, title, says] of [
    ['/what/tool/rafter-square', /^Rafter square/, 'the fence a hand-held circular saw runs along'],
    [
      '/what/operation/cut-dovetail',
      /^Dovetail joint/,
      'Cut tails and pins that cannot pull apart'
    ],
    ['/what/material/plywood-18', /^Plywood/, 'flat, strong both ways']
  ] as const) {
    await openDemo(page, path)
    await expect(page.getByRole('heading', { level: 1 })).toHaveText(title)
    await expect(page.getByText(says)).toBeVisible()
    const found = await new AxeBuilder({ page }).analyze()
    expect(found.violations.map(({ id }) => id)).toEqual([])
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(
      WIDEST
    )
  }
  await openDemo(page, '/what/operation/crosscut')
  await page
    .getByRole('button', { name: /^What is this: .*mitre saw/i })
    .first()
    .click()
  await expect(page.getByRole('dialog').getByText('Done with')).toBeVisible()
  await openDemo(page, '/what/tool/no-such-tool')
  await expect(page.getByText('Nothing is known under this name')).toBeVisible()
  expect(errors).toEqual([])
})

test('what is bought in one day is one basket: recorded at real prices in one step, and taken back in one', async ({
  page
}) => {
  await openDemo(page, '/')
  await page.getByText(/^With it: /).click()
  await expect(page.getByRole('button', { name: /^Bought it: / }).nth(3)).toBeVisible()
  await page.getByRole('button', { name: 'All bought' }).click()
  const basket = page.getByRole('dialog')
  await basket.getByLabel('Paid for Circular saw, 185 mm').fill('70')
  await basket.getByLabel('Paid for Circular saw, 185 mm').blur()
  await basket.getByLabel('On', { exact: true }).fill('yesterday')
  await basket.getByLabel('On', { exact: true }).blur()
  await expect(basket.getByLabel('On', { exact: true })).toHaveValue('3 May 2026')
  await basket.getByRole('button', { name: 'Put it in the ledger' }).click()
  await expect(basket).toHaveCount(0)
  await page.goto('#/kit')
  await expect(page.getByRole('checkbox', { name: /have.*Drill driver/i })).toBeChecked()
  await page.goto('#/ledger')
  await expect(page.getByRole('row', { name: /Circular saw.*70/ })).toBeVisible()
  await page.getByRole('button', { name: /^Undo buying \d+ things/ }).click()
  await page.goto('#/kit')
  await expect(page.getByRole('checkbox', { name: /have.*Drill driver/i })).not.toBeChecked()
})

test('a day is typed as people write it; one that means two is asked about and holds the form back', async ({
  page
}) => {
  await openDemo(page, '/ledger')
  const date = page.getByLabel('On', { exact: true }).first()
  await date.fill('1.5.')
  await date.blur()
  await expect(date).toHaveValue('1 May 2026')
  await date.fill('next Friday')
  await date.blur()
  await expect(
    page.getByText('“next Friday” is 8 May 2026 to some and 15 May 2026 to others')
  ).toBeVisible()
  await date.fill('30 Feb')
  await date.blur()
  await expect(page.getByText('“30 Feb” could not be read as a day')).toBeVisible()
  await page.getByRole('button', { name: 'On: pick from a month' }).first().click()
  await page.getByRole('gridcell', { name: '2', exact: true }).first().click()
  await expect(date).toHaveValue('2 May 2026')
})
