import { must } from '../../core/kernel'
import { commonStart, type LedgerEntry } from '../../core/ledger'
import type { Workspace } from '../../core/workspace'
import { type Database } from './database'
import { type Mirror, type Records } from './mirror'
import { CHUNK, chunkCount, chunkOf, sealOf, splitRecord } from './records'

export const SETTINGS_KEY = 'settings'
export const rangeOf = (id: string): IDBKeyRange =>
  IDBKeyRange.bound([id, 0], [id, Number.MAX_SAFE_INTEGER])

/** What this page last read or wrote of a workspace: a ledger that begins with it need only have its end written. */
export interface Known {
  readonly revision: number
  readonly ledger: readonly LedgerEntry[]
}

/** All records of a workspace as they stand in the store. */
export async function recordsOf(db: Database, id: string): Promise<Records> {
  const transaction = db.transaction(['workspaces', 'ledger'])
  const [head, chunks] = await Promise.all([
    transaction.objectStore('workspaces').get(id),
    transaction.objectStore('ledger').getAll(rangeOf(id))
  ])
  return { head: must(head, 'the workspace that was just written'), from: 0, chunks }
}

export async function write(
  db: Database,
  workspace: Workspace,
  base: number,
  known: Known | undefined,
  { now, build }: { readonly now: number; readonly build: string | undefined }
): Promise<Records | undefined> {
  const { head, print } = splitRecord({ ...workspace, ledger: [] })
  const seal = sealOf(print, build)
  const { ledger, id } = workspace
  const transaction = db.transaction(['workspaces', 'ledger'], 'readwrite', {
    durability: 'strict'
  })
  // A write that fails rejects both its request and the transaction; the transaction's word is the one that counts.
  const done = transaction.done
  done.catch(() => undefined)
  const [heads, pieces] = [transaction.objectStore('workspaces'), transaction.objectStore('ledger')]
  const stored = await heads.get(id)
  // A store that was emptied and filled again from the second copy may be behind; it is never ahead by itself.
  if (stored && stored.revision > base) {
    await done
    return undefined
  }
  const same =
    known && known.revision === base && stored?.revision === base
      ? commonStart(known.ledger, ledger)
      : 0
  const from = Math.floor(same / CHUNK)
  const records: Records = {
    head: {
      id,
      name: workspace.name,
      revision: base + 1,
      savedAt: now,
      head,
      print,
      entries: ledger.length,
      ...(seal ? { seal } : {})
    },
    from,
    chunks: Array.from({ length: Math.max(0, chunkCount(ledger.length) - from) }, (_, i) =>
      chunkOf(id, ledger, from + i)
    )
  }
  const shrunk = same === 0 || same < (known?.ledger.length ?? 0)
  await Promise.all([
    heads.put(records.head),
    ...(shrunk
      ? [pieces.delete(IDBKeyRange.bound([id, from], [id, Number.MAX_SAFE_INTEGER]))]
      : []),
    ...records.chunks.map((chunk) => pieces.put(chunk))
  ])
  await done
  return records
}

/** Puts everything back into a store that the browser has emptied. Answers whether there was anything to put back. */
export async function restore(db: Database, mirror: Mirror): Promise<boolean> {
  if ((await db.count('workspaces')) > 0) return false
  const all = await mirror.everything()
  if (!all) return false
  const transaction = db.transaction(['workspaces', 'ledger', 'photos', 'settings'], 'readwrite', {
    durability: 'strict'
  })
  const newest = [...all.workspaces].sort((a, b) => b.savedAt - a.savedAt)[0]
  const puts = [
    ...all.workspaces.map((head) => transaction.objectStore('workspaces').put(head)),
    ...all.ledger.map((chunk) => transaction.objectStore('ledger').put(chunk)),
    ...all.photos.map((photo) => transaction.objectStore('photos').put(photo)),
    ...(newest
      ? [
          transaction.objectStore('settings').put(
            {
              ...all.settings,
              current:
                all.workspaces.find(({ id }) => id === all.settings?.current)?.id ?? newest.id
            },
            SETTINGS_KEY
          )
        ]
      : [])
  ]
  await Promise.all([...puts, transaction.done])
  return true
}
