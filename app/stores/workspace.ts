import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import { issue, type Issue } from '../../core/kernel'
import { compareWithBase, differingParts, freshWorkspace, mergeStates, stamped, worldOf, type Plan, type Workspace, type World } from '../../core/workspace'
import { library } from '../../data'
import { openStorage, type ConnectionNews, type Loaded, type Settings, type SnapshotReason } from '../storage'
import { sayFor, type Say } from '../words/say'
import { steps } from '../words/steps'
import { tabChannel, type TabNews } from './channel'
import { momentNow, newId, todayHere } from './clock'
import { DEMOS, loadDemo, type DemoId } from './demos'
import { NO_HISTORY, recorded, redone, returnedTo, undone, type History } from './history'

const formats = (): Promise<typeof import('../../core/formats')> => import('../../core/formats')
const recovery = (): Promise<typeof import('./recovery')> => import('./recovery')

/** A snapshot of the state before a change is made when the last one is older than this, ms. */
const SNAPSHOT_EVERY = 600_000
/** Snapshots are packed once the page has drawn the change, ms. */
const SNAPSHOT_AFTER = 400

/** The workspace on the table: its state, what can be undone, and how it is kept. */
export const useWorkspace = defineStore('workspace', () => {
  const workspace = shallowRef<Workspace>()
  const today = ref(todayHere())
  const history = shallowRef<History>(NO_HISTORY)
  const kept = ref<'kept' | 'keeping' | 'not-kept'>('kept')
  /** What storage has to say; shown until it is settled. */
  const trouble = shallowRef<readonly Issue[]>([])
  /** What the last opened file, or a repair, has to say. */
  const notes = shallowRef<readonly Issue[]>([])
  const settings = shallowRef<Settings>({})
  /** The stored revision of the workspace on the table. */
  const revision = ref(0)
  /** What each workspace seen so far was when this page last read or kept it. */
  const known = new Map<string, { readonly revision: number; readonly state: Workspace }>()
  const lastSnapshot = new Map<string, number>()
  /** What the browser has kept could not be opened; something else is shown in its place and must not be written over it. */
  const standIn = ref(false)
  /** States to be kept, the newest of each workspace. */
  const pending = new Map<
    string,
    { readonly state: Workspace; readonly change: string | undefined }
  >()
  let writing: Promise<void> | undefined

  const world = computed<World | undefined>(
    () => workspace.value && worldOf(workspace.value, library, today.value)
  )
  const say = computed<Say | undefined>(() => world.value && sayFor(world.value))
  const isDemo = computed(() =>
    DEMOS.some(({ workspaceId }) => workspaceId === workspace.value?.id)
  )
  const undoName = computed(() => history.value.past.at(-1)?.name)
  const redoName = computed(() => history.value.future[0]?.name)

  const setTrouble = (issues: readonly Issue[]): void => {
    trouble.value = issues
  }
  const storage = openStorage(
    () => Date.now(),
    () => newId('s'),
    (news: ConnectionNews | 'restored') => {
      if (news === 'restored') notes.value = [issue('storage.restored')]
      else if (news !== 'closed')
        setTrouble([issue(news === 'blocked' ? 'storage.blocked' : 'storage.outdated')])
    }
  )
  const channel = tabChannel((news) => void heard(news))
  const know = (state: Workspace, at: number): void => {
    known.set(state.id, { revision: at, state })
    if (workspace.value?.id === state.id) revision.value = at
  }

  async function write(): Promise<void> {
    for (let next = [...pending.values()][0]; next; next = [...pending.values()][0]) {
      const { state, change } = next
      pending.delete(state.id)
      const saved = await storage.save(state, known.get(state.id)?.revision ?? 0)
      if (saved.ok) {
        know(state, saved.value)
        channel.tell({ workspace: state.id, revision: saved.value, change })
        if (trouble.value.some(({ code }) => code.startsWith('storage.'))) setTrouble([])
        kept.value = pending.size > 0 ? 'keeping' : 'kept'
      } else if (saved.issues.some(({ code }) => code === 'storage.elsewhere'))
        await bringTogether(state.id)
      else {
        kept.value = 'not-kept'
        setTrouble(saved.issues)
      }
    }
    writing = undefined
  }
  function keep(state: Workspace, change?: string): void {
    if (standIn.value) {
      kept.value = 'not-kept'
      return
    }
    pending.set(state.id, { state, change: change ?? pending.get(state.id)?.change })
    kept.value = 'keeping'
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
    const read = (await formats()).readProven(
      loaded.value.data as { ledger: Workspace['ledger'] },
      library
    )
    return read.ok ? { state: read.value.workspace, revision: loaded.value.revision } : undefined
  }

  /** Another tab has changed the workspace meanwhile: both changes are kept, each part from the one that changed it. */
  async function bringTogether(id: string): Promise<void> {
    const theirs = await stored(id)
    const base = known.get(id)?.state
    const mine = workspace.value
    if (!mine || mine.id !== id) return
    if (!theirs) {
      kept.value = 'not-kept'
      return setTrouble([issue('storage.failed', [], { reason: 'unreadable' })])
    }
    const untouched =
      base !== undefined && differingParts(base, mine).size === 0 && base.ledger === mine.ledger
    if (untouched) return adopt(theirs.state, theirs.revision, undefined)
    const comparison = compareWithBase(base ?? theirs.state, theirs.state, mine)
    const merged = mergeStates(theirs.state, mine, comparison)
    const checked = (await formats()).checkMerged(merged, [theirs.state, mine], library)
    // Where both together cannot hold, the other tab's stands, and what was changed here can be redone by hand from the step before.
    const next = checked.ok ? checked.value.workspace : theirs.state
    know(theirs.state, theirs.revision)
    history.value = recorded(history.value, {
      name: steps.otherTab(undefined),
      before: mine,
      after: next
    })
    workspace.value = next
    notes.value = [
      issue(checked.ok ? 'storage.merged' : 'storage.elsewhere', [], {
        conflicts: comparison.parts.filter(({ kind }) => kind === 'conflict').length
      })
    ]
    keep(next, steps.otherTab(undefined))
  }
  /** Shows what another tab has kept; it can be undone here as well. */
  function adopt(state: Workspace, at: number, change: string | undefined): void {
    const before = workspace.value
    workspace.value = state
    know(state, at)
    if (
      before &&
      (differingParts(before, state).size > 0 || before.ledger.length !== state.ledger.length)
    )
      history.value = recorded(history.value, {
        name: steps.otherTab(change),
        before,
        after: state
      })
    kept.value = 'kept'
  }
  async function heard({ workspace: id, revision: at, change }: TabNews): Promise<void> {
    const mine = known.get(id)
    if (mine && at <= mine.revision) return
    if (workspace.value?.id !== id) {
      known.delete(id)
      return
    }
    // With a change of its own under way, this tab notices when it writes.
    if (pending.size > 0 || writing) return
    const theirs = await stored(id)
    if (
      theirs &&
      workspace.value?.id === id &&
      pending.size === 0 &&
      !writing &&
      theirs.revision > (known.get(id)?.revision ?? 0)
    )
      adopt(theirs.state, theirs.revision, change)
  }

  /** Shows a workspace as the current one at once, and keeps it behind the scenes. A known revision means it is stored already. */
  function show(next: Workspace, storedRevision?: number): void {
    standIn.value = false
    workspace.value = next
    history.value = NO_HISTORY
    settings.value = { ...settings.value, current: next.id }
    if (storedRevision !== undefined) know(next, storedRevision)
    void remember(next, storedRevision === undefined)
  }
  async function remember(next: Workspace, isNew: boolean): Promise<void> {
    if (isNew) {
      await idle()
      const present = await storage.load(next.id)
      if (present.ok && present.value) know(next, present.value.revision)
      if (!present.ok) {
        kept.value = 'not-kept'
        setTrouble(present.issues)
      } else if (workspace.value?.id === next.id) keep(workspace.value)
    }
    const saved = await storage.saveSettings(settings.value)
    if (!saved.ok) setTrouble(saved.issues)
  }

  /** Opens what was open last, or the default demo. */
  async function start(): Promise<void> {
    // What reads the store is fetched while the store opens.
    void formats()
    void recovery()
    const settingsKept = await storage.settings()
    if (settingsKept.ok) settings.value = settingsKept.value
    else return showInstead(settingsKept.issues)
    const { current } = settings.value
    const opened = current === undefined ? 'absent' : await open(current)
    if (opened === 'shown' || opened === 'failed') return
    const unreadable = trouble.value
    await showDemo('hive-yard', false)
    if (opened === 'unreadable')
      setTrouble([...unreadable, ...trouble.value.filter((one) => !unreadable.includes(one))])
  }
  /** The default demo, kept nowhere: what is kept cannot be opened just now, and nothing may be written over it. */
  async function showInstead(issues: readonly Issue[]): Promise<void> {
    standIn.value = true
    const demo = await loadDemo('hive-yard')
    if (demo.ok) {
      workspace.value = demo.value
      history.value = NO_HISTORY
    }
    kept.value = 'not-kept'
    setTrouble(issues)
  }
  /** Shows what is kept under an id. `failed`: the store cannot be opened; a stand-in is shown. `unreadable`: nothing can be made of the record, which stays as it is. */
  async function open(id: string): Promise<'shown' | 'absent' | 'unreadable' | 'failed'> {
    const loaded = await storage.load(id)
    if (!loaded.ok) {
      await showInstead(loaded.issues)
      return 'failed'
    }
    if (!loaded.value) return 'absent'
    const read = await (await recovery()).readStored(id, loaded.value, storage, library)
    if (!read.ok) {
      setTrouble(read.issues)
      return read.issues.some(({ code }) => code === 'storage.unreadable') ? 'unreadable' : 'failed'
    }
    notes.value = [
      ...notes.value.filter(({ code }) => code === 'storage.restored'),
      ...read.value.notes
    ]
    if (read.value.repaired) await writeRepaired(loaded.value, read.value.workspace)
    else show(read.value.workspace, loaded.value.revision)
    return 'shown'
  }
  const openKept = async (id: string): Promise<boolean> => (await open(id)) === 'shown'
  async function writeRepaired(loaded: Loaded, state: Workspace): Promise<void> {
    const written = await storage.repair(state, loaded.revision)
    show(state, written.ok ? written.value : loaded.revision)
    if (!written.ok) setTrouble(written.issues)
  }

  /** Shows a demo as it was left, or as it was shipped when `afresh`. A record of it that cannot be read is put aside, not written over. */
  async function showDemo(id: DemoId, afresh: boolean): Promise<void> {
    const demo = DEMOS.find((candidate) => candidate.id === id)
    if (!demo) return
    const opened = afresh ? 'absent' : await open(demo.workspaceId)
    if (opened === 'shown' || opened === 'failed') return
    const shipped = await loadDemo(id)
    if (!shipped.ok) return setTrouble(shipped.issues)
    const former = opened === 'unreadable' ? await storage.load(demo.workspaceId) : undefined
    if (former?.ok && former.value) await writeRepaired(former.value, shipped.value)
    else show(shipped.value)
  }

  /** Keeps the state before a change as a snapshot, when the last one is some time ago. */
  async function snapshotIfDue(before: Workspace): Promise<void> {
    const last = lastSnapshot.get(before.id)
    if (last !== undefined && Date.now() - last < SNAPSHOT_EVERY) return
    lastSnapshot.set(before.id, Date.now())
    await new Promise((resolve) => setTimeout(resolve, SNAPSHOT_AFTER))
    await snapshot(before, 'while-working')
  }
  const snapshot = async (
    state: Workspace,
    reason: SnapshotReason
  ): ReturnType<typeof storage.snapshot> =>
    storage.snapshot(state, (await formats()).writeWorkspace(state), reason)

  /** Makes an undoable change. A change to nothing leaves no step. `whole` puts another workspace in the place of this one; `merged` brings its own moments along. */
  function run(
    name: string,
    change: (state: Workspace) => Workspace,
    kind?: 'whole' | 'merged'
  ): void {
    const before = workspace.value
    if (!before) return
    const changed = change(before)
    if (changed === before) return
    const after = kind ? changed : stamped(before, changed, momentNow())
    workspace.value = after
    history.value = recorded(history.value, {
      name,
      before,
      after,
      ...(kind === 'whole' ? { whole: true } : {})
    })
    keep(after, name)
    void snapshotIfDue(before)
  }
  function travel(go: typeof undone, name: string | undefined): void {
    const before = workspace.value
    if (!before) return
    const there = go(history.value, before, () => newId('e'))
    if (!there) return
    const next = stamped(before, there.workspace, momentNow())
    history.value = there.history
    workspace.value = next
    keep(next, name)
  }
  /** Goes back to a former state; what has moved since is reversed in the ledger, and all of it can be undone. */
  const returnTo = (name: string, former: Workspace): void =>
    run(name, (state) => returnedTo(former, state, () => newId('e')))

  /** Puts a plan the worker made into the workspace; not a step of its own, since it follows from the rest. */
  function settlePlan(plan: Plan, final = true): void {
    if (!workspace.value) return
    workspace.value = { ...workspace.value, plan }
    if (final) keep(workspace.value)
  }
  /** Notes something that is no change of the user's, such as that the state was handed over as a file. */
  function note(change: (state: Workspace) => Workspace): void {
    if (!workspace.value) return
    const next = change(workspace.value)
    if (next === workspace.value) return
    workspace.value = next
    keep(next)
  }

  /** The plan as a calendar file; undefined where none can be written. */
  async function calendarText(): Promise<string | undefined> {
    return (
      world.value?.workspace.plan &&
      (await formats()).planCalendar(world.value, world.value.workspace.plan)
    )
  }
  async function csvText(): Promise<string> {
    const plan = workspace.value?.plan
    return world.value && plan ? (await formats()).planCsv(world.value, plan) : ''
  }

  function startOwn(prepare: (fresh: Workspace) => Workspace, currency: string): void {
    show(prepare(freshWorkspace(library, newId('ws'), 'My workshop', currency, today.value)))
    askToLast()
  }
  /** Asks the browser not to clear what is kept here when it runs short of room; it may say no. */
  const askToLast = (): void => void navigator.storage?.persist?.()
  async function changeSettings(change: Partial<Settings>): Promise<void> {
    settings.value = { ...settings.value, ...change }
    await storage.saveSettings(settings.value)
  }
  const keptWorkspaces = (): ReturnType<typeof storage.list> => storage.list()

  return {
    workspace,
    world,
    say,
    today,
    kept,
    trouble,
    notes,
    settings,
    revision,
    isDemo,
    undoName,
    redoName,
    storage,
    start,
    run,
    undo: () => travel(undone, undoName.value),
    redo: () => travel(redone, redoName.value),
    returnTo,
    settlePlan,
    note,
    show,
    askToLast,
    idle,
    snapshot,
    csvText,
    calendarText,
    showDemo,
    startOwn,
    openKept,
    changeSettings,
    keptWorkspaces,
    /** A page that stays open sees the day change. */
    lookAtTheDay: () => {
      today.value = todayHere()
    },
    /** Fetches what reads files before it is needed. */
    warm: () => void formats(),
    dismiss: () => {
      notes.value = []
      setTrouble([])
    }
  }
})
