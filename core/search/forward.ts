import { addDays, byDate, laterDay, type Day } from '../calendar'
import { repairReserve } from '../catalogue'
import { findOffer } from '../prices'
import { evaluate, paymentThen } from '../plan'
import type { Plan, PlannedPurchase, World } from '../workspace'
import type { Settled } from './settle'

/** How long before the rest of its day's purchases something is bought at most, days: a month's savings lie no longer than that. */
const FORWARD_DAYS = 31

/** The balance at the end of each day on which money moves, as it is while purchases are brought forward. */
interface Purse {
  readonly days: { date: Day; balance: number }[]
  readonly reserve: number
}

/** What has to be in the purse for a purchase: its price, and what is kept back for repairs. */
function neededFor(world: World, { offer, price }: PlannedPurchase): number {
  const condition = findOffer(world.pricing, offer)?.condition ?? 'new'
  return price + Math.ceil(price * repairReserve(condition))
}

/** The first day on which money moves, not before another, from which so much more can be paid until a purchase's own day. */
function firstDay(
  { days, reserve }: Purse,
  from: Day,
  purchase: PlannedPurchase,
  needed: number
): Day {
  let first = purchase.date
  for (let i = days.length - 1; i >= 0; i--) {
    const { date, balance } = days[i]!
    if (date >= purchase.date) continue
    if (date < from || balance - needed < reserve) break
    first = date
  }
  return first
}

/** What may be bought on another day without changing anything else: no find, no sale, no hire, nothing pinned. */
function isFree(
  world: World,
  { offer: id, date, count, price }: PlannedPurchase,
  day: Day
): boolean {
  const offer = findOffer(world.pricing, id)
  const each = paymentThen(world, id, day)
  return (
    offer !== undefined &&
    offer.from === undefined &&
    offer.until === undefined &&
    offer.single !== true &&
    each !== undefined &&
    each * count === price &&
    !(world.workspace.needTests ?? []).some(({ tool }) => tool === offer.tool) &&
    !world.workspace.pins.some((pin) => pin.offer === id && pin.date === date)
  )
}

/** Protection before what asks for it. */
const protectionFirst = (world: World, { offer }: PlannedPurchase): number =>
  (world.library.tools.get(findOffer(world.pricing, offer)?.tool ?? '')?.protects.length ?? 0) > 0
    ? 0
    : 1

/**
 * The same plan with what can be paid for earlier bought earlier: nothing is put off for the sake of the money alone, and of two plans with
 * the same purchases and builds the earlier one is shown. Purchases on which a deal or a resale hangs stay where they are.
 */
export function broughtForward(world: World, settled: Settled): Settled {
  const { plan, report } = settled
  if (report.broken.length > 0 || (plan.savings ?? []).length + (plan.resales ?? []).length > 0)
    return settled
  const purse: Purse = {
    days: report.balances.map(({ date, balance }) => ({ date, balance })),
    reserve: world.workspace.money.reserve
  }
  const moved = new Map<string, PlannedPurchase>()
  const order = [...plan.purchases].sort(
    (a, b) => byDate(a, b) || protectionFirst(world, a) - protectionFirst(world, b)
  )
  for (const purchase of order) {
    const from = laterDay(world.asOf, addDays(purchase.date, -FORWARD_DAYS))
    const needed = neededFor(world, purchase)
    const day = firstDay(purse, from, purchase, needed)
    if (day >= purchase.date || !isFree(world, purchase, day)) continue
    for (const one of purse.days)
      if (one.date >= day && one.date < purchase.date) one.balance -= needed
    moved.set(purchase.id, { ...purchase, id: `${purchase.offer}@${day}`, date: day })
  }
  if (moved.size === 0) return settled
  return accepted(world, settled, moved) ?? oneByOne(world, settled, moved)
}

/** The plan with purchases on their new days, where the evaluator accepts it and it is worth no less. */
function accepted(
  world: World,
  { plan, report }: Settled,
  moved: ReadonlyMap<string, PlannedPurchase>
): Settled | undefined {
  const next: Plan = {
    ...plan,
    purchases: plan.purchases.map((one) => moved.get(one.id) ?? one).sort(byDate)
  }
  const then = evaluate(world, next)
  return then.broken.length === 0 && then.value.total >= report.value.total - 1
    ? { plan: next, report: then }
    : undefined
}

/** Where not all can be moved, as many as can, one after another. */
function oneByOne(
  world: World,
  settled: Settled,
  moved: ReadonlyMap<string, PlannedPurchase>
): Settled {
  let best = settled
  for (const [id, purchase] of moved)
    best = accepted(world, best, new Map([[id, purchase]])) ?? best
  return best
}
