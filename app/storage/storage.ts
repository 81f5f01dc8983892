import { MS_PER_DAY } from '../../core/calendar'
import { issue, ok, refused } from '../../core/kernel'
import {
  connection,
  type ConnectionNews,
  type Database,
  type Settings,
  type StoredPhoto
} from './database'
import { openMirror, secondFactory, type PhotoKey } from './mirror'
import { chunkCount, chunkOf, joinRecord, printOf, sealOf, splitRecord } from './records'
import { expired, makeSnapshot, newestFirst, snapshotText } from './snapshots'
import { restore, SETTINGS_KEY, type Known, rangeOf, write, recordsOf } from './writing'
import type { Storage } from './contract'

/** A photo stays this long at the least, ms: longer than a page stays open. */
const PHOTO_STAYS = 30 * MS_PER_DAY
const FOLDER_KEY = 'backups'

/** @param now the clock, ms since the epoch  @param newKey makes a key nobody else has  @param tell hears what the connection has to say  @param build which program this is, where it knows */
export function openStorage(
  now: () => number,
  newKey: () => string = () => `${now()}`,
  tell: (news: ConnectionNews | 'restored') => void = () => undefined,
  second: () => Promise<IDBFactory | undefined> = secondFactory,
  build?: string
): Storage {
  const mirror = openMirror(second)
  /** What this page last read or kept of the settings, for a store that loses them. */
  let settings: Settings | undefined
  const attempt = connection(tell, async (db) => {
    if (await restore(db, mirror)) tell('restored')
  })
  /** A store that was emptied under this page gets back what the second copy holds, and the settings as this page knows them. */
  async function bringBack(db: Database, current: string): Promise<void> {
    if (await restore(db, mirror)) tell('restored')
    if ((await db.count('settings')) === 0)
      await db.put('settings', { ...settings, current }, SETTINGS_KEY)
  }
  const known = new Map<string, Known>()
  return {
    settings: async () => {
      const read = await attempt(async (db) => (await db.get('settings', SETTINGS_KEY)) ?? {})
      if (read.ok) settings = read.value
      return read
    },
    saveSettings: async (next) => {
      settings = next
      const saved = await attempt(async (db) => void (await db.put('settings', next, SETTINGS_KEY)))
      if (saved.ok) await mirror.settings(next)
      return saved
    },
    list: () =>
      attempt(async (db) =>
        (await db.getAll('workspaces')).map(({ id, name, savedAt }) => ({ id, name, savedAt }))
      ),
    load: (id) =>
      attempt(async (db) => {
        const transaction = db.transaction(['workspaces', 'ledger', 'plans'])
        const [stored, chunks, beside] = await Promise.all([
          transaction.objectStore('workspaces').get(id),
          transaction.objectStore('ledger').getAll(rangeOf(id)),
          transaction.objectStore('plans').get(id)
        ])
        if (!stored) return undefined
        const joined = joinRecord(stored, chunks)
        if (joined.damaged.length === 0)
          known.set(id, { revision: stored.revision, ledger: joined.readable })
        const { revision, savedAt } = stored
        const sealed =
          joined.damaged.length === 0 &&
          stored.seal !== undefined &&
          stored.seal === sealOf(stored.print, build) &&
          (beside === undefined ||
            (beside.seal !== undefined && beside.seal === sealOf(printOf(beside.plan), build)))
        return { ...joined, revision, savedAt, plan: beside?.plan, sealed }
      }),
    save: async (workspace, base, checked = false) => {
      const written = await attempt(async (db) => {
        if (base > 0 && (await db.getKey('workspaces', workspace.id)) === undefined)
          await bringBack(db, workspace.id)
        return write(db, workspace, base, known.get(workspace.id), {
          now: now(),
          build: checked ? build : undefined
        })
      })
      if (!written.ok) return written
      const records = written.value
      if (records === undefined) return refused(issue('storage.elsewhere'))
      known.set(workspace.id, { revision: records.head.revision, ledger: workspace.ledger })
      await mirror.save(records, async () => {
        const all = await attempt((db) => recordsOf(db, workspace.id))
        return all.ok ? all.value : records
      })
      return ok(records.head.revision)
    },
    savePlan: (id, plan) =>
      attempt(async (db) => {
        const seal = plan && sealOf(printOf(plan), build)
        if (plan) await db.put('plans', { workspace: id, plan, ...(seal ? { seal } : {}) })
        else await db.delete('plans', id)
      }),
    remove: async (id) => {
      await mirror.remove(id)
      return attempt(async (db) => {
        const transaction = db.transaction(
          ['workspaces', 'ledger', 'plans', 'photos', 'snapshots', 'backups'],
          'readwrite'
        )
        const snapshots = transaction.objectStore('snapshots')
        const former = await snapshots.index('workspace').getAllKeys(id)
        await Promise.all([
          transaction.objectStore('workspaces').delete(id),
          transaction.objectStore('plans').delete(id),
          transaction.objectStore('backups').delete(id),
          transaction.objectStore('ledger').delete(rangeOf(id)),
          transaction.objectStore('photos').delete(IDBKeyRange.bound([id], [id, []])),
          ...former.map((key) => snapshots.delete(key)),
          transaction.done
        ])
        known.delete(id)
      })
    },
    repair: async (repaired, base, parts) => {
      const { id, name, ledger } = repaired
      const { head, print } = splitRecord({ ...repaired, ledger: [] })
      const written = await attempt(async (db) => {
        const transaction = db.transaction(['workspaces', 'ledger', 'aside'], 'readwrite', {
          durability: 'strict'
        })
        const { done } = transaction
        done.catch(() => undefined)
        const [heads, chunks] = [
          transaction.objectStore('workspaces'),
          transaction.objectStore('ledger')
        ]
        const record = { head: await heads.get(id), ledger: await chunks.getAll(rangeOf(id)) }
        await Promise.all([
          transaction.objectStore('aside').put({
            key: `${id}@${newKey()}`,
            at: now(),
            record,
            ...(parts ? { parts } : {})
          }),
          chunks.delete(rangeOf(id)),
          heads.put({
            id,
            name,
            revision: base + 1,
            savedAt: now(),
            head,
            print,
            entries: ledger.length
          }),
          ...Array.from({ length: chunkCount(ledger.length) }, (_, index) =>
            chunks.put(chunkOf(id, ledger, index))
          )
        ])
        await done
        return base + 1
      })
      if (!written.ok) return written
      known.set(id, { revision: written.value, ledger })
      const all = await attempt((db) => recordsOf(db, id))
      if (all.ok) await mirror.save(all.value, () => Promise.resolve(all.value))
      return written
    },
    aside: (id) =>
      attempt(async (db) =>
        (await db.getAll('aside', IDBKeyRange.bound(`${id}@`, `${id}@\uffff`))).sort(
          (a, b) => b.at - a.at
        )
      ),
    dropAside: (key) => attempt((db) => db.delete('aside', key)),
    snapshots: (id) =>
      attempt(async (db) =>
        (await db.getAllFromIndex('snapshots', 'workspace', id))
          .map(({ packed: _packed, print: _print, ...info }) => info)
          .sort(newestFirst)
      ),
    snapshot: async (workspace, text, reason) => {
      const made = await makeSnapshot(workspace, text, now(), reason, newKey())
      return attempt(async (db) => {
        const transaction = db.transaction('snapshots', 'readwrite')
        const present = await transaction.store.index('workspace').getAll(workspace.id)
        const order = Math.max(0, ...present.map((one) => one.order ?? 0)) + 1
        const gone = expired([...present, { ...made, order }], now())
        await Promise.all([
          transaction.store.put({ ...made, order }),
          ...gone.filter((key) => key !== made.key).map((key) => transaction.store.delete(key)),
          transaction.done
        ])
      })
    },
    snapshotText: (key) =>
      attempt(async (db) => {
        const stored = await db.get('snapshots', key)
        return stored && (await snapshotText(stored))
      }),
    putPhotos: async (given) => {
      const photos = given.map((photo): StoredPhoto => ({ ...photo, at: now() }))
      const kept = await attempt(async (db) => {
        const transaction = db.transaction('photos', 'readwrite', { durability: 'strict' })
        await Promise.all([
          ...photos.map((photo) => transaction.store.put(photo)),
          transaction.done
        ])
      })
      if (kept.ok) await mirror.photos(photos)
      return kept
    },
    clearPhotos: async ({ id, photos = [] }) => {
      const spoken = new Set(photos.map((photo) => photo.id))
      const cleared = await attempt(async (db) => {
        const unspoken = (await db.getAllKeysFromIndex('photos', 'workspace', id)).filter(
          ([, photo]) => !spoken.has(photo)
        )
        if (unspoken.length === 0 || (await db.count('aside')) > 0) return []
        const texts = await Promise.all(
          (await db.getAllFromIndex('snapshots', 'workspace', id)).map(snapshotText)
        )
        const gone: PhotoKey[] = []
        for (const key of unspoken)
          if (
            now() - ((await db.get('photos', key))?.at ?? 0) > PHOTO_STAYS &&
            !texts.some((text) => text === undefined || text.includes(JSON.stringify(key[1])))
          )
            gone.push(key)
        const transaction = db.transaction('photos', 'readwrite')
        await Promise.all([...gone.map((key) => transaction.store.delete(key)), transaction.done])
        return gone
      })
      if (!cleared.ok) return cleared
      await mirror.dropPhotos(cleared.value)
      return ok(cleared.value.length)
    },
    completeCopy: () =>
      attempt(async (db) => {
        const [workspaces, photos] = await Promise.all([
          db.getAllKeys('workspaces'),
          db.getAllKeys('photos')
        ])
        const lacking = await mirror.lacking({ workspaces, photos })
        for (const id of lacking.workspaces)
          await mirror.save(await recordsOf(db, id), () => recordsOf(db, id))
        for (const key of lacking.photos) {
          const photo = await db.get('photos', key)
          if (photo) await mirror.photos([photo])
        }
        if (lacking.workspaces.length > 0)
          await mirror.settings((await db.get('settings', SETTINGS_KEY)) ?? {})
        return lacking.workspaces.length + lacking.photos.length
      }),
    photo: (workspace, id) => attempt((db) => db.get('photos', [workspace, id])),
    photosOf: (workspace) => attempt((db) => db.getAllFromIndex('photos', 'workspace', workspace)),
    backup: (workspace) => attempt((db) => db.get('backups', workspace)),
    noteBackup: (note) => attempt(async (db) => void (await db.put('backups', note))),
    folder: () => attempt((db) => db.get('handles', FOLDER_KEY)),
    keepFolder: (folder) =>
      attempt(
        async (db) =>
          void (folder
            ? await db.put('handles', folder, FOLDER_KEY)
            : await db.delete('handles', FOLDER_KEY))
      )
  }
}
