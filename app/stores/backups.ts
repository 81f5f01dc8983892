import { defineStore } from 'pinia'
import { computed, ref, shallowRef, watch } from 'vue'
import { MS_PER_DAY } from '../../core/calendar'
import { issue, ok, refused, type Result } from '../../core/kernel'
import { handedOver } from '../../core/workspace'
import { library } from '../../data'
import type { BackupNote, StoredPhoto } from '../storage'
import { momentNow, msNow } from './clock'
import { useNotices } from './notices'
import { useSaving } from './saving'
import { formats, storageHere } from './storage-here'
import { useWorkspace } from './workspace'

/** A backup older than this is asked for again, ms; common practice for something changed every week or so. */
const BACKUP_EVERY = 14 * MS_PER_DAY
/** Into a folder that is allowed, a backup goes by itself once an hour of changes. */
const FOLDER_EVERY = 3_600_000
const FOLDER_KEEPS = 20
/** A workspace's id as part of a file's name, another one for every id: only that workspace's backups are ever let go. */
const idInName = (id: string): string =>
  id.replace(/[^A-Za-z0-9-]/g, (sign) => `_${sign.charCodeAt(0).toString(16)}`)
/** Backups of a workspace, by what their names begin with; neither name nor id holds a point. */
const backupOf = (own: string): RegExp =>
  new RegExp(`^${own}\\.\\d{4}(-\\d\\d){5}\\.(json|zip)$`, 'u')

/** The workspace on the table as a file, and its backups: where the last one went, and when the next is due. */
export const useBackups = defineStore('backups', () => {
  const store = useWorkspace()
  const saving = useSaving()
  const notices = useNotices()
  const storage = storageHere()
  const backup = shallowRef<BackupNote>()
  const folder = shallowRef<FileSystemDirectoryHandle>()
  const now = ref(msNow())

  /** The first moment anything was changed here; undefined where nothing was. */
  const oldest = computed(() =>
    Object.values(store.workspace?.trail.changed ?? {}).reduce<string | undefined>(
      (least, at) => (least === undefined || at < least ? at : least),
      undefined
    )
  )
  /** Days since the last backup, where one is due; undefined where none is. */
  const backupDue = computed<number | undefined>(() => {
    if (!store.workspace || store.isDemo) return undefined
    const since =
      backup.value?.at ?? (oldest.value === undefined ? now.value : Date.parse(oldest.value))
    const changed = backup.value === undefined || backup.value.revision < saving.revision
    return changed && now.value - since > BACKUP_EVERY
      ? Math.floor((now.value - since) / MS_PER_DAY)
      : undefined
  })

  /** What is needed on every page: when the last backup was, and the folder for the next. */
  async function lookForBackup(): Promise<void> {
    const id = store.workspace?.id
    if (id === undefined) return
    now.value = msNow()
    const [noted, kept] = await Promise.all([storage.backup(id), storage.folder()])
    if (noted.ok) backup.value = noted.value
    if (kept.ok) folder.value = kept.value
  }
  watch(
    () => store.workspace?.id,
    () => void lookForBackup(),
    { immediate: true }
  )

  /** The workspace as text for a file, checked by reading it back. What leaves is remembered, so that it can be merged later. */
  async function fileText(): Promise<Result<string>> {
    const { workspacePrint, writeWorkspace, readWorkspace } = await formats()
    if (!store.workspace) return ok('')
    const print = workspacePrint(store.workspace)
    store.note((state) => handedOver(state, print, momentNow()))
    const text = writeWorkspace(store.workspace, store.plan)
    const read = readWorkspace(text, library)
    return read.ok
      ? ok(text)
      : refused(
          issue('file.not-written', [], { reason: read.issues[0]?.code ?? '' }),
          ...read.issues
        )
  }
  async function photosHere(): Promise<StoredPhoto[]> {
    const wanted = new Set((store.workspace?.photos ?? []).map(({ id }) => id))
    const all =
      wanted.size > 0 && store.workspace ? await storage.photosOf(store.workspace.id) : ok([])
    return all.ok ? all.value.filter(({ id }) => wanted.has(id)) : []
  }
  /** The whole as a file: JSON, or a zip where there are photos. */
  async function file(): Promise<
    Result<{ readonly name: string; readonly type: string; readonly data: Uint8Array | string }>
  > {
    const text = await fileText()
    if (!text.ok) return text
    const name = store.workspace?.name ?? 'workspace'
    const photos = await photosHere()
    const missing = (store.workspace?.photos ?? []).length - photos.length
    if (missing > 0) notices.setNotes([issue('photo.missing-here', [], { count: missing })])
    if (photos.length === 0)
      return ok({ name: `${name}.json`, type: 'application/json', data: text.value })
    return ok({
      name: `${name}.zip`,
      type: 'application/zip',
      data: (await formats()).writeZip(text.value, photos)
    })
  }
  async function noteBackup(where: BackupNote['where']): Promise<void> {
    if (!store.workspace) return
    await saving.idle()
    const note: BackupNote = {
      workspace: store.workspace.id,
      at: msNow(),
      revision: saving.revision,
      where
    }
    backup.value = note
    await storage.noteBackup(note)
  }

  /** Writes a backup into the chosen folder and lets the oldest of its own go. Code `backup.folder` where the folder cannot be written to. */
  async function toFolder(): Promise<Result<string>> {
    const made = await file()
    if (!made.ok) return made
    const to = folder.value
    if (!to || !store.workspace) return refused(issue('backup.folder', [], { reason: 'none' }))
    const stem =
      store.workspace.name
        .replace(/[^\p{L}\p{N} _-]/gu, '')
        .trim()
        .replace(/\s+/g, '-') || 'workspace'
    const own = `${stem}.${idInName(store.workspace.id)}`
    const name = `${own}.${momentNow().slice(0, 19).replace(/[:T]/g, '-')}.${made.value.name.split('.').at(-1)}`
    try {
      const handle = await to.getFileHandle(name, { create: true })
      const stream = await handle.createWritable()
      await stream.write(made.value.data as FileSystemWriteChunkType)
      await stream.close()
      const mine: string[] = []
      for await (const entry of (to as unknown as { keys(): AsyncIterable<string> }).keys())
        if (backupOf(own).test(entry)) mine.push(entry)
      // The one just written stays, also where the clock was set back.
      const former = mine.filter((entry) => entry !== name).sort()
      for (const old of former.slice(0, 1 - FOLDER_KEEPS)) await to.removeEntry(old)
    } catch (error) {
      return refused(
        issue('backup.folder', [], { reason: error instanceof Error ? error.name : '' })
      )
    }
    await noteBackup('folder')
    return ok(name)
  }
  async function chooseFolder(chosen: FileSystemDirectoryHandle | undefined): Promise<void> {
    folder.value = chosen
    await storage.keepFolder(chosen)
  }
  /** After a change, when the folder may be written to without asking and the last backup there is an hour old. */
  let copying = false
  async function toFolderIfDue(): Promise<void> {
    if (copying) return
    const to = folder.value as
      | (FileSystemDirectoryHandle & {
          queryPermission?: (mode: { mode: 'readwrite' }) => Promise<string>
        })
      | undefined
    if (
      !to ||
      store.isDemo ||
      (backup.value?.where === 'folder' && Math.abs(msNow() - backup.value.at) < FOLDER_EVERY)
    )
      return
    if ((await to.queryPermission?.({ mode: 'readwrite' })) === 'granted') {
      copying = true
      await toFolder()
      copying = false
    }
  }
  watch(
    () => saving.revision,
    () => void toFolderIfDue()
  )

  return { backup, backupDue, folder, lookForBackup, file, noteBackup, toFolder, chooseFolder }
})
