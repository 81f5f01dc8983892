import type { Library } from '../catalogue'
import type { InventoryLine } from '../care'
import { writeSheet } from './sheet'
import { decimal } from './write'

/** What is owned as CSV for an insurer: for each line what was paid, its age, what it would bring and what a new one costs. Amounts are for all pieces of a line. */
export function writeInventory(
  lines: readonly InventoryLine[],
  library: Library,
  currency: string
): string {
  const money = (amount: number | undefined): string =>
    amount === undefined ? '' : decimal(amount, currency)
  return writeSheet(
    [
      'tool',
      'count',
      'tier',
      'condition',
      'since',
      'age (years)',
      'paid',
      'worth now',
      'new today',
      'currency',
      'warranty until',
      'photos',
      'id'
    ],
    lines.map(({ item, paid, ageYears, worth, replace, warrantyUntil, photos }) => ({
      tool: item.name ?? library.tools.get(item.tool)?.name ?? item.tool,
      count: item.count,
      tier: item.tier,
      condition: item.condition,
      since: item.since,
      'age (years)': (Math.round(ageYears * 10) / 10).toFixed(1),
      paid: money(paid),
      'worth now': money(worth),
      'new today': money(replace),
      currency,
      'warranty until': warrantyUntil ?? '',
      photos: photos.length === 0 ? '' : photos.length,
      id: item.id
    }))
  )
}
