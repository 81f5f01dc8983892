export { openStorage, type Loaded, type Storage } from './storage'
export type {
  BackupNote,
  ConnectionNews,
  Settings,
  SnapshotReason,
  StoredAside,
  StoredPhoto
} from './database'
export type { SnapshotInfo } from './snapshots'
