import { openDB, type DBSchema, type IDBPDatabase, type IDBPTransaction } from 'idb'
import { issue, ok, refused, type Issue, type Result } from '../../core/kernel'
import type { SetAside } from '../../core/formats'
import type { Photo, Workspace } from '../../core/workspace'
import { printOf, splitRecord, type Head, type LedgerChunk } from './records'

/** What the browser keeps of a workspace, without its ledger; `revision` counts its changes, so that two tabs notice one another. */
export interface StoredHead {
  readonly id: string
  readonly name: string
  readonly revision: number
  readonly savedAt: number
  readonly head: Head
  /** Print of `head`, to notice damage. */
  readonly print: string
  /** How many entries the ledger has, over all its chunks. */
  readonly entries: number
  /** Set by the program that wrote it where all of it had passed the check that a reader makes; see `sealOf`. */
  readonly seal?: string | undefined
}

/** Version 1 kept a workspace in one record. */
interface StoredV1 {
  readonly id: string
  readonly name: string
  readonly revision: number
  readonly savedAt: number
  readonly data: Workspace
}

/** A plan by the workspace it was made for. */
export interface StoredPlan {
  readonly workspace: string
  readonly plan: unknown
  /** See `sealOf`; plans come from the planner, which makes none that cannot be read. */
  readonly seal?: string | undefined
}

export interface Settings {
  readonly current?: string | undefined
  readonly theme?: 'light' | 'dark' | 'system' | undefined
  readonly letters?: boolean | undefined
  /** The board of prices is looked at once a day, when the application is opened. */
  readonly boardDaily?: boolean | undefined
  /** Places one has been at: what to try there is no longer said. */
  readonly visited?: readonly string[] | undefined
}

export type SnapshotReason = 'while-working' | 'before-import' | 'before-return' | 'by-hand'
/** A former state, packed; what it holds in short, so that a list need not unpack it. */
export interface StoredSnapshot {
  readonly key: string
  readonly workspace: string
  readonly at: number
  readonly reason: SnapshotReason
  /** Which one of the workspace's it is, counted from 1; older ones have none. */
  readonly order?: number | undefined
  readonly packed: Uint8Array
  readonly print: string
  readonly builds: number
  readonly items: number
  readonly entries: number
  readonly balance: number
}

export interface StoredPhoto {
  readonly id: string
  readonly workspace: string
  readonly type: Photo['type']
  readonly bytes: Uint8Array
  /** When it was stored, ms since the epoch; unknown of old ones. */
  readonly at?: number | undefined
}

/** A record, or parts of it, that could not be read, kept untouched. */
export interface StoredAside {
  readonly key: string
  readonly at: number
  /** The whole record as it stood. */
  readonly record: unknown
  /** What of it could not be read, where all else could; records from before know none. */
  readonly parts?: readonly SetAside[] | undefined
}

/** When a workspace was last saved outside the browser, and what it was then. */
export interface BackupNote {
  readonly workspace: string
  readonly at: number
  readonly revision: number
  readonly where: 'file' | 'folder'
}

export interface Schema extends DBSchema {
  workspaces: { key: string; value: StoredHead }
  ledger: { key: [string, number]; value: LedgerChunk }
  /** The plan last made for each workspace; derived, so that it is kept apart. */
  plans: { key: string; value: StoredPlan }
  settings: { key: string; value: Settings }
  snapshots: { key: string; value: StoredSnapshot; indexes: { workspace: string } }
  photos: {
    key: [workspace: string, id: string]
    value: StoredPhoto
    indexes: { workspace: string }
  }
  backups: { key: string; value: BackupNote }
  /** Records that could not be read, kept untouched. */
  aside: {
    key: string
    value: StoredAside
  }
  /** The folder backups go to; only the browser can hold such a handle. */
  handles: { key: string; value: FileSystemDirectoryHandle }
}
export type Database = IDBPDatabase<Schema>
type Upgrading = IDBPTransaction<
  Schema,
  (
    | 'workspaces'
    | 'ledger'
    | 'plans'
    | 'settings'
    | 'snapshots'
    | 'photos'
    | 'backups'
    | 'aside'
    | 'handles'
  )[],
  'versionchange'
>

export const NAME = 'frugal-ledger'
export const VERSION = 4

/** Steps that bring the database from one version to the next; none is ever changed once it has been released. */
const UPGRADES: readonly ((db: Database, transaction: Upgrading) => void | Promise<void>)[] = [
  (db) => {
    db.createObjectStore('workspaces', { keyPath: 'id' })
    db.createObjectStore('settings')
  },
  async (db, transaction) => {
    db.createObjectStore('ledger', { keyPath: ['workspace', 'index'] })
    db.createObjectStore('snapshots', { keyPath: 'key' }).createIndex('workspace', 'workspace')
    db.createObjectStore('photos', { keyPath: 'id' }).createIndex('workspace', 'workspace')
    db.createObjectStore('backups', { keyPath: 'workspace' })
    db.createObjectStore('aside', { keyPath: 'key' })
    db.createObjectStore('handles')
    const workspaces = transaction.objectStore('workspaces')
    for (const old of (await workspaces.getAll()) as unknown as StoredV1[]) {
      const { head, print, chunks, entries } = splitRecord(old.data)
      await workspaces.put({
        id: old.id,
        name: old.name,
        revision: old.revision,
        savedAt: old.savedAt,
        head,
        print,
        entries
      })
      for (const chunk of chunks) await transaction.objectStore('ledger').put(chunk)
    }
  },
  // The plan gets a record of its own beside the workspace it was made for.
  async (db, transaction) => {
    db.createObjectStore('plans', { keyPath: 'workspace' })
    const workspaces = transaction.objectStore('workspaces')
    for (const old of await workspaces.getAll()) {
      const { plan, ...head } = old.head as Head & { readonly plan?: unknown }
      if (plan === undefined) continue
      await transaction.objectStore('plans').put({ workspace: old.id, plan })
      await workspaces.put({ ...old, head, print: printOf(head) })
    }
  },
  // Photos are a workspace's own: two of them may have one of the same id.
  async (db, transaction) => {
    const all = await transaction.objectStore('photos').getAll()
    db.deleteObjectStore('photos')
    const photos = db.createObjectStore('photos', { keyPath: ['workspace', 'id'] })
    photos.createIndex('workspace', 'workspace')
    for (const photo of all) await photos.put(photo)
  }
]

/** What the connection to the database has to say of itself: an older tab blocks it, or a newer one has taken over. */
export type ConnectionNews = 'blocked' | 'outdated' | 'closed'

/** What went wrong, as an issue: `storage.full`, `storage.refused`, `storage.newer` or `storage.failed`. */
export function storageIssue(error: unknown): Issue {
  const name = error instanceof DOMException || error instanceof Error ? error.name : ''
  if (name === 'QuotaExceededError') return issue('storage.full')
  if (name === 'VersionError') return issue('storage.newer')
  if (
    name === 'SecurityError' ||
    name === 'InvalidStateError' ||
    name === 'UnknownError' ||
    name === 'NotAllowedError'
  )
    return issue('storage.refused')
  return issue('storage.failed', [], { reason: name })
}

/** Faults of opening that pass by themselves: another process of the browser still holds the files for a moment. */
const PASSING = new Set(['UnknownError', 'AbortError', 'TimeoutError'])
/** Waits between tries to open, ms. */
const TRIES = [60, 200, 500, 1200]

async function patiently<T>(open: () => Promise<T>): Promise<T> {
  for (const wait of TRIES) {
    try {
      return await open()
    } catch (error) {
      if (!(error instanceof DOMException && PASSING.has(error.name))) throw error
      await new Promise((resolve) => setTimeout(resolve, wait))
    }
  }
  return open()
}

/** A connection that is opened on first use, and again after it was lost. Nothing here throws: refusals come back as issues. */
/** @param first is done each time the store has been opened, before anything else: it may have been emptied meanwhile */
export function connection(
  tell: (news: ConnectionNews) => void,
  first: (db: Database) => Promise<void> = async () => undefined
): <T>(work: (db: Database) => Promise<T>) => Promise<Result<T>> {
  let opened: Promise<Database> | undefined
  let outdated = false
  const forget = (): void => {
    opened = undefined
  }
  const database = (): Promise<Database> => {
    opened ??= patiently(() =>
      openDB<Schema>(NAME, VERSION, {
        upgrade: async (db, from, _to, transaction) => {
          for (const step of UPGRADES.slice(from))
            await step(db, transaction as unknown as Upgrading)
        },
        blocked: () => tell('blocked'),
        // A newer program in another tab wants to bring the database up to date, or it is being cleared; this one must let go of it.
        blocking: (_current, wanted, event) => {
          ;(event.target as IDBDatabase).close()
          forget()
          if (wanted === null) return tell('closed')
          outdated = true
          tell('outdated')
        },
        terminated: () => {
          forget()
          tell('closed')
        }
      })
    )
      .then(async (db) => {
        await first(db)
        return db
      })
      .catch((error: unknown) => {
        forget()
        throw error
      })
    return opened
  }
  return async (work) => {
    if (typeof indexedDB === 'undefined' || indexedDB === null)
      return refused(issue('storage.refused'))
    if (outdated) return refused(issue('storage.outdated'))
    try {
      return ok(await work(await database()))
    } catch (error) {
      // The browser may close a connection by itself, under pressure; the next attempt opens it again.
      if (error instanceof DOMException && error.name === 'InvalidStateError' && opened) {
        forget()
        try {
          return ok(await work(await database()))
        } catch (again) {
          return refused(storageIssue(again))
        }
      }
      return refused(storageIssue(error))
    }
  }
}
