import { expect, test, type Page } from '@playwright/test'
import { printOf } from '../../app/storage/records'
import { writeZip } from '../../core/formats'
import { monkeyRun } from '../faults/monkey'
import { demo } from '../helpers/workspaces'
import { alterStore, openDemo, recordsIn, watch } from './helpers'

const kept = (page: Page) => expect(page.getByText('Kept in this browser')).toBeVisible()
async function enter(page: Page, text: string): Promise<void> {
  await page.goto('/#/ledger')
  await page.getByLabel('Amount').first().fill('1')
  await page.locator('#entry-text').fill(text)
  await page.getByRole('button', { name: 'Enter', exact: true }).click()
}
/** Chooses in one of the lists of a form that take several. */
async function pick(page: Page, form: string, option: RegExp): Promise<void> {
  await page.locator('form').filter({ hasText: form }).locator('.p-multiselect').click()
  await page.getByRole('option', { name: option }).click()
  await page.keyboard.press('Escape')
}

/** The short form; `npm run faults` acts two thousand times. */
test('acting at random on every form with odd values: each reload shows what was there, and nothing typed is lost', async ({
  page,
  baseURL
}) => {
  test.setTimeout(420_000)
  const run = await monkeyRun(page, baseURL ?? '', { rounds: 10, perRound: 12, seed: 20_261_128 })
  expect([run.lost, run.differing, run.complaints]).toEqual([[], [], []])
  expect(run.changes).toBeGreaterThan(6)
})

test('deals, sales and scenarios over chosen tools are kept and planned with; what could not be read again is refused in its form, and what was typed stays', async ({
  page
}) => {
  const errors = watch(page)
  await openDemo(page, '/prices/sales')
  await page.getByText('Buy several, get one free', { exact: true }).click()
  await page.getByText('A sale that is expected').click()
  const name = page.locator('#deal-name')
  await pick(page, 'Keep this deal', /^Belt sander/)
  await name.fill('x'.repeat(201))
  await page.getByRole('button', { name: 'Keep this deal' }).click()
  await expect(
    page.locator('form').filter({ hasText: 'Keep this deal' }).getByRole('alert')
  ).toHaveText('Name: The text is too long; 200 characters are kept.')
  await expect(name).toHaveValue('x'.repeat(201))
  await name.fill('Two for one')
  await page.getByRole('button', { name: 'Keep this deal' }).click()
  await expect(name).toHaveValue('')
  await pick(page, 'Keep this sale', /^Belt sander/)
  await page.locator('#sale-name').fill('May sale')
  await page.getByRole('button', { name: 'Keep this sale' }).click()
  await kept(page)
  await page.goto('/#/stages/scenarios')
  await expect(page.getByRole('button', { name: 'Keep this one' })).toBeVisible()
  await page.locator('.p-multiselect').last().click()
  await page.getByRole('option').first().click()
  await page.keyboard.press('Escape')
  await page.getByRole('button', { name: 'Keep this one' }).click()
  await kept(page)
  await page.reload()
  await page.goto('/#/prices/sales')
  await expect(page.getByText('Two for one')).toBeVisible()
  await expect(page.getByText('May sale', { exact: true })).toBeVisible()
  await page.goto('/#/stages')
  await expect(page.getByRole('button', { name: 'Plan the rest again' })).toBeEnabled()
  expect(errors).toEqual([])
})

test('a change that cannot be written is said, with its cause and Undo; leaving asks; once there is room it is kept by itself', async ({
  page
}) => {
  await openDemo(page)
  await kept(page)
  await page.evaluate(() => {
    const own = IDBObjectStore.prototype.put
    IDBObjectStore.prototype.put = function put(...given) {
      if ((window as { full?: boolean }).full === true)
        throw new DOMException('no room', 'QuotaExceededError')
      return own.apply(this, given)
    }
    ;(window as { full?: boolean }).full = true
  })
  await enter(page, 'Written later')
  await expect(page.getByText('Not kept', { exact: true })).toBeVisible()
  await expect(page.getByText(/storage is full.*tries again by itself/)).toBeVisible()
  let asked = 0
  page.on('dialog', (dialog) => {
    asked++
    void dialog.dismiss()
  })
  // The browser gives a page that is left with something unkept ten seconds to ask.
  await page.close({ runBeforeUnload: true })
  await expect.poll(() => asked).toBe(1)
  await page.evaluate(() => {
    ;(window as { full?: boolean }).full = false
  })
  await kept(page)
  await expect(page.getByText(/storage is full/)).toHaveCount(0)
  await page.reload()
  await expect(page.getByRole('row', { name: /Written later/ })).toHaveCount(1)
})

test('a store that is emptied under the open page is filled again by the next change', async ({
  page
}) => {
  await openDemo(page)
  await enter(page, 'Before')
  await kept(page)
  await alterStore(page)
  await enter(page, 'After')
  await kept(page)
  await page.reload()
  for (const text of ['Before', 'After'])
    await expect(page.getByRole('row', { name: new RegExp(text) })).toHaveCount(1)
})

test('a part of the record that cannot be read is set aside, can be seen and saved, and all the rest is there', async ({
  page
}) => {
  await openDemo(page)
  await enter(page, 'Stays')
  await kept(page)
  const stored = (
    await recordsIn<{ id: string; head: { builds: { name: string }[] } }>(page, 'workspaces')
  ).find(({ id }) => id === 'demo-hive-yard')
  if (!stored) throw new Error('nothing was kept')
  const head = {
    ...stored.head,
    builds: stored.head.builds.map((one, i) => (i === 0 ? { ...one, name: 'n'.repeat(201) } : one))
  }
  await alterStore(page, 'workspaces', { ...stored, head, print: printOf(head) })
  await page.reload()
  await expect(
    page.getByText(/^A part of what this browser had kept could not be read: builds, entry 1, name/)
  ).toBeVisible()
  await expect(page.getByRole('row', { name: /Stays/ })).toHaveCount(1)
  await page.goto('/#/keeping')
  const aside = page.getByRole('region', { name: 'Set aside' })
  await aside.getByText('builds, entry 1, name').click()
  await expect(aside).toContainText('n'.repeat(201))
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    aside.getByRole('button', { name: 'Save to a file' }).click()
  ])
  expect(download.suggestedFilename()).toMatch(/^set-aside-.*\.json$/)
  await aside.getByRole('button', { name: 'Let it go for good' }).click()
  await expect(aside).toHaveCount(0)
})

test('a picture that is here is never replaced by one of the same name in a file; a picture that is missing is said', async ({
  page
}) => {
  const hive = demo('hive-yard')
  const entry = hive.ledger[2]?.id ?? ''
  const photo = (id: string) => ({
    id,
    entry,
    type: 'image/jpeg' as const,
    widthPx: 1,
    heightPx: 1,
    bytes: 4
  })
  const jpeg = (last: number) => Uint8Array.from([0xff, 0xd8, 0xff, last])
  const file = (last: number) =>
    writeZip(
      JSON.stringify({ ...hive, id: 'ws-mine', name: 'Mine', photos: [photo('p'), photo('gone')] }),
      [{ id: 'p', bytes: jpeg(last), type: 'image/jpeg' }]
    )
  const open = async (last: number): Promise<void> => {
    await page.goto('/#/settings')
    await page.setInputFiles('input[type=file]', {
      name: `${last}.zip`,
      mimeType: 'application/zip',
      buffer: Buffer.from(file(last))
    })
  }
  await openDemo(page)
  await open(1)
  await expect(page.getByText(/^A photo the workspace speaks of is not in this file/)).toBeVisible()
  await kept(page)
  await open(2)
  await page.getByRole('button', { name: 'Do it' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Copies and formats')
  await kept(page)
  const all = (await recordsIn<{ id: string; bytes: Uint8Array }>(page, 'photos')).map(
    ({ id, bytes }): [string, number] => [id, bytes[3] ?? 0]
  )
  expect(all.map(([, last]) => last).sort()).toEqual([1, 2])
  expect(all.find(([id]) => id === 'p')).toEqual(['p', 1])
})
