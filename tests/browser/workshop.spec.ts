import { expect, test } from '@playwright/test'
import { choose, openDemo, settled, watch } from './helpers'

test('a machine wished for is planned while the room takes it, and leaves the plan with the reason when it does not', async ({
  page
}) => {
  test.slow()
  const errors = watch(page)
  await openDemo(page, '/workshop')
  await page.getByLabel('Would another one fit?').click()
  await page.getByRole('option', { name: 'Compact table saw' }).click()
  await expect(page.getByText('Compact table saw: yes, beside all that is there.')).toBeVisible()
  await page.getByRole('button', { name: 'Wish for it' }).click()
  await page.goto('/#/stages')
  await settled(page)
  const tag = page.getByRole('button', { name: /^Compact table saw/ })
  await expect(tag.first()).toBeVisible()

  await page.goto('/#/workshop')
  for (const side of ['Length', 'Width']) {
    await page.getByLabel(`${side} of the room`).fill('2.7 m')
    await page.getByLabel(`${side} of the room`).blur()
  }
  await page.getByRole('button', { name: 'Change its size' }).click()
  await expect(
    page.getByText(/^Compact table saw: not .*(plan leaves it out|has to go)/)
  ).toBeVisible()
  await page.goto('/#/stages')
  await settled(page)
  await expect(tag).toHaveCount(0)
  expect(errors).toEqual([])
})

test('circuits told apart: what always hangs on one, an outlet on none, and a name twice', async ({
  page
}) => {
  const errors = watch(page)
  await openDemo(page, '/workshop/power')
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(
    'One circuit, 16 A for tools at 230 V'
  )
  await page.getByRole('button', { name: 'Tell circuits apart' }).click()
  await page.getByRole('button', { name: 'Add what hangs on it' }).click()
  await page.getByLabel('Current, A').fill('4')
  await page.getByLabel('Current, A').blur()
  await page.getByLabel('Runs all the time').check()
  // 4 A for hours ask for 5 of the breaker: NEC 210.20.
  await expect(page.getByText('11 A left for tools.')).toBeVisible()
  await page.getByRole('button', { name: 'Another circuit' }).click()
  const second = page.getByLabel('Name', { exact: true }).nth(1)
  await second.fill('Lock-up, 16 A')
  await second.blur()
  await expect(page.getByText(/Another circuit is called “Lock-up, 16 A” already/)).toBeVisible()
  // The first one gone, its outlet is on none; it is put on the other.
  await page.getByRole('button', { name: 'Take this circuit out' }).first().click()
  await expect(page.getByRole('alert').filter({ hasText: 'on no circuit there is' })).toBeVisible()
  await page.getByRole('button', { name: 'Put on Circuit 2' }).click()
  await expect(page.getByText('1 outlet of the floor plan.')).toBeVisible()
  expect(errors).toEqual([])
})

test('noise, dust and protection: next door, what clears the air, and what is not worn', async ({
  page
}) => {
  const errors = watch(page)
  await openDemo(page, '/workshop/air')
  await expect(page.getByRole('heading', { level: 1 })).toContainText('in the daytime')
  await expect(page.getByText(/^The dustiest evening is number/)).toBeVisible()
  await page.getByLabel('The nearest room of somebody else').fill('10')
  await page.getByLabel('The nearest room of somebody else').blur()
  // 20 dB for ten metres, 40 for brick: common practice and textbook acoustics.
  await expect(page.getByText(/103 dB\(A\), about 43 there/).first()).toBeVisible()
  await choose(page, 'Between you', 'Nothing, or an open window')
  await expect(page.getByText(/103 dB\(A\), about 83 there/).first()).toBeVisible()
  const vacuum = page.getByRole('listitem').filter({ hasText: 'Workshop vacuum' })
  await vacuum.getByRole('button', { name: 'Wish for it' }).click()
  await expect(vacuum.getByRole('button', { name: 'Wish for it' })).toHaveCount(0)
  await expect(page.getByRole('rowheader', { name: /^Circular saw/ })).toBeVisible()

  await page.goto('/#/kit')
  await page.getByLabel('Find a tool by name, other name or operation').fill('ear muffs')
  await page.getByLabel('I have: Ear muffs').check()
  await page.goto('/#/workshop/air')
  await page.getByLabel('I wear it').uncheck()
  await expect(page.getByText(/^Not worn, it protects nobody/)).toBeVisible()
  expect(errors).toEqual([])
})

test('how far one goes: the next level says what it asks and opens, and is never raised by itself', async ({
  page
}) => {
  const errors = watch(page)
  await openDemo(page, '/workshop/hazards')
  const level = page.getByRole('combobox', { name: 'How far with hand-held saw blades' })
  await level.click()
  await page.getByRole('option', { name: 'with respect' }).click()
  await expect(page.getByText(/The next level asks for “with practice”/)).toBeVisible()
  await expect(page.getByText(/^It would open a quicker way/).first()).toBeVisible()
  await expect(level).toContainText('with respect')
  await page.getByText('The sheet: hand-held saw blades').click()
  await expect(page.getByText('Held up only at its ends the board sags')).toBeVisible()
  await expect(page.getByText(/^Cut to length: Pull saw/).first()).toBeVisible()
  expect(errors).toEqual([])
})

test('the sheet of a danger stands beside the choice: at the rung of a saw', async ({ page }) => {
  const errors = watch(page)
  await openDemo(page, '/weigh')
  const rung = page.locator('.rung').filter({ hasText: 'Circular saw' }).first()
  await rung.getByRole('button').first().click()
  await rung.getByRole('button', { name: 'chips and splinters' }).click()
  const card = page.getByRole('dialog')
  await expect(card).toContainText('They fly in the line of the cut')
  await expect(card).toContainText('The tool’s manual and your local rules go before it.')
  expect(errors).toEqual([])
})

test('on a phone the pages of the workshop keep within its width', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 })
  await openDemo(page)
  for (const path of ['', '/power', '/air', '/hazards', '/today', '/limits']) {
    await page.goto(`/#/workshop${path}`)
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
    await page.waitForTimeout(800)
    expect([path, await page.evaluate(() => document.documentElement.scrollWidth)]).toEqual([
      path,
      390
    ])
  }
})
