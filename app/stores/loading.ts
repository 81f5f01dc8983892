import { defineStore } from 'pinia'
import type { SetAside } from '../../core/formats'
import type { Issue } from '../../core/kernel'
import {
  freshWorkspace,
  splitPlan,
  type Plan,
  type Workspace,
  type WorkspaceFile
} from '../../core/workspace'
import { library } from '../../data'
import type { Loaded } from '../storage'
import { newId } from './clock'
import { DEMOS, loadDemo, type DemoId } from './demos'
import { notePassed, openDoorInTime } from './door'
import type { OnTable } from './history'
import { useNotices } from './notices'
import { useSaving } from './saving'
import { useSettings } from './settings'
import { formats, storageHere } from './storage-here'
import { useWorkspace } from './workspace'
import { ownWorkspace } from '../words/own'

const recovery = (): Promise<typeof import('./recovery')> => import('./recovery')

/** `failed`: the store cannot be opened; a stand-in is shown. `unreadable`: nothing can be made of the record, which stays as it is. */
type Opened = 'shown' | 'absent' | 'unreadable' | 'failed'

/** Puts workspaces on the table: what was open last, another one the browser keeps, a demo, a new one. */
export const useLoading = defineStore('loading', () => {
  const table = useWorkspace()
  const notices = useNotices()
  const saving = useSaving()
  const settings = useSettings()
  const storage = storageHere()

  /** Shows a workspace as the current one at once, and keeps it behind the scenes. A known revision means it is stored already. */
  function show(next: OnTable, storedRevision?: number): void {
    saving.standIn = false
    const { workspace } = table.lay(next)
    if (storedRevision !== undefined) {
      notePassed(workspace)
      saving.know(workspace, storedRevision)
    }
    void remember({ ...next, workspace }, storedRevision === undefined)
  }
  /** A demo as it ships: it is tested with the application, so that keeping it asks for no check of its own. */
  function showShipped(file: WorkspaceFile): void {
    show(splitPlan(file))
    if (table.workspace) notePassed(table.workspace)
  }
  async function remember({ workspace, plan }: OnTable, isNew: boolean): Promise<void> {
    if (isNew) {
      await saving.idle()
      const present = await storage.load(workspace.id)
      if (present.ok && present.value) saving.know(workspace, present.value.revision)
      if (!present.ok) saving.lost(present.issues)
      else if (table.workspace?.id === workspace.id) {
        saving.keep(table.workspace)
        saving.keepPlan(workspace.id, plan)
      }
    }
    await settings.change({ current: workspace.id })
  }

  /** The default demo, kept nowhere: what is kept cannot be opened just now, and nothing may be written over it. */
  async function showInstead(issues: readonly Issue[]): Promise<void> {
    saving.standIn = true
    const demo = await loadDemo('hive-yard')
    if (demo.ok) table.lay(splitPlan(demo.value))
    saving.lost(issues)
  }
  async function showRepaired(
    loaded: Loaded,
    state: OnTable & { readonly aside?: readonly SetAside[] | undefined }
  ): Promise<void> {
    const written = await storage.repair(state.workspace, loaded.revision, state.aside)
    show(state, written.ok ? written.value : loaded.revision)
    if (!written.ok) notices.setTrouble(written.issues)
  }
  /** Shows what is kept under an id. */
  async function open(id: string): Promise<Opened> {
    const loaded = await storage.load(id)
    if (!loaded.ok) {
      await showInstead(loaded.issues)
      return 'failed'
    }
    if (!loaded.value) return 'absent'
    const { sealed, data, plan, revision } = loaded.value
    const asChecked = sealed ? (data as Workspace) : undefined
    if (asChecked?.libraryVersion === library.version) {
      show({ workspace: asChecked, plan: plan as Plan | undefined }, revision)
      return 'shown'
    }
    const read = await (
      await recovery()
    ).readStored(id, loaded.value, storage, library, table.today)
    if (!read.ok) {
      notices.setTrouble(read.issues)
      const unreadable = read.issues.some(({ code }) => code === 'storage.unreadable')
      return unreadable ? 'unreadable' : 'failed'
    }
    const restored = notices.notes.filter(({ code }) => code === 'storage.restored')
    notices.setNotes([...restored, ...read.value.notes])
    if (read.value.repaired) await showRepaired(loaded.value, read.value)
    else show(read.value, loaded.value.revision)
    return 'shown'
  }

  /** Shows a demo as it was left, or as it was shipped when `afresh`. A record of it that cannot be read is put aside, not written over. */
  async function showDemo(id: DemoId, afresh: boolean): Promise<void> {
    const demo = DEMOS.find((candidate) => candidate.id === id)
    if (!demo) return
    const opened = await open(demo.workspaceId)
    if (opened === 'failed' || (opened === 'shown' && !afresh)) return
    // What was done in the demo can be gone back to.
    if (opened === 'shown' && table.workspace)
      await saving.snapshot(table.workspace, 'before-return')
    const shipped = await loadDemo(id)
    if (!shipped.ok) return notices.setTrouble(shipped.issues)
    const former = opened === 'unreadable' ? await storage.load(demo.workspaceId) : undefined
    if (former?.ok && former.value) await showRepaired(former.value, splitPlan(shipped.value))
    else showShipped(shipped.value)
  }

  /** Opens what was open last, or the default demo. */
  async function start(): Promise<void> {
    const issues = await settings.load()
    if (issues.length > 0) return showInstead(issues)
    const { current } = settings.settings
    const opened = current === undefined ? 'absent' : await open(current)
    if (opened === 'shown' || opened === 'failed') return
    const unreadable = notices.trouble
    await showDemo('hive-yard', false)
    if (opened === 'unreadable')
      notices.setTrouble([
        ...unreadable,
        ...notices.trouble.filter((one) => !unreadable.includes(one))
      ])
  }

  /** Asks the browser not to clear what is kept here when it runs short of room; it may say no. */
  const askToLast = (): void => void navigator.storage?.persist?.()
  return {
    start: async (): Promise<void> => {
      await start()
      openDoorInTime()
    },
    show,
    showDemo,
    askToLast,
    openKept: async (id: string): Promise<boolean> => (await open(id)) === 'shown',
    keptWorkspaces: (): ReturnType<typeof storage.list> => storage.list(),
    startOwn(prepare: (fresh: Workspace) => Workspace, currency: string): void {
      const fresh = freshWorkspace(library, newId('ws'), ownWorkspace.name, currency, table.today)
      show({ workspace: prepare(fresh), plan: undefined })
      askToLast()
    },
    /** Fetches what reads files before it is needed. */
    warm: (): void => void formats()
  }
})
