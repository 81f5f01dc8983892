import { fitContext } from '../fit'
import { issue, sumOf, type Issue } from '../kernel'
import type { Minor } from '../money'
import { findBuild, workspaceHash, type Plan, type World } from '../workspace'
import {
  checkCap,
  checkCash,
  cashMovements,
  type CashMovement,
  type DayBalance
} from './evaluate-cash'
import { checkHours } from './evaluate-hours'
import { acquisitions, checkProtection, checkSpace } from './acquired'
import { checkPurchases, checkSavings } from './evaluate-purchases'
import { checkResales } from './resale'
import { fromPurse } from './terms'
import { checkBuild } from './evaluate-builds'
import { checkHired } from './evaluate-hired'
import { type EvaluatedBuild, type PlanValue, valueOf, type Replayed } from './value'

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

/** What is worth saying of a plan that breaks no rule: it was made for another state, or with another library. */
function notesOn(world: World, plan: Plan): Issue[] {
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
  return notes
}

/** All that moves in the purse: purchases, builds, what is sold, what deals take off. */
function movementsOf(
  world: World,
  plan: Plan,
  { list, checked, resold }: Pick<Replayed, 'list' | 'checked' | 'resold'>
): CashMovement[] {
  return cashMovements(
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
      amount: fromPurse(world, build, payment),
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
}

/** A plan replayed day by day, not yet priced. */
interface Replay extends Omit<Report, 'value' | 'notes'> {
  readonly replayed: Replayed
}

function replay(world: World, plan: Plan): Replay {
  const broken: Issue[] = []
  const context = fitContext(world)
  const list = checkPurchases(world, plan, broken)
  const resold = checkResales(world, plan, list, broken)
  const acquired = acquisitions(world, plan, list, resold)
  checkProtection(list, acquired, broken)
  checkSpace(world, acquired, broken)
  checkSavings(world, plan, list, broken)
  checkPinsAndRepeats(world, plan, broken)
  const checked = plan.builds.flatMap(
    (planned, index) => checkBuild({ world, context, acquired, broken }, planned, index) ?? []
  )
  checkHired(list, checked, broken)
  checkHours(
    world,
    plan,
    new Map(checked.map(({ planned, minutes }) => [planned, minutes])),
    broken
  )
  const movements = movementsOf(world, plan, { list, checked, resold })
  const balances = checkCash(world, movements, broken)
  const spent = sumOf(movements, ({ kind, amount }) =>
    kind === 'payment' || kind === 'saving' ? -amount : 0
  )
  checkCap(world, spent, broken)
  const builds = checked.map(({ planned: { build, begin, done }, minutes }) => ({
    build,
    begin,
    done,
    minutes
  }))
  const replayed = { world, checked, movements, acquired, list, resold }
  return { broken, balances, builds, spent, movements, replayed }
}

/** The rules a plan breaks, as `evaluate` finds them, without its price. */
export const rulesBroken = (world: World, plan: Plan): readonly Issue[] =>
  replay(world, plan).broken

/**
 * Replays a plan day by day against the rules of docs/model.md, 5, and prices it. Knows nothing of how the plan was made; it is the only
 * judge of what is feasible. Every broken rule is reported, with the place in the plan and the figures.
 */
export function evaluate(world: World, plan: Plan): Report {
  const { replayed, ...rest } = replay(world, plan)
  return { ...rest, notes: notesOn(world, plan), value: valueOf(replayed) }
}
