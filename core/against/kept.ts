import { byDate, type Day } from '../calendar'
import { balanceOn, standing, type LedgerEntry } from '../ledger'
import type { Minor } from '../money'
import {
  expectedReceipts,
  findBuild,
  type Plan,
  type PlannedIncome,
  type Receipt,
  type Workspace,
  type World
} from '../workspace'
import { salesOf } from '../plan'
import { batchOf } from '../builds'

/** What a plan counts on as money and builds stand now: receipts (one-offs may go out), and the builds that are sold. The earliest first. */
function incomeOf(world: World, plan: Plan, receipts: readonly Receipt[]): PlannedIncome[] {
  const sales = plan.builds.flatMap(({ build: id, copies, done }) => {
    const build = findBuild(world, id)
    return build ? salesOf(world, batchOf(build, copies), done, plan.until) : []
  })
  return [...receipts, ...sales].map(({ date, amount }) => ({ date, amount })).sort(byDate)
}

/** Plans kept at the most, the newest of them: as many as a file may hold. */
const PLANS_KEPT = 200

/** Keeps the plan of today with what it knew and counts on, so that it can be laid over what really happens even when the money settings have changed since. */
export function keepPlan(world: World, plan: Plan): Workspace {
  const { workspace, asOf, balance } = world
  const { ledger } = workspace
  const kept = {
    on: asOf,
    balance,
    entries: ledger.filter(({ date }) => date >= asOf).map(({ id }) => id),
    income: incomeOf(
      world,
      plan,
      world.receipts.filter(({ date }) => date <= plan.until)
    )
  }
  return { ...workspace, adopted: [...workspace.adopted, { ...plan, kept }].slice(-PLANS_KEPT) }
}

/** Where a kept plan begins, and what has really moved since. */
export interface Since {
  readonly from: Day
  /** In the purse when the plan was kept. */
  readonly start: Minor
  /** What has been corrected since of what the plan took for granted: entries of earlier days, put in or taken back later. */
  readonly corrected: Minor
  readonly income: readonly PlannedIncome[]
  /** Entries since then up to today, without what was taken back. An entry known to the plan that was taken back stands here as its reversal. */
  readonly real: readonly LedgerEntry[]
}

/** What came after a plan was kept. A plan of an earlier version does not say what it knew: it is taken to have been kept in the morning of its day, counting on the money settings as they are now. */
export function sinceKept(world: World, plan: Plan): Since {
  const {
    asOf,
    workspace: { ledger }
  } = world
  const { kept } = plan
  if (!kept) {
    const stands = standing(ledger)
    const since = stands.filter(({ date }) => date >= plan.asOf && date <= asOf)
    // What was there at the start of the ledger was known to the plan.
    const start = balanceOn(
      stands.filter(
        (entry) => entry.date < plan.asOf || (entry.date === plan.asOf && entry.kind === 'opening')
      ),
      plan.asOf
    )
    return {
      from: plan.asOf,
      start,
      corrected: 0,
      income: incomeOf(world, plan, expectedReceipts(world.workspace, plan.asOf, plan.until)),
      real: since.filter(({ kind }) => kind !== 'opening')
    }
  }
  const known = new Set(kept.entries)
  const isNew = ({ id, date }: LedgerEntry): boolean => date >= kept.on && !known.has(id)
  const added = ledger.filter((entry) => isNew(entry) && entry.date <= asOf)
  const ids = new Set(added.map(({ id }) => id))
  const reversed = new Set(added.flatMap(({ reverses }) => reverses ?? []))
  return {
    from: kept.on,
    start: kept.balance,
    corrected:
      balanceOn(
        ledger.filter((entry) => !isNew(entry)),
        asOf
      ) - kept.balance,
    income: kept.income,
    real: added.filter(
      ({ id, reverses }) => !reversed.has(id) && (reverses === undefined || !ids.has(reverses))
    )
  }
}

/** The chances of a plan that was just kept, worked out after it: each build's to be ready by its day. Another plan kept since stays as it is. */
export const withChances = (
  workspace: Workspace,
  { asOf, workspace: { hash } }: Plan,
  chances: NonNullable<NonNullable<Plan['kept']>['chances']>
): Workspace => ({
  ...workspace,
  adopted: workspace.adopted.map((plan) =>
    plan.kept && plan.asOf === asOf && plan.workspace.hash === hash
      ? { ...plan, kept: { ...plan.kept, chances } }
      : plan
  )
})
