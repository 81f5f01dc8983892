import slipsBetween from 'damerau-levenshtein'

/** Words that tell nothing about which tool it is. */
const EMPTY_WORDS = new Set(
  (
    'a an the of for with and or to in on my your some any good great decent cheap quality basic simple solid proper small big large ' +
    'set sets pair pairs kit couple few several assorted various one two three four five six eight ten dozen first new used old second ' +
    'hand tool tools machine woodworking wood woodworker heavy duty standard size sized full compact mini professional pro starter ' +
    'beginner corded cordless electric battery powered bare body only needed optional must have nice maybe also extra least inch inches ' +
    'mm cm ft foot volt volts v ah amp teeth tooth grit piece pieces pc pcs pack quick qty each ' +
    'der die das ein eine mit und oder für stück satz set'
  ).split(' ')
)
/** What a word is written as in one way; spellings of other countries, common practice. */
const SPELLINGS: readonly (readonly [RegExp, string])[] = [
  [/^vises?$/, 'vice'],
  [/^mit(?:er|re)(?:s|ing|ed)?$/, 'mitre'],
  [/^rabbet(?:s|ing)?$/, 'rebate'],
  [/^mort(?:ice|ise|icing|ising|icer|iser)s?$/, 'mortise'],
  [/^plows?$/, 'plough'],
  [/^cramps?$/, 'clamp'],
  [/^(?:center|centre)s?$/, 'centre'],
  [/^centering$/, 'centring'],
  [/^moulding$/, 'molding'],
  [/^calliper?s?$/, 'caliper'],
  [/^calipers$/, 'caliper'],
  [/^aluminum$/, 'aluminium'],
  [/^grey$/, 'gray'],
  [/^specs$/, 'glass'],
  [/^spectacles$/, 'glass'],
  [/^glasses$/, 'glass'],
  [/^goggles?$/, 'goggle'],
  [/^dowell?ing$/, 'dowel'],
  [/^routers?$/, 'router'],
  [/^knives$/, 'knife'],
  [/^vac(?:cuum|uum)?s?$/, 'vacuum'],
  [/^hoover$/, 'vacuum'],
  [/^sandpapers?$/, 'sandpaper'],
  [/^muffs?$/, 'muff'],
  [/^(?:defender|protector)s?$/, 'defender'],
  [/^saws?$/, 'saw']
]

/** A word in its plainest form. */
function plainWord(word: string): string {
  for (const [pattern, plain] of SPELLINGS) if (pattern.test(word)) return plain
  if (/(?:ss|us|is)$/.test(word) || word.length < 4) return word
  if (/(?:ch|sh|x|z)es$/.test(word)) return word.slice(0, -2)
  return word.endsWith('s') ? word.slice(0, -1) : word
}

/** All words of a text without figures and sizes. */
export const allWordsOf = (text: string): string[] =>
  text
    .toLowerCase()
    .normalize('NFD')
    .replace(/\p{Mark}/gu, '')
    .replace(/[’'`]/g, '')
    .split(/[^\p{Letter}\p{Number}]+/u)
    .filter((word) => /\p{Letter}/u.test(word) && !/^\d/.test(word))

/** Words of a text that may tell which tool it is, in their plainest forms. */
export const wordsOf = (text: string): string[] =>
  allWordsOf(text)
    .filter((word) => word.length > 1 || word === 'f' || word === 'g' || word === 'c')
    .filter((word) => !EMPTY_WORDS.has(word))
    .map(plainWord)

/** Words around a name that are no part of it. */
const REMARKS = new Set(
  (
    'a an the of for with w and or to my your some any good great decent cheap quality basic solid proper couple few assorted used old ' +
    'new first second one two three four set sets pair pairs kit pcs pc piece pieces pack qty each inch in mm cm m ft v volt optional ' +
    'needed must have least x'
  ).split(' ')
)
/** A name as one word, so that "track saw" and "tracksaw" are the same; the first key keeps its remarks. */
export const keysOf = (text: string): readonly [whole: string, bare: string] => {
  const words = allWordsOf(text)
  return [
    words.map(plainWord).join(''),
    words
      .filter((word) => !REMARKS.has(word))
      .map(plainWord)
      .join('')
  ]
}

/** Whether two words are the same but for a slip of the keys: one letter in four to seven, two in longer ones. */
export function alike(a: string, b: string): number {
  if (a === b) return 1
  // The first letter is hardly ever the one that slips: a lamp is no clamp.
  if (a[0] !== b[0]) return 0
  const long = Math.max(a.length, b.length)
  const allowed = long >= 8 ? 2 : Math.min(a.length, b.length) >= 4 ? 1 : 0
  if (allowed === 0 || Math.abs(a.length - b.length) > allowed) return 0
  const slips = slipsBetween(a, b).steps
  return slips <= allowed ? 1 - slips * 0.12 : 0
}

/** "Circ" for "circular", either way round. */
export const shortened = (a: string, b: string): number => {
  const [short, long] = a.length < b.length ? [a, b] : [b, a]
  return short.length >= 4 && long.length >= short.length + 3 && long.startsWith(short) ? 0.8 : 0
}

/** Words that stand side by side, as one: "saw horses" are sawhorses. */
export const pairsOf = (words: readonly string[]): string[] =>
  words.slice(1).map((word, i) => `${words[i] ?? ''}${word}`)
