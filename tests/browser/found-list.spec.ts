import { readFile } from 'node:fs/promises'
import AxeBuilder from '@axe-core/playwright'
import { expect, test } from '@playwright/test'
import { openDemo, watch } from './helpers'

const LIST = `Woodworking starter list:
1. Combination square 12"  €25
* 4 F-clamps, 24 inch €10 each
cordless drill/driver 18v  €99
Random orbit sander €20
planer
safty glasses
lathe
pencils and a good plan`

test('a list is pasted: what is needed, what is there, what it forgets; unsure lines are asked about', async ({
  page
}) => {
  const errors = watch(page)
  await openDemo(page, '/weigh/list')
  await page.getByLabel('The list').fill(LIST)
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(
    /^\d of 6 on this list are for your builds$/
  )
  const row = (name: string) => page.getByRole('row').filter({ hasText: name })
  await expect(row('Drill driver')).toContainText('In your plan on')
  await expect(row('Drill driver')).toContainText('€99 each, about usual')
  await expect(row('F-clamp ×4')).toContainText('You have it')
  await expect(row('Random-orbital sander')).toContainText('low; usually')
  await expect(row('Midi lathe')).toContainText('No step of your builds asks for it')
  await expect(page.getByRole('heading', { name: 'What the list forgets' })).toBeVisible()
  await expect(page.getByText(/\(protection\)/).first()).toBeVisible()
  // "Planer" is two machines and a hand tool: nothing is guessed.
  const asked = page.getByRole('group', { name: 'What “planer” means' })
  await asked.getByRole('button', { name: /^Thicknesser/ }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(/ of 7 on this list/)
  await expect(asked).toHaveCount(0)
  const found = await new AxeBuilder({ page }).analyze()
  expect(found.violations.map(({ id }) => id)).toEqual([])
  expect(errors).toEqual([])
})

test('what is picked is taken over as owned, wished or priced, each undone as one step; the answer is saved as text', async ({
  page
}) => {
  await openDemo(page, '/weigh/list')
  await page.getByLabel('The list').fill('cordless drill €99\nlathe')
  const lathe = page.getByRole('checkbox', { name: 'Midi lathe: take it over' })
  await expect(lathe).not.toBeChecked()
  await expect(page.getByRole('checkbox', { name: 'Drill driver: take it over' })).toBeChecked()
  await page.getByRole('button', { name: 'Keep their prices' }).click()
  await expect(page.getByText('1 price is kept, seen today.')).toBeVisible()
  await page.getByRole('button', { name: 'Undo taking in 1 price' }).click()
  await lathe.check()
  await page.getByRole('button', { name: 'Wish for these' }).click()
  await expect(page.getByText('2 tools are among your wishes now.')).toBeVisible()
  await page.getByRole('button', { name: 'Undo wishing for 2 tools of a list' }).click()
  await page.getByRole('button', { name: 'I have these' }).click()
  await expect(page.getByRole('row').filter({ hasText: 'Drill driver' })).toContainText(
    'You have it'
  )
  await page.getByRole('button', { name: 'Undo adding 2 tools of a list to the kit' }).click()
  await expect(page.getByRole('row').filter({ hasText: 'Drill driver' })).not.toContainText(
    'You have it'
  )
  const download = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Save as text' }).click()
  const text = await readFile(await (await download).path(), 'utf8')
  expect(text).toContain('Drill driver: In your plan on')
  expect(text).toContain('What the list forgets:')
})

test('a page of prose takes nothing over and says what to do; too long a list is said', async ({
  page
}) => {
  await openDemo(page, '/weigh/list')
  const field = page.getByLabel('The list')
  await field.fill(
    'When I began I had no idea what I would need and so I bought all that the man at the counter told me.'
  )
  await expect(page.getByText('No line of this reads as a tool.')).toBeVisible()
  await field.fill('hammer\n'.repeat(2000))
  await expect(
    page.getByText('The list has 2000 lines; the first 500 are looked at.')
  ).toBeVisible()
  await page.getByRole('button', { name: 'Another list' }).click()
  await expect(field).toHaveValue('')
})

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 } })
  test('nothing is wider than the screen', async ({ page }) => {
    await openDemo(page, '/weigh/list')
    await page.getByLabel('The list').fill(LIST)
    await expect(page.getByRole('heading', { name: 'What the list forgets' })).toBeVisible()
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBe(390)
  })
})
