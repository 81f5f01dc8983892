import { readFileSync } from 'node:fs'
import { library } from '../data'
import { issue, refused, type Issue, type Result } from '../core/kernel'
import { pathText, readWorkspace, textOf } from '../core/formats'
import { sentence } from '../app/words/issues'
import type { Workspace } from '../core/workspace'

/** Exit codes shared by the commands. */
export const EXIT = { fine: 0, broken: 1, unreadable: 2 } as const

// Whoever reads our output may stop reading: that is no fault.
process.stdout.on('error', (error: NodeJS.ErrnoException) => {
  if (error.code !== 'EPIPE') throw error
  process.exit(EXIT.fine)
})

/** The real date, for workspaces without a fixed one: the only place where the commands look at the clock. */
export const today = (): string => {
  const now = new Date()
  return [
    now.getFullYear(),
    String(now.getMonth() + 1).padStart(2, '0'),
    String(now.getDate()).padStart(2, '0')
  ].join('-')
}

/** Reads a file as text; what the system refuses, or bytes that are no text, become an issue. */
export function readText(path: string): Result<string> {
  try {
    return textOf(readFileSync(path))
  } catch (error) {
    return refused(
      issue('file.unreadable', [], {
        file: path,
        reason: error instanceof Error && 'code' in error ? String(error.code) : 'unknown'
      })
    )
  }
}

export function loadWorkspace(path: string): Result<Workspace> {
  const text = readText(path)
  if (!text.ok) return text
  const read = readWorkspace(text.value, library)
  if (!read.ok) return read
  for (const note of read.value.notes) process.stderr.write(`note: ${sentence(note)}\n`)
  return { ok: true, value: read.value.workspace }
}

/** One line per problem: line of the file, place in the document, sentence. */
export function complain(file: string, issues: readonly Issue[]): void {
  for (const one of issues) {
    const line = typeof one.figures.line === 'number' ? `:${one.figures.line}` : ''
    const place = one.path.length > 0 ? ` ${pathText(one.path)}:` : ''
    process.stderr.write(`${file}${line}:${place} ${sentence(one)}\n`)
  }
}

/** A whole number given as `--name 7`; undefined when it is not there, `wrong` when it is no whole number within its limits. */
export function wholeOption(
  args: readonly string[],
  name: string,
  least: number,
  most: number
): number | 'wrong' | undefined {
  const at = args.indexOf(`--${name}`)
  if (at < 0) return undefined
  const value = Number(args[at + 1] ?? Number.NaN)
  return Number.isInteger(value) && value >= least && value <= most ? value : 'wrong'
}
