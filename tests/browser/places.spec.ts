import { expect, test } from '@playwright/test'
import { VIEWS, openDemo, settled } from './helpers'

test('one letter per place, find, help, and letters can be switched off', async ({ page }) => {
  await openDemo(page)
  for (const [letter, place] of [
    ['u', 'Builds'],
    ['k', 'Kit'],
    ['w', 'Weigh-up'],
    ['s', 'Stages'],
    ['p', 'Prices'],
    ['l', 'Ledger'],
    ['b', 'Bench']
  ] as const) {
    await page.keyboard.press(letter)
    await expect(
      page.getByRole('navigation').getByRole('link', { name: place, exact: true })
    ).toHaveAttribute('aria-current', 'page')
  }
  await page.keyboard.press('/')
  await page.keyboard.type('blanket')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { level: 1, name: 'Blanket chest' })).toBeVisible()
  await page.keyboard.press('?')
  await expect(page.getByRole('dialog')).toContainText('show these keys')
  await page.keyboard.press('Escape')
  await page.goto('/#/settings')
  await page.getByLabel('Single-letter keys for the places').uncheck()
  await page.keyboard.press('Escape')
  await page.locator('main').focus()
  await page.keyboard.press('k')
  await expect(page.getByRole('heading', { level: 1, name: 'File and settings' })).toBeVisible()
})

test('another place begins at its top and is named on the tab; going back goes to where one was', async ({
  page
}) => {
  await openDemo(page, '/ledger')
  await expect(page).toHaveTitle('Ledger · Frugal Ledger')
  await page.getByText('1 Mar 2026').last().waitFor()
  await page.evaluate(() => scrollTo(0, 300))
  const at = await page.evaluate(() => scrollY)
  expect(at).toBeGreaterThan(100)
  await page.keyboard.press('p')
  await expect(page).toHaveTitle('Prices · Frugal Ledger')
  await expect.poll(() => page.evaluate(() => scrollY)).toBe(0)
  await page.goBack()
  await expect(page).toHaveTitle('Ledger · Frugal Ledger')
  await expect.poll(() => page.evaluate(() => scrollY)).toBeGreaterThan(100)
})

test('each cell of the fit grid can be asked why, by keyboard too', async ({ page }) => {
  await openDemo(page, '/builds')
  await page.getByRole('button', { name: /^Bore, Bird boxes: no way yet/ }).focus()
  await page.keyboard.press('ArrowRight')
  await expect(page.getByRole('button', { name: /^Bore, Step stool/ })).toBeFocused()
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { level: 2, name: 'Bore, for Step stool' })).toBeVisible()
  await expect(page.getByText('What would open it')).toBeVisible()
  await expect(page.locator('section.why')).toContainText(/drill driver|hand brace/)
})

test('a price of one’s own moves the ranking, a ban takes a tool out, both undone', async ({
  page
}) => {
  await openDemo(page, '/weigh/packages')
  const first = page.locator('button.candidate').first()
  await expect(first).toBeVisible()
  const before = await first.textContent()
  await first.click()
  const price = page.getByLabel(/^A price you have seen for one: /).first()
  await price.fill('400')
  await price.blur()
  await expect(page.locator('button.candidate').first()).not.toHaveText(before ?? '')
  await page.getByRole('button', { name: /^Undo the price/ }).click()
  await expect(page.locator('button.candidate').first()).toHaveText(before ?? '')
  await page.getByRole('button', { name: 'Not for me' }).click()
  await expect(page.getByText('Ruled out:')).toBeVisible()
})

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 } })
  test('no place runs out of the screen', async ({ page }) => {
    await openDemo(page)
    for (const path of VIEWS) {
      await page.goto(`/#${path}`)
      await page.waitForTimeout(600)
      expect
        .soft(
          await page.evaluate(
            () => document.documentElement.scrollWidth - document.documentElement.clientWidth
          ),
          path
        )
        .toBeLessThanOrEqual(0)
    }
  })
  test('a purchase is moved and bought on the rule that runs down the page', async ({ page }) => {
    await openDemo(page, '/stages')
    await page.getByRole('button', { name: 'Save as CSV' }).waitFor()
    await expect(page.getByRole('button', { name: 'Plan the rest again' })).toBeEnabled()
    await page.locator('button.tag').last().click()
    await page.getByRole('button', { name: 'One payday later' }).click()
    await expect(page.getByText(/is now pinned to|This move breaks a rule/).first()).toBeVisible()
    await page.getByRole('button', { name: 'Bought it' }).click()
    await page.getByRole('button', { name: 'Put it in the ledger' }).click()
    await expect(page.getByRole('dialog')).toHaveCount(0)
  })
})

test('what is typed before the field of Find is there belongs into it', async ({ page }) => {
  await page.route(/FindDialog.*js/, async (route) => {
    await new Promise((resolve) => setTimeout(resolve, 1500))
    await route.continue()
  })
  await openDemo(page)
  await page.keyboard.press('/')
  await page.keyboard.type('blankets')
  await page.keyboard.press('Backspace')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { level: 1, name: 'Blanket chest' })).toBeVisible()
  await page.keyboard.press('/')
  await page.keyboard.type('settings')
  await expect(page.getByRole('dialog').getByRole('combobox')).toHaveValue('settings')
})

test('an address that is asked for before the first page is shown is gone to', async ({ page }) => {
  let letGo = (): void => undefined
  const held = new Promise<void>((resolve) => {
    letGo = resolve
  })
  await page.route(/ScenariosView/, async (route) => {
    await held
    await route.continue()
  })
  const asked = page.waitForRequest(/ScenariosView.*js/)
  await page.goto('/#/stages/scenarios', { waitUntil: 'commit' })
  await asked
  // The browser tells of an address by two events; the second may come late.
  await page.evaluate(() => {
    history.pushState(null, '', '#/prices')
    window.dispatchEvent(new PopStateEvent('popstate'))
  })
  letGo()
  await expect(page).toHaveTitle('Prices · Frugal Ledger')
  await expect(page.getByRole('link', { name: 'Sales and deals' })).toBeVisible()
})

test('settled plans survive a reload without planning again', async ({ page }) => {
  await page.addInitScript(() => {
    const asked: string[] = []
    const post = Worker.prototype.postMessage
    Object.assign(window, { asked })
    Worker.prototype.postMessage = function (
      this: Worker,
      question: { kind: string; call?: string }
    ) {
      asked.push(question.call ?? question.kind)
      post.call(this, question)
    }
  })
  const asked = () => page.evaluate(() => (window as unknown as { asked: string[] }).asked)
  await openDemo(page, '/stages')
  await page.getByRole('button', { name: 'Plan the rest again' }).click()
  await settled(page)
  const title = await page.getByRole('heading', { level: 1 }).textContent()
  expect(await asked()).toContain('plan')
  await page.reload()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(title ?? '')
  await settled(page)
  expect(await asked()).not.toContain('plan')
})

test('light and dark follow the system while the page is open, pictures too', async ({ page }) => {
  await openDemo(page, '/ledger')
  const figure = page.locator('.picture svg text').filter({ hasText: '100' }).first()
  const colour = () => figure.evaluate((one) => getComputedStyle(one).fill)
  await figure.waitFor()
  const light = await colour()
  await page.emulateMedia({ colorScheme: 'dark' })
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'dark')
  await expect.poll(colour).not.toBe(light)
})

test('what to try at a place is said in one line until something was done there, or one has gone on', async ({
  page
}) => {
  await openDemo(page)
  const line = page.getByRole('note', { name: 'The first time here' })
  await expect(line).toContainText('Press a name')
  await page.getByRole('link', { name: 'Kit' }).click()
  await expect(line).toContainText('Tick one thing')
  await page.getByRole('checkbox').first().click()
  await expect(line).toHaveCount(0)
  await page.getByRole('link', { name: 'Stages' }).click()
  await line.getByRole('button', { name: 'Got it' }).click()
  await expect(line).toHaveCount(0)
  await expect(page.getByText('Kept in this browser')).toBeVisible()
  for (const place of ['/', '/kit', '/stages']) {
    await page.goto(`/#${place}`)
    await page.reload()
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
    await expect(line).toHaveCount(0)
  }
  await page.getByRole('link', { name: 'Prices' }).click()
  await expect(line).toHaveCount(1)
})
