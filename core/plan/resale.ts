import { checkDay, compareDays, type Day } from '../calendar'
import { kitTool, servesFor, type KitTool } from '../fit'
import { issue, type Issue } from '../kernel'
import type { Minor } from '../money'
import type { Plan, World } from '../workspace'
import type { Priced } from './evaluate-purchases'
import { resaleValue } from './terms'

/** A tool one owns that is sold, with the money it brings. */
export interface Resold {
  readonly index: number
  readonly item: string
  readonly date: Day
  readonly amount: Minor
}

/** What selling an owned item is reckoned to bring, whole minor units. */
export const resaleOf = (entry: KitTool, cost: Minor): Minor => Math.floor(resaleValue(entry, cost))

/** Only what a purchase has replaced is sold: one of the same tool, at least as good, bought by then, each taking the place of one item. */
export function checkResales(
  world: World,
  plan: Plan,
  list: readonly Priced[],
  broken: Issue[]
): Resold[] {
  const free = list
    .flatMap(({ brings }) => brings)
    .filter(({ until }) => until === undefined)
    .map((one) => ({ ...one, left: one.entry.count }))
  const seen = new Set<string>()
  return [...(plan.resales ?? [])]
    .map((resale, index) => ({ resale, index }))
    .sort((a, b) => compareDays(a.resale.date, b.resale.date))
    .flatMap(({ resale, index }): Resold[] => {
      const path = ['resales', index] as const
      const item = world.workspace.items.find(({ id }) => id === resale.item)
      const entry = item && kitTool(world.library, item)
      if (!item || !entry || item.loan || seen.has(resale.item)) {
        broken.push(issue('plan.unknown-item', [...path, 'item'], { id: resale.item }))
        return []
      }
      seen.add(resale.item)
      if (!checkDay(resale.date).ok || resale.date < world.asOf || resale.date > world.until)
        broken.push(
          issue('plan.date-outside', [...path, 'date'], {
            date: resale.date,
            from: world.asOf,
            until: world.until
          })
        )
      const by = free.find(
        ({ entry: other, from, left }) =>
          from <= resale.date && left >= entry.count && servesFor(other, entry)
      )
      if (by) by.left -= entry.count
      else broken.push(issue('plan.not-replaced', path, { tool: item.tool, date: resale.date }))
      const amount = resaleOf(entry, item.cost)
      if (amount !== resale.amount)
        broken.push(
          issue('plan.resale-differs', [...path, 'amount'], {
            tool: item.tool,
            planned: resale.amount,
            price: amount
          })
        )
      return [{ index, item: resale.item, date: resale.date, amount }]
    })
}
