import { spawnSync } from 'node:child_process'
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { chromium, type BrowserContext, type Page } from '@playwright/test'
import { seededRandom } from '../../core/kernel'

/** What came of killing the browser again and again while it was writing. */
export interface KillRuns {
  readonly kills: number
  /** Changes of which the screen had said that they are kept. */
  readonly acknowledged: number
  /** Of these, the ones that were gone after the kill. */
  readonly lost: readonly string[]
  /** Starts at which the store could not be read, or was found damaged. */
  readonly unreadable: number
  /** Starts at which the browser had thrown its store away, and all of it came back from the second copy. */
  readonly restored: number
}

const ARGS = [
  '--no-sandbox',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
  '--host-resolver-rules=MAP * ~NOTFOUND, EXCLUDE 127.0.0.1, EXCLUDE localhost'
]
/** Longest a page writes before it is killed, ms. */
const LONGEST_MS = 900

const start = (profile: string): Promise<BrowserContext> =>
  chromium.launchPersistentContext(profile, {
    executablePath: '/usr/bin/chromium',
    args: ARGS,
    headless: true,
    viewport: { width: 1280, height: 800 },
    locale: 'en-GB',
    timezoneId: 'UTC',
    serviceWorkers: 'block'
  })
/** Every process of the browser with this profile, at once and without a word. */
const kill = (profile: string): void => void spawnSync('pkill', ['-9', '-f', profile])

/** Enters one thing after another through the page's own form, and reports each once the screen says that it is kept. */
function enterWithoutEnd(run: number): void {
  const field = (id: string, value: string): void => {
    const input = document.getElementById(id) as HTMLInputElement
    input.value = value
    input.dispatchEvent(new Event('input', { bubbles: true }))
  }
  const tick = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, 0))
  const acknowledge = (window as unknown as { acknowledged: (text: string) => void }).acknowledged
  void (async () => {
    for (let i = 0; ; i++) {
      const text = `run ${run} entry ${i}`
      field('entry-amount', '0.01')
      field('entry-text', text)
      await tick()
      document.querySelector<HTMLFormElement>('form.enter')?.requestSubmit()
      await tick()
      while (document.querySelector('.kept')?.textContent?.trim() !== 'Kept in this browser')
        await tick()
      acknowledge(text)
    }
  })()
}

/** The texts of all entries in the store. */
const storedTexts = (page: Page): Promise<string[]> =>
  page.evaluate(
    () =>
      new Promise<string[]>((resolve, reject) => {
        const opening = indexedDB.open('frugal-ledger')
        opening.onerror = () => reject(new Error('the store cannot be opened'))
        opening.onsuccess = () => {
          const reading = opening.result.transaction('ledger').objectStore('ledger').getAll()
          reading.onerror = () => reject(new Error('the ledger cannot be read'))
          reading.onsuccess = () => {
            opening.result.close()
            resolve(
              (reading.result as { text: string }[]).flatMap(({ text: stored }) =>
                (JSON.parse(stored) as { text: string }[]).map(({ text }) => text)
              )
            )
          }
        }
      })
  )

/** What else the store says, for the record of a loss. */
const storedState = async (page: Page): Promise<string> =>
  JSON.stringify(
    await page.evaluate(
      () =>
        new Promise<unknown>((resolve) => {
          const opening = indexedDB.open('frugal-ledger')
          opening.onsuccess = () => {
            const transaction = opening.result.transaction(['workspaces', 'aside', 'snapshots'])
            const found: unknown[] = []
            for (const name of ['workspaces', 'aside', 'snapshots'])
              transaction.objectStore(name).getAll().onsuccess = ({ target }) =>
                void found.push([
                  name,
                  (
                    (target as IDBRequest).result as {
                      id?: string
                      key?: string
                      revision?: number
                    }[]
                  ).map(({ id, key, revision }) => [id ?? key, revision])
                ])
            transaction.oncomplete = () => {
              opening.result.close()
              resolve(found)
            }
          }
        })
    )
  )

/** @param seed decides the moments  @param tell hears of each kill */
export async function killRuns(
  url: string,
  count: number,
  seed: number,
  tell: (done: number, acknowledged: number) => void = () => undefined
): Promise<KillRuns> {
  const random = seededRandom(seed)
  const profile = mkdtempSync(join(tmpdir(), 'killed-profile-'))
  const acknowledged: string[] = []
  const lost = new Set<string>()
  let [unreadable, restored] = [0, 0]
  try {
    for (let run = 0; run <= count; run++) {
      const context = await start(profile)
      const page = context.pages()[0] ?? (await context.newPage())
      await page.exposeFunction('acknowledged', (text: string) => void acknowledged.push(text))
      await page.goto(`${url}#/ledger`)
      const shown = await page
        .getByRole('heading', { level: 1, name: /in the purse$/ })
        .waitFor({ timeout: 30_000 })
        .then(
          () => true,
          () => false
        )
      const complains = await page
        .getByText(/was damaged|cannot be read any more|could not be read/)
        .count()
      if (!shown || complains > 0) unreadable++
      if ((await page.getByText('The browser had emptied its store').count()) > 0) restored++
      const texts = new Set(await storedTexts(page).catch(() => (unreadable++, [] as string[])))
      const before = lost.size
      for (const text of acknowledged) if (!texts.has(text)) lost.add(text)
      if (lost.size > before)
        console.error(
          `After kill ${run}: ${lost.size - before} of ${acknowledged.length} acknowledged changes are gone, ${texts.size} entries are there; ${await storedState(page)}`
        )
      if (run === count) {
        await context.close()
        break
      }
      await page.evaluate('globalThis.__name = (one) => one')
      const acknowledgedBefore = acknowledged.length
      await page.evaluate(enterWithoutEnd, run)
      // Every other run is killed from the first change on that was said to be kept, however slow the machine is; the rest at any moment.
      if (run % 2 === 0)
        for (let waited = 0; acknowledged.length === acknowledgedBefore && waited < 30_000;) {
          await page.waitForTimeout(20)
          waited += 20
        }
      await new Promise((resolve) => setTimeout(resolve, 20 + random() * LONGEST_MS))
      kill(profile)
      await context.close().catch(() => undefined)
      tell(run + 1, acknowledged.length)
    }
  } finally {
    kill(profile)
    rmSync(profile, { recursive: true, force: true })
  }
  return { kills: count, acknowledged: acknowledged.length, lost: [...lost], unreadable, restored }
}
