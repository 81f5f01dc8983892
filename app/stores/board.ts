import { defineStore } from 'pinia'
import { computed, ref, shallowRef, watch } from 'vue'
import { boardRows, takenOver, type BoardRow, type Feed, type Listing } from '../../core/board'
import { issue, type Issue } from '../../core/kernel'
import { steps } from '../words/steps'
import { askCore } from './asking'
import { newId } from './clock'
import { useSettings } from './settings'
import { formats } from './storage-here'
import { useWorkspace } from './workspace'

/** What the server says, where one carries the board; undefined where none does, or it is out of reach. */
async function fromServer(date: string, currency: string): Promise<string | undefined> {
  const address = new URL('board/feed.json', document.baseURI)
  address.search = new URLSearchParams({ date, currency }).toString()
  try {
    const answer = await fetch(address, { cache: 'no-store' })
    const isFeed = answer.headers.get('content-type')?.includes('json') === true
    return answer.ok && isFeed ? await answer.text() : undefined
  } catch {
    return undefined
  }
}

/** The board of prices: looked at when asked, or once a day; nothing of it enters the workspace by itself. */
export const useBoard = defineStore('board', () => {
  const table = useWorkspace()
  const settings = useSettings()
  const client = askCore(true)
  const feed = shallowRef<Feed>()
  const problems = shallowRef<readonly Issue[]>([])
  const looking = ref(false)

  const rows = computed<readonly BoardRow[]>(() =>
    feed.value && table.world ? boardRows(table.world, table.plan, feed.value) : []
  )
  /** What is watched and costs no more than was said. */
  const met = computed(() => rows.value.filter((one) => one.met && !one.taken))
  const forget = (): void => {
    feed.value = undefined
    problems.value = []
  }
  watch(() => [table.workspace?.id, table.workspace?.money.currency].join(), forget)

  async function read(text: string): Promise<void> {
    const { world, workspace } = table
    if (!world || !workspace) return
    const { readFeed } = await formats()
    const { library, asOf: today } = world
    const found = readFeed(text, { library, currency: workspace.money.currency, today })
    feed.value = found.ok ? found.value.feed : undefined
    problems.value = found.ok ? found.value.problems : found.issues
  }
  const ownBoard = (date: string, currency: string): Promise<string | Issue> =>
    new Promise((resolve) => {
      client.ask('board', { date, currency }, undefined, {
        answer: (text) => resolve(text ?? issue('board.currency', [], { currency })),
        failed: resolve
      })
    })
  /** Looks at the board of the day. */
  async function look(): Promise<void> {
    const { world, workspace } = table
    if (!world || !workspace || looking.value) return
    looking.value = true
    const { asOf } = world
    const { currency } = workspace.money
    const said = (await fromServer(asOf, currency)) ?? (await ownBoard(asOf, currency))
    if (typeof said === 'string') await read(said)
    else {
      feed.value = undefined
      problems.value = [said]
    }
    looking.value = false
  }
  /** Once a day, where that is wished: when the day's board has not been looked at since the page was opened. */
  async function lookDaily(): Promise<void> {
    if (settings.settings.boardDaily === true && feed.value?.date !== table.world?.asOf)
      await look()
  }
  /** Takes listings over; what the state cannot hold is said. */
  function take(listings: readonly Listing[]): readonly Issue[] {
    const from = feed.value
    if (!from || listings.length === 0) return []
    return table.attempt(steps.fromBoard(listings.length), (state) =>
      takenOver(state, from, listings, () => newId('q'))
    )
  }
  return { feed, problems, looking, rows, met, look, lookDaily, read, take }
})
