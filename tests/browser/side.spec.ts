import { expect, test, type Page } from '@playwright/test'
import { choose, openDemo, watch } from './helpers'

/** Opens the demo with a year of side work behind it. */
async function openStall(page: Page, path: string): Promise<void> {
  await openDemo(page, '/settings')
  await page.getByRole('button', { name: 'Show Market stall' }).click()
  await expect(page.getByText('The demo “Market stall”')).toBeVisible()
  await page.goto(`/#${path}`)
}

test('from 300 to the first sold piece: which first, at what price, and its money in the purse', async ({
  page
}) => {
  test.slow()
  const errors = watch(page)
  await page.goto('/#/start')
  await page.getByRole('button', { name: 'Garden' }).click()
  await page.getByRole('checkbox', { name: /^Window box/ }).check()
  await page.getByLabel('Find a tool').fill('drill driver')
  await page.getByRole('checkbox', { name: 'Drill driver', exact: true }).check()
  await page.getByLabel('In the purse now').fill('300')
  await page.getByRole('button', { name: 'Show me a plan' }).click()
  await page.goto('/#/side')
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Nothing is for sale yet')
  await page.goto('/#/builds')
  await page
    .getByRole('link', { name: /Window box/ })
    .first()
    .click()
  await page.getByLabel('To sell', { exact: true }).check()
  await page.getByLabel('Copies', { exact: true }).fill('12')
  await page.getByLabel('Copies', { exact: true }).blur()
  await page.goto('/#/side/prices')
  await page.getByLabel('Price', { exact: true }).first().fill('44')
  await page.getByLabel('Price', { exact: true }).first().blur()
  await expect(page.getByText('€44 of it reach you')).toBeVisible()
  await page.goto('/#/side')
  // Which piece first, at what price, with which kit, and when that is paid.
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(
    /^(Begin with “Window box” at €44: a kit for €\d.* is paid after \d+ pieces|.*“Window box”.* about €\d+ an hour)/,
    { timeout: 60_000 }
  )
  // Made and sold: the money is in the purse.
  await page.goto('/#/side/stock')
  await page.getByRole('button', { name: 'Into the stock' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toContainText('1 piece waits for a buyer')
  await page.getByRole('button', { name: /^Do … Window box/ }).click()
  await page.getByRole('button', { name: 'Enter it' }).click()
  await expect(page.getByText(/Window box: €44 on/)).toBeVisible()
  await page.goto('/#/ledger')
  await expect(page.getByRole('heading', { level: 1 })).toContainText('€344')
  await page.getByRole('row', { name: /Window box.*\+€44/ }).click()
  await expect(page.getByRole('link', { name: 'To the piece' })).toBeVisible()
  // The next tool is planned from it, today.
  await page.goto('/#/')
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(/^Buy .* today$/, {
    timeout: 60_000
  })
  await page.goto('/#/stages')
  await expect(
    page.getByText(/^The first tools, €\d.*, are paid back by \d+ pieces sold/)
  ).toBeVisible({
    timeout: 60_000
  })
  expect(errors).toEqual([])
})

test('the year of the demo: its one mistake is pointed out, the mix is proven, and taken into the builds', async ({
  page
}) => {
  test.slow()
  const errors = watch(page)
  await openStall(page, '/side')
  await expect(
    page.getByText(/8 pieces of “Trellis” were sold and brought €\d an hour/)
  ).toBeVisible({
    timeout: 60_000
  })
  await expect(page.getByRole('heading', { name: 'Worth a look' })).toBeVisible()
  await expect(
    page.getByText('Proven: no other choice of designs and months leaves more.')
  ).toBeVisible({
    timeout: 60_000
  })
  await page.getByRole('button', { name: 'Take this into my builds' }).click()
  await expect(page.getByRole('button', { name: /Undo the mix of the months ahead/ })).toBeVisible()
  expect(errors).toEqual([])
})

test('an offer, a sale not paid yet, money given back, a sale taken back: stock and Ledger stay one', async ({
  page
}) => {
  const errors = watch(page)
  await openStall(page, '/side/stock')
  await page
    .getByRole('button', { name: /^Do … Step stool/ })
    .first()
    .click()
  await choose(page, 'Do …', 'An offer came')
  await page.getByLabel('Offered', { exact: true }).fill('30')
  await page.getByLabel('Offered', { exact: true }).blur()
  await expect(page.getByText(/^Leave it: below €/)).toBeVisible()
  await choose(page, 'Do …', 'Sold')
  await page.getByLabel('Sold for').fill('50')
  await page.getByLabel('Sold for').blur()
  await page.getByLabel('The money has come').uncheck()
  await page.getByRole('button', { name: 'Enter it' }).click()
  await expect(page.getByText('€50 sold and not paid yet')).toBeVisible()
  await page.getByRole('button', { name: 'Paid today: Step stool' }).click()
  await expect(page.getByText(/Nothing is owed/)).toBeVisible()
  await page.getByRole('button', { name: 'Give money back: Step stool' }).first().click()
  await page.getByLabel('How much').fill('90')
  await page.getByLabel('How much').blur()
  await page.getByRole('button', { name: 'Enter it' }).click()
  await expect(page.getByText('No more than €50 was paid for it.')).toBeVisible()
  await page.getByRole('button', { name: 'It was a mistake: Step stool' }).first().click()
  await expect(page.getByRole('heading', { level: 1 })).toContainText('2 pieces wait for a buyer')
  expect(errors).toEqual([])
})

test('an order: asked about, accepted with its deposit, in the plan, and cancelled; one for yesterday is refused', async ({
  page
}) => {
  test.slow()
  const errors = watch(page)
  await openStall(page, '/side/stock')
  await page.getByRole('button', { name: 'Shall I take it?' }).click()
  await expect(page.getByText(/^It is done on|^It is not done by|^It cannot be made/)).toBeVisible({
    timeout: 90_000
  })
  await page.getByRole('button', { name: 'Accept: Two low benches for a hallway' }).click()
  await expect(page.getByText('deposit held: €80')).toBeVisible()
  await page.getByRole('button', { name: 'Deliver: Two low benches for a hallway' }).click()
  await expect(page.getByText('0 pieces are in stock and 2 are ordered.')).toBeVisible()
  await page.goto('/#/builds')
  await expect(
    page.getByRole('link', { name: /Two low benches for a hallway/ }).first()
  ).toBeVisible()
  await page.goto('/#/side/stock')
  await page.getByRole('button', { name: 'Cancel it: Two low benches for a hallway' }).click()
  await page.getByRole('button', { name: 'Enter it' }).click()
  await expect(page.getByText('cancelled', { exact: true })).toBeVisible()
  await page.locator('summary', { hasText: 'Enter what is asked for' }).click()
  await page.getByLabel('Who and what').fill('A stool')
  await page.getByLabel('Due on', { exact: true }).fill('1 Nov 2026')
  await page.getByLabel('Due on', { exact: true }).blur()
  await page.getByRole('button', { name: 'Enter what is asked for' }).click()
  await expect(page.getByText('That day is past. Agree on one that is to come.')).toBeVisible()
  expect(errors).toEqual([])
})

test('what a tool earns, the books as CSV and journal, and a listing with its story', async ({
  page
}) => {
  test.slow()
  const errors = watch(page)
  await openStall(page, '/side/tools')
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(
    /is paid after \d+ pieces, about/,
    {
      timeout: 60_000
    }
  )
  await expect(page.getByText(/^Growing pays with/)).toBeVisible()
  await page.goto('/#/side/books')
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(/^2026: €/)
  const csv = page.waitForEvent('download')
  await page.getByRole('button', { name: 'As CSV' }).click()
  expect((await csv).suggestedFilename()).toBe('Market-stall-side-work.csv')
  const journal = page.waitForEvent('download')
  await page.getByRole('button', { name: 'As accounting journal' }).click()
  expect((await journal).suggestedFilename()).toBe('Market-stall.journal')
  await page.goto('/#/side/listing/bench')
  await expect(page.getByText('Size: 1000 × 300 × 400 mm (length, width, height)')).toBeVisible()
  await page.getByLabel('The story').fill('Made from the joists of an old barn.')
  await page.getByLabel('The story').blur()
  const zip = page.waitForEvent('download')
  await page.getByRole('button', { name: 'With the pictures, as a zip' }).click()
  expect((await zip).suggestedFilename()).toBe('Low-bench.zip')
  expect(errors).toEqual([])
})

test('a fee of more than everything is refused with the limit; one of everything is said to leave less than nothing', async ({
  page
}) => {
  await openStall(page, '/side/prices')
  await page.locator('summary', { hasText: 'Saturday market' }).click()
  const share = page.getByLabel('Keeps, % of the price').first()
  await share.fill('140')
  await share.blur()
  await expect(
    page
      .getByText(/100/)
      .filter({ hasText: /most|larger|more/i })
      .first()
  ).toBeVisible()
  await share.fill('100')
  await share.blur()
  await expect(
    page.getByText(/^Fees and delivery take €3 more than the price/).first()
  ).toBeVisible()
})
