/** A place inside a document: field names and list positions, outermost first. */
export type Path = readonly (string | number)[]

/**
 * A problem found in data. The core never writes sentences: it names the problem (`code`), the place (`path`) and the
 * figures; one place in the application turns these into words.
 */
export interface Issue {
  readonly code: string
  readonly path: Path
  readonly figures: Readonly<Record<string, string | number>>
}

export type Result<T> =
  | { readonly ok: true; readonly value: T }
  | { readonly ok: false; readonly issues: readonly Issue[] }

export const ok = <T>(value: T): Result<T> => ({ ok: true, value })
export const refused = (...issues: readonly Issue[]): Result<never> => ({ ok: false, issues })
export const issue = (code: string, path: Path = [], figures: Issue['figures'] = {}): Issue => ({
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
