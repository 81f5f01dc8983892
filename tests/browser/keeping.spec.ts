import { readFileSync } from 'node:fs'
import { expect, test, type BrowserContext, type Page } from '@playwright/test'
import { asDownloads, openDemo, watch } from './helpers'

const hive = readFileSync('data/demo/hive-yard.json', 'utf8')
const kept = (page: Page) =>
  expect(page.getByText('Kept in this browser')).toBeVisible({ timeout: 20_000 })
const worth = async (page: Page, build: string, value: string): Promise<void> => {
  await page.goto(`/#/builds/${build}`)
  await page.getByLabel('Worth of one').fill(value)
  await page.getByLabel('Worth of one').blur()
}

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

const saved = async (page: Page): Promise<{ name: string; buffer: Buffer }> => {
  await page.goto('/#/keeping')
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save to a file' }).click()
  ])
  return { name: download.suggestedFilename(), buffer: readFileSync(await download.path()) }
}
const open = async (page: Page, name: string, buffer: Buffer): Promise<void> => {
  await page.goto('/#/settings')
  await page.setInputFiles('input[type=file]', {
    name,
    mimeType: 'application/octet-stream',
    buffer
  })
}
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
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Buy', { timeout: 20_000 })
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
  await expect(other.getByRole('heading', { level: 1 })).toContainText('Buy', { timeout: 20_000 })
  await open(other, first.name, first.buffer)
  await expect(other.getByRole('heading', { level: 1 })).toContainText('Buy', { timeout: 20_000 })
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
    version: 2,
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

test('what was kept and is damaged is repaired from a snapshot, with the entries entered since', async ({
  page
}) => {
  const errors = watch(page)
  await openDemo(page, '/keeping')
  await page.getByRole('button', { name: 'Keep this state' }).click()
  await expect(page.getByRole('row', { name: /kept by you/ })).toBeVisible()
  await page.goto('/#/ledger')
  await page.getByLabel('Amount').first().fill('7')
  await page.locator('#entry-text').fill('After the snapshot')
  await page.getByRole('button', { name: 'Enter', exact: true }).click()
  await kept(page)
  await page.evaluate(
    () =>
      new Promise<void>((resolve, reject) => {
        const opening = indexedDB.open('frugal-ledger')
        opening.onerror = () => reject(new Error('not opened'))
        opening.onsuccess = () => {
          const store = opening.result
            .transaction('workspaces', 'readwrite')
            .objectStore('workspaces')
          const reading = store.get('demo-hive-yard')
          reading.onsuccess = () => {
            store.put({ ...reading.result, head: { broken: true } }).onsuccess = () => {
              opening.result.close()
              resolve()
            }
          }
        }
      })
  )
  await page.reload()
  await expect(page.getByText(/^What this browser had kept was damaged/)).toBeVisible({
    timeout: 20_000
  })
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('€291.70 in the purse')
  await page.reload()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('€291.70 in the purse')
  await expect(page.getByText(/was damaged/)).toHaveCount(0)
  expect(errors).toEqual([])
})

test('a browser that was used with version 1 is brought up to date, and nothing of it is lost', async ({
  page
}) => {
  const old = readFileSync('tests/fixtures/workspace-version-1.json', 'utf8')
    .replaceAll('"demo-hive-yard"', '"ws-old"')
    .replace('"name": "Hive yard"', '"name": "From last year"')
  await page.route('**/blank', (route) =>
    route.fulfill({ contentType: 'text/html', body: '<title>blank</title>' })
  )
  await page.goto('/blank')
  await page.evaluate(
    (text) =>
      new Promise<void>((resolve) => {
        const data = JSON.parse(text) as { id: string; name: string }
        const opening = indexedDB.open('frugal-ledger', 1)
        opening.onupgradeneeded = () => {
          opening.result
            .createObjectStore('workspaces', { keyPath: 'id' })
            .put({ id: data.id, name: data.name, revision: 3, savedAt: 5, data })
          opening.result.createObjectStore('settings').put({ current: 'ws-old' }, 'settings')
        }
        opening.onsuccess = () => {
          opening.result.close()
          resolve()
        }
      }),
    old
  )
  await page.goto('/#/ledger')
  await expect(
    page.getByText('The file was of version 1 and has been brought up to version 2.')
  ).toBeVisible({ timeout: 20_000 })
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('€298.70 in the purse')
  await page.getByLabel('Amount').first().fill('1')
  await page.locator('#entry-text').fill('Since the update')
  await page.getByRole('button', { name: 'Enter', exact: true }).click()
  await kept(page)
  await page.reload()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('€297.70 in the purse')
})

test('when the last copy outside the browser is old and things have changed since, it is said with the way out', async ({
  page
}) => {
  await openDemo(page)
  await open(page, 'mine.json', Buffer.from(hive.replaceAll('"demo-hive-yard"', '"ws-mine"')))
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Buy', { timeout: 20_000 })
  await saved(page)
  await expect(page.getByText(/^Last saved to a file on/)).toBeVisible()
  await worth(page, 'bird-boxes', '55')
  await kept(page)
  await page.clock.setFixedTime(Date.now() + 20 * 86_400_000)
  await page.goto('/#/settings')
  await page.reload()
  const reminder = page.getByText(
    'The last copy outside this browser is 20 days old, and things have changed since.'
  )
  await expect(reminder).toBeVisible({ timeout: 20_000 })
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('alert').getByRole('button', { name: 'Save to a file' }).click()
  ])
  expect(download.suggestedFilename()).toBe('Hive-yard.json')
  await expect(reminder).toHaveCount(0)
})

test('a store that cannot be opened just now is not written over by what is shown in its place', async ({
  context
}) => {
  const page = await context.newPage()
  await openDemo(page, '/ledger')
  const enter = async (on: Page, amount: string, text: string): Promise<void> => {
    await on.getByLabel('Amount').first().fill(amount)
    await on.locator('#entry-text').fill(text)
    await on.getByRole('button', { name: 'Enter', exact: true }).click()
  }
  await enter(page, '7', 'Really bought')
  await kept(page)
  await page.close()
  const troubled = await context.newPage()
  await troubled.addInitScript(() => {
    const open = IDBFactory.prototype.open
    let calls = 0
    IDBFactory.prototype.open = function (this: IDBFactory, ...args: [string, number?]) {
      // The first tries fail, as when another process still holds the files; later ones would do.
      calls += 1
      if (calls > 5) return open.apply(this, args)
      throw new DOMException('Internal error opening backing store', 'UnknownError')
    }
  })
  await troubled.goto('/')
  await expect(troubled.getByText('This browser does not let the page keep data.')).toBeVisible({
    timeout: 20_000
  })
  await troubled.goto('/#/ledger')
  await enter(troubled, '1', 'Into the stand-in')
  await expect(troubled.getByText('Not kept', { exact: true })).toBeVisible()
  await troubled.close()
  const again = await context.newPage()
  await again.goto('/#/ledger')
  await expect(again.getByRole('heading', { level: 1 })).toHaveText('€291.70 in the purse', {
    timeout: 20_000
  })
  await expect(again.getByRole('row', { name: /Into the stand-in/ })).toHaveCount(0)
})

test('a store the browser has thrown away comes back from the second copy, photos and all', async ({
  page
}) => {
  await openDemo(page, '/ledger')
  await page.getByLabel('Amount').first().fill('9')
  await page.locator('#entry-text').fill('Before the loss')
  await page.getByRole('button', { name: 'Enter', exact: true }).click()
  await kept(page)
  await page.evaluate(
    () =>
      new Promise<void>((resolve, reject) => {
        const gone = indexedDB.deleteDatabase('frugal-ledger')
        gone.onsuccess = () => resolve()
        gone.onerror = () => reject(new Error('not deleted'))
      })
  )
  await page.reload()
  await expect(page.getByText('The browser had emptied its store; everything is back')).toBeVisible(
    { timeout: 20_000 }
  )
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('€289.70 in the purse')
  await page.reload()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('€289.70 in the purse', {
    timeout: 20_000
  })
  await expect(page.getByText('The browser had emptied its store')).toHaveCount(0)
})
