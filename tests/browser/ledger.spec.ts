import { readFileSync } from 'node:fs'
import { expect, test, type Page } from '@playwright/test'
import { asDownloads, openDemo, watch } from './helpers'

/** A small picture, 8 × 6, drawn by the page itself: nothing outside is needed. */
const picture = async (page: Page): Promise<Buffer> =>
  Buffer.from(
    await page.evaluate(async () => {
      const canvas = document.createElement('canvas')
      canvas.width = 3200
      canvas.height = 1200
      const context = canvas.getContext('2d')
      if (context) {
        context.fillStyle = '#a05a2c'
        context.fillRect(0, 0, 3200, 1200)
      }
      const blob = await new Promise<Blob | null>((resolve) => canvas.toBlob(resolve, 'image/png'))
      return [...new Uint8Array((await blob?.arrayBuffer()) ?? new ArrayBuffer(0))]
    })
  )

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 } })
  test('a staged tool is bought in two actions at its real price, with a photo; undo takes it back by reversing', async ({
    page
  }) => {
    const errors = watch(page)
    await openDemo(page)
    await page.getByRole('button', { name: 'Bought it: Drill driver' }).click()
    await page.getByLabel('Really paid, for all of it').fill('65,50')
    await page.setInputFiles('input[type=file]', {
      name: 'receipt.png',
      mimeType: 'image/png',
      buffer: await picture(page)
    })
    await expect(page.getByText('The photo goes with it.')).toBeVisible()
    await page.getByRole('button', { name: 'Put it in the ledger' }).click()
    await page.getByRole('button', { name: 'More' }).click()
    await page.getByRole('link', { name: 'Ledger' }).click()
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('€233.20 in the purse')
    await page.getByRole('row', { name: /Drill driver/ }).click()
    const photo = page.getByRole('button', { name: 'Photo: Drill driver' }).getByRole('img')
    await expect(photo).toBeVisible()
    expect(
      await photo.evaluate((image: HTMLImageElement) => [image.naturalWidth, image.naturalHeight])
    ).toEqual([1600, 600])
    await page.getByRole('button', { name: 'Undo the photo of Drill driver' }).click()
    await page.getByRole('button', { name: 'Undo buying Drill driver' }).click()
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('€298.70 in the purse')
    await expect(page.getByRole('row', { name: /takes back: Drill driver/ })).toContainText(
      '+€65.50'
    )
    expect(errors).toEqual([])
  })
})

test('entries are filtered, sorted and gone through by keys', async ({ page }) => {
  await openDemo(page, '/ledger')
  await page.getByLabel('Find in the texts').fill('set aside')
  await expect(page.getByText('2 of 8 entries, +€220 together')).toBeVisible()
  await page.getByLabel('Find in the texts').fill('')
  await page.getByLabel('Without what was taken back').check()
  await expect(page.getByText(/^6 of 8 entries/)).toBeVisible()
  await page.getByRole('button', { name: 'Amount' }).click()
  await expect(page.getByRole('columnheader', { name: 'Amount' })).toHaveAttribute(
    'aria-sort',
    'descending'
  )
  const rows = page.getByRole('table', { name: 'What moved' }).getByRole('row')
  await expect(rows.nth(1)).toContainText('+€150')
  await rows.nth(1).focus()
  await page.keyboard.press('End')
  await expect(rows.last()).toBeFocused()
  await page.keyboard.press('ArrowUp')
  await page.keyboard.press('Enter')
  await expect(
    page.getByRole('region', { name: 'The entry' }).getByRole('heading', { level: 2 })
  ).toHaveText('Cloths, brushes, gloves')
  await page.keyboard.press('Escape')
  await expect(page.getByRole('region', { name: 'The entry' })).toHaveCount(0)
})

test('an entry is corrected, refunded and taken back; nothing is rewritten', async ({ page }) => {
  await openDemo(page, '/ledger')
  await page.getByRole('row', { name: /Sanding block/ }).click()
  await page.getByRole('button', { name: 'Correct it' }).click()
  const form = page.getByRole('region', { name: 'The entry' })
  await form.getByLabel('Amount').fill('8.90')
  await form.getByRole('button', { name: 'Put it in the ledger' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('€297.70 in the purse')
  await expect(page.getByText('10 entries', { exact: true })).toBeVisible()
  await page.getByRole('row', { name: /Cloths, brushes, gloves.*-€9.40/ }).click()
  await page.getByRole('button', { name: 'Money came back' }).click()
  await form.getByLabel('Amount').fill('10')
  await form.getByRole('button', { name: 'Put it in the ledger' }).click()
  await expect(page.getByRole('alert')).toContainText(
    'More would come back (€10) than was paid for it (€9.40)'
  )
  await form.getByLabel('Amount').fill('9.40')
  await form.getByRole('button', { name: 'Put it in the ledger' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('€307.10 in the purse')
  await page.goto('/#/ledger/inventory')
  await expect(page.getByRole('heading', { level: 1 })).toContainText('What you own')
  await expect(
    page.getByRole('cell', { name: 'Sanding block and paper', exact: true })
  ).toBeVisible()
  await expect(
    page.getByRole('cell', { name: 'Cloths, brushes, gloves', exact: true })
  ).toHaveCount(0)
  await page.getByRole('button', { name: 'Sold: Hammer, 300 g' }).click()
  await page.getByLabel('Brought').fill('5')
  await page.getByRole('button', { name: 'Put it in the ledger' }).click()
  await expect(page.getByRole('cell', { name: 'Hammer, 300 g', exact: true })).toHaveCount(0)
})

test('a receipt with several lines shares out delivery, checks its total and refuses another currency with the reason', async ({
  page
}) => {
  await openDemo(page, '/ledger')
  await page.getByRole('button', { name: 'Receipt …' }).click()
  const dialog = page.getByRole('dialog')
  await page.getByRole('combobox', { name: 'Line 1' }).click()
  // It stands in the plan and in the library; the plan comes first.
  await page.getByRole('option', { name: 'Drill driver', exact: true }).first().click()
  await dialog.getByLabel('Price').first().fill('$60')
  await dialog.getByLabel('For').nth(1).fill('Wood glue')
  await dialog.getByLabel('Price').nth(1).fill('20')
  await dialog.getByLabel('Delivery').fill('8')
  await dialog.getByLabel('Total paid').fill('90')
  await dialog.getByRole('button', { name: 'Put it in the ledger' }).click()
  await expect(dialog.getByRole('alert')).toContainText(
    'This is in $; the workspace reckons in EUR alone'
  )
  await dialog.getByLabel('Price').first().fill('60')
  await dialog.getByRole('button', { name: 'Put it in the ledger' }).click()
  await expect(dialog.getByRole('alert')).toContainText('€2 is missing')
  await dialog.getByLabel('Total paid').fill('88')
  await expect(dialog.getByText('2 lines, €88 in all.')).toBeVisible()
  await dialog.getByRole('button', { name: 'Put it in the ledger' }).click()
  await expect(page.getByRole('row', { name: /Drill driver/ })).toContainText('-€66')
  await expect(page.getByRole('row', { name: /Wood glue/ })).toContainText('-€22')
  await page.getByRole('row', { name: /Wood glue/ }).click()
  await expect(page.getByText('On the same receipt: Drill driver -€66')).toBeVisible()
})

test('a kept plan is laid over what happened, and what the difference does to the rest is planned', async ({
  page
}) => {
  await openDemo(page, '/ledger/plan')
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(
    '€89.30 less in the purse than was planned for today'
  )
  await expect(page.getByRole('row', { name: /Pull saw/ })).toContainText('late')
  await expect(page.getByRole('row', { name: /Sanding block/ })).toContainText('+€0.50')
  await expect(page.getByRole('row', { name: /^Together/ })).toContainText('€71.30')
  await page.getByRole('button', { name: 'Work it out' }).click()
  await expect(page.getByText(/^The rest spends/)).toBeVisible()
  await page.getByRole('button', { name: 'Keep today’s plan' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(
    'Just as much in the purse as was planned'
  )
})

test('the search finds what is anywhere: an entry, a price, a tool, a place', async ({ page }) => {
  await openDemo(page)
  await page.keyboard.press('/')
  await page.getByRole('combobox', { name: 'What are you looking for' }).fill('boards for')
  await expect(
    page.getByRole('option', { name: /Boards for bird boxes and a stool.*-€54.*Ledger/ })
  ).toBeVisible()
  await page.keyboard.press('Enter')
  await expect(
    page.getByRole('region', { name: 'The entry' }).getByRole('heading', { level: 2 })
  ).toHaveText('Boards for bird boxes and a stool')
  await page.keyboard.press('Escape')
  await page.getByRole('heading', { level: 1 }).click()
  await page.keyboard.press('/')
  await page.getByRole('combobox', { name: 'What are you looking for' }).fill('inventory')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { level: 1 })).toContainText('What you own is worth about')
})

test('the open formats are saved as files, and a sheet that was changed elsewhere shows what it would do', async ({
  page
}) => {
  await asDownloads(page)
  await openDemo(page, '/keeping')
  const save = async (name: string): Promise<string> => {
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name }).click()
    ])
    return readFileSync(await download.path(), 'utf8')
  }
  expect(await save('Accounting journal')).toContain(
    '2026-04-25 * Boards for bird boxes and a stool'
  )
  expect(await save('Plan as calendar (.ics)')).toContain('BEGIN:VCALENDAR')
  expect(await save('Pocket list (Markdown)')).toMatch(/- \[ \] \*\*Drill driver(, used)?\*\*/)
  expect(await save('JSON Schema of the file')).toContain(
    '"https://json-schema.org/draft/2020-12/schema"'
  )
  const sheet = await save('Ledger (CSV)')
  await page.getByRole('button', { name: 'Take in a sheet (CSV): Ledger' }).click()
  await page.setInputFiles('input[type=file]', {
    name: 'bank.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(
      `${sheet}2026-05-03,fee,Parking,,3.20,EUR\r\n2026-05-03,fee,Parking abroad,,3.20,USD\r\n`
    )
  })
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('bank.csv: what it would change')
  await expect(page.getByText('8 rows are here already and left out.')).toBeVisible()
  await expect(page.getByText('3 May 2026, Fee: Parking, -€3.20')).toBeVisible()
  await expect(page.getByText(/Row 11 is in USD, this workspace reckons in EUR/)).toBeVisible()
  await page.getByRole('button', { name: 'Take them in' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Copies and formats')
  await page.goto('/#/ledger')
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('€295.50 in the purse')
})
