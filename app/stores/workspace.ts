import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import { issue, type Issue } from '../../core/kernel'
import { freshWorkspace, worldOf, type Plan, type Workspace, type World } from '../../core/workspace'
import { library } from '../../data'
import { openStorage, type Settings } from '../storage'
import { sayFor, type Say } from '../words/say'
import { newId, todayHere } from './clock'
import { DEMOS, loadDemo, type DemoId } from './demos'
import { NO_HISTORY, recorded, redone, undone, type History } from './history'

const formats = (): Promise<typeof import('../../core/formats')> => import('../../core/formats')

/** The workspace on the table: its state, what can be undone, and how it is kept. */
export const useWorkspace = defineStore('workspace', () => {
  const storage = openStorage(() => Date.now())
  const workspace = shallowRef<Workspace>()
  const today = ref(todayHere())
  const history = shallowRef<History>(NO_HISTORY)
  const kept = ref<'kept' | 'keeping' | 'not-kept'>('kept')
  /** What storage has to say; shown until it is settled. */
  const trouble = shallowRef<readonly Issue[]>([])
  /** What the last opened file has to say. */
  const notes = shallowRef<readonly Issue[]>([])
  const settings = shallowRef<Settings>({})
  /** The stored revision of each workspace seen so far. */
  const revisions = new Map<string, number>()
  let pending: Workspace | undefined
  let writing: Promise<void> | undefined

  const world = computed<World | undefined>(() => workspace.value && worldOf(workspace.value, library, today.value))
  const say = computed<Say | undefined>(() => world.value && sayFor(world.value))
  const isDemo = computed(() => DEMOS.some(({ workspaceId }) => workspaceId === workspace.value?.id))
  const undoName = computed(() => history.value.past.at(-1)?.name)
  const redoName = computed(() => history.value.future[0]?.name)

  const setTrouble = (issues: readonly Issue[]): void => {
    trouble.value = issues
  }

  async function write(): Promise<void> {
    while (pending) {
      const next = pending
      pending = undefined
      const saved = await storage.save(next, revisions.get(next.id) ?? 0)
      if (saved.ok) {
        revisions.set(next.id, saved.value)
        if (trouble.value.some(({ code }) => code.startsWith('storage.'))) setTrouble([])
        kept.value = pending ? 'keeping' : 'kept'
      } else {
        kept.value = 'not-kept'
        setTrouble(saved.issues)
        if (saved.issues.some(({ code }) => code === 'storage.elsewhere')) await reload(next.id)
      }
    }
    writing = undefined
  }
  function keep(state: Workspace): void {
    pending = state
    kept.value = 'keeping'
    writing ??= write()
  }
  async function reload(id: string): Promise<void> {
    const stored = await storage.load(id)
    if (!stored.ok || !stored.value) return
    const checked = (await formats()).checkWorkspace(stored.value.data, library)
    // Another workspace may have come to the table meanwhile; it stays.
    if (!checked.ok || workspace.value?.id !== id) return
    revisions.set(id, stored.value.revision)
    workspace.value = checked.value
    history.value = NO_HISTORY
  }

  /** Shows a workspace as the current one at once, and keeps it behind the scenes. A known revision means it is stored already. */
  function show(next: Workspace, storedRevision?: number): void {
    workspace.value = next
    history.value = NO_HISTORY
    settings.value = { ...settings.value, current: next.id }
    if (storedRevision !== undefined) revisions.set(next.id, storedRevision)
    void remember(next, storedRevision === undefined)
  }
  async function remember(next: Workspace, isNew: boolean): Promise<void> {
    if (isNew) {
      await writing
      const present = await storage.load(next.id)
      if (present.ok && present.value) revisions.set(next.id, present.value.revision)
      if (workspace.value?.id === next.id) keep(workspace.value)
    }
    const saved = await storage.saveSettings(settings.value)
    if (!saved.ok) setTrouble(saved.issues)
  }

  /** Opens what was open last, or the default demo. */
  async function start(): Promise<void> {
    const known = await storage.settings()
    if (!known.ok) setTrouble(known.issues)
    else settings.value = known.value
    const { current } = settings.value
    if (current !== undefined && (await openKept(current))) return
    await showDemo('hive-yard', false)
  }
  async function openKept(id: string): Promise<boolean> {
    const stored = await storage.load(id)
    if (!stored.ok || !stored.value) return false
    const checked = (await formats()).checkWorkspace(stored.value.data, library)
    if (checked.ok) {
      show(checked.value, stored.value.revision)
      return true
    }
    setTrouble([issue('storage.unreadable')])
    return false
  }

  /** Shows a demo as it was left, or as it was shipped when `afresh`. */
  async function showDemo(id: DemoId, afresh: boolean): Promise<void> {
    const demo = DEMOS.find((candidate) => candidate.id === id)
    if (!demo) return
    if (!afresh && (await openKept(demo.workspaceId))) return
    const loaded = await loadDemo(id)
    if (loaded.ok) show(loaded.value)
    else setTrouble(loaded.issues)
  }

  /** Makes an undoable change. A change to nothing leaves no step. */
  function run(name: string, change: (state: Workspace) => Workspace): void {
    const before = workspace.value
    if (!before) return
    const after = change(before)
    if (after === before) return
    workspace.value = after
    history.value = recorded(history.value, { name, before, after })
    keep(after)
  }
  function travel(go: typeof undone): void {
    if (!workspace.value) return
    const there = go(history.value, workspace.value, () => newId('e'))
    if (!there) return
    history.value = there.history
    workspace.value = there.workspace
    keep(there.workspace)
  }

  /** Puts a plan the worker made into the workspace; not a step of its own, since it follows from the rest. */
  function settlePlan(plan: Plan): void {
    if (!workspace.value) return
    workspace.value = { ...workspace.value, plan }
    keep(workspace.value)
  }

  /** Opens a workspace file. What is refused leaves everything as it is. */
  async function openFile(text: string): Promise<readonly Issue[]> {
    const read = (await formats()).readWorkspace(text, library)
    if (!read.ok) return read.issues
    notes.value = read.value.notes
    show(read.value.workspace)
    return []
  }
  async function fileText(): Promise<string> {
    return workspace.value ? (await formats()).writeWorkspace(workspace.value) : ''
  }
  /** The plan as a calendar file; undefined where none can be written. */
  async function calendarText(): Promise<string | undefined> {
    return world.value?.workspace.plan && (await formats()).planCalendar(world.value, world.value.workspace.plan)
  }
  async function csvText(): Promise<string> {
    const plan = workspace.value?.plan
    return world.value && plan ? (await formats()).planCsv(world.value, plan) : ''
  }

  function startOwn(prepare: (fresh: Workspace) => Workspace, currency: string): void {
    show(prepare(freshWorkspace(library, newId('ws'), 'My workshop', currency, today.value)))
  }
  async function changeSettings(change: Partial<Settings>): Promise<void> {
    settings.value = { ...settings.value, ...change }
    await storage.saveSettings(settings.value)
  }
  const keptWorkspaces = (): ReturnType<typeof storage.list> => storage.list()

  return {
    workspace, world, say, today, kept, trouble, notes, settings, isDemo, undoName, redoName,
    start, run, undo: () => travel(undone), redo: () => travel(redone), settlePlan, openFile, fileText, csvText, calendarText, showDemo, startOwn, openKept, changeSettings, keptWorkspaces,
    /** Fetches what reads files before it is needed. */
    warm: () => void formats(),
    dismiss: () => { notes.value = []; setTrouble([]) }
  }
})
