import { expect, test, type Page } from '@playwright/test'
import { asDownloads, settled, watch } from './helpers'

/** Begins a workspace of one's own on a day. */
async function begun(page: Page, day: string): Promise<void> {
  await asDownloads(page)
  await page.clock.setFixedTime(`${day}T09:00:00Z`)
  await page.goto('/#/start')
  for (const build of ['Bird box', 'Step stool', 'Shed door'])
    await page.getByLabel(build, { exact: true }).check()
  await page.getByRole('button', { name: 'Tick the usual basics' }).click()
  for (const [label, value] of [
    ['In the purse now', '120'],
    ['Set aside each time', '60'],
    ['Keep back', '30'],
    ['Hours a week', '4']
  ] as const)
    await page.getByLabel(label).fill(value)
  await page.getByRole('button', { name: 'Show me a plan' }).click()
  await settled(page)
}

test('who comes back weeks later finds a plan that holds, asks for the money that was to come, and can lay the kept one over what happened', async ({
  page
}) => {
  const errors = watch(page)
  await begun(page, '2026-11-25')
  await page.getByRole('button', { name: 'Keep this plan' }).click()
  await expect(page.getByText('Kept in this browser')).toBeVisible()
  await page.clock.setFixedTime('2027-03-03T09:00:00Z')
  await page.goto('about:blank')
  await page.goto('/#/stages')
  await settled(page)
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(/builds? for|Nothing staged/)
  await expect(page.getByText(/rules? (is|are) broken/)).toHaveCount(0)
  await page.goto('/')
  const came = page.getByRole('button', { name: 'It came in' })
  await expect(
    page.getByText('€60 was to come in on 25 Jan 2027, but the ledger does not have it.')
  ).toBeVisible()
  for (let left = await came.count(); left > 0; left--) {
    await came.first().click()
    await expect(came).toHaveCount(left - 1)
  }
  await page.goto('/#/ledger/plan')
  await expect(page.getByText('Against the plan kept on 25 Nov 2026')).toBeVisible()
  await expect(page.getByRole('row', { name: /^25 Jan 2027 €60 €60/ })).toBeVisible()
  expect(errors).toEqual([])
})

test('a pin whose day has gone by is held for today, which is said; the plan goes on', async ({
  page
}) => {
  await begun(page, '2026-11-25')
  // Something small, which the purse still bears weeks later.
  await page
    .locator('button.tag, .tag')
    .filter({ hasText: /square/i })
    .first()
    .click()
  await page.getByRole('button', { name: 'Pin it here' }).click()
  await settled(page)
  await page.clock.setFixedTime('2027-01-26T09:00:00Z')
  await page.goto('about:blank')
  await page.goto('/#/stages')
  await expect(
    page.getByText(
      /was pinned to 25 (Nov|Dec) 2026 and has not been bought; it is pinned to today now\./
    )
  ).toBeVisible()
  await settled(page)
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(/builds? for/)
})

test('a page that stays open sees the next day come, and asks for the money of that day', async ({
  page
}) => {
  await begun(page, '2026-11-26')
  await page.goto('/')
  await expect(page.getByText('€120', { exact: true }).first()).toBeVisible()
  await expect(page.getByText(/is to come in today/)).toBeVisible()
  await page.getByRole('button', { name: 'It came in' }).click()
  await expect(page.getByText(/is to come in today/)).toHaveCount(0)
  await page.clock.setFixedTime('2026-12-26T09:00:00Z')
  // The page is looked at again.
  for (const state of ['hidden', 'visible'])
    await page.evaluate((to) => {
      Object.defineProperty(document, 'visibilityState', { value: to, configurable: true })
      document.dispatchEvent(new Event('visibilitychange'))
    }, state)
  await expect(page.getByText('€60 is to come in today.')).toBeVisible()
})
