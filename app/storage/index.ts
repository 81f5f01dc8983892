export { openStorage } from './storage'
export { type Loaded, type Storage } from './contract'
export type {
  BackupNote,
  ConnectionNews,
  Settings,
  SnapshotReason,
  StoredAside,
  StoredPhoto
} from './database'
export type { SnapshotInfo } from './snapshots'
