import { expect, test } from '@playwright/test'
import { choose, openDemo, settled, watch } from './helpers'

test('from nothing to a plan, a recorded purchase and a finished build, by the screens alone', async ({
  page
}) => {
  const errors = watch(page)
  await openDemo(page)
  await page.getByRole('link', { name: 'Start mine' }).click()
  for (const build of ['Bird box', 'Potting bench', 'Step stool', 'Tool tote'])
    await page.getByLabel(build).check()
  await page.getByRole('checkbox', { name: 'Tape measure, 5 m' }).check()
  await page.getByRole('checkbox', { name: 'Rafter square' }).check()
  await page.getByRole('checkbox', { name: 'Hammer, 300 g' }).check()
  await page.getByLabel('In the purse now').fill('150')
  await page.getByLabel('Set aside each time').fill('60')
  await page.getByLabel('Keep back').fill('10')
  await page.getByRole('button', { name: 'Show me a plan' }).click()
  await settled(page)

  // A build of one's own, with its own steps and worth.
  await page.getByRole('link', { name: 'Builds' }).click()
  await page.getByRole('button', { name: 'Add a build' }).click()
  await page.getByRole('combobox', { name: 'From a template' }).click()
  await page.getByRole('option', { name: 'My own, with my own steps' }).click()
  await page.getByLabel('Its name').fill('Coat <i>hooks</i>')
  await page.getByRole('button', { name: 'Add it' }).click()
  await expect(page.getByRole('heading', { level: 1, name: 'Coat <i>hooks</i>' })).toBeVisible()
  await page.getByRole('button', { name: 'Add a step' }).click()
  await choose(page, 'Operation', 'Bore')
  await page.getByLabel('Thickness, Bore').fill('20')
  await page.getByLabel('Worth of one').fill('45,50')
  await page.getByLabel('Worth of one').blur()
  await expect(page.getByText('no way yet:')).toBeVisible()

  // The kit closes the gap: a hand drill opens the step.
  await page.getByRole('link', { name: 'Kit' }).click()
  await page.getByLabel('Find a tool by name, other name or operation').fill('drill')
  await page.getByLabel('I have: Hand drill with a wheel').check()
  await page.getByLabel('Find a tool by name, other name or operation').fill('twist')
  await page.getByLabel('I have: Twist bits for wood, set').check()
  await page.getByRole('link', { name: 'Builds' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(
    'One of five builds can start today'
  )

  // The ranking gives its reasons, down to the builds.
  await page.getByRole('link', { name: 'Weigh-up' }).click()
  await expect(page.locator('.rung').first()).toBeVisible()
  await page.getByRole('link', { name: 'Weighed' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toContainText(
    'nothing else brings back as much'
  )
  await expect(page.getByText(/candidates? against 5 builds/)).toBeVisible()
  await page.locator('button.candidate').first().click()
  await expect(page.getByText(/: worth .* after timber/).first()).toBeVisible()

  // A purchase at its real price, and the plan starts again from the real balance.
  await page.getByRole('link', { name: 'Stages' }).click()
  await settled(page)
  const tags = page.locator('button.tag')
  const before = await tags.count()
  expect(before).toBeGreaterThan(0)
  await tags.first().click()
  const bought = (await page.locator('section.detail h2').textContent())?.split(',')[0] ?? ''
  await page.getByRole('button', { name: 'Bought it' }).click()
  await page.getByLabel('Really paid, for all of it').fill('21.21')
  await page.getByRole('button', { name: 'Put it in the ledger' }).click()
  await settled(page)
  await page.getByRole('link', { name: 'Ledger' }).click()
  await expect(page.getByRole('heading', { level: 1, name: '€128.79 in the purse' })).toBeVisible()
  await expect(page.getByRole('row', { name: new RegExp(bought) })).toContainText('-€21.21')

  // A build begun and done with the hours it took.
  await page.getByRole('link', { name: 'Bench' }).click()
  await page.getByRole('button', { name: 'Begin: Coat <i>hooks</i>' }).click()
  await page.getByRole('button', { name: 'Begin it' }).click()
  await page.getByRole('button', { name: 'Done: Coat <i>hooks</i>' }).click()
  await page.getByLabel('Hours it took').fill('1.5')
  await page.getByRole('button', { name: 'It is done' }).click()
  await page.goto('/#/builds')
  await page.getByRole('link', { name: /Coat .*✓/ }).click()
  await expect(page.getByText('in 1 h 30')).toBeVisible()

  // All of it is there again after the page is closed.
  await page.reload()
  await expect(page.getByRole('heading', { level: 1, name: 'Coat <i>hooks</i>' })).toBeVisible()
  expect(errors).toEqual([])
})

test('the questions may all be skipped, and an empty page says what to do first', async ({
  page
}) => {
  await openDemo(page)
  await page.goto('/#/start')
  await page.getByRole('button', { name: 'Show me a plan' }).click()
  await expect(page.getByText('Add a build first')).toBeVisible()
  for (const [path, hint] of [
    ['/', 'Say what you want to build'],
    ['/builds', 'Say what you would like to make'],
    ['/weigh', 'Add a build that cannot be made yet'],
    ['/ledger', 'Begin with what you have']
  ] as const) {
    await page.goto(`/#${path}`)
    await expect(page.getByText(hint)).toBeVisible()
  }
  await page.goto('/#/ledger')
  await choose(page, 'How often', 'Every week')
  await page.getByLabel('Each time').fill('12,345')
  await page.getByLabel('Each time').blur()
  await expect(page.getByLabel('Each time')).toHaveValue('12345')
  await page.getByLabel('Each time').fill('a lot')
  await page.getByLabel('Each time').blur()
  await expect(page.getByText('“a lot” is not an amount.')).toBeVisible()
})
