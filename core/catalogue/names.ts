import { indexLibrary, type Library } from './library'
import { SEARCHED_SETS, type NameSet, type NameWord, type SearchedSet } from './name-types'

interface Table {
  readonly words: ReadonlyMap<string, string>
  readonly pattern: RegExp
}
const tables = new WeakMap<readonly NameWord[], Map<SearchedSet, Table | undefined>>()

/** The words of a set that differ, and what finds them; made once, since every name of the library goes through it. */
function tableOf(words: readonly NameWord[], set: SearchedSet): Table | undefined {
  const known = tables.get(words) ?? new Map<SearchedSet, Table | undefined>()
  tables.set(words, known)
  if (known.has(set)) return known.get(set)
  const entries =
    set === 'plain'
      ? []
      : words.flatMap((word) =>
          word[set] === undefined ? [] : [[word.plain.toLowerCase(), word[set]] as const]
        )
  const longestFirst = entries
    .map(([word]) => word)
    .sort((a, b) => b.length - a.length)
    .map((word) => word.replace(/[.*+?^${}()|[\]\\]/g, '\\$&'))
  const table =
    entries.length === 0
      ? undefined
      : {
          words: new Map(entries),
          pattern: new RegExp(`(?<![\\p{L}])(?:${longestFirst.join('|')})(?![\\p{L}])`, 'giu')
        }
  known.set(set, table)
  return table
}

/** Text in one national set of trade names: each word of the table is replaced whole, a capital at its start kept. */
export function inNames(text: string, words: readonly NameWord[], set: SearchedSet): string {
  const table = tableOf(words, set)
  if (!table) return text
  return text.replace(table.pattern, (found) => {
    const other = table.words.get(found.toLowerCase()) ?? found
    return found.charAt(0) === found.charAt(0).toUpperCase()
      ? other.charAt(0).toUpperCase() + other.slice(1)
      : other
  })
}

const renamed = new WeakMap<Library, Map<NameSet, Library>>()

/** A name as each of the sets has it: what a search has to look through. */
export const namesInAllSets = (library: Library, name: string): string[] => [
  ...new Set(SEARCHED_SETS.map((set) => inNames(name, library.data.names, set)))
]

/**
 * The library with its names in one national set. Ids do not change; the library's own names become aliases, so that a search finds
 * them. Entries of the workspace's own (`my/…`) keep the names their owner gave them.
 */
export function withNames(library: Library, set: NameSet): Library {
  if (set === 'plain') return library
  const known = renamed.get(library)?.get(set)
  if (known) return known
  const words = library.data.names
  const say = (text: string): string => inNames(text, words, set)
  const own = (id: string): boolean => id.startsWith('my/')
  const why = <T extends { readonly why?: string | undefined }>(entry: T): T =>
    entry.why === undefined ? entry : { ...entry, why: say(entry.why) }
  const named = <
    T extends {
      readonly id: string
      readonly name: string
      readonly aliases?: readonly string[] | undefined
    }
  >(
    entry: T
  ): T => {
    if (own(entry.id)) return entry
    const name = say(entry.name)
    return name === entry.name
      ? entry
      : {
          ...entry,
          name,
          aliases: [
            ...(entry.aliases ?? []),
            ...namesInAllSets(library, entry.name).filter((other) => other !== name)
          ]
        }
  }
  const next = indexLibrary({
    ...library.data,
    operations: library.data.operations.map(named),
    methods: library.data.methods.map((entry) =>
      own(entry.id) ? entry : why({ ...entry, name: say(entry.name) })
    ),
    tools: library.data.tools.map((entry) => {
      const tool = why(named(entry))
      const companions = tool.companions.map((companion) => ({
        ...companion,
        why: say(companion.why)
      }))
      return own(entry.id)
        ? entry
        : {
            ...tool,
            companions,
            ...(tool.caution === undefined ? {} : { caution: say(tool.caution) })
          }
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
  return wanted
    .trim()
    .toLowerCase()
    .split(/\s+/)
    .every((word) => text.includes(word))
}
