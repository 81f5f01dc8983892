import {
  findNodeAtLocation,
  parseTree,
  printParseErrorCode,
  visit,
  type Node,
  type ParseError
} from 'jsonc-parser'
import { issue, ok, refused, type Path, type Result } from '../kernel'

/** The largest file that is read, characters of text: a ledger as large as any that is kept, with everything around it. */
export const LARGEST_FILE = 400_000_000

export interface ParsedJson {
  readonly data: unknown
  /** The line (from 1) on which a place in the document stands; of the nearest part that is there. */
  lineOf(path: Path): number
}

const lineAt = (text: string, offset: number): number => {
  let line = 1
  for (let i = text.indexOf('\n'); i >= 0 && i < offset; i = text.indexOf('\n', i + 1)) line++
  return line
}

/** No file of ours nests deeper than a dozen levels; what does is refused before anything follows it down. */
const DEEPEST = 64

/** Keys of all objects of the data: fewer than the text has where one stands twice. Undefined where it nests too deep. Far quicker than following the text. */
function keysIn(data: unknown, depth = 0): number | undefined {
  if (typeof data !== 'object' || data === null) return 0
  if (depth >= DEEPEST) return undefined
  const values: unknown[] = Object.values(data)
  let sum = Array.isArray(data) ? 0 : values.length
  for (const value of values) {
    const keys = keysIn(value, depth + 1)
    if (keys === undefined) return undefined
    sum += keys
  }
  return sum
}
const [QUOTE, BACKSLASH, COLON, SPACE] = [0x22, 0x5c, 0x3a, 0x20]

/** Where the string ends that begins at a place; the text's end where it does not. */
function stringEnd(text: string, from: number): number {
  for (let end = text.indexOf('"', from + 1); end >= 0; end = text.indexOf('"', end + 1)) {
    let slashes = 0
    while (text.charCodeAt(end - 1 - slashes) === BACKSLASH) slashes++
    if (slashes % 2 === 0) return end
  }
  return text.length
}
/** Whether brackets of a text that is no JSON nest too deep to look for its fault. */
function nestsTooDeep(text: string): boolean {
  let depth = 0
  for (let i = 0; i < text.length; i++) {
    const sign = text[i]
    if (sign === '"') i = stringEnd(text, i)
    else if (sign === '[' || sign === '{') depth++
    else if (sign === ']' || sign === '}') depth--
    if (depth > DEEPEST) return true
  }
  return false
}
function keysWritten(text: string): number {
  let count = 0
  for (let at = text.indexOf('"'); at >= 0;) {
    let next = stringEnd(text, at) + 1
    while (text.charCodeAt(next) <= SPACE) next++
    if (text.charCodeAt(next) === COLON) count++
    at = text.charCodeAt(next) === QUOTE ? next : text.indexOf('"', next)
  }
  return count
}

/** The first key that stands twice in one object, which JSON leaves open: the last one would silently win. */
function repeatedKey(text: string): { readonly key: string; readonly offset: number } | undefined {
  let found: { key: string; offset: number } | undefined
  const open: Set<string>[] = []
  visit(text, {
    onObjectBegin: () => void open.push(new Set()),
    onObjectEnd: () => void open.pop(),
    onObjectProperty: (key, offset) => {
      if (open.at(-1)?.has(key)) found ??= { key, offset }
      open.at(-1)?.add(key)
    }
  })
  return found
}

/** Reads JSON text; a syntax error is reported with its line and column. Codes: `file.empty`, `file.too-large`, `json.syntax`, `json.too-deep`, `json.twice`. */
export function parseJson(raw: string): Result<ParsedJson> {
  if (raw.length > LARGEST_FILE)
    return refused(issue('file.too-large', [], { size: raw.length, limit: LARGEST_FILE }))
  const text = raw.replace(/^\ufeff/, '')
  if (text.trim() === '') return refused(issue('file.empty'))
  let data: unknown
  try {
    data = JSON.parse(text)
  } catch {
    if (nestsTooDeep(text)) return refused(issue('json.too-deep', [], { limit: DEEPEST }))
    const errors: ParseError[] = []
    parseTree(text, errors, { disallowComments: true })
    const first = errors[0]
    const offset = first?.offset ?? text.length
    const line = lineAt(text, offset)
    return refused(
      issue('json.syntax', [], {
        line,
        column: offset - text.lastIndexOf('\n', offset - 1),
        what: first ? printParseErrorCode(first.error) : 'EndOfFileExpected'
      })
    )
  }
  const keys = keysIn(data)
  if (keys === undefined) return refused(issue('json.too-deep', [], { limit: DEEPEST }))
  const twice = keys < keysWritten(text) ? repeatedKey(text) : undefined
  if (twice)
    return refused(issue('json.twice', [], { key: twice.key, line: lineAt(text, twice.offset) }))
  let tree: Node | undefined
  const lineOf = (path: Path): number => {
    tree ??= parseTree(text)
    for (let length = path.length; tree && length >= 0; length--) {
      const node = findNodeAtLocation(tree, path.slice(0, length))
      if (node) return lineAt(text, node.offset)
    }
    return 1
  }
  return ok({ data, lineOf })
}

/** The text of a file; code `file.not-text` where its bytes are not UTF-8, which a program of ours always writes. */
export function textOf(bytes: Uint8Array): Result<string> {
  try {
    return ok(new TextDecoder('utf-8', { fatal: true }).decode(bytes))
  } catch {
    return refused(issue('file.not-text'))
  }
}
