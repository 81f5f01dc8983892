import MiniSearch from 'minisearch'
import { namesInAllSets, type Library } from '../catalogue'

/** How far a word may be misspelt, as a share of its letters. */
const MISSPELT = 0.25
/** Words that say nothing of a piece. */
const EMPTY: ReadonlySet<string> = new Set(
  'a an the for with of in on to and or my our some small big large little new wooden wood from'.split(
    ' '
  )
)
/** What is much less alike than the likeliest is not offered. */
const NEAR = 0.5

interface Piece {
  readonly id: string
  readonly name: string
  readonly also: string
}

/**
 * The pieces that are nearest to what somebody says they would like to make, the likeliest first: by the names pieces have and by what
 * else people say for them, misspelt or not, in any order of words.
 * @param ids templates that are offered
 * @param also what else people say, by template
 * @param most how many are named at the most
 */
export function nearestPieces(
  library: Library,
  ids: readonly string[],
  text: string,
  {
    also = {},
    most = 3
  }: { also?: Readonly<Record<string, readonly string[]>>; most?: number } = {}
): string[] {
  const index = new MiniSearch<Piece>({
    fields: ['name', 'also'],
    processTerm: (term) => {
      const word = term.toLowerCase().replace(/s$/, '')
      return word.length < 2 || EMPTY.has(term.toLowerCase()) ? null : word
    },
    searchOptions: {
      boost: { name: 1.5 },
      fuzzy: (term) => (term.length > 3 ? MISSPELT : false),
      prefix: (term) => term.length > 3
    }
  })
  index.addAll(
    ids.flatMap((id): Piece[] => {
      const name = library.templates.get(id)?.name
      return name === undefined
        ? []
        : [
            {
              id,
              name: namesInAllSets(library, name).join(' '),
              also: (also[id] ?? []).join(' ')
            }
          ]
    })
  )
  // "Night stand" is also said in one word.
  const said = text.split(/\s+/)
  const joined = said.slice(1).map((word, i) => `${said[i] ?? ''}${word}`)
  const found = index.search([...said, ...joined].join(' '))
  const [best] = found
  return best === undefined
    ? []
    : found
        .filter(({ score }) => score >= best.score * NEAR)
        .slice(0, most)
        .map(({ id }) => String(id))
}
