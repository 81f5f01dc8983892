import AxeBuilder from '@axe-core/playwright'
import { expect, test } from '@playwright/test'
import { choose, openDemo, settled, watch } from './helpers'

const LIST = [
  'part\tqty\tlength\twidth\tthickness\tmaterial\tedges\tjoints',
  'Side\t2\t900\t280\t18\tplywood\tband front\tpocket 3',
  'Shelf\t3\t764\t280\t18\tplywood\tband front\t',
  'Top\t1\t800\t420\t20\tpine\tround all\tscrews 4',
  'Plinth\t1\t23 1/2\t70\t20\tpine\t\t'
].join('\n')

test('a cut list is pasted, a row put right, taken over, a step corrected, and the missing tool closes the gap', async ({
  page
}) => {
  const errors = watch(page)
  await openDemo(page, '/builds')
  await page.getByRole('button', { name: 'From a cut list' }).click()
  await page.getByLabel('Name of the build').fill('Hall shelf')
  const rows = page.getByLabel('The rows, with their headings')
  await rows.fill(LIST)
  await expect(page.getByRole('alert')).toContainText(
    'Row 5, length: “23 1/2” is a fraction among millimetres'
  )
  await expect(page.getByRole('heading', { name: '3 kinds of parts, 6 pieces' })).toBeVisible()
  await rows.fill(LIST.replace('23 1/2', '23 1/2 in'))
  await expect(page.getByRole('heading', { name: '4 kinds of parts, 7 pieces' })).toBeVisible()
  await expect(page.getByRole('alert')).toHaveCount(0)
  await expect(page.getByRole('img', { name: /^Sheet 1 of 1: .*Side/ })).toBeVisible()
  expect(
    (await new AxeBuilder({ page }).analyze()).violations
      .filter(({ impact }) => impact === 'serious' || impact === 'critical')
      .map(({ id }) => id)
  ).toEqual([])
  await page.getByRole('button', { name: 'Make it a build' }).click()
  await expect(page.getByRole('heading', { level: 1, name: 'Hall shelf' })).toBeVisible()

  // What does not suit is said: a solid top screwed down across its grain.
  await expect(page.getByText('holds the part rigidly across its grain')).toBeVisible()
  await page.getByRole('button', { name: 'What it would take: loose tenon' }).first().click()
  await expect(
    page.getByRole('paragraph').filter({ hasText: /^What it would take: loose tenon$/ })
  ).toBeVisible()

  // A step is corrected where it stands.
  const quantity = page.getByLabel('How much, Pocket joint')
  await quantity.fill('8')
  await quantity.blur()
  await expect(quantity).toHaveValue('8')
  await page.getByRole('button', { name: 'Why, and how else: Pocket joint' }).click()
  await expect(page.getByRole('heading', { name: 'Pocket joint, for Hall shelf' })).toBeVisible()
  await expect(page.locator('section.why')).toContainText(/pocket jig/i)

  // The gap closes when what is missing is ticked.
  await expect(page.getByRole('button', { name: 'Why, and how else: Pocket joint' })).toContainText(
    'no way yet'
  )
  await page.getByRole('link', { name: 'Kit' }).click()
  for (const tool of [
    'Pocket jig with its step bit',
    'Drill driver',
    'Twist bits for wood, set',
    'Driver bits, set',
    'Safety glasses'
  ]) {
    await page.getByLabel('Find a tool by name, other name or operation').fill(tool)
    await page.getByLabel(`I have: ${tool}`).check()
  }
  await page.getByRole('link', { name: 'Builds' }).click()
  await page.getByRole('link', { name: 'Hall shelf' }).click()
  await expect(page.getByRole('button', { name: 'Why, and how else: Pocket joint' })).toContainText(
    'Pocket jig'
  )
  expect(errors).toEqual([])
})

test('a cut list in a file is opened, and goes back to a spreadsheet', async ({ page }) => {
  await openDemo(page, '/cut-list')
  await page.setInputFiles('input[type=file]', {
    name: 'Tea tray.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(
      'part;quantity;length;width;thickness;material\nBase;1;480,5;320;9;plywood\n=Rim;2;480;70;15;oak\n'
    )
  })
  await expect(page.getByLabel('Name of the build')).toHaveValue('Tea tray')
  await expect(page.getByRole('cell', { name: '=Rim', exact: true })).toBeVisible()
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save as CSV' }).click()
  ])
  expect(download.suggestedFilename()).toBe('Tea-tray.csv')
})

test('builds are put in order by keys, and a build serves as the pattern of another', async ({
  page
}) => {
  await openDemo(page, '/builds')
  const headings = page.locator('table.grid thead a')
  await expect(headings.first()).toHaveText(/^Bird boxes/)
  await page.getByRole('button', { name: /^Bird boxes: Alt and an arrow key/ }).focus()
  await page.keyboard.press('Alt+ArrowRight')
  await expect(headings.nth(1)).toHaveText(/^Bird boxes/)
  await page.getByRole('button', { name: /^Undo changing Bird boxes/ }).click()
  await expect(headings.first()).toHaveText(/^Bird boxes/)
  await page.getByRole('button', { name: 'Add a build' }).click()
  await choose(page, 'From a template', 'Like: Step stool')
  await page.getByLabel('Its name').fill('Stool for the shed')
  await page.getByRole('button', { name: 'Add it' }).click()
  await expect(page.getByRole('heading', { level: 1, name: 'Stool for the shed' })).toBeVisible()
})

test('names of another country are shown and all of them are found; a tool and a way of one’s own pass the checks', async ({
  page
}) => {
  await openDemo(page, '/settings')
  await choose(page, 'Trade names', 'American: miter, rabbet, vise')
  await page.getByRole('link', { name: 'Kit' }).click()
  const search = page.getByLabel('Find a tool by name, other name or operation')
  await search.fill('mitre box')
  await expect(page.getByText('Miter box with saw')).toBeVisible()
  await page.getByRole('button', { name: 'A tool of my own' }).click()
  await page.getByLabel('What you call it').fill('Grandfather’s saw')
  await page.getByRole('button', { name: 'Add it' }).click()
  await expect(page.getByText('Say which tool it works like.')).toBeVisible()
  await choose(page, 'It works like', 'Back saw')
  await page.getByLabel('depth of cut').fill('120')
  await page.getByLabel('What one costs').fill('0')
  await page.getByRole('button', { name: 'Add it' }).click()
  await search.fill('grandfather')
  await page.getByLabel('I have: Grandfather’s saw').check()
  await page.getByRole('button', { name: 'A way of my own' }).click()
  await page.getByLabel('What you call it').fill('With a very long rule')
  await choose(page, 'What it does', 'Measure')
  await page.getByLabel('For each unit, min').fill('0.1')
  await page.getByRole('button', { name: 'Add it' }).click()
  await expect(page.getByRole('dialog')).toHaveCount(0)
  await page.getByRole('button', { name: 'Remove With a very long rule' }).click()
  await expect(page.getByRole('button', { name: 'Remove With a very long rule' })).toHaveCount(0)
  await page.getByRole('button', { name: /^Undo removing With a very long rule/ }).click()
  await expect(page.getByRole('button', { name: 'Remove With a very long rule' })).toBeVisible()
  await page.getByRole('link', { name: 'Stages' }).click()
  await settled(page)
})
