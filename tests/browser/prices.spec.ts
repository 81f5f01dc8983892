import { expect, test } from '@playwright/test'
import { openDemo, watch } from './helpers'
import { kept } from './keeping-parts'

test('what is bought now and what waits for a sale is said with its figures, and follows the sales of the year', async ({
  page
}) => {
  const errors = watch(page)
  await openDemo(page, '/prices')
  const title = page.getByRole('heading', { level: 1 })
  await expect(page.getByRole('heading', { name: 'Buy now' })).toBeVisible({ timeout: 60_000 })
  await expect(page.getByRole('button', { name: /^Drill driver/ })).toContainText('€109')
  await page.goto('/#/prices/sales')
  await expect(title).toHaveText('No sale is expected')
  await page.getByRole('button', { name: 'Start from the usual sales of the year' }).click()
  await expect(title).toHaveText(/^The next sale: Father’s day/)
  await expect(page.getByText(/off with a chance of 60 %, as said/).first()).toBeVisible()
  await page.goto('/#/prices')
  await expect(page.getByRole('heading', { name: 'Wait', exact: true })).toBeVisible({
    timeout: 90_000
  })
  await expect(page.getByText(/^Buy now up to .* else wait for Father’s day/).first()).toBeVisible()
  await page.getByRole('button', { name: 'As a table' }).click()
  await expect(page.getByRole('columnheader', { name: 'Pay up to' })).toBeVisible()
  await expect(page.getByRole('cell', { name: 'Father’s day' }).first()).toBeVisible()
  await page.getByRole('button', { name: /^Undo the usual sales/ }).click()
  await page.goto('/#/prices/sales')
  await expect(title).toHaveText('No sale is expected')
  expect(errors).toEqual([])
})

test('a plan that is still being made when the page is opened is answered for once it stands', async ({
  page
}) => {
  await openDemo(page, '/prices/sales')
  await page.getByRole('button', { name: 'Start from the usual sales of the year' }).click()
  await page.goto('/#/prices')
  await expect(page.getByRole('heading', { name: 'Wait', exact: true })).toBeVisible({
    timeout: 90_000
  })
})

test('a doubtful price is set aside, counts nowhere, and is counted again', async ({ page }) => {
  const errors = watch(page)
  await openDemo(page, '/prices/seen')
  const title = page.getByRole('heading', { level: 1 })
  const level = page.getByText(/from 4 prices that are no sale/)
  await expect(level).toBeVisible()
  await page.getByRole('button', { name: 'Drill driver', exact: true }).click()
  await expect(page.getByText(/^Cheaper than about/)).toBeVisible()
  await page.getByRole('button', { name: 'As a table' }).click()
  await page
    .getByRole('row', { name: /28 Apr/ })
    .getByRole('button', { name: 'Set aside' })
    .click()
  await expect(page.getByText(/from 3 prices that are no sale/)).toBeVisible()
  await expect(title).toHaveText('10 prices of your own')
  await kept(page)
  await page.reload()
  await expect(page.getByText(/from 3 prices that are no sale/)).toBeVisible()
  await page.getByRole('button', { name: 'Drill driver', exact: true }).click()
  await page.getByRole('button', { name: 'As a table' }).click()
  await page.getByRole('button', { name: 'Count it again' }).click()
  await expect(level).toBeVisible()
  expect(errors).toEqual([])
})

test('the board is read when asked, one price is taken over, the plan follows, and it is undone; feed faults are said', async ({
  page
}) => {
  const errors = watch(page)
  await openDemo(page, '/prices/board')
  await expect(page.getByText(/^Sellers who do not exist/)).toBeVisible()
  await page.getByRole('button', { name: 'Look at the board' }).click()
  await expect(page.getByText(/^Simulated: no shop asks these prices/)).toBeVisible()
  const saw = page.getByRole('row', { name: /^Circular saw/ }).first()
  await expect(saw.getByText('typical')).toBeVisible()
  // Nothing has entered the workspace by itself.
  await expect(page.getByRole('button', { name: /^Undo/ })).toHaveCount(0)
  await saw.getByRole('button', { name: /^Take over/ }).click()
  await expect(saw.getByText('taken over')).toBeVisible()
  await expect(saw.getByText('today')).toBeVisible()
  await page.goto('/#/prices/seen')
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('11 prices of your own')
  const mine = page.getByRole('row', { name: /^Circular saw/ })
  await expect(mine).toBeVisible()
  await mine.getByRole('button', { name: 'Circular saw', exact: true }).click()
  await page.getByRole('button', { name: 'As a table' }).click()
  await expect(page.getByRole('cell', { name: 'the board (simulated)' })).toBeVisible()
  await page.getByRole('button', { name: /^Undo taking 1 price over/ }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('10 prices of your own')
  // A feed of one's own, faulty in two places.
  await page.goto('/#/prices/board')
  const feed = {
    format: 'frugal-ledger/price-feed',
    version: 1,
    name: 'My feed',
    currency: 'EUR',
    date: '2026-05-04',
    listings: ['59.90', '0', '12.00'].map((price, i) => ({
      id: `n${i}`,
      seller: '<b>Shop</b>',
      sellerType: 'online',
      tool: i === 2 ? 'flying saw' : 'Jigsaw',
      tier: 'weekend',
      condition: 'new',
      power: 'corded',
      price
    }))
  }
  const open = async (name: string, text: string): Promise<void> => {
    await page.locator('input[type=file]').setInputFiles({
      name,
      mimeType: 'application/json',
      buffer: Buffer.from(text)
    })
  }
  await open('feed.json', JSON.stringify(feed))
  await expect(page.getByText('Listing 2: “0” is not a price above 0')).toBeVisible()
  await expect(page.getByText(/^Listing 3: “flying saw” is no tool/)).toBeVisible()
  await expect(page.getByText('My feed, 4 May 2026: 1 listing.')).toBeVisible()
  await open('half.json', JSON.stringify(feed).slice(0, 150))
  await expect(page.getByText(/^The file stops making sense at line 1/)).toBeVisible()
  await open('dollars.json', JSON.stringify({ ...feed, currency: 'USD' }))
  await expect(page.getByText(/^The feed is in USD, this workspace reckons in EUR/)).toBeVisible()
  expect(errors).toEqual([])
})

test('what is watched is found on the board once a day, where that is wished, and said on the Bench', async ({
  page
}) => {
  await openDemo(page, '/prices')
  const row = page.getByRole('button', { name: /^Circular saw/ })
  await row.click({ timeout: 60_000 })
  await page.getByLabel('Say when it costs at most').fill('300')
  await page.getByLabel('Say when it costs at most').blur()
  await page.getByRole('button', { name: 'Watch for it' }).click()
  await page.goto('/#/prices/board')
  await page.getByLabel('Look each day when the application is opened').check()
  await kept(page)
  await page.goto('/#/')
  await page.reload()
  await expect(page.getByText(/^The board \(simulated\) has Circular saw for €/)).toBeVisible()
  await page.getByRole('link', { name: 'See the board' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(/^At your price on the board/)
})

test('a machine to hire is kept with its terms, and what the plan makes of it is said', async ({
  page
}) => {
  const errors = watch(page)
  await openDemo(page, '/prices/sales')
  await page.getByText('Something to hire, or a shared workshop').click()
  const form = page.locator('form').filter({ has: page.locator('#hire-name') })
  await form.getByRole('button', { name: 'Keep it' }).click()
  await expect(form.getByRole('alert')).toHaveText('Give it a name.')
  await page.locator('#hire-name').fill('Saw depot')
  await form.locator('.p-multiselect').click()
  await page.keyboard.type('mitre')
  await page
    .getByRole('option', { name: /^Mitre saw/ })
    .first()
    .click()
  await page.keyboard.press('Escape')
  await form.getByLabel('Fee, all in').fill('1')
  await form.getByLabel('Fee, all in').blur()
  await form.getByRole('button', { name: 'Keep it' }).click()
  await expect(
    page.getByText(/^Saw depot: €1 a day for mitre saw.*; 5 h of work a day\./)
  ).toBeVisible()
  await expect(page.getByText(/^The plan hires it for 1 day from .* for /).first()).toBeVisible({
    timeout: 90_000
  })
  expect(errors).toEqual([])
})

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, serviceWorkers: 'allow' })
  test('a find is judged at the seller’s door without a network: worth up to, against what is asked, and kept', async ({
    page,
    context
  }) => {
    const errors = watch(page)
    await openDemo(page, '/prices/find')
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('What is it worth to you?')
    await page.waitForFunction(
      async () =>
        (await navigator.serviceWorker.ready).active?.state === 'activated' &&
        navigator.serviceWorker.controller !== null
    )
    await context.setOffline(true)
    const form = page.locator('form')
    await form.getByRole('combobox').first().click()
    await page.keyboard.type('random')
    await page
      .getByRole('option', { name: /^Random-orbital sander/ })
      .first()
      .click()
    await form.getByLabel('Price').fill('20')
    await form.getByLabel('Price').blur()
    await page.getByRole('button', { name: 'What is it worth to me?' }).click()
    await expect(page.getByRole('heading', { level: 1 })).toHaveText(/^Worth up to €\d+ to you$/, {
      timeout: 60_000
    })
    await expect(page.getByText(/^At €20 take it: €\d+ below what it is worth/)).toBeVisible()
    await expect(page.getByText(/walk away from a damaged guard/)).toBeVisible()
    await form.getByRole('button', { name: 'Keep this find' }).click()
    await expect(page.getByRole('heading', { name: 'Finds you keep' })).toBeVisible()
    const wide = await page.evaluate(() => document.documentElement.scrollWidth)
    expect(wide).toBeLessThanOrEqual(390)
    expect(errors).toEqual([])
  })
  test('a used machine is looked at point by point, and what it is worth runs along', async ({
    page
  }) => {
    const errors = watch(page)
    await openDemo(page, '/prices/find')
    const form = page.locator('form').first()
    await form.getByRole('combobox').first().click()
    await page.keyboard.type('random')
    await page
      .getByRole('option', { name: /^Random-orbital sander/ })
      .first()
      .click()
    await page.getByRole('button', { name: 'What is it worth to me?' }).click()
    const sheet = page.getByRole('region', { name: /^Looking at a used/ })
    await expect(sheet.getByText(/as it stands\. \d+ points to go/)).toBeVisible({
      timeout: 60_000
    })
    const say = (point: RegExp, finding: string): Promise<void> =>
      sheet.getByRole('group', { name: point }).getByLabel(finding).check()
    await say(/Pad flat/, 'bad')
    await expect(sheet.getByText(/for a sound one, less €\d+ to put it right/)).toBeVisible()
    await say(/Cord, plug/, 'bad')
    await expect(sheet.getByText(/^Walk away, at any price/)).toBeVisible()
    await say(/Cord, plug/, 'fine')
    await expect(sheet.getByText(/^Walk away, at any price/)).toHaveCount(0)
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390)
    // What was found is there when one comes back to it.
    await page.goto('/#/prices/seen')
    await page.goto('/#/prices/find')
    await expect(page.getByText(/2 of \d+ points looked at/)).toBeVisible()
    expect(errors).toEqual([])
  })
  test('judged without a network, bought: in the kit as measured, its repair kept back, its checks due on the Bench', async ({
    page,
    context
  }) => {
    const errors = watch(page)
    await openDemo(page, '/prices/find')
    await page.waitForFunction(
      async () =>
        (await navigator.serviceWorker.ready).active?.state === 'activated' &&
        navigator.serviceWorker.controller !== null
    )
    await context.setOffline(true)
    const form = page.locator('form').first()
    await form.getByRole('combobox').first().click()
    await page.keyboard.type('circular')
    await page
      .getByRole('option', { name: /^Circular saw/ })
      .first()
      .click()
    await form.getByLabel('Price').fill('25')
    await form.getByLabel('Price').blur()
    await page.getByRole('button', { name: 'What is it worth to me?' }).click()
    const sheet = page.getByRole('region', { name: /^Looking at a used/ })
    await expect(sheet.getByText(/as it stands\. \d+ points to go/)).toBeVisible({
      timeout: 60_000
    })
    const groups = sheet.getByRole('group')
    const points = await groups.count()
    for (let i = 0; i < points; i++)
      await groups
        .nth(i)
        .getByLabel(i === 2 ? 'could not see' : 'fine')
        .check()
    await page.getByRole('button', { name: 'Bought it' }).click()
    const dialog = page.getByRole('dialog')
    await dialog.getByLabel('Really paid, for all of it').fill('20')
    await dialog.getByLabel('depth of cut').fill('62 mm')
    await dialog.getByRole('button', { name: 'Put it in the ledger' }).click()
    await expect(dialog).toHaveCount(0)
    await page.goto('/#/')
    const due = page.getByText(/^Circular saw, 185 mm, bought used: one thing to look at/)
    await expect(due).toBeVisible()
    await page.getByRole('button', { name: 'Looked at' }).click()
    await expect(due).toHaveCount(0)
    await page.goto('/#/ledger')
    await expect(page.getByRole('row', { name: /Circular saw.*[-−]€20/ })).toBeVisible()
    await expect(page.getByText(/Repair of the circular saw/)).toBeVisible()
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390)
    expect(errors).toEqual([])
  })
  test('what is chosen opens where it stands', async ({ page }) => {
    await openDemo(page, '/prices')
    const row = page.getByRole('button', { name: /^Drill driver/ })
    await row.click({ timeout: 60_000 })
    await expect(page.getByText(/^Eight of ten prices lie between/)).toBeVisible()
    await row.click()
    await expect(page.getByText(/^Eight of ten prices lie between/)).toHaveCount(0)
  })
})
