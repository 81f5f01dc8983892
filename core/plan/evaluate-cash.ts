import { daysUntilSold, type Build } from '../builds'
import { addDays, byDate, type Day } from '../calendar'
import { issue, type Issue, type Path } from '../kernel'
import type { Minor } from '../money'
import { flowsBack, type World } from '../workspace'

/** Money that moves in a plan. Payments are negative; so is what is kept back for the repair of used tools. */
export interface CashMovement {
  readonly kind: 'receipt' | 'sale' | 'resale' | 'saving' | 'payment' | 'kept'
  readonly date: Day
  readonly amount: Minor
  /** For sales: the whole net price, of which `amount` flows back into the budget. */
  readonly full?: Minor
  readonly path?: Path
}

export interface DayBalance {
  readonly date: Day
  readonly balance: Minor
}

interface Outlay {
  readonly path: Path
  readonly date: Day
  readonly amount: Minor
  /** Kept back on the same day for repairs. */
  readonly kept?: Minor | undefined
}

/** What a build brings once it is sold, where it is for sale and sold by the last day; an order that is done too late is not taken. */
export function salesOf(world: World, build: Build, done: Day, until: Day): CashMovement[] {
  if (!build.sale || (build.sale.due !== undefined && done > build.sale.due)) return []
  const full = build.sale.netEach * build.copies
  const date = addDays(done, daysUntilSold(build))
  return date > until
    ? []
    : [
        {
          kind: 'sale',
          date,
          amount: flowsBack(world.workspace.money, full, build.copies),
          full
        }
      ]
}

/** All movements of a plan from today on, by date; on one day money in comes before money out. */
export function cashMovements(
  world: World,
  purchases: readonly Outlay[],
  builds: readonly (Outlay & { build: Build; done: Day })[],
  others: readonly CashMovement[] = []
): CashMovement[] {
  const receipts = world.receipts.map(({ date, amount }): CashMovement => ({
    kind: 'receipt',
    date,
    amount
  }))
  const payments = [...purchases, ...builds]
    .filter(({ amount }) => amount !== 0)
    .map(({ path, date, amount }): CashMovement => ({
      kind: 'payment',
      date,
      amount: -amount,
      path
    }))
  const kept = purchases.flatMap(({ path, date, kept: amount = 0 }): CashMovement[] =>
    amount === 0 ? [] : [{ kind: 'kept', date, amount: -amount, path }]
  )
  const sales = builds.flatMap(({ build, done }) => salesOf(world, build, done, world.until))
  return [...receipts, ...sales, ...others, ...payments, ...kept].sort(
    (a, b) => byDate(a, b) || b.amount - a.amount
  )
}

/**
 * No payment makes or deepens a balance below the reserve on its day or any later day. Each low day is reported once, at the last
 * payment before it. All in whole minor units.
 */
export function checkCash(
  world: World,
  movements: readonly CashMovement[],
  broken: Issue[]
): DayBalance[] {
  const balances: DayBalance[] = [{ date: world.asOf, balance: world.balance }]
  let balance = world.balance
  for (const { date, amount } of movements) {
    balance += amount
    if (balances.at(-1)?.date === date) balances.pop()
    balances.push({ date, balance })
  }
  const { reserve } = world.workspace.money
  const payments = movements.filter(({ kind }) => kind === 'payment')
  const first = payments[0]
  let lowest: DayBalance | undefined
  const report = (): void => {
    const low = lowest
    const culprit = low && payments.filter(({ date }) => date <= low.date).at(-1)
    if (low && culprit)
      broken.push(
        issue('plan.below-reserve', culprit.path ?? [], {
          on: low.date,
          date: culprit.date,
          balance: low.balance,
          reserve,
          short: reserve - low.balance
        })
      )
    lowest = undefined
  }
  for (const point of balances) {
    if (!first || point.date < first.date) continue
    if (point.balance >= reserve) report()
    else if (!lowest || point.balance < lowest.balance) lowest = point
  }
  report()
  return balances
}

/** No plan pays out more than the cap, where there is one. */
export function checkCap(world: World, spent: Minor, broken: Issue[]): void {
  const { cap } = world.workspace.money
  if (cap !== undefined && spent > cap) broken.push(issue('plan.over-cap', [], { spent, cap }))
}
