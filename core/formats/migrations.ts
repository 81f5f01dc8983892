import { issue, ok, refused, type Result } from '../kernel'

/** A pure step from one version's data to the next; a file of each old version is kept as a fixture with it. */
export interface Migration {
  readonly from: number
  readonly apply: (data: Record<string, unknown>) => Record<string, unknown>
}

/** Version 1 is the first that was ever written, so there is nothing to bring up to date yet. */
export const MIGRATIONS: readonly Migration[] = []

/** Brings data of an older version up to the current one, step by step. */
export function migrate(data: Record<string, unknown>, from: number, to: number, migrations: readonly Migration[]): Result<Record<string, unknown>> {
  let current = data
  for (let version = from; version < to; version++) {
    const step = migrations.find((migration) => migration.from === version)
    if (!step) return refused(issue('file.unknown-version', ['version'], { found: from }))
    current = { ...step.apply(current), version: version + 1 }
  }
  return ok(current)
}
