import type { LedgerEntry } from '../../core/ledger'
import type { Workspace } from '../../core/workspace'
import type { Storage } from '../../app/storage'

/** What stores hold, for tests of keeping. */
export const entry = (i: number): LedgerEntry => ({
  id: `e${i}`,
  date: '2026-05-01',
  kind: 'other',
  amount: 0 - i,
  text: `Entry ${i}`
})

/** Revision, damage and ledger of a workspace as a store gives it back. */
export const ledgerIn = async (storage: Storage, id: string): Promise<unknown> => {
  const loaded = await storage.load(id)
  return (
    loaded.ok &&
    loaded.value && [
      loaded.value.revision,
      loaded.value.damaged,
      (loaded.value.data as Workspace).ledger
    ]
  )
}
