import { sumOf } from '../kernel'
import type { Plan } from '../workspace'
import { decode, type Decoding } from './decode'
import { copyOrder, insert, orderOf, type Order } from './order'
import type { Problem } from './problem'
import { supplyFor, supplyOf } from './supply'

/** A build left out, with why: no set of tools opens it, the money, the hours or the floor do not reach, or it does not pay. */
export interface Unopened {
  readonly build: string
  readonly why: 'no-way' | 'money' | 'late' | 'hours' | 'space' | 'does-not-pay'
  /** What the cheapest purchases for it would cost besides those of the plan, where there are any. */
  readonly cost?: number | undefined
  /** Where it does not pay: how much less the plan would be worth with it. */
  readonly loses?: number | undefined
}

/** Why builds are not in a plan: each is put at its end and, where that fails, tried again with one limit after another lifted. */
export function leftOut(problem: Problem, decoding: Decoding, best: Order, plan: Plan): Unopened[] {
  const planned = new Set(plan.builds.map(({ build }) => build))
  const supply = supplyOf(problem, () => 0.5)
  const trial = orderOf(best.codes.length + 40)
  const seen = new Set<string>(problem.hopeless)
  const found: Unopened[] = problem.hopeless.map((build) => ({ build, why: 'no-way' }))
  const { evaluations } = decoding.state
  const value = decode(decoding, best)
  // What is still in the purse above the reserve when the plan is over.
  const left = decoding.state.cash.at(-1) ?? 0
  for (const activity of problem.wanted) {
    const { id } = problem.activities[activity]!.build
    if (planned.has(id) || seen.has(id)) continue
    seen.add(id)
    copyOrder(best, trial)
    insert(trial, supplyFor(supply, trial, activity, trial.length, 0), activity)
    found.push(reason(problem, decoding, trial, { activity, value, left }))
  }
  decoding.state.evaluations = evaluations
  return found
}

const LIFTS = ['none', 'money', 'hours', 'space', 'all'] as const

function reason(
  problem: Problem,
  decoding: Decoding,
  trial: Order,
  { activity, value, left }: { activity: number; value: number; left: number }
): Unopened {
  const { state } = decoding
  const build = problem.activities[activity]!.build.id
  const tries = LIFTS.map((lift) => {
    state.lift = lift
    const worth = decode(decoding, trial, true)
    const cost = sumOf(
      state.bought.filter((one) => one.activity === activity),
      ({ choice, count, event }) => count * (problem.choices[choice]?.cash[event] ?? 0)
    )
    return { lift, done: state.scheduled[activity] === 1, cost, worth }
  })
  state.lift = 'none'
  const first = tries.find(({ done }) => done)
  if (!first) return { build, why: 'no-way' }
  const { lift, cost, worth } = first
  if (lift === 'none')
    return { build, why: 'does-not-pay', cost, loses: Math.max(0, value - worth) }
  if (lift === 'hours' || lift === 'space') return { build, why: lift, cost }
  // Where the purse could pay for it in the end, it is the time that is lacking.
  return { build, why: cost <= left ? 'late' : 'money', cost }
}
