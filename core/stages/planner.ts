import { isBegun, isDone, type Build } from '../builds'
import { EMPTY_SET, avoiding, entriesOf, makeFitter, union, type Fitter, type NeedSet } from '../fit'
import { issue, must, sumOf, type Issue } from '../kernel'
import { buildMaterial, type Pin, type Plan, type World } from '../workspace'
import { Draft, gridOf, type Grid } from './draft'
import { evaluate, type Report } from './evaluate'
import { bookPins, pinClash, planOf, type Run } from './pins'
import { hopeOf, optionFor, take, type PlanOption } from './option'
import { quickerWays } from './quicker'

/** What planning came to. `clash` keeps no plan: the named pins cannot hold together. */
export type Outcome =
  | { readonly kind: 'planned'; readonly plan: Plan; readonly report: Report; readonly unopened: readonly Unopened[] }
  | { readonly kind: 'nothing-pays'; readonly plan: Plan; readonly report: Report; readonly unopened: readonly Unopened[] }
  | { readonly kind: 'no-builds'; readonly plan: Plan; readonly report: Report }
  | { readonly kind: 'clash'; readonly pins: readonly Pin[]; readonly broken: readonly Issue[] }

/** A build left out, with why: no set of tools opens it, the money or the hours do not reach, or it does not pay. */
export interface Unopened {
  readonly build: string
  readonly why: 'no-way' | 'money' | 'hours' | 'space' | 'does-not-pay'
  /** All-in cost of the cheapest way in, where there is one. */
  readonly cost?: number | undefined
}

/** Ways in that are looked at per build at each step, and those of them that are dated. */
const WAYS_SEEN = 8
const WAYS_TRIED = 2

/** How widely options are looked for: the cheapest way in alone, for a first plan at once, or several with what they share. */
type Breadth = 'cheapest' | 'several'

/** An option with what its purchases take off the cost of the other builds' ways in. */
interface Weighed extends PlanOption {
  readonly credit: number
}

type Score = (option: Weighed) => number

const byReturn: Score = ({ gain, outlay }) => gain / (outlay + 100)

/** The order in which options are taken; the best plan of all these orders is kept. */
const SCORES: readonly Score[] = [
  ({ gain, credit, outlay }) => (gain + credit) / (outlay + 100),
  byReturn,
  ({ gain, credit }) => gain + credit,
  ({ gain, slot }) => gain / (slot.doneDay + 14),
  ({ gain, build }) => (build.wished === undefined ? 0 : 1e12) + gain
]

/** Builds already begun go on first; their material is paid. */
function bookBegun(run: Run): void {
  for (const build of run.remaining.filter(isBegun)) {
    const slot = run.draft.slotFor(build, 0)
    if (slot) run.draft.book(build, slot)
    if (slot) run.remaining = run.remaining.filter((other) => other !== build)
  }
}

function start(world: World, fitter: Fitter, grid: Grid): Run {
  const run: Run = { draft: new Draft(world, fitter, grid), planned: EMPTY_SET, remaining: world.workspace.builds.filter((build) => !isDone(build)) }
  bookPins(run, world)
  bookBegun(run)
  return run
}

/**
 * Everything that could be done next: each remaining build with its cheapest ways in and, where hours or fees count, quicker ones.
 * @param only builds to look at
 * @param hopeful leaves out what cannot gain by itself
 */
function optionsOf(run: Run, fitter: Fitter, only: readonly Build[], hopeful: boolean, breadth: Breadth): Weighed[] {
  if (breadth === 'cheapest')
    return only.flatMap((build) => {
      const set = fitter.waysIn(build, run.planned, 1)[0]?.set
      const option = set && (!hopeful || hopeOf(run.draft, build, set, run.planned) > 0) ? optionFor(run.draft, build, set, run.planned) : undefined
      return option ? [{ ...option, credit: 0 }] : []
    })
  const costs = new Map(run.remaining.map((build) => [build, fitter.waysIn(build, run.planned, 1)[0]?.cost]))
  const creditOf = (build: Build, set: NeedSet): number => {
    const planned = union(run.planned, set)
    return sumOf(run.remaining, (other) => {
      const before = other === build ? undefined : costs.get(other)
      const after = before === undefined || before === 0 ? undefined : fitter.waysIn(other, planned, 1)[0]?.cost
      return before === undefined || after === undefined ? 0 : Math.max(0, before - after)
    })
  }
  return only.flatMap((build) => {
    const weighed = [...fitter.waysIn(build, run.planned, WAYS_SEEN).map(({ set }) => set), ...quickerWays(fitter, build)]
      .map((set) => ({ set, hope: hopeOf(run.draft, build, set, run.planned), credit: creditOf(build, set) }))
      .filter(({ hope }) => !hopeful || hope > 0)
    const [cheapest, ...others] = weighed
    if (!cheapest) return []
    const tried = [cheapest, ...others.sort((a, b) => b.hope + b.credit - a.hope - a.credit).slice(0, WAYS_TRIED)]
    return tried.flatMap(({ set, credit }) => {
      const option = optionFor(run.draft, build, set, run.planned)
      return option ? [{ ...option, credit }] : []
    })
  })
}

function accept(run: Run, option: PlanOption): void {
  take(run.draft, option)
  run.planned = union(run.planned, option.set)
  run.remaining = run.remaining.filter(({ id }) => id !== option.build.id)
}

const fork = (run: Run): Run => ({ draft: run.draft.copy(), planned: run.planned, remaining: [...run.remaining] })

/** Takes the best-scored option that gains, until none does. */
function greedy(run: Run, fitter: Fitter, score: Score, breadth: Breadth): void {
  for (;;) {
    const gaining = optionsOf(run, fitter, run.remaining, true, breadth).filter(({ gain }) => gain > 0)
    if (gaining.length === 0) return
    accept(run, gaining.reduce((best, option) => (score(option) > score(best) ? option : best)))
  }
}

/**
 * Orders of builds that, dates apart, pay together though none of them pays alone: from each build on, the one that adds most (or
 * loses least) follows, for as long as there are any. Cut after the best point; empty orders are left out.
 */
function hopefulGroups(run: Run, fitter: Fitter): Build[][] {
  return run.remaining.flatMap((seed) => {
    const order: Build[] = []
    let planned = run.planned
    let total = 0
    let best = { length: 0, total: 0 }
    let next: Build | undefined = seed
    while (next) {
      const way: NeedSet | undefined = fitter.waysIn(next, planned, 1)[0]?.set
      if (!way) break
      total += hopeOf(run.draft, next, way, planned)
      planned = union(planned, way)
      order.push(next)
      if (total > best.total) best = { length: order.length, total }
      const rest = run.remaining.filter((build) => !order.includes(build))
      const hopes = rest.flatMap((build) => fitter.waysIn(build, planned, 1).map(({ set }) => ({ build, hope: hopeOf(run.draft, build, set, planned) })))
      next = hopes.sort((a, b) => b.hope - a.hope)[0]?.build
    }
    return best.length > 1 ? [order.slice(0, best.length)] : []
  })
}

/** Where no single build pays for its tools, several together may: books the group that gains most, if any does. */
function together(run: Run, fitter: Fitter): Run {
  let best: { run: Run; total: number } = { run, total: 0 }
  const tried = new Set<string>()
  for (const group of hopefulGroups(run, fitter)) {
    const key = group.map(({ id }) => id).sort().join()
    if (tried.has(key)) continue
    tried.add(key)
    const trial = fork(run)
    let total = 0
    for (const build of group) {
      const option = optionsOf(trial, fitter, [build], false, 'several').sort((a, b) => b.gain - a.gain)[0]
      if (!option) continue
      accept(trial, option)
      total += option.gain
      if (total > best.total + 1e-6) best = { run: fork(trial), total }
    }
  }
  return best.run
}

function unopened(run: Run, fitter: Fitter): Unopened[] {
  return run.remaining.map((build): Unopened => {
    const way = fitter.waysIn(build, run.planned, 1)[0]
    if (!way) return { build: build.id, why: 'no-way' }
    const option = optionFor(run.draft, build, way.set, run.planned)
    if (option) return { build: build.id, why: 'does-not-pay', cost: way.cost }
    const added = sumOf(entriesOf(way.set), ({ tool, count }) => tool.storedM2 * count)
    if (added > run.draft.freeFloor + 1e-9) return { build: build.id, why: 'space', cost: way.cost }
    const affordable = run.draft.affordableFrom(way.cost + buildMaterial(run.draft.world, build), 0) !== undefined
    return { build: build.id, why: affordable ? 'hours' : 'money', cost: way.cost }
  })
}

interface Finished {
  readonly run: Run
  readonly plan: Plan
  readonly report: Report
  readonly score: Score
}

function finish(world: World, fitter: Fitter, grid: Grid, score: Score, breadth: Breadth = 'several'): Finished {
  const run = start(world, fitter, grid)
  greedy(run, fitter, score, breadth)
  const joined = breadth === 'cheapest' ? run : together(run, fitter)
  const plan = planOf(world, joined.draft)
  return { run: joined, plan, report: evaluate(world, plan), score }
}

/** Sound plans before unsound ones, then the greatest value. */
function bestOf(finished: readonly Finished[]): Finished {
  const sound = finished.filter(({ report }) => report.broken.length === 0)
  return must((sound.length > 0 ? sound : [...finished]).sort((a, b) => b.report.value.total - a.report.value.total)[0], 'a finished plan')
}

/**
 * Hindsight: a tool bought early for one build is often made needless by what is bought later. Each purchase in turn is forbidden
 * and the plan made again; where that is better, it stays forbidden.
 */
function regret(world: World, fitter: Fitter, grid: Grid, first: Finished, most: number, onPlan: (plan: Plan) => void): Finished {
  let best = first
  let avoid = new Set<string>()
  const pinned = new Set(world.workspace.pins.map(({ offer }) => offer))
  for (const { offer } of first.plan.purchases.slice(0, most)) {
    if (pinned.has(offer)) continue
    const trial = finish(world, avoiding(fitter, new Set([...avoid, offer])), grid, best.score)
    if (trial.report.broken.length > 0 || trial.report.value.total <= best.report.value.total) continue
    avoid = new Set([...avoid, offer])
    best = trial
    onPlan(trial.plan)
  }
  return best
}

/** Leaves out purchases that no build of the plan needs any more: what came later has taken their place. */
function pruned(world: World, finished: Finished): Finished {
  const pinned = (purchase: Plan['purchases'][number]): boolean => world.workspace.pins.some(({ offer, date }) => offer === purchase.offer && date === purchase.date)
  let { plan, report } = finished
  if (report.broken.length > 0) return finished
  for (const purchase of finished.plan.purchases) {
    if (pinned(purchase)) continue
    const without = { ...plan, purchases: plan.purchases.filter(({ id }) => id !== purchase.id) }
    const then = evaluate(world, without)
    if (then.broken.length === 0 && then.value.total >= report.value.total) [plan, report] = [without, then]
  }
  return { ...finished, plan, report }
}

export interface PlanOptions {
  /** A fitter made for this world; a new one by default. */
  readonly fitter?: Fitter
  /** How many purchases of the first plan are reconsidered in hindsight, from the earliest on; 8 by default, 0 for none. */
  readonly reconsider?: number
  /** Called with each plan as it is found; the first comes within a fraction of the whole time. */
  readonly onPlan?: (plan: Plan) => void
}

/**
 * A first plan: builds with their ways in are added greedily in several orders, each payment held back until it leaves all later
 * balances above the reserve; the order whose plan the evaluator values most is kept. Never empty where a set pays.
 */
export function makePlan(world: World, options: PlanOptions = {}): Outcome {
  const { fitter = makeFitter(world), reconsider = 8, onPlan = () => undefined } = options
  const grid = gridOf(world)
  const clash = pinClash(world, fitter)
  if (clash.pins.length > 0) return { kind: 'clash', ...clash }
  const empty = start(world, fitter, grid)
  if (empty.remaining.length === 0 && empty.draft.slots.length === 0) {
    const plan = planOf(world, empty.draft)
    return { kind: 'no-builds', plan, report: evaluate(world, plan) }
  }
  const first = finish(world, fitter, grid, byReturn, 'cheapest')
  onPlan(first.plan)
  let best = bestOf([first, ...SCORES.map((score) => {
    const trial = finish(world, fitter, grid, score)
    onPlan(trial.plan)
    return trial
  })])
  best = pruned(world, regret(world, fitter, grid, best, reconsider, onPlan))
  const kind = best.plan.builds.length === 0 && best.plan.purchases.length === 0 ? 'nothing-pays' : 'planned'
  return { kind, plan: best.plan, report: best.report, unopened: unopened(best.run, fitter) }
}

export const outcomeIssues = (outcome: Outcome): readonly Issue[] => {
  switch (outcome.kind) {
    case 'clash':
      return outcome.broken
    case 'no-builds':
      return [issue('plan.no-builds')]
    case 'nothing-pays':
      return [issue('plan.nothing-pays')]
    case 'planned':
      return outcome.report.broken
  }
}
