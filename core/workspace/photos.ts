import type { Photo, Workspace } from './types'

export const addPhoto = (workspace: Workspace, photo: Photo): Workspace => ({
  ...workspace,
  photos: [...(workspace.photos ?? []), photo]
})
export const removePhoto = (workspace: Workspace, id: string): Workspace => ({
  ...workspace,
  photos: (workspace.photos ?? []).filter((photo) => photo.id !== id)
})
