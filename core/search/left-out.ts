import type { Plan } from '../workspace'
import { orderOf, type Decoder, type Order } from './decoder'
import { Moves, insert } from './moves'
import type { Problem } from './problem'

/** A build left out, with why: no set of tools opens it, the money, the hours or the floor do not reach, or it does not pay. */
export interface Unopened {
  readonly build: string
  readonly why: 'no-way' | 'money' | 'hours' | 'space' | 'does-not-pay'
  /** What the cheapest purchases for it would cost besides those of the plan, where there are any. */
  readonly cost?: number | undefined
}

/** Why builds are not in a plan: each is put at its end and, where that fails, tried again with one limit after another lifted. */
export function leftOut(problem: Problem, decoder: Decoder, best: Order, plan: Plan): Unopened[] {
  const planned = new Set(plan.builds.map(({ build }) => build))
  const moves = new Moves(problem, () => 0.5)
  const trial = orderOf(best.codes.length + 40)
  const seen = new Set<string>(problem.hopeless)
  const found: Unopened[] = problem.hopeless.map((build) => ({ build, why: 'no-way' }))
  const { evaluations } = decoder
  for (const job of problem.wanted) {
    const { id } = problem.jobs[job]!.build
    if (planned.has(id) || seen.has(id)) continue
    seen.add(id)
    copyInto(best, trial)
    insert(trial, moves.unlock(trial, job, trial.length, 0), job)
    const why = reason(problem, decoder, trial, job)
    found.push(why)
  }
  decoder.evaluations = evaluations
  return found
}

function copyInto(from: Order, to: Order): void {
  for (let i = 0; i < from.length; i++)
    [to.codes[i], to.notBefore[i]] = [from.codes[i] as number, from.notBefore[i] as number]
  to.length = from.length
}

function reason(problem: Problem, decoder: Decoder, trial: Order, job: number): Unopened {
  const build = problem.jobs[job]!.build.id
  const costOf = (): number =>
    decoder.bought
      .filter((one) => one.job === job)
      .reduce(
        (sum, { choice, count, moment }) =>
          sum + count * (problem.choices[choice]?.cash[moment] ?? 0),
        0
      )
  const tries = (['none', 'money', 'hours', 'space'] as const).map((lift) => {
    decoder.lift = lift
    decoder.decode(trial, true)
    return { lift, done: decoder.scheduled[job] === 1, cost: costOf() }
  })
  decoder.lift = 'all'
  decoder.decode(trial, true)
  const rich = decoder.scheduled[job] === 1 ? costOf() : undefined
  decoder.lift = 'none'
  const first = tries.find(({ done }) => done)
  if (!first)
    return rich === undefined ? { build, why: 'no-way' } : { build, why: 'money', cost: rich }
  const why = first.lift === 'none' ? 'does-not-pay' : first.lift
  return { build, why, cost: first.cost }
}
