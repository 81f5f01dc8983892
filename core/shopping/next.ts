import type { Day } from '../calendar'
import { sumOf } from '../kernel'
import { findOffer } from '../prices'
import type { Minor } from '../money'
import type { Plan, PlannedPurchase, World } from '../workspace'
import { evaluate, type Report, type CashMovement } from '../plan'

/** The first day on which a plan buys, and what that day does to the purse. */
export interface NextDay {
  readonly date: Day
  readonly purchases: readonly PlannedPurchase[]
  /** For the purchases, less what buying together saves. */
  readonly paid: Minor
  /** For material and fees of the builds begun that day. */
  readonly material: Minor
  /** Kept back for the repair of what is bought used. */
  readonly kept: Minor
  /** In the purse at the end of the day. */
  readonly left: Minor
}

/**
 * Whether the days since a plan was made have gone by otherwise than it says, so that it no longer holds as it stands: a day of buying
 * has passed, or money has not come. A plan of today is never overtaken, even where its user has moved it against a rule.
 * @param report what the judge says of the plan, where that is known; asked for only where it matters
 */
export const isOvertaken = (
  world: World,
  plan: Plan,
  report: () => Pick<Report, 'broken'> = () => evaluate(world, plan)
): boolean => plan.asOf < world.asOf && report().broken.length > 0

/** Groups of tools that shape wood, before those that hold and measure it. */
const WORKING: ReadonlySet<string> = new Set([
  'saws',
  'hand-power',
  'machines',
  'drilling',
  'planes',
  'chisels'
])

/** What does the work first, then what holds and measures, then protection, then what is put into it; the dearer first within each. */
export function mainFirst(
  world: World,
  purchases: readonly PlannedPurchase[]
): readonly PlannedPurchase[] {
  const rank = ({ offer }: PlannedPurchase): number => {
    const tool = world.library.tools.get(findOffer(world.pricing, offer)?.tool ?? '')
    if (!tool) return 0
    if (tool.kind !== 'tool') return tool.kind === 'protection' ? 2 : 3
    return WORKING.has(tool.group) ? 0 : 1
  }
  return [...purchases].sort((a, b) => rank(a) - rank(b) || b.price - a.price)
}

/** Undefined for a plan that buys nothing. */
export function nextDay(plan: Plan, report: Report): NextDay | undefined {
  const date = plan.purchases.reduce<Day | undefined>(
    (first, one) => (first === undefined || one.date < first ? one.date : first),
    undefined
  )
  if (date === undefined) return undefined
  const out = (is: (one: CashMovement) => boolean): Minor =>
    0 -
    sumOf(
      report.movements.filter((one) => one.date === date && is(one)),
      ({ amount }) => amount
    )
  return {
    date,
    purchases: plan.purchases.filter((one) => one.date === date),
    paid: out(
      ({ kind, path }) => kind === 'saving' || (kind === 'payment' && path?.[0] === 'purchases')
    ),
    material: out(({ kind, path }) => kind === 'payment' && path?.[0] === 'builds'),
    kept: out(({ kind }) => kind === 'kept'),
    left: report.balances.filter((point) => point.date <= date).at(-1)?.balance ?? 0
  }
}
