import { isDone } from '../builds'
import { TOLERANCE, issue, type Issue } from '../kernel'
import type { Pin, Plan, World } from '../workspace'
import { evaluate, type Report, emptyPlan, pinClash } from '../plan'
import { Search, type Manner } from './anneal'
import { orderFrom } from './order-from'
import { problemOf, type Problem } from './problem'
import { settle, type Settled } from './settle'
import { leftOut, type Unopened } from './left-out'

/** How far planning has come. */
export interface Effort {
  readonly evaluations: number
  readonly rounds: number
}

/** The best order a search has met, as it is told to another search of the same problem. */
export interface Told {
  readonly codes: Int32Array
  readonly genes: Int32Array
  /** As decoded, minor units at today's worth. */
  readonly value: number
}

/** What planning came to. `clash` keeps no plan: the named pins cannot hold together. */
export type Outcome =
  | {
      readonly kind: 'planned'
      readonly plan: Plan
      readonly report: Report
      readonly unopened: readonly Unopened[]
      /** Operations of which not all ways could be looked at: there are too many. */
      readonly curtailed: readonly string[]
      readonly effort: Effort
    }
  | {
      readonly kind: 'nothing-pays'
      readonly plan: Plan
      readonly report: Report
      readonly unopened: readonly Unopened[]
      /** Operations of which not all ways could be looked at: there are too many. */
      readonly curtailed: readonly string[]
      readonly effort: Effort
    }
  | { readonly kind: 'no-builds'; readonly plan: Plan; readonly report: Report }
  | { readonly kind: 'clash'; readonly pins: readonly Pin[]; readonly broken: readonly Issue[] }

/** Plans a workspace step by step: better plans as they are found, the same for the same seed and number of evaluations. */
export class Planner {
  private readonly search: Search
  private settledFor = -Infinity
  private polishedFor: number | undefined
  private settled: Settled | undefined

  /**
   * @param from an earlier plan to begin from
   * @param manner how the search goes about it
   */
  constructor(
    readonly world: World,
    seed = 1,
    from?: Plan,
    readonly problem: Problem = problemOf(world),
    manner?: Manner
  ) {
    this.search = new Search(problem, seed, from && orderFrom(problem, from), manner)
    this.best()
  }

  get effort(): Effort {
    return { evaluations: this.search.evaluations, rounds: this.search.rounds }
  }

  /** Value of the best order found, before it is settled to the day: for deciding whether settling it is worth while. */
  get value(): number {
    return this.search.bestValue
  }

  /** Goes on until so many evaluations have been made altogether. */
  advance(evaluations: number): void {
    this.search.advance(evaluations)
  }

  /** The best order met so far, for another search. */
  told(): Told {
    const { best, bestValue: value } = this.search
    const { codes, genes, length } = best
    return { codes: codes.slice(0, length), genes: genes.slice(0, length), value }
  }

  /** Goes on from what another search has met, where that is better. */
  hear({ codes, genes, value }: Told): void {
    this.search.keep({ codes, genes, length: codes.length }, value)
  }

  /** Polishes the best plan so far. */
  private polish(): void {
    if (this.polishedFor === this.search.bestValue) return
    const { state } = this.search.decoding
    const { evaluations } = state
    this.search.polish(POLISHING)
    state.evaluations = evaluations
    this.polishedFor = this.search.bestValue
    this.settledFor = -Infinity
  }

  /** The best plan so far, accepted by the evaluator. */
  best(): Settled {
    if (this.settled && this.search.bestValue <= this.settledFor + TOLERANCE) return this.settled
    this.settledFor = this.search.bestValue
    const { state } = this.search.decoding
    const { evaluations } = state
    const next = settle(this.problem, this.search.decoding, this.search.best)
    state.evaluations = evaluations
    const better =
      this.settled === undefined ||
      (next.report.broken.length === 0 &&
        (this.settled.report.broken.length > 0 ||
          next.report.value.total > this.settled.report.value.total))
    if (better) this.settled = next
    return this.settled ?? next
  }

  /** What planning came to, with the best plan polished. */
  outcome(): Outcome {
    this.polish()
    const { plan, report } = this.best()
    const kind =
      plan.builds.length === 0 && plan.purchases.length === 0 ? 'nothing-pays' : 'planned'
    return {
      kind,
      plan,
      report,
      unopened: leftOut(this.problem, this.search.decoding, this.search.best, plan),
      curtailed: this.problem.curtailed,
      effort: this.effort
    }
  }
}

export interface PlanOptions {
  /** Plans tried; 12 000 by default. */
  readonly evaluations?: number
  readonly seed?: number
  /** An earlier plan to begin from. */
  readonly from?: Plan | undefined
  /** Called with each better plan as it is found; the first comes at once. */
  readonly onPlan?: (plan: Plan, report: Report) => void
}

const EVALUATIONS = 12_000
/** Evaluations that polishing may take at the end. */
const POLISHING = 6000
/** Evaluations between two looks at whether something better has been found. */
const LOOK = 2000

/** What can be said before any search: pins that clash, nothing to build. */
export function settledBefore(world: World): Outcome | undefined {
  const clash = pinClash(world)
  if (clash.pins.length > 0) return { kind: 'clash', ...clash }
  if (world.workspace.builds.some((build) => !isDone(build)) || world.workspace.pins.length > 0)
    return undefined
  const plan = emptyPlan(world)
  return { kind: 'no-builds', plan, report: evaluate(world, plan) }
}

/** Plans a workspace with a fixed number of evaluations; equal worlds, seeds and numbers give equal plans. */
export function makePlan(world: World, options: PlanOptions = {}): Outcome {
  const { evaluations = EVALUATIONS, seed = 1, from, onPlan = () => undefined } = options
  const before = settledBefore(world)
  if (before) return before
  const planner = new Planner(world, seed, from)
  let shown: Plan | undefined
  const show = (): void => {
    const { plan, report } = planner.best()
    if (plan !== shown && report.broken.length === 0) onPlan(plan, report)
    shown = plan
  }
  show()
  while (planner.effort.evaluations < evaluations) {
    const before_ = planner.effort.evaluations
    planner.advance(Math.min(evaluations, before_ + LOOK))
    show()
    if (planner.effort.evaluations === before_) break
  }
  return planner.outcome()
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
