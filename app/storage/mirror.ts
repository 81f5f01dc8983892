import { wrap, type DBSchema, type IDBPDatabase } from 'idb'
import type { Settings, StoredHead, StoredPhoto } from './database'
import type { LedgerChunk } from './records'

/** A photo by its workspace and its own id. */
export type PhotoKey = [workspace: string, id: string]

/**
 * A second copy of what is kept, in a store of its own with files of its own. A browser that is killed in the middle of a write can find
 * its store torn at a later start and throw all of it away; the two are written one after the other, so that a kill tears one at most.
 */
interface MirrorSchema extends DBSchema {
  workspaces: { key: string; value: StoredHead }
  ledger: { key: [string, number]; value: LedgerChunk }
  photos: { key: PhotoKey; value: StoredPhoto }
  settings: { key: string; value: Settings }
}
type MirrorDatabase = IDBPDatabase<MirrorSchema>

/** The records of one save: the head, and the pieces of the ledger from one on. */
export interface Records {
  readonly head: StoredHead
  /** Pieces from this one on are replaced. */
  readonly from: number
  readonly chunks: readonly LedgerChunk[]
}

/** All that a mirror holds. */
export interface Everything {
  readonly workspaces: readonly StoredHead[]
  readonly ledger: readonly LedgerChunk[]
  readonly photos: readonly StoredPhoto[]
  readonly settings: Settings | undefined
}

export interface Mirror {
  /** Writes a save after the store itself has it. A mirror that is behind takes the whole from the store with `all`. */
  save(records: Records, all: () => Promise<Records>): Promise<void>
  photos(photos: readonly StoredPhoto[]): Promise<void>
  dropPhotos(keys: readonly PhotoKey[]): Promise<void>
  settings(settings: Settings): Promise<void>
  remove(id: string): Promise<void>
  /** Which of these the copy does not have: none where there is no copy to be had. */
  lacking(ids: {
    readonly workspaces: readonly string[]
    readonly photos: readonly PhotoKey[]
  }): Promise<{ readonly workspaces: readonly string[]; readonly photos: readonly PhotoKey[] }>
  /** Everything, where the mirror holds any workspace at all. */
  everything(): Promise<Everything | undefined>
}

type Buckets = { open(name: string, options?: object): Promise<{ readonly indexedDB: IDBFactory }> }

/** The factory of a second store, where the browser has any; its durability is as strict as it can be had. */
export async function secondFactory(): Promise<IDBFactory | undefined> {
  const buckets =
    typeof navigator === 'undefined'
      ? undefined
      : (navigator as unknown as { storageBuckets?: Buckets }).storageBuckets
  return (
    await buckets
      ?.open('second-copy', { durability: 'strict', persisted: true })
      .catch(() => undefined)
  )?.indexedDB
}

const SETTINGS_KEY = 'settings'
/** So long a save waits for the copy, and a store that has been emptied, ms. */
const [PATIENCE, PATIENCE_EMPTIED] = [3000, 30_000]
const pieces = (id: string, from = 0): IDBKeyRange =>
  IDBKeyRange.bound([id, from], [id, Number.MAX_SAFE_INTEGER])

function openAt(factory: IDBFactory): Promise<MirrorDatabase> {
  const request = factory.open('frugal-ledger-copy', 3)
  request.onupgradeneeded = ({ oldVersion }) => {
    const db = request.result
    if (oldVersion < 1) {
      db.createObjectStore('workspaces', { keyPath: 'id' })
      db.createObjectStore('ledger', { keyPath: ['workspace', 'index'] })
    }
    if (oldVersion < 2) db.createObjectStore('settings')
    // Photos are filled in again from the store itself.
    if (oldVersion > 0 && oldVersion < 3) db.deleteObjectStore('photos')
    if (oldVersion < 3) db.createObjectStore('photos', { keyPath: ['workspace', 'id'] })
  }
  return (wrap(request) as unknown as Promise<MirrorDatabase>).then((db) => {
    db.addEventListener('versionchange', () => db.close())
    return db
  })
}

/** The second copy. It is there to help: whatever goes wrong with it is passed over, and the store itself decides what is kept. */
export function openMirror(factory: () => Promise<IDBFactory | undefined>): Mirror {
  let opened: Promise<MirrorDatabase | undefined> | undefined
  let before: Promise<unknown> = Promise.resolve()
  let stuck = false
  const inTurn = async <T>(work: (db: MirrorDatabase) => Promise<T>): Promise<T | undefined> => {
    opened ??= factory()
      .then((found) => found && openAt(found))
      .catch(() => undefined)
    try {
      const db = await opened
      return db && (await work(db))
    } catch {
      opened = undefined
      return undefined
    }
  }
  /** One after another, so that an older state never comes after a newer one; a copy that does not answer keeps nobody waiting for long. */
  const attempt = <T>(
    work: (db: MirrorDatabase) => Promise<T>,
    patience = PATIENCE
  ): Promise<T | undefined> => {
    if (stuck) return Promise.resolve(undefined)
    const mine = before.then(() => inTurn(work))
    before = mine
    return Promise.race([
      mine,
      new Promise<undefined>((resolve) => {
        const timer = setTimeout(() => {
          stuck = true
          resolve(undefined)
        }, patience)
        void mine.finally(() => {
          clearTimeout(timer)
          stuck = false
        })
      })
    ])
  }
  const put = async (db: MirrorDatabase, { head, from, chunks }: Records): Promise<void> => {
    const transaction = db.transaction(['workspaces', 'ledger'], 'readwrite', {
      durability: 'strict'
    })
    const ledger = transaction.objectStore('ledger')
    const done = transaction.done
    done.catch(() => undefined)
    await Promise.all([
      transaction.objectStore('workspaces').put(head),
      ledger.delete(pieces(head.id, from)),
      ...chunks.map((chunk) => ledger.put(chunk))
    ])
    await done
  }
  return {
    save: async (records, all) =>
      void (await attempt(async (db) => {
        const stored = await db.get('workspaces', records.head.id)
        await put(db, stored?.revision === records.head.revision - 1 ? records : await all())
      })),
    photos: async (photos) =>
      void (await attempt(async (db) => {
        const transaction = db.transaction('photos', 'readwrite', { durability: 'strict' })
        await Promise.all([
          ...photos.map((photo) => transaction.store.put(photo)),
          transaction.done
        ])
      })),
    dropPhotos: async (keys) =>
      void (await attempt(async (db) => {
        const transaction = db.transaction('photos', 'readwrite')
        await Promise.all([...keys.map((key) => transaction.store.delete(key)), transaction.done])
      })),
    settings: async (settings) =>
      void (await attempt(async (db) => db.put('settings', settings, SETTINGS_KEY))),
    remove: async (id) =>
      void (await attempt(async (db) => {
        const transaction = db.transaction(['workspaces', 'ledger', 'photos'], 'readwrite')
        await Promise.all([
          transaction.objectStore('workspaces').delete(id),
          transaction.objectStore('photos').delete(IDBKeyRange.bound([id], [id, []])),
          transaction.objectStore('ledger').delete(pieces(id)),
          transaction.done
        ])
      })),
    lacking: async ({ workspaces, photos }) => {
      const there = await attempt(async (db) => {
        const transaction = db.transaction(['workspaces', 'photos'])
        const [known, pictures] = await Promise.all([
          transaction.objectStore('workspaces').getAllKeys(),
          transaction.objectStore('photos').getAllKeys()
        ])
        return [new Set(known), new Set(pictures.map((key) => JSON.stringify(key)))] as const
      })
      return {
        workspaces: there ? workspaces.filter((id) => !there[0].has(id)) : [],
        photos: there ? photos.filter((key) => !there[1].has(JSON.stringify(key))) : []
      }
    },
    everything: () =>
      attempt(async (db) => {
        const transaction = db.transaction(['workspaces', 'ledger', 'photos', 'settings'])
        const [workspaces, ledger, photos, settings] = await Promise.all([
          transaction.objectStore('workspaces').getAll(),
          transaction.objectStore('ledger').getAll(),
          transaction.objectStore('photos').getAll(),
          transaction.objectStore('settings').get(SETTINGS_KEY)
        ])
        return workspaces.length === 0 ? undefined : { workspaces, ledger, photos, settings }
      }, PATIENCE_EMPTIED)
  }
}
