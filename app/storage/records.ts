import { textPrint } from '../../core/kernel'
import type { LedgerEntry } from '../../core/ledger'
import type { Workspace } from '../../core/workspace'

/** A workspace without its ledger. */
export type Head = Omit<Workspace, 'ledger'>

/** A stretch of a ledger. The ledger only grows, so that all but the last of them stay as they are. */
export interface LedgerChunk {
  readonly workspace: string
  readonly index: number
  readonly entries: readonly LedgerEntry[]
  readonly print: string
}

/** Entries in a chunk: few enough that adding one writes little, many enough that opening reads few records. */
export const CHUNK = 256

const printOf = (data: unknown): string => textPrint(JSON.stringify(data))

export const chunkOf = (workspace: string, ledger: readonly LedgerEntry[], index: number): LedgerChunk => {
  const entries = ledger.slice(index * CHUNK, (index + 1) * CHUNK)
  return { workspace, index, entries, print: printOf(entries) }
}
export const chunkCount = (entries: number): number => Math.ceil(entries / CHUNK)

export function splitRecord(workspace: Workspace): { readonly head: Head; readonly print: string; readonly entries: number; readonly chunks: readonly LedgerChunk[] } {
  const { ledger, ...head } = workspace
  return { head, print: printOf(head), entries: ledger.length, chunks: Array.from({ length: chunkCount(ledger.length) }, (_, index) => chunkOf(workspace.id, ledger, index)) }
}

/** How many entries two ledgers begin with in common, as the same objects. */
export function commonStart(a: readonly LedgerEntry[], b: readonly LedgerEntry[]): number {
  const most = Math.min(a.length, b.length)
  for (let i = 0; i < most; i++) if (a[i] !== b[i]) return i
  return most
}

/** A workspace put together again, and whether its parts are as they were written. */
export interface Joined {
  readonly data: unknown
  /** The head, or a part of the ledger, is not what was written. */
  readonly damaged: readonly ('head' | 'ledger')[]
  readonly readable: readonly LedgerEntry[]
}

export function joinRecord(stored: { readonly head: unknown; readonly print: string; readonly entries: number }, chunks: readonly LedgerChunk[]): Joined {
  const headWhole = typeof stored.head === 'object' && stored.head !== null && printOf(stored.head) === stored.print
  const whole = chunks.filter(({ entries, print }) => Array.isArray(entries) && printOf(entries) === print)
  const readable = whole.flatMap(({ entries }) => entries)
  const ledgerWhole = whole.length === chunks.length && readable.length === stored.entries
  return { data: { ...(stored.head as object), ledger: readable }, damaged: [...(headWhole ? [] : (['head'] as const)), ...(ledgerWhole ? [] : (['ledger'] as const))], readable }
}
