import { expect, type Page } from '@playwright/test'

/** Fails a test when the page reports an error or breaks its content security policy. */
export function watch(page: Page): string[] {
  const errors: string[] = []
  page.on('pageerror', (error) => errors.push(error.message))
  page.on('console', (message) => {
    if (message.type() === 'error') errors.push(message.text())
  })
  return errors
}

/** Takes the browser's own question for a place on the disk away, so that files come as downloads. */
export async function asDownloads(page: Page): Promise<void> {
  await page.addInitScript(() => {
    delete (window as { showSaveFilePicker?: unknown }).showSaveFilePicker
  })
}

export async function openDemo(page: Page, path = '/'): Promise<void> {
  await asDownloads(page)
  await page.goto('/')
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Buy')
  if (path !== '/') await page.goto(`/#${path}`)
}

/** How long planning may take to come to rest while other tests plan beside it on a slow machine. */
const AT_REST = 120_000

/** Waits until planning has come to rest and everything is kept. */
export async function settled(page: Page): Promise<void> {
  await expect(page.getByRole('button', { name: 'Plan the rest again' })).toBeEnabled({
    timeout: AT_REST
  })
  await expect(page.getByText('Kept in this browser')).toBeVisible()
}

export const choose = async (page: Page, label: string, option: string): Promise<void> => {
  await page.getByRole('combobox', { name: label }).click()
  await page.getByRole('option', { name: option, exact: true }).click()
}

/** All records of one of the browser's stores. */
export const recordsIn = <T>(page: Page, store: string): Promise<T[]> =>
  page.evaluate(
    (name) =>
      new Promise<T[]>((resolve, reject) => {
        const opening = indexedDB.open('frugal-ledger')
        opening.onerror = () => reject(new Error('not opened'))
        opening.onsuccess = () => {
          const reading = opening.result.transaction(name).objectStore(name).getAll()
          reading.onsuccess = () => {
            opening.result.close()
            resolve(reading.result as T[])
          }
        }
      }),
    store
  )
/** Puts a record into one of the browser's stores; without one, empties them all. */
export const alterStore = (page: Page, store?: string, record?: object): Promise<void> =>
  page.evaluate(
    ([name, put]) =>
      new Promise<void>((resolve, reject) => {
        const opening = indexedDB.open('frugal-ledger')
        opening.onerror = () => reject(new Error('not opened'))
        opening.onsuccess = () => {
          const names = name === undefined ? [...opening.result.objectStoreNames] : [name]
          const writing = opening.result.transaction(names, 'readwrite')
          for (const one of names)
            if (put === undefined) writing.objectStore(one).clear()
            else writing.objectStore(one).put(put)
          writing.oncomplete = () => {
            opening.result.close()
            resolve()
          }
        }
      }),
    [store, record] as const
  )

/** Every view there is, by its address. */
export const VIEWS = [
  '/',
  '/builds',
  '/builds/bird-boxes',
  '/builds/bird-boxes/cut-list',
  '/builds/bird-boxes/sheet',
  '/kit',
  '/kit/care',
  '/kit/due',
  '/kit/hours',
  '/kit/back',
  '/kit/stock',
  '/weigh',
  '/weigh/packages',
  '/weigh/quality',
  '/weigh/power',
  '/weigh/schools',
  '/weigh/list',
  '/prices',
  '/prices/seen',
  '/prices/sales',
  '/prices/find',
  '/prices/board',
  '/stages',
  '/stages/scenarios',
  '/stages/risk',
  '/side',
  '/side/prices',
  '/side/stock',
  '/side/tools',
  '/side/books',
  '/side/listing/hive-boxes',
  '/workshop',
  '/workshop/today',
  '/workshop/power',
  '/workshop/air',
  '/workshop/hazards',
  '/workshop/limits',
  '/ledger',
  '/ledger/plan',
  '/ledger/inventory',
  '/keeping',
  '/pocket',
  '/pocket/shop',
  '/what/tool/circular-saw',
  '/what/operation/crosscut',
  '/start',
  '/settings'
]
