import { defineStore } from 'pinia'
import { computed, ref, shallowRef, watch } from 'vue'
import { MS_PER_DAY } from '../../core/calendar'
import { issue, ok, refused, type Issue, type Result } from '../../core/kernel'
import {
  change,
  compareForReplacing,
  compareStates,
  handedOver,
  mergeStates,
  splitPlan,
  type Comparison,
  type PartKey,
  type Workspace
} from '../../core/workspace'
import type { PhotoFile } from '../../core/formats'
import { library } from '../../data'
import type { BackupNote, SnapshotInfo, StoredAside, StoredPhoto } from '../storage'
import { steps } from '../words/steps'
import { momentNow, msNow, newId } from './clock'
import type { FileRead } from '../workers/protocol'
import { useLoading } from './loading'
import { useNotices } from './notices'
import { readFileApart } from './reading'
import { useSaving } from './saving'
import { formats, storageHere } from './storage-here'
import { useWorkspace } from './workspace'

/** What a file would do here, before it does it. */
export interface Incoming {
  readonly file: string
  /** A whole workspace that is known here already, or rows of a table for the one on the table. */
  readonly kind: 'workspace' | 'rows'
  readonly theirs: Workspace
  readonly merge: Comparison
  readonly replace: Comparison
  readonly photos: readonly PhotoFile[]
  /** What the reader has to say: rows left out, marks taken out, an older version. */
  readonly notes: readonly Issue[]
  readonly alreadyThere: number
}

/** A backup older than this is asked for again, ms; common practice for something changed every week or so. */
const BACKUP_EVERY = 14 * MS_PER_DAY
/** Into a folder that is allowed, a backup goes by itself once an hour of changes. */
const FOLDER_EVERY = 3_600_000
const FOLDER_KEEPS = 20
/** Once the page has come to rest, photos that have had their time are cleared away and the second copy is made whole, ms. */
const TIDY_AFTER = 30_000

/** A workspace's id as part of a file's name, another one for every id: only that workspace's backups are ever let go. */
const idInName = (id: string): string =>
  id.replace(/[^A-Za-z0-9-]/g, (sign) => `_${sign.charCodeAt(0).toString(16)}`)
/** Backups of a workspace, by what their names begin with; neither name nor id holds a point. */
const backupOf = (own: string): RegExp =>
  new RegExp(`^${own}\\.\\d{4}(-\\d\\d){5}\\.(json|zip)$`, 'u')

/** Files in and out, snapshots and backups of the workspace on the table. */
export const useKeeping = defineStore('keeping', () => {
  const store = useWorkspace()
  const saving = useSaving()
  const loading = useLoading()
  const notices = useNotices()
  const storage = storageHere()
  const incoming = shallowRef<Incoming>()
  const snapshots = shallowRef<readonly SnapshotInfo[]>([])
  const aside = shallowRef<readonly StoredAside[]>([])
  const backup = shallowRef<BackupNote>()
  const folder = shallowRef<FileSystemDirectoryHandle>()
  const room = shallowRef<{
    readonly used: number
    readonly quota: number
    readonly lasting: boolean
  }>()
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
  async function refresh(): Promise<void> {
    const id = store.workspace?.id
    if (id === undefined) return
    const [listed, unread] = await Promise.all([
      storage.snapshots(id),
      storage.aside(id),
      lookForBackup()
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
      void lookForBackup()
      clearTimeout(tidying)
      tidying = setTimeout(() => {
        if (store.workspace && saving.kept === 'kept') void storage.clearPhotos(store.workspace)
        void storage.completeCopy()
      }, TIDY_AFTER)
    },
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

  /** Takes a file in: a workspace that is not known here is opened; for any other, what it would change is shown first. What is refused leaves everything as it is. */
  async function openFile(name: string, bytes: Uint8Array): Promise<readonly Issue[]> {
    const read = await readFileApart(bytes)
    if (!read.ok) return read.issues
    const { theirs, photos, notes } = await withPhotos(read.value)
    const listed = await storage.list()
    const isHere =
      store.workspace?.id === theirs.id ||
      (listed.ok && listed.value.some(({ id }) => id === theirs.id))
    if (!isHere) {
      await storage.putPhotos(stored(theirs, photos))
      loading.show({ workspace: theirs, plan: read.value.plan })
      loading.askToLast()
      notices.setNotes(notes)
      return []
    }
    if (store.workspace?.id !== theirs.id && !(await loading.openKept(theirs.id)))
      return [issue('storage.unreadable')]
    const mine = store.workspace
    incoming.value = mine && {
      file: name,
      kind: 'workspace',
      theirs,
      merge: compareStates(mine, theirs),
      replace: compareForReplacing(mine, theirs),
      photos,
      notes,
      alreadyThere: 0
    }
    return []
  }
  const stored = (theirs: Workspace, photos: readonly PhotoFile[]): StoredPhoto[] => {
    const wanted = new Map((theirs.photos ?? []).map((photo) => [photo.id, photo]))
    return photos.flatMap(({ id, bytes }) => {
      const photo = wanted.get(id)
      return photo ? [{ id, workspace: theirs.id, type: photo.type, bytes }] : []
    })
  }
  /** A file's workspace with the pictures that came along; what it speaks of and is neither in the file nor here is said. */
  async function withPhotos({ workspace, photos: files, notes }: FileRead): Promise<{
    readonly theirs: Workspace
    readonly photos: readonly PhotoFile[]
    readonly notes: readonly Issue[]
  }> {
    const all = workspace.photos?.length ? await storage.photosOf(workspace.id) : ok([])
    const { missing, ...taken } = change.takeInPhotos(
      workspace,
      files,
      all.ok ? all.value : [],
      () => newId('photo')
    )
    const said = missing > 0 ? [issue('photo.missing', [], { count: missing })] : []
    return { theirs: taken.workspace, photos: taken.photos, notes: [...notes, ...said] }
  }

  /** Rows of a table: tools, prices or the ledger, as CSV. */
  async function openRows(
    name: string,
    text: string,
    what: 'tools' | 'prices' | 'ledger'
  ): Promise<readonly Issue[]> {
    const { world, workspace: mine } = store
    if (!world || !mine) return []
    const { checkWorkspace, readItems, readLedgerCsv, readQuotes } = await formats()
    const { currency } = mine.money
    const defaults = {
      currency,
      today: world.asOf,
      newId: () => newId(what === 'ledger' ? 'e' : what === 'tools' ? 'item' : 'q')
    }
    let taken: {
      readonly workspace: Workspace
      readonly alreadyThere: number
      readonly problems: readonly Issue[]
    }
    if (what === 'tools') {
      const read = readItems(text, world.library, defaults)
      if (!read.ok) return read.issues
      taken = { ...change.takeInItems(mine, read.value.found), problems: read.value.problems }
    } else if (what === 'prices') {
      const read = readQuotes(text, world.library, {
        ...defaults,
        tier: mine.preferences.tier,
        offers: new Set([...mine.offers, ...(mine.bundles ?? [])].map(({ id }) => id))
      })
      if (!read.ok) return read.issues
      taken = { ...change.takeInQuotes(mine, read.value.found), problems: read.value.problems }
    } else {
      const read = readLedgerCsv(text, defaults)
      if (!read.ok) return read.issues
      const { conflicts, ...rest } = change.takeInEntries(mine, read.value.found)
      taken = {
        ...rest,
        problems: [
          ...read.value.problems,
          ...conflicts.map(({ id }) => issue('ledger-csv.conflict', [], { id }))
        ]
      }
    }
    const checked = checkWorkspace(taken.workspace, library)
    if (!checked.ok) return checked.issues
    const comparison = compareForReplacing(mine, taken.workspace)
    incoming.value = {
      file: name,
      kind: 'rows',
      theirs: taken.workspace,
      merge: comparison,
      replace: comparison,
      photos: [],
      notes: taken.problems,
      alreadyThere: taken.alreadyThere
    }
    return []
  }

  /** Does what was shown. A snapshot is kept first; the step can be undone. */
  async function takeIn(
    mode: 'merge' | 'replace',
    choices: ReadonlyMap<PartKey, 'mine' | 'theirs'> = new Map()
  ): Promise<readonly Issue[]> {
    const from = incoming.value
    const mine = store.workspace
    if (!from || !mine) return []
    await saving.snapshot(mine, 'before-import')
    const kept = await storage.putPhotos(stored(from.theirs, from.photos))
    if (!kept.ok) return kept.issues
    let refusal: readonly Issue[]
    if (from.kind === 'rows') refusal = store.run(steps.takenIn(from.file), () => from.theirs)
    else if (mode === 'replace')
      refusal = store.run(steps.replaced(from.file), () => from.theirs, { kind: 'whole' })
    else {
      const checked = (await formats()).checkMerged(
        mergeStates(mine, from.theirs, from.merge, choices, momentNow()),
        [mine, from.theirs],
        library
      )
      if (!checked.ok) return checked.issues
      refusal = store.run(
        steps.merged(from.file),
        () => splitPlan(checked.value.workspace).workspace,
        { kind: 'merged' }
      )
      if (checked.value.putBack.length > 0)
        notices.setNotes([issue('merge.put-back', [], { parts: checked.value.putBack.join(', ') })])
    }
    if (refusal.length > 0) return refusal
    incoming.value = undefined
    await refresh()
    return []
  }

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
    incoming,
    aside,
    dropAside,
    snapshots,
    backup,
    backupDue,
    folder,
    room,
    refresh,
    file,
    noteBackup,
    toFolder,
    chooseFolder,
    openFile,
    openRows,
    takeIn,
    snapshotState,
    snapshotNow,
    goBack
  }
})
