import type { Day } from '../../core/calendar'
import type { Library } from '../../core/catalogue'
import {
  checkWorkspace,
  readKept,
  readKeptPlan,
  readProven,
  readWorkspace,
  salvage,
  type SetAside
} from '../../core/formats'
import { issue, ok, refused, type Issue, type Result } from '../../core/kernel'
import type { LedgerEntry } from '../../core/ledger'
import { splitPlan, type Plan, type Workspace } from '../../core/workspace'
import type { Loaded, Storage } from '../storage'
import { placeText } from '../words/where'

export interface Recovered {
  readonly workspace: Workspace
  /** The plan that was kept beside it. */
  readonly plan: Plan | undefined
  readonly notes: readonly Issue[]
  /** Parts that could not be read, where all else could. */
  readonly aside?: readonly SetAside[] | undefined
  /** The stored record is not what is shown: it has to be put aside and written anew. */
  readonly repaired: boolean
}

/** Entries of both, each once; those of the first lead. Entries that take back what is not there are left out. */
function united(first: readonly LedgerEntry[], more: readonly LedgerEntry[]): LedgerEntry[] {
  const ids = new Set(first.map(({ id }) => id))
  const all = [
    ...first,
    ...more.filter((entry) => typeof entry?.id === 'string' && !ids.has(entry.id))
  ]
  const known = new Set(all.map(({ id }) => id))
  return all.filter(
    ({ reverses, refunds }) =>
      (reverses === undefined || known.has(reverses)) &&
      (refunds === undefined || known.has(refunds))
  )
}

/** Places named in a note. */
const MOST_PLACES = 5

const ledgerOf = (data: unknown): readonly LedgerEntry[] =>
  (data as { ledger?: readonly LedgerEntry[] }).ledger ?? []

/** What is left of a record that is as it was written once the parts that cannot be read are set aside; undefined where nothing is. */
function leftOf(loaded: Loaded, library: Library, id: string, today: Day): Recovered | undefined {
  const left = salvage(loaded.data, library, id, today)
  if (!left.ok) return undefined
  const { workspace, plan, aside } = left.value
  const places = aside.slice(0, MOST_PLACES).map(({ path }) => placeText(path))
  return {
    workspace,
    plan: plan ?? readKeptPlan(loaded.plan),
    aside,
    notes: [issue('storage.set-aside', [], { count: aside.length, places: places.join('; ') })],
    repaired: true
  }
}

/** The state from the newest good snapshot, with every ledger entry that can still be read. */
async function fromSnapshots(
  id: string,
  loaded: Loaded,
  storage: Storage,
  library: Library
): Promise<Recovered | undefined> {
  const listed = await storage.snapshots(id)
  for (const { key, at } of listed.ok ? listed.value : []) {
    const text = await storage.snapshotText(key)
    const snapshot =
      text.ok && text.value !== undefined ? readWorkspace(text.value, library) : undefined
    if (!snapshot?.ok) continue
    const from = snapshot.value.workspace
    const ledger = united(from.ledger, loaded.readable)
    const head = loaded.damaged.includes('head') ? from : loaded.data
    for (const candidate of [{ ...(head as object), ledger }, { ...from, ledger }, from]) {
      const checked = readKept(candidate, library)
      if (!checked.ok) continue
      const { workspace } = checked.value
      const entries = workspace.ledger.length
      const notes = [issue('storage.repaired', [], { at, entries })]
      return { workspace, plan: undefined, notes, repaired: true }
    }
  }
  return undefined
}
/** Without a snapshot a whole head and what is left of the ledger are better than nothing. */
function fromTheRest(loaded: Loaded, library: Library): Recovered | undefined {
  const ledger = united([], ledgerOf(loaded.data))
  const checked = checkWorkspace({ ...(loaded.data as object), ledger }, library)
  if (!checked.ok) return undefined
  const notes = [issue('storage.partly-lost', [], { entries: checked.value.ledger.length })]
  return { ...splitPlan(checked.value), notes, repaired: true }
}

/**
 * Reads what the browser has kept, and repairs it where it is damaged: the state from the newest good snapshot, with every ledger entry
 * that can still be read. Notes say what was damaged and what is shown. Code `storage.unreadable` where nothing can be made of it.
 */
export async function readStored(
  id: string,
  loaded: Loaded,
  storage: Storage,
  library: Library,
  today: Day
): Promise<Result<Recovered>> {
  const asWritten = loaded.damaged.length === 0
  const read = asWritten
    ? readProven(loaded.data as { readonly ledger: readonly LedgerEntry[] }, library)
    : undefined
  if (read?.ok) {
    const plan = read.value.plan ?? readKeptPlan(loaded.plan)
    return ok({ ...read.value, plan, repaired: false })
  }
  // What is as it was written and cannot be read: the parts that are wrong are set aside, all else stays.
  const left = asWritten ? leftOf(loaded, library, id, today) : undefined
  const found =
    left ??
    (await fromSnapshots(id, loaded, storage, library)) ??
    (asWritten || loaded.damaged.includes('head') ? undefined : fromTheRest(loaded, library))
  return found ? ok(found) : refused(issue('storage.unreadable'))
}
