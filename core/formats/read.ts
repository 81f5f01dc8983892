import { companionCircles, withOwn, type Library } from '../catalogue'
import { issue, ok, refused, type Issue, type Path, type Result } from '../kernel'
import type { LedgerEntry } from '../ledger'
import {
  partsToPutBack,
  splitPlan,
  withSections,
  type Plan,
  type Workspace,
  type WorkspaceFile
} from '../workspace'
import { crossCheck } from './cross-checks'
import { fromZod } from './from-zod'
import { parseJson, type ParsedJson } from './json'
import { migrate, MIGRATIONS, type Migration } from './migrations'
import { WORKSPACE_FORMAT, WORKSPACE_VERSION, workspaceSchema } from './workspace-schema'
import { PLAN_FORMAT, PLAN_VERSION, planSchema } from './plan-schema'

/** At most this many problems of a refused file are listed. */
export const MOST_PROBLEMS = 20

export interface ReadWorkspace {
  readonly workspace: Workspace
  /** The plan the file holds. */
  readonly plan: Plan | undefined
  /** Things the reader changed and says so: an older version brought up to date, invisible marks taken out of names. */
  readonly notes: readonly Issue[]
}

/** The first twenty problems, each with its line, and how many more there are. */
function listed(problems: readonly Issue[], parsed: ParsedJson): Issue[] {
  const shown = problems
    .slice(0, MOST_PROBLEMS)
    .map((one) => ({ ...one, figures: { ...one.figures, line: parsed.lineOf(one.path) } }))
  return problems.length > MOST_PROBLEMS
    ? [...shown, issue('file.more-problems', [], { more: problems.length - MOST_PROBLEMS })]
    : shown
}

const isRecord = (data: unknown): data is Record<string, unknown> =>
  typeof data === 'object' && data !== null && !Array.isArray(data)

/** Checks format and version; older versions are to be migrated, newer ones refused. */
export function header(
  data: unknown,
  format: string,
  version: number
): Result<{ data: Record<string, unknown>; version: number }> {
  if (!isRecord(data)) return refused(issue('file.not-this-format', [], { expected: format }))
  if (data.format !== format)
    return refused(
      issue('file.not-this-format', ['format'], {
        expected: format,
        found: typeof data.format === 'string' ? data.format.slice(0, 60) : 'nothing'
      })
    )
  if (typeof data.version !== 'number' || !Number.isInteger(data.version))
    return refused(issue('file.no-version', ['version']))
  if (data.version > version)
    return refused(issue('file.newer', ['version'], { found: data.version, known: version }))
  return ok({ data, version: data.version })
}

const countInvisible = (before: unknown, after: unknown): number => {
  if (typeof before === 'string')
    return typeof after === 'string' && before.normalize('NFC') !== after ? 1 : 0
  if (Array.isArray(before))
    return before.reduce(
      (sum: number, value, index) =>
        sum + countInvisible(value, (after as unknown[] | undefined)?.[index]),
      0
    )
  if (isRecord(before))
    return Object.keys(before).reduce(
      (sum, key) =>
        sum + countInvisible(before[key], (after as Record<string, unknown> | undefined)?.[key]),
      0
    )
  return 0
}

/**
 * Reads a workspace file. Refused with all problems at once (up to twenty), each with path and line; what is accepted has passed the
 * shape and every cross-reference.
 * @param migrations steps from older versions; a test passes its own
 */
export function readWorkspace(
  text: string,
  library: Library,
  migrations: readonly Migration[] = MIGRATIONS
): Result<ReadWorkspace> {
  const parsed = parseJson(text)
  if (!parsed.ok) return parsed
  const read = readKept(parsed.value.data, library, migrations)
  return read.ok ? read : { ok: false, issues: listed(read.issues, parsed.value) }
}

/**
 * The same for a workspace the browser has kept whose parts are, by their prints, what was written: a ledger of the present version was
 * checked entry by entry when it came in, and is not checked again. Everything else is.
 */
export function readProven(
  data: { readonly ledger: readonly LedgerEntry[]; readonly version?: unknown },
  library: Library
): Result<ReadWorkspace> {
  if (data.version !== WORKSPACE_VERSION) return readKept(data, library)
  const shape = checkShape({ ...data, ledger: [] })
  if (!shape.ok) return shape
  const whole: WorkspaceFile = { ...shape.value, ledger: data.ledger }
  const { workspace, plan } = splitPlan(whole)
  const problems = crossCheck(whole, library, true)
  return problems.length > 0
    ? { ok: false, issues: problems }
    : ok({
        workspace,
        plan,
        notes:
          workspace.libraryVersion === library.version
            ? []
            : [
                issue('file.other-library', [], {
                  made: workspace.libraryVersion,
                  now: library.version
                })
              ]
      })
}

/** The same for data that is parsed already, such as what the browser has kept: older versions are brought up to date. */
export function readKept(
  data: unknown,
  library: Library,
  migrations: readonly Migration[] = MIGRATIONS
): Result<ReadWorkspace> {
  const head = header(data, WORKSPACE_FORMAT, WORKSPACE_VERSION)
  if (!head.ok) return head
  const migrated = migrate(
    head.value.data,
    head.value.version,
    WORKSPACE_VERSION,
    library,
    migrations
  )
  if (!migrated.ok) return migrated
  const checked = checkWorkspace(migrated.value, library)
  if (!checked.ok) return checked
  const notes: Issue[] = []
  if (head.value.version < WORKSPACE_VERSION)
    notes.push(issue('file.migrated', [], { from: head.value.version, to: WORKSPACE_VERSION }))
  const cleaned = countInvisible(migrated.value, checked.value)
  if (cleaned > 0) notes.push(issue('file.cleaned', [], { count: cleaned }))
  if (checked.value.libraryVersion !== library.version)
    notes.push(
      issue('file.other-library', [], { made: checked.value.libraryVersion, now: library.version })
    )
  notes.push(...companionCircles(withOwn(library, checked.value.own), checked.value.own))
  return ok({ ...splitPlan(checked.value), notes })
}

/** Where a field of the name that JavaScript takes for an object's prototype stands; the schema library passes it over in silence. */
function prototypeAt(data: unknown, path: Path = []): Path | undefined {
  if (typeof data !== 'object' || data === null) return undefined
  if (!Array.isArray(data) && Object.hasOwn(data, '__proto__')) return [...path, '__proto__']
  for (const [key, value] of Object.entries(data)) {
    if (typeof value !== 'object' || value === null) continue
    const found = prototypeAt(value, [...path, Array.isArray(data) ? Number(key) : key])
    if (found) return found
  }
  return undefined
}

/** Checks the shape alone, as the published JSON Schema does. */
export function checkShape(data: unknown): Result<WorkspaceFile> {
  const foreign = prototypeAt(data)
  if (foreign) return refused(issue('field.unknown', foreign, { field: '__proto__' }))
  const shape = workspaceSchema.safeParse(data, { reportInput: true })
  return shape.success ? ok(shape.data) : { ok: false, issues: fromZod(shape.error) }
}

/** Checks data that is already parsed, such as what the browser has kept. */
export function checkWorkspace(data: unknown, library: Library): Result<WorkspaceFile> {
  const shape = checkShape(data)
  if (!shape.ok) return shape
  const workspace = shape.value
  const problems = crossCheck(workspace, library)
  return problems.length > 0 ? { ok: false, issues: problems } : ok(workspace)
}

/**
 * Checks a state that was merged from two. What one side took out and the other still refers to is put back from whichever has it.
 * @param sides the states it was merged from
 */
export function checkMerged(
  merged: Workspace,
  sides: readonly Workspace[],
  library: Library
): Result<{ readonly workspace: Workspace; readonly putBack: readonly string[] }> {
  const putBack: string[] = []
  let state = merged
  for (;;) {
    const problems = crossCheck(state, library)
    if (problems.length === 0) return ok({ workspace: state, putBack })
    const missing = problems
      .filter(({ code }) => code.startsWith('unknown.'))
      .map(({ code, figures }) => ({ kind: code.slice('unknown.'.length), id: String(figures.id) }))
    const parts = [...partsToPutBack(sides, missing)].filter(([key]) => !putBack.includes(key))
    if (parts.length === 0) return { ok: false, issues: problems }
    putBack.push(...parts.map(([key]) => key))
    state = withSections(state, new Map(parts))
  }
}

/** A plan the browser has kept; undefined where it cannot be read: it is made anew. */
export function readKeptPlan(data: unknown): Plan | undefined {
  const shape = planSchema.safeParse(data)
  return shape.success ? shape.data : undefined
}

/** Reads a plan file; what its ids refer to is the evaluator's business. */
export function readPlan(text: string): Result<Plan> {
  const parsed = parseJson(text)
  if (!parsed.ok) return parsed
  const data =
    isRecord(parsed.value.data) &&
    isRecord(parsed.value.data.plan) &&
    parsed.value.data.format === undefined
      ? parsed.value.data.plan
      : parsed.value.data
  const head = header(data, PLAN_FORMAT, PLAN_VERSION)
  if (!head.ok) return { ok: false, issues: listed(head.issues, parsed.value) }
  const shape = planSchema.safeParse(data, { reportInput: true })
  if (!shape.success) return { ok: false, issues: listed(fromZod(shape.error), parsed.value) }
  return ok(shape.data)
}

export const pathText = (path: Path): string =>
  path
    .map((part) => (typeof part === 'number' ? `[${part}]` : `.${part}`))
    .join('')
    .replace(/^\./, '')
