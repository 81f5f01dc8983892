import { byDate, type Day } from '../calendar'
import { findOffer } from '../prices'
import type { Minor } from '../money'
import type { Plan, World } from '../workspace'
import { evaluate } from '../plan'
import { purchaseOpens } from './explain'

/** How a plan begins as against the first of the list. */
export type Beginning =
  | { readonly kind: 'same' }
  /** The plan has it, later: the money is not there before, or something else comes first. */
  | {
      readonly kind: 'later'
      readonly date: Day
      readonly short: Minor | undefined
      readonly first: string
      readonly firstDate: Day
      readonly firstOpens: readonly string[]
    }
  /** The plan reaches the same builds with other purchases, which also open further ones. */
  | {
      readonly kind: 'otherwise'
      readonly first: string
      readonly firstDate: Day
      readonly firstOpens: readonly string[]
      readonly through: string
      readonly builds: readonly string[]
    }
  /** The plan leaves those builds out. */
  | {
      readonly kind: 'left-out'
      readonly first: string
      readonly firstDate: Day
      readonly firstOpens: readonly string[]
      readonly builds: readonly string[]
    }

/**
 * Why a plan does not begin with the purchase that heads the list; undefined for a plan without purchases. Each answer is read off the
 * plan: its dates, its balances and what its purchases open.
 * @param lead the tool that heads the list
 * @param cost all-in cost of the set it heads
 * @param opens builds that set opens
 */
export function beginningOf(
  world: World,
  plan: Plan,
  lead: string,
  cost: Minor,
  opens: readonly string[]
): Beginning | undefined {
  const tool = (offer: string): string | undefined => findOffer(world.pricing, offer)?.tool
  const [earliest] = [...plan.purchases].sort((a, b) => byDate(a, b) || b.price - a.price)
  if (!earliest) return undefined
  const now = plan.purchases.filter(({ date }) => date === earliest.date)
  if (now.some(({ offer }) => tool(offer) === lead)) return { kind: 'same' }
  const report = evaluate(world, plan)
  const opened = (offer: { id: string }) =>
    plan.purchases
      .filter(({ id }) => id === offer.id)
      .flatMap((purchase) =>
        purchaseOpens(world, plan, purchase, report.broken).map(({ build }) => build)
      )
  const shared = { first: earliest.offer, firstDate: earliest.date, firstOpens: opened(earliest) }
  const later = plan.purchases.find(({ offer }) => tool(offer) === lead)
  if (later) {
    const before =
      report.balances.filter(({ date }) => date < later.date).at(-1)?.balance ?? world.balance
    const free = before - world.workspace.money.reserve
    return {
      kind: 'later',
      date: later.date,
      short: free < cost ? cost - free : undefined,
      ...shared
    }
  }
  const reached = opens.filter((build) => plan.builds.some((planned) => planned.build === build))
  if (reached.length === 0) return { kind: 'left-out', builds: opens, ...shared }
  const through = plan.purchases.find((purchase) =>
    opened(purchase).some((build) => reached.includes(build))
  )
  return {
    kind: 'otherwise',
    builds: reached,
    through: through?.offer ?? earliest.offer,
    ...shared
  }
}
