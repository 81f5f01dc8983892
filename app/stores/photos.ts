import { ok, type Result } from '../../core/kernel'
import { change, type Photo } from '../../core/workspace'
import { steps } from '../words/steps'
import { newId } from './clock'
import { storageHere } from './storage-here'
import { useWorkspace } from './workspace'

interface TakenPhoto {
  readonly type: 'image/jpeg' | 'image/png' | 'image/webp'
  readonly widthPx: number
  readonly heightPx: number
  readonly data: Uint8Array
}

/** Puts a photo to a ledger entry or a build for sale: the picture is on the disk before the workspace speaks of it. */
export async function attachPhoto(
  of: Pick<Photo, 'entry' | 'build'>,
  text: string,
  { type, widthPx, heightPx, data }: TakenPhoto
): Promise<Result<void>> {
  const store = useWorkspace()
  const { workspace } = store
  if (!workspace) return ok(undefined)
  const id = newId('photo')
  const kept = await storageHere().putPhotos([{ id, workspace: workspace.id, type, bytes: data }])
  if (kept.ok)
    store.run(steps.photo(text), (state) =>
      change.addPhoto(state, { id, ...of, type, widthPx, heightPx, bytes: data.length })
    )
  return kept
}
