import { sumOf } from '../kernel'
import type { Plan } from '../workspace'
import { decode, type Decoding } from './decode'
import { copyOrder, insert, orderOf, type Order } from './order'
import type { Problem } from './problem'
import { supplyFor, supplyOf } from './supply'

/** A build left out, with why: no set of tools opens it, the money, the hours or the floor do not reach, or it does not pay. */
export interface Unopened {
  readonly build: string
  readonly why: 'no-way' | 'money' | 'hours' | 'space' | 'does-not-pay'
  /** What the cheapest purchases for it would cost besides those of the plan, where there are any. */
  readonly cost?: number | undefined
}

/** Why builds are not in a plan: each is put at its end and, where that fails, tried again with one limit after another lifted. */
export function leftOut(problem: Problem, decoding: Decoding, best: Order, plan: Plan): Unopened[] {
  const planned = new Set(plan.builds.map(({ build }) => build))
  const supply = supplyOf(problem, () => 0.5)
  const trial = orderOf(best.codes.length + 40)
  const seen = new Set<string>(problem.hopeless)
  const found: Unopened[] = problem.hopeless.map((build) => ({ build, why: 'no-way' }))
  const { evaluations } = decoding.state
  for (const activity of problem.wanted) {
    const { id } = problem.activities[activity]!.build
    if (planned.has(id) || seen.has(id)) continue
    seen.add(id)
    copyOrder(best, trial)
    insert(trial, supplyFor(supply, trial, activity, trial.length, 0), activity)
    found.push(reason(problem, decoding, trial, activity))
  }
  decoding.state.evaluations = evaluations
  return found
}

const LIFTS = ['none', 'money', 'hours', 'space', 'all'] as const

function reason(problem: Problem, decoding: Decoding, trial: Order, activity: number): Unopened {
  const { state } = decoding
  const build = problem.activities[activity]!.build.id
  const tries = LIFTS.map((lift) => {
    state.lift = lift
    decode(decoding, trial, true)
    const cost = sumOf(
      state.bought.filter((one) => one.activity === activity),
      ({ choice, count, event }) => count * (problem.choices[choice]?.cash[event] ?? 0)
    )
    return { lift, done: state.scheduled[activity] === 1, cost }
  })
  state.lift = 'none'
  const first = tries.find(({ done }) => done)
  if (!first) return { build, why: 'no-way' }
  const { lift, cost } = first
  return { build, why: lift === 'none' ? 'does-not-pay' : lift === 'all' ? 'money' : lift, cost }
}
