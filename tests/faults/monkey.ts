import { expect, type Page } from '@playwright/test'
import { stableText } from '../../core/kernel'

/** What came of acting at random on every form, with reloads in between. */
export interface MonkeyRun {
  readonly actions: number
  readonly reloads: number
  /** Changes the screens took. */
  readonly changes: number
  /** Texts that were entered and taken, and are not there at the end. */
  readonly lost: readonly string[]
  /** States that were not, after a reload, what they had been before it. */
  readonly differing: readonly string[]
  /** What the page complained of: errors, parts set aside, changes not kept. */
  readonly complaints: readonly string[]
}

const ROUTES = [
  '/',
  '/builds',
  '/cut-list',
  '/kit',
  '/kit/due',
  '/kit/hours',
  '/kit/back',
  '/kit/stock',
  '/weigh',
  '/weigh/quality',
  '/weigh/power',
  '/weigh/schools',
  '/prices',
  '/prices/seen',
  '/prices/sales',
  '/prices/find',
  '/prices/board',
  '/stages',
  '/stages/scenarios',
  '/side',
  '/side/prices',
  '/side/stock',
  '/side/tools',
  '/side/books',
  '/workshop',
  '/workshop/today',
  '/workshop/power',
  '/workshop/air',
  '/workshop/hazards',
  '/workshop/limits',
  '/ledger',
  '/ledger/inventory',
  '/settings'
] as const

/** Something of the page's own stores, once it is there. */
async function storeOf(page: Page, store: string, field: string): Promise<string> {
  const found = await page.waitForFunction(
    ([from, name]) => {
      const { $pinia } = (
        document.getElementById('app') as unknown as {
          __vue_app__: { config: { globalProperties: { $pinia: { _s: Map<string, unknown> } } } }
        }
      ).__vue_app__.config.globalProperties
      return JSON.stringify(($pinia._s.get(from) as Record<string, unknown>)[name])
    },
    [store, field] as const
  )
  return (await found.jsonValue()) ?? ''
}
const stateOf = (page: Page): Promise<string> => storeOf(page, 'workspace', 'workspace')
async function noticesOf(page: Page): Promise<string[]> {
  const all = await Promise.all(['notes', 'trouble'].map((kind) => storeOf(page, 'notices', kind)))
  return all.flatMap((text) => (JSON.parse(text) as { code: string }[]).map(({ code }) => code))
}
const allKept = (page: Page): Promise<void> =>
  expect(page.locator('.kept').first()).toHaveText('Kept in this browser', { timeout: 30_000 })

const idIn = (state: string): string => (JSON.parse(state) as { id: string }).id

/** Acts at random on whatever is on the page. Everything happens in the page itself, so that thousands of actions take minutes. */
async function act(page: Page, seed: number, actions: number): Promise<void> {
  await page.evaluate(
    async ([from, count]) => {
      let state = from
      const random = (): number => {
        state = (state * 1_664_525 + 1_013_904_223) % 4_294_967_296
        return state / 4_294_967_296
      }
      const of = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)] as T
      const texts = [
        '12',
        '0',
        '-1',
        '1,200',
        '1.5',
        '3/4',
        '2000 m',
        '12 DR',
        'kr. 50',
        '0,500',
        '1e9',
        '999999999999',
        'Shelf',
        '',
        ' ',
        '\u200b',
        'x'.repeat(201),
        'y'.repeat(2100),
        '=1+1',
        '<b>a</b>',
        '😀 zwölf',
        '2026-05-04',
        '2026-02-30',
        '2199-12-31',
        '1850-01-01',
        'a\tb;c'
      ]
      const leave =
        /undo|redo|remove|take|delete|let |forget|drop|replace|reverse|start|demo|save|open|choose|file|print|photo|copy|refund|sold|correct|load|dismiss|go back|not for me|leave|shipped|^show |^back to /i
      const tick = (ms = 0): Promise<void> => new Promise((resolve) => setTimeout(resolve, ms))
      const type = (field: HTMLInputElement | HTMLTextAreaElement, value: string): void => {
        field.focus()
        field.value = value
        field.dispatchEvent(new Event('input', { bubbles: true }))
        field.dispatchEvent(new Event('change', { bubbles: true }))
        field.blur()
        field.dispatchEvent(new FocusEvent('blur'))
      }
      for (let i = 0; i < count; i++) {
        const root =
          document.querySelector('[role=dialog]') ?? document.getElementById('page') ?? document
        const found = [
          ...root.querySelectorAll<HTMLElement>(
            'input:not([type=file]):not(:disabled), textarea, [role=combobox], button:not(:disabled), summary'
          )
        ].filter(
          (one) =>
            one.offsetParent !== null &&
            !leave.test(one.getAttribute('aria-label') ?? one.textContent ?? '')
        )
        if (found.length === 0) break
        const one = of(found)
        if (one.getAttribute('role') === 'combobox' && !(one instanceof HTMLInputElement)) {
          one.click()
          await tick(30)
          const options = [...document.querySelectorAll<HTMLElement>('[role=option]')]
          if (options.length > 0) of(options).click()
        } else if (one instanceof HTMLTextAreaElement) type(one, of(texts))
        else if (one instanceof HTMLInputElement && !['checkbox', 'radio'].includes(one.type))
          type(one, of(texts))
        else one.click()
        await tick()
        if (i % 12 === 11)
          document.dispatchEvent(new KeyboardEvent('keydown', { key: 'Escape', bubbles: true }))
      }
    },
    [seed, actions] as const
  )
}

/** Enters something with a name of its own through the ledger's form; answers with the name where the form took it. */
async function enter(page: Page, url: string, name: string): Promise<string | undefined> {
  await page.goto(`${url}#/ledger`)
  await page.keyboard.press('Escape')
  await page.locator('#entry-amount').fill('1.50')
  await page.locator('#entry-text').fill(name)
  await page.getByRole('button', { name: 'Enter', exact: true }).click()
  const taken = await page
    .locator('#entry-text')
    .inputValue()
    .then((left) => left === '')
  return taken ? name : undefined
}

/**
 * Acts on all forms at random, with odd values, and reloads the page in between. Each reload has to show what was there before it, and
 * what was entered by name has to be there at the end.
 * @param rounds each of them acts so many times, and is followed by a reload
 */
export async function monkeyRun(
  page: Page,
  url: string,
  {
    rounds,
    perRound,
    seed
  }: { readonly rounds: number; readonly perRound: number; readonly seed: number },
  tell: (done: number) => void = () => undefined
): Promise<MonkeyRun> {
  const complaints: string[] = []
  page.on('pageerror', ({ message }) => complaints.push(message))
  page.on('console', (message) => {
    if (message.type() === 'error') complaints.push(message.text())
  })
  page.on('dialog', (dialog) => void dialog.accept())
  // What runs TypeScript without building it marks functions with a helper that a page does not have.
  await page.addInitScript('globalThis.__name ??= (one) => one')
  await page.goto(url)
  await expect(page.locator('.kept').first()).toBeVisible()
  /** What was entered, by the workspace that was open, and the last state of each. */
  const entered: { readonly name: string; readonly workspace: string }[] = []
  const states = new Map<string, string>()
  const differing: string[] = []
  let [actions, changes] = [0, 0]
  let last = await stateOf(page)
  for (let round = 0; round < rounds; round++) {
    const route = ROUTES[round % ROUTES.length] ?? '/'
    await page.goto(`${url}#${route}`)
    await page.waitForTimeout(150)
    await act(page, seed + round * 7919, perRound)
    actions += perRound
    const name = await enter(page, url, `typed ${seed} ${round}`)
    await allKept(page)
    const before = await stateOf(page)
    const workspace = idIn(before)
    if (name !== undefined) entered.push({ name, workspace })
    if (before !== last) changes++
    await page.reload()
    await expect(page.locator('.kept').first()).toBeVisible()
    await allKept(page)
    last = await stateOf(page)
    if (stableText(JSON.parse(last)) !== stableText(JSON.parse(before)))
      differing.push(`${route}, round ${round}`)
    states.set(workspace, last)
    for (const code of await noticesOf(page))
      if (code.startsWith('storage.')) complaints.push(`${code} after ${route}, round ${round}`)
    tell(round + 1)
  }
  return {
    actions,
    reloads: rounds,
    changes,
    lost: entered
      .filter(({ name, workspace }) => states.get(workspace)?.includes(name) !== true)
      .map(({ name }) => name),
    differing,
    complaints
  }
}
