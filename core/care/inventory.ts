import { DAYS_PER_YEAR, daysBetween, type Day } from '../calendar'
import { resaleShare } from '../catalogue'
import { sumOf } from '../kernel'
import { standing } from '../ledger'
import { timesRatio, type Minor } from '../money'
import { offerId, priceOf } from '../prices'
import type { Item, World } from '../workspace'

/** A thing owned, as an insurer asks for it. */
export interface InventoryLine {
  readonly item: Item
  /** Paid for all of them, less refunds; undefined where nothing is known. */
  readonly paid: Minor | undefined
  readonly ageYears: number
  /** What all of them would bring now: the price paid, or where that is not known the price of a new one, times the share that is usual for the tool, its tier and condition. */
  readonly worth: Minor
  /** What all of them would cost new today, by a quote or at the typical price; undefined for what cannot be bought. */
  readonly replace: Minor | undefined
  readonly warrantyUntil: Day | undefined
  /** Photos of its purchase. */
  readonly photos: readonly string[]
}

/** Everything owned, with what was paid, its age and its present worth. */
export function inventoryOf(world: World): InventoryLine[] {
  const { workspace, library, pricing, asOf } = world
  const still = standing(workspace.ledger)
  // What is borrowed is nothing of one's own.
  const own = workspace.items.filter(({ loan }) => loan?.kind !== 'borrowed')
  return own.map((item): InventoryLine => {
    const tool = library.tools.get(item.tool)
    const entries = still.filter(
      (entry) =>
        entry.item === item.id &&
        (entry.kind === 'tool' || entry.kind === 'companion' || entry.kind === 'refund')
    )
    const offer = {
      tool: item.tool,
      tier: item.tier,
      condition: 'new' as const,
      acquisition: 'buy' as const,
      power: item.power,
      ...(item.platform === undefined ? {} : { platform: item.platform })
    }
    const price =
      tool?.madeBy === undefined
        ? priceOf(pricing, { ...offer, id: offerId(offer) }, asOf)
        : undefined
    const replace = price && price.payment * item.count
    const paid =
      item.cost > 0
        ? Math.max(
            0,
            item.cost -
              entries
                .filter(({ kind }) => kind === 'refund')
                .reduce((sum, { amount }) => sum + amount, 0)
          )
        : undefined
    const purchases = new Set(entries.map(({ id }) => id))
    return {
      item,
      paid,
      replace,
      ageYears: Math.max(0, daysBetween(item.since, asOf)) / DAYS_PER_YEAR,
      worth: tool
        ? timesRatio(paid ?? replace ?? 0, resaleShare(tool, item.tier, item.condition))
        : 0,
      warrantyUntil: entries
        .map(({ warrantyUntil }) => warrantyUntil)
        .filter((day) => day !== undefined)
        .sort()
        .at(-1),
      photos: (workspace.photos ?? [])
        .filter(({ entry }) => entry !== undefined && purchases.has(entry))
        .map(({ id }) => id)
    }
  })
}

/** What all of it was bought for, would bring and would cost new; what is not known counts as nothing. */
export const inventorySums = (
  lines: readonly InventoryLine[]
): { readonly paid: Minor; readonly worth: Minor; readonly replace: Minor } => ({
  paid: sumOf(lines, ({ paid }) => paid ?? 0),
  worth: sumOf(lines, ({ worth }) => worth),
  replace: sumOf(lines, ({ replace }) => replace ?? 0)
})
