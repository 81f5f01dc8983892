import { textPrint } from '../../core/kernel'
import type { LedgerEntry } from '../../core/ledger'
import type { Workspace } from '../../core/workspace'

/** A workspace without its ledger. */
export type Head = Omit<Workspace, 'ledger'>

/** A stretch of a ledger. The ledger only grows, so that all but the last of them stay as they are. */
export interface LedgerChunk {
  readonly workspace: string
  readonly index: number
  /** The entries as JSON: read far more quickly than thousands of stored objects. */
  readonly text: string
  readonly print: string
}

/** Entries in a chunk: few enough that adding one writes little, many enough that opening reads few records. */
export const CHUNK = 256

export const printOf = (data: unknown): string => textPrint(JSON.stringify(data))

/**
 * What a program sets on a record it has checked: by this it knows the record again, and that it is as it was written, so that it need not
 * be checked once more at the next start. None where the program does not know which build it is; another build checks for itself.
 */
export const sealOf = (print: string, build: string | undefined): string | undefined =>
  build && textPrint(`${build} ${print}`)

export const chunkOf = (
  workspace: string,
  ledger: readonly LedgerEntry[],
  index: number
): LedgerChunk => {
  const text = JSON.stringify(ledger.slice(index * CHUNK, (index + 1) * CHUNK))
  return { workspace, index, text, print: textPrint(text) }
}
export const chunkCount = (entries: number): number => Math.ceil(entries / CHUNK)

export function splitRecord(workspace: Workspace): {
  readonly head: Head
  readonly print: string
  readonly entries: number
  readonly chunks: readonly LedgerChunk[]
} {
  const { ledger, ...head } = workspace
  return {
    head,
    print: printOf(head),
    entries: ledger.length,
    chunks: Array.from({ length: chunkCount(ledger.length) }, (_, index) =>
      chunkOf(workspace.id, ledger, index)
    )
  }
}

/** A workspace put together again, and whether its parts are as they were written. */
export interface Joined {
  readonly data: unknown
  /** The head, or a part of the ledger, is not what was written. */
  readonly damaged: readonly ('head' | 'ledger')[]
  readonly readable: readonly LedgerEntry[]
}

export function joinRecord(
  stored: { readonly head: unknown; readonly print: string; readonly entries: number },
  chunks: readonly LedgerChunk[]
): Joined {
  const headWhole =
    typeof stored.head === 'object' && stored.head !== null && printOf(stored.head) === stored.print
  const whole = chunks.filter(
    ({ text, print }) => typeof text === 'string' && textPrint(text) === print
  )
  const readable = whole.flatMap(({ text }) => JSON.parse(text) as LedgerEntry[])
  const ledgerWhole = whole.length === chunks.length && readable.length === stored.entries
  return {
    data: { ...(stored.head as object), ledger: readable },
    damaged: [
      ...(headWhole ? [] : (['head'] as const)),
      ...(ledgerWhole ? [] : (['ledger'] as const))
    ],
    readable
  }
}
