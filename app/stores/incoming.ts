import { defineStore } from 'pinia'
import { shallowRef } from 'vue'
import type { PhotoFile } from '../../core/formats'
import { issue, ok, type Issue } from '../../core/kernel'
import {
  change,
  compareForReplacing,
  compareStates,
  mergeStates,
  splitPlan,
  type Comparison,
  type SectionKey,
  type Workspace
} from '../../core/workspace'
import { library } from '../../data'
import type { StoredPhoto } from '../storage'
import { steps } from '../words/steps'
import type { FileRead } from '../workers/protocol'
import { momentNow, newId } from './clock'
import { useLoading } from './loading'
import { useNotices } from './notices'
import { readFileApart } from './reading'
import { useSaving } from './saving'
import { formats, storageHere } from './storage-here'
import { readTable, type Table } from './tables'
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

/** The pictures a workspace speaks of, as they are stored. */
const storedPhotos = (theirs: Workspace, photos: readonly PhotoFile[]): StoredPhoto[] => {
  const wanted = new Map((theirs.photos ?? []).map((photo) => [photo.id, photo]))
  return photos.flatMap(({ id, bytes }) => {
    const photo = wanted.get(id)
    return photo ? [{ id, workspace: theirs.id, type: photo.type, bytes }] : []
  })
}

/** Files that are brought in: what they would change is shown before they do. */
export const useIncoming = defineStore('incoming', () => {
  const store = useWorkspace()
  const saving = useSaving()
  const loading = useLoading()
  const notices = useNotices()
  const storage = storageHere()
  const incoming = shallowRef<Incoming>()

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
      await storage.putPhotos(storedPhotos(theirs, photos))
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
  async function openRows(name: string, text: string, what: Table): Promise<readonly Issue[]> {
    const { world, workspace: mine } = store
    if (!world || !mine) return []
    const readers = await formats()
    const taken = readTable(readers, mine, world, text, what)
    if (!taken.ok) return taken.issues
    const { workspace: theirs, alreadyThere, problems } = taken.value
    const checked = readers.checkWorkspace(theirs, library)
    if (!checked.ok) return checked.issues
    const comparison = compareForReplacing(mine, theirs)
    incoming.value = {
      file: name,
      kind: 'rows',
      theirs,
      merge: comparison,
      replace: comparison,
      photos: [],
      notes: problems,
      alreadyThere
    }
    return []
  }

  /** Does what was shown. A snapshot is kept first; the step can be undone. */
  async function takeIn(
    mode: 'merge' | 'replace',
    choices: ReadonlyMap<SectionKey, 'mine' | 'theirs'> = new Map()
  ): Promise<readonly Issue[]> {
    const from = incoming.value
    const mine = store.workspace
    if (!from || !mine) return []
    await saving.snapshot(mine, 'before-import')
    const kept = await storage.putPhotos(storedPhotos(from.theirs, from.photos))
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
    return []
  }

  return { incoming, openFile, openRows, takeIn }
})
