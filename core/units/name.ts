import { issue, ok, refused, type Result } from '../kernel'

/** Characters of a name, at most. */
const LONGEST_NAME = 200

/** Reads a name as it is typed; codes `text.empty`, `text.too-long`. */
export function readName(text: string): Result<string> {
  const name = text.trim()
  if (name === '') return refused(issue('text.empty'))
  return name.length > LONGEST_NAME
    ? refused(issue('text.too-long', [], { limit: LONGEST_NAME }))
    : ok(name)
}
