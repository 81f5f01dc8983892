import { issue, type Issue } from '../kernel'
import { checkLibrary } from './check'
import { circlesOf } from './circles'
import { withOwn, type Library, type OwnEntries } from './library'
import type { Specs, Tool } from './types'
import type { Method } from './method-types'

/** A word for an id: letters and digits of the name, joined by dashes. */
const slug = (name: string): string =>
  name
    .toLowerCase()
    .normalize('NFD')
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '')
    .slice(0, 60) || 'tool'

/** An id under `my/` that is not taken. */
export function ownId(name: string, taken: (id: string) => boolean): string {
  const base = `my/${slug(name)}`
  for (let i = 1; ; i++) {
    const id = i === 1 ? base : `${base}-${i}`
    if (!taken(id)) return id
  }
}

/**
 * A tool of the user's own that works like one of the library: the same roles, companions, protection and hazard, with a name,
 * measures and a price of its own.
 * @param points price in index points, weekend tier
 */
export const toolLike = (
  base: Tool,
  id: string,
  name: string,
  specs: Specs,
  points: number
): Tool => {
  const { madeBy: _madeBy, tierSpecs: _tierSpecs, why: _why, ...rest } = base
  const form = base.forms[0] ?? { power: 'hand' as const, points }
  return {
    ...rest,
    id,
    name,
    aliases: [],
    group: base.group === 'shop-made' ? 'accessories' : base.group,
    specs: { ...base.specs, ...specs },
    forms: [{ ...form, points }]
  }
}

type MethodDefaults = Pick<
  Method,
  'operation' | 'hazard' | 'soundDbA' | 'dust' | 'surface' | 'form' | 'marked'
>

/**
 * Hazard, noise, dust and the like of a new way to do an operation with a leading tool: those of the most dangerous of the library's
 * ways with it, else what the tool itself says. Limits and ties of that way stay its own.
 */
export function methodDefaults(
  library: Library,
  operation: string,
  lead: Tool | undefined
): MethodDefaults {
  const [kin] = (library.methodsFor.get(operation) ?? [])
    .filter(({ roles }) => roles[0] !== undefined && lead?.roles.includes(roles[0].role))
    .sort((a, b) => (b.hazard?.level ?? 0) - (a.hazard?.level ?? 0))
  if (kin)
    return {
      operation,
      hazard: kin.hazard,
      soundDbA: kin.soundDbA,
      dust: kin.dust,
      surface: kin.surface,
      form: kin.form,
      marked: kin.marked
    }
  return {
    operation,
    hazard: lead?.hazard ? { kind: lead.hazard, level: 2 } : null,
    soundDbA: lead?.soundDbA ?? QUIET_DBA,
    dust: lead?.hazard ? 'coarse' : 'none',
    surface: 'clean',
    form: 'hand',
    marked: true
  }
}
/** Work by hand, dB(A); common practice. */
const QUIET_DBA = 65

/** A method of the user's own: its name, tools, times and error. */
export interface OwnMethod {
  readonly id: string
  readonly name: string
  readonly tools: readonly Tool[]
  /** Minutes a batch. */
  readonly setupMinutes: number
  /** Minutes a unit. */
  readonly runMinutes: number
  readonly accuracyMm: number
}
/** A method of the user's own. Each tool plays its first role. */
export const methodWith = (defaults: MethodDefaults, { tools, ...own }: OwnMethod): Method => ({
  ...defaults,
  ...own,
  roles: tools.flatMap(({ roles }) =>
    roles[0] === undefined ? [] : [{ role: roles[0], count: 1, rules: [] }]
  )
})

/** What the checks of the library find wrong with the user's own entries laid over it, beyond what it had before. */
export function checkOwn(library: Library, own: OwnEntries): Issue[] {
  const before = new Set(checkLibrary(library).map(({ code, path }) => `${code}|${path.join('/')}`))
  return checkLibrary(withOwn(library, own)).filter(
    ({ code, path }) => !before.has(`${code}|${path.join('/')}`)
  )
}

/**
 * Own tools that need each other in a circle, with no other choice: each pair once. Legal, and worth saying. Tools and needs are each
 * gone through a few times, however they branch (strongly connected components after Tarjan, 1972, walked with a stack of our own).
 */
export function companionCircles(library: Library, own: Pick<OwnEntries, 'tools'>): Issue[] {
  const onlyNeeds = (id: string): string[] =>
    (library.tools.get(id)?.companions ?? []).flatMap(({ kind, anyOf }) =>
      kind === 'needed' && anyOf.length === 1 ? anyOf : []
    )
  const circle = circlesOf(
    own.tools.map(({ id }) => id),
    onlyNeeds
  )
  const said = new Set<string>()
  return own.tools.flatMap(({ id }) =>
    onlyNeeds(id).flatMap((other) => {
      const key = [id, other].sort().join('|')
      const mutual = other === id || circle.get(id) === circle.get(other)
      if (said.has(key) || !mutual) return []
      said.add(key)
      return [issue('own.companion-circle', ['own', 'tools'], { tool: id, other })]
    })
  )
}
