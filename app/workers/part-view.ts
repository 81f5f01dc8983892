import type { Buyable, NeedSet } from '../../core/fit'
import type { PackageLine } from '../../core/weigh'
import type { LineView } from './protocol'

/** Purchases as plain data that can cross to the page. */
export const view = (buyable: Buyable, count: number): LineView => ({
  id: buyable.id,
  tool: buyable.entry.tool.id,
  tier: buyable.entry.tier,
  condition: buyable.entry.condition,
  power: buyable.entry.power,
  count,
  cost: buyable.allIn * count,
  typical: buyable.typical,
  ...(buyable.jig ? { jig: buyable.jig.id } : {})
})
export const partView = ({ buyable, count }: PackageLine): LineView => view(buyable, count)
export const setView = (set: NeedSet): LineView[] =>
  [...set.values()].map(({ buyable, count }) => view(buyable, count))
