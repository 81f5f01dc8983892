import type { Day } from '../calendar'
import type { LedgerEntry } from '../ledger'
import type { Minor } from '../money'
import type { PlannedPurchase } from './plan-types'

/** What a receipt says of a line besides its amount. */
export type Receipted = Pick<
  LedgerEntry,
  'receipt' | 'tax' | 'delivery' | 'seller' | 'condition' | 'warrantyUntil'
>

/** Without the fields that say nothing. */
export const said = <T extends object>(fields: T): Partial<T> =>
  Object.fromEntries(
    Object.entries(fields).filter(([, value]) => value !== undefined && value !== 0 && value !== '')
  ) as Partial<T>

export type RealPurchase = Receipted & {
  readonly purchase: PlannedPurchase
  readonly date: Day
  /** Really paid for all of them together. */
  readonly paid: Minor
  readonly itemId: string
  readonly entryId: string
}
