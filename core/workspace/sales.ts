import type { Day } from '../calendar'
import { saleEstimate, salesWithin, seenPrices, type Pricing, type SaleWindow } from '../prices'
import type { Workspace } from './types'

/** What of a world says which sales are ahead. */
interface SalesGround {
  readonly workspace: Workspace
  readonly pricing: Pricing
  readonly asOf: Day
  readonly until: Day
}

/** The sales a plan of this world may meet, each year's by itself. */
export const salesOf = ({ workspace, pricing, asOf, until }: SalesGround): readonly SaleWindow[] =>
  salesWithin(expectedSales({ workspace, pricing, asOf }), asOf, until)

/** Yearly sales as what was seen of them says, by the list they were made from: asked for often, and made of many prices. */
const expected = new WeakMap<
  readonly SaleWindow[],
  {
    readonly quotes: Workspace['quotes']
    readonly asOf: Day
    readonly sales: readonly SaleWindow[]
  }
>()
const NO_SALES: readonly SaleWindow[] = []

/** The sales of the workspace with the chance and depth that prices seen in their days speak for. */
function expectedSales({
  workspace: { saleWindows = NO_SALES, quotes },
  pricing,
  asOf
}: Omit<SalesGround, 'until'>): readonly SaleWindow[] {
  if (!saleWindows.some(({ yearly }) => yearly)) return saleWindows
  const known = expected.get(saleWindows)
  if (known && known.quotes === quotes && known.asOf === asOf) return known.sales
  // Of quotes alone: whoever plans has a ledger without its purchases, and must come to the same.
  const seen = seenPrices(pricing, quotes, [])
  const sales = saleWindows.map((sale) => {
    if (!sale.yearly) return sale
    const { off, chance } = saleEstimate(seen, sale, asOf)
    return { ...sale, off, chance }
  })
  expected.set(saleWindows, { quotes, asOf, sales })
  return sales
}
