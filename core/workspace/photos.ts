import type { Photo } from './photo'
import type { Workspace } from './types'

export const addPhoto = (workspace: Workspace, photo: Photo): Workspace => ({
  ...workspace,
  photos: [...(workspace.photos ?? []), photo]
})
export const removePhoto = (workspace: Workspace, id: string): Workspace => ({
  ...workspace,
  photos: (workspace.photos ?? []).filter((photo) => photo.id !== id)
})

/** A picture by its id. */
export interface Picture {
  readonly id: string
  readonly bytes: Uint8Array
}
const sameBytes = (a: Uint8Array, b: Uint8Array): boolean =>
  a.length === b.length && a.every((byte, i) => byte === b[i])

/**
 * Pictures of a file beside those that are here for its workspace. One that is here under the same id and is another picture stays: theirs
 * gets the id it has here already, or one of its own. Pictures the workspace does not speak of are left out.
 * @returns the file's workspace with the ids its pictures have here, the pictures, and how many it speaks of that are nowhere
 */
export function takeInPhotos(
  workspace: Workspace,
  files: readonly Picture[],
  here: readonly Picture[],
  newId: () => string
): {
  readonly workspace: Workspace
  readonly photos: readonly Picture[]
  readonly missing: number
} {
  const spoken = workspace.photos ?? []
  const present = new Map(here.map(({ id, bytes }) => [id, bytes]))
  const ids = new Map<string, string>()
  const photos = files
    .filter(({ id }) => spoken.some((photo) => photo.id === id))
    .map(({ id, bytes }): Picture => {
      const own = present.get(id)
      if (own && !sameBytes(own, bytes))
        ids.set(id, here.find((one) => sameBytes(one.bytes, bytes))?.id ?? newId())
      return { id: ids.get(id) ?? id, bytes }
    })
  const there = new Set([...photos.map(({ id }) => id), ...present.keys()])
  const named = spoken.map((photo) => ({ ...photo, id: ids.get(photo.id) ?? photo.id }))
  return {
    workspace: ids.size === 0 ? workspace : { ...workspace, photos: named },
    photos,
    missing: named.filter(({ id }) => !there.has(id)).length
  }
}
