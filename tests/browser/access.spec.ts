import AxeBuilder from '@axe-core/playwright'
import { expect, test, type Page } from '@playwright/test'
import { VIEWS, openDemo, watch } from './helpers'

/** WCAG 2.2 AA and what its authors call good practice, as axe-core 4 tests them. */
const RULES = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice']

async function faults(page: Page, colours = false): Promise<string[]> {
  const axe = new AxeBuilder({ page })
  // In the dark only the colours are others.
  const { violations } = await (
    colours ? axe.withRules(['color-contrast']) : axe.withTags(RULES)
  ).analyze()
  return violations.map(
    ({ id, nodes }) => `${id}: ${nodes.map(({ target }) => target.join(' ')).join(', ')}`
  )
}
const overflow = (page: Page): Promise<number> =>
  page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth)
async function show(page: Page, path: string): Promise<void> {
  await page.goto(`/#${path}`)
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
  // What a worker answers comes a moment later.
  await page.waitForTimeout(900)
}

for (const { name, width, dark } of [
  { name: 'at 320 px, light', width: 320, dark: false },
  { name: 'at a desk, light', width: 1280, dark: false },
  { name: 'at a desk, dark', width: 1280, dark: true }
])
  test(`every view keeps the rules for access ${name}, and does not run out of the screen`, async ({
    page
  }) => {
    test.setTimeout(600_000)
    const errors = watch(page)
    await page.setViewportSize({ width, height: 800 })
    await page.emulateMedia({ colorScheme: dark ? 'dark' : 'light', reducedMotion: 'reduce' })
    await openDemo(page)
    for (const path of VIEWS) {
      await show(page, path)
      expect.soft([path, await faults(page, dark)]).toEqual([path, []])
      expect.soft([path, await overflow(page)]).toEqual([path, 0])
    }
    expect(errors).toEqual([])
  })

test('with text twice as large nothing runs out of the screen, and every press is still in reach', async ({
  page
}) => {
  await openDemo(page)
  for (const path of VIEWS) {
    await show(page, path)
    await page.evaluate(() => (document.documentElement.style.fontSize = '200%'))
    expect.soft([path, await overflow(page)]).toEqual([path, 0])
    // Only what can itself be moved sideways may hold a button beyond the edge.
    const lost = await page.evaluate(() =>
      [...document.querySelectorAll<HTMLElement>('main button, main a, main input')]
        .filter((one) => one.offsetParent && !one.closest('.scroller, .visually-hidden'))
        .filter((one) => one.getBoundingClientRect().right > window.innerWidth + 1)
        .map((one) => one.innerText || one.id)
    )
    expect.soft([path, lost]).toEqual([path, []])
  }
})

test('dialogs keep the rules for access, hold the focus, and give it back', async ({ page }) => {
  await openDemo(page)
  for (const { path, open } of [
    { path: '/', open: () => page.keyboard.press('/') },
    { path: '/', open: () => page.keyboard.press('?') },
    { path: '/', open: () => page.getByRole('button', { name: 'All bought' }).click() },
    {
      path: '/',
      open: () => page.getByRole('button', { name: 'Bought it: Drill driver' }).click()
    },
    { path: '/ledger', open: () => page.getByRole('button', { name: /^Receipt/ }).click() }
  ]) {
    await show(page, path)
    await open()
    const dialog = page.getByRole('dialog')
    await expect(dialog).toBeVisible()
    await page.waitForTimeout(400)
    expect.soft(await faults(page)).toEqual([])
    for (let tab = 0; tab < 12; tab++) {
      await page.keyboard.press('Tab')
      expect
        .soft(await dialog.evaluate((one) => one.contains(document.activeElement)), path)
        .toBe(true)
    }
    await page.keyboard.press('Escape')
    await expect(dialog).toHaveCount(0)
  }
})

test('on a phone what is in focus is never under the index', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 })
  await openDemo(page)
  for (const path of ['/', '/kit', '/stages', '/ledger', '/start']) {
    await show(page, path)
    await page.evaluate(() => document.body.focus())
    for (let tab = 0; tab < 45; tab++) {
      await page.keyboard.press('Tab')
      const hidden = await page.evaluate(() => {
        const one = document.activeElement
        const index = document.querySelector('nav.phone-index')
        if (!one || !index || one === document.body || index.contains(one)) return undefined
        const box = one.getBoundingClientRect()
        return box.height > 0 && box.top >= index.getBoundingClientRect().top
          ? one.outerHTML.slice(0, 120)
          : undefined
      })
      expect.soft([path, hidden]).toEqual([path, undefined])
    }
  }
})

test('in forced colours the drawings, the level and what is chosen are still told apart', async ({
  page
}) => {
  await page.emulateMedia({ forcedColors: 'active' })
  await openDemo(page, '/')
  const here = page.getByRole('navigation').getByRole('link', { name: /^Bench/ })
  const other = page.getByRole('navigation').getByRole('link', { name: /^Kit/ })
  const edge = (one: typeof here): Promise<string> =>
    one.evaluate(
      (link) => getComputedStyle(link).borderLeftStyle + getComputedStyle(link).borderLeftWidth
    )
  expect(await edge(here)).not.toBe(await edge(other))
  await page.goto('/#/what/tool/circular-saw')
  const drawing = page.getByRole('img', { name: /^Circular saw/ }).first()
  await expect(drawing).toBeVisible()
  const { line, ground } = await drawing.evaluate((one) => ({
    line: getComputedStyle(one.querySelector('path') ?? one).stroke,
    ground: getComputedStyle(document.body).backgroundColor
  }))
  expect(line).not.toBe(ground)
  expect(await faults(page)).toEqual([])
})
