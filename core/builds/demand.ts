import { DAYS_PER_MONTH } from '../calendar'
import type { Minor } from '../money'
import type { Build, PricePoint, Sale } from './build'

/** How much is asked for at a price. */
export interface Demand {
  /** Pieces sold in a month. */
  readonly perMonth: number
  /** Days one waits for its buyer. */
  readonly days: number
}

/** Demand at a price as what is known of prices says: between two of them along a straight line, beyond them as at the nearest. */
export function demandAt(points: readonly PricePoint[], price: Minor): Demand | undefined {
  const sorted = [...points].sort((a, b) => a.price - b.price)
  const above = sorted.find((point) => point.price >= price)
  const below = sorted.findLast((point) => point.price <= price)
  const [low, high] = [below ?? above, above ?? below]
  if (!low || !high) return undefined
  const part = high.price === low.price ? 0 : (price - low.price) / (high.price - low.price)
  return {
    perMonth: low.perMonth + part * (high.perMonth - low.perMonth),
    days: low.days + part * (high.days - low.days)
  }
}

/** What was said of the buyers at the price and the outlet of a sale; undefined where nothing was. */
export const demandSaid = ({ known = [], outlet, price, netEach }: Sale): Demand | undefined =>
  demandAt(
    known.filter((point) => point.outlet === outlet),
    price ?? netEach
  )

/**
 * Days until the money of copies that are finished together has come, on average: where it was said how many find a buyer in a month, one
 * waits for the other. An order is paid when it is delivered.
 */
export function daysUntilSold({ sale, copies }: Pick<Build, 'sale' | 'copies'>): number {
  if (!sale) return 0
  const said = sale.due === undefined ? demandSaid(sale) : undefined
  if (!said || said.perMonth <= 0) return sale.daysToSell
  return sale.daysToSell + Math.round(((copies - 1) / 2) * (DAYS_PER_MONTH / said.perMonth))
}
