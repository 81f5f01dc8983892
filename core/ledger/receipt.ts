import { apportion, issue, ok, refused, sumOf, type Result } from '../kernel'
import type { Minor } from '../money'

/** One line of a receipt as it is read off the paper: its price, with or without tax as the receipt has it. */
export interface ReceiptLine {
  readonly price: Minor
}

/** A line with its share of what stands below the lines. `amount` is all of it; tax and delivery are contained in it. */
export interface ReceiptShare {
  readonly amount: Minor
  readonly tax: Minor
  readonly delivery: Minor
}

/**
 * Shares a whole amount out in proportion to weights, so that the shares add up to it exactly; with no weight at all they are equal.
 * @param total minor units, not negative
 */
export const shareOut = (total: Minor, weights: readonly number[]): Minor[] =>
  apportion(total, weights.some((weight) => weight > 0) ? weights : weights.map(() => 1))

/**
 * Splits a receipt over its lines. Delivery is shared out by price. Tax is shared out by price too; where the prices already contain
 * it, it is only shown, else it is added.
 * @param total what was really paid, where it is known; codes `receipt.empty`, `receipt.total-differs` with the difference in minor units
 */
export function shareReceipt(
  lines: readonly ReceiptLine[],
  below: {
    readonly tax: Minor
    readonly taxIncluded: boolean
    readonly delivery: Minor
    readonly total?: Minor | undefined
  }
): Result<ReceiptShare[]> {
  if (lines.length === 0) return refused(issue('receipt.empty'))
  const weights = lines.map(({ price }) => price)
  const delivery = shareOut(below.delivery, weights)
  const tax = shareOut(below.tax, weights)
  const shared = lines.map(({ price }, i): ReceiptShare => {
    const [ownTax, ownDelivery] = [tax[i] ?? 0, delivery[i] ?? 0]
    return {
      amount: price + ownDelivery + (below.taxIncluded ? 0 : ownTax),
      tax: ownTax,
      delivery: ownDelivery
    }
  })
  const paid = receiptTotal(shared)
  return below.total === undefined || below.total === paid
    ? ok(shared)
    : refused(
        issue('receipt.total-differs', [], {
          lines: paid,
          total: below.total,
          difference: below.total - paid
        })
      )
}

/** What a receipt comes to. */
export const receiptTotal = (shared: readonly ReceiptShare[]): Minor =>
  sumOf(shared, ({ amount }) => amount)
