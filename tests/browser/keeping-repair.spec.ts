import { readFileSync } from 'node:fs'
import { expect, test, type Page } from '@playwright/test'
import { openDemo, settled, watch } from './helpers'
import { hive, kept, worth, saved, open } from './keeping-parts'

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
  await expect(page.getByText(/^What this browser had kept was damaged/)).toBeVisible()
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
    page.getByText('The file was of version 1 and has been brought up to version 3.')
  ).toBeVisible()
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
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Buy')
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
  await expect(reminder).toBeVisible()
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
  await expect(troubled.getByText('This browser does not let the page keep data.')).toBeVisible()
  await troubled.goto('/#/ledger')
  await enter(troubled, '1', 'Into the stand-in')
  await expect(troubled.getByText('Not kept', { exact: true })).toBeVisible()
  await troubled.close()
  const again = await context.newPage()
  await again.goto('/#/ledger')
  await expect(again.getByRole('heading', { level: 1 })).toHaveText('€291.70 in the purse')
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
  // The plan that follows is kept too, and would bring the store back before the reload.
  await page.goto('/#/stages')
  await settled(page)
  await page.goto('/#/ledger')
  await page.evaluate(
    () =>
      new Promise<void>((resolve, reject) => {
        const gone = indexedDB.deleteDatabase('frugal-ledger')
        gone.onsuccess = () => resolve()
        gone.onerror = () => reject(new Error('not deleted'))
      })
  )
  await page.reload()
  await expect(
    page.getByText('The browser had emptied its store; everything is back')
  ).toBeVisible()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('€289.70 in the purse')
  await page.reload()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('€289.70 in the purse')
  await expect(page.getByText('The browser had emptied its store')).toHaveCount(0)
})
