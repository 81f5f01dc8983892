import { byDate, stagesFrom, type Day, type Stage } from '../calendar'
import { groupBy, sumOf } from '../kernel'
import type { EntryKind, LedgerEntry } from '../ledger'
import type { Minor } from '../money'
import { findOffer } from '../prices'
import type { Plan, World } from '../workspace'
import { sinceKept, type Since } from './kept'
import type { Comes } from '../plan'

/** A stage of a kept plan beside what really moved in it. Money out is net of refunds. */
export interface AgainstStage {
  readonly start: Day
  /** The last day that is counted; today in the stage that is under way. */
  readonly end: Day
  readonly plannedIn: Minor
  readonly actualIn: Minor
  readonly plannedOut: Minor
  readonly actualOut: Minor
}

/** A tool (or a bundle, by its id) as it was planned and as it was bought. */
export interface AgainstTool {
  readonly tool: string
  readonly kind: 'bought' | 'to-come' | 'late' | 'unplanned' | 'given-back'
  readonly plannedOn?: Day | undefined
  readonly planned: Minor
  readonly boughtOn?: Day | undefined
  /** Paid, less what was refunded. */
  readonly actual: Minor
}

export interface AgainstBuild {
  readonly build: string
  readonly plannedDone: Day
  readonly done?: Day | undefined
  readonly planned: Minor
  /** Timber and fees really paid for it. */
  readonly actual: Minor
}

export interface Against {
  readonly stages: readonly AgainstStage[]
  /** All stages together. */
  readonly total: Pick<AgainstStage, 'plannedIn' | 'actualIn' | 'plannedOut' | 'actualOut'>
  readonly tools: readonly AgainstTool[]
  readonly builds: readonly AgainstBuild[]
  /** The purse as it was planned, and as it was, from the plan's day on; the planned one goes on to its end. */
  readonly planned: readonly { readonly date: Day; readonly balance: Minor }[]
  readonly actual: readonly { readonly date: Day; readonly balance: Minor }[]
  /** What the purse has more today than the plan had for today. */
  readonly ahead: Minor
}

const TOOL_KINDS: ReadonlySet<EntryKind> = new Set(['tool', 'companion', 'consumable', 'refund'])
interface Movement {
  readonly date: Day
  readonly amount: Minor
}

/** What a plan pays and takes in, as it was made; what it had for a day before it was kept was still to come. */
function plannedMovements(plan: Plan, { from, income }: Since): Movement[] {
  return [
    ...income,
    ...plan.purchases.map(({ date, price }) => ({ date, amount: -price })),
    ...plan.builds.map(({ begin, material }) => ({ date: begin, amount: -material })),
    ...(plan.resales ?? []),
    ...(plan.savings ?? [])
  ]
    .map(({ date, amount }) => ({ date: date < from ? from : date, amount }))
    .sort(byDate)
}

/** What comes in (1) or goes out (-1). */
const way = (list: readonly Movement[], sign: 1 | -1): Minor =>
  sumOf(list, ({ amount }) => Math.max(0, sign * amount))
/** Refunds and reversals come off what they take back, rather than on the other side. */
const takesBack = ({ kind }: LedgerEntry): boolean => kind === 'refund' || kind === 'reversal'

/** The balance after each day on which something moves. */
function running(start: Minor, movements: readonly Movement[]): { date: Day; balance: Minor }[] {
  let balance = start
  return [...groupBy(movements, ({ date }) => date)].map(([date, list]) => ({
    date,
    balance: (balance += sumOf(list, ({ amount }) => amount))
  }))
}

/** Stages from the plan's day to today. */
function stagesUntilToday(world: World, from: Day): Stage[] {
  const { length } = world.workspace.horizon
  const anchor = world.workspace.horizon.start <= from ? world.workspace.horizon.start : from
  const found: Stage[] = []
  for (let count = 12; ; count *= 2) {
    const stages = stagesFrom(anchor, length, count)
    const last = stages.at(-1)
    if (!last || last.end < world.asOf) continue
    found.push(...stages.filter(({ start, end }) => end >= from && start <= world.asOf))
    return found
  }
}

function stageAgainst(
  { start, end }: Stage,
  first: Day,
  today: Day,
  movements: readonly Movement[],
  real: readonly LedgerEntry[]
): AgainstStage {
  const from = start < first ? first : start
  const to = end > today ? today : end
  const within = ({ date }: { readonly date: Day }): boolean => date >= from && date <= to
  const planned = movements.filter(within)
  const [actual, back] = [
    real.filter((entry) => within(entry) && !takesBack(entry)),
    real.filter((entry) => within(entry) && takesBack(entry))
  ]
  const [came, went] = [way(back, 1), way(back, -1)]
  return {
    start: from,
    end: to,
    plannedIn: way(planned, 1),
    actualIn: way(actual, 1) - went,
    plannedOut: way(planned, -1),
    actualOut: way(actual, -1) - came
  }
}

function toolsOf(world: World, plan: Plan, real: readonly LedgerEntry[]): AgainstTool[] {
  const keyOf = (offer: string): string => findOffer(world.pricing, offer)?.tool ?? offer
  const planned = groupBy(plan.purchases, ({ offer }) => keyOf(offer))
  const byId = new Map(world.workspace.ledger.map((entry) => [entry.id, entry]))
  const of = (entry: LedgerEntry): string | undefined => {
    const original = entry.refunds === undefined ? entry : (byId.get(entry.refunds) ?? entry)
    return original.offer === undefined ? original.tool : keyOf(original.offer)
  }
  const bought = groupBy(
    real.filter((entry) => TOOL_KINDS.has(entry.kind) && of(entry) !== undefined),
    (entry) => of(entry) ?? ''
  )
  return [...new Set([...planned.keys(), ...bought.keys()])]
    .map((tool): AgainstTool => {
      const wanted = planned.get(tool) ?? []
      const entries = bought.get(tool) ?? []
      const paid = entries.filter(({ amount }) => amount < 0)
      const actual = 0 - sumOf(entries, ({ amount }) => amount)
      const plannedOn = wanted.map(({ date }) => date).sort()[0]
      const boughtOn = paid.map(({ date }) => date).sort()[0]
      const kind =
        paid.length === 0
          ? plannedOn !== undefined && plannedOn < world.asOf
            ? 'late'
            : 'to-come'
          : actual <= 0 && entries.length > paid.length
            ? 'given-back'
            : wanted.length === 0
              ? 'unplanned'
              : 'bought'
      return {
        tool,
        kind,
        planned: sumOf(wanted, ({ price }) => price),
        actual,
        ...(plannedOn === undefined ? {} : { plannedOn }),
        ...(boughtOn === undefined ? {} : { boughtOn })
      }
    })
    .filter(({ planned: price, actual, kind }) => kind !== 'to-come' || price > 0 || actual !== 0)
    .sort((a, b) =>
      (a.plannedOn ?? a.boughtOn ?? '') < (b.plannedOn ?? b.boughtOn ?? '') ? -1 : 1
    )
}

/** Each build of the plan: when it was to be done and was, what its timber was to cost and what was paid for it. */
function buildsOf(world: World, plan: Plan, real: readonly LedgerEntry[]): AgainstBuild[] {
  const paidFor = groupBy(
    real.filter(({ build, kind }) => build !== undefined && kind !== 'sale'),
    ({ build }) => build ?? ''
  )
  return [...groupBy(plan.builds, ({ build }) => build)].map(([build, parts]) => {
    const done = world.workspace.builds.find(({ id }) => id === build)?.log?.done
    return {
      build,
      plannedDone:
        parts
          .map((part) => part.done)
          .sort()
          .at(-1) ?? plan.until,
      planned: sumOf(parts, ({ material }) => material),
      actual: 0 - sumOf(paidFor.get(build) ?? [], ({ amount }) => amount),
      ...(done === undefined ? {} : { done })
    }
  })
}

/**
 * A kept plan laid over what really happened since the day it was made: by stage, by tool, by build, and as the purse. Money in minor
 * units. See `sinceKept` for what a plan knew and counted on.
 */
export function againstPlan(world: World, plan: Plan): Against {
  const { asOf } = world
  const since = sinceKept(world, plan)
  const { from, start } = since
  const real = since.real.filter(({ amount }) => amount !== 0)
  const movements = plannedMovements(plan, since)
  const moved = [
    ...(since.corrected === 0 ? [] : [{ date: from, amount: since.corrected }]),
    ...real
  ].sort(byDate)
  const planned = [{ date: from, balance: start }, ...running(start, movements)]
  const actual = [{ date: from, balance: start }, ...running(start, moved)]
  // What is planned for today and has not moved yet is no difference.
  const today = {
    planned: movements.filter(({ date }) => date === asOf),
    real: real.filter(({ date }) => date === asOf)
  }
  const plannedToday =
    (planned.filter(({ date }) => date < asOf).at(-1)?.balance ?? start) +
    Math.min(way(today.planned, 1), way(today.real, 1)) -
    Math.min(way(today.planned, -1), way(today.real, -1))
  const stages = stagesUntilToday(world, from).map((stage) =>
    stageAgainst(stage, from, asOf, movements, real)
  )
  const all = (figure: 'plannedIn' | 'actualIn' | 'plannedOut' | 'actualOut'): Minor =>
    sumOf(stages, (stage) => stage[figure])
  return {
    stages,
    total: {
      plannedIn: all('plannedIn'),
      actualIn: all('actualIn'),
      plannedOut: all('plannedOut'),
      actualOut: all('actualOut')
    },
    tools: toolsOf(world, plan, real),
    builds: buildsOf(world, plan, real),
    planned,
    actual:
      actual.at(-1)?.date === asOf
        ? actual
        : [...actual, { date: asOf, balance: actual.at(-1)?.balance ?? start }],
    ahead: world.balance - plannedToday
  }
}

/** A build that two plans finish on different days, or only one of them finishes. */
export interface Shift {
  readonly build: string
  readonly here: Day | undefined
  readonly there: Day | undefined
}

/** Builds (jigs left out) whose day of finishing differs between two outcomes. */
export function shiftsBetween(here: Pick<Comes, 'builds'>, there: Pick<Comes, 'builds'>): Shift[] {
  const [mine, theirs] = [here, there].map(
    ({ builds }) => new Map(builds.map(({ build, done }) => [build, done]))
  )
  return [...new Set([...(mine?.keys() ?? []), ...(theirs?.keys() ?? [])])]
    .map((build) => ({ build, here: mine?.get(build), there: theirs?.get(build) }))
    .filter(({ build, here: a, there: b }) => !build.startsWith('make/') && a !== b)
}
