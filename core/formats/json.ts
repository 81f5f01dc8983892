import {
  findNodeAtLocation,
  parseTree,
  printParseErrorCode,
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

/** Reads JSON text; a syntax error is reported with its line and column. Codes: `file.empty`, `file.too-large`, `json.syntax`. */
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
