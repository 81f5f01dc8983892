import { defineStore } from 'pinia'
import { shallowRef, watch } from 'vue'
import type { Issue } from '../../core/kernel'
import type { Workspace } from '../../core/workspace'
import { library } from '../../data'
import type { SnapshotInfo, StoredAside } from '../storage'
import { steps } from '../words/steps'
import { useBackups } from './backups'
import { useSaving } from './saving'
import { formats, storageHere } from './storage-here'
import { useWorkspace } from './workspace'

/** Once the page has come to rest, photos that have had their time are cleared away and the second copy is made whole, ms. */
const TIDY_AFTER = 30_000

/** Former states of the workspace on the table, what of it was set aside, and the room there is. */
export const useKeeping = defineStore('keeping', () => {
  const store = useWorkspace()
  const saving = useSaving()
  const backups = useBackups()
  const storage = storageHere()
  const snapshots = shallowRef<readonly SnapshotInfo[]>([])
  const aside = shallowRef<readonly StoredAside[]>([])
  const room = shallowRef<{
    readonly used: number
    readonly quota: number
    readonly lasting: boolean
  }>()

  async function refresh(): Promise<void> {
    const id = store.workspace?.id
    if (id === undefined) return
    const [listed, unread] = await Promise.all([
      storage.snapshots(id),
      storage.aside(id),
      backups.lookForBackup()
    ])
    if (listed.ok) snapshots.value = listed.value
    if (unread.ok) aside.value = unread.value
    const estimate = await navigator.storage?.estimate?.()
    const lasting = (await navigator.storage?.persisted?.()) ?? false
    room.value = estimate && { used: estimate.usage ?? 0, quota: estimate.quota ?? 0, lasting }
  }
  /** One tidying at a time is waited for: that of the workspace on the table. */
  let tidying: ReturnType<typeof setTimeout> | undefined
  watch(
    () => store.workspace?.id,
    () => {
      snapshots.value = []
      aside.value = []
      clearTimeout(tidying)
      tidying = setTimeout(() => {
        if (store.workspace && saving.kept === 'kept') void storage.clearPhotos(store.workspace)
        void storage.completeCopy()
      }, TIDY_AFTER)
    },
    { immediate: true }
  )

  /** A snapshot's state; undefined where it is gone or cannot be read any more. */
  async function snapshotState(key: string): Promise<Workspace | undefined> {
    const text = await storage.snapshotText(key)
    if (!text.ok || text.value === undefined) return undefined
    const { readWorkspace, salvage } = await formats()
    const read = readWorkspace(text.value, library)
    if (read.ok) return read.value.workspace
    // States from before every change was checked may hold a part that cannot be read.
    const data: unknown = JSON.parse(text.value)
    const left = salvage(data, library, store.workspace?.id ?? '', store.today)
    return left.ok ? left.value.workspace : undefined
  }
  async function snapshotNow(): Promise<readonly Issue[]> {
    if (!store.workspace) return []
    const made = await saving.snapshot(store.workspace, 'by-hand')
    await refresh()
    return made.ok ? [] : made.issues
  }
  async function goBack(former: Workspace, moment: string): Promise<void> {
    if (!store.workspace) return
    await saving.snapshot(store.workspace, 'before-return')
    store.returnTo(steps.returned(moment), former)
    await refresh()
  }

  async function dropAside(key: string): Promise<void> {
    await storage.dropAside(key)
    await refresh()
  }

  return {
    aside,
    dropAside,
    snapshots,
    room,
    refresh,
    snapshotState,
    snapshotNow,
    goBack
  }
})
