import { expect, test } from '@playwright/test'
import { choose, openDemo, watch } from './helpers'

const rows = 'button.candidate'

test('a slider puts the purchases in another order, keeps its figure, and is undone', async ({
  page
}) => {
  const errors = watch(page)
  await openDemo(page, '/weigh/packages')
  const first = page.locator(rows).first()
  await expect(first).toBeVisible()
  const before = await page.locator(rows).allTextContents()
  await page.getByRole('button', { name: /^What counts/ }).click()
  const hour = page.getByRole('slider', { name: /an hour of work/ })
  await hour.focus()
  for (let i = 0; i < 24; i++) await page.keyboard.press('ArrowRight')
  await expect(page.getByText(/^an hour of work: an hour €/)).toBeVisible()
  await expect
    .poll(async () => (await page.locator(rows).allTextContents()).join('|'))
    .not.toBe(before.join('|'))
  const undo = page.getByRole('button', { name: 'Undo weighing an hour of work otherwise' })
  await expect(undo).toBeVisible()
  // On a slow machine the keys may come in more than one go; each of them is a step of its own.
  await expect(async () => {
    if (await undo.isVisible()) await undo.click()
    await expect(undo).toBeHidden({ timeout: 300 })
  }).toPass()
  await expect.poll(async () => page.locator(rows).allTextContents()).toEqual(before)
  expect(errors).toEqual([])
})

test('a reason is read down to the step, with what comes along and what speaks against it', async ({
  page
}) => {
  await openDemo(page, '/weigh/packages')
  await page.locator(rows).first().click()
  await expect(page.getByText(/Pulls its weight/)).toBeVisible()
  await page.locator('details summary').first().click()
  await expect(page.locator('details .steps li').first()).toContainText('→')
  await expect(page.getByRole('heading', { name: 'Against it' })).toBeVisible()
  await expect(page.getByText('does the work')).toBeVisible()
})

test('everything by keyboard: up and down the list, open, tick two and compare', async ({
  page
}) => {
  await openDemo(page, '/weigh/packages')
  await page.locator(rows).first().focus()
  await page.keyboard.press('c')
  await expect(page.getByText('Tick two to four of them.')).toBeVisible()
  await page.keyboard.press('ArrowDown')
  await expect(page.locator(rows).nth(1)).toBeFocused()
  await page.keyboard.press('c')
  await expect(page.getByRole('heading', { name: '2 side by side' })).toBeVisible()
  await expect(page.getByRole('rowheader', { name: 'Back per unit of money' })).toBeVisible()
  await page.locator(rows).nth(1).focus()
  await page.keyboard.press('Enter')
  await expect(page.locator(rows).nth(1)).toHaveAttribute('aria-expanded', 'true')
})

test('a tool that is ruled out leaves the list and comes back', async ({ page }) => {
  await openDemo(page, '/weigh/packages')
  const first = page.locator(rows).first()
  await first.click()
  const name = await first.locator('.name .strong').textContent()
  await page.getByRole('button', { name: 'Not for me' }).click()
  await expect(page.getByText('Ruled out:')).toBeVisible()
  await expect(page.locator(rows).first().locator('.name .strong')).not.toHaveText(name ?? '')
  await page.getByRole('button', { name: 'Allow again' }).click()
  await expect(page.locator(rows).first().locator('.name .strong')).toHaveText(name ?? '')
})

test('“I need it for …”: a build is named, one without use for it is said, and it is slept on', async ({
  page
}) => {
  await openDemo(page, '/weigh/packages')
  await page.locator(rows).first().click()
  await page.getByRole('button', { name: 'I need it for …' }).click()
  await choose(page, 'Which build needs it', 'Bird boxes')
  await expect(page.getByText('Bird boxes does not use it')).toBeVisible()
  await choose(page, 'Which build needs it', 'Cold frame')
  await page.getByRole('button', { name: 'Keep it in mind' }).click()
  await expect(
    page.getByText('Needed for Cold frame; you wanted to sleep on it until 18 May.')
  ).toBeVisible()
  await page.getByRole('button', { name: 'No, let it go' }).click()
  await expect(page.getByText('Needed for Cold frame')).toBeHidden()
})

test('how good: a curve and a table, tiers that will not do, and a total split and refused', async ({
  page
}) => {
  const errors = watch(page)
  await openDemo(page, '/weigh/quality')
  await expect(page.getByRole('heading', { level: 1 })).toContainText('to own')
  await expect(page.locator('.chart svg').first()).toBeVisible()
  await page.getByRole('button', { name: 'Show as a table' }).click()
  await expect(page.getByRole('columnheader', { name: 'Bought again' })).toBeVisible()
  const total = page.getByLabel('Total for these tools')
  await total.fill('1')
  await total.blur()
  await expect(
    page.getByText('That does not reach: the cheapest tiers that will do cost')
  ).toBeVisible()
  await total.fill('900')
  await total.blur()
  await expect(page.getByText('Best of all splits, proven in')).toBeVisible()
  expect(errors).toEqual([])
})

test('cords or packs: four ways to power the tools, the caution beside other makers’ packs', async ({
  page
}) => {
  await openDemo(page, '/weigh/power')
  await expect(page.getByRole('columnheader', { name: 'Everything on one platform' })).toBeVisible()
  await expect(page.getByRole('rowheader', { name: 'In all' })).toBeVisible()
  await expect(page.getByText('Caution: a pack the tool’s maker has not approved')).toBeVisible()
})

test('a school is taken up, shows in what counts, and is left without a trace', async ({
  page
}) => {
  await openDemo(page, '/weigh/schools')
  await page.getByRole('button', { name: 'Small room' }).click()
  await page.getByRole('button', { name: 'Take it up' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('You follow “Small room”')
  await page.goto('/#/weigh/packages')
  await expect(page.getByText(/^Small room · builds × 1 · an hour €/)).toBeVisible()
  await page.goto('/#/weigh/schools')
  await page.getByRole('button', { name: 'Back to your own mix' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Your own mix')
})

test('schools side by side: order, money and dates as a table and a picture', async ({ page }) => {
  await page.goto('/')
  await openDemo(page, '/weigh/schools')
  await page.getByRole('button', { name: 'Compare them' }).click()
  await expect(page.getByRole('columnheader', { name: 'Hand-held first' })).toBeVisible({
    timeout: 60_000
  })
  await expect(page.getByRole('rowheader', { name: 'Hazard-hours' })).toBeVisible()
  await expect(page.locator('.lane').first()).toContainText('May')
})

test('prices: a list is read row by row, faults named, the good ones taken in and undone', async ({
  page
}) => {
  const errors = watch(page)
  await openDemo(page, '/prices/seen')
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('10 prices of your own')
  await page
    .getByLabel('The rows, with their headings')
    .fill(
      'tool;price;date;currency\nJigsaw;61,50;2026-05-01;EUR\nRandom-orbital sander;70;2026-05-02;USD\nFlying saw;3;2026-05-02;EUR'
    )
  await expect(page.getByText('1 of 3 rows are in order.')).toBeVisible()
  await expect(page.getByText('Row 3 is in USD, this workspace reckons in EUR.')).toBeVisible()
  await expect(page.getByText('Row 4: “Flying saw” is no tool')).toBeVisible()
  await page.getByRole('button', { name: 'Take in 1 price' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('11 prices of your own')
  await page.getByRole('button', { name: 'Undo taking in 1 price' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('10 prices of your own')
  expect(errors).toEqual([])
})

test('a bundle is judged by the pieces that are wanted anyway, a sale is said beside the purchase', async ({
  page
}) => {
  await openDemo(page, '/prices/sales')
  await page.getByText('A bundle', { exact: true }).click()
  await page.locator('#bundle-name').fill('Starter box')
  await page
    .locator('form')
    .filter({ hasText: 'Keep this bundle' })
    .locator('.p-multiselect')
    .click()
  await page.getByRole('option', { name: /^Belt sander/ }).click()
  await page.getByRole('option', { name: /^Bench grinder/ }).click()
  await page.keyboard.press('Escape')
  await page.locator('form').filter({ hasText: 'Keep this bundle' }).getByLabel('Price').fill('99')
  await page.getByRole('button', { name: 'Keep this bundle' }).click()
  await expect(
    page.getByText('nothing in it is planned or wished for, so it is no bargain for you')
  ).toBeVisible()
  await page.getByText('A sale that is expected').click()
  await page
    .locator('form')
    .filter({ hasText: 'Keep this sale' })
    .getByLabel('Name')
    .fill('Spring days')
  await page.getByRole('button', { name: 'Keep this sale' }).click()
  await page.goto('/#/weigh/packages')
  await page.locator(rows).first().click()
  await expect(page.getByText(/^Spring days: 20 % off expected/)).toBeVisible()
})

test('without anything to weigh every part says so and no figure is missing', async ({ page }) => {
  const errors = watch(page)
  await page.goto('/')
  await page.goto('/#/start')
  await page.getByRole('button', { name: 'Show me a plan' }).click()
  for (const path of [
    '/weigh',
    '/weigh/packages',
    '/weigh/quality',
    '/weigh/power',
    '/weigh/schools',
    '/prices',
    '/prices/seen',
    '/prices/sales',
    '/prices/find',
    '/prices/board'
  ]) {
    await page.goto(`/#${path}`)
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
    await page.waitForTimeout(500)
    expect(await page.locator('main').innerText()).not.toMatch(/NaN|undefined|Infinity/)
  }
  expect(errors).toEqual([])
})
