import AxeBuilder from '@axe-core/playwright'
import { expect, test } from '@playwright/test'
import { watch } from './helpers'

test('the first plan stands beside the questions from the first tick, and follows the answers', async ({
  page
}) => {
  const errors = watch(page)
  await page.goto('/#/start')
  const plan = page.getByRole('region', { name: 'Your first plan' })
  await expect(plan).toContainText('Tick a piece you would like to make')
  await page.getByRole('button', { name: 'Garden' }).click()
  await page.getByRole('checkbox', { name: /^Garden planter/ }).check()
  await expect(plan).toContainText('Say how much there is')
  await page.getByLabel('In the purse now').fill('200')
  await expect(plan).toContainText('1 of 1 pieces can be made')
  await expect(plan).toContainText(/Garden planter can begin on/)
  const before = await plan.innerText()
  // By hand: nothing with a motor is bought.
  await page.getByRole('button', { name: 'By hand, quietly' }).click()
  await expect(plan).not.toHaveText(before)
  await expect(plan).not.toContainText('Drill driver')
  // What is ticked stays in sight in another place.
  await page.getByRole('button', { name: 'Kitchen' }).click()
  await expect(page.getByRole('checkbox', { name: /^Garden planter/ })).toBeChecked()
  const found = await new AxeBuilder({ page }).analyze()
  expect(found.violations.map(({ id }) => id)).toEqual([])
  expect(errors).toEqual([])
})

test('a piece is found by any of its words; what is not there is said, with the way out', async ({
  page
}) => {
  await page.goto('/#/start')
  await page.getByLabel('Find a piece').fill('stool')
  await expect(page.getByRole('checkbox', { name: /^Step stool/ })).toBeVisible()
  await expect(page.getByRole('checkbox', { name: /^Kitchen stool/ })).toBeVisible()
  await expect(page.getByRole('checkbox', { name: /^Bird box/ })).toHaveCount(0)
  await page.getByLabel('Find a piece').fill('harpsichord')
  await expect(page.getByText('No piece is called “harpsichord” here')).toBeVisible()
  await expect(page.getByRole('link', { name: 'from a cut list' })).toBeVisible()
  // Called otherwise, or misspelt: the nearest is offered, and ticked only when it is pressed.
  await page.getByLabel('Find a piece').fill('rabit hutch')
  await expect(page.getByText('Nearest to it, with steps of the same kind:')).toBeVisible()
  await page.getByRole('button', { name: 'Dog house' }).click()
  await expect(page.getByRole('checkbox', { name: 'Dog house' })).toBeChecked()
  await page.getByRole('button', { name: 'not Dog house' }).click()
  await expect(page.getByRole('checkbox', { name: 'Dog house' })).toHaveCount(0)
})

test('what is there is found by family and by name, and stays in sight once it is ticked', async ({
  page
}) => {
  await page.goto('/#/start')
  const families = page.getByRole('group', { name: 'Tools by family' })
  await families.getByRole('button', { name: 'Planes' }).click()
  await page.getByRole('checkbox', { name: 'Block plane' }).check()
  await families.getByRole('button', { name: 'Machines' }).click()
  await expect(page.getByRole('checkbox', { name: 'Block plane' })).toBeChecked()
  await page.getByLabel('Find a tool').fill('no such tool')
  await expect(page.getByText('No tool is called “no such tool” here')).toBeVisible()
  await page.getByLabel('Find a tool').fill('jigsaw')
  await expect(page.getByRole('checkbox', { name: 'Jigsaw', exact: true })).toBeVisible()
})

for (const width of [1280, 390])
  test(`from an empty browser to a plan by keys alone in fewer than forty presses, ${width} px wide`, async ({
    page
  }) => {
    await page.setViewportSize({ width, height: 844 })
    await page.goto('/#/start')
    await expect(page.getByRole('heading', { level: 1, name: 'Start mine' })).toBeVisible()
    let presses = 0
    const press = async (...keys: readonly string[]): Promise<void> => {
      for (const key of keys) {
        presses++
        await page.keyboard.press(key)
      }
    }
    const focused = page.locator(':focus')
    /** Goes on by Tab until what is in focus is called so. */
    const tabTo = async (name: string): Promise<void> => {
      for (let i = 0; i < 12; i++) {
        await press('Tab')
        if (
          (await focused
            .and(page.getByLabel(name))
            .or(focused.and(page.getByText(name, { exact: true })))
            .count()) > 0
        )
          return
      }
      throw new Error(`${name} is not come to`)
    }
    await tabTo('Skip to the page')
    await press('Enter')
    await tabTo('Bird box')
    await press('Space', 'ArrowRight', 'Space')
    await expect(page.getByRole('checkbox', { name: 'Step stool' })).toBeChecked()
    await tabTo('Tick the usual basics')
    await press('Enter')
    await tabTo('In the purse now')
    await press('1', '5', '0')
    await expect(page.getByText('2 of 2 pieces can be made')).toBeVisible()
    await press('Enter')
    await expect(page.getByRole('heading', { level: 1 })).toContainText(/^2 builds for/)
    expect(presses).toBeLessThanOrEqual(40)
  })

test('answers stay while one looks something up, and hold once it is one’s own', async ({
  page
}) => {
  await page.setViewportSize({ width: 390, height: 844 })
  await page.goto('/#/start')
  await page.getByRole('checkbox', { name: /^Peg rail/ }).check()
  await page.getByRole('button', { name: 'Tick the usual basics' }).click()
  await page.getByLabel('Set aside each time').fill('40')
  await page.getByRole('button', { name: 'What is this: Rafter square' }).click()
  await page.getByRole('dialog').getByRole('button', { name: 'As a page' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Rafter square')
  await page.goBack()
  await expect(page.getByRole('checkbox', { name: /^Peg rail/ })).toBeChecked()
  await expect(page.getByLabel('Set aside each time')).toHaveValue('40')
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390)
  await page.getByRole('button', { name: 'Nothing that kicks back' }).click()
  await page.getByRole('button', { name: 'Show me a plan' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toContainText(/build/)
  await page.goto('/#/kit')
  await expect(page.getByRole('checkbox', { name: 'I have: Tape measure, 5 m' })).toBeChecked()
})

test('on a phone the first plan stands in one line while one answers, and leads to all of it', async ({
  page
}) => {
  await page.setViewportSize({ width: 390, height: 844 })
  await page.goto('/#/start')
  const glance = page.locator('.glance')
  await expect(glance).toContainText('Tick a piece')
  await expect(glance).toBeInViewport()
  await page.getByRole('checkbox', { name: 'Step stool' }).check()
  await expect(glance).toContainText('Say how much there is')
  await page.getByLabel('In the purse now').fill('150')
  await expect(glance).toContainText(/^First .* and \d+ more: €\d+/)
  await expect(glance).toBeInViewport()
  await glance.getByRole('button', { name: 'The plan' }).click()
  await expect(page.getByRole('heading', { name: 'Your first plan' })).toBeInViewport()
})
