import { expect, test } from '@playwright/test'
import { choose, openDemo, settled, watch } from './helpers'

const rungs = '.rung button.head'

test('a rung opens to its reasons; had, it leaves the ladder; ruled out, it stands below with the reason; both are undone', async ({
  page
}) => {
  const errors = watch(page)
  await openDemo(page, '/weigh')
  const first = page.locator(rungs).first()
  await expect(first).toBeVisible()
  await expect(page.getByRole('heading', { level: 1 })).toContainText(' first: it')
  const before = await page.locator(rungs).allTextContents()
  const name = (await first.locator('.what .strong').textContent()) ?? ''
  await first.click()
  await expect(first).toHaveAttribute('aria-expanded', 'true')
  await expect(page.locator('.why')).toContainText(/Used for|With it you can make/)
  await page.getByRole('button', { name: 'I have it' }).click()
  await expect(page.locator('.rung .what .strong').filter({ hasText: name })).toHaveCount(0)
  await page.keyboard.press('Control+z')
  await expect.poll(async () => page.locator(rungs).allTextContents()).toEqual(before)
  if ((await page.locator('.why').count()) === 0) await page.locator(rungs).first().click()
  await page.getByRole('button', { name: 'Not for me' }).click()
  await expect(page.locator('.not-for')).toBeVisible()
  await page
    .getByRole('button', { name: /^Show all/ })
    .last()
    .click()
  await expect(page.getByText('you ruled it out')).toBeVisible()
  await page.keyboard.press('Control+z')
  await expect.poll(async () => page.locator(rungs).allTextContents()).toEqual(before)
  expect(errors).toEqual([])
})

test('the money is a line across it, and ladders of a school and of another sum stand beside it', async ({
  page
}) => {
  await openDemo(page, '/weigh')
  await expect(page.locator('li.money').first()).toContainText('this far')
  await page.locator('.p-multiselect').click()
  await page.getByRole('option', { name: 'Hand-held first' }).click()
  await page.getByRole('option', { name: /once$/ }).first().click()
  await page.keyboard.press('Escape')
  await page.getByRole('button', { name: 'Put side by side' }).click()
  await expect(page.getByRole('heading', { level: 3, name: 'Hand-held first' })).toBeVisible()
  await expect(page.locator('.columns > div')).toHaveCount(3)
})

test('from an empty browser to four pieces for a thousand: tools a sound first workshop has, nothing left out', async ({
  page
}) => {
  test.setTimeout(180_000)
  const errors = watch(page)
  await openDemo(page)
  await page.getByRole('link', { name: 'Start mine' }).click()
  await page.getByRole('button', { name: /^Show \d+ more builds/ }).click()
  for (const piece of ['Toy shelves', 'Bookcase, plywood', 'Coffee table', 'Garden planter'])
    await page.getByLabel(piece, { exact: false }).first().check()
  for (const tool of ['Tape measure, 5 m', 'Hammer, 300 g'])
    await page.getByRole('checkbox', { name: tool }).check()
  await page.getByRole('combobox', { name: 'Currency' }).click()
  await page.getByRole('option', { name: 'USD' }).click()
  await page.getByLabel('In the purse now').fill('1000')
  await choose(page, 'How often', 'Nothing regular')
  await page.getByLabel('Hours a week').fill('4')
  await page.getByRole('button', { name: 'Show me a plan' }).click()
  await settled(page)
  // As the practice case says: a drill, a saw, a sander, clamps and a square are in the plan, and all four are built. That the saw is a
  // powered one is asked of the ladder below, and of the plan after a long search by the case itself.
  await expect(page.getByRole('heading', { level: 1 })).toContainText('4 builds for')
  for (const tool of [
    /^Drill driver/,
    /^(Circular saw|Small circular saw|Plunge saw|Mitre saw|Compact mitre saw|Pull saw|Mitre box)/,
    /^(Random-orbital|Palm) sander/,
    /^(Pipe clamp|F-clamp|Parallel clamp)/,
    /^(Rafter|Combination) square/
  ])
    await expect(page.getByRole('button', { name: tool }).first()).toBeVisible()
  await expect(page.getByText('Left out of the plan')).toHaveCount(0)
  await page.goto('/#/weigh')
  await expect(page.locator(rungs).first()).toBeVisible()
  // The six of the case, and the sanding block that is not owned here.
  const names = (await page.locator('.rung .what').allTextContents()).slice(0, 7).join(' | ')
  expect(names).toMatch(/Drill driver/)
  expect(names).toMatch(/circular saw|Plunge saw/i)
  expect(names).toMatch(/sander/)
  const firstThree = (await page.locator('.rung .what .strong').allTextContents()).slice(0, 3)
  for (const name of firstThree)
    expect(name).not.toMatch(/stone|Hand drill|brace|gauge|Mallet|Strap clamp/)
  expect(errors).toEqual([])
})
