import type { Code, Findings, Nothing } from './findings'

/** A place inside a document: field names and list positions, outermost first. */
export type Path = readonly (string | number)[]

/**
 * A problem found in data. The core never writes sentences: it names the problem (`code`), the place (`path`) and the
 * figures; one place in the application turns these into words.
 */
export interface Issue {
  readonly code: Code
  readonly path: Path
  readonly figures: Readonly<Record<string, string | number>>
}

export type Result<T> =
  | { readonly ok: true; readonly value: T }
  | { readonly ok: false; readonly issues: readonly Issue[] }

export const ok = <T>(value: T): Result<T> => ({ ok: true, value })
export const refused = (...issues: readonly Issue[]): Result<never> => ({ ok: false, issues })

/** Everything that was refused, in order; empty when all is well. */
export const issuesOf = (...results: readonly Result<unknown>[]): readonly Issue[] =>
  results.flatMap((result) => (result.ok ? [] : result.issues))

/** What `issue` takes after code and place: the figures of the code, which may be left out where it has none it must have. */
type With<C extends Code> = Nothing extends Findings[C]
  ? [figures?: Findings[C]]
  : [figures: Findings[C]]

/** A finding with its place and figures; the compiler holds the figures to the code. */
export const issue = <C extends Code>(code: C, path: Path = [], ...[figures]: With<C>): Issue => ({
  code,
  path,
  figures: Object.fromEntries(Object.entries(figures ?? {}))
})
/** A finding whose code is only known at run time: one of several, or that of a shape that does not hold. Its figures come as they are. */
export const issueNamed = (code: Code, path: Path, figures: Issue['figures']): Issue => ({
  code,
  path,
  figures
})

/** Stops the program where its own logic is wrong. Never used for bad input. */
export function bug(what: string): never {
  throw new Error(`This is a bug in Frugal Ledger: ${what}`)
}

/** The value, or a bug: for look-ups whose success an earlier check has already established. */
export function must<T>(value: T | undefined | null, what: string): T {
  return value ?? bug(`${what} is missing`)
}
