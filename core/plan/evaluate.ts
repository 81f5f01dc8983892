import { isDone, type Build, batchOf } from '../builds'
import { checkDay, type Day } from '../calendar'
import {
  fitBuild,
  fitContext,
  isUse,
  kitOf,
  taskOf,
  plainUse,
  useMethod,
  type FitContext,
  type Kit,
  type MethodUse,
  usedUp
} from '../fit'
import { issue, issueNamed, sumOf, type Issue } from '../kernel'
import type { Minor } from '../money'
import {
  buildMaterial,
  findBuild,
  workspaceHash,
  type Plan,
  type PlannedBuild,
  type World
} from '../workspace'
import {
  checkCap,
  checkCash,
  cashMovements,
  type CashMovement,
  type DayBalance
} from './evaluate-cash'
import { checkHours } from './evaluate-hours'
import { acquisitions, checkProtection, checkSpace, kitBetween, type Acquired } from './acquired'
import { checkPurchases, checkSavings, type Priced } from './evaluate-purchases'
import { checkResales, type Resold } from './resale'
import { discount, resaleValue, worthWhenDone } from './terms'

/** The objective of a plan, term by term, in minor units at today's worth; costs are negative. */
export interface PlanValue {
  readonly builds: number
  readonly sales: number
  /** Owned tools sold because something better has come; after the horizon's end all others count under `resale`. */
  readonly resold: number
  readonly payments: number
  readonly hours: number
  readonly penalties: number
  /** Floor taken by what is bought, at what a square metre counts. */
  readonly space: number
  readonly resale: number
  readonly total: number
}

export interface EvaluatedBuild {
  readonly build: string
  readonly begin: Day
  readonly done: Day
  readonly minutes: number
}

/** What the evaluator says about a plan. It holds exactly when `broken` is empty. */
export interface Report {
  readonly broken: readonly Issue[]
  /** Things worth saying that break no rule: made for an earlier state, another library version. */
  readonly notes: readonly Issue[]
  /** The balance at the end of every day on which it changes, from today on. */
  readonly balances: readonly DayBalance[]
  readonly builds: readonly EvaluatedBuild[]
  readonly value: PlanValue
  readonly spent: Minor
  /** All that moves, by date. */
  readonly movements: readonly CashMovement[]
}

const isDay = (text: string): boolean => checkDay(text).ok

interface CheckedBuild {
  readonly planned: PlannedBuild
  readonly build: Build
  readonly uses: readonly MethodUse[]
  /** Minutes still to be given. */
  readonly minutes: number
  /** Material and fees to be paid on the first day. */
  readonly payment: Minor
}

function checkBuild(
  world: World,
  context: FitContext,
  acquired: readonly Acquired[],
  planned: PlannedBuild,
  index: number,
  broken: Issue[]
): CheckedBuild | undefined {
  const path = ['builds', index] as const
  const whole = findBuild(world, planned.build)
  if (!whole) {
    broken.push(issue('plan.unknown-build', [...path, 'build'], { id: planned.build }))
    return undefined
  }
  const { copies } = planned
  if (
    copies !== undefined &&
    (!Number.isInteger(copies) ||
      copies < 1 ||
      copies > whole.copies ||
      (whole.log !== undefined && copies < whole.copies))
  )
    broken.push(
      issue('plan.copies', [...path, 'copies'], { build: whole.id, copies, all: whole.copies })
    )
  const build = batchOf(whole, copies)
  if (!isDay(planned.begin) || !isDay(planned.done)) {
    broken.push(
      issue('day.does-not-exist', path, {
        text: isDay(planned.begin) ? planned.done : planned.begin
      })
    )
    return undefined
  }
  if (isDone(build)) broken.push(issue('plan.build-already-done', path, { build: build.id }))
  if (planned.begin < world.asOf || planned.done > world.until || planned.done < planned.begin)
    broken.push(
      issue('plan.build-dates', path, {
        build: build.id,
        begin: planned.begin,
        done: planned.done,
        from: world.asOf,
        until: world.until
      })
    )
  const kit = kitBetween(acquired, planned.begin, planned.done)
  const uses = build.steps.flatMap((step): MethodUse[] => {
    const method = world.library.methods.get(planned.methods[step.id] ?? '')
    if (!method || method.operation !== step.operation) {
      broken.push(
        issue('plan.no-method', [...path, 'methods', step.id], {
          build: build.id,
          operation: step.operation,
          begin: planned.begin
        })
      )
      return []
    }
    const fit = useMethod(context, kit, method, step, build)
    for (const miss of fit.misses)
      broken.push(
        issueNamed(`plan.miss.${miss.kind}`, [...path, 'methods', step.id], {
          build: build.id,
          method: method.id,
          begin: planned.begin,
          ...figuresOf(miss)
        })
      )
    return [isUse(fit) ? fit : plainUse(context, fit, taskOf(step, build))]
  })
  const begun = build.log !== undefined
  const minutes = Math.max(
    0,
    Math.ceil(sumOf(uses, (use) => use.minutes)) - (build.log?.minutesSpent ?? 0)
  )
  const payment = begun
    ? 0
    : buildMaterial(world, build) + sumOf(uses, ({ fee }) => fee) + usedUp(world, build, uses)
  if (payment !== planned.material)
    broken.push(
      issue('plan.material-differs', [...path, 'material'], {
        build: build.id,
        planned: planned.material,
        price: payment
      })
    )
  return { planned, build, uses, minutes, payment }
}

const figuresOf = (miss: object): Record<string, string | number> =>
  Object.fromEntries(
    Object.entries(miss).flatMap(([key, value]): [string, string | number][] =>
      key === 'kind'
        ? []
        : [[key, Array.isArray(value) ? value.join(', ') : (value as string | number)]]
    )
  )

function checkPinsAndRepeats(world: World, plan: Plan, broken: Issue[]): void {
  world.workspace.pins.forEach((pin, index) => {
    const kept = sumOf(
      plan.purchases.filter(({ offer, date }) => offer === pin.offer && date === pin.date),
      ({ count }) => count
    )
    if (kept < pin.count)
      broken.push(issue('plan.pin-not-kept', ['pins', index], { offer: pin.offer, date: pin.date }))
  })
  const made = new Map<string, number>()
  plan.builds.forEach(({ build: id, copies }, index) => {
    const all = findBuild(world, id)?.copies ?? 1
    const before = made.get(id) ?? 0
    const after = before + (copies ?? all)
    if (before > 0 && after > all)
      broken.push(
        before >= all || copies === undefined
          ? issue('plan.build-twice', ['builds', index], { build: id })
          : issue('plan.copies', ['builds', index, 'copies'], { build: id, copies: after, all })
      )
    made.set(id, after)
  })
}

function valueOf(
  world: World,
  checked: readonly CheckedBuild[],
  movements: readonly CashMovement[],
  acquired: readonly Acquired[],
  list: readonly Priced[],
  resold: readonly Resold[]
): PlanValue {
  const { keptMoneyWorth } = world.workspace.money
  const own = checked.filter(({ build }) => build.sale === undefined)
  const builds = sumOf(
    own,
    ({ build, planned }) =>
      discount(world, planned.done) * worthWhenDone(world, build, planned.done)
  )
  const sales = sumOf(movements, ({ kind, date, full }) =>
    kind === 'sale' ? discount(world, date) * (full ?? 0) : 0
  )
  const sold = sumOf(resold, ({ date, amount }) => discount(world, date) * amount)
  const saved = sumOf(movements, ({ kind, date, amount }) =>
    kind === 'saving' ? discount(world, date) * amount : 0
  )
  const bought = sumOf(list, ({ purchase, expected }) => discount(world, purchase.date) * expected)
  const material = sumOf(
    checked,
    ({ planned, payment }) => discount(world, planned.begin) * payment
  )
  const payments = -keptMoneyWorth * (bought + material - saved)
  const hours = -sumOf(
    checked,
    ({ planned, build, minutes }) =>
      (discount(world, planned.done) *
        minutes *
        (build.hourValue ?? world.workspace.money.hourValue)) /
      60
  )
  const penalties = -sumOf(
    checked,
    ({ planned, uses }) => discount(world, planned.done) * sumOf(uses, ({ penalty }) => penalty)
  )
  const gone = new Set(resold.map(({ item }) => item))
  const resale =
    discount(world, world.until) *
    sumOf(acquired, ({ entry, paid, item }) =>
      item !== undefined && gone.has(item) ? 0 : resaleValue(entry, paid)
    )
  const perM2 = world.workspace.preferences.weighting?.spacePerM2 ?? 0
  const space =
    perM2 === 0
      ? 0
      : -perM2 *
        sumOf(acquired, ({ entry, from }) =>
          from < world.asOf ? 0 : discount(world, from) * entry.tool.storedM2 * entry.count
        )
  return {
    builds,
    sales,
    resold: sold,
    payments,
    hours,
    penalties,
    space,
    resale,
    total: builds + sales + sold + payments + hours + penalties + space + resale
  }
}

/**
 * Replays a plan day by day against the rules of docs/model.md, 5, and prices it. Knows nothing of how the plan was made; it is the only
 * judge of what is feasible. Every broken rule is reported, with the place in the plan and the figures.
 */
export function evaluate(world: World, plan: Plan): Report {
  const broken: Issue[] = []
  const notes: Issue[] = []
  if (plan.workspace.id !== world.workspace.id)
    notes.push(issue('plan.other-workspace', ['workspace', 'id'], { id: plan.workspace.id }))
  else if (plan.workspace.hash !== workspaceHash(world.workspace))
    notes.push(issue('plan.older-state', ['workspace', 'hash'], {}))
  if (plan.libraryVersion !== world.library.version)
    notes.push(
      issue('plan.other-library', ['libraryVersion'], {
        made: plan.libraryVersion,
        now: world.library.version
      })
    )
  const context = fitContext(world)
  const list = checkPurchases(world, plan, broken)
  const resold = checkResales(world, plan, list, broken)
  const acquired = acquisitions(world, plan, list, resold)
  checkProtection(list, acquired, broken)
  checkSpace(world, acquired, broken)
  checkSavings(world, plan, list, broken)
  checkPinsAndRepeats(world, plan, broken)
  const checked = plan.builds.flatMap(
    (planned, index) => checkBuild(world, context, acquired, planned, index, broken) ?? []
  )
  checkHours(
    world,
    plan,
    new Map(checked.map(({ planned, minutes }) => [planned, minutes])),
    broken
  )
  const movements = cashMovements(
    world,
    list.map(({ index, purchase, payment, keptForRepair }) => ({
      path: ['purchases', index],
      date: purchase.date,
      amount: payment,
      kept: keptForRepair
    })),
    checked.map(({ planned, build, payment }) => ({
      path: ['builds', plan.builds.indexOf(planned)],
      date: planned.begin,
      amount: payment,
      build,
      done: planned.done
    })),
    [
      ...resold.map(({ date, amount }): CashMovement => ({ kind: 'resale', date, amount })),
      ...(plan.savings ?? []).map(({ date, amount }): CashMovement => ({
        kind: 'saving',
        date,
        amount
      }))
    ]
  )
  const balances = checkCash(world, movements, broken)
  const spent = sumOf(movements, ({ kind, amount }) =>
    kind === 'payment' || kind === 'saving' ? -amount : 0
  )
  checkCap(world, spent, broken)
  return {
    broken,
    notes,
    balances,
    builds: checked.map(({ planned, minutes }) => ({
      build: planned.build,
      begin: planned.begin,
      done: planned.done,
      minutes
    })),
    value: valueOf(world, checked, movements, acquired, list, resold),
    spent,
    movements
  }
}

const acquiredBy = (world: World, plan: Plan): Acquired[] => {
  const list = checkPurchases(world, plan, [])
  return acquisitions(world, plan, list, checkResales(world, plan, list, []))
}

/** Builds possible with what is owned at the end of a day if the plan is followed. */
export function possibleAfter(world: World, plan: Plan, day: Day): string[] {
  const kit = kitBetween(acquiredBy(world, plan), day, day)
  const context = fitContext(world)
  return world.workspace.builds
    .filter((build) => !isDone(build) && fitBuild(context, kit, build).gaps.length === 0)
    .map(({ id }) => id)
}

/** What is owned at the end of a plan if it is followed. */
export function kitAfter(world: World, plan: Plan): Kit {
  return kitBetween(acquiredBy(world, plan), plan.until, plan.until)
}

/** Builds possible today with what is owned. */
export function possibleToday(world: World): string[] {
  const kit = kitOf(world.library, world.workspace.items)
  const context = fitContext(world)
  return world.workspace.builds
    .filter((build) => !isDone(build) && fitBuild(context, kit, build).gaps.length === 0)
    .map(({ id }) => id)
}
