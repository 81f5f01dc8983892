import { issue, ok, refused, type Result } from '../kernel'

/** A pure step from one version's data to the next; a file of each old version is kept as a fixture with it. */
export interface Migration {
  readonly from: number
  readonly apply: (data: Record<string, unknown>) => Record<string, unknown>
}

/** Version 2 notes when what was changed; a file from before knows nothing of it. The receipts' fields of the ledger came with it and are all optional. */
export const MIGRATIONS: readonly Migration[] = [
  { from: 1, apply: (data) => ({ ...data, trail: { changed: {}, removed: {}, handed: [] } }) }
]

/** Brings data of an older version up to the current one, step by step. */
export function migrate(
  data: Record<string, unknown>,
  from: number,
  to: number,
  migrations: readonly Migration[]
): Result<Record<string, unknown>> {
  let current = data
  for (let version = from; version < to; version++) {
    const step = migrations.find((migration) => migration.from === version)
    if (!step) return refused(issue('file.unknown-version', ['version'], { found: from }))
    current = { ...step.apply(current), version: version + 1 }
  }
  return ok(current)
}
