import { type Result } from '../../core/kernel'
import type { SetAside } from '../../core/formats'
import type { Plan, Workspace } from '../../core/workspace'
import {
  type BackupNote,
  type StoredAside,
  type Settings,
  type SnapshotReason,
  type StoredPhoto
} from './database'
import { type Joined } from './records'
import type { SnapshotInfo } from './snapshots'

export interface Loaded extends Joined {
  readonly revision: number
  readonly savedAt: number
  /** The plan that was kept beside it, as it stands in the store. */
  readonly plan: unknown
  /** This very program wrote the workspace and the plan, as they stand, after checking them. */
  readonly sealed: boolean
}

/** What the browser keeps. Every answer comes when the data is on the disk, not before; nothing throws. */
export interface Storage {
  settings(): Promise<Result<Settings>>
  saveSettings(settings: Settings): Promise<Result<void>>
  list(): Promise<Result<readonly { id: string; name: string; savedAt: number }[]>>
  load(id: string): Promise<Result<Loaded | undefined>>
  /** Writes a workspace if the stored revision is still `base`; answers with the new revision. Code `storage.elsewhere` when it is not. @param checked a reader would take it as it is */
  save(workspace: Workspace, base: number, checked?: boolean): Promise<Result<number>>
  /** Keeps the plan of a workspace beside it, or none. */
  savePlan(id: string, plan: Plan | undefined): Promise<Result<void>>
  remove(id: string): Promise<Result<void>>
  /** Puts a record that cannot be read aside, untouched, and the repaired one in its place: both or neither. Answers with the new revision. */
  repair(repaired: Workspace, base: number, parts?: readonly SetAside[]): Promise<Result<number>>
  /** Records and parts of a workspace that could not be read, the newest first. */
  aside(id: string): Promise<Result<readonly StoredAside[]>>
  dropAside(key: string): Promise<Result<void>>
  snapshots(id: string): Promise<Result<readonly SnapshotInfo[]>>
  /** Keeps a state, and lets those go that have had their time. @param text the workspace file of that state */
  snapshot(workspace: Workspace, text: string, reason: SnapshotReason): Promise<Result<void>>
  /** The file of a snapshot; undefined where it is gone or damaged. */
  snapshotText(key: string): Promise<Result<string | undefined>>
  putPhotos(photos: readonly StoredPhoto[]): Promise<Result<void>>
  /**
   * Lets photos go that nothing speaks of any more, neither the workspace nor a snapshot of it, and that were stored so long ago that no
   * open page can undo its way back to them. Nothing goes while a record is put aside, since that may speak of any. Answers with how many went.
   */
  clearPhotos(workspace: Workspace): Promise<Result<number>>
  /** Puts into the second copy what it lacks: it is new, or the browser has emptied it. Answers with how many workspaces and photos went there. */
  completeCopy(): Promise<Result<number>>
  photo(workspace: string, id: string): Promise<Result<StoredPhoto | undefined>>
  photosOf(workspace: string): Promise<Result<readonly StoredPhoto[]>>
  backup(workspace: string): Promise<Result<BackupNote | undefined>>
  noteBackup(note: BackupNote): Promise<Result<void>>
  folder(): Promise<Result<FileSystemDirectoryHandle | undefined>>
  keepFolder(folder: FileSystemDirectoryHandle | undefined): Promise<Result<void>>
}
