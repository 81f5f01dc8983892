import AxeBuilder from '@axe-core/playwright'
import { expect, test, type Page } from '@playwright/test'
import { openDemo } from './helpers'

/** WCAG 2.2 AA and what its authors call good practice, as axe-core 4 tests them. */
const RULES = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice']
async function faults(page: Page): Promise<string[]> {
  const { violations } = await new AxeBuilder({ page }).withTags(RULES).analyze()
  return violations.map(
    ({ id, nodes }) => `${id}: ${nodes.map(({ target }) => target.join(' ')).join(', ')}`
  )
}
/** On a phone nothing says that all is kept. */
async function planned(page: Page): Promise<void> {
  await expect(page.getByRole('button', { name: 'Plan the rest again' })).toBeEnabled({
    timeout: 120_000
  })
  const folded = page.locator('.column button[aria-expanded="false"]').first()
  if ((await folded.count()) > 0) await folded.click()
}
interface State {
  readonly what: string
  readonly path: string
  readonly act: (page: Page) => Promise<void>
  /** Much is worked out for it: looked at in one width. */
  readonly slow?: true
}
const press = (name: string | RegExp) => async (page: Page) =>
  page.getByRole('button', { name }).first().click()

/** What is folded out, filled in or wrong on a page. */
const STATES: readonly State[] = [
  { what: 'a fold', path: '/', act: (page) => page.locator('.basket summary').first().click() },
  {
    what: 'a rung with its reasons',
    path: '/weigh',
    act: (page) => page.locator('.rung .head').first().click()
  },
  {
    what: 'what is not for the builds',
    path: '/weigh',
    act: (page) =>
      page
        .getByRole('button', { name: /^Show all/ })
        .last()
        .click()
  },
  {
    what: 'ladders side by side',
    slow: true,
    path: '/weigh',
    act: async (page) => {
      await page.locator('.p-multiselect').click()
      await page.getByRole('option', { name: 'Hand-held first' }).click()
      await page.keyboard.press('Escape')
      await press('Put side by side')(page)
      await expect(page.getByRole('heading', { level: 3, name: 'Hand-held first' })).toBeVisible({
        timeout: 60_000
      })
    }
  },
  {
    what: 'a package weighed',
    path: '/weigh/packages',
    act: (page) => page.locator('main button[aria-expanded]').first().click()
  },
  {
    what: 'a table of costs over hours',
    path: '/weigh/quality',
    act: press(/as a table|table/i)
  },
  {
    what: 'a purchase with its reasons and answers',
    slow: true,
    path: '/stages',
    act: async (page) => {
      await planned(page)
      await page.locator('button.tag').first().click()
      await press('Plan again without it, and one tier up and down')(page)
    }
  },
  {
    what: 'why a step is done so',
    path: '/builds',
    act: press(/^Cut to length, Bird boxes/)
  },
  { what: 'a tool with its details', path: '/kit', act: press('Details: F-clamp, 600 mm') },
  {
    what: 'a step of a build with its ways',
    path: '/builds/bird-boxes',
    act: press(/^Why, and how else/)
  },
  {
    what: 'a cut list turned into steps',
    path: '/cut-list',
    act: press('Put an example in')
  },
  {
    what: 'a list held against the builds',
    path: '/weigh/list',
    act: (page) =>
      page.getByLabel('The list').fill('planer\n4 F-clamps €10 each\ntopfdeckel\nlathe')
  },
  {
    what: 'an entry with what can be done to it',
    path: '/ledger',
    act: (page) => page.getByRole('row', { name: /Sanding block/ }).click()
  },
  {
    what: 'a figure that cannot be read',
    path: '/workshop/power',
    act: async (page) => {
      await page.getByLabel('Rating of the circuit, A').fill('about ten')
      await page.getByLabel('Rating of the circuit, A').press('Enter')
      await expect(page.getByRole('alert').first()).toBeVisible()
    }
  },
  {
    what: 'a sum that cannot be read',
    path: '/ledger',
    act: async (page) => {
      await page.getByLabel('Amount').first().fill('x')
      await page.getByLabel('Amount').first().press('Enter')
    }
  },
  {
    what: 'the risk worked out',
    slow: true,
    path: '/stages/risk',
    act: async (page) => {
      await page.getByRole('row').nth(1).waitFor()
      await page.waitForTimeout(5000)
    }
  },
  {
    what: 'a first plan beside the questions',
    path: '/start',
    act: async (page) => {
      await page.getByRole('checkbox').first().check()
      await page.waitForTimeout(4000)
    }
  },
  {
    what: 'an empty search',
    path: '/kit',
    act: (page) => page.getByPlaceholder(/^Find/).first().fill('zzzz')
  }
]

for (const width of [1280, 390])
  test(`states keep the rules for access at ${width} px`, async ({ page }) => {
    test.setTimeout(600_000)
    page.setDefaultTimeout(8000)
    await page.setViewportSize({ width, height: 844 })
    await page.emulateMedia({ reducedMotion: 'reduce' })
    await openDemo(page)
    let before = ''
    for (const { what, path, act, slow } of STATES) {
      if (slow && width < 1000) continue
      await page.goto(`/#${path}`)
      // Where the page is the same as before, it is folded up again.
      if (path === before) await page.reload()
      before = path
      await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
      await page.waitForTimeout(900)
      const done = await act(page).then(
        () => '',
        (error: unknown) => String(error).slice(0, 200)
      )
      expect.soft([what, done]).toEqual([what, ''])
      await page.waitForTimeout(400)
      expect.soft([what, await faults(page)]).toEqual([what, []])
    }
  })

/** Dialogs that the pages themselves open, with how. */
const DIALOGS: readonly State[] = [
  { what: 'a new build', path: '/builds', act: press('Add a build') },
  { what: 'a tool of one’s own', path: '/kit', act: press('A tool of my own') },
  { what: 'a way of one’s own', path: '/kit', act: press('A way of my own') },
  { what: 'a card', path: '/', act: (page) => page.locator('.what-is').first().click() },
  { what: 'something sold', path: '/ledger/inventory', act: press(/^Sold: /) },
  {
    what: 'a build begun',
    path: '/stages',
    act: async (page) => {
      await planned(page)
      await page
        .getByRole('button', { name: /^Bird boxes/ })
        .first()
        .click()
      await page.getByRole('button', { name: 'Begin', exact: true }).click()
    }
  },
  { what: 'one purchase made', path: '/', act: press(/^Bought it: /) },
  { what: 'all purchases made', path: '/', act: press('All bought') },
  { what: 'a receipt', path: '/ledger', act: press(/^Receipt/) }
]
for (const width of [1280, 390])
  test(`dialogs keep the rules for access at ${width} px and close by Escape`, async ({ page }) => {
    test.setTimeout(400_000)
    page.setDefaultTimeout(8000)
    await page.setViewportSize({ width, height: 844 })
    await page.emulateMedia({ reducedMotion: 'reduce' })
    await openDemo(page)
    for (const { what, path, act } of DIALOGS) {
      await page.goto(`/#${path}`)
      await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
      await page.waitForTimeout(900)
      await act(page)
      const dialog = page.getByRole('dialog')
      await expect(dialog).toBeVisible()
      await page.waitForTimeout(400)
      expect.soft([what, await faults(page)]).toEqual([what, []])
      await page.keyboard.press('Escape')
      await expect(dialog, what).toHaveCount(0)
    }
  })
