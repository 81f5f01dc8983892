import type { z } from 'zod'
import type { Library } from '../catalogue'
import { stableText, issue, ok, type Issue, type Path, type Result } from '../kernel'
import { addedLedgerProblems, commonStart, type LedgerEntry } from '../ledger'
import type { Workspace } from '../workspace'
import { crossCheck } from './cross-checks'
import { fromZod } from './from-zod'
import { LARGEST_LEDGER, MOST } from './limits'
import { ENTRIES, OWN_ENTRIES, workspaceSchema } from './workspace-schema'

/** What is checked of a changed state: its parts as they will be read back, and what is wrong with them. */
interface Checked<T> {
  readonly value: T
  readonly issues: readonly Issue[]
}

/** A value as the reader gives it back; the same object where nothing is cleaned of it. */
function parsed<T>(schema: z.ZodType, value: T, path: Path): Checked<T> {
  const read = schema.safeParse(value, { reportInput: true })
  if (!read.success)
    return {
      value,
      issues: fromZod(read.error).map((one) => ({ ...one, path: [...path, ...one.path] }))
    }
  const cleaned = read.data as T
  return { value: stableText(cleaned) === stableText(value) ? value : cleaned, issues: [] }
}

/** A list of which only the entries are looked at that the former one does not have. */
function parsedList<T>(
  schema: z.ZodType,
  before: readonly T[] | undefined,
  list: readonly T[],
  most: number,
  path: Path
): Checked<readonly T[]> {
  if (list.length > most)
    return { value: list, issues: [issue('list.too-long', path, { limit: most })] }
  const same = commonStart(before ?? [], list)
  const known = new Set(before?.slice(same))
  const issues: Issue[] = []
  let cleaned: T[] | undefined
  list.slice(same).forEach((one, k) => {
    const i = same + k
    if (known.has(one)) return
    const read = parsed(schema, one, [...path, i])
    issues.push(...read.issues)
    if (read.value !== one) (cleaned ??= [...list])[i] = read.value
  })
  return { value: cleaned ?? list, issues }
}

/** Lists that stand at the top of a workspace; the ledger is looked at apart. */
const LISTS = (Object.keys(ENTRIES) as (keyof typeof ENTRIES)[]).filter((key) => key !== 'ledger')
const SINGLES = [
  'name',
  'asOf',
  'libraryVersion',
  'preferences',
  'money',
  'horizon',
  'time',
  'workshop'
] as const

function ledgerChecked(
  before: readonly LedgerEntry[],
  after: readonly LedgerEntry[]
): Checked<readonly LedgerEntry[]> {
  if (before === after) return { value: after, issues: [] }
  const read = parsedList(ENTRIES.ledger, before, after, MOST.ledger, ['ledger'])
  if (read.issues.length > 0) return read
  const { value } = read
  const issues = addedLedgerProblems(value, commonStart(before, value))
  const size = ledgerSize(value, before)
  return {
    value,
    issues:
      size > LARGEST_LEDGER
        ? [...issues, issue('ledger.too-large', ['ledger'], { size, limit: LARGEST_LEDGER })]
        : issues
  }
}
/** Shorter ledgers cannot come near the limit. */
const SHORT = 20_000
/** Characters an entry takes in a file besides its own texts, at most. */
const AROUND = 900
/** Sizes reckoned before: a ledger that grows need only have its end added. */
const sizes = new WeakMap<readonly LedgerEntry[], number>()
function ledgerSize(ledger: readonly LedgerEntry[], before: readonly LedgerEntry[]): number {
  if (ledger.length < SHORT) return 0
  const known = sizes.get(before)
  const from = known === undefined ? 0 : commonStart(before, ledger)
  let size = from === before.length ? (known ?? 0) : 0
  for (let i = size === 0 ? 0 : from; i < ledger.length; i++)
    size += AROUND + JSON.stringify(ledger[i]?.text ?? '').length
  sizes.set(ledger, size)
  return size
}

/**
 * **The door of changes**: checks a changed state as the reader would check it when it is next opened, so that nothing is kept that could
 * not be read. Only what differs from the former state, which has come through the same door, is looked at. Answers with the state as it
 * will be read back (names on one line, invisible marks taken out), or with what is wrong and where.
 */
export function checkChange(
  before: Workspace,
  after: Workspace,
  library: Library
): Result<Workspace> {
  const changed: { -readonly [K in keyof Workspace]?: unknown } = {}
  const issues: Issue[] = []
  const take = <T>(key: keyof Workspace, { value, issues: wrong }: Checked<T>): void => {
    issues.push(...wrong)
    if (value !== after[key]) changed[key] = value
  }
  for (const key of SINGLES)
    if (after[key] !== before[key]) take(key, parsed(workspaceSchema.shape[key], after[key], [key]))
  for (const key of LISTS) {
    const [was, is] = [before[key], after[key]]
    if (is !== undefined && is !== was)
      take(key, parsedList<unknown>(ENTRIES[key], was, is, MOST[key], [key]))
  }
  if (after.own !== before.own) take('own', ownChecked(before.own, after.own))
  take('ledger', ledgerChecked(before.ledger, after.ledger))
  if (issues.length > 0) return { ok: false, issues }
  const state = Object.keys(changed).length === 0 ? after : ({ ...after, ...changed } as Workspace)
  const crossed = crossCheck(state, library, true)
  return crossed.length > 0 ? { ok: false, issues: crossed } : ok(state)
}

function ownChecked(before: Workspace['own'], after: Workspace['own']): Checked<Workspace['own']> {
  const issues: Issue[] = []
  let value = after
  for (const key of Object.keys(OWN_ENTRIES) as (keyof typeof OWN_ENTRIES)[]) {
    if (after[key] === before[key]) continue
    const read = parsedList<unknown>(OWN_ENTRIES[key], before[key], after[key], MOST[key], [
      'own',
      key
    ])
    issues.push(...read.issues)
    if (read.value !== after[key]) value = { ...value, [key]: read.value }
  }
  return { value, issues }
}
