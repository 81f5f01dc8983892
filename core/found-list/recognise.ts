import MiniSearch from 'minisearch'
import { namesInAllSets, type Library, type Tool } from '../catalogue'
import { alike, allWordsOf, keysOf, pairsOf, shortened, wordsOf } from './words'
import { doesWorkOf } from './same-work'

/** What a line's name may mean. */
export type Recognised =
  | { readonly kind: 'sure'; readonly tool: string }
  /** To be asked: the likeliest first. */
  | { readonly kind: 'unsure'; readonly tools: readonly string[] }
  | { readonly kind: 'unknown' }

/** A tool with the words of each of its names. */
interface Named {
  readonly tool: Tool
  /** Its place in the library. */
  readonly place: number
  /** Of the library's own name: as a whole, and without what stands after a comma or "with". */
  readonly own: readonly (readonly string[])[]
  readonly texts: { readonly own: readonly string[]; readonly others: readonly string[] }
  readonly names: readonly (readonly string[])[]
}

/** Recognises tools of a library by what people write. */
export interface Recogniser {
  (name: string): Recognised
}

/** Candidates looked at closely. */
const CANDIDATES = 30
/** From here on a likeness counts as certain, or as worth asking about. */
const SURE = 0.78
const ASKED = 0.5
/** By so much the likeliest has to lead. */
const LEAD = 0.07
const OFFERED = 4
/** Names remembered at most. */
const REMEMBERED = 5000
/** What is less alike than the likeliest by more than this is not offered. */
const NEAR = 0.3

/** A name without its sizes and extras. */
const headOf = (name: string): string => name.split(/,| with | for | and /)[0] ?? name

const recognisers = new WeakMap<Library, Recogniser>()

/** The recogniser of a library; made once. */
export function recogniserOf(library: Library): Recogniser {
  const known = recognisers.get(library)
  if (known) return known
  const made = makeRecogniser(library)
  recognisers.set(library, made)
  return made
}

function makeRecogniser(library: Library): Recogniser {
  const all = [...library.tools.values()].map((tool, place): Named => {
    const own = [tool.name, headOf(tool.name)].flatMap((name) => namesInAllSets(library, name))
    const others = (tool.aliases ?? []).flatMap((name) => namesInAllSets(library, name))
    // A name that keeps one word of several says too little: "hand saw" is not any saw.
    const told = (texts: readonly string[]): string[][] =>
      texts
        .filter((text) => wordsOf(text).length > 1 || allWordsOf(text).length === 1)
        .map(wordsOf)
        .filter((words) => words.length > 0)
    return { tool, place, own: told(own), names: told([...own, ...others]), texts: { own, others } }
  })
  const byId = new Map(all.map((one) => [one.tool.id, one]))
  const exactly = exactNames(all)
  const timber = new Set(library.data.materials.flatMap(({ name }) => keysOf(headOf(name))))
  const vocabulary = new Set(all.flatMap(({ names }) => names.flat()))
  const search = new MiniSearch({
    fields: ['words'],
    tokenize: (text) => text.split(' '),
    searchOptions: { fuzzy: 0.25, prefix: true }
  })
  search.addAll(
    all.map(({ tool, names }) => ({
      id: tool.id,
      words: [...new Set([...names.flat(), ...names.map((words) => words.join(''))])].join(' ')
    }))
  )
  const recognise: Recogniser = (name) => {
    const same = keysOf(name)
      .map((key) => exactly.get(key) ?? [])
      .find((list) => list.length > 0)
    const named = same?.filter((one) => one.own) ?? []
    const exact = (named.length > 0 ? named : (same ?? [])).map(({ tool }) => tool)
    if (exact[0] && exact.every((tool) => sharesWork(exact[0]!, tool)))
      return { kind: 'sure', tool: exact[0].id }
    // Timber, glue and finish are counted with the builds.
    if (keysOf(name).some((key) => timber.has(key))) return { kind: 'unknown' }
    const asked = wordsOf(name)
    if (asked.length === 0)
      return exact.length > 0
        ? { kind: 'unsure', tools: exact.slice(0, OFFERED).map(({ id }) => id) }
        : { kind: 'unknown' }
    const hits = search.search([...asked, ...pairsOf(asked)].join(' ')).slice(0, CANDIDATES)
    const scored = hits
      .flatMap(({ id }) => byId.get(String(id)) ?? [])
      .map((one) => ({
        tool: one.tool,
        place: one.place,
        score: likeness(asked, one, vocabulary) + (endsAlike(asked, one) ? ENDS_ALIKE : 0)
      }))
      .filter(({ score }) => score >= ASKED)
      .sort((a, b) => b.score - a.score)
    // One word that stands in the names of many tools is a family of them.
    const family = asked.length === 1 && common(asked[0] ?? '', all)
    return judged(scored, family)
  }
  // A list is read anew at every key; most of its lines are the same.
  const answers = new Map<string, Recognised>()
  return (name) => {
    const before = answers.get(name)
    if (before) return before
    const answer = recognise(name)
    if (answers.size < REMEMBERED) answers.set(name, answer)
    return answer
  }
}

/** Tools by each of their names written as one word, in the order of the library. */
function exactNames(
  all: readonly Named[]
): ReadonlyMap<string, readonly { readonly tool: Tool; readonly own: boolean }[]> {
  const found = new Map<string, { readonly tool: Tool; readonly own: boolean }[]>()
  for (const { tool, texts } of all)
    for (const [own, list] of [
      [true, texts.own],
      [false, texts.others]
    ] as const)
      for (const key of new Set(list.flatMap(keysOf))) {
        // "Cramp" or "grinder" alone may be any of them.
        if (key === '' || (!own && common(key, all))) continue
        const here = found.get(key) ?? []
        if (!here.some((one) => one.tool === tool)) found.set(key, [...here, { tool, own }])
      }
  return found
}

/** What the likeliest tools come to: sure where one leads; where those beside it do the same work, the one that stands first in the library, its usual size. */
function judged(
  scored: readonly { readonly tool: Tool; readonly score: number; readonly place: number }[],
  family: boolean
): Recognised {
  const [first] = scored
  if (!first) return { kind: 'unknown' }
  const rivals = scored.filter(({ score }) => score > first.score - LEAD)
  const sameWork = rivals.every(({ tool }) => sharesWork(first.tool, tool))
  if (!family && first.score >= SURE && (rivals.length === 1 || sameWork))
    return { kind: 'sure', tool: rivals.reduce((a, b) => (b.place < a.place ? b : a)).tool.id }
  const likely = scored.filter(({ score }) => score > first.score - NEAR)
  return { kind: 'unsure', tools: likely.slice(0, OFFERED).map(({ tool }) => tool.id) }
}

/** Whether one of two tools does all that the other does. */
const sharesWork = (a: Tool, b: Tool): boolean => a === b || doesWorkOf(a, b) || doesWorkOf(b, a)

/** A trim router is a router; a router table is none. */
const ENDS_ALIKE = 0.03
const endsAlike = (asked: readonly string[], { own }: Named): boolean =>
  own.some((words) => words.at(-1) === asked.at(-1))

/** Tools in whose names a word makes it a word for a family. */
const FAMILY = 3
const common = (word: string, all: readonly Named[]): boolean =>
  all.filter(({ names }) => names.some((words) => words.includes(word))).length > FAMILY

/**
 * How alike what was written and a tool's names are, from 0 to 1: how much of its best name is there, and how much of what was written
 * stands in any of its names. Words no tool has, a maker's or a remark's, count little.
 */
function likeness(
  asked: readonly string[],
  { names }: Named,
  vocabulary: ReadonlySet<string>
): number {
  const every = [...new Set(names.flat())]
  const best = (word: string, among: readonly string[]): number =>
    among.reduce((most, other) => Math.max(most, alike(word, other), shortened(word, other)), 0)
  const joined = asked.join('')
  let name = 0
  for (const words of names) {
    const there = words.reduce((sum, word) => sum + best(word, asked), 0) / words.length
    const whole = words.join('')
    name = Math.max(name, there, joined.length >= 6 ? alike(joined, whole) : 0)
    for (const word of [...asked, ...pairsOf(asked)])
      if (word.length >= 6) name = Math.max(name, alike(word, whole))
  }
  let [said, weight] = [0, 0]
  for (const word of asked) {
    const here = best(word, every)
    const known = here > 0 || vocabulary.has(word)
    said += here
    weight += known ? 1 : 0.25
  }
  const written = weight === 0 ? 0 : Math.max(said / weight, alike(joined, every.join('')))
  return (
    0.55 * name + 0.45 * Math.min(1, Math.max(written, name === 1 && asked.length === 1 ? 1 : 0))
  )
}
