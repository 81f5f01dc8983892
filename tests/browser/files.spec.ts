import { readFileSync } from 'node:fs'
import { expect, test } from '@playwright/test'
import { openDemo, watch } from './helpers'

const file = (name: string, text: string) => ({
  name,
  mimeType: 'application/json',
  buffer: Buffer.from(text)
})
const hive = readFileSync('data/demo/hive-yard.json', 'utf8')

test('a workspace is saved to a file and opened again, the same', async ({ page }) => {
  await openDemo(page, '/settings')
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save to a file' }).click()
  ])
  const saved = readFileSync(await download.path(), 'utf8')
  expect(JSON.parse(saved)).toMatchObject({
    format: 'frugal-ledger/workspace',
    version: 3,
    name: 'Hive yard'
  })
  await page.setInputFiles(
    'input[type=file]',
    file(
      'mine.json',
      saved
        .replaceAll('"demo-hive-yard"', '"ws-mine"')
        .replace('"name": "Hive yard"', '"name": "Carried over"')
    )
  )
  // Opening a file leads to the Bench; only then is the way back taken.
  await expect(page.getByRole('heading', { level: 1 })).not.toHaveText('File and settings')
  await page.goto('/#/settings')
  await expect(page.getByText('On the table: Carried over')).toBeVisible()
})

test('refused files leave everything as it was and say where and why', async ({ page }) => {
  const errors = watch(page)
  await openDemo(page, '/settings')
  const refused: [string, string, RegExp][] = [
    ['empty.json', '', /The file is empty/],
    ['not.json', '{"format": "frugal-ledger/workspace", oops', /stops making sense at line 1/],
    [
      'newer.json',
      hive.replace('"version": 3', '"version": 9'),
      /is of version 9; this program knows up to version 3/
    ],
    [
      'money.json',
      hive.replace('"reserve": 4000', '"reserve": -4000'),
      /line \d+: money › reserve: This amount must not be negative/
    ],
    [
      'unknown.json',
      hive.replace('"tool": "tape"', '"tool": "warp"'),
      /items › 0 › tool: There is no tool “warp”/
    ],
    [
      'day.json',
      hive.replace('"asOf": "2026-05-04"', '"asOf": "2026-02-30"'),
      /The date 2026-02-30 does not exist/
    ],
    [
      'large.json',
      `{"x":"${'y'.repeat(20_000_000)}"}`,
      /This is not a frugal-ledger.workspace file/
    ],
    ['deep.json', '['.repeat(6000), /nests its parts more than 64 deep/],
    ['<img src=x onerror=alert(1)>.json', '[]', /was not opened/]
  ]
  for (const [name, text, why] of refused) {
    await page.setInputFiles('input[type=file]', file(name, text))
    await expect(page.getByRole('alert').filter({ hasText: why })).toBeVisible()
    await expect(page.getByText('On the table: Hive yard')).toBeVisible()
  }
  expect(errors).toEqual([])
})

test('names with markup or direction marks are shown as text', async ({ page }) => {
  await openDemo(page, '/settings')
  await page.setInputFiles(
    'input[type=file]',
    file(
      'names.json',
      hive
        .replaceAll('"demo-hive-yard"', '"ws-names"')
        .replace('"name": "Step stool"', '"name": "<script>alert(1)</script>\u202eloots"')
    )
  )
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Buy')
  await expect(
    page.getByText('Invisible control or direction marks were taken out of 1 texts.')
  ).toBeVisible()
  await page.goto('/#/builds')
  await expect(page.getByRole('link', { name: '<script>alert(1)</script>loots' })).toBeVisible()
})

test('all three demos can be shown, and as they were shipped', async ({ page }) => {
  await openDemo(page)
  for (const name of ['Third floor', 'Half a garage', 'Hive yard']) {
    await page.goto('/#/settings')
    await page.getByRole('button', { name: `Show ${name}` }).click()
    await expect(page.getByText(`The demo “${name}”`)).toBeVisible()
    await expect(page.getByRole('heading', { level: 1 })).toContainText('Buy')
  }
  await page.goto('/#/builds/bird-boxes')
  await page.getByRole('button', { name: 'Remove', exact: true }).click()
  await page.goto('/#/settings')
  await page.getByRole('button', { name: 'Hive yard: As it was shipped' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Buy')
  await page.goto('/#/builds/bird-boxes')
  await expect(page.getByRole('heading', { level: 1, name: 'Bird boxes' })).toBeVisible()
})

test('where the browser refuses to keep data, it is said and the work goes on', async ({
  page
}) => {
  await page.addInitScript(() => {
    IDBFactory.prototype.open = () => {
      throw new DOMException('no', 'SecurityError')
    }
  })
  await openDemo(page)
  await expect(page.getByText('This browser does not let the page keep data.')).toBeVisible()
  await page.getByRole('button', { name: 'It came in' }).click()
  // The question is answered, and what else waits stands there or nothing does.
  await expect(page.getByRole('button', { name: 'It came in' })).toHaveCount(0)
})

test('where storage is full, it is said with the way out', async ({ page }) => {
  await openDemo(page)
  await page.evaluate(() => {
    IDBObjectStore.prototype.put = () => {
      throw new DOMException('full', 'QuotaExceededError')
    }
  })
  await page.getByRole('button', { name: 'It came in' }).click()
  await expect(page.getByText('The browser’s storage is full.')).toBeVisible()
  await expect(
    page.getByRole('alert').getByRole('button', { name: 'Save to a file' })
  ).toBeVisible()
})
