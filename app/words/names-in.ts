import type { CardKind } from '../../core/cards'
import type { Library } from '../../core/catalogue'

/** A stretch of a sentence: a name that has a card, or what stands between names. */
export interface Stretch {
  readonly text: string
  readonly card?: { readonly kind: CardKind; readonly id: string }
}

interface Name {
  /** In small letters. */
  readonly text: string
  readonly card: { readonly kind: CardKind; readonly id: string }
}

const WORD = /[\p{L}\p{N}][\p{L}\p{N}-]*/gu
const PART_OF_WORD = /[\p{L}\p{N}]/u
/** Names that are also words people use for something else in these pages. */
const ALSO_WORDS = new Set(['files', 'feilen'])

const firstWord = (text: string): string => text.match(WORD)?.[0] ?? ''
const known = new WeakMap<Library, ReadonlyMap<string, readonly Name[]>>()

/** All names of a library by their first word, the longest first; a short name that several tools share is that of the first of them. */
function namesOf(library: Library): ReadonlyMap<string, readonly Name[]> {
  const present = known.get(library)
  if (present) return present
  const seen = new Set<string>()
  const byWord = new Map<string, Name[]>()
  const put = (name: string, kind: CardKind, id: string): void => {
    const text = name.toLowerCase()
    if (text === '' || seen.has(text) || ALSO_WORDS.has(text)) return
    seen.add(text)
    const word = firstWord(text)
    byWord.set(word, [...(byWord.get(word) ?? []), { text, card: { kind, id } }])
  }
  for (const { id, name } of library.tools.values()) put(name, 'tool', id)
  for (const { id, name } of library.tools.values()) put(name.split(',')[0] ?? '', 'tool', id)
  for (const { id, name } of library.materials.values()) put(name, 'material', id)
  for (const list of byWord.values()) list.sort((a, b) => b.text.length - a.text.length)
  known.set(library, byWord)
  return byWord
}

/** How far a name reaches from a place in a text; with the s of the plural; 0 where it does not stand there. */
function reachOf(lower: string, at: number, { text }: Name): number {
  if (!lower.startsWith(text, at)) return 0
  const end = at + text.length
  const rest = lower[end] === 's' ? end + 1 : end
  return PART_OF_WORD.test(lower[rest] ?? ' ') ? 0 : rest - at
}

/** A sentence in stretches, so that each name of a tool or a material in it can be pressed. */
export function namesIn(library: Library, text: string): readonly Stretch[] {
  const names = namesOf(library)
  const lower = text.toLowerCase()
  const found: Stretch[] = []
  let from = 0
  for (const { 0: word, index } of lower.matchAll(WORD)) {
    if (index < from) continue
    const candidates = names.get(word) ?? names.get(word.replace(/s$/, '')) ?? []
    for (const name of candidates) {
      const reach = reachOf(lower, index, name)
      if (reach === 0) continue
      if (index > from) found.push({ text: text.slice(from, index) })
      found.push({ text: text.slice(index, index + reach), card: name.card })
      from = index + reach
      break
    }
  }
  if (from < text.length) found.push({ text: text.slice(from) })
  return found
}
