import { isBegun, isDone, type Build } from '../builds'
import { EMPTY_SET, avoiding, entryOfOffer, makeFitter, union, type Buyable, type Fitter, type NeedSet } from '../fit'
import { issue, must, sumOf, type Issue } from '../kernel'
import { findOffer, priceOf } from '../prices'
import { workspaceHash, type Pin, type Plan, type World } from '../workspace'
import { Draft, gridOf, type Grid } from './draft'
import { evaluate, type Report } from './evaluate'
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
  readonly why: 'no-way' | 'money' | 'hours' | 'does-not-pay'
  /** All-in cost of the cheapest way in, where there is one. */
  readonly cost?: number | undefined
}

/** Ways in that are looked at per build at each step, and those of them that are dated. */
const WAYS_SEEN = 8
const WAYS_TRIED = 2

/** An option with what its purchases take off the cost of the other builds' ways in. */
interface Weighed extends PlanOption {
  readonly credit: number
}

type Score = (option: Weighed) => number

/** The order in which options are taken; the best plan of all these orders is kept. */
const SCORES: readonly Score[] = [
  ({ gain, credit, outlay }) => (gain + credit) / (outlay + 100),
  ({ gain, outlay }) => gain / (outlay + 100),
  ({ gain, credit }) => gain + credit,
  ({ gain, slot }) => gain / (slot.doneDay + 14),
  ({ gain, build }) => (build.wished === undefined ? 0 : 1e12) + gain
]

interface Run {
  readonly draft: Draft
  planned: NeedSet
  remaining: Build[]
}

/** Purchases pinned by the user, with the protection they need that nobody owns. */
function bookPins(run: Run, world: World): void {
  for (const pin of world.workspace.pins) {
    const offer = findOffer(world.pricing, pin.offer)
    const tool = offer && world.library.tools.get(offer.tool)
    const price = offer && priceOf(world.pricing, offer, pin.date)
    if (!offer || !tool || !price || pin.date < world.asOf || pin.date > world.until) continue
    const day = run.draft.dayOf(pin.date)
    const buyable = (run.draft.fitter.market.get(tool.id) ?? []).find(({ id }) => id === offer.id) ?? { id: offer.id, entry: entryOfOffer(tool, offer, 1), payment: price.payment, allIn: price.allIn, typical: price.typical, offer }
    buyNow(run, buyable, pin.count, day)
    for (const protection of tool.needs) {
      if (run.draft.kitAt(day).protects.has(protection)) continue
      const gear = (world.library.protectionFor.get(protection) ?? []).flatMap(({ id }) => run.draft.fitter.market.get(id) ?? []).sort((a, b) => a.allIn - b.allIn)[0]
      if (gear) buyNow(run, gear, 1, day)
    }
  }
}

function buyNow(run: Run, buyable: Buyable, count: number, day: number): void {
  run.draft.buy({ offer: buyable.id, count, price: buyable.payment * count }, day, { ...buyable.entry, count })
  const more = (run.planned.get(buyable.id)?.count ?? 0) + count
  run.planned = union(run.planned, new Map([[buyable.id, { buyable, count: more }]]))
}

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
function optionsOf(run: Run, fitter: Fitter, only: readonly Build[], hopeful: boolean): Weighed[] {
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
function greedy(run: Run, fitter: Fitter, score: Score): void {
  for (;;) {
    const gaining = optionsOf(run, fitter, run.remaining, true).filter(({ gain }) => gain > 0)
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
      const option = optionsOf(trial, fitter, [build], false).sort((a, b) => b.gain - a.gain)[0]
      if (!option) continue
      accept(trial, option)
      total += option.gain
      if (total > best.total + 1e-6) best = { run: fork(trial), total }
    }
  }
  return best.run
}

export function planOf(world: World, draft: Pick<Draft, 'purchases' | 'slots'>): Plan {
  const byDate = <T extends { date: string }>(a: T, b: T): number => (a.date < b.date ? -1 : a.date > b.date ? 1 : 0)
  return {
    format: 'frugal-ledger/plan',
    version: 1,
    workspace: { id: world.workspace.id, hash: workspaceHash(world.workspace) },
    libraryVersion: world.library.version,
    asOf: world.asOf,
    until: world.until,
    purchases: [...draft.purchases].sort(byDate),
    builds: draft.slots.map(({ planned }) => planned).sort((a, b) => (a.begin < b.begin ? -1 : a.begin > b.begin ? 1 : 0))
  }
}

const pinRules = (broken: readonly Issue[]): Issue[] => broken.filter(({ path }) => path[0] === 'purchases' || path[0] === 'pins' || path.length === 0)

/** What the pins alone come to. */
function pinsAlone(world: World, fitter: Fitter, pins: readonly Pin[]): Issue[] {
  const only: World = { ...world, workspace: { ...world.workspace, pins } }
  const run: Run = { draft: new Draft(only, fitter), planned: EMPTY_SET, remaining: [] }
  bookPins(run, only)
  return pinRules(evaluate(only, planOf(only, run.draft)).broken)
}

/** The smallest set of pins (by leaving out one after another) that cannot hold together; empty when all hold. */
export function pinClash(world: World, fitter: Fitter = makeFitter(world)): { pins: readonly Pin[]; broken: readonly Issue[] } {
  let clash = world.workspace.pins
  let broken = pinsAlone(world, fitter, clash)
  if (broken.length === 0) return { pins: [], broken: [] }
  for (const pin of clash) {
    const without = clash.filter((other) => other !== pin)
    const still = pinsAlone(world, fitter, without)
    if (still.length > 0) [clash, broken] = [without, still]
  }
  return { pins: clash, broken }
}

function unopened(run: Run, fitter: Fitter): Unopened[] {
  return run.remaining.map((build): Unopened => {
    const way = fitter.waysIn(build, run.planned, 1)[0]
    if (!way) return { build: build.id, why: 'no-way' }
    const option = optionFor(run.draft, build, way.set, run.planned)
    if (option) return { build: build.id, why: 'does-not-pay', cost: way.cost }
    const affordable = run.draft.affordableFrom(way.cost, 0) !== undefined
    return { build: build.id, why: affordable ? 'hours' : 'money', cost: way.cost }
  })
}

interface Finished {
  readonly run: Run
  readonly plan: Plan
  readonly report: Report
  readonly score: Score
}

function finish(world: World, fitter: Fitter, grid: Grid, score: Score): Finished {
  const run = start(world, fitter, grid)
  greedy(run, fitter, score)
  const joined = together(run, fitter)
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
  let best = bestOf(SCORES.map((score) => {
    const trial = finish(world, fitter, grid, score)
    onPlan(trial.plan)
    return trial
  }))
  best = regret(world, fitter, grid, best, reconsider, onPlan)
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
