import type { Library } from '../catalogue'
import { ok, refused, type Issue, type Path, type Result } from '../kernel'
import { freshWorkspace, splitPlan, type Plan, type Workspace } from '../workspace'
import { migrate, MIGRATIONS } from './migrations'
import { checkWorkspace, header } from './read'
import { ENTRIES, WORKSPACE_FORMAT, WORKSPACE_VERSION } from './workspace-schema'

/** A part that could not be read, with what is wrong with it: it is taken out of the state and kept as it stood. */
export interface SetAside {
  readonly path: Path
  readonly value: unknown
  readonly issue: Issue
}

/** What is left of a state once what cannot be read is set aside. */
export interface Salvaged {
  readonly workspace: Workspace
  readonly plan: Plan | undefined
  readonly aside: readonly SetAside[]
}

type Parent = Record<string | number, unknown>
const at = (data: unknown, path: Path): unknown =>
  path.reduce<unknown>((value, key) => (value as Parent | null | undefined)?.[key], data)
const isList = (value: unknown): value is unknown[] => Array.isArray(value)

/** What stands in the place of a part. `cut` leaves the first so many of a list or text. */
type Repair =
  | { readonly path: Path; readonly issue: Issue; readonly kind: 'out' }
  | { readonly path: Path; readonly issue: Issue; readonly kind: 'usual'; readonly value: unknown }
  | { readonly path: Path; readonly issue: Issue; readonly kind: 'cut'; readonly most: number }

/** More rounds than a state has levels, twice: each takes out everything found wrong by then. */
const ROUNDS = 40

/**
 * Reads a state that the reader refuses as far as it goes: of what is wrong the smallest part is set aside (a field that may be missing,
 * else the entry it stands in), settings without which nothing goes get their usual values, lists and texts that are too long are cut.
 * Never the whole, where only a part is wrong. Refused with what is wrong where nothing can be made of it.
 * @param id the workspace's id, where the state does not say it any more
 */
export function salvage(
  stored: unknown,
  library: Library,
  id: string,
  today: string
): Result<Salvaged> {
  const head = header(stored, WORKSPACE_FORMAT, WORKSPACE_VERSION)
  if (!head.ok) return head
  const migrated = migrate(
    head.value.data,
    head.value.version,
    WORKSPACE_VERSION,
    library,
    MIGRATIONS
  )
  if (!migrated.ok) return migrated
  const data = structuredClone(migrated.value)
  const usual = freshWorkspace(library, id, '?', 'EUR', today)
  const aside: SetAside[] = []
  const tried = new Set<string>()
  for (let round = 0; round < ROUNDS; round++) {
    const checked = checkWorkspace(data, library)
    if (checked.ok) return ok({ ...splitPlan(checked.value), aside })
    const repairs = checked.issues.flatMap((issue) => repairFor(data, usual, issue, tried) ?? [])
    if (repairs.length === 0) return checked
    for (const one of innermostLast(repairs)) mend(data, one, aside)
  }
  return refused(...aside.slice(-1).map(({ issue }) => issue))
}

/** What to do about a finding; undefined where only the whole could go. */
function repairFor(
  data: unknown,
  usual: Workspace,
  issue: Issue,
  tried: Set<string>
): Repair | undefined {
  const { path } = issue
  const most = Number(issue.figures.limit)
  const value = at(data, path)
  if (issue.code === 'list.too-long' && isList(value) && value.length > most)
    return { path, issue, kind: 'cut', most }
  if (issue.code === 'text.too-long' && typeof value === 'string' && value.length > most)
    return { path, issue, kind: 'cut', most }
  if (issue.code === 'id.duplicate') return { path: path.slice(0, -1), issue, kind: 'out' }
  return placeFor(data, usual, path, issue, tried)
}
function placeFor(
  data: unknown,
  usual: Workspace,
  path: Path,
  issue: Issue,
  tried: Set<string>
): Repair | undefined {
  const last = path.at(-1)
  if (last === undefined) return undefined
  const inList = path.some((key) => typeof key === 'number')
  const up = (): Repair | undefined => placeFor(data, usual, path.slice(0, -1), issue, tried)
  if (!inList) {
    const known = path.join('/')
    if (tried.has(known)) return up()
    tried.add(known)
    const value = at(usual, path)
    if (value !== undefined) return { path, issue, kind: 'usual', value }
  }
  if (at(data, path) === undefined || isNeeded(data, path)) return up()
  return { path, issue, kind: 'out' }
}

/** Whether an entry of a list cannot do without the field at a place: then the entry goes whole, as one thing. */
function isNeeded(data: unknown, path: Path): boolean {
  const [list, index, ...field] = path
  const schema = ENTRIES[list as keyof typeof ENTRIES]
  if (schema === undefined || typeof index !== 'number' || field.length === 0) return false
  const entry: unknown = structuredClone(at(data, [String(list), index]))
  const parent = at(entry, field.slice(0, -1))
  const last = field.at(-1) ?? ''
  if (isList(parent)) parent.splice(Number(last), 1)
  else delete (parent as Parent)[last]
  const read = schema.safeParse(entry)
  return !read.success && read.error.issues.some((one) => one.path.join('/') === field.join('/'))
}

/** Each place once, and of places within one another the outer one alone; later entries of a list first, so that the others stay where they are. */
function innermostLast(repairs: readonly Repair[]): Repair[] {
  const byPlace = new Map(repairs.map((one) => [one.path.join('/'), one]))
  const within = ({ path }: Repair): boolean =>
    path.some((_, length) => length > 0 && byPlace.has(path.slice(0, length).join('/')))
  return [...byPlace.values()].filter((one) => !within(one)).sort((a, b) => later(a.path, b.path))
}
function later(a: Path, b: Path): number {
  for (let i = 0; i < Math.max(a.length, b.length); i++) {
    const [one, other] = [a[i], b[i]]
    if (one === other) continue
    if (typeof one === 'number' && typeof other === 'number') return other - one
    return String(one ?? '') < String(other ?? '') ? 1 : -1
  }
  return 0
}

function mend(data: unknown, repair: Repair, aside: SetAside[]): void {
  const { path, issue } = repair
  const parent = at(data, path.slice(0, -1)) as Parent | undefined
  const last = path.at(-1)
  if (parent === undefined || last === undefined) return
  const value = parent[last]
  if (repair.kind === 'cut') {
    const list = value as string | unknown[]
    aside.push({ path, issue, value: isList(list) ? list.slice(repair.most) : list })
    parent[last] = list.slice(0, repair.most)
    return
  }
  if (value !== undefined) aside.push({ path, issue, value })
  if (repair.kind === 'usual') parent[last] = structuredClone(repair.value)
  else if (isList(parent)) parent.splice(Number(last), 1)
  else delete parent[last]
}
