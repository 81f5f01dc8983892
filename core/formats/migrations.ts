import type { Library } from '../catalogue'
import { issue, ok, refused, type Result } from '../kernel'
import { usualHourValue } from '../workspace'

/** A pure step from one version's data to the next; a file of each old version is kept as a fixture with it. */
export interface Migration {
  readonly from: number
  readonly apply: (data: Record<string, unknown>, library: Library) => Record<string, unknown>
}

const isRecord = (data: unknown): data is Record<string, unknown> =>
  typeof data === 'object' && data !== null && !Array.isArray(data)

/** What version 2 gave somebody who said nothing. */
const UNTOUCHED = { hourValue: 0, keptMoneyWorth: 1, reinvestShare: 0 }

/**
 * Version 3 counts wasted hours, a wish, the years after, and timber from elsewhere. What was said stays as it was; what still stood at
 * the old default takes the new one.
 */
function countedAnew(data: Record<string, unknown>, library: Library): Record<string, unknown> {
  const { money, preferences } = data
  if (!isRecord(money)) return data
  const { reckoning } = library.data
  const usual: Record<keyof typeof UNTOUCHED, number> = {
    hourValue: usualHourValue(library, typeof money.currency === 'string' ? money.currency : ''),
    keptMoneyWorth: reckoning.kept[reckoning.usualAim],
    reinvestShare: reckoning.reinvest
  }
  const anew = (settings: Record<string, unknown>): Record<string, unknown> =>
    Object.fromEntries(
      Object.entries(settings).map(([key, value]) =>
        key in UNTOUCHED && value === UNTOUCHED[key as keyof typeof UNTOUCHED]
          ? [key, usual[key as keyof typeof UNTOUCHED]]
          : [key, value]
      )
    )
  const schooled = isRecord(preferences) && preferences.school !== undefined
  return {
    ...data,
    money: {
      ...(schooled ? { ...money, keptMoneyWorth: anew(money).keptMoneyWorth } : anew(money)),
      timber: reckoning.timber,
      after: { years: reckoning.yearsAfter }
    },
    ...(isRecord(preferences) && isRecord(preferences.ownMix)
      ? { preferences: { ...preferences, ownMix: anew(preferences.ownMix) } }
      : {})
  }
}

/** Version 2 notes when what was changed; a file from before knows nothing of it. The receipts' fields of the ledger came with it and are all optional. */
export const MIGRATIONS: readonly Migration[] = [
  { from: 1, apply: (data) => ({ ...data, trail: { changed: {}, removed: {}, handed: [] } }) },
  { from: 2, apply: countedAnew }
]

/** Brings data of an older version up to the current one, step by step. */
export function migrate(
  data: Record<string, unknown>,
  from: number,
  to: number,
  library: Library,
  migrations: readonly Migration[]
): Result<Record<string, unknown>> {
  let current = data
  for (let version = from; version < to; version++) {
    const step = migrations.find((migration) => migration.from === version)
    if (!step) return refused(issue('file.unknown-version', ['version'], { found: from }))
    current = { ...step.apply(current, library), version: version + 1 }
  }
  return ok(current)
}
