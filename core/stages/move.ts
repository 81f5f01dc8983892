import type { Day } from '../calendar'
import { findOffer, priceOf } from '../prices'
import type { Plan, World } from '../workspace'

/** The plan with one purchase on another day, everything else where it was. Rules are the evaluator's to judge. */
export function movePurchase(world: World, plan: Plan, id: string, date: Day): Plan {
  const purchases = plan.purchases.map((purchase) => {
    if (purchase.id !== id) return purchase
    const offer = findOffer(world.pricing, purchase.offer)
    const price = offer && priceOf(world.pricing, offer, date)
    return { ...purchase, date, price: price ? price.payment * purchase.count : purchase.price }
  })
  return { ...plan, purchases: purchases.sort((a, b) => (a.date < b.date ? -1 : a.date > b.date ? 1 : 0)) }
}

/** Days a purchase can be moved to: today and the days on which money comes in. */
export function purchaseDays(world: World): Day[] {
  return [...new Set([world.asOf, ...world.receipts.filter(({ amount }) => amount > 0).map(({ date }) => date)])].sort()
}
