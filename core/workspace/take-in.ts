import { stableText } from '../kernel'
import type { LedgerEntry } from '../ledger'
import type { Quote } from '../prices'
import type { Item, Workspace } from './types'

/** Rows of a file put into a workspace, and what of them was there already. */
export interface TakenIn {
  readonly workspace: Workspace
  readonly alreadyThere: number
}

function byId<T extends { readonly id: string }>(
  present: readonly T[],
  rows: readonly T[]
): { list: readonly T[]; alreadyThere: number } {
  const incoming = new Map(rows.map((row) => [row.id, row]))
  let alreadyThere = 0
  const list = present.map((one) => {
    const next = incoming.get(one.id)
    incoming.delete(one.id)
    if (next === undefined) return one
    if (stableText(next) === stableText(one)) alreadyThere += 1
    else return next
    return one
  })
  return { list: [...list, ...incoming.values()], alreadyThere }
}

/** Tools of a file: those with a known id take the place of the ones here, the others are added. */
export function takeInItems(workspace: Workspace, rows: readonly Item[]): TakenIn {
  const { list, alreadyThere } = byId(workspace.items, rows)
  return { workspace: { ...workspace, items: list }, alreadyThere }
}

export function takeInQuotes(workspace: Workspace, rows: readonly Quote[]): TakenIn {
  const { list, alreadyThere } = byId(workspace.quotes, rows)
  return { workspace: { ...workspace, quotes: list }, alreadyThere }
}

/**
 * Entries of a file. The ledger only grows: what is here already, by id or by date, amount and text, is left out; an id that stands here
 * for something else is named and left out too.
 */
export function takeInEntries(
  workspace: Workspace,
  rows: readonly LedgerEntry[]
): TakenIn & { readonly conflicts: readonly LedgerEntry[] } {
  const here = new Map(workspace.ledger.map((entry) => [entry.id, entry]))
  const content = ({ date, amount, text }: LedgerEntry): string =>
    `${date}|${amount}|${text.toLowerCase()}`
  const said = new Map<string, number>()
  for (const entry of workspace.ledger)
    said.set(content(entry), (said.get(content(entry)) ?? 0) + 1)
  const reversed = new Set(workspace.ledger.flatMap(({ reverses }) => reverses ?? []))
  const conflicts: LedgerEntry[] = []
  const added: LedgerEntry[] = []
  let alreadyThere = 0
  for (const row of rows) {
    const own = here.get(row.id)
    const left = said.get(content(row)) ?? 0
    if (own) {
      if (stableText(own) === stableText(row)) alreadyThere += 1
      else conflicts.push(row)
    } else if (left > 0) {
      said.set(content(row), left - 1)
      alreadyThere += 1
    } else if (row.reverses !== undefined && reversed.has(row.reverses)) alreadyThere += 1
    else {
      here.set(row.id, row)
      if (row.reverses !== undefined) reversed.add(row.reverses)
      added.push(row)
    }
  }
  return {
    workspace:
      added.length === 0 ? workspace : { ...workspace, ledger: [...workspace.ledger, ...added] },
    alreadyThere,
    conflicts
  }
}
