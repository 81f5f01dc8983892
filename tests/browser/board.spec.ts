import { expect, test } from '@playwright/test'
import { openDemo, watch } from './helpers'
import { kept } from './keeping-parts'

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
  // A feed of one's own, faulty in two places. The page of prices takes files as well: wait for
  // this one before giving it any.
  await page.goto('/#/prices/board')
  await expect(page.getByText(/^Simulated: no shop asks these prices/)).toBeVisible()
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
  await page.locator('#hire-name').fill('Nail depot')
  await form.locator('.p-multiselect').click()
  await page.keyboard.type('air')
  await page
    .getByRole('option', { name: /^Air nailer/ })
    .first()
    .click()
  await page.keyboard.press('Escape')
  await form.getByLabel('Fee, all in').fill('1')
  await form.getByLabel('Fee, all in').blur()
  await form.getByRole('button', { name: 'Keep it' }).click()
  await expect(
    page.getByText(/^Nail depot: €1 a day for air nailer.*; 5 h of work a day\./)
  ).toBeVisible()
  await expect(page.getByText(/^The plan hires it for \d+ days? from .* for /).first()).toBeVisible(
    {
      timeout: 90_000
    }
  )
  expect(errors).toEqual([])
})
