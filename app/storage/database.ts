import { openDB, type DBSchema, type IDBPDatabase } from 'idb'
import { issue, ok, refused, type Issue, type Result } from '../../core/kernel'
import type { Workspace } from '../../core/workspace'

/** What the browser keeps. Each workspace is one record; `revision` counts its changes, so that two tabs notice one another. */
interface Stored {
  readonly id: string
  readonly name: string
  readonly revision: number
  readonly savedAt: number
  readonly data: Workspace
}

export interface Settings {
  readonly current?: string | undefined
  readonly theme?: 'light' | 'dark' | 'system' | undefined
  readonly letters?: boolean | undefined
}

interface Schema extends DBSchema {
  workspaces: { key: string; value: Stored }
  settings: { key: string; value: Settings }
}

const NAME = 'frugal-ledger'
const VERSION = 1
const SETTINGS_KEY = 'settings'

/** Steps that bring the database from one version to the next; none is ever changed once it has been released. */
const UPGRADES: readonly ((db: IDBPDatabase<Schema>) => void)[] = [
  (db) => {
    db.createObjectStore('workspaces', { keyPath: 'id' })
    db.createObjectStore('settings')
  }
]

export interface Storage {
  settings(): Promise<Result<Settings>>
  saveSettings(settings: Settings): Promise<Result<void>>
  list(): Promise<Result<readonly { id: string; name: string; savedAt: number }[]>>
  load(id: string): Promise<Result<{ data: unknown; revision: number } | undefined>>
  /** Writes a workspace if the stored revision is still `base`; answers with the new revision. Code `storage.elsewhere` when it is not. */
  save(workspace: Workspace, base: number): Promise<Result<number>>
  remove(id: string): Promise<Result<void>>
}

/** What went wrong, as an issue: `storage.full`, `storage.refused` or `storage.failed`. */
function storageIssue(error: unknown): Issue {
  const name = error instanceof DOMException || error instanceof Error ? error.name : ''
  if (name === 'QuotaExceededError') return issue('storage.full')
  if (name === 'SecurityError' || name === 'InvalidStateError' || name === 'UnknownError' || name === 'NotAllowedError') return issue('storage.refused')
  return issue('storage.failed', [], { reason: name })
}

/** Opens the browser's database on first use. Nothing here throws: refusals come back as issues. */
export function openStorage(now: () => number): Storage {
  let opened: Promise<IDBPDatabase<Schema>> | undefined
  const database = (): Promise<IDBPDatabase<Schema>> => {
    opened ??= openDB<Schema>(NAME, VERSION, {
      upgrade: (db, from) => UPGRADES.slice(from).forEach((step) => step(db))
    }).catch((error: unknown) => {
      opened = undefined
      throw error
    })
    return opened
  }
  const attempt = async <T>(work: (db: IDBPDatabase<Schema>) => Promise<T>): Promise<Result<T>> => {
    if (typeof indexedDB === 'undefined') return refused(issue('storage.refused'))
    try {
      return ok(await work(await database()))
    } catch (error) {
      return refused(storageIssue(error))
    }
  }
  return {
    settings: () => attempt(async (db) => (await db.get('settings', SETTINGS_KEY)) ?? {}),
    saveSettings: (settings) => attempt(async (db) => void (await db.put('settings', settings, SETTINGS_KEY))),
    list: () => attempt(async (db) => (await db.getAll('workspaces')).map(({ id, name, savedAt }) => ({ id, name, savedAt }))),
    load: (id) =>
      attempt(async (db) => {
        const stored = await db.get('workspaces', id)
        return stored && { data: stored.data, revision: stored.revision }
      }),
    save: async (workspace, base) => {
      const written = await attempt(async (db) => {
        const transaction = db.transaction('workspaces', 'readwrite', { durability: 'strict' })
        const stored = await transaction.store.get(workspace.id)
        if (stored && stored.revision !== base) {
          await transaction.done
          return undefined
        }
        const revision = base + 1
        await transaction.store.put({ id: workspace.id, name: workspace.name, revision, savedAt: now(), data: workspace })
        await transaction.done
        return revision
      })
      if (!written.ok) return written
      return written.value === undefined ? refused(issue('storage.elsewhere')) : ok(written.value)
    },
    remove: (id) => attempt(async (db) => db.delete('workspaces', id))
  }
}
