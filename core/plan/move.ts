import { byDate, type Day } from '../calendar'
import { findOffer, unitOn } from '../prices'
import { distinct } from '../kernel'
import type { Minor } from '../money'
import { tillOf, type Plan, type World } from '../workspace'
import { checkPurchases, savedOn } from './evaluate-purchases'

/** The same plan with what deals take off the purchases of each day, worked out anew. */
export function withSavings(world: World, plan: Plan): Plan {
  if ((world.workspace.deals ?? []).length === 0) return plan
  const list = checkPurchases(world, plan, [])
  const savings = distinct(plan.purchases.map(({ date }) => date))
    .sort()
    .flatMap((date) =>
      savedOn(world, list, date).map(({ deal, amount }) => ({ deal, date, amount }))
    )
  const { savings: _before, ...rest } = plan
  return savings.length === 0 ? rest : { ...rest, savings }
}

/** What one of an offer or bundle is paid for on a day; undefined where it has no price then. */
export const paymentThen = (world: World, id: string, date: Day): Minor | undefined =>
  unitOn(tillOf(world), id, date)?.payment

/**
 * The plan with one purchase on another day, everything else where it was; what it replaces is not sold before. Rules are the
 * evaluator's to judge.
 */
export function movePurchase(world: World, plan: Plan, id: string, date: Day): Plan {
  const purchases = plan.purchases.map((purchase) => {
    if (purchase.id !== id) return purchase
    const each = paymentThen(world, purchase.offer, date)
    return { ...purchase, date, price: each === undefined ? purchase.price : each * purchase.count }
  })
  const moved = plan.purchases.find((purchase) => purchase.id === id)
  const tool = moved && findOffer(world.pricing, moved.offer)?.tool
  const resales = plan.resales?.map((resale) =>
    resale.date < date &&
    world.workspace.items.find((item) => item.id === resale.item)?.tool === tool
      ? { ...resale, date }
      : resale
  )
  return withSavings(world, {
    ...plan,
    purchases: purchases.sort(byDate),
    ...(resales ? { resales } : {})
  })
}

/** Days a purchase can be moved to: today and the days on which money comes in. */
export function purchaseDays(world: World): Day[] {
  return [
    ...new Set([
      world.asOf,
      ...world.receipts.filter(({ amount }) => amount > 0).map(({ date }) => date)
    ])
  ].sort()
}
