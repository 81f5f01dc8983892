import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import { issue, type Issue } from '../../core/kernel'
import {
  compareWithBase,
  differingSections,
  freshWorkspace,
  mergeStates,
  type Plan,
  type Workspace
} from '../../core/workspace'
import { library } from '../../data'
import type { SnapshotReason } from '../storage'
import { steps } from '../words/steps'
import { tabChannel, type TabNews } from './channel'
import { msNow } from './clock'
import { hasPassed, notePassed } from './door'
import { useNotices } from './notices'
import { formats, storageHere } from './storage-here'
import { useWorkspace } from './workspace'

/** A snapshot of the state before a change is made when the last one is older than this, ms. */
const SNAPSHOT_EVERY = 600_000
/** Waits before what could not be kept is written again, ms; the last one from then on. */
const TRY_AGAIN = [1000, 3000, 10_000, 30_000]
/** Snapshots are packed once the page has drawn the change, ms. */
const SNAPSHOT_AFTER = 400

/** A state to be written, with the name of the change that brought it about. */
interface Waiting {
  readonly state: Workspace
  readonly change?: string | undefined
}

/** Keeps the workspace on the table in the browser, together with other tabs, and former states of it. */
export const useSaving = defineStore('saving', () => {
  const table = useWorkspace()
  const notices = useNotices()
  const storage = storageHere()
  const kept = ref<'kept' | 'keeping' | 'not-kept'>('kept')
  /** What the browser has kept could not be opened; something else is shown in its place and must not be written over it. */
  const standIn = ref(false)
  /** What each workspace seen so far was when this page last read or kept it. */
  const known = new Map<string, { readonly revision: number; readonly state: Workspace }>()
  /** States to be kept, the newest of each workspace. */
  const pending = new Map<string, Waiting>()
  const lastSnapshot = new Map<string, number>()
  const revisions = ref<Readonly<Record<string, number>>>({})
  let writing: Promise<void> | undefined

  /** The stored revision of the workspace on the table. */
  const revision = computed(() => revisions.value[table.workspace?.id ?? ''] ?? 0)
  const channel = tabChannel((news) => void heard(news))
  function know(state: Workspace, at: number): void {
    known.set(state.id, { revision: at, state })
    revisions.value = { ...revisions.value, [state.id]: at }
  }
  function lost(issues: readonly Issue[]): void {
    kept.value = 'not-kept'
    notices.setTrouble(issues)
  }

  let failures = 0
  let again: ReturnType<typeof setTimeout> | undefined
  /** A state that could not be written waits, unless a newer one does, and is written again by itself. */
  function tryAgain(id: string, next: Waiting, issues: readonly Issue[]): void {
    if (!pending.has(id)) pending.set(id, next)
    lost(issues)
    clearTimeout(again)
    again = setTimeout(
      () => {
        writing ??= write()
      },
      TRY_AGAIN[Math.min(failures++, TRY_AGAIN.length - 1)]
    )
  }
  /** A state that was never checked, since what checks was not there yet, is checked before it is written; what could not be read is taken back. */
  async function proven({ state, change }: Waiting): Promise<Workspace | undefined> {
    if (hasPassed(state)) return state
    // Where the check cannot be fetched just now, an unchecked state is better kept than lost.
    const reader = await formats().catch(() => undefined)
    if (!reader) return state
    const former =
      known.get(state.id)?.state ??
      freshWorkspace(library, state.id, state.name, state.money.currency, table.today)
    if (former === state) return state
    const checked = reader.checkChange(former, state, library)
    if (checked.ok) {
      notePassed(state)
      return state
    }
    notices.setRefused(change ?? state.name, checked.issues)
    if (table.workspace?.id === state.id && known.has(state.id)) table.takeBack(former)
    return undefined
  }

  async function writeOne(id: string): Promise<void> {
    const next = pending.get(id)
    pending.delete(id)
    if (!next) return
    const state = await proven(next)
    if (!state) {
      kept.value = known.has(id) ? 'kept' : 'not-kept'
      return
    }
    const saved = await storage.save(state, known.get(id)?.revision ?? 0, hasPassed(state))
    if (saved.ok) {
      failures = 0
      know(state, saved.value)
      channel.tell({ workspace: id, revision: saved.value, change: next.change })
      notices.settle('storage.')
      kept.value = pending.size > 0 ? 'keeping' : 'kept'
    } else if (saved.issues.some(({ code }) => code === 'storage.elsewhere'))
      await bringTogether(id)
    else tryAgain(id, next, saved.issues)
  }
  async function write(): Promise<void> {
    for (const id of [...pending.keys()]) {
      const next = pending.get(id)
      // Nothing here may end saving for good: what goes wrong is said, and tried again.
      await writeOne(id).catch((error: unknown) => {
        const reason = error instanceof Error ? error.name : String(error)
        if (next) tryAgain(id, next, [issue('storage.failed', [], { reason })])
      })
    }
    writing = undefined
    // What came in meanwhile is written at once; what failed waits for its turn.
    if (pending.size > 0 && kept.value !== 'not-kept') {
      kept.value = 'keeping'
      writing = write()
    }
  }
  function keep(state: Workspace, change?: string): void {
    if (standIn.value) {
      kept.value = 'not-kept'
      return
    }
    pending.set(state.id, { state, change: change ?? pending.get(state.id)?.change })
    kept.value = 'keeping'
    clearTimeout(again)
    writing ??= write()
  }
  const idle = async (): Promise<void> => {
    while (writing) await writing
  }

  async function stored(
    id: string
  ): Promise<{ readonly state: Workspace; readonly revision: number } | undefined> {
    const loaded = await storage.load(id)
    if (!loaded.ok || !loaded.value || loaded.value.damaged.length > 0) return undefined
    const { readProven } = await formats()
    const read = readProven(loaded.value.data as { ledger: Workspace['ledger'] }, library)
    return read.ok ? { state: read.value.workspace, revision: loaded.value.revision } : undefined
  }

  /** Another tab has changed the workspace meanwhile: both changes are kept, each part from the one that changed it. */
  async function bringTogether(id: string): Promise<void> {
    const theirs = await stored(id)
    const base = known.get(id)?.state
    const mine = table.workspace
    if (!mine || mine.id !== id) return
    if (!theirs) return lost([issue('storage.failed', [], { reason: 'unreadable' })])
    const untouched =
      base !== undefined && differingSections(base, mine).size === 0 && base.ledger === mine.ledger
    if (untouched) return adopt(theirs.state, theirs.revision, undefined)
    const comparison = compareWithBase(base ?? theirs.state, theirs.state, mine)
    const merged = mergeStates(theirs.state, mine, comparison)
    const checked = (await formats()).checkMerged(merged, [theirs.state, mine], library)
    // Where both together cannot hold, the other tab's stands, and what was changed here can be redone by hand from the step before.
    const next = checked.ok ? checked.value.workspace : theirs.state
    const conflicts = comparison.parts.filter(({ kind }) => kind === 'conflict').length
    know(theirs.state, theirs.revision)
    followOtherTab(next, undefined)
    notices.setNotes([
      issue(checked.ok ? 'storage.merged' : 'storage.elsewhere', [], { conflicts })
    ])
    keep(next, steps.otherTab(undefined))
  }
  /** Puts on the table what another tab has brought about, as a step that can be undone. */
  function followOtherTab(state: Workspace, change: string | undefined): void {
    const before = table.workspace
    const { plan } = table
    table.follow({ workspace: state, plan })
    const differs =
      before &&
      (differingSections(before, state).size > 0 || before.ledger.length !== state.ledger.length)
    if (differs) table.record(steps.otherTab(change), { workspace: before, plan })
  }
  /** Shows what another tab has kept; it can be undone here as well. */
  function adopt(state: Workspace, at: number, change: string | undefined): void {
    followOtherTab(state, change)
    know(state, at)
    kept.value = 'kept'
  }
  async function heard({ workspace: id, revision: at, change }: TabNews): Promise<void> {
    const mine = known.get(id)
    if (mine && at <= mine.revision) return
    if (table.workspace?.id !== id) {
      known.delete(id)
      return
    }
    // With a change of its own under way, this tab notices when it writes.
    const busy = (): boolean => pending.size > 0 || writing !== undefined
    if (busy()) return
    const theirs = await stored(id)
    const newer = theirs && theirs.revision > (known.get(id)?.revision ?? 0)
    if (theirs && newer && table.workspace?.id === id && !busy())
      adopt(theirs.state, theirs.revision, change)
  }

  /** Keeps a former state. One that has not come through the door is read back first: a state that cannot be read is no way back. */
  async function snapshot(
    state: Workspace,
    reason: SnapshotReason
  ): ReturnType<typeof storage.snapshot> {
    const { checkWorkspace, writeWorkspace } = await formats()
    if (!hasPassed(state)) {
      const read = checkWorkspace(state, library)
      if (!read.ok) return read
      notePassed(state)
    }
    return storage.snapshot(state, writeWorkspace(state), reason)
  }
  /** Keeps the state before a change as a snapshot, when the last one is some time ago. */
  async function snapshotIfDue(before: Workspace): Promise<void> {
    const last = lastSnapshot.get(before.id)
    // A clock that was set back must not keep states from being made.
    if (last !== undefined && Math.abs(msNow() - last) < SNAPSHOT_EVERY) return
    lastSnapshot.set(before.id, msNow())
    await new Promise((resolve) => setTimeout(resolve, SNAPSHOT_AFTER))
    await snapshot(before, 'while-working')
  }
  table.onChange((after, name, before) => {
    keep(after, name)
    if (!standIn.value) void storage.savePlan(after.id, table.plan)
    if (before) void snapshotIfDue(before)
  })

  return {
    kept,
    standIn,
    revision,
    know,
    keep,
    idle,
    lost,
    snapshot,
    /** The plan is kept beside the workspace, not in it: it can always be made anew. */
    keepPlan(id: string, plan: Plan | undefined): void {
      if (!standIn.value) void storage.savePlan(id, plan)
    }
  }
})
