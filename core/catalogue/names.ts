import { indexLibrary, type Library } from './library'
import { NAME_SETS, type NameSet, type NameWord } from './types'

/** Text in one national set of trade names: each word of the table is replaced whole, a capital at its start kept. */
export function inNames(text: string, words: readonly NameWord[], set: NameSet): string {
  if (set === 'plain') return text
  const table = new Map(words.flatMap((word) => (word[set] === undefined ? [] : [[word.plain.toLowerCase(), word[set]] as const])))
  if (table.size === 0) return text
  const longestFirst = [...table.keys()].sort((a, b) => b.length - a.length).map((word) => word.replace(/[.*+?^${}()|[\]\\]/g, '\\$&'))
  return text.replace(new RegExp(`(?<![\\p{L}])(?:${longestFirst.join('|')})(?![\\p{L}])`, 'giu'), (found) => {
    const other = table.get(found.toLowerCase()) ?? found
    return found.charAt(0) === found.charAt(0).toUpperCase() ? other.charAt(0).toUpperCase() + other.slice(1) : other
  })
}

const renamed = new WeakMap<Library, Map<NameSet, Library>>()

/**
 * The library with its names in one national set. Ids do not change; the names of the other sets become aliases, so that a search
 * finds all of them. Entries of the workspace's own (`my/…`) keep the names their owner gave them.
 */
export function withNames(library: Library, set: NameSet): Library {
  const known = renamed.get(library)?.get(set)
  if (known) return known
  const words = library.data.names
  const say = (text: string): string => inNames(text, words, set)
  const own = (id: string): boolean => id.startsWith('my/')
  const why = <T extends { readonly why?: string | undefined }>(entry: T): T => (entry.why === undefined ? entry : { ...entry, why: say(entry.why) })
  const named = <T extends { readonly id: string; readonly name: string; readonly aliases?: readonly string[] | undefined }>(entry: T): T => {
    if (own(entry.id)) return entry
    const name = say(entry.name)
    const others = NAME_SETS.map((other) => inNames(entry.name, words, other)).filter((other) => other !== name)
    return { ...entry, name, aliases: [...new Set([...(entry.aliases ?? []), ...others])] }
  }
  const next = indexLibrary({
    ...library.data,
    operations: library.data.operations.map(named),
    methods: library.data.methods.map((entry) => (own(entry.id) ? entry : why({ ...entry, name: say(entry.name) }))),
    tools: library.data.tools.map((entry) => {
      const tool = why(named(entry))
      const companions = tool.companions.map((companion) => ({ ...companion, why: say(companion.why) }))
      return own(entry.id) ? entry : { ...tool, companions, ...(tool.caution === undefined ? {} : { caution: say(tool.caution) }) }
    }),
    templates: library.data.templates.map((entry) => why({ ...entry, name: say(entry.name) }))
  })
  const sets = renamed.get(library) ?? new Map<NameSet, Library>()
  sets.set(set, next)
  renamed.set(library, sets)
  return next
}

/** Whether a name or one of its aliases holds the words looked for, in any order and any set of names. */
export function matchesSearch(wanted: string, ...texts: readonly string[]): boolean {
  const text = texts.join(' ').toLowerCase()
  return wanted.trim().toLowerCase().split(/\s+/).every((word) => text.includes(word))
}
