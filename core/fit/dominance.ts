import type { Companion, Library, Tool } from '../catalogue'
import { TOLERANCE } from '../kernel'
import type { Buyable } from './buyables'
import { TIED_SPECS, measuresUp, worksAsWell } from './kernel'

/** Tells which purchases another one makes needless, whatever they are wanted for. */
export interface Dominance {
  /** The list without purchases that another one in it replaces at no higher cost. */
  spared(candidates: readonly Buyable[]): Buyable[]
}

const companionKey = ({ anyOf, count, kind, operation }: Companion): string =>
  `${kind}|${operation ?? ''}|${count}|${[...anyOf].sort().join()}`

/** Places where a tool is named by its id: in other tools' companions. */
function mentions(library: Library): ReadonlyMap<string, ReadonlySet<string>> {
  const found = new Map<string, Set<string>>()
  for (const tool of library.data.tools)
    for (const companion of tool.companions) {
      if (companion.kind === 'advised') continue
      for (const id of companion.anyOf)
        found.set(id, (found.get(id) ?? new Set()).add(companionKey(companion)))
    }
  return found
}

/** Measures that have to be equal rather than large: what is tied to another tool, and what some rule limits from above. */
function equalSpecs(library: Library): ReadonlySet<string> {
  const capped = library.data.methods.flatMap(({ roles }) =>
    roles.flatMap(({ rules }) => rules.flatMap(({ is, spec }) => (is === 'atMost' ? [spec] : [])))
  )
  return new Set([...TIED_SPECS, ...capped])
}

const within = <T>(part: Iterable<T>, whole: ReadonlySet<T>): boolean => {
  for (const one of part) if (!whole.has(one)) return false
  return true
}

const known = new WeakMap<Library, Dominance>()

/**
 * A purchase replaces another when it plays at least the same roles, protects from as much, serves as a companion wherever the other
 * does, needs no more beside it, measures up to it in every capacity, is as exact and as quick, takes no more floor and costs no more.
 * Then no cheapest set has to be looked for among sets with the other.
 */
export function dominanceOf(library: Library): Dominance {
  const present = known.get(library)
  if (present) return present
  const mentioned = mentions(library)
  const equal = equalSpecs(library)
  const played = new Set(
    library.data.methods.flatMap((method) => method.roles.map(({ role }) => role))
  )
  const roles = new Map(library.data.tools.map((tool) => [tool.id, new Set(tool.roles)]))
  const needed = new Map(
    library.data.tools.map((tool) => [
      tool.id,
      new Set(tool.companions.filter(({ kind }) => kind !== 'advised').map(companionKey))
    ])
  )
  const none: ReadonlySet<string> = new Set()
  const verdicts = new Map<string, boolean>()

  const serves = (better: Tool, worse: Tool): boolean => {
    const key = `${better.id}|${worse.id}`
    const known = verdicts.get(key)
    if (known !== undefined) return known
    const verdict =
      within(
        worse.roles.filter((role) => played.has(role) || role === 'square'),
        roles.get(better.id) ?? none
      ) &&
      within(worse.protects, new Set(better.protects)) &&
      within(better.needs, new Set(worse.needs)) &&
      within(mentioned.get(worse.id) ?? none, mentioned.get(better.id) ?? none) &&
      within(needed.get(better.id) ?? none, needed.get(worse.id) ?? none) &&
      better.storedM2 <= worse.storedM2 + TOLERANCE
    verdicts.set(key, verdict)
    return verdict
  }
  const replaces = (better: Buyable, worse: Buyable): boolean =>
    better.entry.tool.id !== worse.entry.tool.id &&
    better.allIn + better.bother <= worse.allIn + worse.bother &&
    better.jig === undefined &&
    better.offer?.single !== true &&
    worksAsWell(better.entry, worse.entry) &&
    serves(better.entry.tool, worse.entry.tool) &&
    measuresUp(better.entry, worse.entry, equal, true)

  const dominance: Dominance = {
    spared(candidates) {
      if (candidates.length < 2) return [...candidates]
      // Of two that replace each other the earlier one stays.
      return candidates.filter(
        (worse, i) =>
          !candidates.some(
            (better, k) => k !== i && replaces(better, worse) && !(k > i && replaces(worse, better))
          )
      )
    }
  }
  known.set(library, dominance)
  return dominance
}
