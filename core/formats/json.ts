import {
  findNodeAtLocation,
  parseTree,
  printParseErrorCode,
  visit,
  type Node,
  type ParseError
} from 'jsonc-parser'
import { issue, ok, refused, type Path, type Result } from '../kernel'

/** The largest file that is read, bytes of text. */
export const LARGEST_FILE = 16_000_000

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

/** Keys of all objects of the data, and keys the text has: fewer where one stands twice. Far quicker than following the text. */
function keysIn(data: unknown): number {
  if (typeof data !== 'object' || data === null) return 0
  const values: unknown[] = Object.values(data)
  return values.reduce<number>(
    (sum, value) => sum + keysIn(value),
    Array.isArray(data) ? 0 : values.length
  )
}
function keysWritten(text: string): number {
  let count = 0
  for (const [, colon] of text.matchAll(/"(?:[^"\\]|\\.)*"(\s*:)?/g)) if (colon) count++
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

/** Reads JSON text; a syntax error is reported with its line and column. Codes: `file.empty`, `file.too-large`, `json.syntax`, `json.twice`. */
export function parseJson(raw: string): Result<ParsedJson> {
  const text = raw.replace(/^\ufeff/, '')
  if (text.length > LARGEST_FILE)
    return refused(issue('file.too-large', [], { size: text.length, limit: LARGEST_FILE }))
  if (text.trim() === '') return refused(issue('file.empty'))
  let data: unknown
  try {
    data = JSON.parse(text)
  } catch {
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
  const twice = keysIn(data) < keysWritten(text) ? repeatedKey(text) : undefined
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
