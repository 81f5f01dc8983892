import { expect, test, type Locator, type Page } from '@playwright/test'
import { openDemo, watch } from './helpers'

test.use({ viewport: { width: 390, height: 844 }, hasTouch: true })

interface Point {
  readonly x: number
  readonly y: number
}
/** Fingers that touch, go on in steps, and let go, as the browser hears them from the glass. */
async function fingers(page: Page, path: readonly (readonly Point[])[]): Promise<void> {
  const glass = await page.context().newCDPSession(page)
  const [first = [], ...rest] = path
  const tell = (type: 'touchStart' | 'touchMove' | 'touchEnd', points: readonly Point[]) =>
    glass.send('Input.dispatchTouchEvent', { type, touchPoints: [...points] })
  await tell('touchStart', first)
  for (const points of rest) await tell('touchMove', points)
  await tell('touchEnd', [])
}
const along = (from: Point, by: Point): Point[][] =>
  Array.from({ length: 9 }, (_, step) => [
    { x: from.x + (by.x * step) / 8, y: from.y + (by.y * step) / 8 }
  ])
async function middle(one: Locator): Promise<Point> {
  await one.scrollIntoViewIfNeeded()
  const box = await one.boundingBox()
  if (!box) throw new Error('not on the page')
  return { x: box.x + box.width / 2, y: box.y + box.height / 2 }
}

test('five places and “more” stand under the thumb; the rest is one press further', async ({
  page
}) => {
  const errors = watch(page)
  await openDemo(page)
  const index = page.getByRole('navigation', { name: 'Places' })
  await expect(index.getByRole('link')).toHaveText(['Bench', 'Builds', 'Kit', 'Weigh-up', 'Stages'])
  for (const [name, title] of [
    ['Ledger', /in the purse/],
    ['Pocket list', 'Pocket list'],
    ['Check a list you found', /list/i]
  ] as const) {
    await index.getByRole('button', { name: 'More' }).click()
    await page.getByRole('dialog').getByRole('link', { name }).click()
    await expect(page.getByRole('dialog')).toHaveCount(0)
    await expect(page.getByRole('heading', { level: 1, name: title })).toBeVisible()
  }
  // What to try here, and what a name opens, is one press away too.
  await index.getByRole('link', { name: 'Kit' }).click()
  await index.getByRole('button', { name: 'More' }).click()
  await page.getByRole('dialog').getByRole('button', { name: 'Help' }).click()
  await expect(page.getByRole('dialog')).toContainText('Tick one thing you have')
  await expect(page.getByRole('dialog')).toContainText('opens its card')
  await page.keyboard.press('Escape')
  // Nothing of it is smaller than a finger.
  for (const one of await index.locator('a, button').all()) {
    const box = await one.boundingBox()
    expect(Math.min(box?.width ?? 0, box?.height ?? 0)).toBeGreaterThanOrEqual(44)
  }
  expect(errors).toEqual([])
})

test('a swipe moves a purchase by a payday, two fingers open and fold the stages', async ({
  page
}) => {
  await openDemo(page, '/stages')
  await expect(page.getByRole('button', { name: 'Plan the rest again' })).toBeEnabled()
  const tags = page.locator('button.tag')
  const few = await tags.count()
  const column = page.locator('ol.column')
  const at = await middle(column.locator('li').nth(3))
  const apart = (by: number): Point[] => [
    { x: at.x - by, y: at.y },
    { x: at.x + by, y: at.y }
  ]
  const widths = [10, 20, 30, 40, 50, 60]
  await fingers(page, widths.map(apart))
  await expect.poll(() => tags.count()).toBeGreaterThan(few)
  await fingers(page, [...widths].reverse().map(apart))
  await expect(tags).toHaveCount(0)
  await page.getByRole('button', { name: 'Open every stage' }).click()
  const last = tags.last()
  const label = (await last.getAttribute('aria-label')) ?? ''
  await fingers(page, along(await middle(last), { x: 110, y: 0 }))
  const undo = page.getByRole('button', { name: /^Undo moving/ })
  await expect(undo).toBeVisible()
  await undo.click()
  await expect(page.getByRole('button', { name: label, exact: true })).toBeVisible()
  // Up and down is scrolling, whatever the finger began on.
  await fingers(page, along(await middle(tags.last()), { x: 20, y: -90 }))
  await expect(undo).toHaveCount(0)
})

test('in the shop: a price on the tag is weighed, kept, and bought at', async ({ page }) => {
  await openDemo(page, '/pocket')
  await page.getByRole('link', { name: 'In the shop' }).click()
  const saw = page.getByRole('button', { name: /^Circular saw/ })
  await saw.click()
  await expect(page.getByText(/^Planned: €\d/)).toBeVisible()
  const tag = page.getByLabel('Price on the tag')
  const verdict = page.locator('.verdict')
  for (const [price, said] of [
    ['10', /less than the plan expects\. Take it\./],
    ['2000', /more than there is on that day|Look elsewhere/]
  ] as const) {
    await tag.fill(price)
    await tag.press('Enter')
    await expect(verdict).toHaveText(said)
  }
  await tag.fill('cheap')
  await tag.press('Enter')
  await expect(page.getByRole('alert').first()).toBeVisible()
  await tag.fill('60')
  await tag.press('Enter')
  await page.getByRole('button', { name: 'Bought' }).click()
  await expect(page.getByRole('dialog').getByLabel('Really paid, for all of it')).toHaveValue('60')
  await page.getByRole('button', { name: 'Put it in the ledger' }).click()
  await expect(page.getByText('Bought today: 1 entry, €60.')).toBeVisible()
  await expect(saw).toHaveCount(0)
  await page.getByRole('button', { name: /^Undo buying Circular saw/ }).click()
  await expect(saw).toBeVisible()
})

test('a demo that was poked at goes back to how it was, and that can be gone back on', async ({
  page
}) => {
  await openDemo(page, '/builds/bird-boxes')
  const back = page.getByRole('button', { name: 'Back to how it was' })
  await expect(back).toHaveCount(0)
  await page.getByRole('button', { name: 'Remove', exact: true }).click()
  await page.goto('/#/')
  await back.click()
  await expect(back).toHaveCount(0)
  await page.goto('/#/builds/bird-boxes')
  await expect(page.getByRole('heading', { level: 1, name: 'Bird boxes' })).toBeVisible()
})
