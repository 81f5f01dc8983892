import AxeBuilder from '@axe-core/playwright'
import { expect, test } from '@playwright/test'
import { openDemo, settled, watch } from './helpers'

const PLACES = [
  '/',
  '/builds',
  '/builds/blanket-chest',
  '/kit',
  '/weigh',
  '/weigh/packages',
  '/weigh/quality',
  '/weigh/power',
  '/weigh/schools',
  '/weigh/list',
  '/prices',
  '/stages',
  '/ledger',
  '/ledger/plan',
  '/ledger/inventory',
  '/keeping',
  '/pocket',
  '/start',
  '/settings'
]

for (const scheme of ['light', 'dark'] as const)
  test.describe(`in ${scheme}`, () => {
    test.use({ colorScheme: scheme })
    test('every place can be read and used by everyone', async ({ page }) => {
      test.setTimeout(400_000)
      const errors = watch(page)
      await openDemo(page)
      for (const path of PLACES) {
        await page.goto(`/#${path}`)
        await page.waitForTimeout(1500)
        const { violations } = await new AxeBuilder({ page })
          .withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'best-practice'])
          .analyze()
        expect
          .soft(
            violations
              .filter(({ impact }) => impact === 'serious' || impact === 'critical')
              .map(
                ({ id, nodes }) =>
                  `${id}: ${nodes
                    .map(({ html }) => html.slice(0, 160))
                    .slice(0, 3)
                    .join(' | ')}`
              ),
            path
          )
          .toEqual([])
      }
      expect(errors).toEqual([])
    })
  })

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
    await expect(page.getByRole('navigation').getByRole('link', { name: place })).toHaveAttribute(
      'aria-current',
      'page'
    )
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
  await expect(page.locator('section.why')).toContainText(/drill driver|hand brace/, {
    timeout: 20_000
  })
})

test('a price of one’s own moves the ranking, a ban takes a tool out, both undone', async ({
  page
}) => {
  await openDemo(page, '/weigh/packages')
  const first = page.locator('button.candidate').first()
  await expect(first).toBeVisible({ timeout: 20_000 })
  const before = await first.textContent()
  await first.click()
  const price = page.getByLabel(/^A price you have seen for one: /).first()
  await price.fill('400')
  await price.blur()
  await expect(page.locator('button.candidate').first()).not.toHaveText(before ?? '', {
    timeout: 20_000
  })
  await page.getByRole('button', { name: /^Undo the price/ }).click()
  await expect(page.locator('button.candidate').first()).toHaveText(before ?? '', {
    timeout: 20_000
  })
  await page.getByRole('button', { name: 'Not for me' }).click()
  await expect(page.getByText('Ruled out:')).toBeVisible()
})

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 } })
  test('no place runs out of the screen', async ({ page }) => {
    await openDemo(page)
    for (const path of PLACES) {
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
    await expect(page.getByRole('button', { name: 'Plan the rest again' })).toBeEnabled({
      timeout: 30_000
    })
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
  await expect(page.getByText('A sale that is expected')).toBeVisible()
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
