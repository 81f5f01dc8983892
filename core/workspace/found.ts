import { addDays, type Day } from '../calendar'
import type { Library, Specs } from '../catalogue'
import type { Minor } from '../money'
import type { LookedAt, Offer, Quote } from '../prices'
import { addOffer } from './change-offers'
import { changeItem } from './changes'
import { recordPurchase, type RealPurchase } from './purchases'
import type { Item, Workspace } from './types'

/** Used tools that were looked at: what was found is kept with the find, and goes along when it is bought. */

/** Keeps what a look found with a find; a find that is not kept yet is. @param quote what is asked for it, where that is known */
export function lookedAt(
  workspace: Workspace,
  find: Offer,
  looked: LookedAt,
  quote?: Quote
): Workspace {
  const known = workspace.offers.some(({ id }) => id === find.id)
  const kept = { ...find, looked }
  if (known)
    return {
      ...workspace,
      offers: workspace.offers.map((one) => (one.id === find.id ? { ...one, looked } : one))
    }
  return quote
    ? addOffer(workspace, kept, quote)
    : { ...workspace, offers: [...workspace.offers, kept] }
}

/** A find that was bought after it was looked at. */
export interface FoundPurchase {
  readonly real: RealPurchase
  /** The find itself, kept already or not. */
  readonly offer: Offer
  /** Measured on the spot: they go before those of its kind. */
  readonly specs: Specs
  /** What is to be looked at now that it is here. */
  readonly checks: readonly string[]
  /** What is kept back to put right what was found, minor units; 0 for nothing. */
  readonly repair: Minor
  /** What that is called in the plan's money, and its id there. */
  readonly repairText: string
  readonly repairId: string
}

/** A find that nothing was said of yet is kept when it is bought. */
const withFind = (workspace: Workspace, find: Offer): Workspace =>
  workspace.offers.some(({ id }) => id === find.id)
    ? workspace
    : { ...workspace, offers: [...workspace.offers, find] }

/** Days until what was found is likely to be paid for. */
const REPAIRED_WITHIN = 14

/** The expense that keeps what the repair will take out of the plan's reach. */
const repairOf = ({ repair, repairId, repairText }: FoundPurchase, date: Day) => ({
  id: repairId,
  date: addDays(date, REPAIRED_WITHIN),
  amount: -repair,
  text: repairText
})

/** Into the kit with what was measured, the reserve for its repair among the money to come, and what is to be checked at home. */
export function boughtFind(
  workspace: Workspace,
  library: Library,
  found: FoundPurchase
): Workspace {
  const { real, offer, specs, checks, repair } = found
  const { money, ...rest } = recordPurchase(withFind(workspace, offer), library, real)
  const state: Workspace = {
    ...rest,
    money:
      repair > 0 ? { ...money, oneOffs: [...money.oneOffs, repairOf(found, real.date)] } : money
  }
  return changeItem(state, real.itemId, (item) => ({
    ...item,
    specs: { ...item.specs, ...specs },
    ...(checks.length > 0 ? { checks } : {})
  }))
}

/** One of the checks of an item is done. */
export const itemChecked = (workspace: Workspace, id: string, check: string): Workspace =>
  changeItem(workspace, id, ({ checks = [], ...item }): Item => {
    const left = checks.filter((one) => one !== check)
    return left.length > 0 ? { ...item, checks: left } : item
  })
