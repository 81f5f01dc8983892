import { expect, test, type BrowserContext, type Page } from '@playwright/test'
import { asDownloads, openDemo } from './helpers'
import { hive, kept, worth, saved, open } from './keeping-parts'

test('two tabs agree live, cannot overwrite each other, and each can undo what the other did', async ({
  context
}) => {
  const [one, two] = [await context.newPage(), await context.newPage()]
  await openDemo(one)
  await openDemo(two, '/builds/bird-boxes')
  await kept(one)
  await worth(one, 'bird-boxes', '77')
  await kept(one)
  await expect(two.getByLabel('Worth of one')).toHaveValue('77')
  await expect(
    two.getByRole('button', { name: 'Undo changing Bird boxes, done in another tab' })
  ).toBeEnabled()
  await two.getByRole('button', { name: 'Undo changing Bird boxes, done in another tab' }).click()
  await expect(one.getByLabel('Worth of one')).not.toHaveValue('77')
})

test('two tabs that change at the same moment keep both changes', async ({ context }) => {
  const [one, two] = [await context.newPage(), await context.newPage()]
  for (const page of [one, two]) {
    await openDemo(page, '/ledger')
    await kept(page)
    await page.getByLabel('Amount').first().fill('1')
    await page.locator('#entry-text').fill(page === one ? 'From the first' : 'From the second')
  }
  const enter = (page: Page) => page.getByRole('button', { name: 'Enter', exact: true }).click()
  await Promise.all([enter(one), enter(two)])
  for (const page of [one, two]) {
    await expect(page.getByRole('row', { name: /From the first/ })).toHaveCount(1)
    await expect(page.getByRole('row', { name: /From the second/ })).toHaveCount(1)
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('€296.70 in the purse')
  }
  await kept(one)
  await kept(two)
  await one.reload()
  await expect(one.getByRole('heading', { level: 1 })).toHaveText('€296.70 in the purse')
})

test('a former state can be looked into and gone back to; the ledger reverses what came since, and that can be undone', async ({
  page
}) => {
  await openDemo(page, '/keeping')
  await page.getByRole('button', { name: 'Keep this state' }).click()
  await expect(page.getByRole('row', { name: /kept by you/ })).toBeVisible()
  await page.goto('/#/builds/bird-boxes')
  await page.getByRole('button', { name: 'Remove', exact: true }).click()
  await page.goto('/#/ledger')
  await page.getByLabel('Amount').first().fill('12')
  await page.locator('#entry-text').fill('Clamp pads')
  await page.getByRole('button', { name: 'Enter', exact: true }).click()
  await kept(page)
  // Closed and opened again: what could be undone step by step is gone, the former state is there.
  await page.reload()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('€286.70 in the purse')
  await page.goto('/#/keeping')
  await page
    .getByRole('row', { name: /kept by you/ })
    .getByRole('button')
    .click()
  await expect(page.getByText('Build: Bird boxes')).toBeVisible()
  await expect(
    page.getByText('1 entry entered since then would be taken back by reversing.')
  ).toBeVisible()
  await page.getByRole('button', { name: 'Go back to it' }).click()
  await page.goto('/#/ledger')
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('€298.70 in the purse')
  await expect(page.getByRole('row', { name: /takes back: Clamp pads/ })).toBeVisible()
  await page.getByRole('button', { name: /^Undo going back/ }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('€286.70 in the purse')
})
const emptyBrowser = async (from: BrowserContext): Promise<Page> => {
  const browser = from.browser()
  if (!browser) throw new Error('no browser')
  const page = await (
    await browser.newContext({
      viewport: { width: 1280, height: 800 },
      locale: 'en-GB',
      timezoneId: 'UTC',
      serviceWorkers: 'block',
      baseURL: 'http://localhost:4199/'
    })
  ).newPage()
  await asDownloads(page)
  return page
}

test('everything moves to an empty browser by file, photos too, and leaves it again the same bytes', async ({
  page,
  context
}) => {
  await openDemo(page, '/settings')
  await open(
    page,
    'mine.json',
    Buffer.from(
      hive
        .replaceAll('"demo-hive-yard"', '"ws-mine"')
        .replace('"name": "Hive yard"', '"name": "Mine"')
    )
  )
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Buy')
  await page.goto('/#/ledger')
  await page.getByRole('row', { name: /Boards/ }).click()
  const png = await page.evaluate(async () => {
    const canvas = document.createElement('canvas')
    const blob = await new Promise<Blob | null>((resolve) => canvas.toBlob(resolve, 'image/png'))
    return [...new Uint8Array((await blob?.arrayBuffer()) ?? new ArrayBuffer(0))]
  })
  await page.setInputFiles('input[type=file]', {
    name: 'r.png',
    mimeType: 'image/png',
    buffer: Buffer.from(png)
  })
  await expect(page.getByRole('button', { name: /^Photo: Boards/ })).toBeVisible()
  await kept(page)
  const first = await saved(page)
  expect(first.name).toBe('Mine.zip')
  await expect(page.getByText(/^Last saved to a file on/)).toBeVisible()

  const other = await emptyBrowser(context)
  await other.goto('/')
  await expect(other.getByRole('heading', { level: 1 })).toContainText('Buy')
  await open(other, first.name, first.buffer)
  await expect(other.getByRole('heading', { level: 1 })).toContainText('Buy')
  await kept(other)
  const second = await saved(other)
  expect(second.buffer.equals(first.buffer)).toBe(true)
  await other.goto('/#/ledger')
  await other.getByRole('row', { name: /Boards/ }).click()
  await expect(other.getByRole('button', { name: /^Photo: Boards/ }).getByRole('img')).toBeVisible()

  // Both go on; the file brings the two together, asks where both changed the same, and unites the ledgers.
  await worth(other, 'step-stool', '31')
  await worth(other, 'bird-boxes', '41')
  await other.goto('/#/ledger')
  await other.getByLabel('Amount').first().fill('5')
  await other.locator('#entry-text').fill('On the phone')
  await other.getByRole('button', { name: 'Enter', exact: true }).click()
  await kept(other)
  const back = await saved(other)
  await worth(page, 'bird-boxes', '42')
  await kept(page)
  await open(page, 'back.zip', back.buffer)
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('back.zip: what it would change')
  await expect(page.getByRole('region', { name: 'Changed there' })).toContainText(
    'Build: Step stool'
  )
  await expect(
    page.getByText('Other: On the phone').or(page.getByText('Tool: On the phone'))
  ).toBeVisible()
  await page
    .getByRole('group', { name: 'Build: Bird boxes' })
    .getByRole('radio', { name: /^the file/ })
    .check()
  await page.getByRole('button', { name: 'Do it' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Copies and formats')
  await page.goto('/#/builds/bird-boxes')
  await expect(page.getByLabel('Worth of one')).toHaveValue('41')
  await page.goto('/#/builds/step-stool')
  await expect(page.getByLabel('Worth of one')).toHaveValue('31')
  await page.getByRole('button', { name: /^Undo merging/ }).click()
  await expect(page.getByLabel('Worth of one')).not.toHaveValue('31')
})

test('taking a file instead replaces everything, and undo brings back every entry under its own id', async ({
  page
}) => {
  await openDemo(page, '/settings')
  const other = JSON.parse(hive) as { ledger: object[]; name: string }
  other.ledger = other.ledger.slice(0, 2)
  other.name = 'Shorter'
  await open(page, 'shorter.json', Buffer.from(JSON.stringify(other)))
  await page.getByRole('radio', { name: /^Take the file instead/ }).check()
  await expect(
    page.getByText('6 ledger entries that the file does not have would go.')
  ).toBeVisible()
  await page.getByRole('button', { name: 'Do it' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Copies and formats')
  await page.goto('/#/ledger')
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('€260 in the purse')
  await page.getByRole('button', { name: /^Undo replacing/ }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('€298.70 in the purse')
  await expect(page.getByText('8 entries', { exact: true })).toBeVisible()
})

test('a backup goes into a chosen folder, and by itself after changes', async ({ page }) => {
  // The browser's private file system stands in for a folder on the disk.
  await page.addInitScript(() => {
    ;(window as { showDirectoryPicker?: unknown }).showDirectoryPicker = () =>
      navigator.storage.getDirectory()
  })
  await openDemo(page, '/keeping')
  await page.getByRole('button', { name: 'Choose a folder for backups' }).click()
  await expect(page.getByText(/^Copied: Hive-yard\.demo-hive-yard\.2\d{3}-.*\.json$/)).toBeVisible()
  await expect(page.getByText(/^Last saved to a folder on/)).toBeVisible()
  const text = await page.evaluate(async () => {
    const folder = await navigator.storage.getDirectory()
    for await (const [name, handle] of (
      folder as unknown as { entries(): AsyncIterable<[string, FileSystemFileHandle]> }
    ).entries())
      if (name.startsWith('Hive-yard')) return (await handle.getFile()).text()
    return ''
  })
  expect(JSON.parse(text)).toMatchObject({
    format: 'frugal-ledger/workspace',
    version: 3,
    name: 'Hive yard'
  })
})

test('backups of a workspace let only its own older ones go, never those of another of the same name', async ({
  page
}) => {
  const names = (id: string) =>
    Array.from({ length: 22 }, (_, i) => `Hive-yard.${id}.2020-01-01-00-00-${String(i + 10)}.json`)
  await page.addInitScript(() => {
    ;(window as { showDirectoryPicker?: unknown }).showDirectoryPicker = () =>
      navigator.storage.getDirectory()
  })
  await openDemo(page, '/keeping')
  await page.evaluate(
    async (all) => {
      const folder = await navigator.storage.getDirectory()
      for (const name of all) await folder.getFileHandle(name, { create: true })
    },
    [...names('demo-hive-yard'), ...names('ws-other')]
  )
  await page.getByRole('button', { name: 'Choose a folder for backups' }).click()
  await expect(page.getByText(/^Copied: /)).toBeVisible()
  const left = await page.evaluate(async () => {
    const folder = await navigator.storage.getDirectory()
    const found: string[] = []
    for await (const name of (folder as unknown as { keys(): AsyncIterable<string> }).keys())
      found.push(name)
    return found
  })
  expect(left.filter((name) => name.includes('ws-other'))).toHaveLength(22)
  expect(left.filter((name) => name.includes('demo-hive-yard'))).toHaveLength(20)
})
