import AxeBuilder from '@axe-core/playwright'
import { expect, test } from '@playwright/test'
import { choose, openDemo, watch } from './helpers'

test('the kit says where it stops short, and the measure of an owned tool can be put right', async ({
  page
}) => {
  const errors = watch(page)
  await openDemo(page, '/kit')
  await page.getByRole('button', { name: 'Details: F-clamp, 600 mm' }).click()
  await page.getByLabel('opening').fill('400')
  await page.getByLabel('opening').blur()
  await expect(page.getByRole('heading', { name: 'Where it stops short' })).toBeVisible()
  await expect(
    page.getByText(/F-clamp gives 400 mm opening; Blanket chest needs \d+ mm/)
  ).toBeVisible()
  await page.getByLabel('opening').fill('1000')
  await page.getByLabel('opening').blur()
  await page.getByRole('button', { name: 'One more: F-clamp, 600 mm' }).click()
  await page.getByRole('button', { name: 'One more: F-clamp, 600 mm' }).click()
  await expect(page.getByText('F-clamp gives 400 mm opening')).toHaveCount(0)
  await page.getByRole('link', { name: 'Builds' }).click()
  await expect(
    page.getByRole('button', { name: /^Glue up panels, Blanket chest/ })
  ).not.toContainText('short')
  expect(errors).toEqual([])
})

test('usual things are asked about first; everything else is found by name, other name or operation', async ({
  page
}) => {
  await openDemo(page, '/kit')
  await choose(page, 'Show', 'Usual things people have')
  await expect(page.getByLabel('I have: Tape measure, 5 m')).toBeChecked()
  await expect(page.getByLabel('I have: Jigsaw', { exact: true })).toBeVisible()
  await expect(page.getByLabel('I have: Hollow-chisel mortiser')).toHaveCount(0)
  const search = page.getByLabel('Find a tool by name, other name or operation')
  await search.fill('cramp')
  await expect(page.getByLabel('I have: F-clamp, 600 mm')).toBeVisible()
  await search.fill('resaw')
  await expect(page.getByLabel('I have: Frame saw for resawing')).toBeVisible()
  await search.fill('nothing of the kind')
  await expect(page.getByText('Nothing by that name.')).toBeVisible()
})

test('a cell of the grid can be asked why: with what, how else, and what a work-around costs', async ({
  page
}) => {
  await openDemo(page, '/builds')
  await page.getByRole('button', { name: /^Cut to length, Potting bench/ }).click()
  const why = page.locator('section.why')
  await expect(why.getByRole('heading', { name: 'Cut to length, for Potting bench' })).toBeVisible()
  await expect(why).toContainText('of which 30 min setting up')
  await expect(why.getByRole('heading', { name: 'Not with what you own' })).toBeVisible()
})

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 } })
  test('a build is entered from a cut list, nothing wider than the screen', async ({ page }) => {
    await openDemo(page, '/cut-list')
    await page.getByRole('button', { name: 'Put an example in' }).click()
    await expect(page.getByRole('heading', { name: '2 kinds of parts, 5 pieces' })).toBeVisible()
    const wide = await page.evaluate(
      () => document.documentElement.scrollWidth - document.documentElement.clientWidth
    )
    expect(wide).toBeLessThanOrEqual(0)
    const { violations } = await new AxeBuilder({ page }).analyze()
    expect(
      violations
        .filter(({ impact }) => impact === 'serious' || impact === 'critical')
        .map(({ id }) => id)
    ).toEqual([])
    await page.getByLabel('Name of the build').fill('Shelf')
    await page.getByRole('button', { name: 'Make it a build' }).click()
    await expect(page.getByRole('heading', { level: 1, name: 'Shelf' })).toBeVisible()
  })
})
